// The shell of hair against the edge that was laid over a picture.

#include "core/construction/ball_form.h"
#include "core/construction/hair_shell.h"
#include "core/head/drawn_lines.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <numbers>

using namespace zokran;
using namespace zokran::test;

namespace {

const std::shared_ptr<const HeadSolid>& meanSolid() {
    static const auto solid = std::make_shared<const HeadSolid>(adultHeads().mean);
    return solid;
}

/// Points on the hair's edge from the viewer's left over the top to the right, px: `out(angle)` ball radii from the ball's
/// middle, the angle measured from straight up along the leaning head.
template <class Out>
std::vector<PicturePoint> edgeAround(const View& view, int count, Out out) {
    std::vector<PicturePoint> points;
    const double lean = view.pose().lean.value;
    for (int i = 0; i < count; ++i) {
        const double angle = std::numbers::pi * (-0.5 + 1.0 * i / (count - 1));
        points.push_back(view.centre + view.scale * out(angle) * PicturePoint(std::sin(angle + lean), -std::cos(angle + lean)));
    }
    return points;
}

std::vector<PicturePoint> hairLine(const std::vector<HeadPoint>& edge, const View& view, std::optional<BallRadii> mass = {}) {
    Subject subject = ownSubject(meanSolid());
    subject.hairEdge = edge;
    subject.look.hair = mass;
    constexpr std::string_view wanted[] = {"hair"};
    std::vector<PicturePoint> all;
    for (const GuideLine& line : BallForm(std::move(subject)).linesOf(view, wanted, [](const LineEntry&) { return true; }))
        all.insert(all.end(), line.points.begin(), line.points.end());
    return all;
}

double distanceTo(const std::vector<PicturePoint>& line, const PicturePoint& at) {
    double least = 1e9;
    for (std::size_t i = 1; i < line.size(); ++i) {
        const PicturePoint way = line[i] - line[i - 1];
        const double t = std::clamp((at - line[i - 1]).dot(way) / std::max(1e-9, way.squaredNorm()), 0.0, 1.0);
        least = std::min(least, (line[i - 1] + t * way - at).norm());
    }
    return least;
}

/// How far a line stands out from the ball's middle in a direction of the picture, ball radii.
double standsOut(const std::vector<PicturePoint>& line, const View& view, const Eigen::Vector2d& way) {
    double most = 0, nearest = -1;
    for (const PicturePoint& at : line) {
        const Eigen::Vector2d from = (at - view.centre) / view.scale;
        if (const double along = from.normalized().dot(way); along > nearest) {
            nearest = along;
            most = from.norm();
        }
    }
    return most;
}

} // namespace

TEST_CASE("The outline of the hair runs through its marked edge, whatever its shape and the head's pose") {
    Random random(31);
    double worst = 0, usual = 0;
    for (int i = 0; i < 40; ++i) {
        const View view = viewAt(pose(random.between(-70, 70), random.between(-20, 20), random.between(-20, 20)));
        const double mass = random.between(1.05, 1.35), wave = random.between(0.05, 0.15), phase = random.between(0, 6);
        const auto points = edgeAround(view, 9, [&](double a) { return mass + wave * std::sin(3 * a + phase); });
        const auto shell = hairLine(hairEdgePlaces(points, view, adultHeads().mean), view);
        const auto egg = hairLine({}, view);
        REQUIRE(shell.size() > 20);
        const auto strokes = strokesThrough(DrawnLine::Hair, points);
        for (const PicturePoint& at : strokes.front()) {
            worst = std::max(worst, distanceTo(shell, at) / view.scale);
            usual = std::max(usual, distanceTo(egg, at) / view.scale);
        }
    }
    CHECK(worst < 0.04); // ball radii
    CHECK(usual > 0.15);
}

TEST_CASE("Hair that stands off more at one side does so from elsewhere too, and where no edge was seen as much as usual") {
    const View front = viewAt(pose(0, 0, 0)), turned = viewAt(pose(35, 0, 0)), behind = viewAt(pose(180, 0, 0));
    // The sitter's left, at the viewer's right, stands off further.
    const auto points = edgeAround(front, 9, [](double a) { return 1.2 + 0.15 * std::sin(a); });
    const auto edge = hairEdgePlaces(points, front, adultHeads().mean);
    const Eigen::Vector2d right = Eigen::Vector2d(1, -0.6).normalized(), left = Eigen::Vector2d(-1, -0.6).normalized();
    const auto excess = [&](const View& view) {
        const auto line = hairLine(edge, view);
        return standsOut(line, view, right) - standsOut(line, view, left);
    };
    const auto eggExcess = [&](const View& view) {
        const auto line = hairLine({}, view);
        return standsOut(line, view, right) - standsOut(line, view, left);
    };
    CHECK(excess(front) - eggExcess(front) > 0.15);
    CHECK(excess(turned) - eggExcess(turned) > 0.05);
    CHECK(excess(behind) - eggExcess(behind) < -0.15); // seen from behind the other way round
    // Where nothing was seen the mass is that of the edge, unless the learner has set one.
    const View profile = viewAt(pose(-90, 0, 0));
    const Eigen::Vector2d back = Eigen::Vector2d(1, -0.2).normalized();
    const auto at = [&](std::optional<BallRadii> mass, const std::vector<HeadPoint>& known) {
        return standsOut(hairLine(known, profile, mass), profile, back);
    };
    const auto wide = hairEdgePlaces(edgeAround(front, 9, [](double) { return 1.45; }), front, adultHeads().mean);
    CHECK(at({}, wide) > at({}, {}) + 0.1);
    CHECK(std::abs(at(BallRadii{0.05}, wide) - at(BallRadii{0.05}, {})) < 0.08);
}

TEST_CASE("Without an edge, or with too few points of it, nothing is known of the hair") {
    const View view = viewAt(pose(20, 0, 0));
    CHECK(hairEdgePlaces({}, view, adultHeads().mean).empty());
    CHECK(hairEdgePlaces({{1, 2}, {3, 4}}, view, adultHeads().mean).empty());
    CHECK(hairLine({}, view) == hairLine({}, view, usualHair));
}
