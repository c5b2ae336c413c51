#include "core/fit/outliers.h"

#include "core/fit/head_estimation.h"

#include <algorithm>

namespace zokran {

namespace {

/// A mark is looked at as a possible outlier from this many standard deviations on ...
constexpr double suspicious = 1.7;
/// ... and is one by `outlierGain`. That a second mark is wrong as well asks for more, since a sitter
/// unlike all others looks like several small outliers.
constexpr double furtherOutlierGain = 24;
constexpr int mostOutliers = 4;
/// A suspect is fitted without only where the linear estimate of the gain reaches this share of what
/// is asked; the estimate is seldom off by half.
constexpr double worthTrying = 0.4;
/// How well the cost is to be known, which is half a squared deviation, for a gain to be judged.
constexpr double closely = 0.05;

/// A region is set aside where that gains so much, and so much more for each of its marks. The 0.1 % points of chi-squared are
/// 18.5, 22.5 and 26.1 for two, three and four marks; more is asked because six regions are tried and people's faces do not
/// follow a normal distribution. Chosen so that no region of the twelve hand-marked faces of people, laughing ones among
/// them, is set aside (20 would set two aside, 26 none), nor any of the generated heads in 1,600 pictures (24 one).
constexpr double regionGain = 28, regionGainPerMark = 4.5;
/// A region of fewer seen marks is judged mark by mark, and without a region so many must remain.
constexpr std::size_t fewestOfRegion = 2, fewestBesides = 6;

/// What leaving observations out would gain, to first order.
class LinearGains {
public:
    LinearGains(const HeadProblem& problem, const HeadProblem::State& state)
        : linear_(linearise(problem, state)), covariance_(parameterCovariance(problem, state)) {}

    /// r' (I - H)^-1 r with the observations' residuals r and their leverage H (Cook and Weisberg 1982, from memory).
    double without(const std::vector<std::size_t>& observations) const {
        const auto count = 2 * std::ssize(observations);
        Eigen::MatrixXd rows(count, linear_.jacobian.cols());
        Eigen::VectorXd r(count);
        for (std::ptrdiff_t k = 0; k < std::ssize(observations); ++k) {
            const auto i = static_cast<Eigen::Index>(observations[static_cast<std::size_t>(k)]);
            rows.middleRows(2 * k, 2) = linear_.jacobian.middleRows(2 * i, 2);
            r.segment<2>(2 * k) = linear_.residuals.segment<2>(2 * i);
        }
        const Eigen::MatrixXd rest = Eigen::MatrixXd::Identity(count, count) * (1 + 1e-6) - rows * covariance_ * rows.transpose();
        return std::max(r.squaredNorm(), r.dot(rest.ldlt().solve(r)));
    }

private:
    Linearisation linear_;
    Eigen::MatrixXd covariance_;
};

/// Judged by plain least squares, in which an outlier cannot hide behind a tolerant loss.
HeadProblem withPlainLoss(HeadProblem problem) {
    problem.robustness = std::numeric_limits<double>::infinity();
    return problem;
}

/// How much better than `with` the fit is without these marks; the state of that fit is written to `trial`.
double gainWithout(const HeadProblem& whole, double with, const std::vector<Mark>& marks, HeadProblem::State& trial) {
    return with - 2 * estimate(whole.without(marks), trial, {20, closely}).cost;
}

} // namespace

std::vector<HeadProblem::Observation> rejectOutliers(HeadProblem& problem,
                                                     HeadProblem::State& state) {
    std::vector<HeadProblem::Observation> outliers;
    while (static_cast<int>(outliers.size()) < mostOutliers && problem.observations.size() > fewestForOutliers) {
        const std::vector<PicturePoint> off = deviations(problem, state);
        std::vector<std::pair<double, std::size_t>> suspects;
        for (std::size_t i = 0; i < off.size(); ++i) {
            const double size = Pixels{off[i].norm()} / problem.observations[i].deviation;
            if (size > suspicious)
                suspects.emplace_back(size, i);
        }
        if (suspects.empty())
            break;
        std::sort(suspects.rbegin(), suspects.rend());
        suspects.resize(std::min<std::size_t>(suspects.size(), 5));
        const HeadProblem whole = withPlainLoss(problem);
        HeadProblem::State wholeState = state;
        const double with = 2 * estimate(whole, wholeState, {10, closely}).cost;
        double best = outliers.empty() ? outlierGain : furtherOutlierGain;
        std::optional<std::size_t> worst;
        HeadProblem::State settled;
        const LinearGains gains(whole, wholeState);
        for (const auto& [size, i] : suspects) {
            if (gains.without({i}) < worthTrying * best)
                continue;
            HeadProblem::State trial = state;
            const double gain = gainWithout(whole, with, {problem.observations[i].mark}, trial);
            if (gain > best) {
                best = gain;
                worst = i;
                settled = trial;
            }
        }
        if (!worst)
            break;
        outliers.push_back(problem.observations[*worst]);
        problem = problem.without({outliers.back().mark});
        state = settled;
        estimate(problem, state, {10});
    }
    return outliers;
}

const HeadRegion* rejectRegion(HeadProblem& problem, HeadProblem::State& state) {
    const HeadProblem whole = withPlainLoss(problem);
    HeadProblem::State wholeState = state;
    const double with = 2 * estimate(whole, wholeState, {20, closely}).cost;
    const LinearGains gains(whole, wholeState);
    const HeadRegion* worst = nullptr;
    double best = 0; // beyond what is asked
    HeadProblem::State settled;
    for (const HeadRegion& region : headRegions()) {
        std::vector<std::size_t> seen;
        for (std::size_t i = 0; i < problem.observations.size(); ++i)
            if (std::find(region.marks.begin(), region.marks.end(), problem.observations[i].mark) != region.marks.end())
                seen.push_back(i);
        const double asked = regionGain + regionGainPerMark * static_cast<double>(seen.size());
        if (seen.size() < fewestOfRegion || problem.observations.size() < seen.size() + fewestBesides ||
            gains.without(seen) < worthTrying * asked)
            continue;
        HeadProblem::State trial = wholeState;
        if (const double gain = gainWithout(whole, with, region.marks, trial) - asked; gain > best) {
            best = gain;
            worst = &region;
            settled = trial;
        }
    }
    if (!worst)
        return nullptr;
    for (const HeadProblem::Observation& o : problem.observations) {
        HeadProblem::State trial = wholeState;
        if (gainWithout(whole, with, {o.mark}, trial) - outlierGain > best)
            return nullptr;
    }
    problem = problem.without(worst->marks);
    state = settled;
    estimate(problem, state, {20});
    return worst;
}

} // namespace zokran
