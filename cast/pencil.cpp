#include "cast/pencil.h"

#include "core/base/tone.h"

#include "core/base/errors.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace zokran {

namespace {

/// Zhang & Suen's thinning (1984): the lines of a mask, one pixel wide.
void thin(cv::Mat1b& mask) {
    bool changed = true;
    std::vector<cv::Point> gone;
    while (changed) {
        changed = false;
        for (int pass = 0; pass < 2; ++pass) {
            gone.clear();
            for (int y = 1; y < mask.rows - 1; ++y)
                for (int x = 1; x < mask.cols - 1; ++x) {
                    if (!mask(y, x))
                        continue;
                    const int n[9] = {mask(y - 1, x),     mask(y - 1, x + 1), mask(y, x + 1),
                                      mask(y + 1, x + 1), mask(y + 1, x),     mask(y + 1, x - 1),
                                      mask(y, x - 1),     mask(y - 1, x - 1), mask(y - 1, x)};
                    int count = 0, turns = 0;
                    for (int i = 0; i < 8; ++i) {
                        count += n[i] != 0;
                        turns += !n[i] && n[i + 1];
                    }
                    if (count < 2 || count > 6 || turns != 1)
                        continue;
                    if (pass == 0 ? (n[0] && n[2] && n[4]) || (n[2] && n[4] && n[6])
                                  : (n[0] && n[2] && n[6]) || (n[0] && n[4] && n[6]))
                        continue;
                    gone.emplace_back(x, y);
                }
            for (const cv::Point& p : gone)
                mask(p) = 0;
            changed = changed || !gone.empty();
        }
    }
}

/// The thin lines as chains of neighbouring pixels; a chain keeps its direction at a crossing.
std::vector<std::vector<cv::Point>> chains(cv::Mat1b mask) {
    std::vector<std::vector<cv::Point>> all;
    auto follow = [&](cv::Point p, std::vector<cv::Point>& chain) {
        while (true) {
            const cv::Point ahead =
                chain.size() > 4 ? p - chain[chain.size() - 5] : cv::Point(0, 0);
            int best = -100;
            cv::Point next(-1, -1);
            for (int dy = -1; dy <= 1; ++dy)
                for (int dx = -1; dx <= 1; ++dx)
                    if ((dx || dy) && mask(p.y + dy, p.x + dx))
                        if (const int score = ahead.x * dx + ahead.y * dy; score > best) {
                            best = score;
                            next = p + cv::Point(dx, dy);
                        }
            if (next.x < 1)
                return;
            mask(next) = 0;
            chain.push_back(p = next);
        }
    };
    for (int y = 1; y < mask.rows - 1; ++y)
        for (int x = 1; x < mask.cols - 1; ++x) {
            if (!mask(y, x))
                continue;
            mask(y, x) = 0;
            std::vector<cv::Point> chain{{x, y}}, back;
            follow({x, y}, chain);
            follow({x, y}, back);
            std::reverse(back.begin(), back.end());
            back.insert(back.end(), chain.begin(), chain.end());
            all.push_back(std::move(back));
        }
    return all;
}

} // namespace

const std::vector<Hand>& hands() {
    static const std::vector<Hand> all{
        {"timid", 0.08, 0.55, 0.25},  {"searching", 0.28, 0.85, 0.5}, {"careful", 0.5, 0.7, 0.9},
        {"steady", 0.65, 1.0, 0.7},   {"brisk", 0.85, 1.1, 0.4},      {"bold", 1.0, 1.4, 1.0}};
    return all;
}

const Hand& handNamed(const std::string& id) {
    std::string known;
    for (const Hand& hand : hands()) {
        if (hand.id == id)
            return hand;
        known += (known.empty() ? "" : ", ") + hand.id;
    }
    throw BadInput(fmt::format("there is no hand \"{}\"; there is: {}", id, known));
}

void drawStrokes(const cv::Mat1f& lines, const Hand& hand, double unit, cv::RNG& rng,
                 cv::Mat1f& graphite) {
    cv::Mat1b mask;
    cv::Mat(lines > 0.14f).copyTo(mask);
    for (cv::Mat edge :
         {mask.row(0), mask.row(mask.rows - 1), mask.col(0), mask.col(mask.cols - 1)})
        edge.setTo(0);
    thin(mask);
    const double searching = 1 - hand.confidence;
    auto stroke = [&](const std::vector<cv::Point>& chain, std::size_t from, std::size_t to,
                      double pressure, double astray) {
        // Off by a shift and a slight turn of the whole stroke, as a wrist does it.
        const cv::Point2d shift(rng.gaussian(astray), rng.gaussian(astray));
        const double turn = rng.gaussian(0.012 * astray / unit);
        const cv::Point2d middle = chain[(from + to) / 2];
        const double peak = rng.uniform(0.3, 0.7), flow = rng.uniform(0.0, 6.28);
        cv::Point2d last;
        double lastWeight = 0;
        constexpr int step = 3;
        for (std::size_t i = from; i < to; i += step) {
            // The mean of a few pixels takes the stairs out of the chain.
            cv::Point2d p(0, 0);
            int n = 0;
            for (std::size_t k = i > 4 ? i - 4 : 0; k < std::min(i + 5, chain.size()); ++k, ++n)
                p += cv::Point2d(chain[k]);
            p *= 1.0 / n;
            const cv::Point2d d = p - middle;
            p = middle + shift + cv::Point2d(d.x - turn * d.y, d.y + turn * d.x) +
                cv::Point2d(0.5, 0.5);
            const double t = double(i - from) / double(std::max<std::size_t>(to - from, 1));
            const double swell = t < peak ? t / peak : (1 - t) / (1 - peak);
            const double line = lines(chain[i]);
            const double weight = pressure * std::pow(swell, 0.45) * (0.35 + 0.65 * line) *
                                  (1 + 0.18 * std::sin(9 * t + flow));
            if (i > from) {
                const double w = std::max(0.0, 0.5 * (weight + lastWeight));
                const double width = (0.9 + 1.5 * w) * unit;
                const double steps = std::max(1.0, cv::norm(p - last) / 0.7);
                for (double s = 0; s < steps; ++s) {
                    const cv::Point2d at = last + (s / steps) * (p - last);
                    const int reach = static_cast<int>(std::ceil(1.5 * width));
                    const int cx = static_cast<int>(at.x), cy = static_cast<int>(at.y);
                    for (int y = cy - reach; y <= cy + reach; ++y)
                        for (int x = cx - reach; x <= cx + reach; ++x) {
                            if (x < 0 || y < 0 || x >= graphite.cols || y >= graphite.rows)
                                continue;
                            const double r2 =
                                std::pow(x + 0.5 - at.x, 2) + std::pow(y + 0.5 - at.y, 2);
                            float& g = graphite(y, x);
                            const auto laid = static_cast<float>(
                                0.75 * w * std::exp(-r2 / (0.5 * width * width)) * 0.7);
                            g += (1 - std::min(g, 1.0f)) * laid;
                        }
                }
            }
            last = p;
            lastWeight = weight;
        }
    };
    for (const auto& chain : chains(mask)) {
        if (chain.size() < 7 * unit)
            continue;
        const double usual = (55 + 130 * hand.confidence) * unit;
        for (std::size_t from = 0; from + 4 < chain.size();) {
            const auto length =
                static_cast<std::size_t>(std::max(9.0, usual * rng.uniform(0.55, 1.4)));
            const std::size_t to = std::min(chain.size(), from + length);
            stroke(chain, from, to, hand.pressure * rng.uniform(0.8, 1.1), 0.5 * unit);
            for (double more = searching * 1.9; more > rng.uniform(0.0, 1.0); more -= 1)
                stroke(chain, from, to, hand.pressure * rng.uniform(0.25, 0.55), 2.0 * unit);
            // Strokes overlap where the hand was set down again.
            from = to - std::min(to - from - 1, static_cast<std::size_t>(7 * unit));
            if (to == chain.size())
                break;
        }
    }
}

cv::Mat1f hatchedTone(const cv::Mat1f& lightness, double spacing, double paper, double darkest, cv::RNG& rng) {
    const auto smooth = [&](double size) {
        cv::Mat1f n(lightness.size());
        rng.fill(n, cv::RNG::NORMAL, 0, 1);
        cv::GaussianBlur(n, n, {}, size);
        cv::Scalar mean, spread;
        cv::meanStdDev(n, mean, spread);
        return cv::Mat1f((n - mean[0]) / std::max(spread[0], 1e-9));
    };
    const cv::Mat1f sway = smooth(6 * spacing), tooth = smooth(0.9);
    cv::Mat1f share(lightness.size());
    for (int y = 0; y < share.rows; ++y)
        for (int x = 0; x < share.cols; ++x) {
            const double wanted = std::clamp((paper - linearOfLightness(lightness(y, x))) / (paper - darkest), 0.0, 1.0);
            // A stroke's profile is a cosine over the spacing; the height at which it is cut gives the share it covers.
            const double phase = std::fmod((x + 0.75 * y) / spacing + 0.5 * sway(y, x) + 1e4, 1.0);
            const double off = std::abs(phase - 0.5) * 2 + 0.1 * tooth(y, x); // 0 in the stroke's middle, 1 between two
            share(y, x) = wanted < 0.01 ? 0.0f : static_cast<float>(std::clamp((wanted - off) / 0.25 + 0.5, 0.0, 1.0));
        }
    return share;
}

} // namespace zokran
