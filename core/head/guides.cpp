#include "core/head/guides.h"

#include <cmath>
#include <functional>
#include <numbers>

namespace zokran {

namespace {

using std::numbers::pi;

/// Side planes of the sitter's own form: the side oval at two thirds of the ball.
constexpr double usualSidePlane = 0.7453559924999299;

class Tracer {
public:
    Tracer(const HeadForm& form, const View& view) : form_(form), view_(view) {}

    std::vector<GuideLine> lines;

    /// Adds the curve t -> place(t), t in [0, 1], in pieces.
    void add(std::string_view id, LineKind kind, bool onFace, int samples,
             const std::function<SurfacePoint(double)>& place) {
        auto visible = [&](double t) { return form_.seen(place(t), view_, onFace); };
        GuideLine piece{std::string(id), kind, !visible(0), {view_.project(place(0).at)}};
        for (int i = 1; i <= samples; ++i) {
            const double t = static_cast<double>(i) / samples;
            if (visible(t) == piece.hidden) {
                double before = static_cast<double>(i - 1) / samples, after = t;
                while (after - before > 1e-6) {
                    const double middle = (before + after) / 2;
                    (visible(middle) == piece.hidden ? after : before) = middle;
                }
                const PicturePoint crossing = view_.project(place(after).at);
                piece.points.push_back(crossing);
                lines.push_back(piece);
                piece.hidden = !piece.hidden;
                piece.points = {crossing};
            }
            piece.points.push_back(view_.project(place(t).at));
        }
        lines.push_back(std::move(piece));
    }

    /// A line that is all of one kind of sight, such as an outline.
    void addWhole(std::string_view id, LineKind kind, int samples,
                  const std::function<HeadPoint(double)>& place) {
        GuideLine line{std::string(id), kind, false, {}};
        for (int i = 0; i <= samples; ++i)
            line.points.push_back(view_.project(place(static_cast<double>(i) / samples)));
        lines.push_back(std::move(line));
    }

private:
    const HeadForm& form_;
    const View& view_;
};

std::string sided(std::string_view id, int side) {
    return std::string(id) + (side > 0 ? "_l" : "_r");
}

} // namespace

HeadForm canonForm(const Canon& canon, const HeadMarks& head) {
    return HeadForm(canon.levels, canon.sidePlane(), head);
}

HeadForm sitterForm(const HeadMarks& head) {
    return HeadForm(levelsOf(head), {usualSidePlane}, head);
}

std::vector<GuideLine> guideLines(const HeadForm& form, const View& view) {
    using enum Mark;
    using enum LineKind;
    const Levels& level = form.levels();
    const HeadMarks& head = form.head();
    const double p = form.sidePlane().value;
    Tracer trace(form, view);

    const Circle outline = outlineOfBall(view);
    trace.addWhole("ball", Construction, 96, [&](double t) { return outline.at({2 * pi * t}); });
    for (int side : {+1, -1}) {
        const Circle oval = form.sideOval(side);
        const Eigen::Vector3d normal(side, 0, 0);
        trace.add(sided("side_oval", side), Construction, false, 64, [&](double t) {
            return SurfacePoint{oval.at({2 * pi * t}), normal};
        });
        // The brow line runs on across the side plane, and a plumb line crosses it: the quarter of
        // the oval behind and below them is where the ear goes.
        const double r = oval.u.norm();
        trace.add(sided("side_level", side), Construction, false, 16, [&, r](double t) {
            return SurfacePoint{{side * p, 0, r * (1 - 2 * t)}, normal};
        });
        trace.add(sided("side_plumb", side), Construction, false, 16, [&, r](double t) {
            return SurfacePoint{{side * p, r * (1 - 2 * t), 0}, normal};
        });
    }
    // From the crown forward over the ball to the brow, then down the profile to the chin.
    trace.add("centre_line", Construction, true, 64, [&](double t) {
        const double split = 0.5;
        if (t < split) {
            const double angle = pi / 2 * (1 - t / split);
            const HeadPoint at(0, std::sin(angle), std::cos(angle));
            return SurfacePoint{at, at};
        }
        const double along = (t - split) / (1 - split);
        return form.front({level.brow.value + along * (level.chin.value - level.brow.value)}, 0);
    });
    // Where the face turns away on its far side: the contour that a turned head is known by.
    for (int side : {+1, -1}) {
        GuideLine contour{sided("face_edge", side), Construction, false, {}};
        constexpr int steps = 40;
        for (int i = 0; i <= steps; ++i) {
            const BallRadii y{level.brow.value + 0.25 +
                              i * (level.chin.value - level.brow.value - 0.25) / steps};
            if (const auto at = form.edge(y, side, view))
                contour.points.push_back(view.project(form.front(y, *at).at));
        }
        if (contour.points.size() > 2)
            trace.lines.push_back(std::move(contour));
    }
    auto across = [&](const char* id, LineKind kind, BallRadii y, double width) {
        trace.add(id, kind, true, 40,
                  [&, width](double t) { return form.front(y, width * (2 * t - 1)); });
    };
    across("brow_line", Construction, level.brow, 1);
    across("hairline", Guide, level.hairline, 0.75);
    across("eye_line", Guide, level.eye, 1);
    across("nose_base_line", Guide, level.noseBase, 0.8);
    across("mouth_line", Guide, level.mouth, 0.8);
    across("chin_line", Guide, level.chin, 1);

    for (int side : {+1, -1}) {
        const Mark ear = side > 0 ? EarBaseL : EarBaseR, top = side > 0 ? EarTopL : EarTopR;
        const Mark corner = side > 0 ? JawAngleL : JawAngleR;
        const Mark inner = side > 0 ? InnerEyeL : InnerEyeR, pupil = side > 0 ? PupilL : PupilR;
        const Eigen::Vector3d outward(side, 0, 0);

        // From the ear's base down to the jaw's angle and forward to the chin, as one bent line.
        const HeadPoint chin = form.front(level.chin, side * 0.9).at;
        const HeadPoint jaw(head[corner].x(), head[corner].y(), head[corner].z());
        const HeadPoint start(side * std::min(p, std::abs(head[ear].x())), head[ear].y(),
                              head[ear].z() + 0.08);
        trace.add(sided("jaw_line", side), Construction, true, 32, [=](double t) {
            // A quadratic that passes near the angle and not through a corner.
            const HeadPoint pull = jaw + 0.5 * (jaw - (start + chin) / 2) * 0.6;
            const HeadPoint at = (1 - t) * (1 - t) * start + 2 * t * (1 - t) * pull + t * t * chin;
            return SurfacePoint{at, (outward + Eigen::Vector3d(0, -0.35, 0.2)).normalized()};
        });
        // The ear as an egg on the side plane between its top and its base.
        HeadPoint middle = (head[top] + head[ear]) / 2;
        middle.x() = side * (std::max(p, std::abs(middle.x())) + 0.02);
        Eigen::Vector3d half = (head[top] - head[ear]) / 2;
        half.x() = 0;
        const Eigen::Vector3d forward = 0.55 * half.norm() * Eigen::Vector3d(-0.15 * side, 0, 1);
        trace.add(sided("ear", side), Guide, false, 40, [=](double t) {
            const double a = 2 * pi * t;
            const double wide = 1 + 0.18 * std::cos(a);
            return SurfacePoint{middle + half * std::cos(a) + forward * wide * std::sin(a),
                                outward};
        });
        // Verticals: the inner corner of the eye over the wing of the nose, the pupil over the
        // corner of the mouth.
        auto vertical = [&](const char* id, Mark above, BallRadii low) {
            const double x = side * std::abs(head[above].x());
            trace.add(sided(id, side), Guide, true, 24, [&, x, low](double t) {
                const BallRadii y{level.eye.value + t * (low.value - level.eye.value)};
                return form.front(y, form.acrossAt(y, {x}));
            });
        };
        vertical("wing_plumb", inner, level.noseBase);
        vertical("corner_plumb", pupil, level.mouth);

        // The neck leaves from behind the ear and slopes forward.
        const HeadPoint neckTop(side * 0.52, -0.75, -0.42), neckLow(side * 0.56, -1.85, -0.1);
        trace.add(sided("neck", side), Construction, false, 16, [=](double t) {
            return SurfacePoint{neckTop + t * (neckLow - neckTop), outward};
        });
    }
    return trace.lines;
}

std::string_view wordsForLine(std::string_view id) {
    if (id.ends_with("_l") || id.ends_with("_r"))
        id.remove_suffix(2);
    constexpr std::pair<std::string_view, std::string_view> words[] = {
        {"ball", "ball"},
        {"side_oval", "side oval"},
        {"side_level", "brow level on the side plane"},
        {"side_plumb", "plumb line on the side plane"},
        {"centre_line", "centre line"},
        {"brow_line", "brow line"},
        {"hairline", "hairline"},
        {"eye_line", "eye line"},
        {"nose_base_line", "nose base"},
        {"mouth_line", "mouth"},
        {"chin_line", "chin"},
        {"jaw_line", "jaw"},
        {"ear", "ear"},
        {"wing_plumb", "inner eye over nose wing"},
        {"corner_plumb", "pupil over mouth corner"},
        {"neck", "neck"},
        {"face_edge", "far edge of the face"},
    };
    for (const auto& [key, name] : words)
        if (key == id)
            return name;
    return id;
}

} // namespace zokran
