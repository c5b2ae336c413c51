#pragma once

#include "app/document/squint.h"

namespace zokran {

/// The values of photograph and drawing set against one another, while the sketch is shown; null while they are not, or
/// cannot be.
const ToneComparison* tonesOn(StudySession& session);
/// How many of its findings are shown; a learner mends a few at a time.
std::size_t shownTones(const ToneComparison& tones);

/// The letter by which a shadow's edge that has crept stands on the sheets and in the list.
QString shadowEdgeSign(std::size_t number);

/// A place that is pointed out: the five lightest by number, the five darkest by letter.
struct SignedPlace {
    LitPlace place;
    QString sign;
    bool dark;
};
/// Of the head's form when that is shown; the lights first, each the strongest first.
std::vector<SignedPlace> signedPlaces(StudySession& session);

/// A term of light as it stands on a sheet and in the list.
struct NamedTerm {
    QString name;                        ///< "core shadow"
    QString meaning;                     ///< what it is, and on a head where it lies on this one
    PicturePoint at{0, 0};               ///< px of the shaded form
    std::optional<PicturePoint> inPhoto; ///< where the same place of the head is seen, px of the photograph
};
/// Of the form that is shown, from the lightest term to the cast shadow; empty unless they are asked for.
std::vector<NamedTerm> namedTerms(StudySession& session);

} // namespace zokran
