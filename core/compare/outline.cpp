#include "core/compare/outline.h"

#include "core/compare/registration.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// What the reference's picture shows, as it stands round the drawn ball.
class CarriedOutline {
public:
    CarriedOutline(const PhotoMarks& photo, const Fit& fit, const SketchMarks& page, const View& drawn)
        : reference(photo), sketch(page),
          noise(std::hypot(page.noiseOrDefault().value,
                           drawn.scale / fit.view.scale * photo.noiseOrDefault().value) /
                drawn.scale),
          turned(angleBetween(drawn.facing(), fit.view.facing())), drawn_(drawn),
          by_{drawn.scale / fit.view.scale, drawn.pose().lean - fit.view.pose().lean, {0, 0}} {
        by_.shift = drawn.centre - by_(fit.view.centre);
    }
    bool both(DrawnLine line) const { return reference.lines.has(line) && sketch.lines.has(line); }
    SketchPoint carried(const PicturePoint& at) const { return by_(PhotoPoint(at)); }
    /// From the ball's centre, in its radii.
    Eigen::Vector2d fromBall(const PicturePoint& at) const { return (at - drawn_.centre) / drawn_.scale; }

    SketchPoint at(const Eigen::Vector2d& fromBall) const { return drawn_.centre + drawn_.scale * fromBall; }

    const PhotoMarks& reference;
    const SketchMarks& sketch;
    const double noise;   ///< of a point, ball radii
    const Radians turned; ///< between the two: what of a head makes its outline changes with its turn

private:
    const View& drawn_;
    Similarity by_;
};

using OutlineKind = std::optional<OutlineError>(const CarriedOutline& outline);

/// How far the hair stands out from the ball, over its top and both sides.
std::optional<OutlineError> hair(const CarriedOutline& o) {
    // Where the widest place is, is felt more than seen; measured on casts turned this way and that.
    constexpr double whereItIs = 0.03, perTurned = 0.25;
    if (!o.both(DrawnLine::Hair))
        return std::nullopt;
    OutlineError error{"hair_volume", DrawnLine::Hair, AmountUnit::BallRadius, 0, 0, {}};
    const auto &seen = o.reference.lines[DrawnLine::Hair], &drawn = o.sketch.lines[DrawnLine::Hair];
    for (std::size_t i = 0; i < drawn.size(); ++i) {
        const Eigen::Vector2d is = o.fromBall(drawn[i]);
        const double far = o.fromBall(o.carried(seen[i])).norm();
        if (!(is.norm() > 0))
            return std::nullopt;
        error.amount += (is.norm() - far) / static_cast<double>(drawn.size());
        error.moves.push_back({SketchPoint(drawn[i]), o.at(is / is.norm() * far)});
    }
    error.sigma = std::hypot(std::hypot(o.noise, whereItIs) / std::sqrt(3.0), perTurned * o.turned.value);
    return error;
}

/// How wide the neck is.
std::optional<OutlineError> neck(const CarriedOutline& o) {
    constexpr double whereItIs = 0.03, perTurned = 0.25;
    if (!o.both(DrawnLine::Neck))
        return std::nullopt;
    const auto &seen = o.reference.lines[DrawnLine::Neck], &drawn = o.sketch.lines[DrawnLine::Neck];
    const SketchPoint left = o.carried(seen[0]), right = o.carried(seen[1]);
    const double belongs = (right - left).norm(), is = (drawn[1] - drawn[0]).norm();
    if (!(belongs > 0) || !(is > 0))
        return std::nullopt;
    OutlineError error{"neck_width", DrawnLine::Neck, AmountUnit::Share, is / belongs - 1, 0, {}};
    error.sigma = std::hypot(std::sqrt(2.0) * o.noise / (o.fromBall(right) - o.fromBall(left)).norm(), std::hypot(whereItIs, perTurned * o.turned.value));
    // It is mended where it was drawn: both sides, as far apart as they belong.
    const SketchPoint middle = (SketchPoint(drawn[0]) + SketchPoint(drawn[1])) / 2;
    for (const PicturePoint& at : drawn)
        error.moves.push_back({SketchPoint(at), SketchPoint(middle + (SketchPoint(at) - middle) * (belongs / is))});
    return error;
}

/// Errors of the outline: another is a function above and its name here.
constexpr OutlineKind* outlineKinds[] = {hair, neck};

} // namespace

std::vector<OutlineError> outlineErrors(const PhotoMarks& reference, const Fit& fit, const SketchMarks& sketch,
                                        const View& drawn) {
    const CarriedOutline outline(reference, fit, sketch, drawn);
    std::vector<OutlineError> all;
    for (OutlineKind* kind : outlineKinds)
        if (auto error = kind(outline))
            all.push_back(std::move(*error));
    return all;
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
