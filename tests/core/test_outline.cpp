#include "core/construction/outline.h"

#include "core/base/data_folder.h"
#include "core/head/rbf_warp.h"
#include "core/head/population.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <numbers>

using namespace zokran;
using namespace zokran::test;

namespace {

/// A ball of radius 1 as a surface; `squeezed` narrows it across.
SoftSurface ball(double squeezed = 1) {
    SoftSurface s;
    constexpr std::uint32_t rows = 40, columns = 80;
    for (std::uint32_t i = 0; i <= rows; ++i)
        for (std::uint32_t k = 0; k < columns; ++k) {
            const double a = std::numbers::pi * i / rows, b = 2 * std::numbers::pi * k / columns;
            s.points.emplace_back(squeezed * std::sin(a) * std::sin(b), std::cos(a),
                                  std::sin(a) * std::cos(b));
        }
    for (std::uint32_t i = 0; i < rows; ++i)
        for (std::uint32_t k = 0; k < columns; ++k) {
            const std::uint32_t p = i * columns + k, q = i * columns + (k + 1) % columns;
            if (i > 0)
                s.triangles.push_back({p, p + columns, q});
            if (i + 1 < rows)
                s.triangles.push_back({q, p + columns, q + columns});
        }
    s.ofNeck.assign(s.points.size(), false);
    return s;
}

} // namespace

TEST_CASE("A ball's outline is the circle that perspective gives it") {
    const HeadSolid surface(ball());
    View view;
    view.principal = view.centre = {500, 500};
    view.scale = 200;
    for (double nearness : {0.0, 0.08, 0.2}) {
        view.nearness = nearness;
        view.face(headToView(pose(30, -20, 10)));
        const auto pieces = SolidInView(surface, usualSidePlane, view).outline({0.2});
        REQUIRE_FALSE(pieces.empty());
        double length = 0;
        for (const OutlinePiece& piece : pieces)
            for (std::size_t i = 0; i < piece.points.size(); ++i) {
                // A sphere seen from d radii off has an outline of r / sqrt(1 - 1/d^2).
                const double expected = view.scale / std::sqrt(1 - nearness * nearness);
                CHECK((piece.points[i] - view.centre).norm() == Approx(expected).epsilon(0.01));
                if (i > 0)
                    length += (piece.points[i] - piece.points[i - 1]).norm();
            }
        CHECK(length > 0.9 * 2 * std::numbers::pi * view.scale);
    }
}

TEST_CASE("What stands behind is not outlined") {
    // A small ball behind a large one, and beside it.
    SoftSurface two = ball();
    for (const HeadPoint& away : {HeadPoint(0, 0, -3), HeadPoint(3, 0, -3)}) {
        const SoftSurface small = ball();
        const auto first = static_cast<std::uint32_t>(two.points.size());
        for (const HeadPoint& p : small.points)
            two.points.push_back(0.4 * p + away);
        for (const auto& t : small.triangles)
            two.triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
        two.ofNeck.insert(two.ofNeck.end(), small.points.size(), true);
    }
    const HeadSolid solid(two);
    View view;
    view.principal = view.centre = {500, 500};
    view.scale = 100;
    view.nearness = 0;
    int small = 0;
    for (const OutlinePiece& piece : SolidInView(solid, usualSidePlane, view).outline({0.2}))
        if (piece.ofNeck) {
            ++small;
            for (const PicturePoint& p : piece.points)
                CHECK((p - PicturePoint(800, 500)).norm() == Approx(40).epsilon(0.02));
        }
    CHECK(small > 0);

    // A run round the large ball's middle is seen in front and hidden behind.
    std::vector<std::uint32_t> equator;
    for (std::uint32_t k = 0; k < 80; ++k)
        equator.push_back(20 * 80 + k);
    double seen = 0, hidden = 0;
    for (const PathPiece& piece : SolidInView(solid, usualSidePlane, view).path(equator))
        for (std::size_t i = 1; i < piece.points.size(); ++i)
            (piece.hidden ? hidden : seen) += (piece.points[i] - piece.points[i - 1]).norm();
    CHECK(seen == Approx(hidden).epsilon(0.15));
}

TEST_CASE("A bend takes its points where they are told, and an affine map everywhere") {
    Random random(7);
    std::vector<HeadPoint> from, to, affine;
    const Eigen::Matrix3d m = (Eigen::Matrix3d() << 1.1, 0.1, 0, -0.05, 0.9, 0.02, 0, 0.1, 1).finished();
    const Eigen::Vector3d shift(0.1, -0.2, 0.05);
    for (int i = 0; i < 20; ++i) {
        from.emplace_back(random.normal(1), random.normal(1), random.normal(1));
        to.push_back(from.back() + 0.1 * HeadPoint(random.normal(1), random.normal(1), random.normal(1)));
        affine.push_back(m * from.back() + shift);
    }
    const RbfWarp bend(from, to), straight(from, affine);
    for (int i = 0; i < 20; ++i)
        CHECK((bend(from[i]) - to[i]).norm() < 1e-9);
    for (int i = 0; i < 50; ++i) {
        const HeadPoint p(random.normal(2), random.normal(2), random.normal(2));
        CHECK((straight(p) - m * p - shift).norm() < 1e-8);
    }
}

TEST_CASE("The soft surface follows the sitter's marks") {
    HeadMarks head = adultHeads().mean;
    head[Mark::Chin].y() -= 0.2;
    const SoftSurface usual = adultSurface().fittedTo(adultHeads().mean),
                      longer = adultSurface().fittedTo(head);
    auto lowest = [](const SoftSurface& s) {
        double low = 9;
        for (std::uint32_t v : s.jaw[0])
            low = std::min(low, s.points[v].y());
        return low;
    };
    CHECK(lowest(usual) - lowest(longer) == Approx(0.2).margin(0.05));
    CHECK(usual.jaw[0].size() == usual.jaw[1].size());
    const auto file = std::filesystem::temp_directory_path() / "zokran-surface.json";
    std::ofstream(file) << R"({"format": "zokran-surface", "version": 1, "marks": {}})";
    CHECK_THROWS_WITH(readSurface(file), Catch::Contains("zokran-surface.json"));
}
