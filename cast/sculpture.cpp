#include "cast/sculpture.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// Reach of a mark's pull, ball radii: a little more than the gap between neighbouring marks.
constexpr double bendReach = 0.26;

// The vocabulary of the carving: primitives and blends on signed distances. Formulas are the usual
// ones of constructive implicit surfaces.

double mix(double a, double b, double t) {
    return a + t * (b - a);
}

/// Union with a fillet of about `k`.
double blend(double a, double b, double k) {
    const double h = std::max(k - std::abs(a - b), 0.0) / k;
    return std::min(a, b) - h * h * k * 0.25;
}

/// `a` with `b` cut away, the edge rounded by about `k`.
double carve(double a, double b, double k) {
    return -blend(-a, b, k);
}

double sphere(const Vec& p, const Vec& c, double r) {
    return (p - c).norm() - r;
}

/// An ellipsoid; the distance is exact at the surface and a good guess near it.
double ellipsoid(const Vec& p, const Vec& c, const Vec& r) {
    const Vec q = p - c;
    const double k0 = q.cwiseQuotient(r).norm();
    const double k1 = q.cwiseQuotient(r.cwiseProduct(r)).norm();
    return k1 < 1e-9 ? -r.minCoeff() : k0 * (k0 - 1) / k1;
}

/// A capsule whose radius runs from ra at a to rb at b.
double limb(const Vec& p, const Vec& a, const Vec& b, double ra, double rb) {
    const Vec ab = b - a;
    const double t = std::clamp((p - a).dot(ab) / ab.squaredNorm(), 0.0, 1.0);
    return (p - a - t * ab).norm() - mix(ra, rb, t);
}

/// A tube along the quadratic curve a, b (control), c, its radius running from ra to rc.
double tube(const Vec& p, const Vec& a, const Vec& b, const Vec& c, double ra, double rc) {
    // The nearest point of the curve: the best of a few, mended by Newton's method.
    const Vec first = 2 * (b - a), second = a - 2 * b + c;
    double t = 0, best = 1e9;
    for (double s : {0.0, 0.25, 0.5, 0.75, 1.0})
        if (const double d = (a + s * (first + s * second) - p).squaredNorm(); d < best) {
            best = d;
            t = s;
        }
    Vec off;
    for (int i = 0; i < 3; ++i) {
        off = a + t * (first + t * second) - p;
        const Vec along = first + 2 * t * second;
        const double slope = along.squaredNorm() + 2 * off.dot(second);
        t = std::clamp(t - off.dot(along) / std::max(slope, 1e-6), 0.0, 1.0);
    }
    off = a + t * (first + t * second) - p;
    return off.norm() - mix(ra, rc, t);
}

// Everything below is one side of a head that is the same on both: x is taken as |x|.

double skull(const Vec& p) {
    double d = ellipsoid(p, {0, 0.06, -0.06}, {0.765, 0.94, 0.94});
    d = blend(d, ellipsoid(p, {0.30, 0.36, -0.36}, {0.44, 0.52, 0.54}), 0.20); // parietal
    d = blend(d, ellipsoid(p, {0, 0.27, 0.30}, {0.62, 0.63, 0.62}), 0.22);     // forehead
    d = blend(d, ellipsoid(p, {0, -0.50, 0.34}, {0.57, 0.66, 0.50}), 0.25);    // face
    d = carve(d, ellipsoid(p, {0.98, 0.02, 0.62}, {0.28, 0.34, 0.34}), 0.25);  // temple
    d = blend(d, ellipsoid(p, {0, -0.88, 0.64}, {0.36, 0.34, 0.34}), 0.20);    // muzzle
    return d;
}

double jawAndCheeks(double d, const Vec& p) {
    d = blend(d, limb(p, {0.49, -0.36, -0.02}, {0.44, -0.84, 0.08}, 0.13, 0.09), 0.16);
    d = blend(d, limb(p, {0.435, -0.85, 0.09}, {0.13, -1.22, 0.72}, 0.10, 0.12), 0.20);
    d = blend(d, ellipsoid(p, {0, -1.195, 0.820}, {0.19, 0.150, 0.160}), 0.12); // chin
    d = blend(d, ellipsoid(p, {0.44, -0.42, 0.55}, {0.19, 0.13, 0.20}), 0.16);  // cheekbone
    d = blend(d, limb(p, {0.55, -0.36, 0.45}, {0.70, -0.30, 0.05}, 0.06, 0.05), 0.12);
    d = blend(d, ellipsoid(p, {0.40, -0.72, 0.50}, {0.17, 0.22, 0.24}), 0.22); // cheek
    return d;
}

double browAndSockets(double d, const Vec& p) {
    d = blend(d, tube(p, {0.06, -0.03, 0.90}, {0.32, 0.06, 0.90}, {0.56, -0.10, 0.60}, 0.075, 0.05),
              0.12);
    d = carve(d, ellipsoid(p, {0.325, -0.215, 0.90}, {0.19, 0.115, 0.17}), 0.12);
    d = carve(d, ellipsoid(p, {0.16, -0.20, 0.93}, {0.075, 0.10, 0.12}), 0.10);
    return d;
}

constexpr double eyeX = 0.325, eyeY = -0.225, eyeZ = 0.665, eyeRadius = 0.142;

double eyeball(const Vec& p) {
    double d = sphere(p, {eyeX, eyeY, eyeZ}, eyeRadius);
    // The iris is cut as sculptors cut it: a shallow ring with the pupil drilled deeper.
    const Vec gaze(eyeX, eyeY + 0.004, eyeZ + eyeRadius);
    const double fromGaze = std::hypot(p.x() - gaze.x(), p.y() - gaze.y());
    const double ring =
        std::max(std::abs(fromGaze - 0.062) - 0.006, std::abs(p.z() - gaze.z()) - .05);
    d = carve(d, ring - 0.004, 0.008);
    return carve(d, sphere(p, gaze + Vec(0, 0, 0.012), 0.030), 0.01);
}

double lids(double d, const Vec& p) {
    // The lids are a shell round the eyeball with an almond cut through it.
    const double along = (p.x() - eyeX + 0.002) / 0.153;
    const double bow = 1 - along * along;
    const double slant = eyeY - 0.002 + 0.012 * along;
    const double upper = slant + 0.078 * bow - 0.012 * along * bow;
    const double lower = slant - 0.052 * bow + 0.012 * along * bow;
    const double almond = std::max(p.y() - upper, lower - p.y()) * 0.85;
    const Vec q = p - Vec(eyeX, eyeY, eyeZ);
    double shell = ellipsoid(p, {eyeX, eyeY, eyeZ - 0.005}, {0.180, 0.158, 0.166});
    shell = blend(
        shell,
        tube(p, {0.185, -0.20, 0.73}, {0.32, -0.095, 0.88}, {0.49, -0.215, 0.64}, 0.018, 0.022),
        0.03); // fold above the lid
    d = blend(d, shell, 0.045);
    if (q.z() > 0)
        d = carve(d, std::max(almond, q.norm() - 0.26), 0.016);
    return std::min(d, eyeball(p));
}

double noseOn(double d, const Vec& p) {
    double n = limb(p, {0, -0.12, 0.835}, {0, -0.50, 1.075}, 0.058, 0.070);
    n = blend(n, ellipsoid(p, {0, -0.560, 1.105}, {0.094, 0.086, 0.112}), 0.07);
    n = blend(n, ellipsoid(p, {0.108, -0.605, 0.965}, {0.068, 0.074, 0.112}), 0.045);
    n = blend(n, limb(p, {0.05, -0.2, 0.76}, {0.14, -0.56, 0.88}, 0.055, 0.07), 0.09);
    n = blend(n, limb(p, {0, -0.60, 1.08}, {0, -0.675, 0.98}, 0.032, 0.036), 0.03);
    n = blend(n, limb(p, {0, -0.32, 0.84}, {0, -0.60, 0.93}, 0.07, 0.09), 0.05);
    d = blend(d, n, 0.075);
    d = carve(d, ellipsoid(p, {0.066, -0.672, 1.010}, {0.034, 0.034, 0.056}), 0.03);
    d = carve(d,
              tube(p, {0.20, -0.56, 0.93}, {0.27, -0.68, 0.90}, {0.34, -0.80, 0.86}, 0.012, 0.004),
              0.07); // fold from wing to mouth
    return d;
}

double mouthOn(double d, const Vec& p) {
    d = carve(d, limb(p, {0, -0.705, 1.035}, {0, -0.785, 1.045}, 0.020, 0.022), 0.05); // philtrum
    const double upper =
        tube(p, {0, -0.848, 1.000}, {0.12, -0.818, 0.985}, {0.270, -0.898, 0.835}, 0.052, 0.016);
    const double lower =
        tube(p, {0, -0.962, 0.980}, {0.15, -0.975, 0.960}, {0.262, -0.905, 0.835}, 0.064, 0.014);
    d = blend(d, upper, 0.035);
    d = blend(d, lower, 0.04);
    const double parting =
        tube(p, {0, -0.905, 1.068}, {0.13, -0.900, 1.055}, {0.305, -0.898, 0.880}, 0.010, 0.012);
    d = carve(d, parting, 0.03);
    d = carve(d, ellipsoid(p, {0, -1.055, 0.99}, {0.15, 0.035, 0.06}), 0.08); // above the chin
    return d;
}

double earOn(double d, const Vec& p) {
    const Vec hub(0.742, -0.37, -0.16);
    if ((p - hub).squaredNorm() > 0.9)
        return d;
    // Into the ear's own axes: it leans back and stands off the head.
    const double lean = 0.20, flare = 0.34;
    Vec q = p - hub;
    q = Vec(q.x(), std::cos(lean) * q.y() - std::sin(lean) * q.z(),
            std::sin(lean) * q.y() + std::cos(lean) * q.z());
    q = Vec(std::cos(flare) * q.x() + std::sin(flare) * q.z(), q.y(),
            -std::sin(flare) * q.x() + std::cos(flare) * q.z());
    // The outline narrows towards the lobe.
    const double width = 0.165 + 0.11 * q.y();
    const double flat = std::hypot(q.y() / 0.305, q.z() / std::max(width, 0.08)) - 1;
    const double body = std::max(flat * 0.15, std::abs(q.x()) - 0.035) - 0.012;
    const double rim = std::hypot(flat * 0.15, q.x() - 0.035) - 0.030;
    double e = blend(body, rim + 0.35 * std::max(0.0, -0.08 - q.y()), 0.02);
    e = carve(e, ellipsoid(q, {0.06, -0.03, 0.03}, {0.055, 0.12, 0.075}), 0.03); // concha
    e = carve(e,
              tube(q, {0.06, 0.02, -0.08}, {0.06, 0.19, -0.06}, {0.06, 0.20, 0.06}, 0.022, 0.022),
              0.02);
    e = blend(e, sphere(q, {0.015, -0.25, 0.035}, 0.062), 0.04);                   // lobe
    e = blend(e, ellipsoid(q, {0.02, -0.08, 0.125}, {0.045, 0.055, 0.035}), 0.03); // tragus
    e = blend(e, limb(p, {0.66, -0.30, -0.12}, {0.72, -0.42, -0.12}, 0.075, 0.06), 0.04);
    return blend(d, e, 0.035);
}

double neckOn(double d, const Vec& p) {
    double n = limb(p, {0, -0.62, -0.24}, {0, -1.95, -0.42}, 0.47, 0.53);
    n = blend(n, limb(p, {0.52, -0.55, -0.26}, {0.10, -1.92, 0.06}, 0.10, 0.09), 0.12);
    n = blend(n, ellipsoid(p, {0, -1.36, 0.13}, {0.08, 0.13, 0.10}), 0.14);  // larynx
    n = blend(n, ellipsoid(p, {0, -2.28, -0.45}, {1.30, 0.40, 0.55}), 0.35); // shoulders
    d = blend(d, n, 0.12);
    // The bust ends in a rounded cut.
    const double cut = ellipsoid(p, {0, -0.55, -0.2}, {1.05, 1.62, 1.7});
    return -blend(-d, -cut, 0.03);
}

double hair(const Vec& p) {
    // A cap of carved locks, kept off the face and the ears.
    double d = ellipsoid(p, {0, 0.06, -0.09}, {0.835, 1.01, 1.00});
    d = blend(d, ellipsoid(p, {0.30, 0.36, -0.36}, {0.50, 0.60, 0.60}), 0.20);
    d = blend(d, ellipsoid(p, {0, 0.30, 0.26}, {0.68, 0.70, 0.66}), 0.22);
    const double sweep = std::atan2(p.x(), p.y() + 0.3);
    const double locks = std::sin(26 * sweep + 3.2 * std::sin(3.1 * p.z() + 2 * p.y()));
    const double strands = std::sin(71 * sweep + 7 * p.z() + 4 * p.y());
    d += 0.016 * locks + 0.005 * strands;
    const double edge = 0.018 * std::sin(24 * p.x() + 2) + 0.012 * std::sin(41 * p.y());
    const double face = ellipsoid(p, {0, -0.52, 0.95}, {0.66, 1.11, 0.90}) + edge;
    d = carve(d, face, 0.05);
    const double earRoom = ellipsoid(p, {0.80, -0.46, -0.02}, {0.30, 0.44, 0.27});
    d = carve(d, earRoom, 0.04);
    const double nape = -0.62 + 0.25 * (p.z() + 1) + 0.02 * std::sin(19 * p.x());
    return -blend(-d, -(nape - p.y()) * 0.8, 0.06);
}

double stand(const Vec& p) {
    const double column =
        std::max(std::hypot(p.x(), p.z() + 0.42) - 0.26, std::abs(p.y() + 2.55) - .5);
    return column;
}

} // namespace

double Sculpture::carved(const HeadPoint& at, bool withHair) {
    const Vec p(std::abs(at.x()), at.y(), at.z());
    double d = skull(p);
    d = jawAndCheeks(d, p);
    d = browAndSockets(d, p);
    if (p.z() > 0.3 && d < 0.9) {
        d = lids(d, p);
        d = noseOn(d, p);
        d = mouthOn(d, p);
    }
    d = earOn(d, p);
    d = neckOn(d, p);
    if (withHair)
        d = blend(d, hair(p), 0.03);
    return std::min(d, stand(p));
}

HeadPoint Sculpture::onCarving(const HeadPoint& near) {
    HeadPoint p = near;
    const double h = 1e-4;
    for (int i = 0; i < 60; ++i) {
        const double d = carved(p, false);
        Vec g;
        for (int k = 0; k < 3; ++k)
            g[k] = (carved(p + h * Vec::Unit(k), false) - carved(p - h * Vec::Unit(k), false)) /
                   (2 * h);
        const double size = g.squaredNorm();
        if (std::abs(d) < 1e-7 || size < 1e-8)
            break;
        p -= 0.7 * d * g / size;
    }
    return p;
}

HeadPoint Sculpture::unbent(const HeadPoint& p) const {
    if (straight_)
        return p;
    HeadPoint q = p;
    constexpr double reach2 = bendReach * bendReach;
    for (int i = 0; i < markCount; ++i) {
        const double d2 = (p - marks_[markAt(i)]).squaredNorm();
        if (d2 < 9 * reach2)
            q += std::exp(-d2 / reach2) * bend_[i];
    }
    return q;
}

Sculpture::Sculpture(const HeadMarks& marks) : marks_(marks) {
    // Where each mark lies on the straight carving. Starting from the mean head's marks the nearest
    // point of the surface is the feature itself, for it was carved around them.
    const HeadMarks& mean = adultHeads().mean;
    Eigen::MatrixXd pull(markCount, markCount), gap(markCount, 3);
    for (int i = 0; i < markCount; ++i) {
        gap.row(i) = (onCarving(mean[markAt(i)]) - marks[markAt(i)]).transpose();
        for (int j = 0; j < markCount; ++j) {
            const double d2 = (marks[markAt(i)] - marks[markAt(j)]).squaredNorm();
            constexpr double reach2 = bendReach * bendReach;
            pull(i, j) = d2 < 9 * reach2 ? std::exp(-d2 / reach2) : 0;
        }
    }
    const Eigen::MatrixXd weights = pull.fullPivLu().solve(gap);
    for (int i = 0; i < markCount; ++i)
        bend_[i] = weights.row(i).transpose();
}

Sculpture::Part Sculpture::partAt(const HeadPoint& at) const {
    const HeadPoint q = unbent(at);
    const Vec p(std::abs(q.x()), q.y(), q.z());
    if (stand(p) < 0.01)
        return Part::Stand;
    if (eyeball(p) < 0.006)
        return Part::Eye;
    return hair(p) < carved(q, false) ? Part::Hair : Part::Skin;
}

Eigen::Vector3d Sculpture::normalAt(const HeadPoint& p) const {
    // Four samples at the corners of a tetrahedron give the gradient.
    constexpr double h = 1.2e-3;
    const Vec a(1, -1, -1), b(-1, -1, 1), c(-1, 1, -1), d(1, 1, 1);
    return (a * distance(p + h * a) + b * distance(p + h * b) + c * distance(p + h * c) +
            d * distance(p + h * d))
        .normalized();
}

bool Sculpture::sees(const HeadPoint& camera, Mark mark) const {
    const HeadPoint& at = marks_[mark];
    const Vec toCamera = camera - at;
    const double far = toCamera.norm();
    const Vec d = toCamera / far;
    // A mark on an outline, such as the crown from the front, counts as seen, and so does one at
    // the bottom of a crease, such as the corner of the eye: the ray starts a little off the
    // surface and forgives a graze.
    constexpr double off = 0.02, forward = 0.08, graze = 0.016;
    const double h = 1e-3;
    Vec normal;
    for (int k = 0; k < 3; ++k)
        normal[k] = distanceBald(at + h * Vec::Unit(k)) - distanceBald(at - h * Vec::Unit(k));
    if (normal.norm() > 0)
        normal.normalize();
    const HeadPoint from = at + off * normal;
    for (double t = forward; t < std::min(far, 4.0);) {
        const double room = distanceBald(from + t * d);
        if (room < -graze)
            return false;
        t += std::max(0.6 * room, 0.006);
    }
    return true;
}

} // namespace zokran
