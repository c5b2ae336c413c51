#pragma once

#include <Eigen/Core>
#include <algorithm>
#include <cmath>

namespace zokran {

/// Calls `pixel(x, y, wb, wc)` for each pixel of rows [top, bottom) and columns [0, width) whose centre lies in the
/// triangle, with the weights of its second and third corner; the first has the rest of one. Corners in px, pixel
/// (x, y) has its centre at (x + 0.5, y + 0.5). A centre on an edge belongs to both triangles beside it, so that no
/// pixel falls between them. The result depends on the corners alone, never on the rows that are asked for.
template <typename Pixel>
void fillTriangle(const Eigen::Vector2f& a, const Eigen::Vector2f& b, const Eigen::Vector2f& c, int width, int top,
                  int bottom, Pixel pixel) {
    // Far outside, a coordinate may not fit an integer.
    const float right = static_cast<float>(width), foot = static_cast<float>(bottom);
    const float lowX = std::min({a.x(), b.x(), c.x()}), highX = std::max({a.x(), b.x(), c.x()}),
                lowY = std::min({a.y(), b.y(), c.y()}), highY = std::max({a.y(), b.y(), c.y()});
    if (!(highX > 0 && highY > static_cast<float>(top) && lowX < right && lowY < foot))
        return;
    // Most triangles of a fine mesh lie between the pixels' centres, so that this decides how long a picture takes:
    // truncation is rounding down for what is above zero, and far quicker.
    const auto first = [](float low) { return static_cast<int>(std::max(low, 0.0f) + 0.5f); };
    const auto last = [](float high, float limit) { return static_cast<int>(std::min(high, limit) + 0.5f) - 1; };
    const int y0 = std::max(top, first(lowY)), y1 = std::min(bottom - 1, last(highY, foot));
    const int x0 = first(lowX), x1 = std::min(width - 1, last(highX, right));
    const Eigen::Vector2f ab = b - a, ac = c - a;
    const float area = ab.x() * ac.y() - ab.y() * ac.x();
    if (x0 > x1 || y0 > y1 || std::abs(area) < 1e-12f)
        return;
    const float each = 1 / area;
    for (int y = y0; y <= y1; ++y)
        for (int x = x0; x <= x1; ++x) {
            const float dx = static_cast<float>(x) + 0.5f - a.x(), dy = static_cast<float>(y) + 0.5f - a.y();
            const float wb = (dx * ac.y() - dy * ac.x()) * each, wc = (ab.x() * dy - ab.y() * dx) * each;
            constexpr float edge = -1e-4f;
            if (wb >= edge && wc >= edge && 1 - wb - wc >= edge)
                pixel(x, y, wb, wc);
        }
}

} // namespace zokran
