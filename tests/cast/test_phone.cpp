// The stand-in phone's pictures of pages, which the finder of pages was not made with.

#include "cast/simulated_phone.h"
#include "core/page/find_heads.h"
#include "core/page/find_page.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;

TEST_CASE("Pages on the stand-in phone's table are found, surely, and to a thousandth", "[long]") {
    int sure = 0;
    std::vector<double> off;
    constexpr unsigned pictures = 24;
    for (unsigned seed = 1; seed <= pictures; ++seed) {
        // Large pictures and small ones, with strokes right across the sheet.
        const int height = seed % 2 ? 1500 : 500;
        cv::Mat3b sheet(cv::Size(height * 4 / 5, height), cv::Vec3b(225, 232, 236));
        cv::RNG random(seed);
        const auto within = [&](double low, double high, int of) {
            return static_cast<int>(random.uniform(low, high) * of);
        };
        for (int k = 0; k < 10; ++k)
            cv::ellipse(sheet, {within(0.3, 0.7, sheet.cols), within(0.3, 0.7, sheet.rows)},
                        {within(0.02, 0.25, height), within(0.02, 0.25, height)},
                        random.uniform(0, 180), 0, 300, cv::Scalar(70, 70, 75), height / 400 + 1,
                        cv::LINE_AA);
        const Snapshot shot = snapshotOf(sheet, seed);
        const auto page = findPage(shot.picture);
        if (!page)
            continue;
        sure += page->sure > 0.5;
        const double right = sheet.cols - 0.5, foot = sheet.rows - 0.5;
        const std::pair<double, double> corners[] = {
            {-0.5, -0.5}, {right, -0.5}, {right, foot}, {-0.5, foot}};
        double worst = 0;
        for (std::size_t k = 0; k < 4; ++k) {
            const cv::Vec3d q = shot.toPicture * cv::Vec3d(corners[k].first, corners[k].second, 1);
            worst = std::max(worst, std::hypot(q[0] / q[2] - page->corners[k].x(),
                                               q[1] / q[2] - page->corners[k].y()));
        }
        off.push_back(worst / height);
    }
    std::sort(off.begin(), off.end());
    INFO("found " << off.size() << ", sure " << sure);
    REQUIRE(off.size() == pictures);
    CHECK(sure == pictures);
    CHECK(off[off.size() / 2] < 0.0005);
    CHECK(off.back() < 0.002);
}

namespace {

/// The simulated pencil's drawing of a head, on its own grey and grainy paper.
cv::Mat3b drawing(const char* sitter, double turn, const char* hand, unsigned seed, int height) {
    Shot shot;
    shot.size = height;
    shot.pose = poseFromDegrees({turn}, {5}, {-4});
    PlantedErrors planted;
    planted.hand = hand;
    planted.size = 1.2;
    const SimulatedSketch sketch = drawSketch(Bust(sitterNamed(sitter)), shot, planted, seed);
    return cv::Mat(sketch.picture.height, sketch.picture.width, CV_8UC3,
                   const_cast<std::uint8_t*>(sketch.picture.bgr.data()))
        .clone();
}

/// A drawing's pencil alone, pasted on to a sheet.
void paste(const cv::Mat3b& drawing, const cv::Point& at, cv::Mat3b& page) {
    cv::Mat bare, share, place = page(cv::Rect(at, drawing.size()));
    cv::blur(drawing, bare, {61, 61});
    cv::divide(drawing, bare, share, 1, CV_32F); // below one is pencil
    cv::min(share * 1.06, 1, share); // and the paper's grain is none
    cv::multiply(place, share, place, 1, CV_8U);
}

/// Drawings on one sheet, with a line of words at the foot and a smudge.
cv::Mat3b pageOf(const std::vector<std::pair<cv::Mat3b, cv::Point>>& drawings) {
    cv::Mat3b page(cv::Size(1400, 1000), cv::Vec3b(232, 240, 244));
    for (const auto& [one, at] : drawings)
        paste(one, at, page);
    cv::putText(page, "thursday, by the window", {60, 960}, cv::FONT_HERSHEY_SCRIPT_SIMPLEX, 1.2, {90, 90, 90}, 2, cv::LINE_AA);
    cv::Mat3b smudge = page(cv::Rect(1180, 880, 130, 60));
    smudge -= cv::Scalar(14, 14, 14);
    return page;
}

} // namespace

TEST_CASE("Of several heads on a page each is found where it is, words and smudges are none, one is one") {
    const cv::Mat3b a = drawing("halcyon", 20, "steady", 1, 560), b = drawing("wren", -45, "timid", 2, 480),
                    c = drawing("sirocco", 70, "bold", 3, 420);
    const std::vector<std::pair<cv::Mat3b, cv::Point>> all = {{a, {30, 60}}, {b, {520, 180}}, {c, {980, 120}}};
    for (std::size_t count = 0; count <= all.size(); ++count) {
        CAPTURE(count);
        const auto heads = drawingsOn(pageOf({all.begin(), all.begin() + static_cast<std::ptrdiff_t>(count)}));
        REQUIRE(heads.size() == count);
        for (std::size_t i = 0; i < count; ++i) {
            // Its frame holds the middle of its drawing and none of the others'.
            for (std::size_t k = 0; k < count; ++k) {
                const cv::Point at = all[k].second;
                const PicturePoint middle(at.x + all[k].first.cols / 2.0, at.y + all[k].first.rows / 2.0);
                const bool inside = (middle.array() > heads[i].low.array()).all() && (middle.array() < heads[i].high.array()).all();
                CHECK(inside == (i == k));
            }
        }
    }
    // Two rows, read like words; photographed by hand and laid flat a little askew they stay four.
    const cv::Mat3b small = drawing("halcyon", -10, "careful", 5, 430);
    cv::Mat3b four(cv::Size(1400, 1000), cv::Vec3b(232, 240, 244));
    const cv::Point corners[] = {{120, 40}, {860, 70}, {100, 530}, {880, 520}};
    for (const cv::Point& at : corners)
        paste(small, at, four);
    for (const double lamp : {1.0, 0.6}) {
        cv::Mat3b lit = four.clone();
        for (int y = 0; y < lit.rows; ++y)
            lit.row(y) *= 1 - (1 - lamp) * y / lit.rows; // darker towards the foot
        const auto heads = drawingsOn(lit);
        REQUIRE(heads.size() == 4);
        for (std::size_t i = 0; i < 4; ++i) {
            CHECK(std::abs((heads[i].low.x() + heads[i].high.x()) / 2 - corners[i].x - small.cols / 2.0) < 90);
            CHECK(std::abs((heads[i].low.y() + heads[i].high.y()) / 2 - corners[i].y - small.rows / 2.0) < 90);
        }
    }
    CHECK(drawingsOn(cv::Mat()).empty());
}

TEST_CASE("One drawing is never taken for several, whoever draws it", "[long]") {
    int several = 0, none = 0;
    unsigned seed = 40;
    for (const char* sitter : {"halcyon", "sirocco", "amity", "candle"})
        for (const char* hand : {"timid", "careful", "bold"})
            for (const double turn : {-60.0, 8.0}) {
                const auto heads = drawingsOn(drawing(sitter, turn, hand, ++seed, 460));
                several += heads.size() > 1;
                none += heads.empty();
            }
    CHECK(several == 0);
    CHECK(none == 0);
}
