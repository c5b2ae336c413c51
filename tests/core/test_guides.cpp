#include "core/files/guides_file.h"
#include "core/head/guides.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>
#include <numbers>
#include <set>

using namespace zokran;
using namespace zokran::test;

namespace {

std::vector<GuideLine> linesAt(const Pose& p) {
    return guideLines(sitterForm(adultHeads().mean), viewAt(p));
}

double lengthOf(const std::vector<GuideLine>& lines, const std::string& id, bool hidden) {
    double sum = 0;
    for (const GuideLine& l : lines)
        if (l.id == id && l.hidden == hidden)
            for (std::size_t i = 1; i < l.points.size(); ++i)
                sum += (l.points[i] - l.points[i - 1]).norm();
    return sum;
}

} // namespace

TEST_CASE("From the front both sides are seen alike, and one side oval in profile") {
    const auto front = linesAt(pose(0, 0, 0));
    CHECK(lengthOf(front, "brow_line", true) == 0);
    CHECK(lengthOf(front, "centre_line", true) < 2);   // the camera stands a little below the crown
    CHECK(lengthOf(front, "side_oval_l", false) == 0); // the side planes face away
    const auto right = linesAt(pose(60, 0, 0));        // the sitter's right side comes into view
    CHECK(lengthOf(right, "side_oval_r", true) == 0);
    CHECK(lengthOf(right, "side_oval_l", false) == 0);
    const auto left = linesAt(pose(-60, 0, 0));
    CHECK(lengthOf(left, "side_oval_l", true) == 0);
    CHECK(lengthOf(left, "side_oval_r", false) == 0);
}

TEST_CASE("Where the centre line goes out of sight on the ball is where the closed form says") {
    // On the great circle x = 0, at angle a from the face towards the crown, the ball faces the
    // camera while n · d > nearness, n = (0, sin a, cos a). Chin down, none of it is hidden; chin
    // up by enough, the crown is.
    const View v = viewAt(pose(0, 30, 0));
    const HeadPoint d = v.towardsCamera();
    // d · (0, sin a, cos a) = nearness
    const double size = std::hypot(d.y(), d.z()), middle = std::atan2(d.y(), d.z());
    const double limit = middle + std::acos(v.nearness / size);
    const PicturePoint expected = v.project({0, std::sin(limit), std::cos(limit)});
    bool found = false;
    const auto lines = guideLines(sitterForm(adultHeads().mean), v);
    for (const GuideLine& l : lines)
        if (l.id == "centre_line" && l.hidden)
            for (const PicturePoint& p : {l.points.front(), l.points.back()})
                found = found || (p - expected).norm() < 0.05;
    CHECK(found);
}

TEST_CASE("Pieces of one line join, and each is all seen or all hidden") {
    Random random(31);
    for (int i = 0; i < 20; ++i) {
        const auto lines = linesAt(
            pose(random.between(-90, 90), random.between(-60, 60), random.between(-180, 180)));
        for (std::size_t k = 1; k < lines.size(); ++k)
            if (lines[k].id == lines[k - 1].id) {
                CHECK(lines[k].hidden != lines[k - 1].hidden);
                CHECK((lines[k].points.front() - lines[k - 1].points.back()).norm() < 1e-9);
            }
        for (const GuideLine& l : lines)
            for (const PicturePoint& p : l.points)
                CHECK(p.allFinite());
    }
}

TEST_CASE("In profile the far jaw and ear are hidden, and the brow line's far half") {
    const auto lines = linesAt(pose(80, 0, 0));
    CHECK(lengthOf(lines, "ear_l", false) == 0);
    CHECK(lengthOf(lines, "ear_r", true) == 0);
    CHECK(lengthOf(lines, "jaw_line_l", false) == 0);
    CHECK(lengthOf(lines, "brow_line", true) > 20);
    CHECK(lengthOf(lines, "brow_line", false) > lengthOf(lines, "brow_line", true));
}

TEST_CASE("Lines turn with the head: a lean only turns the picture") {
    const auto upright = linesAt(pose(30, 10, 0)), leaning = linesAt(pose(30, 10, 40));
    const View v = viewAt(pose(30, 10, 0));
    REQUIRE(upright.size() == leaning.size());
    const double a = toRadians({40}).value;
    // Off the camera's axis a lean is not a turn of the picture; the ball's own middle is near it.
    for (std::size_t i = 0; i < upright.size(); ++i) {
        const PicturePoint p = upright[i].points.front() - v.centre;
        const PicturePoint turned(std::cos(a) * p.x() - std::sin(a) * p.y(),
                                  std::sin(a) * p.x() + std::cos(a) * p.y());
        if (upright[i].id == "brow_line" || upright[i].id == "chin_line")
            CHECK((turned + v.centre - leaning[i].points.front()).norm() < 5);
    }
}

TEST_CASE("Every line has words, and the file says what was drawn") {
    const auto lines = linesAt(pose(35, 15, 0));
    std::set<std::string> ids;
    for (const GuideLine& l : lines) {
        ids.insert(l.id);
        CHECK_FALSE(wordsForLine(l.id).empty());
        CHECK(wordsForLine(l.id).find('_') == std::string_view::npos);
    }
    CHECK(ids.contains("brow_line"));
    CHECK(ids.contains("face_edge_l"));
    const auto j = nlohmann::json::parse(guidesText("thirds", lines, canonNamed("thirds").levels));
    CHECK(j["format"] == "zokran-guides");
    CHECK(j["lines"].size() == lines.size());
    CHECK(j["levels"]["chin"].get<double>() == Approx(-4.0 / 3));
    const std::string svg = guidesSvg(lines, 1000, 1000);
    CHECK(svg.find("stroke-dasharray") != std::string::npos);
    CHECK(svg.find("id=\"brow_line\"") != std::string::npos);
}
