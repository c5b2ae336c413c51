#pragma once

#include "core/compare/parts.h"

#include <span>
#include <string>

namespace zokran {

/// One photograph of a drawing that is still being made, compared with the reference by all features.
struct DrawingSnapshot {
    Comparison comparison;
    std::optional<MillimetresPerPixel> perPixel; ///< of the sheet, where its page or its scale is known
};

/// What changes under the hand from the first photograph of a drawing to the last.
enum class Drift {
    Size, ///< the head grows or shrinks on the paper
    Turn,
    Tilt,
};

/// A change that is larger than its doubt in the last two photographs.
struct DrawingDrift {
    Drift kind;
    double amount; ///< from the first to the last: of a size the share of the first, of an angle rad
    double sigma;  ///< one standard deviation of the amount
    std::size_t since;          ///< the first photograph from which on it has been larger than its doubt
    std::vector<double> values; ///< of each photograph: head heights in mm, or angles in rad
};

/// A finding of the last photograph, and the photograph in which it came in.
struct FindingOnset {
    std::string finding; ///< its id
    std::size_t snapshot;
};

/// What the photographs of one drawing say together.
struct DrawingTimeline {
    std::vector<DrawingDrift> drifts;  ///< the largest against its doubt first
    std::vector<Part> mendedAndHeld;   ///< once to be mended, and not any more in the last two photographs
    std::vector<FindingOnset> onsets;  ///< of the findings of the last photograph, in their order
};

/// `snapshots`: in the order they were taken; one alone says nothing but when its findings came in. A size is compared only
/// where all sheets that are compared have a known scale.
DrawingTimeline timelineOf(std::span<const DrawingSnapshot> snapshots);

} // namespace zokran
