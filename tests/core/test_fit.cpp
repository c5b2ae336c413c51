#include "core/fit/fit.h"
#include "core/fit/head_estimation.h"
#include "core/fit/head_residuals.h"
#include "core/fit/levenberg_marquardt.h"
#include "core/fit/next_best_mark.h"
#include "core/fit/pose_search.h"
#include "core/fit/reliability.h"
#include "core/fit/shape_problem.h"
#include "core/messages/trouble_messages.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <unsupported/Eigen/NonLinearOptimization>
#include <unsupported/Eigen/NumericalDiff>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

MarksTrouble troubleOf(const MarkSheet& sheet) {
    try {
        fitHead(sheet);
    } catch (const BadMarks& e) {
        return e.trouble;
    }
    throw std::logic_error("these marks were fitted");
}

} // namespace

TEST_CASE("The analytic derivatives are those of finite differences") {
    for (const bool lensKnown : {false, true}) {
        Random random(41);
        HeadProblem problem{{500, 500}, {150}};
        const View view = viewAt(pose(30, -20, 50), 9);
        for (Mark m : {Brow, Chin, EarTopL, NoseTip, MouthCornerR}) {
            problem.observations.push_back({m,
                                            adultHeads().mean[m],
                                            view.project(adultHeads().mean[m]) +
                                                PicturePoint(random.normal(9), random.normal(9)),
                                            {3.0}});
        }
        for (int k = 0; k < 3; ++k) {
            HeadProblem::Direction d;
            for (std::size_t i = 0; i < problem.observations.size(); ++i)
                d.displacement.emplace_back(random.normal(.1), random.normal(.1),
                                            random.normal(.1));
            problem.directions.push_back(d);
        }
        problem.ball = BallCircle{{470, 440}, {160}};
        problem.pageHeld = viewAt(pose(28, -20, 49), 9);
        problem.facingHeld = headToView(pose(26, -18, 40));
        problem.robustness = 2.5;
        if (lensKnown)
            problem.focal = Pixels{1500};
        const std::vector<double> shape{0.2, -0.1, 0.3};
        const HeadProblem::State state{viewAt(pose(24, -13, 44), 8), shape};
        const auto [f, j, camera] = linearise(problem, state);
        REQUIRE(camera == (lensKnown ? 6 : 7));
        for (Eigen::Index k = 0; k < j.cols(); ++k) {
            const auto at = [&](double by) {
                HeadProblem::State moved = state;
                View& to = moved.view;
                if (k < 3)
                    to.rotation = Eigen::AngleAxisd(by, Eigen::Vector3d::Unit(k)) * state.view.rotation;
                else if (k < 5)
                    to.centre[k - 3] += 150 * by;
                else if (k == 5)
                    to.scale *= std::exp(by);
                else if (k < camera)
                    to.nearness *= std::exp(-by);
                else
                    moved.coefficients[static_cast<std::size_t>(k - camera)] += by;
                return linearise(problem, moved).residuals;
            };
            const Eigen::VectorXd slope = (at(1e-6) - at(-1e-6)) / 2e-6;
            CHECK((slope - j.col(k)).cwiseAbs().maxCoeff() < 1e-4 * (1 + j.col(k).cwiseAbs().maxCoeff()));
        }
    }
}

TEST_CASE("The derivatives are right where distance and depth are clamped") {
    Random random(43);
    for (const bool lensKnown : {false, true}) {
        HeadProblem problem{{500, 500}, {150}};
        // A camera nearer than any can be.
        const View view = viewAt(pose(20, -10, 5), 3);
        if (lensKnown)
            problem.focal = Pixels{150};
        problem.axisSpread = 0.2;
        problem.ball = BallCircle{{470, 440}, {160}};
        for (Mark m : {Brow, Chin, EarTopL, NoseTip})
            problem.observations.push_back({m, adultHeads().mean[m],
                                            view.project(adultHeads().mean[m]) + PicturePoint(random.normal(9), random.normal(9)), {3}});
        // This one lies behind the camera, where the depth is clamped.
        problem.observations.push_back({NoseBase, HeadPoint(0.1, 0.2, 4), PicturePoint(480, 500), {3}});
        const HeadResiduals residuals(problem, view);
        HeadProblem::State state{view, {}};
        Eigen::VectorXd x = residuals.parameters(state);
        if (!lensKnown)
            x[6] = std::log(2.0);
        Eigen::VectorXd f(residuals.residualCount()), more = f, less = f;
        Eigen::MatrixXd jacobian(residuals.parameterCount(), residuals.residualCount());
        residuals.evaluate(x, f, &jacobian);
        for (Eigen::Index k = 3; k < x.size(); ++k) {
            Eigen::VectorXd moved = x;
            moved[k] = x[k] + 1e-6;
            residuals.evaluate(moved, more, nullptr);
            moved[k] = x[k] - 1e-6;
            residuals.evaluate(moved, less, nullptr);
            const Eigen::VectorXd slope = (more - less) / 2e-6, ours = jacobian.row(k).transpose();
            INFO("parameter " << k);
            CHECK((slope - ours).cwiseAbs().maxCoeff() < 1e-4 * (1 + ours.cwiseAbs().maxCoeff()));
        }
    }
}

TEST_CASE("The minimisation says how it ended") {
    /// Rosenbrock's valley, the second parameter under a prior.
    struct Valley : LeastSquares {
        double target = 1;
        bool isFinite = true;
        Eigen::Index parameterCount() const override { return 2; }
        Eigen::Index residualCount() const override { return 2; }
        void evaluate(const Eigen::VectorXd& x, Eigen::Ref<Eigen::VectorXd> f, Eigen::MatrixXd* jacobian) const override {
            f << 10 * (x[1] - x[0] * x[0]), 1 - x[0];
            if (!isFinite)
                f[0] = std::numeric_limits<double>::quiet_NaN();
            if (jacobian)
                *jacobian << -20 * x[0], -1, 10, 0;
        }
        Prior prior() const override { return {Eigen::MatrixXd::Identity(1, 1), Eigen::VectorXd::Constant(1, target)}; }
    };
    Valley valley;
    Eigen::VectorXd x = Eigen::Vector2d(-1.2, 1);
    const LeastSquaresSummary found = levenbergMarquardt(valley, x, {200, 1e-14});
    CHECK(found.hasConverged());
    CHECK(found.initialCost == Approx((4.4 * 4.4 + 2.2 * 2.2) / 2));
    CHECK(found.cost < 1e-10);
    CHECK((x - Eigen::Vector2d(1, 1)).norm() < 1e-4);

    x = Eigen::Vector2d(-1.2, 1);
    const LeastSquaresSummary cut = levenbergMarquardt(valley, x, {5, 1e-14});
    CHECK(cut.stop == LeastSquaresSummary::Stop::IterationLimit);
    CHECK(cut.evaluations == 5);
    CHECK(cut.cost < cut.initialCost);
    CHECK_FALSE(cut.hasConverged());

    // The prior pulls: the least of the sum lies elsewhere.
    valley.target = 3;
    x = Eigen::Vector2d(1, 1);
    levenbergMarquardt(valley, x, {200, 1e-14});
    CHECK(x[1] > 1.05);

    valley.isFinite = false;
    x = Eigen::Vector2d(0.5, 0.5);
    CHECK(levenbergMarquardt(valley, x, {}).stop == LeastSquaresSummary::Stop::NotFinite);
    CHECK(x == Eigen::VectorXd(Eigen::Vector2d(0.5, 0.5)));
}

namespace {

/// The problem as Eigen's port of MINPACK asks for it, the unknowns counted from a state.
struct ForMinpack {
    using Scalar = double;
    using InputType = Eigen::VectorXd;
    using ValueType = Eigen::VectorXd;
    using JacobianType = Eigen::MatrixXd;
    enum { InputsAtCompileTime = Eigen::Dynamic, ValuesAtCompileTime = Eigen::Dynamic };

    const HeadProblem& problem;
    HeadProblem::State start;
    double unit;

    int inputs() const { return static_cast<int>(linearise(problem, start).jacobian.cols()); }
    int values() const { return static_cast<int>(linearise(problem, start).residuals.size()); }
    HeadProblem::State at(const Eigen::VectorXd& x) const {
        HeadProblem::State s = start;
        s.view.rotation = rotationFromVector(x.head<3>()) * start.view.rotation;
        s.view.centre += unit * x.segment<2>(3);
        s.view.scale *= std::exp(x[5]);
        s.view.nearness *= std::exp(-x[6]);
        s.view.principal += unit * x.segment<2>(7);
        for (std::size_t k = 0; k < s.coefficients.size(); ++k)
            s.coefficients[k] += x[9 + static_cast<Eigen::Index>(k)];
        return s;
    }
    int operator()(const Eigen::VectorXd& x, Eigen::VectorXd& f) const {
        f = linearise(problem, at(x)).residuals;
        return 0;
    }
};

} // namespace

TEST_CASE("The fit's own solver comes to where MINPACK's does") {
    Random random(31);
    for (const bool robust : {false, true, false, true, false, true, false, true}) {
        const View view = viewAt(pose(random.between(-60, 60), random.between(-30, 30), random.between(-40, 40)),
                                 random.between(8, 25));
        const MarkSheet sheet = random.shaken(sheetOf(random.head(), view), 2);
        HeadProblem problem = shapeProblem(sheet, {view.scale});
        if (robust)
            problem.robustness = 3;
        const HeadProblem::State start{view, std::vector<double>(problem.directions.size(), 0)};
        HeadProblem::State ours = start;
        const LeastSquaresSummary summary = estimate(problem, ours, {100, 1e-10});
        CHECK(summary.hasConverged());
        CHECK(summary.cost <= summary.initialCost);
        const double cost = summary.cost;
        ForMinpack theirs{problem, start, view.scale};
        Eigen::NumericalDiff<ForMinpack, Eigen::Central> withSlopes(theirs);
        Eigen::LevenbergMarquardt<decltype(withSlopes)> minpack(withSlopes);
        minpack.parameters.maxfev = 2000;
        Eigen::VectorXd x = Eigen::VectorXd::Zero(theirs.inputs());
        minpack.minimize(x);
        INFO("turn " << degrees(view.pose().turn));
        const double least = minpack.fvec.squaredNorm() / 2;
        CHECK(cost < least * (1 + 1e-4));
        // A tolerant loss has more hollows than one; where both found the same, it is the same place.
        if (!robust || cost > least * (1 - 1e-4))
            CHECK(apart(ours.view.rotation, theirs.at(x).view.rotation) < 0.05);
    }
}

TEST_CASE("Exact marks of the mean head give its pose from a cold start anywhere") {
    Random random(42);
    for (int i = 0; i < 300; ++i) {
        const View view = viewAt(
            pose(random.between(-90, 90), random.between(-60, 60), random.between(-180, 180)),
            random.between(8, 25));
        MarkSheet sheet = sheetOf(adultHeads().mean, view);
        sheet.focal = view.focal();
        const Fit fit = fitHead(sheet);
        INFO("pose " << degrees(view.pose().turn) << ' ' << degrees(view.pose().tilt) << ' '
                     << degrees(view.pose().lean));
        // The camera is estimated under a prior, which pulls a little.
        CHECK(apart(fit.view.facing(), view.facing()) < 0.5);
        CHECK(fit.outliers.empty());
    }
}

TEST_CASE("Heads of other shapes are read within a few degrees, lens unknown, marks shaken") {
    Random random(43);
    std::vector<double> errors;
    int within = 0;
    for (int i = 0; i < 300; ++i) {
        const View view =
            viewAt(pose(random.between(-65, 65), random.between(-35, 35), random.between(-40, 40)),
                   random.between(8, 26));
        const Fit fit = fitHead(random.shaken(sheetOf(random.head(), view), 3.5));
        errors.push_back(apart(fit.view.facing(), view.facing()));
        within += abs(wrapped(fit.pose.turn - view.pose().turn)).value < 2 * fit.sigma.turn.value;
    }
    std::sort(errors.begin(), errors.end());
    CHECK(errors[150] < 3);
    CHECK(errors[270] < 6);
    CHECK(errors.back() < 20);
    CHECK(within > 0.9 * 300);
}

TEST_CASE("The ball alone does not fix a pose, but with it three marks do") {
    const View view = viewAt(pose(20, 10, 0));
    const MarkSheet all = sheetOf(adultHeads().mean, view);
    MarkSheet few;
    few.width = few.height = 1000;
    for (Mark m : {Brow, Chin, OuterEyeR})
        few.marks[m] = all.marks[m];
    CHECK_THAT(wordsFor(*whatIsMissing(few)), Catch::StartsWith("1 more mark is needed"));
    CHECK_THROWS_AS(fitHead(few), BadInput);
    few.ball = BallCircle{view.centre, view.outlineRadius()};
    const Fit fit = fitHead(few);
    CHECK(apart(fit.view.facing(), view.facing()) < 12);
    CHECK(fit.sigma.tilt.value > fitHead(all).sigma.tilt.value);
}

TEST_CASE("Too few marks say how many more and which") {
    MarkSheet none;
    none.width = none.height = 1000;
    CHECK_THAT(wordsFor(*whatIsMissing(none)), Catch::StartsWith("4 more marks are needed") &&
                                                   Catch::Contains("brow") &&
                                                   Catch::Contains("chin"));
    MarkSheet line = none;
    int i = 0;
    for (Mark m : {Hairline, Brow, NoseBase, LipLine, Chin})
        line.marks[m] = PlacedMark{PicturePoint(500, 200 + 90 * i++), false};
    CHECK_THAT(wordsFor(*whatIsMissing(line)), Catch::Contains("on one line"));
    MarkSheet same = none;
    for (Mark m : {Hairline, Brow, NoseBase, LipLine, Chin})
        same.marks[m] = PlacedMark{PicturePoint(500, 500), false};
    CHECK(whatIsMissing(same));
}

TEST_CASE("Hidden marks have no say, wherever they are put") {
    const View view = viewAt(pose(-40, 5, 0));
    MarkSheet sheet = sheetOf(adultHeads().mean, view);
    const Fit fit = fitHead(sheet);
    for (auto& m : sheet.marks)
        if (m->hidden)
            m->at = PicturePoint(3, 3);
    CHECK(apart(fitHead(sheet).view.facing(), fit.view.facing()) < 1e-9);
}

TEST_CASE("While few marks carry a reading its doubt covers one that was misplaced") {
    const HeadMarks& head = adultHeads().mean;
    const View view = viewAt(pose(15, -5, 4));
    const MarkSheet all = sheetOf(head, view);
    const auto worst = [&](std::initializer_list<Mark> marks) {
        MarkSheet few;
        few.width = few.height = 1000;
        few.noise = Pixels{2};
        for (Mark m : marks)
            few.marks[m] = all.marks[m];
        double most = 0;
        for (Mark m : marks)
            for (const PicturePoint& way : {PicturePoint(1, 0), PicturePoint(-1, 0), PicturePoint(0, 1), PicturePoint(0, -1)}) {
                MarkSheet wrong = few;
                *wrong.marks[m]->at += 0.2 * view.scale * way;
                const Fit fit = fitHead(wrong);
                const Pose off = fit.pose;
                most = std::max({most, std::abs(wrapped(off.turn - view.pose().turn).value) / fit.sigma.turn.value,
                                 std::abs(wrapped(off.tilt - view.pose().tilt).value) / fit.sigma.tilt.value,
                                 std::abs(wrapped(off.lean - view.pose().lean).value) / fit.sigma.lean.value});
            }
        return most;
    };
    CHECK(worst({Brow, OuterEyeL, OuterEyeR, NoseBase, Chin}) < 4.5);
    CHECK(worst({Brow, InnerEyeL, InnerEyeR, NoseBase, LipLine, Chin}) < 4.5);
    // Among many marks it would be set aside: the doubt is that of the marks' noise alone.
    const Fit whole = fitHead(all);
    HeadProblem problem = shapeProblem(all, {whole.view.scale});
    const HeadProblem::State state{whole.view, whole.shape};
    const Eigen::MatrixXd covariance = parameterCovariance(problem, state), slope = facingJacobian(problem, state);
    const Eigen::Matrix3d noise = slope * covariance * slope.transpose();
    CHECK(unnoticedMistakeCovariance(problem, state, slope, covariance).norm() < 0.1 * noise.norm());
}

TEST_CASE("A mark far out of place is named, and hardly moves the reading") {
    Random random(44);
    int named = 0;
    constexpr int rounds = 400;
    for (int i = 0; i < rounds; ++i) {
        const View view = viewAt(pose(random.between(-50, 50), random.between(-30, 30), 0));
        MarkSheet sheet = random.shaken(sheetOf(random.head(), view), 2);
        const std::vector<Mark> seen = sheet.seenMarks();
        const Mark wrong = seen[static_cast<std::size_t>(random.between(0, double(seen.size())))];
        const double away = random.between(0, 6.28);
        // 15 % of the head's height
        *sheet.marks[wrong]->at += 0.15 * 2.35 * 150 * PicturePoint(std::cos(away), std::sin(away));
        const Fit fit = fitHead(sheet);
        named += fit.outliers.size() == 1 && fit.outliers.front() == wrong;
        CHECK(apart(fit.view.facing(), view.facing()) < 15);
    }
    CHECK(named >= 0.95 * rounds);
}

TEST_CASE("A warm start lands where the cold one does") {
    Random random(45);
    const View view = viewAt(pose(25, -15, 10));
    const MarkSheet sheet = random.shaken(sheetOf(random.head(), view), 2);
    const Fit cold = fitHead(sheet);
    MarkSheet moved = sheet;
    *moved.marks[Chin]->at += PicturePoint(4, -6);
    FitOptions warm;
    warm.warmStart = &cold;
    CHECK(apart(fitHead(moved, warm).view.facing(), fitHead(moved).view.facing()) < 0.05);
}

TEST_CASE("The pose search offers starts well apart, the true one among them") {
    const View view = viewAt(pose(-60, 25, 120));
    const auto starts =
        searchPoses(sheetOf(adultHeads().mean, view), adultHeads().mean, view.centre, 4);
    REQUIRE(starts.size() == 4);
    double nearest = 180;
    for (const View& s : starts)
        nearest = std::min(nearest, apart(s.facing(), view.facing()));
    CHECK(nearest < 25);
    for (std::size_t i = 1; i < starts.size(); ++i)
        CHECK(apart(starts[0].rotation, starts[i].rotation) > 20);
}

TEST_CASE("The mark offered next tightens the reading most") {
    const View view = viewAt(pose(20, -10, 0));
    const MarkSheet all = sheetOf(adultHeads().mean, view);
    MarkSheet few = all;
    for (Mark m : {NoseTip, EarTopR, EarBaseR, EarTopL, EarBaseL, Crown, Hairline, JawAngleR,
                   JawAngleL, NoseRoot})
        few.marks[m].reset();
    few.noise = all.noiseOrDefault();
    auto doubt = [](const Fit& f) {
        return std::hypot(f.sigma.turn.value, f.sigma.tilt.value, f.sigma.lean.value);
    };
    const Fit fit = fitHead(few);
    const auto telling = nextBestMark(few, fit);
    REQUIRE(telling);
    double best = 10, offered = 10;
    for (Mark m : {NoseTip, EarTopR, EarBaseR, Crown, Hairline, JawAngleR, NoseRoot}) {
        MarkSheet more = few;
        more.marks[m] = all.marks[m];
        if (more.marks[m]->hidden)
            continue;
        const double left = doubt(fitHead(more)) / doubt(fit);
        best = std::min(best, left);
        if (m == telling->mark)
            offered = left;
    }
    CHECK(offered < best + 0.06);
    CHECK(offered == Approx(telling->doubtLeft).margin(0.06));
    CHECK_FALSE(nextBestMark(all, fitHead(all)));
}

TEST_CASE("Where two readings are nearly as good both are offered") {
    // Four marks of a face near the front: nodding and raised look much alike.
    const View view = viewAt(pose(0, 18, 0), 25);
    const MarkSheet all = sheetOf(adultHeads().mean, view);
    MarkSheet few;
    few.width = few.height = 1000;
    for (Mark m : {OuterEyeL, OuterEyeR, MouthCornerL, MouthCornerR})
        few.marks[m] = all.marks[m];
    few.noise = Pixels{4};
    const Fit fit = fitHead(few);
    REQUIRE(fit.rival);
    CHECK(degrees(fit.rival->tilt) * degrees(fit.pose.tilt) < 0);
    CHECK_FALSE(fitHead(all).rival);
}

TEST_CASE("Marks that are no numbers, or nowhere near, are refused by name") {
    MarkSheet sheet = sheetOf(adultHeads().mean, viewAt(pose(0, 0, 0)));
    sheet.marks[NoseTip]->at = PicturePoint(std::nan(""), 3);
    CHECK(troubleOf(sheet).marks == std::vector{Mark::NoseTip});
    sheet.marks[NoseTip]->at = PicturePoint(1e9, 3);
    CHECK_THROWS_AS(fitHead(sheet), BadInput);
    sheet.marks[NoseTip].reset();
    sheet.ball = BallCircle{{500, 500}, {-3}};
    CHECK(troubleOf(sheet).kind == MarksTrouble::Kind::BadBall);
}

TEST_CASE("Mangled marks never make a fit that is not finite", "[long]") {
    Random random(46);
    for (int i = 0; i < 500; ++i) {
        MarkSheet sheet;
        sheet.width = sheet.height = 1000;
        const int kind = i % 5;
        for (int k = 0; k < markCount; ++k) {
            if (random.between(0, 1) < 0.5)
                continue;
            const double size = kind == 0 ? 1e-6 : kind == 1 ? 9e5 : 1000;
            PicturePoint p(random.between(0, size), random.between(0, size));
            if (kind == 2)
                p.y() = p.x() * 0.5 + random.normal(1e-3);
            sheet.marks[markAt(k)] = PlacedMark{p, random.between(0, 1) < 0.1};
        }
        try {
            const Fit fit = fitHead(sheet);
            CHECK(fit.view.rotation.allFinite());
            CHECK(std::isfinite(fit.view.scale));
            CHECK(
                std::isfinite(fit.sigma.turn.value + fit.sigma.tilt.value + fit.sigma.lean.value));
            for (const HeadPoint& p : fit.head)
                CHECK(p.allFinite());
        } catch (const BadInput& e) {
            CHECK(std::string(e.what()).find('\n') == std::string::npos);
        }
    }
}
