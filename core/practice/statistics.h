#pragma once

#include <optional>
#include <span>

namespace zokran {

/// A number with the interval that covers the truth in 95 of 100 cases.
struct Interval {
    double mean = 0, low = 0, high = 0;
    int count = 0; ///< of values it is made from

    /// Zero lies outside: what it says is no chance.
    bool excludesZero() const { return low > 0 || high < 0; }
};

/// The mean of values, by Student's distribution; nothing of fewer than `fewest`. `share`: how often the
/// interval covers the truth.
inline constexpr int fewestValues = 4;
std::optional<Interval> meanOf(std::span<const double> values, double share = 0.95);

/// How much larger the mean of `a` is than that of `b`, by Welch's test for two spreads (Biometrika 1947; from memory); nothing
/// where either has fewer than `fewestValues`.
std::optional<Interval> differenceOfMeans(std::span<const double> a, std::span<const double> b, double share = 0.95);

/// A straight line through points by least squares, y = intercept + slope x.
struct Line {
    Interval slope, intercept;
    double scatter = 0;              ///< of the points about it, one standard deviation
    double meanX = 0, spreadX = 0;   ///< of x: its mean, and the root of the sum of its squares about it
    int count = 0;
    double at(double x) const { return intercept.mean + slope.mean * x; }
    /// Half the width of the band that covers the line itself in 95 of 100 cases.
    double bandAt(double x) const;
};
/// Nothing where there are fewer than `fewestValues` points, or all at one x. (Draper and Smith, Applied
/// Regression Analysis, chapter 1; from memory.)
std::optional<Line> lineThrough(std::span<const double> x, std::span<const double> y,
                                double share = 0.95);

/// The value that Student's variable of so many degrees of freedom stays within, on both sides, in this
/// share of cases.
double studentsT(double share, int freedom);

} // namespace zokran
