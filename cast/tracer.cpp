#include "cast/tracer.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <thread>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

const Vec low(-1.45, -3.1, -1.35), high(1.45, 1.25, 1.5);
constexpr double cell = 0.045;

} // namespace

void forEachRow(int rows, const std::function<void(int)>& row) {
    std::atomic<int> next{0};
    auto work = [&] {
        for (int y; (y = next++) < rows;)
            row(y);
    };
    std::vector<std::jthread> helpers;
    for (unsigned i = 1; i < std::max(1u, std::thread::hardware_concurrency()); ++i)
        helpers.emplace_back(work);
    work();
}

Tracer::Tracer(const Sculpture& sculpture, const View& view)
    : sculpture_(sculpture), view_(view), camera_(view.towardsCamera() / view.nearness),
      cells_(((high - low) / cell).array().ceil().cast<int>() + 1) {
    grid_.resize(static_cast<std::size_t>(cells_.prod()));
    forEachRow(cells_.z(), [&](int z) {
        for (int y = 0; y < cells_.y(); ++y)
            for (int x = 0; x < cells_.x(); ++x)
                grid_[static_cast<std::size_t>((z * cells_.y() + y) * cells_.x() + x)] =
                    static_cast<float>(sculpture_.distance(low + cell * Vec(x, y, z)));
    });
}

double Tracer::roughly(const HeadPoint& p) const {
    const Vec q =
        ((p - low) / cell).cwiseMax(0.0).cwiseMin((cells_.cast<double>().array() - 1.001).matrix());
    const Eigen::Vector3i i = q.cast<int>();
    const Vec f = q - i.cast<double>();
    auto at = [&](int x, int y, int z) {
        return static_cast<double>(grid_[static_cast<std::size_t>(
            ((i.z() + z) * cells_.y() + i.y() + y) * cells_.x() + i.x() + x)]);
    };
    auto line = [&](int y, int z) { return at(0, y, z) + f.x() * (at(1, y, z) - at(0, y, z)); };
    const double near = line(0, 0) + f.y() * (line(1, 0) - line(0, 0));
    const double far = line(0, 1) + f.y() * (line(1, 1) - line(0, 1));
    return near + f.z() * (far - near);
}

std::optional<Tracer::Hit> Tracer::through(const PicturePoint& pixel) const {
    const Vec d = (view_.liftInPlaneOf(HeadPoint::Zero(), pixel) - camera_).normalized();
    double enter = 0, leave = 1e9;
    for (int k = 0; k < 3; ++k) {
        const double a = (low[k] - camera_[k]) / d[k], b = (high[k] - camera_[k]) / d[k];
        enter = std::max(enter, std::min(a, b));
        leave = std::min(leave, std::max(a, b));
    }
    for (double t = enter; t < leave;) {
        const HeadPoint p = camera_ + t * d;
        const double rough = roughly(p);
        if (rough > 2.5 * cell) {
            t += 0.8 * (rough - 1.5 * cell);
            continue;
        }
        const double room = sculpture_.distance(p);
        if (room < 4e-4)
            return Hit{p, t};
        t += std::max(0.7 * room, 4e-4);
    }
    return std::nullopt;
}

double Tracer::lit(const HeadPoint& p, const Vec& normal, const Vec& to) const {
    const HeadPoint from = p + 0.03 * normal;
    double share = 1;
    for (double t = 0.03; t < 2.2;) {
        const double room = roughly(from + t * to);
        share = std::min(share, 0.5 + 0.5 * room / (0.10 * t + 0.012));
        if (share <= 0)
            return 0;
        t += std::clamp(0.7 * room, 0.025, 0.15);
    }
    return share * share * (3 - 2 * share);
}

double Tracer::openness(const HeadPoint& p, const Vec& normal) const {
    double shut = 0, weight = 1;
    for (double reach : {0.03, 0.07, 0.14, 0.25, 0.4}) {
        shut += weight * std::max(0.0, reach - roughly(p + reach * normal)) / reach;
        weight *= 0.62;
    }
    return std::clamp(1 - 0.42 * shut, 0.0, 1.0);
}

} // namespace zokran
