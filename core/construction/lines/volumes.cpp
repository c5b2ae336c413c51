#include "core/construction/lines/traces.h"
#include "core/head/expression_places.h"

#include <algorithm>
#include <cmath>

/// The features as simple solids, in this sitter's own sizes. How large an eyeball is beside its opening: 24 mm across
/// (Bekerman, Gottlieb and Vaiman 2014) beside an opening of about 30 mm; how the masses of nose and lips are laid out is
/// common practice, no source.
namespace zokran::lines {

using enum Mark;
using enum ExpressionMark;

namespace {

/// Where the marks of expression lie on this sitter: as they were found, and the rest as most people have it.
PerExpressionMark<HeadPoint> ownExpression(const BallForm& form) {
    PerExpressionMark<HeadPoint> places = usualExpressionPlaces(form.head());
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& own = form.subject().expression[expressionMarkAt(i)])
            places[expressionMarkAt(i)] = *own;
    return places;
}

struct Eye {
    HeadPoint centre; ///< of the eyeball
    double radius;
    HeadPoint inner, outer, pupil, upperLid, lowerLid;
};

Eye eyeOf(const BallForm& form, int side) {
    const HeadMarks& head = form.head();
    const PerExpressionMark<HeadPoint> places = ownExpression(form);
    Eye eye;
    const bool left = side > 0;
    eye.inner = head[left ? InnerEyeL : InnerEyeR];
    eye.outer = head[left ? OuterEyeL : OuterEyeR];
    eye.pupil = head[left ? PupilL : PupilR];
    eye.upperLid = places[left ? LidUpperL : LidUpperR];
    eye.lowerLid = places[left ? LidLowerL : LidLowerR];
    // A school's levels move the eyes up or down.
    const HeadPoint up = headPoint({}, form.levels().eye - levelsOf(head).eye, {});
    for (HeadPoint* place : {&eye.inner, &eye.outer, &eye.pupil, &eye.upperLid, &eye.lowerLid})
        *place += up;
    eye.radius = 0.4 * (eye.outer - eye.inner).norm();
    // Its front stands where the iris lies; it stands in the middle between the corners.
    const HeadPoint middle = (eye.inner + eye.outer) / 2;
    eye.centre = {middle.x(), middle.y(), eye.pupil.z() - eye.radius};
    return eye;
}

/// The edge of a lid from corner to corner over its highest or lowest place, wrapped round the eyeball at its thickness.
std::vector<SurfacePoint> lidEdge(const Eye& eye, const HeadPoint& peak, double thickness) {
    constexpr int steps = 16;
    std::vector<SurfacePoint> edge;
    for (int i = 0; i <= steps; ++i) {
        const double t = 1.0 * i / steps;
        // The parabola over both corners with the peak in the middle.
        const HeadPoint chord = eye.inner + t * (eye.outer - eye.inner);
        const HeadPoint rise = peak - (eye.inner + eye.outer) / 2;
        const HeadPoint at = chord + 4 * t * (1 - t) * HeadPoint(0, rise.y(), 0);
        // On to the ball round the eyeball's centre, straight back from the front; beside the ball the corner itself.
        const double radius = eye.radius * thickness;
        const double dx = at.x() - eye.centre.x(), dy = at.y() - eye.centre.y();
        const double depth2 = radius * radius - dx * dx - dy * dy;
        const double wrapped = eye.centre.z() + std::sqrt(std::max(depth2, 0.0));
        const double fromCorner = std::min(1.0, 6 * std::min(t, 1 - t));
        const HeadPoint on(at.x(), at.y(), chord.z() + fromCorner * (std::max(wrapped, chord.z()) - chord.z()));
        edge.push_back({on, (on - eye.centre).normalized()});
    }
    return edge;
}

SurfacePoint onSkin(const BallForm& form, double x, double y) {
    return form.solid().front({x}, {y});
}

/// How far the skin over a volume stands before its outline, ball radii: lids before an eyeball, skin before nose and lips.
constexpr BallRadii overEyeball{0.16}, overMass{0.07};

void addMass(LineTracer& tracer, const LineEntry& line, int side, const Ellipsoid& mass, BallRadii skinOver) {
    std::vector<HeadPoint> ring = ellipsoidOutline(mass, tracer.view);
    ring.push_back(ring.front());
    tracer.addStandingOut(line, side, ring, skinOver);
}

} // namespace

// The ball in its socket, and the iris on it.
void eyeballs(LineTracer& tracer, const LineEntry& line) {
    for (int side : bothSides) {
        const Eye eye = eyeOf(tracer.form, side);
        if (!tracer.sees({eye.pupil, Eigen::Vector3d::UnitZ()}))
            continue;
        addMass(tracer, line, side, {eye.centre, Eigen::Vector3d::Constant(eye.radius)}, overEyeball);
        // An iris is about 12 mm across, half the ball.
        const double iris = eye.radius / 2, depth = std::sqrt(eye.radius * eye.radius - iris * iris);
        tracer.add(line, side, Cover::Face, 24, [&](double t) {
            const Radians a = toRadians(Degrees{360 * t});
            const HeadPoint at(eye.pupil.x() + iris * cos(a), eye.pupil.y() + iris * sin(a), eye.centre.z() + depth);
            return SurfacePoint{at, (at - eye.centre).normalized()};
        });
    }
    tracer.removeHidden(line);
}

// Each lid by its edge and, a lid's thickness further out, by the fold above or below.
void lids(LineTracer& tracer, const LineEntry& line) {
    constexpr double edge = 1.08, fold = 1.16; // of the eyeball's radius
    for (int side : bothSides) {
        const Eye eye = eyeOf(tracer.form, side);
        const HeadPoint crease = eye.upperLid + HeadPoint(0, 0.35 * eye.radius, 0);
        const HeadPoint bag = eye.lowerLid - HeadPoint(0, 0.35 * eye.radius, 0);
        tracer.addRun(line, side, Cover::Face, lidEdge(eye, eye.upperLid, edge), false);
        tracer.addRun(line, side, Cover::Face, lidEdge(eye, eye.lowerLid, edge), false);
        tracer.addRun(line, side, Cover::Face, lidEdge(eye, crease, fold), false);
        tracer.addRun(line, side, Cover::Face, lidEdge(eye, bag, fold), false);
    }
    tracer.removeHidden(line);
}

// The wedge runs out into the ball of the tip, with a wing on either side.
void noseVolumes(LineTracer& tracer, const LineEntry& line) {
    noseWedge(tracer, line);
    const HeadMarks& head = tracer.form.head();
    const HeadPoint up = headPoint({}, tracer.form.levels().noseBase - levelsOf(head).noseBase, {});
    const auto at = [&](Mark m) { return HeadPoint(head[m] + up); };
    const double width = (head[NoseWingL] - head[NoseWingR]).norm();
    const double tip = 0.26 * width;
    addMass(tracer, line, 0, {at(NoseTip) - HeadPoint(0, 0, tip), Eigen::Vector3d::Constant(tip)}, overMass);
    for (int side : bothSides) {
        // The wing's outer edge is the mark; it stands somewhat before it.
        const Eigen::Vector3d size(0.13 * width, 0.22 * width, 0.26 * width);
        const HeadPoint wing = at(side > 0 ? NoseWingL : NoseWingR);
        addMass(tracer, line, side, {wing + HeadPoint(-side * size.x(), size.y() / 3, size.z() / 2), size}, overMass);
    }
    tracer.removeHidden(line);
}

// Three masses above, the middle one the lowest, and two below.
void lipVolumes(LineTracer& tracer, const LineEntry& line) {
    const BallForm& form = tracer.form;
    const HeadMarks& head = form.head();
    const PerExpressionMark<HeadPoint> places = ownExpression(form);
    const double half = (head[MouthCornerL] - head[MouthCornerR]).norm() / 2;
    const double middle = (head[MouthCornerL].x() + head[MouthCornerR].x()) / 2;
    const HeadPoint moved = headPoint({}, form.levels().mouth - levelsOf(head).mouth, {});
    const double parting = head[LipLine].y();
    const double upper = std::max(places[LipUpper].y() - parting, 0.02);
    const double lower = std::max(parting - places[LipLower].y(), 0.02);
    const auto mass = [&](int side, double x, double y, const Eigen::Vector3d& size) {
        const SurfacePoint skin = onSkin(form, x, y);
        addMass(tracer, line, side, {skin.at + moved - HeadPoint(0, 0, 0.6 * size.z()), size}, overMass);
    };
    mass(0, middle, parting + 0.42 * upper, {0.2 * half, 0.5 * upper, 0.5 * upper});
    for (int side : bothSides) {
        mass(side, middle + side * 0.45 * half, parting + 0.45 * upper, {0.4 * half, 0.42 * upper, 0.5 * upper});
        mass(side, middle + side * 0.3 * half, parting - 0.5 * lower, {0.34 * half, 0.46 * lower, 0.5 * lower});
    }
}

} // namespace zokran::lines
