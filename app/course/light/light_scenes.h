#pragma once

#include "app/document/squint.h"

namespace zokran {

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
