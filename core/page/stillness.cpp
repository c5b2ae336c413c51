#include "core/page/stillness.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Of 256 grey levels: a camera's noise in a small frame stays below this.
constexpr double noise = 10;
/// A fingertip on a page that fills the frame covers about so much of it.
constexpr double moves = 0.004;
/// New strokes cover less than a hand; so little more than nothing is a change.
constexpr double drawn = 0.0008;
/// A hand differs from paper and table by more than this, and covers at least so much of the picture.
constexpr double strongly = 25, handShare = 0.01;

/// How many times as bright one frame is as the other, as most of the picture says: a lamp dims all that it lights alike.
double lightChange(const GreyFrame& a, const GreyFrame& b) {
    constexpr int tooDark = 20; // grey levels, of which nothing is told
    std::vector<double> ratios;
    for (std::size_t i = 0; i < a.pixels.size(); ++i)
        if (a.pixels[i] > tooDark)
            ratios.push_back(1.0 * b.pixels[i] / a.pixels[i]);
    if (ratios.empty())
        return 1;
    const auto middle = ratios.begin() + static_cast<long>(ratios.size() / 2);
    std::nth_element(ratios.begin(), middle, ratios.end());
    return *middle;
}

} // namespace

double changedShare(const GreyFrame& a, const GreyFrame& b) {
    if (a.width != b.width || a.height != b.height || a.pixels.size() != b.pixels.size() || a.pixels.empty())
        return 1;
    const double light = lightChange(a, b);
    const auto changed = std::count_if(a.pixels.begin(), a.pixels.end(), [&, i = std::size_t{0}](std::uint8_t was) mutable {
        return std::abs(b.pixels[i++] - light * was) > noise;
    });
    return static_cast<double>(changed) / static_cast<double>(a.pixels.size());
}

void StillnessDetector::add(const GreyFrame& frame, Milliseconds at) {
    now_ = at;
    if (changedShare(last_, frame) > moves)
        stillSince_ = at;
    last_ = frame;
}

bool StillnessDetector::isStill() const {
    // No hand rests so long; then it is a lamp that was moved or another ground.
    constexpr int muchLonger = 12;
    return stillSince_ && now_ - *stillSince_ >= (isCovered() ? muchLonger * needed_ : needed_);
}

bool StillnessDetector::isCovered() const {
    if (taken_.width != last_.width || taken_.height != last_.height || taken_.pixels.empty())
        return false;
    const double light = lightChange(taken_, last_);
    const auto differs = [&](std::size_t i) { return std::abs(last_.pixels[i] - light * taken_.pixels[i]) > strongly; };
    // From the edge of the picture inwards, over what differs.
    std::vector<bool> reached(last_.pixels.size(), false);
    std::vector<std::size_t> open;
    const auto width = static_cast<std::size_t>(last_.width), height = static_cast<std::size_t>(last_.height);
    const auto enter = [&](std::size_t x, std::size_t y) {
        const std::size_t i = y * width + x;
        if (!reached[i] && differs(i)) {
            reached[i] = true;
            open.push_back(i);
        }
    };
    for (std::size_t x = 0; x < width; ++x)
        for (std::size_t y : {std::size_t{0}, height - 1})
            enter(x, y);
    for (std::size_t y = 0; y < height; ++y)
        for (std::size_t x : {std::size_t{0}, width - 1})
            enter(x, y);
    std::size_t count = 0;
    while (!open.empty()) {
        const std::size_t i = open.back(), x = i % width, y = i / width;
        open.pop_back();
        ++count;
        if (x > 0)
            enter(x - 1, y);
        if (x + 1 < width)
            enter(x + 1, y);
        if (y > 0)
            enter(x, y - 1);
        if (y + 1 < height)
            enter(x, y + 1);
    }
    return static_cast<double>(count) > handShare * static_cast<double>(width * height);
}

bool StillnessDetector::hasChanged() const {
    return changedShare(taken_, last_) > drawn;
}

} // namespace zokran
