#pragma once

#include "core/fit/fit.h"

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace zokran {

/// An end of a measurement: a mark, wherever it lies on a sheet, or a free place.
struct Anchor {
    std::optional<Mark> mark;
    PicturePoint at{0, 0}; ///< of a free place, px of the sheet it was put down on
    bool operator==(const Anchor&) const = default;
};

/// A measurement as the learner laid it; its number follows from the sheet it is read on.
struct Measurement {
    std::string kind; ///< id of a MeasureKind
    std::vector<Anchor> anchors;
    bool onSketch = false; ///< laid on the sketch, not on the reference
    std::string name = {}; ///< the learner's own; may be empty
    /// What the learner thought the number would be, in the reading's unit, before it was told.
    std::optional<double> guessed = {};
    bool operator==(const Measurement&) const = default;
};

/// What a measurement is read on: its ends in px, and what lies round them.
struct MeasureGround {
    std::vector<PicturePoint> ends;
    Pixels unit;  ///< what counts as one: an eye, or what the learner chose
    Pixels noise; ///< one standard deviation of an end, in each direction
    double width = 0, height = 0; ///< of the picture
    const MarkSheet* marks = nullptr; ///< what a line may pass
    std::optional<View> view;         ///< of the fitted head, for what is wrapped round it
    const HeadMarks* head = nullptr;  ///< with `view`
};

/// What a number is: in units, in degrees, one length over another, in square units.
enum class ReadingUnit { Length, Angle, Share, Area };

/// How near a line passes a mark.
struct Pass {
    Mark mark;
    double by = 0; ///< in units; which way the kind says
};

/// A measurement read on a sheet: what is drawn there, and its number.
struct Reading {
    double value = 0, sigma = 0; ///< in `unit`
    ReadingUnit unit = ReadingUnit::Length;
    std::vector<std::vector<PicturePoint>> lines;
    struct Number {
        PicturePoint at;
        std::string text;
    };
    std::vector<Number> numbers; ///< short ones that stand along the lines, as a count of units
    PicturePoint labelAt{0, 0};  ///< where the measurement's own number stands
    std::vector<Pass> passes;    ///< the nearest first
};

/// A way of measuring.
struct MeasureKind {
    std::string_view id;
    const char* name;  ///< in English, for the phrasebook
    const char* about; ///< what it answers, one sentence
    std::size_t ends;  ///< how many it needs, four being two lines; 0: three or more, until closed
    Reading (*read)(const MeasureGround& ground);
};

/// The kinds, each in its own file of core/measure/kinds.
extern const MeasureKind stickKind, angleKind, anglesKind, levelKind, plumbKind, prolongKind, ratioKind,
    triangleKind, mirrorKind, shapeKind;

/// Whether this end and the one before belong to one line, and so must not fall together.
inline bool continuesLine(const MeasureKind& kind, std::size_t end) {
    return end > 0 && !(kind.ends == 4 && end == 2);
}

/// Every way of measuring, in the order practitioners reach for them.
std::span<const MeasureKind* const> measureKinds();

/// The kind with this id. Throws BadInput listing the ids there are.
const MeasureKind& measureKindNamed(std::string_view id);

/// Reads a measurement, with its doubt: one standard deviation, from the noise of its ends to first
/// order. Throws BadInput where the ends are too few or fall together.
Reading read(const MeasureKind& kind, const MeasureGround& ground);

} // namespace zokran
