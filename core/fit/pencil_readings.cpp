#include "core/fit/pencil_readings.h"

#include "core/base/errors.h"
#include "core/base/translatable.h"
#include "core/fit/levenberg_marquardt.h"
#include "core/fit/pose_spread.h"
#include "core/head/population.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr int sheetWidth = 1000, sheetHeight = 1250;
constexpr double ballRadius = 200; ///< px of the sheet
/// How well a held-out pencil is read.
constexpr double lengthNoise = 0.06;
constexpr Degrees slantNoise{2.5};
/// How heads are held by sitters, one standard deviation; turned to the nearer side's other way.
constexpr Degrees usualTurn{30}, turnSpread{22}, usualTilt{20}, usualLean{15};
/// A dozen directions hold most of what tells heads apart.
constexpr std::size_t directions = 12;

const PencilReadingKind* kindNamed(std::string_view id) {
    for (const PencilReadingKind& kind : pencilReadingKinds())
        if (kind.id == id)
            return &kind;
    return nullptr;
}

View viewWith(const Pose& pose) {
    View view;
    view.centre = view.principal = {sheetWidth / 2.0, 0.42 * sheetHeight};
    view.scale = ballRadius;
    view.nearness = nearnessAt(usualDistance);
    view.face(headToView(pose));
    return view;
}

/// Turn, tilt, lean and the shape's coefficients.
class Readings final : public LeastSquares {
public:
    Readings(const std::vector<PencilReading>& readings, NearerSide nearer) : nearer_(nearer) {
        for (const PencilReading& reading : readings)
            read_.emplace_back(kindNamed(reading.kind), reading.value);
    }

    Eigen::Index parameterCount() const override { return 3 + static_cast<Eigen::Index>(directions); }
    Eigen::Index residualCount() const override { return static_cast<Eigen::Index>(read_.size()) + 3; }
    Prior prior() const override {
        const auto& all = adultHeads().directions;
        Prior prior{Eigen::MatrixXd::Zero(directions, directions), Eigen::VectorXd::Zero(directions)};
        for (std::size_t k = 0; k < directions && k < all.size(); ++k)
            prior.root(static_cast<Eigen::Index>(k), static_cast<Eigen::Index>(k)) = 1;
        return prior;
    }
    void evaluate(const Eigen::VectorXd& x, Eigen::Ref<Eigen::VectorXd> f, Eigen::MatrixXd* jacobian) const override {
        f = residuals(x);
        if (!jacobian)
            return;
        constexpr double step = 1e-5;
        for (Eigen::Index k = 0; k < x.size(); ++k) {
            Eigen::VectorXd less = x, more = x;
            less[k] -= step;
            more[k] += step;
            jacobian->row(k) = (residuals(more) - residuals(less)).transpose() / (2 * step);
        }
    }

    static View view(const Eigen::VectorXd& x) { return viewWith({{x[0]}, {x[1]}, {x[2]}}); }
    static HeadMarks head(const Eigen::VectorXd& x) {
        std::vector<double> coefficients(adultHeads().directions.size(), 0);
        std::copy(x.data() + 3, x.data() + x.size(), coefficients.begin());
        return adultHeads().head(coefficients);
    }

private:
    Eigen::VectorXd residuals(const Eigen::VectorXd& x) const {
        Eigen::VectorXd f(residualCount());
        const View seen = view(x);
        const HeadMarks marks = head(x);
        Eigen::Index row = 0;
        for (const auto& [kind, value] : read_) {
            const double now = readingOf(*kind, seen, marks, nearer_).value_or(value);
            f[row++] = kind->unit == PencilReadingKind::Unit::Eyes ? std::log(std::max(now, 1e-3) / value) / lengthNoise
                                                                   : Degrees{std::remainder(now - value, 360)} / slantNoise;
        }
        const Degrees middle = nearer_ == NearerSide::Neither       ? Degrees{0}
                               : nearer_ == NearerSide::ViewersLeft ? usualTurn
                                                                    : -usualTurn;
        f[row++] = (toDegrees({x[0]}) - middle) / turnSpread;
        f[row++] = toDegrees({x[1]}) / usualTilt;
        f[row++] = toDegrees({x[2]}) / usualLean;
        return f;
    }

    std::vector<std::pair<const PencilReadingKind*, double>> read_;
    NearerSide nearer_;
};

/// The mark on the nearer side for one that is named for the sitter's left.
Mark onSide(Mark mark, NearerSide nearer) {
    // The sitter's right half stands on the viewer's left.
    return nearer == NearerSide::ViewersLeft ? mirrored(mark) : mark;
}

double eyeWidth(const View& view, const HeadMarks& head, NearerSide nearer) {
    return (view.project(head[onSide(Mark::OuterEyeL, nearer)]) - view.project(head[onSide(Mark::InnerEyeL, nearer)])).norm();
}

} // namespace

const std::vector<PencilReadingKind>& pencilReadingKinds() {
    using Unit = PencilReadingKind::Unit;
    static const std::vector<PencilReadingKind> all = {
        {"head", ZOKRAN_WORDS("The whole head, crown to chin"), Unit::Eyes, Mark::Crown, Mark::Chin},
        {"upper_face", ZOKRAN_WORDS("Hairline to brow"), Unit::Eyes, Mark::Hairline, Mark::Brow},
        {"nose", ZOKRAN_WORDS("Brow to the base of the nose"), Unit::Eyes, Mark::Brow, Mark::NoseBase},
        {"lower_face", ZOKRAN_WORDS("Base of the nose to the chin"), Unit::Eyes, Mark::NoseBase, Mark::Chin},
        {"mouth_chin", ZOKRAN_WORDS("Parting of the lips to the chin"), Unit::Eyes, Mark::LipLine, Mark::Chin},
        {"between", ZOKRAN_WORDS("Between the eyes"), Unit::Eyes, Mark::InnerEyeL, Mark::InnerEyeR},
        {"far_eye", ZOKRAN_WORDS("The farther eye"), Unit::Eyes, Mark::InnerEyeR, Mark::OuterEyeR},
        {"mouth", ZOKRAN_WORDS("The mouth, corner to corner"), Unit::Eyes, Mark::MouthCornerL, Mark::MouthCornerR},
        {"wings", ZOKRAN_WORDS("The nose, wing to wing"), Unit::Eyes, Mark::NoseWingL, Mark::NoseWingR},
        {"eye_ear", ZOKRAN_WORDS("The nearer eye's outer corner to its ear"), Unit::Eyes, Mark::OuterEyeL, Mark::EarTopL},
        {"tip", ZOKRAN_WORDS("The nearer eye's inner corner to the tip of the nose"), Unit::Eyes, Mark::InnerEyeL, Mark::NoseTip},
        {"eyes_slant", ZOKRAN_WORDS("Slant through the eyes' outer corners"), Unit::Slant, Mark::OuterEyeR, Mark::OuterEyeL},
        {"mouth_slant", ZOKRAN_WORDS("Slant through the mouth's corners"), Unit::Slant, Mark::MouthCornerR, Mark::MouthCornerL},
        {"ear_slant", ZOKRAN_WORDS("Slant from the nearer ear's top to the brow"), Unit::Slant, Mark::EarTopL, Mark::Brow},
        {"face_slant", ZOKRAN_WORDS("Brow to chin, off the plumb line"), Unit::Slant, Mark::Brow, Mark::Chin, true},
        {"nose_slant", ZOKRAN_WORDS("Brow to the tip of the nose, off the plumb line"), Unit::Slant, Mark::Brow, Mark::NoseTip, true},
    };
    return all;
}

std::optional<double> readingOf(const PencilReadingKind& kind, const View& view, const HeadMarks& head, NearerSide nearer) {
    const PicturePoint from = view.project(head[onSide(kind.from, nearer)]), to = view.project(head[onSide(kind.to, nearer)]);
    PicturePoint way = to - from;
    if (kind.unit == PencilReadingKind::Unit::Eyes) {
        const double eye = eyeWidth(view, head, nearer);
        return eye > 1e-6 ? std::optional(way.norm() / eye) : std::nullopt;
    }
    if (!(way.norm() > 1e-6))
        return std::nullopt;
    if (kind.isDown)
        return inDegrees(Radians{std::atan2(way.x(), way.y())});
    if (way.x() < 0)
        way = -way;
    return inDegrees(Radians{std::atan2(-way.y(), way.x())});
}

ReadHead headOfReadings(const std::vector<PencilReading>& readings, NearerSide nearer) {
    if (static_cast<int>(readings.size()) < fewestReadings)
        throw BadInput(fmt::format("a head needs at least {} readings", fewestReadings));
    for (const PencilReading& reading : readings) {
        const PencilReadingKind* kind = kindNamed(reading.kind);
        if (!kind)
            throw BadInput(fmt::format("there is no reading \"{}\"", reading.kind));
        if (!std::isfinite(reading.value) || (kind->unit == PencilReadingKind::Unit::Eyes && !(reading.value > 0)))
            throw BadInput(fmt::format("the reading \"{}\" must be a length above zero or a slant", reading.kind));
    }
    Readings problem(readings, nearer);
    Eigen::VectorXd best;
    double least = std::numeric_limits<double>::infinity();
    const double side = nearer == NearerSide::ViewersRight ? -1 : 1;
    for (const double turn : {0.0, 25.0, 50.0})
        for (const double tilt : {-25.0, 0.0, 25.0}) {
            Eigen::VectorXd x = Eigen::VectorXd::Zero(problem.parameterCount());
            x[0] = toRadians(Degrees{side * turn}).value;
            x[1] = toRadians(Degrees{tilt}).value;
            const LeastSquaresSummary summary = levenbergMarquardt(problem, x, {60});
            if (summary.cost < least) {
                least = summary.cost;
                best = x;
            }
        }
    if (best.size() == 0)
        throw BadInput("no head fits these readings");

    ReadHead read;
    read.view = Readings::view(best);
    read.head = Readings::head(best);
    // The covariance of the parameters, and through the projection that of each mark.
    const Eigen::Index n = problem.parameterCount();
    Eigen::VectorXd f(problem.residualCount());
    Eigen::MatrixXd jacobian(n, problem.residualCount());
    problem.evaluate(best, f, &jacobian);
    Eigen::MatrixXd information = jacobian * jacobian.transpose() + 1e-6 * Eigen::MatrixXd::Identity(n, n);
    information.bottomRightCorner(directions, directions) += problem.prior().root.transpose() * problem.prior().root;
    const Eigen::MatrixXd covariance = information.ldlt().solve(Eigen::MatrixXd::Identity(n, n));
    // Readings that contradict one another are worth less than their noise says: the unit variance of the fit, over the
    // readings beyond the three angles.
    const auto count = static_cast<Eigen::Index>(readings.size());
    const double variance = f.head(count).squaredNorm() / static_cast<double>(std::max<Eigen::Index>(count - 3, 1));
    const double factor = std::sqrt(std::max(1.0, variance));
    read.sigma = {{factor * std::sqrt(covariance(0, 0))}, {factor * std::sqrt(covariance(1, 1))}, {factor * std::sqrt(covariance(2, 2))}};
    Eigen::Index worst = 0;
    constexpr double clearly = 2.5;
    if (f.head(count).cwiseAbs().maxCoeff(&worst) > clearly)
        read.doubtful = kindNamed(readings[static_cast<std::size_t>(worst)].kind)->id;
    read.marks.width = sheetWidth;
    read.marks.height = sheetHeight;
    const auto place = [&](Mark m) {
        Eigen::MatrixXd by(2, n);
        constexpr double step = 1e-4;
        for (Eigen::Index k = 0; k < n; ++k) {
            Eigen::VectorXd less = best, more = best;
            less[k] -= step;
            more[k] += step;
            by.col(k) = (Readings::view(more).project(Readings::head(more)[m]) -
                         Readings::view(less).project(Readings::head(less)[m])) /
                        (2 * step);
        }
        const double squares = (by * covariance * by.transpose()).trace() / 2;
        read.marks.marks[m] = PlacedMark{read.view.project(read.head[m]), false, false, Pixels{factor * std::sqrt(squares)}};
    };
    place(onSide(Mark::InnerEyeL, nearer));
    place(onSide(Mark::OuterEyeL, nearer));
    for (const PencilReading& reading : readings) {
        const PencilReadingKind& kind = *kindNamed(reading.kind);
        place(onSide(kind.from, nearer));
        place(onSide(kind.to, nearer));
    }
    return read;
}

} // namespace zokran
