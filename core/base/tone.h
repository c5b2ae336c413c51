#pragma once

#include <cmath>

namespace zokran {

/// How light a tone is, three ways: the share of light `y` (linear, 0 to 1), a display's value `s`
/// (sRGB, 0 to 1; IEC 61966-2-1), and lightness `L` (CIE 1976, 0 to 100), which steps as the eye does.

inline double linearOfDisplay(double s) {
    return s <= 0.04045 ? s / 12.92 : std::pow((s + 0.055) / 1.055, 2.4);
}
inline double displayOfLinear(double y) {
    return y <= 0.0031308 ? 12.92 * y : 1.055 * std::pow(y, 1 / 2.4) - 0.055;
}
inline double lightnessOfLinear(double y) {
    return y > 216.0 / 24389 ? 116 * std::cbrt(y) - 16 : y * 24389 / 27;
}
inline double linearOfLightness(double l) {
    return l > 8 ? std::pow((l + 16) / 116, 3) : l * 27 / 24389;
}

/// The lightness that stands for one of so many values, from 0 the darkest: the middle of its part of
/// the whole scale, so that of an odd number the middle one is the scale's middle.
inline double lightnessOfValue(int value, int values) {
    return 100 * (value + 0.5) / values;
}

} // namespace zokran
