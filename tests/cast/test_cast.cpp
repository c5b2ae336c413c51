#include "cast/picture_encoding.h"
#include "cast/stand_in_camera.h"
#include "cast/raster.h"
#include "core/compare/compare.h"
#include "core/construction/outline.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

int brightness(const Picture& p, const PicturePoint& at) {
    const auto x = static_cast<std::size_t>(at.x()), y = static_cast<std::size_t>(at.y());
    return p.bgr[3 * (y * static_cast<std::size_t>(p.width) + x) + 1];
}

} // namespace

TEST_CASE("Nobody of that name sits in the cast room") {
    CHECK_THROWS_WITH(sitterNamed("nobody"),
                      Catch::Contains("nobody") && Catch::Contains("halcyon"));
}

TEST_CASE("Marks are hidden when the head stands before them") {
    const Bust s(sitterNamed("stormcock")); // whose hair is short
    auto hidden = [&](Pose p, Mark m) {
        Shot shot;
        shot.pose = p;
        return exactMarks(s, viewOf(shot), 800, 1000).marks[m]->hidden;
    };
    for (Mark m : {Brow, NoseTip, LipLine, Chin, PupilL, PupilR, OuterEyeL, EarTopR})
        CHECK_FALSE(hidden(pose(0, 0, 0), m));
    CHECK(hidden(pose(0, 0, 0), Back));
    CHECK(hidden(pose(70, 0, 0), EarTopL));
    CHECK_FALSE(hidden(pose(70, 0, 0), EarTopR));
    CHECK(hidden(pose(70, 0, 0), OuterEyeL));
    CHECK(hidden(pose(0, -50, 0), NoseBase)); // behind the tip
    CHECK(hidden(pose(0, 40, 0), Crown));
}

TEST_CASE("The sitters' poses are read within what their departure from the mean allows", "[long]") {
    Random random(62);
    for (const Sitter& sitter : sitters()) {
        if (sitter.recipe.age < 16)
            continue; // the prior is of adults
        const Bust s(sitter);
        std::vector<double> off;
        for (int i = 0; i < 60; ++i) {
            Shot shot;
            shot.pose =
                pose(random.between(-85, 85), random.between(-45, 45), random.between(-180, 180));
            const View view = viewOf(shot);
            off.push_back(
                apart(fitHead(exactMarks(s, view, 800, 1000)).view.facing(), view.facing()));
        }
        std::sort(off.begin(), off.end());
        INFO(sitter.id);
        CHECK(off[30] < 3.5);
        CHECK(off.back() < 10);
    }
}

TEST_CASE("The construction's soft edge lies on the edge of the face") {
    // Against a rasterised picture of the bust, over sitters that are not the surface's average.
    std::vector<double> off;
    for (const char* id : {"meridian", "candle", "curlew", "kittiwake", "tidings", "amity"}) {
        const Bust bust(sitterNamed(id));
        const auto mesh = meshOf(bust, MeshGrain::Coarse);
        for (const Pose p : {pose(0, 0, 0), pose(35, 8, 0), pose(-60, -10, 5), pose(88, 0, 0)}) {
            Shot shot;
            shot.pose = p;
            const View view = viewOf(shot);
            const Raster raster(*mesh, view, 800, 1000);
            auto depth = [&](int x, int y) {
                const auto& pixel = raster.at(std::clamp(x, 0, 799), std::clamp(y, 0, 999));
                return pixel.triangle == Raster::nothing
                           ? 9.0
                           : static_cast<double>(pixel.depth) / view.nearness;
            };
            const Fit fit = fitHead(exactMarks(bust, view, 800, 1000));
            const HeadSolid solid(fit.head);
            const SolidInView seen(solid, usualSidePlane, fit.view);
            for (const OutlinePiece& piece : seen.outline({0.3}, Contour::HeadsEdge))
                for (const PicturePoint& at : piece.points) {
                    // The nearest jump in depth: an edge of what is seen.
                    double nearest = 0.25 * view.scale;
                    const int reach = static_cast<int>(nearest);
                    for (int dy = -reach; dy <= reach; dy += 2)
                        for (int dx = -reach; dx <= reach; dx += 2) {
                            const int x = int(at.x()) + dx, y = int(at.y()) + dy;
                            if (std::abs(depth(x - 2, y) - depth(x + 2, y)) > 0.08 ||
                                std::abs(depth(x, y - 2) - depth(x, y + 2)) > 0.08)
                                nearest = std::min(nearest, std::hypot(dx, dy));
                        }
                    off.push_back(nearest / view.scale);
                }
        }
    }
    std::sort(off.begin(), off.end());
    REQUIRE(off.size() > 1000);
    CHECK(off[off.size() / 2] < 0.03);
    CHECK(off[off.size() * 9 / 10] < 0.12);
}

TEST_CASE("The photograph shows plaster where the marks say the head is") {
    Shot shot;
    shot.size = 240;
    shot.pose = pose(25, 5, 0);
    shot.lightAzimuth = {15};
    shot.lightElevation = {20};
    const Bust s(sitterNamed("halcyon"));
    const Picture photo = photograph(s, shot);
    REQUIRE(photo.width == 192);
    REQUIRE(photo.bgr.size() == 3u * 192 * 240);
    const View view = viewOf(shot);
    const int wall = brightness(photo, {5, 5});
    double sum = 0;
    const std::vector<Mark> face{Brow, NoseTip, NoseRoot, OuterEyeR, Hairline, NoseWingR};
    for (Mark m : face)
        sum += brightness(photo, view.project(s.marks()[m]));
    CHECK(sum / static_cast<double>(face.size()) > wall + 20);
    const std::string png = encoded(photo, ".png"), jpeg = encoded(photo, ".jpg");
    CHECK(png.starts_with("\x89PNG"));
    CHECK(jpeg.starts_with("\xff\xd8"));
}

TEST_CASE("A photograph can be called off") {
    const std::atomic<bool> stop{true};
    Shot shot;
    shot.size = 64;
    CHECK(photograph(Bust(sitterNamed("halcyon")), shot, &stop).bgr.empty());
}

TEST_CASE("The comparison finds what was planted, in every sitter of the cast room", "[long]") {
    // Of each error the least amount that a learner would want to hear of.
    const std::pair<const char*, double> errors[] = {
        {"mouth_height", 0.12}, {"ear_height", 0.16}, {"forehead", -0.18},
        {"eyes_apart", 0.09},   {"lower_face", 0.18}, {"whole_width", -0.12}};
    int found = 0, all = 0, straightened = 0;
    for (const Sitter& sitter : sitters()) {
        const Bust bust(sitter);
        for (const Pose p : {pose(25, 8, 5), pose(-40, -12, 0)}) {
            Shot shot;
            shot.pose = p;
            const MarkSheet seen = exactMarks(bust, viewOf(shot), 800, 1000);
            const Fit fit = fitHead(seen);
            auto compared = [&](const PlantedErrors& planted) {
                const DrawnHead drawn = headAsDrawn(bust, shot, planted);
                return compareSketch(seen, fit,
                                     exactMarks(drawn.bust, drawn.view, 800, 1000));
            };
            for (const auto& [error, amount] : errors) {
                // What hair or a beard covers cannot be told.
                const Mark about = std::string_view(error) == "ear_height"   ? EarTopR
                                   : std::string_view(error) == "lower_face" ? Chin
                                                                             : Brow;
                if (seen.marks[about]->hidden && seen.marks[mirrored(about)]->hidden)
                    continue;
                PlantedErrors planted;
                planted.errors = {{error, amount}};
                const Comparison c = compared(planted);
                const bool named = std::any_of(c.findings.begin(), c.findings.end(),
                                               [&, e = error](const auto& f) {
                                                   return f.id == e && f.severity != Severity::Fine;
                                               });
                UNSCOPED_INFO(sitter.id << ' ' << error << (named ? " found" : " missed"));
                found += named;
                ++all;
            }
            PlantedErrors planted;
            planted.straightened = 0.45;
            straightened += std::abs(compared(planted).straightening - 0.45) < 0.12;
        }
    }
    CHECK(found >= 0.95 * all);
    CHECK(straightened >= 15); // of sixteen
}

TEST_CASE("A simulated sketch is lines on paper, with its errors planted exactly") {
    Shot shot;
    shot.size = 260;
    shot.pose = pose(40, 10, 0);
    const Bust head(sitterNamed("halcyon"));
    PlantedErrors planted;
    planted.straightened = 0.5;
    planted.errors = {{"mouth_height", 0.13}};
    const SimulatedSketch sketch = drawSketch(head, shot, planted, 3);
    CHECK(degrees(sketch.pose.turn) == Approx(20));

    // Mostly paper, some graphite.
    long dark = 0, light = 0;
    for (std::size_t i = 1; i < sketch.picture.bgr.size(); i += 3)
        (sketch.picture.bgr[i] < 175 ? dark : light) += 1;
    CHECK(dark > light / 400);
    CHECK(dark < light / 8);

    const MarkSheet reference = exactMarks(head, viewOf(shot), 208, 260);
    const Comparison c = compareSketch(reference, fitHead(reference), sketch.marks);
    CHECK(c.straightening == Approx(0.5).margin(0.08));
    CHECK(c.findings[0].id == "turn");
    CHECK(std::any_of(c.findings.begin(), c.findings.end(),
                      [](const Finding& f) { return f.id == "mouth_height"; }));

    planted.errors = {{"hat_size", 1}};
    CHECK_THROWS_WITH(drawSketch(head, shot, planted, 3), Catch::Contains("hat_size"));
}
