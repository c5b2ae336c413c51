#include "core/compare/compare.h"

#include "core/compare/explain.h"
#include "core/compare/findings.h"
#include "core/compare/outline.h"
#include "core/fit/fit.h"
#include "core/fit/pose_spread.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// A mark that was hidden in the reference is only known as well as heads are alike.
constexpr double unseenSpread = 0.08;
/// A copy on paper has no lens of its own; its perspective may stray this far from the photo's.
constexpr double copiedDistanceSpread = 0.05;
/// The shortest an axis of the head is taken to be drawn, when lengths are read along it.
constexpr double shortestAxis = 0.4;
/// A reference nearer to the front than this has nothing to straighten, radians.
constexpr Radians frontal{0.17};

constexpr std::pair<std::string_view, Hold> holdWords[] = {
    {"all", Hold::All}, {"ball", Hold::Ball}, {"eyes", Hold::Eyes}, {"page", Hold::Page}};

/// The fitted head, moved to where the reference's own marks say it is, so that a faithful copy has
/// nothing to answer for.
HeadMarks sitterAsMarked(const MarkSheet& marks, const Fit& fit) {
    HeadMarks sitter = fit.head;
    for (Mark m : marks.seenMarks())
        if (std::find(fit.outliers.begin(), fit.outliers.end(), m) == fit.outliers.end())
            sitter[m] = fit.view.liftInPlaneOf(fit.head[m], *marks.seen(m));
    return sitter;
}

Similarity pageSimilarity(const MarkSheet& from, const MarkSheet& to) {
    // The two frames laid over one another by their middles, the smaller ratio deciding, as a sheet
    // ruled to the photo's shape would be.
    Similarity s;
    s.scale = std::min(static_cast<double>(to.width) / from.width,
                       static_cast<double>(to.height) / from.height);
    s.shift =
        PicturePoint(to.width, to.height) / 2 - s.scale * PicturePoint(from.width, from.height) / 2;
    return s;
}

Similarity registrationFor(const MarkSheet& reference, const Fit& fit, const MarkSheet& sketch,
                           const HeadMarks& sitter, Hold hold) {
    using enum Mark;
    if (hold == Hold::Page)
        return pageSimilarity(reference, sketch);
    std::vector<PicturePoint> from, to;
    for (Mark m : sketch.seenMarks()) {
        const bool eye = m >= InnerEyeL && m <= PupilR;
        const bool both = reference.seen(m).has_value();
        if (both && (hold != Hold::Eyes || eye)) {
            from.push_back(fit.view.project(sitter[m]));
            to.push_back(*sketch.seen(m));
        }
    }
    Similarity s = bestSimilarity(from, to);
    if (hold == Hold::Ball) {
        if (!reference.ball || !sketch.ball)
            throw BadMarks({MarksTrouble::Kind::BallNotInBoth});
        s.scale = sketch.ball->radius / reference.ball->radius;
        s.shift = {0, 0};
        s.shift = sketch.ball->centre - s(reference.ball->centre);
    }
    return s;
}

View carried(const View& view, const Similarity& by) {
    View moved = view;
    // Clockwise as seen is a turn by a negative angle about the axis towards the viewer.
    moved.rotation = aboutSight(-by.rotation) * view.rotation;
    moved.centre = by(view.centre);
    moved.principal = by(view.principal);
    moved.scale = by.scale * view.scale;
    return moved;
}

Placement placementOf(const PicturePoint& drawn, const HeadPoint& p, const View& view,
                      const HeadMarks& sitter, Pixels noise, const CompareOptions& options) {
    Placement placement;
    placement.drawn = drawn;
    placement.belongs = view.project(p);
    const PicturePoint off = drawn - placement.belongs;
    // The head's axes as drawn at this mark, px per ball radius.
    const double step = 1e-4;
    PicturePoint up = (view.project(p + step * HeadPoint::UnitY()) -
                       view.project(p - step * HeadPoint::UnitY())) /
                      (2 * step);
    // Across is the brow line's direction as drawn. Near the profile it shrinks to nothing but
    // keeps its direction, square to the lean.
    const Pose pose = view.pose();
    const double reach = std::max(cos(pose.turn), shortestAxis) * view.scale;
    const PicturePoint across = reach * PicturePoint(cos(pose.lean), sin(pose.lean));
    if (up.norm() < shortestAxis * view.scale)
        up = shortestAxis * view.scale * PicturePoint(sin(pose.lean), -cos(pose.lean));
    Eigen::Matrix2d axes;
    axes << up, across;
    const Eigen::Vector2d along = axes.inverse() * off;
    const double height = headHeight(sitter).value;
    placement.up = 100 * along[0] / height;
    placement.across = 100 * along[1] / height;
    placement.doubt = 100 * noise.value / (view.scale * height);
    placement.eyeWidths = off.norm() / (view.scale * eyeWidth(sitter).value);
    if (options.perPixel)
        placement.onPaper = Pixels{off.norm()} * *options.perPixel;
    return placement;
}

/// Nobody said how steady the hand is that placed the marks. What the first explanation leaves over
/// tells: a share of the usual noise, between a quarter of it and the whole. The median is not
/// moved by a mark or two that are truly out of place.
constexpr std::size_t enoughToTell = 4;
double steadiness(const Explanation& first, Pixels usual) {
    std::vector<double> left;
    for (const PicturePoint& d : first.unexplained) {
        left.push_back(std::abs(d.x()));
        left.push_back(std::abs(d.y()));
    }
    const auto middle = left.begin() + static_cast<long>(left.size() / 2);
    std::nth_element(left.begin(), middle, left.end());
    // 1.48 turns the median of a normal's absolute values into its deviation; the rest makes up for
    // the freedom the explanation had.
    return std::clamp(1.25 * 1.48 * *middle / usual.value, 0.25, 1.0);
}

} // namespace

std::optional<Hold> holdNamed(std::string_view word) {
    for (const auto& [name, hold] : holdWords)
        if (name == word)
            return hold;
    return std::nullopt;
}

std::string_view wordOf(Hold hold) {
    for (const auto& [name, known] : holdWords)
        if (known == hold)
            return name;
    return holdWords[0].first;
}

Comparison compareSketch(const PhotoMarks& referenceMarks, const Fit& reference,
                         const SketchMarks& sketchMarks, const CompareOptions& options) {
    if (auto missing = whatIsMissing(sketchMarks)) {
        missing->inSketch = true;
        throw BadMarks(*missing);
    }
    Comparison c;
    c.sitter = sitterAsMarked(referenceMarks, reference);
    c.referencePose = reference.pose;
    c.registration =
        registrationFor(referenceMarks, reference, sketchMarks, c.sitter, options.hold);
    c.registeredView = carried(reference.view, c.registration);

    const View& faithful = c.registeredView;
    const bool held = options.hold != Hold::All;
    const Pixels noise = sketchMarks.noiseOrDefault();
    double bothNoises =
        std::hypot(noise.value, referenceMarks.noiseOrDefault().value * c.registration.scale);
    HeadProblem problem(faithful.principal, {faithful.scale});
    problem.meanLogDistance = -std::log(std::max(faithful.nearness, 1e-4));
    problem.logDistanceSpread = copiedDistanceSpread;
    if (held)
        problem.pageHeld = faithful;
    // Of a mark the fit of the reference itself does not believe nothing is claimed.
    const auto doubted = [&](Mark m) {
        return std::find(reference.outliers.begin(), reference.outliers.end(), m) !=
               reference.outliers.end();
    };
    for (Mark m : sketchMarks.seenMarks()) {
        if (doubted(m))
            continue;
        const double spread = referenceMarks.seen(m) ? 0 : unseenSpread * faithful.scale;
        problem.observations.push_back(
            {m, c.sitter[m], *sketchMarks.seen(m), {std::hypot(bothNoises, spread)}});
    }

    // What was drawn as a line lies somewhere on the line it stands for. A pencil's line over a form is rougher than a mark.
    constexpr double lineSpread = 0.025;
    for (DrawnLine line : {DrawnLine::Centre, DrawnLine::Brow})
        for (const PicturePoint& at : sketchMarks.lines[line])
            problem.onLines.push_back(
                {curveOf(line, c.sitter), at, {std::hypot(bothNoises, lineSpread * faithful.scale)}});
    if (!problem.onLines.empty())
        problem.ball = sketchMarks.ball;

    const std::vector<ErrorMode> modes = errorModes(c.sitter, faithful, held);
    Explanation explanation = explain(problem, modes, faithful);
    if (!sketchMarks.noise && problem.observations.size() >= enoughToTell) {
        const double share = steadiness(explanation, {bothNoises});
        if (share < 1) {
            bothNoises *= share;
            for (auto& o : problem.observations)
                o.deviation.value *= share;
            explanation = explain(problem, modes, faithful);
        }
    }
    c.sketchView = explanation.view;
    c.sketchPose = c.sketchView.pose();
    c.sketchSigma = poseSpread(c.sketchView.facing(), explanation.facingCovariance);

    const Eigen::Vector2d was(c.referencePose.turn.value, c.referencePose.tilt.value);
    const Eigen::Vector2d is(c.sketchPose.turn.value, c.sketchPose.tilt.value);
    c.straightening = was.norm() > frontal.value ? 1 - is.dot(was) / was.squaredNorm() : 0;

    for (Mark m : sketchMarks.seenMarks()) {
        c.asSeen[m] = faithful.project(c.sitter[m]);
        c.placements[m] = placementOf(*sketchMarks.seen(m), c.sitter[m], c.sketchView, c.sitter,
                                      {bothNoises}, options);
    }
    for (DrawnLine line : allDrawnLines)
        if (referenceMarks.lines.has(line) && sketchMarks.lines.has(line))
            c.linesCompared.push_back(line);
    c.findings = findingsFor(c, explanation, outlineErrors(referenceMarks, reference, sketchMarks, c.sketchView), options);
    return c;
}

HeadMarks drawnHead(const Comparison& c) {
    HeadMarks head = c.sitter;
    for (int i = 0; i < markCount; ++i)
        if (const auto& p = c.placements[markAt(i)])
            head[markAt(i)] = c.sketchView.liftInPlaneOf(head[markAt(i)], p->drawn);
    return head;
}

} // namespace zokran
