#include "core/fit/fit.h"

#include "core/fit/aftermath.h"
#include "core/fit/head_problem.h"
#include "core/fit/pose_search.h"
#include "core/fit/pose_spread.h"
#include "core/fit/shape_problem.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

/// Portrait distances, 0.7 to 3 m, in ball radii of 95 mm: the middle and one standard deviation of
/// the logarithm, so that the two ends lie about 1.6 deviations off.
constexpr double meanLogDistance = 2.72;
constexpr double logDistanceSpread = 0.45;

/// A mark is looked at as a possible stray from this many standard deviations on ...
constexpr double suspicious = 1.7;
/// ... and is one when the fit without it is better by this much, in squared standard deviations:
/// beyond the 0.1 % point of chi-squared with two degrees of freedom (13.8). That a second mark is
/// wrong as well asks for more, since a sitter unlike all others looks like several small strays.
constexpr double strayGain = 14, furtherStrayGain = 24;
constexpr int mostStrays = 4;
/// Another reading is offered when its cost is this close and it is this far away.
constexpr double rivalCost = 2;
constexpr Radians rivalAngle{0.2};
/// The cosine of the nose to the line of sight below which a head counts as facing away.
constexpr double facingAway = -0.3;

PicturePoint middleOf(const MarkSheet& sheet) {
    return {sheet.width / 2.0, sheet.height / 2.0};
}

/// Spread of the points across the line that fits them best, as a share of their spread along it.
double flatness(const MarkSheet& sheet) {
    const std::vector<Mark> seen = sheet.seenMarks();
    PicturePoint mean(0, 0);
    for (Mark m : seen)
        mean += *sheet.seen(m) / static_cast<double>(seen.size());
    Eigen::Matrix2d spread = Eigen::Matrix2d::Zero();
    for (Mark m : seen)
        spread += (*sheet.seen(m) - mean) * (*sheet.seen(m) - mean).transpose();
    const Eigen::Vector2d axes =
        Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d>(spread).eigenvalues();
    return axes[1] > 0 ? std::sqrt(std::max(0.0, axes[0]) / axes[1]) : 0;
}

std::string suggestions(const MarkSheet& sheet) {
    std::string list;
    int named = 0;
    for (Mark m : {Mark::Brow, Mark::Chin, Mark::OuterEyeL, Mark::OuterEyeR, Mark::NoseBase,
                   Mark::EarTopL, Mark::EarTopR, Mark::Crown})
        if (!sheet.marks[m] && named < 3)
            list += fmt::format("{}{}", named++ ? ", " : "", wordsFor(m));
    return list;
}

void requireFinite(const MarkSheet& sheet) {
    auto good = [](const PicturePoint& p) {
        return p.allFinite() && p.cwiseAbs().maxCoeff() < 1e6;
    };
    for (Mark m : sheet.seenMarks())
        if (!good(*sheet.seen(m)))
            throw BadInput(fmt::format("the mark \"{}\" lies nowhere near the picture", idOf(m)));
    if (sheet.ball && !(good(sheet.ball->centre) && std::isfinite(sheet.ball->radius.value) &&
                        sheet.ball->radius.value > 0 && sheet.ball->radius.value < 1e6))
        throw BadInput("the ball needs a place near the picture and a radius above zero");
}

/// How much further (ball radii) a mark strays from the sitter's face at rest when the mouth laughs
/// or stands open: 6 mm at the mouth's corners and lips, 8 at the chin, 3 at the wings; common
/// practice, no source.
double looseWhenSmiling(Mark m) {
    constexpr double millimetre = 1 / 95.0;
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

/// A shape problem with the head held at the mean, the shape's spread counted as noise of the
/// marks.
HeadProblem rigidProblem(HeadProblem problem, Pixels unit) {
    for (std::size_t i = 0; i < problem.observations.size(); ++i) {
        double variance = 0;
        for (const auto& d : problem.directions)
            variance += d.displacement[i].squaredNorm() / 3;
        double& deviation = problem.observations[i].deviation.value;
        deviation = std::hypot(deviation, std::sqrt(variance) * unit.value);
    }
    problem.directions.clear();
    problem.known.reset();
    return problem;
}

/// Finds the marks that disagree with all the others: one after the other, the mark whose absence
/// mends the fit most is set aside, as long as that is more than chance would give. Leaves in
/// `problem` and `state` the fit without them and returns them.
std::vector<HeadProblem::Observation> setStraysAside(HeadProblem& problem,
                                                     HeadProblem::State& state) {
    std::vector<HeadProblem::Observation> strays;
    while (static_cast<int>(strays.size()) < mostStrays && problem.observations.size() > 5) {
        const std::vector<PicturePoint> deviations = problem.deviations(state);
        std::vector<std::pair<double, std::size_t>> suspects;
        for (std::size_t i = 0; i < deviations.size(); ++i) {
            const double size = deviations[i].norm() / problem.observations[i].deviation.value;
            if (size > suspicious)
                suspects.emplace_back(size, i);
        }
        if (suspects.empty())
            break;
        std::sort(suspects.rbegin(), suspects.rend());
        suspects.resize(std::min<std::size_t>(suspects.size(), 5));
        // Judged by plain least squares, in which a stray cannot hide behind a tolerant loss.
        HeadProblem whole = problem;
        whole.robustness = std::numeric_limits<double>::infinity();
        HeadProblem::State wholeState = state;
        const double with = 2 * whole.solve(wholeState, 10);
        double best = strays.empty() ? strayGain : furtherStrayGain;
        std::optional<std::size_t> worst;
        HeadProblem::State settled;
        for (const auto& [size, i] : suspects) {
            HeadProblem without = whole;
            without.drop(i);
            HeadProblem::State trial = state;
            const double gain = with - 2 * without.solve(trial, 10);
            if (gain > best) {
                best = gain;
                worst = i;
                settled = trial;
            }
        }
        if (!worst)
            break;
        strays.push_back(problem.observations[*worst]);
        problem.drop(*worst);
        state = settled;
        problem.solve(state, 10);
    }
    return strays;
}

} // namespace

HeadProblem shapeProblem(const MarkSheet& sheet, Pixels unit, const ShapeKnowledge* sitter) {
    const ShapePrior& prior = adultHeads();
    HeadProblem problem(middleOf(sheet), unit);
    problem.ball = sheet.ball;
    problem.focal = sheet.focal;
    problem.meanLogDistance = meanLogDistance;
    problem.logDistanceSpread = logDistanceSpread;
    const Pixels noise = sheet.noiseOrDefault();
    for (Mark m : sheet.seenMarks()) {
        const double own = prior.ownSpread[m] + (sheet.smiling ? looseWhenSmiling(m) : 0);
        const double sheetNoise = sheet.marks[m]->noise.value_or(noise).value;
        problem.observations.push_back(
            {m, prior.mean[m], *sheet.seen(m), {std::hypot(sheetNoise, own * unit.value)}});
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
            problem.known = {root.matrixU(), root.matrixL().solve(sitter->weighted)};
    }
    return problem;
}

std::string whatIsMissing(const MarkSheet& sheet) {
    const int seen = static_cast<int>(sheet.seenMarks().size());
    const int wanted = sheet.ball ? 3 : 4;
    if (seen < wanted)
        return fmt::format("{} more mark{} needed; these would serve: {}", wanted - seen,
                           wanted - seen == 1 ? " is" : "s are", suggestions(sheet));
    if (flatness(sheet) < 0.01)
        return fmt::format("all marks lie on one line, so the head could turn about it; add one to "
                           "the side, such as: {}",
                           suggestions(sheet));
    return {};
}

Fit fitHead(const MarkSheet& sheet, const FitOptions& options) {
    const auto begin = std::chrono::steady_clock::now();
    requireFinite(sheet);
    if (const std::string missing = whatIsMissing(sheet); !missing.empty())
        throw BadInput(missing);

    HeadProblem::State best;
    double unit = 0;
    std::optional<HeadProblem> problem;
    std::vector<HeadProblem::Observation> strays;
    std::optional<Pose> rival;
    if (options.warmStart) {
        best.view = options.warmStart->view;
        best.view.principal = middleOf(sheet);
        best.coefficients = options.warmStart->shape;
        unit = best.view.scale;
        problem = shapeProblem(sheet, {unit}, options.sitter);
        problem->robustness = 3;
        for (Mark m : options.warmStart->outliers) {
            const auto& all = problem->observations;
            const auto at =
                std::find_if(all.begin(), all.end(), [m](const auto& o) { return o.mark == m; });
            if (at == all.end())
                continue;
            strays.push_back(*at);
            problem->drop(static_cast<std::size_t>(at - all.begin()));
        }
        problem->solve(best, 12);
    } else {
        const std::vector<View> starts = searchPoses(sheet, adultHeads().mean, 4);
        // Every start is polished with the mean head, which is cheap; the sitter's shape is then
        // let loose from the best one, and from a rival about as good.
        std::vector<std::pair<double, View>> polished;
        for (const View& start : starts) {
            HeadProblem rigid = rigidProblem(shapeProblem(sheet, {start.scale}), {start.scale});
            rigid.robustness = 6;
            HeadProblem::State state{start, {}};
            const double cost = rigid.solve(state, 25);
            polished.emplace_back(cost, state.view);
        }
        std::sort(polished.begin(), polished.end(),
                  [](const auto& a, const auto& b) { return a.first < b.first; });
        double bestCost = std::numeric_limits<double>::infinity();
        std::vector<std::pair<double, View>> settled;
        for (const auto& [cost, view] : polished) {
            const bool close = cost < polished.front().first + 6;
            const bool twin = std::isfinite(bestCost) &&
                              angleBetween(view.rotation, best.view.rotation).value < 0.2;
            if (!close || twin)
                continue;
            HeadProblem free = shapeProblem(sheet, {view.scale}, options.sitter);
            HeadProblem::State state{view, {}};
            // A tolerant loss first, so that a mark the mean head misplaces is not given up on.
            free.robustness = 8;
            free.solve(state, 15);
            free.robustness = 3;
            const double freeCost = free.solve(state, 40);
            settled.emplace_back(freeCost, state.view);
            if (freeCost < bestCost) {
                bestCost = freeCost;
                best = state;
                unit = view.scale;
                problem = std::move(free);
            }
        }
        for (const auto& [cost, view] : settled)
            if (cost < bestCost + rivalCost &&
                angleBetween(view.rotation, best.view.rotation) > rivalAngle)
                rival = poseOf(view.rotation);
    }

    if (!problem)
        throw BadInput("no head could be fitted to these marks");
    if (!options.warmStart)
        strays = setStraysAside(*problem, best);

    Fit fit;
    fit.view = best.view;
    if (!fit.view.rotation.allFinite() || !std::isfinite(fit.view.scale) ||
        !(fit.view.scale > 1e-9) || !(fit.view.nearness > 1e-9))
        throw BadInput("no head could be fitted to these marks");
    // A face that looks away cannot have been marked; its mirror image can.
    if (fit.view.rotation(2, 2) < facingAway && sheet.seen(Mark::NoseTip) &&
        sheet.seen(Mark::LipLine))
        throw BadInput(
            "these marks fit a head that faces away; are left and right swapped? They are "
            "always the sitter's own");
    fit.pose = poseOf(best.view.rotation);
    fit.rival = rival;
    fit.shape = best.coefficients;
    fit.head = adultHeads().head(best.coefficients);
    const std::vector<PicturePoint> deviations = problem->deviations(best);
    for (std::size_t i = 0; i < deviations.size(); ++i) {
        const HeadProblem::Observation& o = problem->observations[i];
        fit.residuals[o.mark] = Pixels{deviations[i].norm()};
    }
    for (const HeadProblem::Observation& stray : strays) {
        fit.residuals[stray.mark] =
            Pixels{(stray.at - fit.view.project(fit.head[stray.mark])).norm()};
        fit.outliers.push_back(stray.mark);
    }
    if (options.covariance) {
        const Eigen::MatrixXd covariance = problem->covariance(best);
        fit.sigma = poseSpread(best.view.rotation, covariance.topLeftCorner<3, 3>());
        fit.spread = expectedSpread(sheet, fit, *problem, covariance);
        fit.asymmetries = asymmetriesOf(sheet, fit);
    }
    fit.milliseconds =
        std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begin).count();
    return fit;
}

ShapeKnowledge shapeTold(const MarkSheet& sheet, const Fit& fit) {
    MarkSheet trusted = sheet;
    for (Mark m : fit.outliers)
        trusted.marks[m].reset();
    HeadProblem problem = shapeProblem(trusted, {fit.view.scale});
    return problem.told({fit.view, fit.shape});
}

std::vector<Fit> fitSitter(const std::vector<MarkSheet>& sheets) {
    std::vector<Fit> fits;
    for (const MarkSheet& sheet : sheets)
        fits.push_back(fitHead(sheet));
    // Messages on a star: the shape in the middle, a photograph at each tip. Gauss-Newton steps
    // relinearise them; three rounds leave less than a hundredth of a degree.
    constexpr int rounds = 3;
    for (int round = 0; round < rounds && sheets.size() > 1; ++round) {
        std::vector<ShapeKnowledge> told;
        for (std::size_t i = 0; i < sheets.size(); ++i)
            told.push_back(shapeTold(sheets[i], fits[i]));
        for (std::size_t i = 0; i < sheets.size(); ++i) {
            ShapeKnowledge others;
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
