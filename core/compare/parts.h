#pragma once

#include "core/compare/compare.h"

#include <string_view>

namespace zokran {

/// What of a drawing a learner speaks of, coarser than marks: "the mouth", "its turn".
enum class Part { Whole, Turn, Eyes, Nose, Mouth, Chin, Ears, Forehead, Neck, Brows };
inline constexpr Part allParts[] = {Part::Whole, Part::Turn, Part::Brows, Part::Eyes,     Part::Nose,
                                    Part::Mouth, Part::Chin, Part::Ears,  Part::Forehead, Part::Neck};

/// The identifier in files, such as `mouth`.
std::string_view idOf(Part part);
std::optional<Part> partNamed(std::string_view id);

/// The part a mark belongs to; never Whole or Turn.
Part partOf(Mark mark);
/// The part a mark of expression belongs to: lids to the eyes, lips to the mouth.
Part partOf(ExpressionMark mark);

/// The part a finding speaks of first; nothing for the closing remarks.
std::optional<Part> partOf(const Finding& finding);
/// Every part it speaks of: "nose and mouth sit too low" speaks of two.
std::vector<Part> partsOf(const Finding& finding);

/// The parts of which anything was compared, in the order of `allParts`.
std::vector<Part> partsLookedAt(const Comparison& comparison);

/// A part the learner named before anything was told, and where the check puts it.
struct SelfAssessmentAnswer {
    Part part;
    int rank = 0; ///< of the first finding that speaks of it, from 1; 0: none does
    bool isLookedAt = true; ///< else nothing of it was compared, and nobody knows whether it holds
};

/// How near the learner's own eye came: each part they named, in their order.
std::vector<SelfAssessmentAnswer> answerTo(const std::vector<Part>& said, const Comparison& comparison);

} // namespace zokran
