#include "core/compare/outline.h"

#include "core/compare/registration.h"
#include "core/compare/straights.h"
#include "core/head/surface_in_view.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// What the reference's picture shows, as it stands round the drawn ball.
class CarriedOutline {
public:
    CarriedOutline(const PhotoMarks& photo, const Fit& fitted, const SketchMarks& page, const Comparison& c, Pixels both)
        : reference(photo), sketch(page), fit(fitted), comparison(c), bothNoises(both),
          noise(std::hypot(page.noiseOrDefault().value,
                           c.sketchView.scale / fitted.view.scale * photo.noiseOrDefault().value) /
                c.sketchView.scale),
          turned(angleBetween(c.sketchView.facing(), fitted.view.facing())), drawn_(c.sketchView),
          by_{drawn_.scale / fitted.view.scale, drawn_.pose().lean - fitted.view.pose().lean, {0, 0}} {
        by_.shift = drawn_.centre - by_(fitted.view.centre);
    }
    bool both(DrawnLine line) const { return reference.lines.has(line) && sketch.lines.has(line); }
    SketchPoint carried(const PicturePoint& at) const { return by_(PhotoPoint(at)); }
    /// From the ball's centre, in its radii.
    Eigen::Vector2d fromBall(const PicturePoint& at) const { return (at - drawn_.centre) / drawn_.scale; }

    SketchPoint at(const Eigen::Vector2d& fromBall) const { return drawn_.centre + drawn_.scale * fromBall; }

    const PhotoMarks& reference;
    const SketchMarks& sketch;
    const Fit& fit;
    const Comparison& comparison;
    const Pixels bothNoises; ///< of a place in both pictures together, sketch px
    const double noise;   ///< of a point, ball radii
    const Radians turned; ///< between the two: what of a head makes its outline changes with its turn

private:
    const View& drawn_;
    Similarity by_;
};

using OutlineKind = std::vector<OutlineError>(const CarriedOutline& outline);

/// Where the widest place is, is felt more than seen; measured on casts turned this way and that. Ball radii, and for each
/// radian between the two turns.
constexpr double whereItIs = 0.03, perTurned = 0.25;

/// How far the hair stands out from the ball: all of it, or one side or the top by itself.
std::vector<OutlineError> hair(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Hair))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Hair], &drawn = o.sketch.lines[DrawnLine::Hair];
    constexpr std::string_view ids[] = {"hair_volume", "hair_left", "hair_top", "hair_right"};
    double offs[3];
    std::vector<OutlineMove> moves;
    for (std::size_t i = 0; i < 3; ++i) {
        const Eigen::Vector2d is = o.fromBall(drawn[i]);
        const double far = o.fromBall(o.carried(seen[i])).norm();
        if (!(is.norm() > 0))
            return {};
        offs[i] = is.norm() - far;
        moves.push_back({SketchPoint(drawn[i]), o.at(is / is.norm() * far)});
    }
    const double own = std::hypot(o.noise, whereItIs), common = perTurned * o.turned.value;
    // What a hand could be off by has no way of its own.
    const auto [least, most] = std::minmax_element(std::begin(offs), std::end(offs));
    const bool isOneWay = !(*least < -own && *most > own);
    if (isOneWay)
        return {{std::string(ids[0]), DrawnLine::Hair, AmountUnit::BallRadius, (offs[0] + offs[1] + offs[2]) / 3,
                 std::hypot(own / std::sqrt(3.0), common), moves}};
    // Too far out here and too near there cancel in the mean: each is told by itself, and more surely, since three are asked.
    constexpr double moreSurely = 1.8;
    std::vector<OutlineError> errors;
    for (std::size_t side = 0; side < 3; ++side) {
        OutlineError error{std::string(ids[side + 1]), DrawnLine::Hair, AmountUnit::BallRadius, offs[side],
                           moreSurely * std::hypot(own, common), moves};
        for (std::size_t i = 0; i < 3; ++i)
            if (i != side)
                error.moves[i].belongs = error.moves[i].drawn;
        errors.push_back(std::move(error));
    }
    return errors;
}

/// How wide the neck is, and where it stands under the head.
std::vector<OutlineError> neck(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Neck))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Neck], &drawn = o.sketch.lines[DrawnLine::Neck];
    const SketchPoint left = o.carried(seen[0]), right = o.carried(seen[1]);
    const double belongs = (right - left).norm(), is = (drawn[1] - drawn[0]).norm();
    if (!(belongs > 0) || !(is > 0))
        return {};
    OutlineError width{"neck_width", DrawnLine::Neck, AmountUnit::Share, is / belongs - 1, 0, {}};
    width.sigma = std::hypot(std::sqrt(2.0) * o.noise / (o.fromBall(right) - o.fromBall(left)).norm(),
                             std::hypot(whereItIs, perTurned * o.turned.value));
    // It is mended where it was drawn: both sides, as far apart as they belong.
    const SketchPoint middle = (SketchPoint(drawn[0]) + SketchPoint(drawn[1])) / 2, should = (left + right) / 2;
    for (const PicturePoint& at : drawn)
        width.moves.push_back({SketchPoint(at), SketchPoint(middle + (SketchPoint(at) - middle) * (belongs / is))});
    const Eigen::Vector2d across = (right - left) / belongs;
    OutlineError place{"neck_across", DrawnLine::Neck, AmountUnit::BallRadius, across.dot(o.fromBall(middle) - o.fromBall(should)),
                       std::hypot(std::hypot(o.noise, whereItIs), 2 * perTurned * o.turned.value), {}};
    const double shift = across.dot(should - middle);
    for (const PicturePoint& at : drawn)
        place.moves.push_back({SketchPoint(at), SketchPoint(SketchPoint(at) + shift * across)});
    return {width, place};
}

/// The straights along the face, or along another shape.
template <DrawnLine line>
std::vector<OutlineError> straights(const CarriedOutline& o) {
    if (!o.both(line))
        return {};
    StraightRun run{line, {}, straightsExpected(line, o.reference.lines[line], o.fit, o.comparison), o.bothNoises,
                    o.sketch.noise.has_value(), o.comparison.sketchView.scale};
    for (const PicturePoint& at : o.sketch.lines[line])
        run.drawn.push_back(SketchPoint(at));
    return straightErrors(run);
}

/// Errors of the outline: another is a function above and its name here.
constexpr OutlineKind* outlineKinds[] = {hair, neck, straights<DrawnLine::Face>, straights<DrawnLine::Shape>};

} // namespace

std::vector<OutlineError> outlineErrors(const PhotoMarks& reference, const Fit& fit, const SketchMarks& sketch,
                                        const Comparison& comparison, Pixels noise) {
    const CarriedOutline outline(reference, fit, sketch, comparison, noise);
    std::vector<OutlineError> all;
    for (OutlineKind* kind : outlineKinds)
        for (OutlineError& error : kind(outline))
            all.push_back(std::move(error));
    return all;
}

std::vector<SketchPoint> straightsExpected(DrawnLine line, const std::vector<PicturePoint>& onPhoto, const Fit& fit,
                                           const Comparison& comparison) {
    std::vector<SketchPoint> expected;
    std::optional<SurfaceInView> skin;
    if (line == DrawnLine::Face)
        skin.emplace(adultSurface().fittedTo(fit.head), fit.view);
    for (const PicturePoint& at : onPhoto)
        expected.push_back(skin ? SketchPoint(comparison.sketchView.project(skin->under(at)))
                                : comparison.registration(PhotoPoint(at)));
    return expected;
}

std::vector<HeadPoint> curveOf(DrawnLine line, const HeadMarks& sitter) {
    using enum Mark;
    std::vector<HeadPoint> curve;
    if (line == DrawnLine::Centre)
        for (Mark m : {Hairline, Brow, NoseBase, LipLine, Chin})
            curve.push_back(sitter[m]);
    if (line == DrawnLine::Brow) {
        // Round the ball as far as the side planes.
        constexpr int pieces = 12;
        const Degrees reach{48};
        const HeadPoint& brow = sitter[Brow];
        for (int i = -pieces; i <= pieces; ++i) {
            const Radians a = toRadians(reach) * (1.0 * i / pieces);
            curve.emplace_back(brow.z() * sin(a), brow.y(), brow.z() * cos(a));
        }
    }
    return curve;
}

} // namespace zokran
