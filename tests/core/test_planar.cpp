// The head in planes: closed from every side, on the sitter's own head, and under a light as flat planes are.

#include "core/base/errors.h"
#include "core/head/population.h"
#include "core/light/depth_buffer.h"
#include "core/light/planar_head.h"
#include "tests/folder.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <map>
#include <set>

using namespace zokran;
using namespace zokran::test;

namespace {

constexpr int across = 260, down = 320;

View viewOf(const Pose& p) {
    View view;
    view.nearness = 0.1;
    view.scale = 62;
    view.centre = view.principal = PicturePoint(across / 2.0, 110);
    view.face(headToView(p));
    return view;
}

DepthBuffer seen(const Pose& p, PlaneGrade grade = PlaneGrade::All, const HeadMarks& head = adultHeads().mean) {
    return {litPlanes(planarHead(), head, grade, uprightBust(p)).solid, viewOf(p), across, down};
}

/// Pixels of the ground that no way leads to from the picture's edge: holes in the head.
int holesIn(const DepthBuffer& head) {
    std::vector<bool> reached(across * down, false);
    std::vector<int> open;
    const auto enter = [&](int x, int y) {
        if (x < 0 || y < 0 || x >= across || y >= down || reached[static_cast<std::size_t>(y * across + x)] || head.spot(x, y).there())
            return;
        reached[static_cast<std::size_t>(y * across + x)] = true;
        open.push_back(y * across + x);
    };
    for (int x = 0; x < across; ++x)
        enter(x, 0);
    while (!open.empty()) {
        const int at = open.back(), x = at % across, y = at / across;
        open.pop_back();
        enter(x - 1, y);
        enter(x + 1, y);
        enter(x, y - 1);
        enter(x, y + 1);
    }
    int holes = 0;
    for (int y = 0; y < down; ++y)
        for (int x = 0; x < across; ++x)
            holes += !head.spot(x, y).there() && !reached[static_cast<std::size_t>(y * across + x)];
    return holes;
}

float lightOn(const Shading& shading, const DepthBuffer& head, const HeadPoint& at) {
    const PicturePoint p = head.view().project(at);
    return shading.at(static_cast<int>(std::lround(p.x())), static_cast<int>(std::lround(p.y()))).light;
}

} // namespace

TEST_CASE("The large planes have the outline of all planes, whichever way a group's normal is turned") {
    for (const Pose& p : {pose(38, 23, 5), pose(-20, 20, 0), pose(0, -30, 0), pose(70, 10, -8)}) {
        const DepthBuffer few = seen(p, PlaneGrade::Few), all = seen(p, PlaneGrade::All);
        int apart = 0, whole = 0;
        for (int y = 0; y < down; ++y)
            for (int x = 0; x < across; ++x) {
                whole += all.spot(x, y).there();
                apart += few.spot(x, y).there() != all.spot(x, y).there();
            }
        INFO("turn " << degrees(p.turn) << ", tilt " << degrees(p.tilt));
        CHECK(apart < 0.002 * whole);
    }
}

TEST_CASE("The planar head has no holes from twelve sides") {
    for (const Pose& p : {pose(0, 0, 0), pose(-35, 0, 0), pose(35, 0, 0), pose(-90, 0, 0), pose(90, 0, 0), pose(30, -25, 0), pose(-30, -35, 5),
                          pose(35, 28, 0), pose(-20, 35, 0), pose(20, 5, -14), pose(-60, 10, 12), pose(60, -15, -8)})
        for (const PlaneGrade grade : {PlaneGrade::Few, PlaneGrade::All}) {
            INFO(toDegrees(p.turn).value << " " << toDegrees(p.tilt).value << " " << toDegrees(p.lean).value);
            // Under an ear the ground may be seen.
            CHECK(holesIn(seen(p, grade)) < 25);
        }
}

TEST_CASE("Planes of the face lie on the sitter's own skin") {
    Random random(4);
    for (int i = 0; i < 5; ++i) {
        const HeadMarks head = random.head();
        const PlanarSolid made = litPlanes(planarHead(), head, PlaneGrade::All);
        const SoftSurface skin = adultSurface().fittedTo(head);
        // Of each place of the front the nearest place of the skin.
        double furthest = 0;
        int places = 0;
        for (const HeadPoint& p : made.solid.points) {
            // Between the lids the skin is open.
            const bool isOfEye = (p - head[Mark::PupilL]).norm() < 0.3 || (p - head[Mark::PupilR]).norm() < 0.3;
            if (p.z() < 0.5 || p.y() > 0.2 || p.y() < -1.3 || isOfEye)
                continue;
            double nearest = 1e9;
            for (const HeadPoint& q : skin.points)
                nearest = std::min(nearest, (p - q).norm());
            furthest = std::max(furthest, nearest);
            ++places;
        }
        CHECK(places > 200);
        CHECK(furthest < 0.16);
        // The tip of the nose is the sitter's.
        double toTip = 1e9;
        for (const HeadPoint& p : made.solid.points)
            toTip = std::min(toTip, (p - head[Mark::NoseTip]).norm());
        CHECK(toTip < 0.06);
    }
}

TEST_CASE("Under a lamp from the left the planes turned to it are light, and undersides are dark") {
    const DepthBuffer head = seen(pose(0, 0, 0));
    Lighting lamp;
    lamp.key = {toRadians(Degrees{-45}), toRadians(Degrees{40})};
    const Shading shading(head, lamp);
    // The sitter's right lies at the viewer's left.
    CHECK(lightOn(shading, head, {-0.3, 0.25, 0.93}) > 1.5f * lightOn(shading, head, {0.62, 0.3, 0.62}));
    CHECK(lightOn(shading, head, {-0.32, -0.45, 0.88}) > 3 * lightOn(shading, head, {0.5, -0.6, 0.75}));
    CHECK(lightOn(shading, head, {-0.05, -0.35, 1.05}) > 2 * lightOn(shading, head, {-0.03, -0.65, 1.13})); // the nose's underside
    // A plane has one tone where no shadow falls on it.
    std::set<std::pair<int, int>> tones;
    for (int y = 0; y < down; ++y)
        for (int x = 0; x < across; ++x)
            if (const auto& spot = head.spot(x, y); spot.there())
                tones.insert({spot.plane, static_cast<int>(std::lround(1e4 * shading.at(x, y).light))});
    std::map<int, int> tonesOf;
    for (const auto& [plane, tone] : tones)
        ++tonesOf[plane];
    for (const auto& [plane, count] : tonesOf) {
        INFO(plane);
        CHECK(count <= 2); // lit, and in a cast shadow
    }
    CHECK(tonesOf.size() > 80);
}

TEST_CASE("The large planes are far fewer") {
    const auto planesOf = [](PlaneGrade grade) {
        std::set<int> planes;
        for (const auto& triangle : litPlanes(planarHead(), adultHeads().mean, grade).solid.triangles)
            planes.insert(triangle.plane);
        return planes.size();
    };
    CHECK(planesOf(PlaneGrade::All) == 2 * planarHead().planes.size());
    CHECK(planesOf(PlaneGrade::Few) < 80);
    CHECK(litPlanes(planarHead(), adultHeads().mean, PlaneGrade::Few).edges.size() <
          litPlanes(planarHead(), adultHeads().mean, PlaneGrade::All).edges.size());
}

TEST_CASE("A file of planes that is wrong says what is wrong") {
    const Folder folder;
    const auto with = [&](const std::string& text) {
        const auto file = folder.path / "planes.json";
        std::ofstream(file) << text;
        return file;
    };
    CHECK_THROWS_WITH(readPlanarHead(with(R"({"format":"zokran-planes","version":1,"points":{"a":[0,0]},"planes":[]})")),
                      Catch::Contains("planes.json") && Catch::Contains("\"a\" is no place"));
    CHECK_THROWS_WITH(
        readPlanarHead(with(R"({"format":"zokran-planes","version":1,"points":{"a":[0,0,0]},"planes":[{"group":"x","corners":["a","b","a"]}]})")),
        Catch::Contains("there is no point \"b\""));
    CHECK_THROWS_AS(readPlanarHead(folder.path / "nothing.json"), BadInput);
}
