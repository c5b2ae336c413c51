// Sheets on tables, photographed by a pinhole camera of this file's own making: where the corners
// are is known, the picture is drawn by OpenCV, and the code under test has seen none of it.

#include "core/page/reproject.h"
#include "core/page/find_page.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

struct Photographed {
    cv::Mat3b picture;
    PageCorners corners;
    PaperSize paper;
};

cv::Mat3f ground(cv::Size size, bool cloth, cv::RNG& rng) {
    cv::Mat3f table(size);
    cv::Mat1f grain(size);
    rng.fill(grain, cv::RNG::NORMAL, 0, 1);
    if (cloth) {
        // White linen: a weave, soft folds, a cool tint.
        cv::GaussianBlur(grain, grain, {}, 1.2);
        cv::Mat1f folds(size / 32);
        rng.fill(folds, cv::RNG::NORMAL, 0, 1);
        cv::GaussianBlur(folds, folds, {}, 3);
        cv::resize(folds, folds, size, 0, 0, cv::INTER_CUBIC);
        for (int y = 0; y < size.height; ++y)
            for (int x = 0; x < size.width; ++x) {
                const float v = 0.70f + 0.02f * grain(y, x) + 0.10f * folds(y, x);
                table(y, x) = cv::Vec3f(v * 1.02f, v, v * 0.97f);
            }
        return table;
    }
    // Planks: stripes along a random way with dark joints.
    const double way = rng.uniform(0.0, CV_PI), c = std::cos(way), s = std::sin(way);
    const double wide = rng.uniform(0.12, 0.3) * size.width;
    const float tone = static_cast<float>(rng.uniform(0.18, 0.5));
    cv::GaussianBlur(grain, grain, {}, 9 * std::abs(c) + 0.6, 9 * std::abs(s) + 0.6);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const double across = -s * x + c * y;
            const double joint = std::abs(std::remainder(across, wide));
            const float v = (tone + 0.25f * grain(y, x)) * (joint < 3 ? 0.4f : 1.0f);
            table(y, x) = cv::Vec3f(v * 0.55f, v * 0.75f, v);
        }
    return table;
}

/// A page with some drawing on it, `out` of the picture by one edge or whole within it.
Photographed photographed(cv::RNG& rng, bool out) {
    const PaperSize sizes[] = {paperNamed("A5"), paperNamed("A4"), paperNamed("A3")};
    Photographed p;
    p.paper = sizes[rng.uniform(0, 3)];
    if (rng.uniform(0, 3) == 0)
        std::swap(p.paper.width, p.paper.height);
    const cv::Size size(1500, 2000);
    const double w = p.paper.width.value, h = p.paper.height.value, f = 1700;
    // The camera above the table, tipped by up to 25 degrees in any direction.
    const double tip = rng.uniform(0.0, 25.0) * CV_PI / 180, round = rng.uniform(0.0, 2 * CV_PI);
    const double turn = rng.uniform(-0.25, 0.25);
    cv::Mat tipped, turned;
    cv::Rodrigues(cv::Vec3d(tip * std::cos(round), tip * std::sin(round), 0), tipped);
    cv::Rodrigues(cv::Vec3d(0, 0, turn), turned);
    const cv::Mat rotation = tipped * turned;
    const double share = rng.uniform(0.62, 0.80);
    const double away = f * std::max(w / (share * size.width), h / (share * size.height));
    cv::Vec3d at(rng.uniform(-0.04, 0.04) * away, rng.uniform(-0.04, 0.04) * away, away);
    if (out)
        at[0] += 0.5 * size.width / f * away * (rng.uniform(0, 2) ? 0.45 : -0.45);
    const cv::Mat camera = (cv::Mat_<double>(3, 3) << f, 0, 749.5, 0, f, 999.5, 0, 0, 1);
    std::vector<cv::Point3d> sheet;
    for (const auto& [u, v] : {std::pair{-0.5, -0.5}, {0.5, -0.5}, {0.5, 0.5}, {-0.5, 0.5}})
        sheet.emplace_back(u * w, v * h, 0);
    cv::Mat spin;
    cv::Rodrigues(rotation, spin);
    std::vector<cv::Point2d> corners;
    cv::projectPoints(sheet, spin, at, camera, cv::noArray(), corners);
    for (std::size_t i = 0; i < 4; ++i)
        p.corners[i] = SketchPoint(corners[i].x, corners[i].y);

    // Painted at three times the size and brought down, so that edges are as soft as a lens makes them.
    constexpr int over = 2;
    cv::Mat3f picture = ground(size, rng.uniform(0, 3) == 0, rng);
    cv::resize(picture, picture, size * over, 0, 0, cv::INTER_LINEAR);
    cv::Mat3f paper(cv::Size(static_cast<int>(4 * w), static_cast<int>(4 * h)),
                    cv::Vec3f(0.88f, 0.93f, 0.95f));
    for (int i = 0; i < 14; ++i) {
        const cv::Point2d middle(rng.uniform(0.2, 0.8) * paper.cols, rng.uniform(0.2, 0.8) * paper.rows);
        cv::ellipse(paper, middle, cv::Size(rng.uniform(20, 200), rng.uniform(20, 260)),
                    rng.uniform(0, 180), 0, rng.uniform(90, 360), cv::Scalar(0.35, 0.35, 0.36), 4,
                    cv::LINE_AA);
    }
    const float right = static_cast<float>(paper.cols) - 0.5f,
                foot = static_cast<float>(paper.rows) - 0.5f;
    std::vector<cv::Point2f> from{{-0.5f, -0.5f}, {right, -0.5f}, {right, foot}, {-0.5f, foot}}, to;
    for (const cv::Point2d& c : corners)
        to.emplace_back(static_cast<float>(over * (c.x + 0.5) - 0.5),
                        static_cast<float>(over * (c.y + 0.5) - 0.5));
    const cv::Mat warp = cv::getPerspectiveTransform(from, to);
    cv::Mat3f laid;
    cv::warpPerspective(paper, laid, warp, picture.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    cv::Mat1b mask(picture.size(), std::uint8_t{0});
    std::vector<cv::Point> outline;
    for (const cv::Point2f& c : to)
        outline.emplace_back(static_cast<int>(std::lround(256 * c.x)),
                             static_cast<int>(std::lround(256 * c.y)));
    cv::fillConvexPoly(mask, outline, cv::Scalar(255), cv::LINE_8, 8);
    laid.copyTo(picture, mask);
    cv::resize(picture, picture, size, 0, 0, cv::INTER_AREA);
    // Lamp from one side, and a hand's shadow with a soft edge across the page.
    const double lamp = rng.uniform(0.0, 2 * CV_PI);
    const double edge = rng.uniform(-0.3, 0.3) * size.width, slope = rng.uniform(0.0, 2 * CV_PI);
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            const double dx = x - 750, dy = y - 1000;
            const double light = 1 + 0.22 * (dx * std::cos(lamp) + dy * std::sin(lamp)) / 1000;
            const double into = (dx * std::cos(slope) + dy * std::sin(slope) - edge) / 60;
            const double shade = 1 - 0.28 / (1 + std::exp(-into));
            picture(y, x) *= static_cast<float>(light * shade);
        }
    cv::GaussianBlur(picture, picture, {}, 0.9);
    cv::Mat3f noise(size);
    rng.fill(noise, cv::RNG::NORMAL, 0, 0.012);
    picture += noise;
    picture.convertTo(p.picture, CV_8UC3, 255);
    return p;
}

/// How far the sheet lies off when laid flat by the found corners, at its worst place, mm.
double worstOff(const Photographed& p, const PageCorners& found) {
    const Eigen::Matrix3d ours = toPaper(found, p.paper);
    std::vector<cv::Point2f> from, to{{0, 0},
                                      {static_cast<float>(p.paper.width.value), 0},
                                      {static_cast<float>(p.paper.width.value),
                                       static_cast<float>(p.paper.height.value)},
                                      {0, static_cast<float>(p.paper.height.value)}};
    for (const SketchPoint& c : p.corners)
        from.emplace_back(static_cast<float>(c.x()), static_cast<float>(c.y()));
    const cv::Matx33d theirs = cv::getPerspectiveTransform(from, to);
    const cv::Matx33d back = theirs.inv();
    double worst = 0;
    for (double u = 0; u <= 1; u += 0.125)
        for (double v = 0; v <= 1; v += 0.125) {
            const cv::Vec3d at(u * p.paper.width.value, v * p.paper.height.value, 1);
            const cv::Vec3d q = back * at;
            const Eigen::Vector3d r = ours * Eigen::Vector3d(q[0] / q[2], q[1] / q[2], 1);
            worst = std::max(worst, std::hypot(r.x() / r.z() - at[0], r.y() / r.z() - at[1]));
        }
    return worst;
}

} // namespace

TEST_CASE("Sheets on wood and on white cloth are found to half a millimetre, and never surely wrong", "[long]") {
    cv::RNG rng(4711);
    constexpr int pictures = 30;
    int found = 0, whole = 0, surelyWrong = 0;
    std::vector<double> off;
    for (int i = 0; i < pictures; ++i) {
        const bool out = i % 10 == 9;
        const Photographed p = photographed(rng, out);
        const auto page = findPage(p.picture);
        const double worst = page ? worstOff(p, page->corners) : 1e9;
        if (page && page->sure > 0.5 && worst > 3)
            ++surelyWrong;
        if (out)
            continue; // the missing edge cannot be known; it may only not be claimed
        ++whole;
        found += worst < 3;
        off.push_back(worst); // a sheet that is not found counts as far off
    }
    std::sort(off.begin(), off.end());
    REQUIRE(off.size() > 10);
    INFO("found " << found << " of " << whole << ", surely wrong " << surelyWrong << ", median off "
                  << off[off.size() / 2] << " mm, 90th " << off[off.size() * 9 / 10] << " mm, worst "
                  << off.back());
    CHECK(found >= 0.9 * whole);
    CHECK(off[off.size() * 9 / 10] < 0.5);
    CHECK(surelyWrong == 0);
}

TEST_CASE("Where there is no sheet none is found") {
    cv::RNG rng(12);
    int surely = 0;
    for (int i = 0; i < 12; ++i) {
        cv::Mat3b picture;
        ground({900, 1200}, i % 2 == 0, rng).convertTo(picture, CV_8UC3, 255);
        const auto page = findPage(picture);
        surely += page && page->sure > 0.5;
    }
    CHECK(surely == 0);
    CHECK_FALSE(findPage(cv::Mat(200, 200, CV_8UC3, cv::Scalar(200, 200, 200))));
    CHECK_FALSE(findPage(cv::Mat()));
}

TEST_CASE("The homography is OpenCV's") {
    const PageCorners corners{SketchPoint(210, 150), SketchPoint(1290, 190), SketchPoint(1370, 1840),
                              SketchPoint(120, 1790)};
    const PaperSize paper = paperNamed("a4");
    const Eigen::Matrix3d h = toPaper(corners, paper);
    const cv::Matx33d theirs = cv::getPerspectiveTransform(
        std::vector<cv::Point2f>{{210, 150}, {1290, 190}, {1370, 1840}, {120, 1790}},
        std::vector<cv::Point2f>{{0, 0}, {210, 0}, {210, 297}, {0, 297}});
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c)
            CHECK(h(r, c) == Approx(theirs(r, c)).epsilon(1e-4).margin(1e-9));
    CHECK_THROWS_AS(toPaper({SketchPoint(0, 0), SketchPoint(1, 1), SketchPoint(2, 2),
                             SketchPoint(3, 3)}, paper), BadInput);
}

TEST_CASE("Papers by name are the standards', and others are told apart from nonsense") {
    // ISO 216: A4 is 210 by 297; each size is half the one before, the fraction of a mm dropped.
    for (const auto& [larger, smaller] : {std::pair{"a0", "a1"}, {"a1", "a2"}, {"a2", "a3"},
                                          {"a3", "a4"}, {"a4", "a5"}, {"a5", "a6"}}) {
        CHECK(paperNamed(smaller).width.value == std::floor(paperNamed(larger).height.value / 2));
        CHECK(paperNamed(smaller).height == paperNamed(larger).width);
    }
    CHECK(paperNamed("Letter").width.value == Approx(215.9));
    CHECK(paperNamed("A3-landscape").width.value == 420);
    CHECK(paperNamed("240x320").height.value == 320);
    for (const char* bad : {"A9", "x", "10x10", "nanx200", "200x", "1e9x3"})
        CHECK_THROWS_WITH(paperNamed(bad), Catch::Contains(bad) && Catch::Contains("a4"));
}

TEST_CASE("Marks keep their places on the drawing however its page is laid flat") {
    const PageCorners corners{SketchPoint(210, 150), {1290, 190}, {1370, 1840}, {120, 1790}};
    const PageRectification flat{corners, paperNamed("a4"), 1500, 2000, false};
    SketchMarks marks;
    marks.width = 1500;
    marks.height = 2000;
    marks.marks[Mark::Brow] = PlacedMark{PicturePoint(700, 600)};
    marks.marks[Mark::Chin] = PlacedMark{PicturePoint(690, 1200)};
    marks.marks[Mark::Back] = PlacedMark{std::nullopt, true};
    marks.ball = BallCircle{{700, 500}, {200}};
    const SketchMarks onFlat = carried(marks, std::nullopt, flat);
    // OpenCV's own homography to the flat picture's corners.
    const auto [width, height] = flatSize(flat);
    CHECK(onFlat.width == width);
    CHECK(1.0 * width / height == Approx(210.0 / 297).epsilon(1e-3));
    const float w = static_cast<float>(width), h = static_cast<float>(height);
    std::vector<cv::Point2f> there;
    cv::perspectiveTransform(
        std::vector<cv::Point2f>{{700, 600}, {690, 1200}, {700, 500}, {701, 500}, {700, 501}}, there,
        cv::getPerspectiveTransform(
            std::vector<cv::Point2f>{{210, 150}, {1290, 190}, {1370, 1840}, {120, 1790}},
            std::vector<cv::Point2f>{{0, 0}, {w, 0}, {w, h}, {0, h}}));
    const auto off = [&](const PicturePoint& p, std::size_t i) {
        return std::hypot(p.x() - there[i].x, p.y() - there[i].y);
    };
    CHECK(off(*onFlat.seen(Mark::Brow), 0) < 0.8);
    CHECK(off(*onFlat.seen(Mark::Chin), 1) < 0.8);
    CHECK(off(onFlat.ball->centre, 2) < 0.8);
    const cv::Point2f dx = there[3] - there[2], dy = there[4] - there[2];
    CHECK(onFlat.ball->radius.value ==
          Approx(200 * std::sqrt(std::abs(dx.x * dy.y - dx.y * dy.x))).epsilon(0.01));
    CHECK(onFlat.marks[Mark::Back]->hidden);
    // By another paper and back to the photograph: the same places.
    PageRectification other = flat;
    other.paper = paperNamed("11x14in");
    other.corners[0] = SketchPoint(200, 160);
    const SketchMarks back = carried(carried(onFlat, flat, other), other, std::nullopt);
    CHECK(back.width == 1500);
    CHECK((*back.seen(Mark::Brow) - SketchPoint(700, 600)).norm() < 1e-6);
    CHECK((back.ball->centre - PicturePoint(700, 500)).norm() < 1e-6);
}

TEST_CASE("A sheet's shape is read from its corners, and its size guessed from the shape") {
    // Sheets seen by OpenCV's camera, the lens unknown to the code.
    cv::RNG rng(31);
    int right = 0;
    double worst = 0;
    constexpr int tries = 200;
    for (int i = 0; i < tries; ++i) {
        const double w = 210, h = 297, f = rng.uniform(0.65, 0.95) * 2000; // 24 to 34 mm equivalent
        const double tip = rng.uniform(0.0, 25.0) * CV_PI / 180, round = rng.uniform(0.0, 2 * CV_PI);
        std::vector<cv::Point2d> seen;
        cv::projectPoints(std::vector<cv::Point3d>{{-w / 2, -h / 2, 0}, {w / 2, -h / 2, 0},
                                                   {w / 2, h / 2, 0}, {-w / 2, h / 2, 0}},
                          cv::Vec3d(tip * std::cos(round), tip * std::sin(round), 0),
                          cv::Vec3d(rng.uniform(-20, 20), rng.uniform(-20, 20), f * 0.25),
                          cv::Matx33d(f, 0, 750, 0, f, 1000, 0, 0, 1), cv::noArray(), seen);
        PageCorners corners;
        for (std::size_t k = 0; k < 4; ++k)
            corners[k] = SketchPoint(seen[k].x, seen[k].y);
        const double aspect = aspectOf(corners, {1500}, {2000});
        worst = std::max(worst, std::abs(aspect / (w / h) - 1));
        CHECK(aspectOf(corners, {1500}, {2000}, Pixels{f}) == Approx(w / h).epsilon(1e-6));
        right += likelyPaper(aspect, paperNamed("a4")) == paperNamed("a4");
    }
    INFO("worst shape " << worst << ", right " << right);
    CHECK(worst < 0.06);
    CHECK(right >= 0.97 * tries);
    CHECK(likelyPaper(0.7071, paperNamed("a3")) == paperNamed("a3"));
    CHECK(likelyPaper(1.4142, paperNamed("a3")) == paperNamed("a3-landscape"));
    CHECK(likelyPaper(0.75, paperNamed("a4")) == paperNamed("9x12in"));
    CHECK(nameOf(paperNamed("a5-landscape")) == "a5-landscape");
    CHECK(nameOf({{123}, {321}}) == "123x321");
}

TEST_CASE("Evened light leaves bare paper white under a shadow, and the pencil dark") {
    cv::Mat1b page(600, 800);
    for (int y = 0; y < page.rows; ++y)
        for (int x = 0; x < page.cols; ++x)
            page(y, x) = static_cast<std::uint8_t>(230 - 60.0 * x / 800 - (x + y > 800 ? 55 : 0));
    cv::GaussianBlur(page, page, {}, 12);
    for (const int x : {150, 650})
        for (int y = 100; y < 500; ++y)
            for (int k = 0; k < 4; ++k)
                page(y, x + k) = static_cast<std::uint8_t>(0.6 * page(y, x + k));
    const cv::Mat1b even = evenedLight(page);
    for (const cv::Point& bare : {cv::Point(60, 60), {400, 80}, {740, 560}, {700, 300}})
        CHECK(even(bare) > 232);
    // Alike on both sides of the shadow, and darker than they were against their paper.
    CHECK(std::abs(even(300, 151) - even(300, 651)) < 14);
    CHECK(even(300, 151) < 0.58 * 244);
}
