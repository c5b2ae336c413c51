#include "core/compare/expression_errors.h"

#include "core/compare/linear_selection.h"

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
        const double shift = (featureShift / 100 * evidence.headHeight).value;
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

    std::vector<LinearChoice> solve(const std::vector<LinearCandidate>& candidates) const {
        return selectErrors(base_, off_, candidates, mostExpressionErrors);
    }

private:
    static constexpr int mouthGroup = 2, groups = 3, none = -1;
    struct Row {
        int index; ///< of an expression mark; then of the two pupils; none for what no mode moves
        int group;
        const ExpressionObservation* observation;
        double deviation; ///< px
    };

    /// What the residuals say of the hand beside the deviations given.
    double steadiness() const {
        constexpr std::size_t enough = 12;
        constexpr double least = 0.6, most = 1.5;
        if (rows_.size() < enough)
            return 1;
        std::vector<double> whitened;
        for (const Row& row : rows_)
            for (const double off : {row.observation->off.x(), row.observation->off.y()})
                whitened.push_back(off / row.deviation);
        return steadinessOf(std::move(whitened), least, most);
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
    std::vector<LinearCandidate> candidates;
    for (const ExpressionMode& mode : modes)
        candidates.push_back({problem.columnOf(mode), mode.penalty});
    std::vector<LinearChoice> chosen = problem.solve(candidates);
    // What both sides do and what one does besides would be told against one another: each side is told by itself then.
    const auto isChosen = [&](std::size_t candidate) {
        return std::any_of(chosen.begin(), chosen.end(), [&](const LinearChoice& c) { return c.candidate == candidate; });
    };
    bool isAnyTaken = false;
    for (std::size_t both = 0; both < modes.size(); ++both)
        for (std::size_t one = 0; one < modes.size() && isChosen(both); ++one)
            if (isChosen(one) && (modes[one].id == modes[both].id + "_l" || modes[one].id == modes[both].id + "_r")) {
                candidates[both].penalty = std::numeric_limits<double>::infinity();
                isAnyTaken = true;
            }
    if (isAnyTaken)
        chosen = problem.solve(candidates);
    std::vector<ExpressionError> errors;
    for (const LinearChoice& choice : chosen)
        errors.push_back({modes[choice.candidate], choice.amount, choice.sigma});
    return errors;
}

} // namespace zokran
