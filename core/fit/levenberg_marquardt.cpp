#include "core/fit/levenberg_marquardt.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Everything that is known at one place.
struct Evaluation {
    Eigen::VectorXd x, residuals, priorResiduals;
    Eigen::MatrixXd jacobian;
    double cost = 0;
};

} // namespace

LeastSquaresSummary levenbergMarquardt(LeastSquares& problem, Eigen::VectorXd& x, const LeastSquaresOptions& options) {
    using Stop = LeastSquaresSummary::Stop;
    const LeastSquares::Prior prior = problem.prior();
    const Eigen::Index n = problem.parameterCount(), m = problem.residualCount(), withPrior = prior.root.rows();
    const bool isPriorDiagonal = prior.root.isDiagonal();
    const auto evaluate = [&](Evaluation& at) {
        problem.evaluate(at.x, at.residuals, &at.jacobian);
        at.priorResiduals.noalias() = prior.root.triangularView<Eigen::Upper>() * at.x.tail(withPrior);
        at.priorResiduals -= prior.target;
        at.cost = (at.residuals.squaredNorm() + at.priorResiduals.squaredNorm()) / 2;
    };
    Evaluation here{x, Eigen::VectorXd(m), Eigen::VectorXd(withPrior), Eigen::MatrixXd(n, m)};
    Evaluation trial = here;
    evaluate(here);

    LeastSquaresSummary summary;
    summary.initialCost = here.cost;
    summary.evaluations = 1;
    Eigen::MatrixXd normal(n, n), damped(n, n);
    Eigen::VectorXd gradient(n), step(n), lift(n);
    bool hasMoved = true;
    double damping = 1e-4, growth = 2;
    if (!std::isfinite(here.cost))
        summary.stop = Stop::NotFinite;
    while (std::isfinite(here.cost) && summary.evaluations < options.evaluations) {
        if (hasMoved) {
            normal.setZero();
            normal.selfadjointView<Eigen::Lower>().rankUpdate(here.jacobian);
            auto priorBlock = normal.bottomRightCorner(withPrior, withPrior);
            if (isPriorDiagonal)
                priorBlock.diagonal() += prior.root.diagonal().cwiseAbs2();
            else
                priorBlock.selfadjointView<Eigen::Lower>().rankUpdate(prior.root.transpose());
            gradient.noalias() = here.jacobian * here.residuals;
            gradient.tail(withPrior) += prior.root.transpose().triangularView<Eigen::Lower>() * here.priorResiduals;
            if (gradient.cwiseAbs().maxCoeff() < 1e-9) {
                summary.stop = Stop::SmallGradient;
                break;
            }
        }
        lift = damping * normal.diagonal().cwiseMax(1e-6);
        damped.triangularView<Eigen::Lower>() = normal;
        damped.diagonal() += lift;
        step = Eigen::LLT<Eigen::Ref<Eigen::MatrixXd>>(damped).solve(-gradient);
        if (step.norm() < 1e-7 * here.x.norm()) {
            summary.stop = Stop::SmallStep;
            break;
        }
        trial.x = here.x + step;
        evaluate(trial);
        ++summary.evaluations;
        const double decrease = here.cost - trial.cost;
        const double predicted = (step.dot(lift.cwiseProduct(step)) - step.dot(gradient)) / 2;
        hasMoved = decrease > 0;
        if (hasMoved) {
            std::swap(here, trial);
            problem.recentre(here.x);
            const double trust = 2 * decrease / predicted - 1;
            damping *= std::max(1 / 3.0, 1 - trust * trust * trust);
            growth = 2;
        } else {
            damping *= growth;
            growth *= 2;
        }
        if (std::abs(decrease) < options.smallChange) {
            summary.stop = Stop::SmallChange;
            break;
        }
    }
    summary.cost = here.cost;
    if (here.x.allFinite())
        x = here.x;
    return summary;
}

} // namespace zokran
