#pragma once

#include "core/fit/fit.h"

#include <optional>

namespace zokran {

/// How much a mark would tell about the pose.
struct NextBestMark {
    Mark mark;
    /// What would be left of the pose's doubt (the root of the summed variances of the three turns)
    /// once the mark is placed, as a share of what it is now; below 1.
    double doubtLeft = 1;
};

/// The mark, not placed yet and turned to the camera, that would tighten the reading most. Found
/// from the fit's covariance: each candidate is added in thought where the fit expects it. Nothing
/// when every mark that can be seen is placed. `sitter` is what the fit was given of other
/// photographs.
std::optional<NextBestMark> nextBestMark(const MarkSheet& sheet, const Fit& fit,
                                       const ShapeInformation* sitter = nullptr);

/// Marks that leave more than this share of the doubt are no longer worth the trouble.
inline constexpr double hardlyWorth = 0.97;

} // namespace zokran
