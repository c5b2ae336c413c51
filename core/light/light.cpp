#include "core/light/light.h"

#include "core/construction/outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

using Eigen::Vector3d;

/// A place of the face as the camera sees it: its normal in sight axes, and how light it is.
struct Tone {
    Vector3d normal;
    double value; ///< linear, 0 to 1
};

double linear(double srgb) { // IEC 61966-2-1
    return srgb <= 0.04045 ? srgb / 12.92 : std::pow((srgb + 0.055) / 1.055, 2.4);
}

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
        tones.push_back({n, linear(grey.at<std::uint8_t>(y, x) / 255.0)});
    }
    return tones;
}

/// What is left of the tones under a light from `l`: Huber's loss of ambient + key * max(0, n.l),
/// both at least 0.
double misfit(const std::vector<Tone>& tones, const Vector3d& l, double scale, double* key = nullptr,
              double* ambient = nullptr) {
    std::vector<double> weights(tones.size(), 1);
    double a = 0, k = 0, loss = 0;
    for (int round = 0; round < 4; ++round) {
        double sw = 0, sx = 0, sy = 0, sxx = 0, sxy = 0;
        for (std::size_t i = 0; i < tones.size(); ++i) {
            const double x = std::max(0.0, tones[i].normal.dot(l)), w = weights[i];
            sw += w;
            sx += w * x;
            sy += w * tones[i].value;
            sxx += w * x * x;
            sxy += w * x * tones[i].value;
        }
        const double det = sw * sxx - sx * sx;
        k = det > 1e-9 ? std::max(0.0, (sw * sxy - sx * sy) / det) : 0;
        a = (sy - k * sx) / sw;
        if (a < 0) {
            a = 0;
            k = sxx > 1e-9 ? sxy / sxx : 0;
        }
        loss = 0;
        for (std::size_t i = 0; i < tones.size(); ++i) {
            const double r = std::abs(tones[i].value - a - k * std::max(0.0, tones[i].normal.dot(l)));
            weights[i] = r < scale ? 1 : scale / r;
            loss += r < scale ? r * r / 2 : scale * (r - scale / 2);
        }
    }
    if (key)
        *key = k;
    if (ambient)
        *ambient = a;
    return loss;
}

} // namespace

Vector3d towardsLight(const LightDirection& light) {
    return {sin(light.azimuth) * cos(light.elevation), sin(light.elevation),
            cos(light.azimuth) * cos(light.elevation)};
}

LightDirection lightFrom(const Vector3d& towards) {
    const Vector3d l = towards.normalized();
    return {{std::atan2(l.x(), l.z())}, {std::asin(std::clamp(l.y(), -1.0, 1.0))}};
}

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
    Vector3d best(0, 0, 1);
    double least = std::numeric_limits<double>::infinity();
    for (int e = -70; e <= 80; e += 10)
        for (int a = -130; a <= 130; a += 10) {
            const Vector3d l = towardsLight({toRadians(Degrees{1.0 * a}), toRadians(Degrees{1.0 * e})});
            if (const double loss = misfit(tones, l, scale); loss < least) {
                least = loss;
                best = l;
            }
        }
    for (double step = 0.09; step > 0.004; step /= 2)
        for (bool moved = true; moved;) {
            moved = false;
            const Vector3d u = best.unitOrthogonal(), v = best.cross(u);
            for (const Vector3d& way : {u, Vector3d(-u), v, Vector3d(-v)}) {
                const Vector3d l = (best + step * way).normalized();
                if (const double loss = misfit(tones, l, scale); loss < least - 1e-12) {
                    least = loss;
                    best = l;
                    moved = true;
                }
            }
        }
    double key = 0, ambient = 0;
    misfit(tones, best, scale, &key, &ambient);
    double flatLoss = 0;
    for (const Tone& t : tones) {
        const double r = std::abs(t.value - mean);
        flatLoss += r < scale ? r * r / 2 : scale * (r - scale / 2);
    }
    LightReading reading;
    reading.from = lightFrom(best);
    reading.explained = 1 - least / flatLoss;
    constexpr double tooLittle = 0.35;
    if (reading.explained < tooLittle || key < 0.1 * std::max(ambient, 1e-3))
        return std::nullopt;
    // The loss grows by its curvature; neighbours on the skin err together, so that all of them tell
    // about as much as this many that do not.
    constexpr double independent = 14;
    const double step = 0.1;
    const Vector3d u = best.unitOrthogonal(), v = best.cross(u);
    double curvature = std::numeric_limits<double>::infinity();
    for (const Vector3d& way : {u, v, Vector3d((u + v).normalized()), Vector3d((u - v).normalized())}) {
        const double more = misfit(tones, (best + step * way).normalized(), scale),
                     less = misfit(tones, (best - step * way).normalized(), scale);
        curvature = std::min(curvature, (more + less - 2 * least) / (step * step));
    }
    const double variance =
        2 * least / static_cast<double>(tones.size()); // of one tone
    reading.sigma = {curvature > 0
                         ? std::clamp(std::sqrt(variance / curvature *
                                                static_cast<double>(tones.size()) / independent),
                                      0.03, 1.0)
                         : 1.0};
    return reading;
}

cv::Mat shadedForm(const Fit& fit, const LightDirection& light, int steps) {
    const Vector3d l = towardsLight(light);
    const Eigen::Matrix3d facing = fit.view.facing();
    cv::Mat1b picture(std::max(1, fit.height), std::max(1, fit.width), std::uint8_t{119});
    cv::Mat1f depth(picture.size(), std::numeric_limits<float>::infinity());
    auto valueOf = [&](const Vector3d& normal) {
        const double lit = 0.1 + 0.9 * std::max(0.0, (facing * normal).dot(l));
        // CIE 1976: L* = 116 f(Y) - 16.
        double lightness = lit > 0.008856 ? (116 * std::cbrt(lit) - 16) / 100 : 9.033 * lit;
        // In values the scale runs from the light that is everywhere to full light.
        const double darkest = (116 * std::cbrt(0.1) - 16) / 100;
        if (steps > 1)
            lightness = std::clamp(std::floor((lightness - darkest) / (1 - darkest) * steps), 0.0,
                                   steps - 1.0) /
                        (steps - 1);
        // Back to a display's value, by way of the tone itself.
        const double y = lightness > 0.08 ? std::pow((100 * lightness + 16) / 116, 3) : lightness / 9.033;
        const double s = y <= 0.0031308 ? 12.92 * y : 1.055 * std::pow(y, 1 / 2.4) - 0.055;
        return std::clamp(s, 0.0, 1.0) * 255;
    };
    auto triangle = [&](const std::array<HeadPoint, 3>& p, const std::array<Vector3d, 3>& n) {
        std::array<PicturePoint, 3> at;
        std::array<double, 3> far{};
        for (std::size_t k = 0; k < 3; ++k) {
            at[k] = fit.view.project(p[k]);
            far[k] = -(fit.view.rotation * p[k]).z();
        }
        const PicturePoint ab = at[1] - at[0], ac = at[2] - at[0];
        const double area = ab.x() * ac.y() - ab.y() * ac.x();
        if (std::abs(area) < 1e-9)
            return;
        auto bound = [](double v, int most) { return std::clamp(static_cast<int>(v), 0, most); };
        const int x0 = bound(std::floor(std::min({at[0].x(), at[1].x(), at[2].x()})), picture.cols - 1);
        const int x1 = bound(std::ceil(std::max({at[0].x(), at[1].x(), at[2].x()})), picture.cols - 1);
        const int y0 = bound(std::floor(std::min({at[0].y(), at[1].y(), at[2].y()})), picture.rows - 1);
        const int y1 = bound(std::ceil(std::max({at[0].y(), at[1].y(), at[2].y()})), picture.rows - 1);
        for (int y = y0; y <= y1; ++y)
            for (int x = x0; x <= x1; ++x) {
                const PicturePoint q = PicturePoint(x, y) - at[0];
                const double v = (q.x() * ac.y() - q.y() * ac.x()) / area;
                const double w = (ab.x() * q.y() - ab.y() * q.x()) / area;
                if (v < 0 || w < 0 || v + w > 1)
                    continue;
                const double z = far[0] + v * (far[1] - far[0]) + w * (far[2] - far[0]);
                if (z >= depth(y, x))
                    continue;
                depth(y, x) = static_cast<float>(z);
                const Vector3d normal = (n[0] + v * (n[1] - n[0]) + w * (n[2] - n[0])).normalized();
                picture(y, x) = static_cast<std::uint8_t>(std::lround(valueOf(normal)));
            }
    };
    const HeadSolid solid(fit.head);
    const SoftSurface& skin = solid.skin();
    constexpr double foot = -1.7; // where the neck is cut off
    for (const auto& [a, b, c] : skin.triangles)
        if (std::min({skin.points[a].y(), skin.points[b].y(), skin.points[c].y()}) < foot)
            continue;
        else if (fit.view.faces(skin.points[a], solid.normals()[a]) ||
            fit.view.faces(skin.points[b], solid.normals()[b]))
            triangle({skin.points[a], skin.points[b], skin.points[c]},
                     {solid.normals()[a], solid.normals()[b], solid.normals()[c]});
    // The ball, sliced at the sides, by small squares of latitude and longitude about the x axis.
    const double p = usualSidePlane.value;
    constexpr int rings = 48, around = 96;
    auto on = [&](int i, int k) {
        const double x = -p + 2 * p * i / rings, r = std::sqrt(1 - x * x);
        const double a = 2 * std::numbers::pi * k / around;
        return HeadPoint(x, r * std::cos(a), r * std::sin(a));
    };
    for (int k = 0; k < around; ++k) {
        for (int i = 0; i < rings; ++i) {
            const HeadPoint q[] = {on(i, k), on(i + 1, k), on(i + 1, k + 1), on(i, k + 1)};
            // Below the brow the face stands in its place.
            if (const HeadPoint middle = (q[0] + q[2]) / 2; middle.y() < 0.05 && middle.z() > 0.1)
                continue;
            for (const auto& [a, b, c] : {std::array{0, 1, 2}, {0, 2, 3}})
                triangle({q[a], q[b], q[c]}, {q[a], q[b], q[c]});
        }
        for (int side : {-1, 1}) {
            const Vector3d n(side, 0, 0);
            triangle({HeadPoint(side * p, 0, 0), on(side > 0 ? rings : 0, k),
                      on(side > 0 ? rings : 0, k + 1)},
                     {n, n, n});
        }
    }
    return picture;
}

} // namespace zokran
