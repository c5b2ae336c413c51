#include "cast/sculpture.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <numbers>
#include <utility>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// How round the bend is at a mark, ball radii.
constexpr double bendRound = 0.22;

double multiquadric(const Vec& p, const Vec& centre) {
    return std::sqrt((p - centre).squaredNorm() + bendRound * bendRound);
}

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

double skull(const Vec& p, const Character& c) {
    double d = ellipsoid(p, {0, 0.06, -0.06}, {0.765, 0.94, 0.94});
    d = blend(d, ellipsoid(p, {0.30, 0.36, -0.36}, {0.44, 0.52, 0.54}), 0.20); // parietal
    d = blend(d, ellipsoid(p, {0, 0.25, 0.34}, {0.61, 0.62, 0.635}), 0.24);    // forehead
    d = blend(d, ellipsoid(p, {0, -0.46, 0.36}, {0.585, 0.66, 0.53}), 0.26);   // face
    d = carve(d, ellipsoid(p, {0.97, 0.04, 0.66}, {0.27, 0.34, 0.34}), 0.26);  // temple
    d = blend(d, ellipsoid(p, {0, -0.90, 0.655}, {0.37, 0.36, 0.335}), 0.20);  // muzzle
    // The furrows of a life across the forehead.
    if (c.age > 0.3 && p.z() > 0.5 && p.y() > 0.1 && p.y() < 0.6)
        d += 0.009 * c.age * std::pow(0.5 + 0.5 * std::cos(46 * p.y() + 1.2 * p.x()), 3.0);
    return d;
}

double jawAndCheeks(double d, const Vec& p, const Character& c) {
    const double f = c.fullness, sunk = std::max(0.0, c.age) + std::max(0.0, -f);
    d = blend(d, limb(p, {0.53, -0.34, -0.02}, {0.475, -0.86, 0.13}, 0.14, 0.10 + 0.02 * f), 0.18);
    d = blend(d, limb(p, {0.465, -0.87, 0.13}, {0.14, -1.215, 0.74}, 0.11 + 0.03 * f, 0.125), 0.20);
    d = blend(d, ellipsoid(p, {0, -1.215, 0.825}, {0.20, 0.162, 0.165}), 0.13); // chin
    d = blend(d,
              ellipsoid(p, {0.45 - 0.02 * c.child, -0.42 - 0.10 * c.child, 0.60},
                        {0.19, 0.12 + 0.06 * c.child, 0.17}),
              0.17); // cheekbone
    d = blend(d, limb(p, {0.56, -0.36, 0.47}, {0.70, -0.30, 0.05}, 0.06, 0.05), 0.13);
    d = blend(
        d, ellipsoid(p, {0.38, -0.72, 0.56}, {0.19 + 0.05 * f, 0.24 + 0.03 * f, 0.24 + 0.05 * f}),
        0.22); // cheek
    if (sunk > 0.25)
        d = carve(
            d, ellipsoid(p, {0.69 - 0.09 * std::min(sunk, 1.0), -0.72, 0.56}, {0.10, 0.24, 0.22}),
            0.16);
    if (f > 0.3) // under the chin
        d = blend(d, ellipsoid(p, {0, -1.28, 0.50}, {0.34, 0.17, 0.34}), 0.22 * f);
    return d;
}

double browAndSockets(double d, const Vec& p, const Character& c) {
    const double ridge = 0.066 - 0.022 * c.child + 0.008 * c.age;
    d = blend(
        d, tube(p, {0.07, -0.045, 0.915}, {0.32, 0.035, 0.915}, {0.57, -0.10, 0.65}, ridge, 0.05),
        0.11);
    d = carve(d, ellipsoid(p, {0.325, -0.215, 0.985}, {0.185, 0.100, 0.140}), 0.12);
    d = carve(d, ellipsoid(p, {0.155, -0.190, 0.985}, {0.055, 0.085, 0.09}), 0.09);
    // Brows, as a sculptor hints at them: a soft raised band that is combed outwards.
    if (c.child < 0.5) {
        const double comb = 0.0025 * std::sin(95 * p.x() + 60 * p.y());
        d = blend(d,
                  tube(p, {0.11, -0.030, 0.965}, {0.30, 0.055, 0.955}, {0.52, -0.040, 0.752}, 0.026,
                       0.012) +
                      comb,
                  0.05);
    }
    return d;
}

const Vec eyeAt(0.326, -0.216, 0.733);
constexpr double eyeRadius = 0.139;

double eyeball(const Vec& p) {
    double d = sphere(p, eyeAt, eyeRadius);
    // The iris is cut as sculptors cut it: a shallow ring with the pupil drilled deeper, and a
    // crumb of plaster left in it for the light.
    const Vec gaze = eyeAt + Vec(0, 0.002, eyeRadius);
    const double fromGaze = std::hypot(p.x() - gaze.x(), p.y() - gaze.y());
    const double ring =
        std::hypot(fromGaze - 0.060, 0.6 * (p - eyeAt).norm() - 0.6 * eyeRadius) - 0.008;
    d = carve(d, ring, 0.012);
    return carve(d, ellipsoid(p, gaze + Vec(0, 0.004, 0.006), {0.032, 0.032, 0.026}), 0.014);
}

/// The opening of the lids at `along` from -1 (inner corner) to 1: heights of its two edges.
std::pair<double, double> lidEdges(double along, const Character& c) {
    const double bow = 1 - along * along;
    const double slant = eyeAt.y() - 0.002 + 0.006 * along;
    return {slant + (0.060 - 0.012 * c.age) * bow - 0.010 * along * bow,
            slant - 0.050 * bow + 0.010 * along * bow};
}

double lidsOn(double d, const Vec& p, const Character& c) {
    // The lids are a shell round the eyeball with an almond cut through it.
    const double along = (p.x() - eyeAt.x() + 0.002) / 0.150;
    const auto [upper, lower] = lidEdges(along, c);
    const double almond = std::max(p.y() - upper, lower - p.y()) * 0.85;
    double shell = ellipsoid(p, eyeAt - Vec(0, 0.002, 0.004), {0.178, 0.160, 0.163});
    // The lid's fold under the brow, and the bag below.
    shell = blend(shell,
                  tube(p, {0.185, -0.185, 0.795}, {0.32, -0.075, 0.895}, {0.49, -0.195, 0.715},
                       0.020, 0.026 + 0.010 * c.age),
                  0.035);
    if (c.age > 0)
        shell = blend(shell,
                      tube(p, {0.22, -0.315, 0.80}, {0.33, -0.375, 0.83}, {0.45, -0.30, 0.745},
                           0.020 * c.age, 0.018 * c.age),
                      0.04);
    d = blend(d, shell, 0.05);
    if (p.z() > eyeAt.z())
        d = carve(d, std::max(almond, (p - eyeAt).norm() - 0.26), 0.014);
    return d;
}

double noseOn(double d, const Vec& p, const Character& c) {
    const double bridge = 0.056 - 0.010 * c.child;
    double n = limb(p, {0, -0.135, 0.886 - 0.02 * c.child}, {0, -0.50, 1.115}, bridge, 0.066);
    n = blend(n, ellipsoid(p, {0, -0.575, 1.128}, {0.092, 0.084, 0.094}), 0.07);         // tip
    n = blend(n, ellipsoid(p, {0.112, -0.612, 0.985}, {0.068, 0.070, 0.100}), 0.045);    // wing
    n = blend(n, limb(p, {0.06, -0.20, 0.80}, {0.15, -0.56, 0.91}, 0.050, 0.062), 0.10); // flank
    n = blend(n, limb(p, {0, -0.60, 1.115}, {0, -0.682, 1.006}, 0.030, 0.034), 0.03); // columella
    n = blend(n, limb(p, {0, -0.30, 0.88}, {0, -0.60, 0.975}, 0.07, 0.09), 0.06);
    d = blend(d, n, 0.07);
    d = carve(d, ellipsoid(p, {0.066, -0.676, 1.030}, {0.034, 0.032, 0.054}), 0.03); // nostril
    const double fold = 0.003 + 0.015 * c.age + 0.004 * std::max(0.0, c.fullness);
    d = carve(d,
              tube(p, {0.215, -0.565, 0.955}, {0.300, -0.70, 0.925}, {0.365, -0.86, 0.855}, fold,
                   0.4 * fold),
              0.075); // from the wing to the mouth's corner
    return d;
}

double mouthOn(double d, const Vec& p, const Character& c) {
    const double open = c.openMouth;
    d = carve(d, limb(p, {0, -0.715, 1.035}, {0, -0.795, 1.030}, 0.016, 0.018), 0.05); // philtrum
    const double thin = 1 - 0.35 * c.age;
    const double upper =
        tube(p, {0, -0.862 + 0.1 * open, 0.978}, {0.115, -0.828 + 0.1 * open, 0.965},
             {0.268, -0.904, 0.862}, 0.048 * thin, 0.010);
    const double lower =
        tube(p, {0, -0.962 - 0.5 * open, 0.966}, {0.14, -0.975 - 0.5 * open, 0.945},
             {0.262, -0.910, 0.860}, 0.060 * thin, 0.010);
    d = blend(d, upper, 0.04);
    d = blend(d, lower, 0.045);
    if (open > 0) // the hollow between the lips
        d = carve(d, ellipsoid(p, {0, -0.905 - 0.2 * open, 0.97}, {0.20, 0.42 * open, 0.16}), 0.03);
    const double parting =
        tube(p, {0, -0.907, 1.040}, {0.13, -0.900, 1.020}, {0.298, -0.903, 0.898}, 0.007, 0.009);
    d = carve(d, parting, 0.028);
    d = carve(d, ellipsoid(p, {0, -1.058, 1.005}, {0.15, 0.034, 0.055}), 0.09); // above the chin
    return d;
}

double earOn(double d, const Vec& p) {
    const Vec hub(0.765, -0.375, -0.105);
    if ((p - hub).squaredNorm() > 0.36)
        return d;
    // Into the ear's own axes: it leans back and stands off the head.
    const double lean = 0.17, flare = 0.36;
    Vec q = p - hub;
    q = Vec(q.x(), std::cos(lean) * q.y() - std::sin(lean) * q.z(),
            std::sin(lean) * q.y() + std::cos(lean) * q.z());
    q = Vec(std::cos(flare) * q.x() + std::sin(flare) * q.z(), q.y(),
            -std::sin(flare) * q.x() + std::cos(flare) * q.z());
    // The outline narrows towards the lobe.
    const double width = 0.168 + 0.12 * q.y();
    const double flat = std::hypot(q.y() / 0.305, q.z() / std::max(width, 0.085)) - 1;
    const double body = std::max(flat * 0.15, std::abs(q.x()) - 0.030) - 0.012;
    const double rim = std::hypot(flat * 0.15, q.x() - 0.030) - 0.026;
    double e = blend(body, rim + 0.35 * std::max(0.0, -0.08 - q.y()), 0.02);
    e = carve(e, ellipsoid(q, {0.055, -0.05, 0.035}, {0.055, 0.105, 0.068}), 0.025); // concha
    // The groove within the rim, and the fold that forks in front of it.
    e = carve(
        e, tube(q, {0.05, -0.06, -0.105}, {0.05, 0.19, -0.115}, {0.05, 0.205, 0.045}, 0.020, 0.018),
        0.018);
    e = blend(
        e,
        tube(q, {0.035, -0.12, -0.055}, {0.045, 0.06, -0.060}, {0.035, 0.135, 0.015}, 0.020, 0.014),
        0.02);
    e = blend(e, sphere(q, {0.012, -0.245, 0.035}, 0.058), 0.04);                    // lobe
    e = blend(e, ellipsoid(q, {0.020, -0.075, 0.100}, {0.036, 0.046, 0.028}), 0.04); // tragus
    e = blend(e, limb(p, {0.66, -0.26, -0.10}, {0.70, -0.46, -0.10}, 0.085, 0.070), 0.06);
    return blend(d, e, 0.035);
}

double neckOn(double d, const Vec& p, const Character& c) {
    const double girth = 0.46 + 0.06 * c.fullness - 0.07 * c.child;
    double n = limb(p, {0, -0.62, -0.22}, {0, -1.95, -0.40}, girth, girth + 0.05);
    // The long muscle from behind the ear to the notch of the collarbones.
    n = blend(n, limb(p, {0.56, -0.60, -0.20}, {0.09, -1.92, 0.07}, 0.09, 0.085), 0.10);
    n = blend(n, ellipsoid(p, {0, -1.40, 0.17}, {0.075, 0.13, 0.09}), 0.13);             // larynx
    n = blend(n, limb(p, {0.12, -1.98, 0.06}, {0.75, -2.00, -0.12}, 0.055, 0.05), 0.10); // collar
    n = blend(n, ellipsoid(p, {0, -2.26, -0.40}, {1.25, 0.40, 0.52}), 0.34); // shoulders
    d = blend(d, n, 0.11);
    // The bust ends in a rounded cut.
    const double cut = ellipsoid(p, {0, -0.62, -0.2}, {1.02, 1.56, 1.6});
    return -blend(-d, -cut, 0.03);
}

/// Locks combed along `flow`, deeper where they meet.
double locks(double flow, double across) {
    const double wave = std::sin(flow + 1.1 * std::sin(across));
    const double fine = std::sin(2.7 * flow + 1.7 * across);
    return 0.017 * (1 - std::pow(std::abs(wave), 0.7) * 1.6) + 0.005 * fine;
}

double hairCap(const Vec& p, double thick) {
    double d = ellipsoid(p, {0, 0.06, -0.08}, {0.765 + thick, 0.945 + 0.8 * thick, 0.925 + thick});
    d = blend(d, ellipsoid(p, {0.30, 0.36, -0.36}, {0.44 + thick, 0.52 + thick, 0.54 + thick}),
              0.2);
    return blend(d, ellipsoid(p, {0, 0.27, 0.30}, {0.61 + thick, 0.62 + 0.9 * thick, 0.60 + thick}),
                 0.22);
}

double hair(const Vec& p, const Character& c) {
    using Hair = Character::Hair;
    const double sweep = std::atan2(p.x(), p.y() + 0.3);
    double d = 0, edge = 0.016 * std::sin(22 * p.x() + 2) + 0.010 * std::sin(37 * p.y() + 1);
    Vec faceAt(0, -0.52, 0.96), faceSize(0.665, 1.10, 0.90);
    double napeAt = -0.60;
    switch (c.hair) {
    case Hair::Swept:
        d = hairCap(p, 0.075) + locks(17 * sweep, 3.1 * p.z() + 2 * p.y());
        break;
    case Hair::Cropped: {
        // Short curls: bumps on a lattice, each turned its own way.
        d = hairCap(p, 0.065);
        const Vec q = 17 * p;
        d += 0.015 * std::sin(q.x() + std::sin(1.3 * q.y())) *
                 std::sin(q.y() + std::sin(1.1 * q.z())) +
             0.013 * std::sin(0.9 * q.z() + std::sin(1.2 * q.x())) * std::sin(1.1 * q.y());
        faceSize = {0.675, 1.06, 0.90};
        napeAt = -0.52;
        break;
    }
    case Hair::Bun:
        d = hairCap(p, 0.060) + locks(16 * std::atan2(p.x(), p.y() - 0.26), 3 * p.z());
        d = blend(d,
                  ellipsoid(p, {0, 0.30, -1.08}, {0.27, 0.26, 0.24}) +
                      locks(13 * std::atan2(p.x(), p.y() - 0.30), 9 * p.z()),
                  0.06);
        napeAt = -0.50;
        break;
    case Hair::Waves: {
        // Parted in the middle and falling in waves behind the ears to the neck.
        d = hairCap(p, 0.085);
        d = blend(d, limb(p, {0.62, -0.10, -0.45}, {0.58, -1.15, -0.42}, 0.26, 0.20), 0.16);
        d = blend(d, limb(p, {0.20, -0.20, -0.80}, {0.20, -1.25, -0.62}, 0.26, 0.22), 0.16);
        // Round the head above, down its sides below: always along the fall.
        const double round = std::atan2(p.x(), -p.z() - 0.15);
        d += locks(17 * round + 6 * p.z() + 1.3 * std::sin(6.5 * p.y() + 2 * p.z()), 5 * p.y());
        d = carve(d, limb(p, {0, 0.62, 0.86}, {0, 1.08, -0.05}, 0.012, 0.012), 0.04);
        faceSize = {0.640, 1.08, 0.90};
        napeAt = -1.30;
        break;
    }
    case Hair::Receding:
        // A wreath round the back, bald above.
        d = hairCap(p, 0.045) +
            0.8 * locks(19 * std::atan2(p.x(), -p.z() + 0.1) + 2 * std::sin(5 * p.y()), 6 * p.y());
        d = carve(d, ellipsoid(p, {0, 0.80, 0.25}, {0.80, 0.70, 1.10}), 0.09);
        faceSize = {0.690, 1.16, 0.92};
        break;
    }
    d = carve(d, ellipsoid(p, faceAt, faceSize) + edge, 0.05);
    d = carve(d, ellipsoid(p, {0.83, -0.43, 0.02}, {0.28, 0.40, 0.25}), 0.045);
    const double nape = napeAt + 0.22 * (p.z() + 1) + 0.02 * std::sin(19 * p.x());
    return -blend(-d, -(nape - p.y()) * 0.8, 0.06);
}

/// A short beard along the jaw, for the old.
double beardOn(double d, const Vec& p) {
    double b = limb(p, {0.56, -0.55, 0.10}, {0.47, -0.95, 0.20}, 0.12, 0.16);
    b = blend(b, limb(p, {0.47, -0.95, 0.20}, {0.13, -1.26, 0.74}, 0.16, 0.24), 0.12);
    b = blend(b, ellipsoid(p, {0, -1.30, 0.76}, {0.22, 0.27, 0.25}), 0.10);
    b = blend(b, tube(p, {0, -0.775, 1.035}, {0.16, -0.78, 1.00}, {0.33, -0.98, 0.84}, 0.050, 0.05),
              0.05);
    b += locks(19 * std::atan2(p.x(), p.z() - 0.15) + 1.5 * std::sin(7 * p.y()), 5 * p.y());
    const double lips = ellipsoid(p, {0, -0.915, 1.00}, {0.23, 0.085, 0.22});
    b = carve(b, lips, 0.04);
    return std::min(d, b);
}

double stand(const Vec& p) {
    return std::max(std::hypot(p.x(), p.z() + 0.40) - 0.24, std::abs(p.y() + 2.55) - .5);
}

} // namespace

Sculpture::Sample Sculpture::carved(const HeadPoint& at, bool withHair) const {
    const Vec p(std::abs(at.x()), at.y(), at.z());
    const Character& c = character_;
    double d = skull(p, c);
    d = jawAndCheeks(d, p, c);
    double eye = 9;
    if (p.z() > 0.3 && p.y() < 0.35 && p.y() > -1.4 && d < 0.5) {
        // Each feature is carved only where it can be felt, which is most of the speed.
        if (p.y() > -0.55)
            d = browAndSockets(d, p, c);
        if ((p - eyeAt).squaredNorm() < 0.16) {
            d = lidsOn(d, p, c);
            eye = eyeball(p);
        }
        if (p.x() < 0.5 && p.y() < 0.1 && p.y() > -1.1 && p.z() > 0.55)
            d = noseOn(d, p, c);
        if (p.x() < 0.55 && p.y() < -0.5 && p.z() > 0.55)
            d = mouthOn(d, p, c);
    }
    if (p.x() > 0.4 && p.y() > -1 && p.y() < 0.4)
        d = earOn(d, p);
    if (p.y() < -0.2)
        d = neckOn(d, p, c);
    Sample s{d, Part::Skin};
    if (withHair) {
        const bool onFace = p.z() > 0.80 && p.y() < 0.20 && p.x() < 0.42;
        if (const double h = onFace ? 9 : hair(p, c); blend(d, h, 0.03) < s.distance) {
            s = {blend(d, h, 0.03), h < d ? Part::Hair : Part::Skin};
        }
        if (c.age > 0.6 && p.y() < -0.3)
            if (const double b = beardOn(s.distance, p); b < s.distance)
                s = {b, Part::Hair};
    }
    if (eye < s.distance)
        s = {eye, Part::Eye};
    if (p.y() < -1.9)
        if (const double column = stand(p); column < s.distance)
            s = {blend(s.distance, column, 0.02), Part::Stand};
    return s;
}

HeadPoint Sculpture::onCarving(const HeadPoint& near) const {
    HeadPoint p = near;
    const double h = 1e-4;
    auto bald = [&](const Vec& q) { return carved(q, false).distance; };
    for (int i = 0; i < 60; ++i) {
        const double d = bald(p);
        Vec g;
        for (int k = 0; k < 3; ++k)
            g[k] = (bald(p + h * Vec::Unit(k)) - bald(p - h * Vec::Unit(k))) / (2 * h);
        const double size = g.squaredNorm();
        if (std::abs(d) < 1e-7 || size < 1e-8)
            break;
        p -= 0.7 * d * g / size;
    }
    return p;
}

HeadPoint Sculpture::unbent(const HeadPoint& p) const {
    HeadPoint q = p + stretch_ * p + shift_;
    for (std::size_t i = 0; i < centres_.size(); ++i)
        q += multiquadric(p, centres_[i]) * weights_[i];
    return q;
}

Sculpture::Sculpture(const Sitter& sitter) : marks_(sitter.marks), character_(sitter.character) {
    // Where each mark lies on the straight carving. Starting from the mean head's marks the nearest
    // point of the surface is the feature itself, for it was carved around them.
    std::vector<Vec> gaps;
    for (int i = 0; i < markCount; ++i) {
        centres_.push_back(marks_[markAt(i)]);
        gaps.push_back(onCarving(adultHeads().mean[markAt(i)]) - marks_[markAt(i)]);
    }
    // Anchors on neck and bust, which no mark holds, stay where they are.
    for (const Vec& anchor : {Vec(0.5, -1.6, -0.3), Vec(-0.5, -1.6, -0.3), Vec(0, -1.7, 0.2),
                              Vec(0, -1.6, -0.9), Vec(1.2, -2.3, -0.4), Vec(-1.2, -2.3, -0.4)}) {
        centres_.push_back(anchor);
        gaps.push_back(Vec::Zero());
    }
    // Interpolation by multiquadrics with an affine part (Hardy 1971): smooth between the marks and
    // as good as rigid away from them.
    const auto n = static_cast<Eigen::Index>(centres_.size());
    Eigen::MatrixXd a = Eigen::MatrixXd::Zero(n + 4, n + 4), b = Eigen::MatrixXd::Zero(n + 4, 3);
    for (Eigen::Index i = 0; i < n; ++i) {
        const Vec& at = centres_[static_cast<std::size_t>(i)];
        for (Eigen::Index k = 0; k < n; ++k)
            a(i, k) = multiquadric(at, centres_[static_cast<std::size_t>(k)]);
        a.block(i, n, 1, 4) << at.x(), at.y(), at.z(), 1;
        a.block(n, i, 4, 1) = a.block(i, n, 1, 4).transpose();
        b.row(i) = gaps[static_cast<std::size_t>(i)].transpose();
    }
    const Eigen::MatrixXd x = a.fullPivLu().solve(b);
    for (Eigen::Index i = 0; i < n; ++i)
        weights_.push_back(x.row(i).transpose());
    stretch_ = x.middleRows(n, 3).transpose();
    shift_ = x.row(n + 3).transpose();
}

HeadPoint Sculpture::bent(const HeadPoint& q) const {
    // The bend is gentle, so that stepping back by what it adds settles quickly.
    HeadPoint p = q;
    for (int i = 0; i < 12; ++i)
        p += q - unbent(p);
    return p;
}

std::vector<Sculpture::Contour> Sculpture::contours() const {
    std::vector<Contour> all;
    const Character& c = character_;
    auto add = [&](double strength, const std::vector<Vec>& points) {
        for (double side : {1.0, -1.0}) {
            Contour contour{{}, strength};
            for (const Vec& p : points)
                contour.points.push_back(bent({side * p.x(), p.y(), p.z()}));
            all.push_back(std::move(contour));
        }
    };
    /// A quadratic curve through its control point's pull.
    auto curve = [](const Vec& a, const Vec& b, const Vec& d) {
        std::vector<Vec> points;
        for (int i = 0; i <= 24; ++i) {
            const double t = i / 24.0;
            points.push_back((1 - t) * (1 - t) * a + 2 * t * (1 - t) * b + t * t * d);
        }
        return points;
    };
    auto onLid = [](double x, double y) {
        const double r2 = 0.163 * 0.163 - std::pow(x - eyeAt.x(), 2) - std::pow(y - eyeAt.y(), 2);
        return Vec(x, y, eyeAt.z() + std::sqrt(std::max(r2, 1e-4)));
    };
    std::vector<Vec> upper, lower, iris, pupil;
    for (int i = -12; i <= 12; ++i) {
        const double along = i / 12.0, x = eyeAt.x() - 0.002 + 0.150 * along;
        const auto [high, low] = lidEdges(along, c);
        upper.push_back(onLid(x, high));
        lower.push_back(onLid(x, low));
    }
    add(1.0, upper);
    add(0.42, lower);
    for (int i = 0; i <= 40; ++i) {
        const double a = 2 * std::numbers::pi * i / 40;
        const Vec p =
            onLid(eyeAt.x() + 0.061 * std::sin(a), eyeAt.y() + 0.004 + 0.061 * std::cos(a));
        const auto [high, low] = lidEdges((p.x() - eyeAt.x() + 0.002) / 0.150, c);
        if (p.y() < high && p.y() > low)
            iris.push_back(p);
        else if (iris.size() > 2)
            add(0.62, iris), iris.clear();
    }
    if (iris.size() > 2)
        add(0.62, iris);
    for (double r : {0.012, 0.022, 0.030}) {
        pupil.clear();
        for (int i = 0; i <= 20; ++i)
            pupil.push_back(onLid(eyeAt.x() + r * std::sin(0.3142 * i),
                                  eyeAt.y() + 0.004 + r * std::cos(0.3142 * i)));
        add(0.95, pupil);
    }
    add(0.36, curve({0.19, -0.17, 0.86}, {0.32, -0.07, 0.94}, {0.49, -0.19, 0.77})); // lid's fold
    for (double up : {0.0, 0.016, 0.030})                                            // brow
        add(0.5,
            curve({0.11, -0.045 + up, 1.00}, {0.30, 0.045 + up, 1.00}, {0.54 - up, -0.055, 0.76}));
    add(0.75,
        curve({0.150, -0.545, 0.955}, {0.225, -0.610, 0.950}, {0.150, -0.672, 0.985})); // wing
    add(0.85,
        curve({0.035, -0.690, 1.070}, {0.070, -0.655, 1.075}, {0.110, -0.688, 1.010}));   // nostril
    add(0.45, curve({0, -0.668, 1.120}, {0.035, -0.672, 1.110}, {0.050, -0.690, 1.060})); // tip
    const double open = c.openMouth;
    add(1.0, curve({0, -0.908 + 0.2 * open, 1.030}, {0.14, -0.893, 1.015}, {0.292, -0.906, 0.908}));
    if (open > 0)
        add(0.7, curve({0, -0.905 - 0.62 * open, 1.010}, {0.17, -0.905 - 0.62 * open, 0.98},
                       {0.285, -0.908, 0.905}));
    add(0.42, curve({0, -0.842 + 0.1 * open, 1.035}, {0.10, -0.806 + 0.1 * open, 1.02},
                    {0.272, -0.896, 0.890}));
    add(0.36, curve({0, -1.018 - 0.6 * open, 1.005}, {0.17, -1.02 - 0.6 * open, 0.98},
                    {0.262, -0.925, 0.890}));
    add(0.26, curve({0, -1.062 - 0.4 * open, 0.975}, {0.06, -1.062 - 0.4 * open, 0.97},
                    {0.13, -1.045, 0.945}));
    return all;
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
    // The crown, the back and the hairline are the skull's own, felt through the hair; anything
    // else that hair or a beard covers is hidden.
    const bool ofSkull = mark == Mark::Crown || mark == Mark::Back || mark == Mark::Hairline;
    const auto room = [&](const Vec& q) { return ofSkull ? distanceBald(q) : distance(q); };
    const double h = 1e-3;
    Vec normal;
    for (int k = 0; k < 3; ++k)
        normal[k] = room(at + h * Vec::Unit(k)) - room(at - h * Vec::Unit(k));
    if (normal.norm() > 0)
        normal.normalize();
    const HeadPoint from = at + off * normal;
    for (double t = forward; t < std::min(far, 4.0);) {
        const double free = room(from + t * d);
        if (free < -graze)
            return false;
        t += std::max(0.6 * free, 0.006);
    }
    return true;
}

} // namespace zokran
