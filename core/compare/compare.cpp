#include "core/compare/compare.h"

#include "core/compare/model_selection.h"
#include "core/compare/expression_errors.h"
#include "core/compare/findings.h"
#include "core/compare/outline.h"
#include "core/fit/fit.h"
#include "core/fit/head_estimation.h"
#include "core/fit/pose_spread.h"

#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// A mark that was hidden in the reference is only known as well as heads are alike.
constexpr BallRadii unseenSpread{0.08};
/// A copy on paper has no lens of its own; its perspective may differ this much from the photo's.
constexpr double copiedDistanceSpread = 0.05;
/// The shortest an axis of the head is taken to be drawn, when lengths are read along it.
constexpr double shortestAxis = 0.4;
/// A reference nearer to the front than this has nothing to straighten, radians.
constexpr Radians frontal{0.17};

constexpr std::pair<std::string_view, Hold> holdWords[] = {
    {"all", Hold::All}, {"ball", Hold::Ball}, {"eyes", Hold::Eyes}, {"page", Hold::Page}};

/// Of a mark that the fit of the reference itself does not believe nothing is claimed.
bool isDoubted(Mark m, const PhotoMarks& reference, const Fit& fit) {
    using enum Mark;
    // Where in its eye an iris looks is the sitter's affair, however unlike the average that is.
    for (const auto& [pupil, inner, outer] : {std::tuple{PupilL, InnerEyeL, OuterEyeL}, {PupilR, InnerEyeR, OuterEyeR}})
        if (const auto at = reference.seen(m); m == pupil && at && reference.seen(inner) && reference.seen(outer)) {
            const PhotoPoint from = *reference.seen(inner);
            const Eigen::Vector2d across = *reference.seen(outer) - from;
            const double along = across.dot(*at - from) / across.squaredNorm();
            if (along > 0 && along < 1)
                return isDoubted(inner, reference, fit) || isDoubted(outer, reference, fit);
        }
    return std::find(fit.outliers.begin(), fit.outliers.end(), m) != fit.outliers.end();
}

/// The fitted head, moved to where the reference's own marks say it is, so that a faithful copy has
/// nothing to answer for.
HeadMarks sitterAsMarked(const MarkSheet& marks, const Fit& fit) {
    HeadMarks sitter = fit.head;
    for (Mark m : marks.seenMarks())
        if (!isDoubted(m, marks, fit))
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

/// An iris in an eye whose corners are drawn: it follows the look and tells nothing of the head.
bool isIris(Mark m, const SketchMarks& sketch) {
    using enum Mark;
    return (m == PupilL && sketch.seen(InnerEyeL) && sketch.seen(OuterEyeL)) ||
           (m == PupilR && sketch.seen(InnerEyeR) && sketch.seen(OuterEyeR));
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
        if (both && (hold != Hold::Eyes || eye) && !isIris(m, sketch)) {
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
    const BallRadii height = headHeight(sitter);
    placement.up = 100 * (BallRadii{along[0]} / height);
    placement.across = 100 * (BallRadii{along[1]} / height);
    placement.doubt = 100 * (noise / view.inPicture(height));
    placement.eyeWidths = Pixels{off.norm()} / view.inPicture(eyeWidth(sitter));
    if (options.perPixel)
        placement.onPaper = Pixels{off.norm()} * *options.perPixel;
    return placement;
}

/// Nobody said how steady the hand is that placed the marks. What the first explanation leaves over
/// tells: a share of the usual noise, between a quarter of it and the whole. The median is not
/// moved by a mark or two that are truly out of place.
constexpr std::size_t enoughToTell = 4;
double steadiness(const std::vector<PicturePoint>& unexplained, Pixels usual) {
    std::vector<Pixels> left;
    for (const PicturePoint& d : unexplained) {
        left.push_back({std::abs(d.x())});
        left.push_back({std::abs(d.y())});
    }
    const auto middle = left.begin() + static_cast<long>(left.size() / 2);
    std::nth_element(left.begin(), middle, left.end());
    // 1.48 turns the median of a normal's absolute values into its deviation; the rest makes up for
    // the freedom the explanation had.
    return std::clamp(1.25 * 1.48 * (*middle / usual), 0.25, 1.0);
}

/// The first explanation may lay a single misplaced feature to the pose; what that leaves over everywhere then looks like an
/// unsteady hand, behind which the feature hides. A robust fit of the pose alone leaves the feature aside instead. With few
/// marks it would follow their noise.
constexpr std::size_t enoughForRobustFit = 12;
double steadinessByRobustFit(HeadProblem problem, const View& faithful, Pixels usual) {
    if (problem.observations.size() < enoughForRobustFit)
        return 1;
    problem.robustness = 1;
    for (HeadProblem::Observation& o : problem.observations)
        o.deviation *= 0.5;
    HeadProblem::State state{faithful, {}};
    estimate(problem, state, {60});
    // The fit has seven parameters, and its median is small where it follows the nearest marks: by 1.5 nothing is claimed of
    // drawings that differ by the marks' noise alone (test_compare).
    const auto residuals = 2 * static_cast<double>(problem.observations.size());
    return 1.5 * residuals / (residuals - 7) * steadiness(deviations(problem, state), usual);
}

/// The part of a sketch mark's noise that the reference's mark does not share. The noise of a mark that was found by registering
/// the sketch to the photograph contains that of the photograph's mark: both are displaced alike, which is no error of the
/// drawing.
Pixels ownNoise(Mark m, const PhotoMarks& reference, const SketchMarks& sketch, double scale) {
    const Pixels onSketch = sketch.marks[m]->noise.value_or(Pixels{0});
    const Pixels onPhoto = reference.seen(m) ? scale * reference.marks[m]->noise.value_or(Pixels{0}) : Pixels{0};
    return onSketch > onPhoto ? std::sqrt(1 - std::pow(onPhoto / onSketch, 2)) * onSketch : onSketch;
}

/// What the drawn features that move say, beside the head as drawn.
ExpressionEvidence expressionEvidence(const Comparison& c, const PhotoMarks& reference, const SketchMarks& sketch,
                                      const Fit& fit, const HeadMarks& drawn, const ExpressionPlaces& drawnExpression,
                                      Pixels noise) {
    using enum Mark;
    /// What the surface's depth and the pose leave open.
    constexpr BallRadii modelSpread{0.004};
    ExpressionEvidence evidence;
    const auto observe = [&](const HeadPoint& place, const SketchPoint& at, const PlacedMark& onPhoto,
                             const PlacedMark& onSketch) {
        Pixels deviation = noise;
        evidence.noiseIsKnown = evidence.noiseIsKnown || onSketch.noise.has_value();
        if (onPhoto.noise || onSketch.noise)
            deviation = std::max(
                deviation, hypot(onPhoto.noise.value_or(Pixels{0}) * c.registration.scale, onSketch.noise.value_or(Pixels{0})));
        return ExpressionObservation{place, at - c.sketchView.project(place),
                                     hypot(deviation, c.sketchView.inPicture(modelSpread)).value};
    };
    evidence.view = c.sketchView;
    evidence.headHeight = headHeight(c.sitter);
    evidence.noiseIsKnown = sketch.noise.has_value();
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const ExpressionMark m = expressionMarkAt(i); c.expressionPlacements[m])
            evidence.marks[m] = observe(*drawnExpression[m], *sketch.expression[m]->at, *reference.expression[m],
                                        *sketch.expression[m]);
    const auto place = [&](Mark m) -> std::optional<ExpressionObservation> {
        if (!sketch.seen(m) || !reference.seen(m) || isDoubted(m, reference, fit))
            return std::nullopt;
        return observe(drawn[m], *sketch.seen(m), *reference.marks[m], *sketch.marks[m]);
    };
    const Mark eyes[2][3] = {{InnerEyeL, OuterEyeL, PupilL}, {InnerEyeR, OuterEyeR, PupilR}};
    const Mark mouth[3] = {MouthCornerL, MouthCornerR, LipLine};
    for (int i = 0; i < 3; ++i) {
        evidence.eyes[0][i] = place(eyes[0][i]);
        evidence.eyes[1][i] = place(eyes[1][i]);
        evidence.mouth[i] = place(mouth[i]);
    }
    return evidence;
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
    c.expressionOfSitter = expressionPlaces(referenceMarks, reference.view, reference.head);
    c.referencePose = reference.pose;
    c.registration =
        registrationFor(referenceMarks, reference, sketchMarks, c.sitter, options.hold);
    c.registeredView = carried(reference.view, c.registration);

    const View& faithful = c.registeredView;
    const bool held = options.hold != Hold::All;
    const Pixels noise = sketchMarks.noiseOrDefault();
    Pixels bothNoises = hypot(noise, referenceMarks.noiseOrDefault() * c.registration.scale);
    HeadProblem problem{faithful.principal, {faithful.scale}};
    problem.meanLogDistance = -std::log(std::max(faithful.nearness, 1e-4));
    problem.logDistanceSpread = copiedDistanceSpread;
    if (held)
        problem.pageHeld = faithful;
    for (Mark m : sketchMarks.seenMarks()) {
        if (isDoubted(m, referenceMarks, reference) || isIris(m, sketchMarks))
            continue;
        const Pixels spread = referenceMarks.seen(m) ? Pixels{0} : faithful.inPicture(unseenSpread);
        problem.observations.push_back({m, c.sitter[m], *sketchMarks.seen(m), hypot(bothNoises, spread)});
    }

    // What was drawn as a line lies somewhere on the line it stands for. A pencil's line over a form is rougher than a mark.
    constexpr BallRadii lineSpread{0.025};
    for (DrawnLine line : {DrawnLine::Centre, DrawnLine::Brow})
        for (const PicturePoint& at : sketchMarks.lines[line])
            problem.lineObservations.push_back({curveOf(line, c.sitter), at, hypot(bothNoises, faithful.inPicture(lineSpread))});
    if (!problem.lineObservations.empty())
        problem.ball = sketchMarks.ball;

    const std::vector<ErrorMode> modes = errorModes(c.sitter, faithful, held, c.expressionOfSitter);
    ModelSelection explanation = selectModel(problem, modes, faithful);
    if (!sketchMarks.noise && problem.observations.size() >= enoughToTell) {
        const double share = std::min(steadiness(explanation.unexplained, bothNoises),
                                      steadinessByRobustFit(problem, faithful, bothNoises));
        if (share < 1) {
            bothNoises *= share;
            // A mark that was found in the drawing and not looked at is known no better than it says itself.
            for (auto& o : problem.observations)
                o.deviation = std::min(o.deviation, std::max(o.deviation * share,
                                                             ownNoise(o.mark, referenceMarks, sketchMarks, c.registration.scale)));
            explanation = selectModel(problem, modes, faithful);
        }
    }
    c.sketchView = explanation.view;
    c.sketchPose = c.sketchView.pose();
    c.sketchSigma = poseSpread(c.sketchView.facing(), explanation.facingCovariance);
    c.loosePose = poseOf(explanation.looseFacing);
    c.looseSigma = poseSpread(explanation.looseFacing, explanation.looseCovariance);

    const auto turnAndTilt = [](const Pose& pose) { return Eigen::Vector2d(pose.turn.value, pose.tilt.value); };
    const Eigen::Vector2d was = turnAndTilt(c.referencePose), is = turnAndTilt(c.sketchPose);
    c.straightening = Radians{was.norm()} > frontal ? 1 - is.dot(was) / was.squaredNorm() : 0;

    for (Mark m : sketchMarks.seenMarks()) {
        c.asSeen[m] = faithful.project(c.sitter[m]);
        c.placements[m] = placementOf(*sketchMarks.seen(m), c.sitter[m], c.sketchView, c.sitter, bothNoises, options);
    }
    HeadMarks drawn = c.sitter;
    ExpressionPlaces drawnExpression = c.expressionOfSitter;
    for (const AdmittedError& e : explanation.errors)
        move(drawn, drawnExpression, e, 1);
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark m = expressionMarkAt(i);
        if (!drawnExpression[m])
            continue;
        c.expressionExpected[m] = c.sketchView.project(*drawnExpression[m]);
        if (const auto& onSketch = sketchMarks.expression[m]; onSketch && onSketch->usable())
            c.expressionPlacements[m] =
                placementOf(*onSketch->at, *drawnExpression[m], c.sketchView, c.sitter, bothNoises, options);
    }
    for (DrawnLine line : allDrawnLines)
        if (referenceMarks.lines.has(line) && sketchMarks.lines.has(line))
            c.linesCompared.push_back(line);
    const OtherErrors others{
        outlineErrors(referenceMarks, reference, sketchMarks, c, bothNoises),
        expressionErrors(expressionEvidence(c, referenceMarks, sketchMarks, reference, drawn, drawnExpression, bothNoises))};
    c.findings = findingsFor(c, explanation, others, options);
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
