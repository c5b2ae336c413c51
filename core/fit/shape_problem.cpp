#include "core/fit/shape_problem.h"

#include <cmath>

namespace zokran {

namespace {

/// Portrait distances: the middle and one standard deviation of the logarithm in ball radii of
/// 95 mm. 0.7 to 3 m lie within 1.6 deviations, 0.5 to 6 m within 3.
constexpr double meanLogDistance = 2.72;
constexpr double logDistanceSpread = 0.45;
/// How far off the camera's axis heads stand, one standard deviation of the tangent: a head at the
/// edge of a telephone's picture (26 mm-equivalent) is at 0.7, at the edge of a portrait lens's at
/// 0.2. Common practice, no source.
constexpr double axisSpread = 0.2;

/// How much further (ball radii) a mark departs from the sitter's face at rest when the mouth laughs
/// or stands open: 6 mm at the mouth's corners and lips, 8 at the chin, 3 at the wings; common
/// practice, no source.
double looseWhenSmiling(Mark m) {
    constexpr double millimetre = inBallRadii(Millimetres{1}).value;
    switch (m) {
    case Mark::MouthCornerL:
    case Mark::MouthCornerR:
    case Mark::LipLine:
        return 6 * millimetre;
    case Mark::Chin:
        return 8 * millimetre;
    case Mark::NoseWingL:
    case Mark::NoseWingR:
        return 3 * millimetre;
    default:
        return 0;
    }
}

} // namespace

PicturePoint middleOf(const MarkSheet& sheet) {
    PicturePoint low = PicturePoint::Constant(1e300), high = -low;
    for (Mark m : sheet.seenMarks()) {
        low = low.cwiseMin(*sheet.seen(m));
        high = high.cwiseMax(*sheet.seen(m));
    }
    return (low + high) / 2;
}

HeadProblem shapeProblem(const MarkSheet& sheet, Pixels unit, const ShapeInformation* sitter) {
    const ShapePrior& prior = adultHeads();
    HeadProblem problem{middleOf(sheet), unit};
    problem.ball = sheet.ball;
    problem.focal = sheet.focal;
    problem.meanLogDistance = meanLogDistance;
    problem.logDistanceSpread = logDistanceSpread;
    problem.axisSpread = axisSpread;
    const Pixels noise = sheet.noiseOrDefault();
    for (Mark m : sheet.seenMarks()) {
        const double own = prior.ownSpread[m] + (sheet.smiling ? looseWhenSmiling(m) : 0);
        const Pixels sheetNoise = sheet.marks[m]->noise.value_or(noise);
        problem.observations.push_back({m, prior.mean[m], *sheet.seen(m), hypot(sheetNoise, own * unit)});
    }
    for (const ShapeDirection& direction : prior.directions) {
        HeadProblem::Direction d;
        for (const auto& o : problem.observations)
            d.displacement.push_back(direction.displacement[o.mark]);
        problem.directions.push_back(std::move(d));
    }
    if (sitter && !sitter->empty()) {
        const auto n = static_cast<Eigen::Index>(prior.directions.size());
        // To each direction's own unit variance comes what the other photographs say.
        const Eigen::LLT<Eigen::MatrixXd> root(sitter->information +
                                               Eigen::MatrixXd::Identity(n, n));
        if (root.info() == Eigen::Success)
            problem.coefficientPrior = {root.matrixU(), root.matrixL().solve(sitter->weighted)};
    }
    return problem;
}

} // namespace zokran
