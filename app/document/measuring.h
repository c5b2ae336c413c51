#pragma once

#include "app/document/desk.h"
#include "core/measure/kinds.h"

namespace zokran {

/// What the learner measures on the two sheets.

/// Where an end lies on a sheet: a mark where it is placed there; a free place as it was put down, or
/// carried by the registration from the sheet it was put down on. Nothing where that is not known.
std::optional<PicturePoint> placeOf(const Desk& desk, const Anchor& anchor, bool onSketch, Side side);

/// What counts as one on a sheet: the learner's unit, or the nearer eye.
std::optional<Pixels> unitOn(const Desk& desk, Side side);

/// A measurement read on a sheet; nothing where its ends are not all known there.
std::optional<Reading> readingOn(const Desk& desk, const Measurement& measurement, Side side);

/// The measurement under way, of which some ends are put down, and one at a time with the pointer.
void putEnd(Desk& desk, Side side, const Anchor& anchor);
/// Closes a shape, or gives up what lacks ends.
void closeShape(Desk& desk);
/// Lays a whole measurement at once.
void layWhole(Desk& desk, const Measurement& measurement);
/// The measurement that would say most next: on the sketch against the photograph, or before there is a
/// sketch on the photograph against a head held straight.
std::optional<Measurement> nextMeasurement(const Desk& desk);
/// What the learner thinks a measurement's number is, or that they would rather be told.
void guessNumber(Desk& desk, std::size_t index, std::optional<double> guess);
void nameMeasurement(Desk& desk, std::size_t index, const std::string& name);
void removeMeasurement(Desk& desk, std::size_t index);
/// What counts as one from now on: the two ends of a measurement.
void makeUnit(Desk& desk, std::size_t index);
void usualUnit(Desk& desk);

} // namespace zokran
