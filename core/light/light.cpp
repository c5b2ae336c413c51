#include "core/light/light.h"

#include "core/construction/outline.h"
#include "core/base/tone.h"

#include <Eigen/Cholesky>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

using Eigen::Vector3d;

/// A place of the face as the camera sees it: its normal in sight axes, and how light it is.
struct Tone {
    Vector3d normal;
    double value; ///< linear, 0 to 1
};

std::vector<Tone> tonesOf(const cv::Mat& photograph, const Fit& fit) {
    cv::Mat grey;
    if (photograph.channels() == 3)
        cv::cvtColor(photograph, grey, cv::COLOR_BGR2GRAY);
    else
        grey = photograph;
    // Pores, grain and strokes are not the form.
    cv::GaussianBlur(grey, grey, {}, std::max(0.8, 0.025 * fit.view.scale));
    const HeadSolid solid(fit.head);
    const SolidInView seen(solid, usualSidePlane, fit.view);
    const Eigen::Matrix3d facing = fit.view.facing();
    std::vector<Tone> tones;
    const SoftSurface& skin = solid.skin();
    for (std::size_t i = 0; i < skin.points.size(); ++i) {
        const HeadPoint& p = skin.points[i];
        // The face below the hair and above the chin, without the sockets.
        const bool socket = std::abs(p.y() - fit.head[Mark::PupilL].y()) < 0.16 &&
                            std::abs(std::abs(p.x()) - fit.head[Mark::PupilL].x()) < 0.24;
        if (skin.ofNeck[i] || socket || p.z() < 0.1 || p.y() < fit.head[Mark::Chin].y())
            continue;
        const Vector3d n = facing * solid.normals()[i];
        if (n.z() < 0.25 || !seen.seen({p, solid.normals()[i]}, Cover::Face))
            continue;
        const PicturePoint at = fit.view.project(p);
        const int x = static_cast<int>(std::lround(at.x())), y = static_cast<int>(std::lround(at.y()));
        if (x < 0 || y < 0 || x >= grey.cols || y >= grey.rows)
            continue;
        tones.push_back({n, linearOfDisplay(grey.at<std::uint8_t>(y, x) / 255.0)});
    }
    return tones;
}

/// How much light comes from everywhere, and from each of the lights.
using Amounts = Eigen::Vector3d;

/// The amounts, none below 0, that explain the tones best by weighted least squares; `parts`: one, or
/// two lights beside what comes from everywhere.
Amounts amountsOf(Eigen::Matrix3d normal, Eigen::Vector3d right, int parts) {
    Amounts amounts = Amounts::Zero();
    std::array<bool, 3> used{true, parts > 0, parts > 1};
    for (int round = 0; round < 3; ++round) {
        Eigen::Matrix3d a = normal;
        Eigen::Vector3d b = right;
        for (int i = 0; i < 3; ++i)
            if (!used[static_cast<std::size_t>(i)]) {
                a.row(i).setZero();
                a.col(i).setZero();
                a(i, i) = 1;
                b(i) = 0;
            }
        amounts = (a + 1e-12 * a.trace() * Eigen::Matrix3d::Identity()).ldlt().solve(b);
        int worst = 0;
        if (amounts.minCoeff(&worst) >= 0)
            break;
        used[static_cast<std::size_t>(worst)] = false;
        amounts(worst) = 0;
    }
    return amounts.cwiseMax(0.0);
}

/// What is left of the tones under these lights: Huber's loss.
double misfit(const std::vector<Tone>& tones, const std::vector<Vector3d>& lights, double scale,
              Amounts* told = nullptr) {
    std::vector<double> weights(tones.size(), 1);
    Amounts amounts = Amounts::Zero();
    double loss = 0;
    const int parts = static_cast<int>(lights.size());
    const auto parted = [&](const Tone& t) {
        Eigen::Vector3d x(1, 0, 0);
        for (int i = 0; i < parts; ++i)
            x(i + 1) = std::max(0.0, t.normal.dot(lights[static_cast<std::size_t>(i)]));
        return x;
    };
    for (int round = 0; round < 4; ++round) {
        Eigen::Matrix3d normal = Eigen::Matrix3d::Zero();
        Eigen::Vector3d right = Eigen::Vector3d::Zero();
        for (std::size_t i = 0; i < tones.size(); ++i) {
            const Eigen::Vector3d x = parted(tones[i]);
            normal.noalias() += weights[i] * x * x.transpose();
            right.noalias() += weights[i] * tones[i].value * x;
        }
        amounts = amountsOf(normal, right, parts);
        loss = 0;
        for (std::size_t i = 0; i < tones.size(); ++i) {
            const double r = std::abs(tones[i].value - amounts.dot(parted(tones[i])));
            weights[i] = r < scale ? 1 : scale / r;
            loss += r < scale ? r * r / 2 : scale * (r - scale / 2);
        }
    }
    if (told)
        *told = amounts;
    return loss;
}

/// Directions over the half that faces the head and a little beyond.
std::vector<Vector3d> directions(int apart) {
    std::vector<Vector3d> all;
    for (int e = -70; e <= 80; e += apart)
        for (int a = -130; a <= 130; a += apart)
            all.push_back(towardsLight({toRadians(Degrees{1.0 * a}), toRadians(Degrees{1.0 * e})}));
    return all;
}

/// Moves the lights one after the other while the misfit shrinks; returns what is left of it.
double refine(const std::vector<Tone>& tones, std::vector<Vector3d>& lights, double scale,
              double least) {
    for (double step = 0.09; step > 0.004; step /= 2)
        for (bool moved = true; moved;) {
            moved = false;
            for (std::size_t i = 0; i < lights.size(); ++i) {
                const Vector3d u = lights[i].unitOrthogonal(), v = lights[i].cross(u);
                for (const Vector3d& way : {u, Vector3d(-u), v, Vector3d(-v)}) {
                    std::vector<Vector3d> tried = lights;
                    tried[i] = (lights[i] + step * way).normalized();
                    if (const double loss = misfit(tones, tried, scale); loss < least - 1e-12) {
                        least = loss;
                        lights = tried;
                        moved = true;
                    }
                }
            }
        }
    return least;
}

/// A second light, where it explains much of what one leaves. `unlit`: the misfit without any light.
void addSecond(LightReading& reading, const std::vector<Tone>& tones, const Vector3d& key,
               double scale, double unlit, double least) {
    constexpr double closest = 0.64; // the cosine of 50 degrees
    std::vector<Vector3d> best;
    double found = least;
    for (const Vector3d& l : directions(15))
        if (l.dot(key) < closest)
            if (const double loss = misfit(tones, {key, l}, scale); loss < found) {
                found = loss;
                best = {key, l};
            }
    if (best.empty())
        return;
    found = refine(tones, best, scale, found);
    Amounts amounts;
    misfit(tones, best, scale, &amounts);
    // Cast shadows and hair look a little like another light: on plaster heads under one light a second
    // explained up to 0.03 more, under two seldom less than 0.08. And it must be strong itself.
    constexpr double more = 0.06, strong = 0.3;
    const double explained = 1 - found / unlit;
    if (best[0].dot(best[1]) > closest || explained < reading.explained + more ||
        std::min(amounts(1), amounts(2)) < strong * std::max(amounts(1), amounts(2)))
        return;
    const bool turned = amounts(2) > amounts(1);
    reading.from = lightFrom(best[turned ? 1 : 0]);
    reading.second = SecondLight{lightFrom(best[turned ? 0 : 1]),
                                 std::min(amounts(1), amounts(2)) / std::max(amounts(1), amounts(2))};
    reading.explained = explained;
}

} // namespace

std::optional<LightReading> readLight(const cv::Mat& photograph, const Fit& fit) {
    const std::vector<Tone> tones = tonesOf(photograph, fit);
    constexpr std::size_t fewest = 120;
    if (tones.size() < fewest)
        return std::nullopt;
    double mean = 0, spread = 0;
    for (const Tone& t : tones)
        mean += t.value / static_cast<double>(tones.size());
    for (const Tone& t : tones)
        spread += std::pow(t.value - mean, 2) / static_cast<double>(tones.size());
    constexpr double flat = 0.06; // of the mean tone
    if (std::sqrt(spread) < flat * std::max(mean, 0.02))
        return std::nullopt;
    const double scale = 0.5 * std::sqrt(spread);
    // All directions but from behind, ten degrees apart, then closer about the best.
    std::vector<Vector3d> lights;
    double least = std::numeric_limits<double>::infinity();
    for (const Vector3d& l : directions(10))
        if (const double loss = misfit(tones, {l}, scale); loss < least) {
            least = loss;
            lights = {l};
        }
    least = refine(tones, lights, scale, least);
    const Vector3d best = lights.front();
    Amounts amounts;
    misfit(tones, lights, scale, &amounts);
    double flatLoss = 0;
    for (const Tone& t : tones) {
        const double r = std::abs(t.value - mean);
        flatLoss += r < scale ? r * r / 2 : scale * (r - scale / 2);
    }
    LightReading reading;
    reading.from = lightFrom(best);
    reading.explained = 1 - least / flatLoss;
    addSecond(reading, tones, best, scale, flatLoss, least);
    // A light from behind touches little of a face, and shines and hair look like one: it must explain more.
    constexpr double tooLittle = 0.35, tooLittleFromBehind = 0.5;
    const bool isBehind = towardsLight(reading.from).z() < 0;
    if (reading.explained < (isBehind ? tooLittleFromBehind : tooLittle) ||
        (!reading.second && amounts(1) < 0.1 * std::max(amounts(0), 1e-3)))
        return std::nullopt;
    // The loss grows by its curvature; neighbours on the skin err together, so that all of them tell
    // about as much as this many that do not.
    constexpr double independent = 14;
    const double step = 0.1;
    const Vector3d u = best.unitOrthogonal(), v = best.cross(u);
    double curvature = std::numeric_limits<double>::infinity();
    for (const Vector3d& way : {u, v, Vector3d((u + v).normalized()), Vector3d((u - v).normalized())}) {
        const double more = misfit(tones, {(best + step * way).normalized()}, scale),
                     less = misfit(tones, {(best - step * way).normalized()}, scale);
        curvature = std::min(curvature, (more + less - 2 * least) / (step * step));
    }
    constexpr Radians twoLights{0.45}; // each blurs where the other stands; measured on plaster heads
    const double variance =
        2 * least / static_cast<double>(tones.size()); // of one tone
    reading.sigma = {curvature > 0
                         ? std::clamp(std::sqrt(variance / curvature *
                                                static_cast<double>(tones.size()) / independent),
                                      0.03, 1.0)
                         : 1.0};
    if (reading.second)
        reading.sigma = std::max(reading.sigma, twoLights);
    return reading;
}

cv::Mat shadedForm(const Fit& fit, const LightDirection& light, int steps) {
    const DepthBuffer buffer(litHead(fit.head), fit.view, std::max(1, fit.width), std::max(1, fit.height));
    const std::vector<std::uint8_t> picture = Shading(buffer, {light, std::nullopt, std::max(2, steps)}).picture(steps);
    cv::Mat1b grey(buffer.height(), buffer.width());
    std::copy(picture.begin(), picture.end(), grey.begin());
    return grey;
}

} // namespace zokran
