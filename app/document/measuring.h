#pragma once

#include "app/document/open_study.h"
#include "core/measure/kinds.h"

namespace zokran {

/// What the learner measures on the two sheets.

/// Where an end lies on a sheet: a mark where it is placed there, a free place where it was set there. Nothing where it
/// was not.
std::optional<PicturePoint> placeOf(const OpenStudy& opened, const Anchor& anchor, bool onSketch, Side side);

/// Where a free end that is set on the other sheet is to be expected on this one, by the registration; for the learner to
/// look, never to be measured.
std::optional<PicturePoint> expectedPlaceOf(const OpenStudy& opened, const Anchor& anchor, bool onSketch, Side side);

/// A free end of the selected measurement that is set on the other sheet and not on this one.
struct OpenEnd {
    std::size_t measure = 0, end = 0;
    std::optional<PicturePoint> expected;
};
std::optional<OpenEnd> openEnd(const OpenStudy& opened, Side side);
/// Sets that end.
void setOpenEnd(OpenStudy& opened, Side side, const PicturePoint& at);

/// The corner of an eye that has to be marked on a sheet before anything can be measured there: the nearer eye is the unit,
/// unless the learner chose another. Nothing where there is a unit, or where both eyes are hidden.
std::optional<Mark> missingUnitCorner(const OpenStudy& opened, Side side);

/// What is to be placed on a sheet next before a measurement can be read there: a corner of the unit, or an open end.
struct OpenPlace {
    std::optional<Mark> corner; ///< nothing: an end
    std::size_t measure = 0, end = 0;
    std::optional<PicturePoint> expected;
    bool isSame(const OpenPlace& other) const { return corner == other.corner && measure == other.measure && end == other.end; }
};
std::optional<OpenPlace> openPlace(const OpenStudy& opened, Side side);
void setOpenPlace(OpenStudy& opened, Side side, const PicturePoint& at);

/// What counts as one on a sheet: the learner's unit, or the nearer eye.
std::optional<Pixels> unitOn(const OpenStudy& opened, Side side);

/// A measurement read on a sheet; nothing where its ends are not all known there.
std::optional<Reading> readingOn(const OpenStudy& opened, const Measurement& measurement, Side side);

/// Puts down an end: the open one of the selected measurement, or else the next of the measurement under way.
void putEnd(OpenStudy& opened, Side side, Anchor anchor);
/// Closes a shape, or gives up what lacks ends.
void closeShape(OpenStudy& opened);
/// Lays a whole measurement at once.
void layWhole(OpenStudy& opened, const Measurement& measurement);
/// The measurement that would say most next: on the sketch against the photograph, or before there is a
/// sketch on the photograph against a head held straight.
std::optional<Measurement> nextMeasurement(const OpenStudy& opened);
/// What the learner thinks a measurement's number is, or that they would rather be told.
void guessNumber(OpenStudy& opened, std::size_t index, std::optional<double> guess);
void nameMeasurement(OpenStudy& opened, std::size_t index, const std::string& name);
void removeMeasurement(OpenStudy& opened, std::size_t index);
/// What counts as one from now on: the two ends of a measurement.
void makeUnit(OpenStudy& opened, std::size_t index);
void usualUnit(OpenStudy& opened);

} // namespace zokran
