#pragma once

#include <algorithm>
#include <cmath>
#include <compare>
#include <numbers>

/// Units that must not be confused. A length or an angle that crosses an interface says in its type
/// what it is, and carries its own arithmetic: quantities of one kind add up and compare, scale by
/// plain numbers, and give a plain number when one is divided by the other.
namespace zokran {

/// A number of one unit. `Unit` is only a name.
template <class Unit>
struct Quantity {
    double value = 0;

    constexpr auto operator<=>(const Quantity&) const = default;

    friend constexpr Quantity operator+(Quantity a, Quantity b) { return {a.value + b.value}; }
    friend constexpr Quantity operator-(Quantity a, Quantity b) { return {a.value - b.value}; }
    friend constexpr Quantity operator-(Quantity a) { return {-a.value}; }
    friend constexpr Quantity operator*(Quantity a, double by) { return {a.value * by}; }
    friend constexpr Quantity operator*(double by, Quantity a) { return {by * a.value}; }
    friend constexpr Quantity operator/(Quantity a, double by) { return {a.value / by}; }
    friend constexpr double operator/(Quantity a, Quantity b) { return a.value / b.value; }
    constexpr Quantity& operator+=(Quantity more) { return *this = *this + more; }
    constexpr Quantity& operator-=(Quantity less) { return *this = *this - less; }
    constexpr Quantity& operator*=(double by) { return *this = *this * by; }

    friend constexpr Quantity abs(Quantity a) { return {a.value < 0 ? -a.value : a.value}; }
    /// The length of the hypotenuse of two lengths at right angles, or of two independent standard deviations together.
    friend Quantity hypot(Quantity a, Quantity b) { return {std::hypot(a.value, b.value)}; }
    friend bool isfinite(Quantity a) { return std::isfinite(a.value); }
    friend long lround(Quantity a) { return std::lround(a.value); }
};

/// An angle in degrees: what people, files and the command line read and write.
using Degrees = Quantity<struct DegreeUnit>;
/// An angle in radians: what the computation uses.
using Radians = Quantity<struct RadianUnit>;
/// A length in the pixels of the picture at hand.
using Pixels = Quantity<struct PixelUnit>;
/// A length in ball radii, the unit of the head.
using BallRadii = Quantity<struct BallRadiusUnit>;
/// A length on the learner's paper, or in the cast room.
using Millimetres = Quantity<struct MillimetreUnit>;

/// How much of one unit goes to one of another, such as millimetres of paper to a pixel.
template <class Over, class Under>
struct Ratio {
    double value = 0;
    constexpr auto operator<=>(const Ratio&) const = default;
    friend constexpr Quantity<Over> operator*(Quantity<Under> a, Ratio r) {
        return {a.value * r.value};
    }
    friend constexpr Quantity<Under> operator/(Quantity<Over> a, Ratio r) { return {a.value / r.value}; }
    friend constexpr Ratio operator/(Ratio r, double by) { return {r.value / by}; }
};
template <class Over, class Under>
requires(!std::is_same_v<Over, Under>) constexpr Ratio<Over, Under> operator/(Quantity<Over> a,
                                                                              Quantity<Under> b) {
    return {a.value / b.value};
}
using MillimetresPerPixel = Ratio<struct MillimetreUnit, struct PixelUnit>;

constexpr Radians toRadians(Degrees d) {
    return {d.value * std::numbers::pi / 180};
}
constexpr Degrees toDegrees(Radians r) {
    return {r.value * 180 / std::numbers::pi};
}

/// How many degrees an angle has: for what is told, written to a file or put on an axis.
constexpr double inDegrees(Radians r) {
    return toDegrees(r).value;
}

inline double sin(Radians a) {
    return std::sin(a.value);
}
inline double cos(Radians a) {
    return std::cos(a.value);
}
inline double tan(Radians a) {
    return std::tan(a.value);
}

} // namespace zokran
