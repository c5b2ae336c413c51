#pragma once

#include "core/fit/shape_information.h"
#include "core/head/head_regions.h"
#include "core/head/marks_trouble.h"
#include "core/head/population.h"
#include "core/view/view.h"

#include <Eigen/Core>
#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// One standard deviation of each angle.
struct PoseSpread {
    Radians turn, tilt, lean;
};

/// How a mark and its mirror image depart from a head that is the same on both sides.
struct Asymmetry {
    Mark left;         ///< the one on the sitter's left
    BallRadii up;      ///< the left one sits this much higher than the right one
    BallRadii outward; ///< and this much further from the centre line
    BallRadii sigma;   ///< one standard deviation of either
};

/// What the fit found.
struct Fit {
    View view;
    Pose pose; ///< against the line of sight to the ball's centre, as `view.pose()`
    PoseSpread sigma; ///< by the marks' noise, and by what a misplaced mark could do unnoticed
    std::optional<Pose> rival; ///< another reading of the marks, nearly as good
    std::vector<double> shape; ///< coefficients of `adultHeads().directions`; empty when held
    /// Of those coefficients; with the covariance.
    Eigen::MatrixXd shapeCovariance;
    HeadMarks head;            ///< where the sitter's marks lie on the sitter's own head
    PerMark<std::optional<Pixels>> residuals; ///< from each seen mark to where the fit expects it
    std::vector<Mark> outliers; ///< marks that disagree with all the others, the worst first
    /// The region that is unlike any known head's: its marks say nothing of pose and shape. On `head` they lie where they were
    /// marked. Null: none.
    const HeadRegion* unlikeRegion = nullptr;
    /// One standard deviation of where the fit expects each mark, and so of the guide through it;
    /// with the covariance.
    PerMark<std::optional<Pixels>> spread;
    /// Pairs whose two sides differ by more than the marks' noise, the largest first; the fit
    /// itself is of a head that is the same on both sides. With the covariance.
    std::vector<Asymmetry> asymmetries;
    int width = 0, height = 0; ///< of the picture, px
    double milliseconds = 0;

    /// The marks that were set aside: the outliers and those of the unlike region.
    std::vector<Mark> setAside() const;
    /// The ball as a circle in the picture.
    BallCircle ball() const { return {view.centre, view.outlineRadius()}; }
};

/// How to fit. The defaults are what a new reference photograph wants.
struct FitOptions {
    /// Follow this fit instead of searching all poses: for a mark under the hand. Marks it set
    /// aside stay set aside, and no new ones are looked for.
    const Fit* warmStart = nullptr;
    bool covariance = true; ///< fill `sigma`, `shapeCovariance`, `spread` and `asymmetries`
    /// What other photographs of this sitter say of the shape; null or empty: nothing.
    const ShapeInformation* sitter = nullptr;
};

/// How many more marks a fit needs, and which would serve best; nothing when there are enough. Four
/// marks not on one line serve, or three and the ball.
std::optional<MarksTrouble> whatIsMissing(const MarkSheet& sheet);

/// Finds pose, place, size and the sitter's own proportions from the seen marks and, where laid,
/// the ball: maximum a posteriori under the prior of `adultHeads()`, with a robust loss, from
/// several starts, in true perspective.
///
/// The camera: where the lens is known, the distance follows from the size; where it is not, the
/// distance is estimated under what portraits are taken from, 0.5 to 6 m. Where the camera's axis
/// meets the picture is estimated too, about the head: a picture may have been cut out of a larger
/// one, and then its frame says nothing of the camera. The angles are told against the line of
/// sight. So cropping a photograph, or its margin, changes nothing at all, and a head at the edge
/// of a wide-angle picture is read as it was held. Throws BadMarks.
Fit fitHead(const MarkSheet& sheet, const FitOptions& options = {});

/// What this photograph says of the sitter's shape, for the fits of others.
ShapeInformation shapeInformationOf(const MarkSheet& sheet, const Fit& fit);

/// Fits several photographs of one sitter, which share one shape: each is fitted with what all the
/// others say of it, round and round until they agree. Returns one fit a sheet. Throws as
/// `fitHead` does.
std::vector<Fit> fitSitter(const std::vector<MarkSheet>& sheets);

} // namespace zokran
