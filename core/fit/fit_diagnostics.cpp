#include "core/fit/fit_diagnostics.h"

#include "core/fit/head_estimation.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Differences of the two sides are told from this many standard deviations on.
constexpr double told = 3;
/// A direction of the head seen shorter than this share of its length tells nothing along it.
constexpr double shortest = 0.5;

} // namespace

PerMark<std::optional<Pixels>> expectedSpread(const MarkSheet& sheet, const Fit& fit,
                                              const HeadProblem& problem,
                                              const Eigen::MatrixXd& covariance) {
    const ShapePrior& prior = adultHeads();
    HeadProblem everywhere = problem;
    everywhere.observations.clear();
    for (HeadProblem::Direction& d : everywhere.directions)
        d.displacement.clear();
    everywhere.ball.reset();
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        everywhere.observations.push_back(
            {m, prior.mean[m], fit.view.project(fit.head[m]), Pixels{1}});
        for (std::size_t k = 0; k < everywhere.directions.size(); ++k)
            everywhere.directions[k].displacement.push_back(prior.directions[k].displacement[m]);
    }
    // With a deviation of one pixel the rows are the derivatives of the place in pixels.
    const Eigen::MatrixXd j = linearise(everywhere, {fit.view, fit.shape}).jacobian;
    PerMark<std::optional<Pixels>> spread;
    for (int i = 0; i < markCount; ++i) {
        const auto rows = j.middleRows(2 * i, 2);
        double variance = (rows * covariance * rows.transpose()).trace() / 2;
        if (!sheet.seen(markAt(i)))
            variance += std::pow(prior.ownSpread[markAt(i)] * fit.view.scale, 2);
        if (std::isfinite(variance))
            spread[markAt(i)] = Pixels{std::sqrt(std::max(0.0, variance))};
    }
    return spread;
}

std::vector<Asymmetry> asymmetriesOf(const MarkSheet& sheet, const Fit& fit) {
    std::vector<Asymmetry> all;
    auto outlier = [&](Mark m) {
        return std::find(fit.outliers.begin(), fit.outliers.end(), m) != fit.outliers.end();
    };
    // How far a mark lies from where the fit expects it along an axis of the head, ball radii.
    auto along = [&](Mark m, const Eigen::Vector3d& axis) -> std::optional<double> {
        const PicturePoint at = fit.view.project(fit.head[m]);
        const PicturePoint step = (fit.view.project(fit.head[m] + 0.01 * axis) - at) / 0.01;
        if (step.norm() < shortest * fit.view.scale)
            return std::nullopt;
        return (*sheet.seen(m) - at).dot(step) / step.squaredNorm();
    };
    for (int i = 0; i < markCount; ++i) {
        const Mark left = markAt(i), right = mirrored(left);
        if (left == right || adultHeads().mean[left].x() < 0 || !sheet.seen(left) ||
            !sheet.seen(right) || outlier(left) || outlier(right))
            continue;
        const double sigma = hypot(sheet.noiseOf(left), sheet.noiseOf(right)) / fit.view.inPicture({1});
        const auto upL = along(left, Eigen::Vector3d::UnitY());
        const auto upR = along(right, Eigen::Vector3d::UnitY());
        const auto outL = along(left, Eigen::Vector3d::UnitX());
        const auto outR = along(right, -Eigen::Vector3d::UnitX());
        const Asymmetry a{
            left, {upL && upR ? *upL - *upR : 0}, {outL && outR ? *outL - *outR : 0}, {sigma}};
        if (std::max(abs(a.up), abs(a.outward)) > told * a.sigma)
            all.push_back(a);
    }
    std::sort(all.begin(), all.end(),
              [](const Asymmetry& a, const Asymmetry& b) { return hypot(a.up, a.outward) > hypot(b.up, b.outward); });
    return all;
}

} // namespace zokran
