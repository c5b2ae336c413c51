#pragma once

#include "app/document/desk.h"

namespace zokran {

/// A sheet's picture in the values of the light, of which the head's shares are known once it is placed.
HeadLight::Squinted squintedOn(Desk& desk, Side side);

/// The values of photograph and drawing set against one another, while the sketch is shown; null while they are not, or
/// cannot be.
const ToneComparison* tonesOn(Desk& desk);
/// How many of its findings are shown; a learner mends a few at a time.
std::size_t shownTones(const ToneComparison& tones);

/// A place that is pointed out: the five lightest by number, the five darkest by letter.
struct SignedPlace {
    LitPlace place;
    QString sign;
    bool dark;
};
/// Of the head's form when that is shown; the lights first, each the strongest first.
std::vector<SignedPlace> signedPlaces(Desk& desk);

} // namespace zokran
