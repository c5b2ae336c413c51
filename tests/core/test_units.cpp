#include "core/base/points.h"
#include "core/base/units.h"
#include "core/page/page.h"

#include <catch2/catch.hpp>
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
    Page page;
    CHECK_FALSE(page.perPixel({840}));
    page.shownWidth = Millimetres{210};
    CHECK((Pixels{100} * *page.perPixel({840})).value == Approx(25));
    CHECK_FALSE(page.perPixel({0}));
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
