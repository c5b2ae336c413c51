#include "core/compare/expression_errors.h"

#include <algorithm>
#include <cmath>
#include <iterator>

namespace zokran {

namespace {

constexpr std::size_t mostExpressionErrors = 6;
/// How far a whole eye or the mouth may sit beside its place without that being an error of its own, % of the head's
/// height: half of what is watched for in structure.
constexpr double featureShift = 0.5;

/// The linear system: two rows for each observation, its whitened residual on the right.
class ExpressionProblem {
public:
    explicit ExpressionProblem(const ExpressionEvidence& evidence) : view_(evidence.view) {
        const double shift = featureShift / 100 * evidence.headHeight.value;
        for (int i = 0; i < expressionMarkCount; ++i)
            add(evidence.marks[expressionMarkAt(i)], i, groupOf(expressionMarkAt(i)));
        for (int side = 0; side < 2; ++side)
            for (int place = 0; place < 3; ++place)
                add(evidence.eyes[side][place], place == 2 ? expressionMarkCount + side : none, side);
        for (const auto& observation : evidence.mouth)
            add(observation, none, mouthGroup);
        // Each group's shift, up and across, with the prior's two rows for each.
        const int rows = static_cast<int>(2 * rows_.size());
        const double share = evidence.noiseIsKnown ? 1 : steadiness();
        for (Row& row : rows_)
            row.deviation *= share;
        base_ = Eigen::MatrixXd::Zero(rows + 2 * groups, 2 * groups);
        off_ = Eigen::VectorXd::Zero(rows + 2 * groups);
        for (std::size_t r = 0; r < rows_.size(); ++r) {
            off_.segment<2>(static_cast<long>(2 * r)) = rows_[r].observation->off / rows_[r].deviation;
            if (rows_[r].group >= 0) {
                base_.block<2, 1>(static_cast<long>(2 * r), 2 * rows_[r].group) = effect(r, HeadPoint::UnitY());
                base_.block<2, 1>(static_cast<long>(2 * r), 2 * rows_[r].group + 1) = effect(r, HeadPoint::UnitX());
            }
        }
        for (int g = 0; g < 2 * groups; ++g)
            base_(rows + g, g) = 1 / shift;
    }

    Eigen::VectorXd columnOf(const ExpressionMode& mode) const {
        Eigen::VectorXd column = Eigen::VectorXd::Zero(base_.rows());
        for (std::size_t r = 0; r < rows_.size(); ++r)
            if (const HeadPoint by = displacementOf(mode, rows_[r].index); by.norm() > 0)
                column.segment<2>(static_cast<long>(2 * r)) = effect(r, by);
        return column;
    }

    struct Solution {
        double misfit;
        Eigen::VectorXd amounts, sigmas; ///< of the columns
    };
    Solution solve(const std::vector<Eigen::VectorXd>& columns) const {
        Eigen::MatrixXd all(base_.rows(), base_.cols() + static_cast<long>(columns.size()));
        all.leftCols(base_.cols()) = base_;
        for (std::size_t k = 0; k < columns.size(); ++k)
            all.col(base_.cols() + static_cast<long>(k)) = columns[k];
        // Two errors that look alike on the marks there are share what they explain, and neither earns its place.
        Eigen::MatrixXd normal = all.transpose() * all;
        normal.diagonal().array() += 1e-9;
        const Eigen::LDLT<Eigen::MatrixXd> solver(normal);
        const Eigen::VectorXd x = solver.solve(all.transpose() * off_);
        const Eigen::MatrixXd covariance = solver.solve(Eigen::MatrixXd::Identity(normal.rows(), normal.rows()));
        const auto count = static_cast<long>(columns.size());
        return {(off_ - all * x).squaredNorm(), x.tail(count), covariance.diagonal().tail(count).cwiseSqrt()};
    }

private:
    static constexpr int mouthGroup = 2, groups = 3, none = -1;
    struct Row {
        int index; ///< of an expression mark; then of the two pupils; none for what no mode moves
        int group;
        const ExpressionObservation* observation;
        double deviation; ///< px
    };

    /// What the residuals say of the hand beside the deviations given: the median of their absolute values, which a few
    /// errors do not move.
    double steadiness() const {
        constexpr std::size_t enough = 12;
        constexpr double least = 0.6, most = 1.5, ofNormal = 1.48;
        if (rows_.size() < enough)
            return 1;
        std::vector<double> sizes;
        for (const Row& row : rows_)
            for (const double off : {row.observation->off.x(), row.observation->off.y()})
                sizes.push_back(std::abs(off) / row.deviation);
        const auto middle = sizes.begin() + static_cast<long>(sizes.size() / 2);
        std::nth_element(sizes.begin(), middle, sizes.end());
        return std::clamp(ofNormal * *middle, least, most);
    }

    static int groupOf(ExpressionMark mark) {
        switch (featureOf(mark)) {
        case ExpressionFeature::Lid:
            return isLeft(mark) ? 0 : 1;
        case ExpressionFeature::Lip:
            return mouthGroup;
        case ExpressionFeature::Eyebrow:
            break;
        }
        return none;
    }
    static HeadPoint displacementOf(const ExpressionMode& mode, int index) {
        if (index == none)
            return HeadPoint(0, 0, 0);
        return index < expressionMarkCount ? mode.displacement[expressionMarkAt(index)]
                                           : mode.pupils[index - expressionMarkCount];
    }
    void add(const std::optional<ExpressionObservation>& observation, int index, int group) {
        if (observation)
            rows_.push_back({index, group, &*observation, observation->deviation});
    }
    /// What a displacement of this row's place does to its whitened residual.
    Eigen::Vector2d effect(std::size_t row, const HeadPoint& by) const {
        const double step = 1e-4;
        const ExpressionObservation& o = *rows_[row].observation;
        return (view_.project(o.place + step * by) - view_.project(o.place - step * by)) / (2 * step * rows_[row].deviation);
    }

    const View& view_;
    std::vector<Row> rows_;
    Eigen::MatrixXd base_;
    Eigen::VectorXd off_;
};

} // namespace

std::vector<ExpressionError> expressionErrors(const ExpressionEvidence& evidence) {
    ExpressionPlaces places;
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& o = evidence.marks[expressionMarkAt(i)])
            places[expressionMarkAt(i)] = o->place;
    std::optional<HeadPoint> pupils[2];
    for (int side = 0; side < 2; ++side)
        // Without its corners nobody knows where in the eye an iris looks.
        if (const auto& eye = evidence.eyes[side]; eye[0] && eye[1] && eye[2])
            pupils[side] = eye[2]->place;
    const std::vector<ExpressionMode> modes = expressionModes(places, pupils);
    const ExpressionProblem problem(evidence);
    std::vector<Eigen::VectorXd> columns;
    for (const ExpressionMode& mode : modes)
        columns.push_back(problem.columnOf(mode));

    std::vector<std::size_t> admitted;
    const auto cost = [&](const std::vector<std::size_t>& chosen) {
        std::vector<Eigen::VectorXd> of;
        for (std::size_t k : chosen)
            of.push_back(columns[k]);
        double sum = problem.solve(of).misfit;
        for (std::size_t k : chosen)
            sum += modes[k].price;
        return sum;
    };
    double total = cost(admitted);
    while (admitted.size() < mostExpressionErrors) {
        std::optional<std::size_t> best;
        double least = total;
        for (std::size_t k = 0; k < modes.size(); ++k) {
            if (std::find(admitted.begin(), admitted.end(), k) != admitted.end())
                continue;
            std::vector<std::size_t> trial = admitted;
            trial.push_back(k);
            // Of errors that explain equally much the first of the list is taken.
            if (const double c = cost(trial); c < least - 1e-6) {
                least = c;
                best = k;
            }
        }
        if (!best)
            break;
        admitted.push_back(*best);
        total = least;
        for (std::size_t i = 0; i < admitted.size();) {
            std::vector<std::size_t> without;
            std::copy_if(admitted.begin(), admitted.end(), std::back_inserter(without),
                         [&](std::size_t k) { return k != admitted[i]; });
            if (const double c = cost(without); c < total) {
                admitted = without;
                total = c;
                i = 0;
            } else
                ++i;
        }
    }

    std::vector<Eigen::VectorXd> of;
    for (std::size_t k : admitted)
        of.push_back(columns[k]);
    const auto solution = problem.solve(of);
    std::vector<ExpressionError> errors;
    for (std::size_t i = 0; i < admitted.size(); ++i)
        errors.push_back({modes[admitted[i]], solution.amounts[static_cast<long>(i)], solution.sigmas[static_cast<long>(i)]});
    return errors;
}

} // namespace zokran
