#include "cast/hair_styles.h"

#include "cast/hair.h"
#include "core/base/errors.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <fmt/ranges.h>
#include <numbers>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// What a degree round the head is on its surface, ball radii.
constexpr double degree = std::numbers::pi / 180;

double lattice(int x, int y, int z) {
    auto h = static_cast<std::uint32_t>(x) * 374761393u + static_cast<std::uint32_t>(y) * 668265263u +
             static_cast<std::uint32_t>(z) * 2147483647u;
    h = (h ^ (h >> 13)) * 1274126177u;
    h ^= h >> 16;
    return (h & 0xffff) / 32767.5 - 1;
}

/// Where the hair starts over the forehead, the temples, round the ear and at the nape: the height
/// at `az`.
double hairline(const Scalp& s, double az) {
    const double front = s.marks[Mark::Hairline].y(), top = s.marks[Mark::EarTopL].y(),
                 base = s.marks[Mark::EarBaseL].y();
    const double back = s.hair.recession;
    return along({{0, front + 0.30 * back},
                  {20, front + 0.02 + 0.42 * back},
                  {38, front - 0.05 + 0.40 * back},
                  {52, 0.55 * front + 0.45 * top + 0.30 * back},
                  {63, top + 0.16},
                  {71, top - 0.02},
                  {77, top - 0.18},
                  {82, top - 0.24},
                  {86, top - 0.02},
                  {93, top + 0.07},
                  {101, top + 0.02},
                  {109, top - 0.28},
                  {118, base + 0.10},
                  {140, base - 0.03},
                  {180, base - 0.10}},
                 az);
}

double grownAbove(const Scalp& s, const Vec& p, double az) {
    return p.y() - hairline(s, az);
}

/// The hairline left open at the crown as well.
double wreath(const Scalp& s, const Vec& p, double az) {
    const double crown = std::max(0.0, s.hair.recession - 0.5) * 2;
    return std::min(grownAbove(s, p, az), 1.05 - 0.62 * crown - p.y());
}

/// How far it is along the direction of p, from p, to the level `low`: what a level cut of falling
/// hair leaves; much when p's direction never comes to it.
double toLevel(const Vec& p, double low) {
    return p.y() < 0 ? p.norm() * (low / p.y() - 1) : 9;
}

/// Hair that falls past the ears to the level `low`, its front edge at `from` degrees.
double fallen(const Scalp& s, const Vec& p, double az, double low, double from) {
    return std::max(grownAbove(s, p, az), std::min((az - from) * degree, toLevel(p, low)));
}

/// The rounded edge of a mass `width` in from where it starts, 0 to 1.
double edge(double depth, double width) {
    const double t = std::clamp(depth / width, 0.0, 1.0);
    return std::sqrt(1 - (1 - t) * (1 - t));
}

/// How far a surface lies outside the skin in the direction d: what a falling curtain needs.
double outTo(const Vec& p, const Vec& d, const Vec& radii) {
    return 1 / d.cwiseQuotient(radii).norm() - p.norm();
}

/// How far a ball at c of radius r stands out of the skin in the direction d, negative when it does
/// not.
double ballOut(const Vec& p, const Vec& d, const Vec& c, double r) {
    const double along = d.dot(c), off = c.squaredNorm() - along * along;
    return off > r * r || along < 0 ? -1 : along + std::sqrt(r * r - off) - p.norm();
}

double smoothMax(double a, double b, double k) {
    const double h = std::max(k - std::abs(a - b), 0.0) / k;
    return std::max(a, b) + h * h * k * 0.25;
}

/// Which way of the parting, and how close to it on the top of the head.
struct Part {
    double side, furrow;
};
Part partedAt(const Vec& p, double x) {
    const double off = p.x() - x;
    const double ontop = smooth((p.y() - 0.35) / 0.3) * smooth((p.z() + 0.55) / 0.4);
    return {off, std::exp(-std::pow(off / 0.045, 2)) * ontop};
}

std::vector<HairStyle> makeStyles() {
    const auto over = grownAbove;
    std::vector<HairStyle> all;
    auto add = [&](const char* id, auto cover, auto height) {
        all.push_back({id, cover, height});
    };
    all.push_back({"bald", {}, {}});
    add("cropped", over, [](const Scalp& s, const Vec& p, const Vec&, double az, double depth) {
        const Vec q = 11 * p + Vec::Constant(s.hair.seed);
        const double tuft = grooves(p, 15 * p.x() + 2.2 * noise(3.5 * p) + 0.02 * az, 1.2);
        const double broken = 0.6 + 0.4 * noise(0.8 * q);
        return edge(depth, 0.10) * (0.035 + 0.018 * smooth(p.y()) + 0.022 * tuft * broken);
    });
    add("swept", over, [](const Scalp& s, const Vec& p, const Vec&, double, double depth) {
        const double bend = 0.9 * noise(1.4 * p + Vec::Constant(0.7 * s.hair.seed));
        const double lock = grooves(p, 8 * p.x() * (1 + 0.25 * p.z()) + 1.3 * bend + 2 * p.y(), 1);
        const double front = std::exp(-std::pow((p.y() - s.marks[Mark::Hairline].y() - 0.2) / 0.24, 2)) *
                             smooth((p.z() - 0.1) / 0.4);
        return edge(depth, 0.22) * ((0.06 + 0.06 * smooth(p.y() + 0.3) + 0.06 * front) *
                                       (0.80 + 0.12 * bend) +
                                   0.045 * (lock - 0.5) * edge(depth, 0.2));
    });
    add("side-parted", over, [](const Scalp& s, const Vec& p, const Vec&, double, double depth) {
        const Part part = partedAt(p, s.hair.parting);
        const double bend = noise(1.6 * p + Vec::Constant(1.3 * s.hair.seed));
        // From the parting the locks run down and back on either side.
        const double lock =
            grooves(p, 7.5 * (p.z() + 0.35 * p.y()) + 1.5 * bend + (part.side > 0 ? 0 : 0.4), 1);
        const double swell = part.side * s.hair.parting < 0 ? 0.05 * smooth(p.y()) : 0.0;
        return edge(depth, 0.22) * ((0.075 + swell + 0.04 * smooth(p.y())) * (1 - 0.8 * part.furrow) +
                                   0.05 * (lock - 0.5));
    });
    add("waves",
        [](const Scalp& s, const Vec& p, double az) {
            return fallen(s, p, az, s.marks[Mark::Chin].y() - 0.05, 70);
        },
        [](const Scalp& s, const Vec& p, const Vec& d, double az, double depth) {
            const Part part = partedAt(p, s.hair.parting);
            const double sway = 0.22 * std::sin(9 * p.y() + 2.5 * noise(1.2 * p)) +
                                0.5 * noise(1.1 * p + Vec::Constant(s.hair.seed));
            const double lock = grooves(p, az / 15 + sway * 1.6, 0.9);
            const double hang = outTo(p, d, {1.0, 1.9, 1.10}) * smooth((0.35 - p.y()) / 0.5) *
                                smooth((az - 66) / 16);
            const double cap = (0.10 + 0.04 * smooth(p.y())) * (1 - 0.7 * part.furrow);
            const double mass = edge(depth, 0.22) * (smoothMax(cap, hang, 0.08) + 0.07 * (lock - 0.5));
            return std::min(mass, toLevel(p, s.marks[Mark::Chin].y() - 0.05 + 0.05 * lock));
        });
    add("bob",
        [](const Scalp& s, const Vec& p, double az) {
            const double fringe = std::min(p.y() - 0.20, (64 - az) * degree);
            return std::max(fringe, fallen(s, p, az, s.marks[Mark::LipLine].y() - 0.06, 62));
        },
        [](const Scalp& s, const Vec& p, const Vec& d, double az, double depth) {
            const double bend = noise(1.5 * p + Vec::Constant(s.hair.seed));
            const double lock = grooves(p, az / 9 + 0.7 * bend, 0.8);
            const double hang = outTo(p, d, {0.95, 1.8, 1.10}) * smooth((0.3 - p.y()) / 0.4) *
                                smooth((az - 60) / 12);
            const double mass = edge(depth, 0.16) * (smoothMax(0.10, hang, 0.06) + 0.035 * (lock - 0.5));
            return std::min(mass, toLevel(p, s.marks[Mark::LipLine].y() - 0.06));
        });
    add("bun", over, [](const Scalp& s, const Vec& p, const Vec& d, double, double depth) {
        const Vec knot(0, 0.42, -1.06);
        const double r = 0.36;
        const double bend = 0.8 * noise(1.5 * p + Vec::Constant(s.hair.seed));
        const double lock = grooves(p, 8 * p.x() * (1.15 + 0.2 * p.z()) + bend + 1.2 * p.y(), 1);
        const double flat = 0.055 + 0.03 * smooth(p.y()) + 0.035 * (lock - 0.5);
        const double out = ballOut(p, d, knot, r);
        if (out <= 0)
            return edge(depth, 0.22) * flat;
        const Vec q = p + out * d - knot;
        const double turn = std::atan2(q.y(), q.x()), wide = std::hypot(q.x(), q.y());
        const double coil = grooves(q, 9 * wide - turn / std::numbers::pi, 0.8);
        return smoothMax(flat, out + 0.05 * (coil - 0.6), 0.05);
    });
    add("topknot", over, [](const Scalp& s, const Vec& p, const Vec& d, double, double depth) {
        const Vec knot(0, 1.12, -0.42);
        const double bend = 0.8 * noise(1.5 * p + Vec::Constant(s.hair.seed));
        const Vec root = (p - Vec(0, 1.0, -0.4));
        const double lock =
            grooves(p, 2.6 * std::atan2(root.x(), root.z()) + bend, 1); // drawn up to the knot
        const double flat = 0.055 + 0.035 * (lock - 0.5);
        const double out = ballOut(p, d, knot, 0.30);
        if (out <= 0)
            return edge(depth, 0.22) * flat;
        const Vec q = p + out * d - knot;
        return smoothMax(flat, out + 0.05 * (grooves(q, 8 * q.y() + 2 * q.x(), 0.8) - 0.6), 0.05);
    });
    add("crown-braid", over, [](const Scalp& s, const Vec& p, const Vec&, double, double depth) {
        const double bend = 0.6 * noise(1.5 * p + Vec::Constant(s.hair.seed));
        const double lock = grooves(p, 9 * std::abs(p.x() + 0.02) + bend, 1);
        const double flat = 0.05 + 0.03 * (lock - 0.5);
        // A plait laid round the head on a plane that drops to the back.
        const double off = (p.y() - 0.50 - 0.20 * p.z()) / 0.15;
        if (std::abs(off) > 1)
            return edge(depth, 0.22) * flat;
        const double around = std::atan2(p.x(), p.z()) * 9;
        const double strand = std::abs(std::sin(around + 1.5 * off)) * std::abs(std::sin(around - 1.5 * off));
        return edge(depth, 0.10) * (flat + std::sqrt(1 - off * off) * (0.055 + 0.06 * std::sqrt(strand)));
    });
    add("curls", over, [](const Scalp& s, const Vec& p, const Vec&, double, double depth) {
        // Round locks: the nearest of points scattered one to a cell (Worley 1996).
        const Vec q = 5.2 * p + Vec::Constant(3.1 * s.hair.seed);
        double nearest = 9;
        Vec to = Vec::Zero();
        const Eigen::Vector3i cell = q.array().floor().cast<int>();
        for (int i = 0; i < 27; ++i) {
            const Eigen::Vector3i c = cell + Eigen::Vector3i(i % 3 - 1, i / 3 % 3 - 1, i / 9 - 1);
            const Vec at = c.cast<double>() +
                           Vec(0.5 + 0.35 * lattice(c.x(), c.y(), c.z()),
                               0.5 + 0.35 * lattice(c.y() + 51, c.z(), c.x()),
                               0.5 + 0.35 * lattice(c.z() - 17, c.x(), c.y()));
            if ((q - at).norm() < nearest) {
                nearest = (q - at).norm();
                to = q - at;
            }
        }
        const double round = std::sqrt(std::max(0.0, 1 - nearest * nearest / 0.85));
        const double coil = grooves(p, 3.4 * nearest - std::atan2(to.x(), to.y()) / 6.28, 0.5);
        return edge(depth, 0.16) * (0.07 + 0.04 * smooth(p.y()) + 0.11 * round + 0.018 * coil);
    });
    add("receding", wreath, [](const Scalp& s, const Vec& p, const Vec&, double az, double depth) {
        const double bend = noise(1.6 * p + Vec::Constant(s.hair.seed));
        const double lock = grooves(p, az / 12 + 2.5 * p.y() + bend, 1);
        return smooth(depth / 0.26) * (0.055 + 0.045 * (lock - 0.4));
    });
    // A cloth wound round the head, rolled at the brow, knotted at the nape.
    add("headscarf",
        [](const Scalp& s, const Vec& p, double az) {
            const double front = s.marks[Mark::Hairline].y() - 0.10, ear = s.marks[Mark::EarTopL].y();
            return p.y() - along({{0, front},
                                  {40, front - 0.10},
                                  {66, ear + 0.22},
                                  {84, ear - 0.02},
                                  {104, ear - 0.30},
                                  {135, s.marks[Mark::EarBaseL].y()},
                                  {180, s.marks[Mark::EarBaseL].y() - 0.10}},
                                 az);
        },
        [](const Scalp& s, const Vec& p, const Vec& d, double az, double depth) {
            const Vec knot(0, -0.50, -1.0);
            const Vec q = p - knot;
            const double sweep = std::atan2(q.x(), q.y() + 0.25);
            const double folds = grooves(p, 2.6 * sweep + 0.5 * noise(1.3 * p + Vec::Constant(s.hair.seed)), 0.2);
            const double roll = std::exp(-std::pow((depth - 0.10) / 0.09, 2)) * smooth((150 - az) / 60);
            const double thick = 0.07 + 0.05 * std::exp(-std::pow((az - 90) / 22, 2));
            const double flat = thick + 0.055 * (folds - 0.5) * smooth((az - 25) / 50) + 0.045 * roll;
            const double out = std::max(ballOut(p, d, knot, 0.17),
                                        ballOut(p, d, knot + Vec(0.16, -0.16, 0.02), 0.14));
            return edge(depth, 0.07) * (out > 0 ? smoothMax(flat, out, 0.05) : flat);
        });
    return all;
}

const std::vector<HairStyle>& styles() {
    static const std::vector<HairStyle> all = makeStyles();
    return all;
}

} // namespace

double smooth(double t) {
    t = std::clamp(t, 0.0, 1.0);
    return t * t * (3 - 2 * t);
}

double along(std::initializer_list<std::pair<double, double>> knots, double x) {
    const std::pair<double, double>* before = nullptr;
    for (const auto& knot : knots) {
        if (x <= knot.first)
            return before ? before->second + smooth((x - before->first) / (knot.first - before->first)) *
                                                 (knot.second - before->second)
                          : knot.second;
        before = &knot;
    }
    return before->second;
}

double noise(const Vec& p) {
    const Eigen::Vector3i c = p.array().floor().cast<int>();
    const Vec t = p - c.cast<double>();
    double sum = 0;
    for (int i = 0; i < 8; ++i) {
        const int x = i & 1, y = i >> 1 & 1, z = i >> 2;
        const double w = (x ? smooth(t.x()) : 1 - smooth(t.x())) *
                         (y ? smooth(t.y()) : 1 - smooth(t.y())) *
                         (z ? smooth(t.z()) : 1 - smooth(t.z()));
        sum += w * lattice(c.x() + x, c.y() + y, c.z() + z);
    }
    return sum;
}

double grooves(const Vec& p, double across, double fineness) {
    auto ridge = [](double t) {
        const double f = std::abs(t - std::floor(t) - 0.5) * 2; // 1 in the furrow, 0 on the ridge
        return std::sqrt(std::max(0.0, 1 - f * f));
    };
    const double wide = ridge(across + 0.35 * noise(3 * p));
    const double fine = ridge(2.9 * across + 0.9 * noise(4.3 * p));
    const double hair = ridge(7.1 * across + 1.6 * noise(6.1 * p));
    return (0.62 * wide + fineness * (0.24 * fine + 0.14 * hair)) / (0.62 + 0.38 * fineness);
}

std::vector<std::string> hairStyles() {
    std::vector<std::string> ids;
    for (const HairStyle& style : styles())
        ids.push_back(style.id);
    return ids;
}

const HairStyle& hairStyle(const std::string& id) {
    for (const HairStyle& style : styles())
        if (style.id == id)
            return style;
    throw BadInput(fmt::format("there is no hair style \"{}\"; there is: {}", id,
                               fmt::join(hairStyles(), ", ")));
}

} // namespace zokran
