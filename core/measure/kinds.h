#pragma once

#include "core/fit/fit.h"

#include <array>
#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

namespace zokran {

/// An end of a measurement: a mark, wherever it lies on a sheet, or a free place. A free place is set on each sheet by
/// hand: carried over by the registration it would agree with itself.
struct Anchor {
    std::optional<Mark> mark;
    PicturePoint at{0, 0};                      ///< of a free place, px of the sheet it was placed on
    std::optional<PicturePoint> elsewhere = {}; ///< the same on the other sheet, once it is set there
    std::optional<std::size_t> sketch = {};     ///< which sketch of the study it is set on; nothing: none, or the first
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
struct MeasureContext {
    std::vector<PicturePoint> ends;
    Pixels unit; ///< what counts as one: an eye, or what the learner chose
    /// Where that was itself measured, between these two places; then its noise counts too.
    std::optional<std::array<PicturePoint, 2>> unitEnds = {};
    Pixels noise; ///< one standard deviation of an end that is no mark, in each direction
    double width = 0, height = 0; ///< of the picture
    const MarkSheet* marks = nullptr; ///< what a line may pass
    std::optional<View> view;         ///< of the fitted head, for what is wrapped round it
    const HeadMarks* head = nullptr;  ///< with `view`
};

/// What a number is: in units, in degrees, one length over another, in square units, in ball radii.
enum class ReadingUnit { Length, Angle, Share, Area, HeadLength };

/// How near a line passes a mark, or a spot lies to it.
struct Clearance {
    Mark mark;
    /// In units; above zero the mark lies below a level line, right of a plumb line, to the right of a
    /// prolonged line as one walks along it. From a spot it has no sign.
    double by = 0;
    double sigma = 0; ///< one standard deviation, in units
};

/// A second number that a measurement gives.
struct SecondaryReading {
    std::string_view id; ///< in files
    const char* name;    ///< in English, to be translated
    double value = 0, sigma = 0;
    ReadingUnit unit = ReadingUnit::Length;
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
    std::vector<Clearance> clearances; ///< of all marks seen, the nearest first
    bool spot = false;           ///< what is passed is passed by a spot, not by a line
    std::vector<SecondaryReading> secondary;
};

/// A way of measuring.
struct MeasureKind {
    std::string_view id;
    const char* name;  ///< in English, to be translated
    const char* about; ///< what it answers, one sentence
    std::size_t ends;  ///< how many it needs, four being two lines; 0: three or more, until closed
    Reading (*read)(const MeasureContext& context);
    bool guessable = true; ///< its number can be said beforehand; not what a line happens to pass
};

/// The list, in the order practitioners reach for them: one name for each kind, defined in a file of core/measure/kinds.
#define ZOKRAN_MEASURE_KINDS \
    stickKind, angleKind, levelKind, plumbKind, ratioKind, prolongKind, triangleKind, anglesKind, mirrorKind, \
    fiveEyesKind, doubleKind, shapeKind
extern const MeasureKind ZOKRAN_MEASURE_KINDS;

/// Whether this end and the one before belong to one line, and so must not fall together.
inline bool continuesLine(const MeasureKind& kind, std::size_t end) {
    return end > 0 && !(kind.ends == 4 && end == 2);
}

/// Every way of measuring, in the order practitioners reach for them.
std::span<const MeasureKind* const> measureKinds();

/// The kind with this id. Throws BadInput listing the ids there are.
const MeasureKind& measureKindNamed(std::string_view id);

/// Reads a measurement, with the doubt of each number: one standard deviation, from the noise of its ends,
/// of the unit's and of the marks it passes, to first order. Places that fall together exactly are one
/// place and shake together; one that is a mark has the mark's noise. Throws BadInput where the ends are
/// too few or fall together.
Reading read(const MeasureKind& kind, const MeasureContext& context);

} // namespace zokran
