#include "core/fit/fit.h"

#include "core/fit/fit_diagnostics.h"
#include "core/fit/head_estimation.h"
#include "core/fit/pose_search.h"
#include "core/fit/pose_spread.h"
#include "core/fit/shape_problem.h"
#include "core/fit/reliability.h"
#include "core/fit/outliers.h"
#include "core/fit/sufficiency.h"

#include <algorithm>
#include <chrono>
#include <cmath>

namespace zokran {

namespace {

/// Another reading is offered when its cost is this close and it is this far away.
constexpr double rivalCost = 2;
constexpr Radians rivalAngle{0.2};
/// The cosine of the nose to the line of sight below which a head counts as facing away.
constexpr double facingAway = -0.3;
/// What only prepares another search need not be exact.
constexpr double roughly = 1e-2;
/// A dozen directions hold most of what tells heads apart, at a quarter of the work.
constexpr std::size_t coarseDirections = 12;

/// A shape problem that lets only the first `kept` ways go in which heads differ, the largest; the
/// spread of the others is counted as noise of the marks.
HeadProblem coarser(HeadProblem problem, Pixels unit, std::size_t kept) {
    for (std::size_t i = 0; i < problem.observations.size(); ++i) {
        double variance = 0;
        for (std::size_t k = kept; k < problem.directions.size(); ++k)
            variance += problem.directions[k].displacement[i].squaredNorm() / 3;
        Pixels& deviation = problem.observations[i].deviation;
        deviation = hypot(deviation, std::sqrt(variance) * unit);
    }
    problem.directions.resize(std::min(kept, problem.directions.size()));
    problem.coefficientPrior.reset();
    return problem;
}

/// Where a search or a drag has come to.
struct Solution {
    HeadProblem problem;
    HeadProblem::State state;
    double cost = std::numeric_limits<double>::infinity();
    std::optional<Pose> rival = {};
    const HeadRegion* unlikeRegion = nullptr;
    std::vector<HeadProblem::Observation> outliers = {};
};

/// Looks for the head from every side.
std::optional<Solution> search(const MarkSheet& sheet, const ShapeInformation* sitter) {
    // Every start is polished with the mean head, which is cheap; the sitter's shape is then let
    // loose from the best one, and from a rival about as good.
    std::vector<std::pair<double, View>> polished;
    for (const View& start : searchPoses(sheet, adultHeads().mean, middleOf(sheet), 4)) {
        HeadProblem rigid = coarser(shapeProblem(sheet, {start.scale}), {start.scale}, 0);
        rigid.robustness = 6;
        HeadProblem::State state{start, {}};
        const double cost = estimate(rigid, state, {25, roughly}).cost;
        polished.emplace_back(cost, state.view);
    }
    std::sort(polished.begin(), polished.end(),
              [](const auto& a, const auto& b) { return a.first < b.first; });
    std::optional<Solution> best;
    std::vector<std::pair<double, View>> settled;
    std::vector<View> tried;
    for (const auto& [cost, view] : polished) {
        const bool isTwin = std::any_of(tried.begin(), tried.end(), [&rotation = view.rotation](const View& other) {
            return angleBetween(other.rotation, rotation) < rivalAngle;
        });
        if (cost > polished.front().first + 6 || isTwin)
            continue;
        tried.push_back(view);
        Solution s{shapeProblem(sheet, {view.scale}, sitter), {view, {}}};
        // A tolerant loss first, so that a mark the mean head misplaces is not given up on.
        HeadProblem rough = sitter ? s.problem : coarser(s.problem, {view.scale}, coarseDirections);
        rough.robustness = 8;
        estimate(rough, s.state, {15, roughly});
        if (best && angleBetween(s.state.view.rotation, best->state.view.rotation) < rivalAngle)
            continue; // it has come to where another start has come already
        s.problem.robustness = 3;
        s.cost = estimate(s.problem, s.state, {40}).cost;
        settled.emplace_back(s.cost, s.state.view);
        if (!best || s.cost < best->cost)
            best = std::move(s);
    }
    for (const auto& [cost, view] : settled)
        if (cost < best->cost + rivalCost &&
            angleBetween(view.rotation, best->state.view.rotation) > rivalAngle)
            best->rival = view.pose();
    if (best) {
        best->unlikeRegion = rejectRegion(best->problem, best->state);
        best->outliers = rejectOutliers(best->problem, best->state);
    }
    return best;
}

/// Follows a fit to where the marks have been moved; its outliers stay set aside.
Solution follow(const MarkSheet& sheet, const Fit& last, const ShapeInformation* sitter) {
    Solution s{shapeProblem(sheet, {last.view.scale}, sitter), {last.view, last.shape}};
    s.problem.robustness = 3;
    s.unlikeRegion = last.unlikeRegion;
    if (s.unlikeRegion)
        s.problem = s.problem.without(s.unlikeRegion->marks);
    for (Mark m : last.outliers) {
        const auto& all = s.problem.observations;
        const auto at =
            std::find_if(all.begin(), all.end(), [m](const auto& o) { return o.mark == m; });
        if (at == all.end())
            continue;
        s.outliers.push_back(*at);
        s.problem = s.problem.without({m});
    }
    s.cost = estimate(s.problem, s.state, {12}).cost;
    return s;
}

/// While few marks carry a reading: what is read without one of them, or the other.
std::vector<Eigen::Matrix3d> withoutOneMark(const MarkSheet& sheet, const FitOptions& options) {
    constexpr std::size_t few = 8;
    const std::vector<Mark> seen = sheet.seenMarks();
    std::vector<Eigen::Matrix3d> readings;
    if (options.warmStart || seen.size() > few)
        return readings;
    FitOptions plain = options;
    plain.covariance = false;
    for (Mark m : seen) {
        MarkSheet without = sheet;
        without.marks[m].reset();
        try {
            readings.push_back(fitHead(without, plain).view.facing());
        } catch (const BadMarks&) {
            // Without it there are too few to read anything.
        }
    }
    return readings;
}

} // namespace

std::vector<Mark> Fit::setAside() const {
    std::vector<Mark> all = outliers;
    if (unlikeRegion)
        all.insert(all.end(), unlikeRegion->marks.begin(), unlikeRegion->marks.end());
    return all;
}

Fit fitHead(const MarkSheet& sheet, const FitOptions& options) {
    const auto begin = std::chrono::steady_clock::now();
    requireFit(sheet);
    std::optional<Solution> found = options.warmStart
                                        ? follow(sheet, *options.warmStart, options.sitter)
                                        : search(sheet, options.sitter);
    if (!found)
        throw BadMarks({MarksTrouble::Kind::NoHead});
    HeadProblem::State& best = found->state;

    Fit fit;
    fit.width = sheet.width;
    fit.height = sheet.height;
    fit.view = best.view;
    if (!fit.view.rotation.allFinite() || !std::isfinite(fit.view.scale) ||
        !(fit.view.scale > 1e-9) || !(fit.view.nearness > 1e-9))
        throw BadMarks({MarksTrouble::Kind::NoHead});
    // A face that looks away cannot have been marked; its mirror image can.
    if (fit.view.facing()(2, 2) < facingAway && sheet.seen(Mark::NoseTip) &&
        sheet.seen(Mark::LipLine))
        throw BadMarks({MarksTrouble::Kind::FacesAway});
    fit.pose = fit.view.pose();
    fit.rival = found->rival;
    fit.shape = best.coefficients;
    fit.head = adultHeads().head(best.coefficients);
    const std::vector<PicturePoint> off = deviations(found->problem, best);
    for (std::size_t i = 0; i < off.size(); ++i)
        fit.residuals[found->problem.observations[i].mark] = Pixels{off[i].norm()};
    for (const HeadProblem::Observation& outlier : found->outliers) {
        fit.residuals[outlier.mark] =
            Pixels{(outlier.at - fit.view.project(fit.head[outlier.mark])).norm()};
        fit.outliers.push_back(outlier.mark);
    }
    fit.unlikeRegion = found->unlikeRegion;
    if (fit.unlikeRegion)
        for (Mark m : fit.unlikeRegion->marks)
            if (const auto at = sheet.seen(m)) {
                fit.residuals[m] = Pixels{(*at - fit.view.project(fit.head[m])).norm()};
                fit.head[m] = fit.view.liftInPlaneOf(fit.head[m], *at);
            }
    if (options.covariance) {
        const Eigen::MatrixXd covariance = parameterCovariance(found->problem, best);
        const Eigen::MatrixXd slope = facingJacobian(found->problem, best);
        const auto shapes = static_cast<Eigen::Index>(fit.shape.size());
        fit.shapeCovariance = covariance.bottomRightCorner(shapes, shapes);
        fit.sigma = poseSpread(best.view.facing(), slope * covariance * slope.transpose() +
                                                       unnoticedMistakeCovariance(found->problem, best, slope, covariance) +
                                                       jackknifeCovariance(best.view.facing(), withoutOneMark(sheet, options)));
        fit.spread = expectedSpread(sheet, fit, found->problem, covariance);
        fit.asymmetries = asymmetriesOf(sheet, fit);
    }
    fit.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return fit;
}

ShapeInformation shapeInformationOf(const MarkSheet& sheet, const Fit& fit) {
    MarkSheet trusted = sheet;
    for (Mark m : fit.setAside())
        trusted.marks[m].reset();
    return shapeInformation(shapeProblem(trusted, {fit.view.scale}), {fit.view, fit.shape});
}

std::vector<Fit> fitSitter(const std::vector<MarkSheet>& sheets) {
    std::vector<Fit> fits;
    for (const MarkSheet& sheet : sheets)
        fits.push_back(fitHead(sheet));
    // Messages on a star: the shape in the middle, a photograph at each tip. Gauss-Newton steps
    // relinearise them; three rounds leave less than a hundredth of a degree.
    constexpr int rounds = 3;
    for (int round = 0; round < rounds && sheets.size() > 1; ++round) {
        std::vector<ShapeInformation> told;
        for (std::size_t i = 0; i < sheets.size(); ++i)
            told.push_back(shapeInformationOf(sheets[i], fits[i]));
        for (std::size_t i = 0; i < sheets.size(); ++i) {
            ShapeInformation others;
            for (std::size_t k = 0; k < sheets.size(); ++k)
                if (k != i)
                    others += told[k];
            FitOptions options;
            options.sitter = &others;
            // First from scratch: with the shape known another reading may win.
            options.warmStart = round ? &fits[i] : nullptr;
            fits[i] = fitHead(sheets[i], options);
        }
    }
    return fits;
}

} // namespace zokran
