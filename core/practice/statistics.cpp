#include "core/practice/statistics.h"

#include <boost/math/distributions/students_t.hpp>
#include <algorithm>
#include <cmath>

namespace zokran {

double studentsT(double share, int freedom) {
    const boost::math::students_t_distribution<double> students(freedom);
    return boost::math::quantile(students, 0.5 + share / 2);
}

std::optional<Interval> meanOf(std::span<const double> values, double share) {
    const int n = static_cast<int>(values.size());
    if (n < fewestValues)
        return std::nullopt;
    double mean = 0, squares = 0;
    for (double v : values)
        mean += v / n;
    for (double v : values)
        squares += (v - mean) * (v - mean);
    const double half = studentsT(share, n - 1) * std::sqrt(squares / (n - 1) / n);
    return Interval{mean, mean - half, mean + half, n};
}

double Line::bandAt(double x) const {
    return studentsT(0.95, count - 2) * scatter *
           std::sqrt(1.0 / count + (x - meanX) * (x - meanX) / (spreadX * spreadX));
}

std::optional<Interval> differenceOfMeans(std::span<const double> a, std::span<const double> b, double share) {
    struct Moments {
        double mean = 0, variance = 0, count;
    };
    const auto momentsOf = [](std::span<const double> values) {
        Moments m{.count = static_cast<double>(values.size())};
        for (double v : values)
            m.mean += v / m.count;
        for (double v : values)
            m.variance += (v - m.mean) * (v - m.mean) / (m.count - 1);
        return m;
    };
    if (a.size() < fewestValues || b.size() < fewestValues)
        return std::nullopt;
    const Moments first = momentsOf(a), second = momentsOf(b);
    const double u = first.variance / first.count, v = second.variance / second.count, spread = u + v;
    const double difference = first.mean - second.mean;
    const int count = static_cast<int>(a.size() + b.size());
    if (!(spread > 0))
        return Interval{difference, difference, difference, count};
    // Satterthwaite's degrees of freedom, rounded down.
    const double freedom = spread * spread / (u * u / (first.count - 1) + v * v / (second.count - 1));
    const double half = studentsT(share, std::max(1, static_cast<int>(freedom))) * std::sqrt(spread);
    return Interval{difference, difference - half, difference + half, count};
}

std::optional<Line> lineThrough(std::span<const double> x, std::span<const double> y, double share) {
    const int n = static_cast<int>(std::min(x.size(), y.size()));
    if (n < fewestValues)
        return std::nullopt;
    double mx = 0, my = 0;
    for (int i = 0; i < n; ++i) {
        mx += x[static_cast<std::size_t>(i)] / n;
        my += y[static_cast<std::size_t>(i)] / n;
    }
    double sxx = 0, sxy = 0;
    for (int i = 0; i < n; ++i) {
        const double dx = x[static_cast<std::size_t>(i)] - mx;
        sxx += dx * dx;
        sxy += dx * (y[static_cast<std::size_t>(i)] - my);
    }
    if (!(sxx > 1e-12))
        return std::nullopt;
    const double slope = sxy / sxx, intercept = my - slope * mx;
    double rest = 0;
    for (int i = 0; i < n; ++i) {
        const double r =
            y[static_cast<std::size_t>(i)] - intercept - slope * x[static_cast<std::size_t>(i)];
        rest += r * r;
    }
    Line line;
    line.scatter = std::sqrt(rest / (n - 2));
    line.meanX = mx;
    line.spreadX = std::sqrt(sxx);
    line.count = n;
    const double t = studentsT(share, n - 2);
    const double ofSlope = t * line.scatter / line.spreadX,
                 ofIntercept = t * line.scatter * std::sqrt(1.0 / n + mx * mx / sxx);
    line.slope = {slope, slope - ofSlope, slope + ofSlope, n};
    line.intercept = {intercept, intercept - ofIntercept, intercept + ofIntercept, n};
    return line;
}

} // namespace zokran
