#include "core/base/json_file.h"
#include "core/base/points.h"
#include "core/base/quantity_text.h"
#include "core/base/units.h"
#include "core/page/page.h"

#include <catch2/catch.hpp>
#include <limits>
#include <sstream>
#include <type_traits>

using namespace zokran;

namespace {

template <class A, class B>
concept Subtractable = requires(A a, B b) {
    a - b;
};
template <class A, class B>
concept Addable = requires(A a, B b) {
    a + b;
};

} // namespace

TEST_CASE("Quantities of one unit add, scale and divide; those of different units do not mix") {
    CHECK((Degrees{30} + Degrees{12.5}).value == 42.5);
    CHECK((2 * Pixels{3} - Pixels{1} / 2).value == 5.5);
    CHECK(Millimetres{30} / Millimetres{12} == 2.5);
    CHECK(abs(Radians{-0.5}) == Radians{0.5});
    CHECK(toDegrees(toRadians(Degrees{123})).value == Approx(123));
    CHECK(sin(toRadians(Degrees{30})) == Approx(0.5));
    static_assert(!Addable<Degrees, Radians>);
    static_assert(!Addable<Pixels, Millimetres>);
    static_assert(!std::is_convertible_v<double, Degrees>);
}

TEST_CASE("A ratio carries one unit into the other") {
    const MillimetresPerPixel fine = Millimetres{210} / Pixels{840};
    CHECK((Pixels{100} * fine).value == Approx(25));
    CHECK((Millimetres{25} / fine).value == Approx(100));
    CHECK((fine * PicturePoint(4, 8)).isApprox(Eigen::Vector2d(1, 2)));
    CHECK(Millimetres{25} / (fine / 2) == Pixels{200});
    Page page;
    CHECK_FALSE(page.perPixel({840}));
    page.shownWidth = Millimetres{210};
    CHECK((Pixels{100} * *page.perPixel({840})).value == Approx(25));
    CHECK_FALSE(page.perPixel({0}));
}

TEST_CASE("Quantities go to files and sentences as their numbers, and come back") {
    CHECK(hypot(Pixels{3}, Pixels{4}) == Pixels{5});
    CHECK(isfinite(Pixels{1}));
    CHECK_FALSE(isfinite(Pixels{std::numeric_limits<double>::infinity()}));
    CHECK(lround(Millimetres{-2.6}) == -3);
    CHECK(inDegrees(toRadians(Degrees{-7})) == Approx(-7));
    CHECK(fmt::format("{:.1f} mm", Millimetres{12.34}) == "12.3 mm");
    const nlohmann::ordered_json j = {{"r", Pixels{2.5}}, {"mm_per_px", Millimetres{1} / Pixels{4}}};
    CHECK(j.dump() == R"({"r":2.5,"mm_per_px":0.25})");
    std::istringstream text("210 x");
    Millimetres width, height;
    CHECK(text >> width);
    CHECK(width == Millimetres{210});
    CHECK_FALSE(text >> height);
}

TEST_CASE("Points are made of lengths of their own unit, and a length leads along a direction") {
    const PaperPoint corner(Millimetres{210}, Millimetres{297});
    CHECK(corner.y() == 297);
    static_assert(!std::is_constructible_v<PaperPoint, Pixels, Pixels>);
    static_assert(!std::is_constructible_v<SketchPoint, Millimetres, Millimetres>);
    CHECK((Pixels{5} * PicturePoint(0.6, -0.8)).isApprox(PicturePoint(3, -4)));
    CHECK(headPoint({1}, {-2}, {3}) == HeadPoint(1, -2, 3));
    // Clockwise as seen: what points to the right then points down.
    CHECK((clockwiseRotation(toRadians(Degrees{90})) * PicturePoint(1, 0)).isApprox(PicturePoint(0, 1)));
}

TEST_CASE("Places of photograph, sketch and paper are different things") {
    static_assert(!std::is_convertible_v<PhotoPoint, SketchPoint>);
    static_assert(!std::is_constructible_v<PaperPoint, SketchPoint>);
    static_assert(!Subtractable<PhotoPoint, SketchPoint>);
    static_assert(!Addable<PaperPoint, PhotoPoint>);
    const PhotoPoint a(3, 4), b(1, 1);
    CHECK((a - b).norm() == Approx(std::hypot(2, 3)));
    const PhotoPoint middle = (a + b) / 2;
    CHECK(middle.x() == 2);
}
