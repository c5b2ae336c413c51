#pragma once

#include <Eigen/Dense>

namespace zokran {

/// A nonlinear least-squares problem whose last parameters carry a linear Gaussian prior. The cost is half the squared
/// norm of all weighted residuals, those of the prior included.
class LeastSquares {
public:
    virtual ~LeastSquares() = default;

    virtual Eigen::Index parameterCount() const = 0;
    /// The number of residuals without those of the prior.
    virtual Eigen::Index residualCount() const = 0;

    /// Writes the residuals at `x`, without those of the prior, and their derivatives where `jacobian` is given:
    /// one row per parameter, one column per residual.
    virtual void evaluate(const Eigen::VectorXd& x, Eigen::Ref<Eigen::VectorXd> residuals,
                          Eigen::MatrixXd* jacobian) const = 0;

    /// The prior's residuals are `root` (square, upper triangular) times the last root.rows() parameters, less `target`.
    struct Prior {
        Eigen::MatrixXd root;
        Eigen::VectorXd target;
    };
    virtual Prior prior() const = 0;

    /// Is called after a step to `x` was accepted. A problem on a manifold may move its local coordinates there and
    /// change `x` accordingly; neither residuals nor derivatives may change by it.
    virtual void recentre(Eigen::VectorXd& x) { static_cast<void>(x); }
};

/// How a minimisation ended.
struct LeastSquaresSummary {
    enum class Stop { SmallGradient, SmallStep, SmallChange, IterationLimit, NotFinite };

    Stop stop = Stop::IterationLimit;
    int evaluations = 0;
    double initialCost = 0;
    double cost = 0;

    bool hasConverged() const { return stop != Stop::IterationLimit && stop != Stop::NotFinite; }
};

struct LeastSquaresOptions {
    int evaluations = 40; ///< at most
    /// The minimisation stops where a step changes the cost by less than this.
    double smallChange = 1e-5;
};

/// Levenberg and Marquardt's method on the normal equations, damped as in Madsen, Nielsen & Tingleff, "Methods for
/// non-linear least squares problems", 2nd edition 2004, algorithm 3.16. `x` is the start and becomes the best place
/// found; it stays finite. It is written here and not taken from a library because the prior is most of the equations
/// and constant, so that its rows need not be factorised; Eigen's port of MINPACK is the tests' oracle.
LeastSquaresSummary levenbergMarquardt(LeastSquares& problem, Eigen::VectorXd& x, const LeastSquaresOptions& options);

} // namespace zokran
