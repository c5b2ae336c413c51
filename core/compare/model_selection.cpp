#include "core/compare/model_selection.h"

#include "core/fit/head_estimation.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// What an error must explain before it is admitted, in units of squared standard deviations: about
/// the 0.1 % point of chi-squared, raised because some forty errors compete.
double penalty(int freedoms) {
    return freedoms == 1 ? 11 : 18;
}
constexpr double posePenalty = 15;

/// Placement errors beyond 30 % of the ball are rare; this keeps marks no one can see from running
/// away.
constexpr double amountSpread = 0.3;
constexpr int mostErrors = 8;
/// Every trial starts where its model has settled, and Newton's steps are few from there.
constexpr int iterations = 8;
constexpr std::size_t mostTrials = 3;

struct Model {
    bool poseFree = false;
    std::vector<int> admitted; ///< indices of modes
    HeadProblem::State state;
    double misfit = 0; ///< twice the cost at the solution
    double total = 0;  ///< with the penalty of everything admitted
};

class Search {
public:
    Search(const HeadProblem& problem, const std::vector<ErrorMode>& modes, const View& faithful)
        : base_(problem), modes_(modes), faithful_(faithful) {}

    HeadProblem problemFor(const Model& model) const {
        HeadProblem p = base_;
        p.directions.clear();
        if (!model.poseFree)
            p.facingHeld = faithful_.rotation;
        for (int k : model.admitted)
            append(p, modes_[k]);
        return p;
    }

    void refit(Model& model) const {
        const HeadProblem p = problemFor(model);
        model.state.coefficients.resize(p.directions.size(), 0);
        model.misfit = 2 * estimate(p, model.state, {iterations}).cost;
        model.total = model.misfit + (model.poseFree ? posePenalty : 0);
        for (int k : model.admitted)
            model.total += penalty(modes_[k].freedoms);
    }

    Model run(bool poseFree) const {
        Model model;
        model.poseFree = poseFree;
        model.state.view = faithful_;
        refit(model);
        while (static_cast<int>(model.admitted.size()) < mostErrors) {
            Model best = model;
            // The linear gains rank the candidates; the best few are then tried in earnest.
            for (int k : promising(model)) {
                Model trial = model;
                trial.admitted.push_back(k);
                refit(trial);
                if (trial.total < best.total - 0.01)
                    best = trial;
            }
            if (best.total >= model.total)
                break;
            model = prune(best);
        }
        return model;
    }

    /// Drops, one after the other, whatever costs more than it explains.
    Model prune(Model model) const {
        for (bool dropped = true; dropped;) {
            dropped = false;
            std::vector<Model> trials;
            for (std::size_t i = 0; i < model.admitted.size(); ++i) {
                Model trial = model;
                trial.admitted.erase(trial.admitted.begin() + static_cast<long>(i));
                trial.state.coefficients.clear();
                trials.push_back(std::move(trial));
            }
            if (model.poseFree) {
                Model trial = model;
                trial.poseFree = false;
                trial.state.view = faithful_;
                trial.state.coefficients.clear();
                trials.push_back(std::move(trial));
            }
            for (Model& trial : trials) {
                refit(trial);
                if (trial.total < model.total) {
                    model = trial;
                    dropped = true;
                }
            }
        }
        return model;
    }

    /// The same errors admitted, with the pose let loose.
    Model withPoseFree(Model model) const {
        model.poseFree = true;
        refit(model);
        return model;
    }

private:
    void append(HeadProblem& p, const ErrorMode& mode) const {
        auto add = [&](const HeadMarks& displacement) {
            HeadProblem::Direction d;
            for (const auto& o : p.observations)
                d.displacement.push_back(displacement[o.mark]);
            d.spread = amountSpread;
            p.directions.push_back(std::move(d));
        };
        add(mode.displacement);
        if (mode.freedoms == 2)
            add(mode.second);
    }

    /// The candidates with the largest linear gain: what is left of the residuals, projected on
    /// what is left of the candidate's own effect, once everything admitted has had its share.
    std::vector<int> promising(const Model& model) const {
        HeadProblem p = problemFor(model);
        std::vector<int> column;
        for (std::size_t k = 0; k < modes_.size(); ++k) {
            column.push_back(static_cast<int>(p.directions.size()));
            append(p, modes_[k]);
        }
        HeadProblem::State state = model.state;
        state.coefficients.resize(p.directions.size(), 0);
        const auto [f, j, first] = linearise(p, state);
        const auto known = first + static_cast<Eigen::Index>(model.state.coefficients.size());
        const Eigen::MatrixXd basis = j.leftCols(known).householderQr().householderQ() *
                                      Eigen::MatrixXd::Identity(j.rows(), known);
        const Eigen::VectorXd left = f - basis * (basis.transpose() * f);
        const Eigen::MatrixXd rest = j.rightCols(j.cols() - known);
        const Eigen::MatrixXd own = rest - basis * (basis.transpose() * rest);
        std::vector<std::pair<double, int>> gains;
        for (std::size_t k = 0; k < modes_.size(); ++k) {
            if (std::find(model.admitted.begin(), model.admitted.end(), static_cast<int>(k)) !=
                model.admitted.end())
                continue;
            double gain = -penalty(modes_[k].freedoms);
            for (int s = 0; s < modes_[k].freedoms; ++s) {
                const Eigen::VectorXd c = own.col(first + column[k] + s - known);
                const double size = c.squaredNorm();
                if (size > 1e-6)
                    gain += std::pow(c.dot(left), 2) / size;
            }
            if (gain > 0)
                gains.emplace_back(gain, static_cast<int>(k));
        }
        // Errors that look alike on the marks there are explain equally much; the plainer one
        // stands first in the catalogue and is taken.
        std::stable_sort(gains.begin(), gains.end(), [](const auto& a, const auto& b) {
            return std::round(100 * a.first) > std::round(100 * b.first);
        });
        std::vector<int> best;
        for (const auto& [gain, k] : gains)
            if (best.size() < mostTrials)
                best.push_back(k);
        return best;
    }

    const HeadProblem& base_;
    const std::vector<ErrorMode>& modes_;
    const View& faithful_;
};

} // namespace

ModelSelection selectModel(const HeadProblem& problem, const std::vector<ErrorMode>& modes,
                    const View& faithful) {
    const Search search(problem, modes, faithful);
    const Model held = search.run(false), loose = search.run(true);
    const Model& best = loose.total < held.total ? loose : held;

    ModelSelection result;
    result.view = best.state.view;
    result.poseDrifted = best.poseFree;
    // The pose costs more than a shift; beyond that a ratio of likelihoods of about seven does not decide.
    constexpr double nearlyAsWell = 4 + posePenalty - 11;
    constexpr Degrees hardlyTurned{3};
    const auto shift = std::find_if(held.admitted.begin(), held.admitted.end(),
                                    [&](int k) { return modes[k].id.ends_with("_across"); });
    const Radians turned = wrapped(loose.state.view.pose().turn - faithful.pose().turn);
    if (loose.poseFree && shift != held.admitted.end() && std::abs(held.total - loose.total) < nearlyAsWell &&
        abs(toDegrees(turned)) > hardlyTurned) {
        if (best.poseFree)
            result.rivalShift = modes[*shift].id;
        else
            result.rivalTurn = turned;
    }
    HeadProblem p = search.problemFor(best);
    result.unexplained = deviations(p, best.state);
    // The doubt of the pose is asked with the pose free, whether or not it drifted.
    p.facingHeld.reset();
    const Eigen::MatrixXd covariance = parameterCovariance(p, best.state);
    const Eigen::MatrixXd slope = facingJacobian(p, best.state);
    result.facingCovariance = slope * covariance * slope.transpose();
    // A small drift is explained by the pose that was seen, which is the simpler story: what the drawing would be read as
    // with the pose let loose is a part of the doubt, and large where few marks carry the reading.
    result.looseFacing = search.withPoseFree(best).state.view.facing();
    result.looseCovariance = result.facingCovariance;
    const Eigen::AngleAxisd drift(Eigen::Matrix3d(result.looseFacing * best.state.view.facing().transpose()));
    const Eigen::Vector3d moved = drift.angle() * drift.axis();
    result.facingCovariance += moved * moved.transpose();
    int row = static_cast<int>(covariance.rows() - best.state.coefficients.size());
    std::size_t coefficient = 0;
    for (int k : best.admitted) {
        AdmittedError e{&modes[k], best.state.coefficients[coefficient],
                        std::sqrt(covariance(row, row))};
        if (modes[k].freedoms == 2)
            e.second = best.state.coefficients[coefficient + 1];
        coefficient += modes[k].freedoms;
        row += modes[k].freedoms;
        result.errors.push_back(e);
    }
    return result;
}

} // namespace zokran
