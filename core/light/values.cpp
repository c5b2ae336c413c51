#include "core/light/values.h"

#include "core/base/errors.h"
#include "core/base/tone.h"

#include <algorithm>
#include <array>
#include <numeric>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran {

std::optional<ValueShares> valueShares(const cv::Mat& grey, const cv::Mat& mask, int values) {
    if (values < 2 || values > 10)
        throw BadInput("a picture is looked at in 2 to 10 values");
    std::array<double, 256> count{};
    double all = 0;
    for (int y = 0; y < std::min(grey.rows, mask.rows); ++y)
        for (int x = 0; x < std::min(grey.cols, mask.cols); ++x)
            if (mask.at<std::uint8_t>(y, x)) {
                ++count[grey.at<std::uint8_t>(y, x)];
                ++all;
            }
    if (all < 1)
        return std::nullopt;
    ValueShares shares(static_cast<std::size_t>(values), 0);
    for (std::size_t code = 0; code < count.size(); ++code) {
        const double l = lightnessOfLinear(linearOfDisplay(static_cast<double>(code) / 255));
        const auto value = static_cast<std::size_t>(
            std::clamp(static_cast<int>(l / 100 * values), 0, values - 1));
        shares[value] += count[code] / all;
    }
    return shares;
}

ValueTrouble valueTrouble(const ValueShares& photograph, const ValueShares& sketch) {
    const std::size_t n = std::min(photograph.size(), sketch.size());
    if (n < 2)
        return ValueTrouble::None;
    const auto lowest = [&](const ValueShares& s, std::size_t count) {
        return std::accumulate(s.begin(), s.begin() + static_cast<std::ptrdiff_t>(count), 0.0);
    };
    // All but the lightest value, of many the lightest fifth, in which paper's grain lies.
    constexpr double hardly = 0.03;
    if (lowest(sketch, n - std::max<std::size_t>(1, n / 5)) < hardly)
        return ValueTrouble::NotShaded;
    // The darker half of the scale, of an odd number without its middle.
    const double seen = lowest(photograph, n / 2), drawn = lowest(sketch, n / 2);
    constexpr double much = 2.5, some = 0.05;
    if (seen > some && drawn * much < seen)
        return ValueTrouble::Timid;
    if (drawn > some && seen * much < drawn)
        return ValueTrouble::Heavy;
    if (n >= 3) {
        const auto middle = [&](const ValueShares& s) {
            return std::accumulate(s.begin() + 1, s.end() - 1, 0.0);
        };
        if (middle(photograph) > some && middle(sketch) * much < middle(photograph))
            return ValueTrouble::MiddleMissing;
    }
    return ValueTrouble::None;
}

} // namespace zokran
