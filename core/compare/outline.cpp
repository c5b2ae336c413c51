#include "core/compare/outline.h"

#include "core/compare/registration.h"
#include "core/compare/straights.h"
#include "core/head/surface_in_view.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace zokran {

namespace {

/// What the reference's picture shows, as it stands round the drawn ball.
class CarriedOutline {
public:
    CarriedOutline(const PhotoMarks& photo, const Fit& fitted, const SketchMarks& page, const Comparison& c, Pixels both)
        : reference(photo), sketch(page), fit(fitted), comparison(c), bothNoises(both),
          noise(hypot(page.noiseOrDefault(), c.sketchView.scale / fitted.view.scale * photo.noiseOrDefault()) /
                c.sketchView.inPicture({1})),
          turned(angleBetween(c.sketchView.facing(), fitted.view.facing())),
          drawn_(c.sketchView), by_{drawn_.scale / fitted.view.scale, drawn_.pose().lean - fitted.view.pose().lean, {0, 0}} {
        by_.shift = drawn_.centre - by_(fitted.view.centre);
        // The ball lies behind the middle of the drawn face as it does in the photograph: where the face stands is known more
        // surely than what is behind it.
        const HeadPoint face = (fitted.head[Mark::Brow] + fitted.head[Mark::NoseBase]) / 2;
        const PicturePoint ball = drawn_.project(face) - (by_(fitted.view.project(face)) - by_(fitted.view.centre));
        body_ = {by_.scale, c.registration.rotation, {0, 0}};
        body_.shift = ball - body_(fitted.view.centre);
    }
    /// The standard deviation that the turn between the two adds, at so much a radian.
    double forTurn(double perRadian) const { return perRadian * turned.value; }
    bool both(DrawnLine line) const { return reference.lines.has(line) && sketch.lines.has(line); }
    SketchPoint carried(const PicturePoint& at) const { return by_(PhotoPoint(at)); }
    /// Of the body, which does not lean with the head: turned as the two pictures lie over one another, for a sheet that
    /// was photographed askew is no error, and not at all where the page is held.
    SketchPoint carriedBody(const PicturePoint& at) const { return body_(PhotoPoint(at)); }
    /// Which way on the sketch is down in the photograph, of length 1.
    Eigen::Vector2d bodyDown() const { return clockwiseRotation(body_.rotation) * Eigen::Vector2d::UnitY(); }
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
    Similarity by_, body_;
};

using OutlineKind = std::vector<OutlineError>(const CarriedOutline& outline);

/// Where the widest place is, is felt more than seen; measured on casts turned this way and that. Ball radii, and for each
/// radian between the two turns.
constexpr double whereItIs = 0.03, perTurned = 0.25;

/// How far an outline stands out from the ball's centre along a direction of length 1, ball radii: its outermost crossing, or
/// the nearer of its ends where the direction passes it by.
double standsOut(const std::vector<Eigen::Vector2d>& outline, const Eigen::Vector2d& way) {
    const auto aside = [&](const Eigen::Vector2d& p) { return way.x() * p.y() - way.y() * p.x(); };
    double furthest = 0;
    for (std::size_t i = 1; i < outline.size(); ++i) {
        const double a = aside(outline[i - 1]), b = aside(outline[i]);
        if ((a > 0) == (b > 0))
            continue;
        const Eigen::Vector2d crossing = outline[i - 1] + a / (a - b) * (outline[i] - outline[i - 1]);
        furthest = std::max(furthest, way.dot(crossing));
    }
    if (furthest > 0)
        return furthest;
    const Eigen::Vector2d &first = outline.front(), &last = outline.back();
    return (way.dot(first.normalized()) > way.dot(last.normalized()) ? first : last).norm();
}

/// How far the hair stands out from the ball: all of it, or one side or the top by itself.
std::vector<OutlineError> hair(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Hair))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Hair], &drawn = o.sketch.lines[DrawnLine::Hair];
    constexpr std::string_view ids[] = {"hair_volume", "hair_left", "hair_top", "hair_right"};
    // Three points stand for the widest places and the highest, wherever these are drawn; of more, every one is asked in its
    // own direction, and each third of them tells of a side or the top.
    const bool areNamed = seen.size() == 3 && drawn.size() == 3;
    const std::vector<PicturePoint> edge = strokesThrough(DrawnLine::Hair, seen).front();
    std::vector<Eigen::Vector2d> outline;
    for (const PicturePoint& at : edge)
        outline.push_back(o.fromBall(o.carried(at)));
    const auto third = [&](std::size_t i) { return 3 * i / drawn.size(); };
    double offs[3] = {0, 0, 0}, counts[3] = {0, 0, 0};
    std::vector<OutlineMove> moves;
    for (std::size_t i = 0; i < drawn.size(); ++i) {
        const Eigen::Vector2d is = o.fromBall(drawn[i]);
        if (!(is.norm() > 0))
            return {};
        const double far = areNamed ? o.fromBall(o.carried(seen[i])).norm() : standsOut(outline, is / is.norm());
        offs[third(i)] += is.norm() - far;
        counts[third(i)] += 1;
        moves.push_back({SketchPoint(drawn[i]), o.at(is / is.norm() * far)});
    }
    for (std::size_t part = 0; part < 3; ++part)
        offs[part] /= counts[part];
    const double own = std::hypot(o.noise, whereItIs), common = o.forTurn(perTurned);
    // An error that a steady hand makes too has no direction. Three points tell a side from the whole only where the sides err
    // in opposite directions; with more points it is enough that they differ by more than these standard deviations.
    const auto [least, most] = std::minmax_element(std::begin(offs), std::end(offs));
    constexpr double apart = 3;
    const bool areOpposed = *least < -own && own < *most;
    const bool isOneWay = areNamed ? !areOpposed : *most - *least < apart * own;
    if (isOneWay)
        return {{std::string(ids[0]), DrawnLine::Hair, AmountUnit::BallRadius, (offs[0] + offs[1] + offs[2]) / 3,
                 std::hypot(own / std::sqrt(3.0), common), moves}};
    // Too far out here and too near there cancel in the mean: each is told by itself, and more surely, since three are asked.
    constexpr double moreSurely = 1.8;
    std::vector<OutlineError> errors;
    for (std::size_t side = 0; side < 3; ++side) {
        OutlineError error{std::string(ids[side + 1]), DrawnLine::Hair, AmountUnit::BallRadius, offs[side],
                           moreSurely * std::hypot(own, common), moves};
        for (std::size_t i = 0; i < drawn.size(); ++i)
            if (third(i) != side)
                error.moves[i].belongs = error.moves[i].drawn;
        errors.push_back(std::move(error));
    }
    return errors;
}

/// How high the hairline runs: all of it, or at a temple or its middle by itself.
std::vector<OutlineError> hairline(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Hairline))
        return {};
    const auto& drawn = o.sketch.lines[DrawnLine::Hairline];
    const auto belongs = expectedPlaces(DrawnLine::Hairline, o.reference.lines[DrawnLine::Hairline], o.fit, o.comparison);
    const View& view = o.comparison.sketchView;
    const Radians lean = view.pose().lean;
    const Eigen::Vector2d up(sin(lean), -cos(lean)); // along the head as drawn
    constexpr std::string_view ids[] = {"hairline_line", "hairline_left", "hairline_middle", "hairline_right"};
    constexpr double aboutThere = 0.02, onTurned = 0.1; // where hair begins is no sharp line: common practice, no source
    const double sigma = std::hypot(o.noise, std::hypot(aboutThere, o.forTurn(onTurned)));
    double offs[3];
    std::vector<OutlineMove> still, moved;
    for (std::size_t i = 0; i < 3; ++i) {
        const SketchPoint at(drawn[i]);
        offs[i] = up.dot(at - belongs[i]) / view.scale;
        still.push_back({at, at});
        moved.push_back({at, SketchPoint(at - offs[i] * view.scale * up)});
    }
    const auto [least, most] = std::minmax_element(std::begin(offs), std::end(offs));
    if (*most - *least < 2 * sigma) {
        // Where its middle is a mark, that tells it.
        if (o.comparison.placements[Mark::Hairline])
            return {};
        return {{std::string(ids[0]), DrawnLine::Hairline, AmountUnit::BallRadius, (offs[0] + offs[1] + offs[2]) / 3, sigma, moved}};
    }
    std::vector<OutlineError> errors;
    for (std::size_t i = 0; i < 3; ++i) {
        OutlineError error{std::string(ids[i + 1]), DrawnLine::Hairline, AmountUnit::BallRadius, offs[i], sigma, still};
        error.moves[i] = moved[i];
        errors.push_back(std::move(error));
    }
    return errors;
}

/// How wide each nostril shows, turned as the drawing is: both at once, or one by itself.
std::vector<OutlineError> nostrils(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Nostrils))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Nostrils], &drawn = o.sketch.lines[DrawnLine::Nostrils];
    if (seen.size() != drawn.size())
        return {};
    const auto belongs = expectedPlaces(DrawnLine::Nostrils, seen, o.fit, o.comparison);
    const double scale = o.comparison.sketchView.scale;
    // The dark of a nostril fades at its ends; what a turn shows of it, the skin's surface only roughly tells.
    constexpr double aboutThere = 0.005, onTurned = 0.6;
    struct Width {
        double share, sigma;
        std::array<OutlineMove, 2> ends;
    };
    std::vector<Width> widths;
    std::vector<OutlineMove> still;
    for (std::size_t i = 0; i + 1 < drawn.size(); i += 2) {
        const SketchPoint from(drawn[i]), to(drawn[i + 1]), middle = (from + to) / 2;
        const double should = (belongs[i + 1] - belongs[i]).norm(), is = (to - from).norm();
        if (!(should > 0) || !(is > 0))
            return {};
        const double placed = std::sqrt(2.0) * (hypot(o.bothNoises, Pixels{aboutThere * scale}) / Pixels{should});
        const Eigen::Vector2d half = should / is * (to - middle);
        widths.push_back({is / should - 1,
                          std::hypot(placed, o.forTurn(onTurned)),
                          {OutlineMove{from, SketchPoint(middle - half)}, OutlineMove{to, SketchPoint(middle + half)}}});
        still.push_back({from, from});
        still.push_back({to, to});
    }
    if (widths.size() == 2) {
        const Width &left = widths[0], &right = widths[1];
        if (std::abs(left.share - right.share) < 1.5 * std::hypot(left.sigma, right.sigma))
            return {{"nostrils_wide", DrawnLine::Nostrils, AmountUnit::Share, (left.share + right.share) / 2,
                     std::hypot(left.sigma, right.sigma) / 2, {left.ends[0], left.ends[1], right.ends[0], right.ends[1]}}};
    }
    std::vector<OutlineError> errors;
    for (std::size_t i = 0; i < widths.size(); ++i) {
        const bool isLeft = widths.size() == 2 ? i == 0 : belongs[0].x() < o.comparison.sketchView.project(o.fit.head[Mark::NoseBase]).x();
        OutlineError error{isLeft ? "nostril_left" : "nostril_right", DrawnLine::Nostrils, AmountUnit::Share, widths[i].share,
                           widths[i].sigma, still};
        error.moves[2 * i] = widths[i].ends[0];
        error.moves[2 * i + 1] = widths[i].ends[1];
        errors.push_back(std::move(error));
    }
    return errors;
}

/// The angle between two directions on the sheet, radians: above zero where the second is turned clockwise, as seen, from the
/// first.
double turnedClockwise(const Eigen::Vector2d& from, const Eigen::Vector2d& to) {
    return std::atan2(from.x() * to.y() - from.y() * to.x(), from.dot(to));
}

/// By how much a hand misjudges a slant that it copies: common practice, no source.
constexpr double slantFelt = toRadians(Degrees{1.5}).value;

/// The slants of the neck's two sides, where two places of each were laid in both pictures.
std::vector<OutlineError> neckSlants(const CarriedOutline& o) {
    const auto &seen = o.reference.lines[DrawnLine::Neck], &drawn = o.sketch.lines[DrawnLine::Neck];
    std::vector<OutlineError> errors;
    if (seen.size() != 4 || drawn.size() != 4)
        return errors;
    const auto seenSides = neckSides(seen), drawnSides = neckSides(drawn);
    for (std::size_t side = 0; side < 2; ++side) {
        const auto& [upper, lower] = drawnSides[side];
        const Eigen::Vector2d belongs = o.carriedBody(seenSides[side].lower) - o.carriedBody(seenSides[side].upper);
        const Eigen::Vector2d is = lower - upper;
        if (!(belongs.norm() > 0) || !(is.norm() > 0))
            return {};
        // At the viewer's left a lower end too far out is turned clockwise as seen, at the right the other way.
        const double outward = (side == 0 ? 1 : -1) * turnedClockwise(belongs, is);
        const double placed = std::sqrt(2.0) * (o.bothNoises / Pixels{is.norm()});
        OutlineError error{side == 0 ? "neck_slant_left" : "neck_slant_right",
                           DrawnLine::Neck,
                           AmountUnit::Radian,
                           outward,
                           std::hypot(placed, slantFelt),
                           {}};
        for (const auto& each : drawnSides)
            for (const PicturePoint& at : {each.upper, each.lower})
                error.moves.push_back({SketchPoint(at), SketchPoint(at)});
        error.moves[2 * side + 1].belongs = SketchPoint(upper) + belongs.normalized() * is.norm();
        errors.push_back(std::move(error));
    }
    return errors;
}

/// How wide the neck is, where it stands under the head, and how its sides slant.
std::vector<OutlineError> neck(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Neck))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Neck], &drawn = o.sketch.lines[DrawnLine::Neck];
    const auto seenSides = neckSides(seen), drawnSides = neckSides(drawn);
    const SketchPoint left = o.carried(seenSides[0].middle()), right = o.carried(seenSides[1].middle());
    const SketchPoint drawnLeft(drawnSides[0].middle()), drawnRight(drawnSides[1].middle());
    const double belongs = (right - left).norm(), is = (drawnRight - drawnLeft).norm();
    if (!(belongs > 0) || !(is > 0))
        return {};
    OutlineError width{"neck_width", DrawnLine::Neck, AmountUnit::Share, is / belongs - 1, 0, {}};
    width.sigma = std::hypot(std::sqrt(2.0) * o.noise / (o.fromBall(right) - o.fromBall(left)).norm(),
                             std::hypot(whereItIs, o.forTurn(perTurned)));
    // It is mended where it was drawn: both sides, as far apart as they belong.
    const SketchPoint middle = (drawnLeft + drawnRight) / 2, should = (left + right) / 2;
    const Eigen::Vector2d across = (right - left) / belongs;
    const Eigen::Vector2d further = (belongs / is - 1) * (drawnRight - middle);
    for (std::size_t i = 0; i < drawn.size(); ++i) {
        const Eigen::Vector2d by = 2 * i < drawn.size() ? Eigen::Vector2d(-further) : further;
        width.moves.push_back({SketchPoint(drawn[i]), SketchPoint(SketchPoint(drawn[i]) + by)});
    }
    OutlineError place{"neck_across",
                       DrawnLine::Neck,
                       AmountUnit::BallRadius,
                       across.dot(o.fromBall(middle) - o.fromBall(should)),
                       std::hypot(std::hypot(o.noise, whereItIs), 2 * o.forTurn(perTurned)),
                       {}};
    const double shift = across.dot(should - middle);
    for (const PicturePoint& at : drawn)
        place.moves.push_back({SketchPoint(at), SketchPoint(SketchPoint(at) + shift * across)});
    std::vector<OutlineError> errors = neckSlants(o);
    errors.insert(errors.begin(), {width, place});
    return errors;
}

/// How long the neck is, from the face to the pit; and how wide the shoulders are and how they slope.
std::vector<OutlineError> shoulders(const CarriedOutline& o) {
    if (!o.both(DrawnLine::Shoulders))
        return {};
    const auto &seen = o.reference.lines[DrawnLine::Shoulders], &drawn = o.sketch.lines[DrawnLine::Shoulders];
    std::vector<OutlineMove> still;
    for (const PicturePoint& at : drawn)
        still.push_back({SketchPoint(at), SketchPoint(at)});
    const SketchPoint pit(drawn[0]), should = o.carriedBody(seen[0]);
    const double faceIsAt = std::hypot(o.noise, std::hypot(whereItIs, o.forTurn(perTurned)));
    const Eigen::Vector2d down = o.bodyDown();
    const double lower = down.dot(pit - should);
    OutlineError length{"neck_length", DrawnLine::Shoulders, AmountUnit::BallRadius, lower / o.comparison.sketchView.scale,
                        faceIsAt, still};
    // The shoulders go along with the pit between them.
    for (OutlineMove& move : length.moves)
        move.belongs = SketchPoint(move.drawn - lower * down);
    if (seen.size() != 3 || drawn.size() != 3)
        return {length};
    const Eigen::Vector2d belongs = o.carriedBody(seen[2]) - o.carriedBody(seen[1]);
    const SketchPoint left(drawn[1]), right(drawn[2]), middle = (left + right) / 2;
    const Eigen::Vector2d is = right - left;
    if (!(belongs.norm() > 0) || !(is.norm() > 0))
        return {length};
    const double placed = std::sqrt(2.0) * o.noise * o.comparison.sketchView.scale / is.norm();
    OutlineError width{"shoulder_width", DrawnLine::Shoulders, AmountUnit::Share, is.norm() / belongs.norm() - 1,
                       std::hypot(placed, faceIsAt), still};
    const double share = belongs.norm() / is.norm();
    width.moves[1].belongs = middle + share * (left - middle);
    width.moves[2].belongs = middle + share * (right - middle);
    OutlineError slope{"shoulder_slope",
                       DrawnLine::Shoulders,
                       AmountUnit::Radian,
                       turnedClockwise(belongs, is),
                       std::hypot(placed, slantFelt),
                       still};
    const Eigen::Vector2d half = belongs.normalized() * is.norm() / 2;
    slope.moves[1].belongs = middle - half;
    slope.moves[2].belongs = middle + half;
    return {length, width, slope};
}

/// The straights along the face, or along another shape.
template <DrawnLine line>
std::vector<OutlineError> straights(const CarriedOutline& o) {
    if (!o.both(line))
        return {};
    StraightRun run{line, {}, expectedPlaces(line, o.reference.lines[line], o.fit, o.comparison), o.bothNoises,
                    o.sketch.noise.has_value(), o.comparison.sketchView.scale};
    for (const PicturePoint& at : o.sketch.lines[line])
        run.drawn.push_back(SketchPoint(at));
    return straightErrors(run);
}

/// Errors of the outline: another is a function above and its name here.
constexpr OutlineKind* outlineKinds[] = {hair,      hairline, nostrils, neck, shoulders, straights<DrawnLine::Face>,
                                         straights<DrawnLine::Shape>};

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

std::vector<SketchPoint> expectedPlaces(DrawnLine line, const std::vector<PicturePoint>& onPhoto, const Fit& fit,
                                           const Comparison& comparison) {
    std::vector<SketchPoint> expected;
    std::optional<SurfaceInView> skin;
    if (isOnSkin(line))
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
