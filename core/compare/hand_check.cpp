#include "core/compare/hand_check.h"

#include <cmath>
#include <string_view>

namespace zokran {

namespace {

using enum Mark;
using Marks = std::vector<Mark>;

enum class Axis { Upright, Across };

/// What is compared for an error: a length over another.
struct Pair {
    std::string_view id;
    Axis axis;
    Marks from, to, unitFrom, unitTo;
};

const std::vector<Pair>& pairs() {
    static const Marks eyes{InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR};
    static const std::vector<Pair> all{
        {"mouth_height", Axis::Upright, {NoseBase}, {LipLine}, {NoseBase}, {Chin}},
        {"nose_height", Axis::Upright, {Brow}, {NoseBase}, {NoseBase}, {Chin}},
        {"nose_mouth_height", Axis::Upright, {Brow}, {NoseBase}, {NoseBase}, {Chin}},
        {"chin_height", Axis::Upright, {NoseBase}, {Chin}, {Brow}, {NoseBase}},
        {"mouth_chin_height", Axis::Upright, {NoseBase}, {Chin}, {Brow}, {NoseBase}},
        {"nose_mouth_chin_height", Axis::Upright, {Brow}, {NoseBase}, {NoseBase}, {Chin}},
        {"eyes_brow_height", Axis::Upright, {Brow}, {NoseBase}, {NoseBase}, {Chin}},
        {"eyes_nose_height", Axis::Upright, {NoseBase}, {LipLine}, {LipLine}, {Chin}},
        {"lower_face", Axis::Upright, {NoseBase}, {Chin}, {Brow}, {NoseBase}},
        {"eye_height", Axis::Upright, {Brow}, eyes, {Brow}, {NoseBase}},
        {"hairline_height", Axis::Upright, {Hairline}, {Brow}, {Brow}, {NoseBase}},
        {"crown_height", Axis::Upright, {Crown}, eyes, {Crown}, {Chin}},
        {"forehead", Axis::Upright, {Crown}, {Brow}, {Brow}, {Chin}},
        {"face_height", Axis::Upright, {Crown}, eyes, {Crown}, {Chin}},
        {"eyes_apart", Axis::Across, {InnerEyeR}, {InnerEyeL}, {OuterEyeR}, {OuterEyeL}},
        {"eyes_spread", Axis::Across, {InnerEyeR}, {InnerEyeL}, {OuterEyeR}, {OuterEyeL}},
        {"mouth_width", Axis::Across, {MouthCornerR}, {MouthCornerL}, {OuterEyeR}, {OuterEyeL}},
        {"nose_width", Axis::Across, {NoseWingR}, {NoseWingL}, {InnerEyeR}, {InnerEyeL}},
        {"eye_size_l", Axis::Across, {InnerEyeL}, {OuterEyeL}, {OuterEyeR}, {OuterEyeL}},
        {"eye_size_r", Axis::Across, {InnerEyeR}, {OuterEyeR}, {OuterEyeR}, {OuterEyeL}},
    };
    return all;
}

/// Beyond this difference of pose foreshortening changes the numbers by itself.
constexpr Degrees samePose{6};
/// A unit shorter than this share of the ball's radius in the picture measures nothing.
constexpr double shortest = 0.1;

/// The axis of the head in the picture, as a unit vector.
PicturePoint axisOf(const View& view, Axis axis) {
    const PicturePoint to = axis == Axis::Upright ? view.project(HeadPoint(0, 1, 0)) : view.project(HeadPoint(1, 0, 0));
    const PicturePoint from = axis == Axis::Upright ? view.project(HeadPoint(0, -1, 0)) : view.project(HeadPoint(-1, 0, 0));
    return (to - from).normalized();
}

PicturePoint meanOf(const Marks& marks, const std::function<PicturePoint(Mark)>& at) {
    PicturePoint sum(0, 0);
    for (Mark m : marks)
        sum += at(m) / static_cast<double>(marks.size());
    return sum;
}

/// The level at which a school puts a mark; nothing where it says none.
std::optional<BallRadii> levelOf(Mark mark, const Levels& school) {
    switch (mark) {
    case Crown:
        return school.crown;
    case Hairline:
        return school.hairline;
    case Brow:
        return school.brow;
    case InnerEyeL:
    case InnerEyeR:
    case OuterEyeL:
    case OuterEyeR:
        return school.eye;
    case NoseBase:
        return school.noseBase;
    case LipLine:
        return school.mouth;
    case Chin:
        return school.chin;
    default:
        return std::nullopt;
    }
}

} // namespace

std::optional<HandCheck> handCheckFor(const Comparison& c, const Finding& finding) {
    const auto off = [](Radians a, Radians b) { return abs(toDegrees(wrapped(a - b))); };
    if (off(c.sketchPose.turn, c.referencePose.turn) > samePose || off(c.sketchPose.tilt, c.referencePose.tilt) > samePose)
        return std::nullopt;
    for (const Pair& pair : pairs()) {
        if (pair.id != finding.id)
            continue;
        // The marks that both sheets have; the photograph's carried on to the drawing, which leaves shares as they are.
        const auto usable = [&](const Marks& marks) {
            Marks both;
            for (Mark m : marks)
                if (c.placements[m] && c.asSeen[m])
                    both.push_back(m);
            return both;
        };
        HandCheck check{usable(pair.from), usable(pair.to), usable(pair.unitFrom), usable(pair.unitTo)};
        // Of features seen on one side only the mean would lie elsewhere.
        if (check.from.size() != pair.from.size() || check.to.empty() || check.unitFrom.size() != pair.unitFrom.size() ||
            check.unitTo.size() != pair.unitTo.size())
            return std::nullopt;
        check.isUpright = pair.axis == Axis::Upright;
        const auto share = [&](const View& view, auto at) {
            const PicturePoint axis = axisOf(view, pair.axis);
            const auto mean = [&](const Marks& marks) { return meanOf(marks, at); };
            const double unit = std::abs((mean(check.unitTo) - mean(check.unitFrom)).dot(axis));
            const double length = std::abs((mean(check.to) - mean(check.from)).dot(axis));
            return unit > shortest * view.scale ? length / unit : 0;
        };
        check.seen = share(c.registeredView, [&](Mark m) -> PicturePoint { return *c.asSeen[m]; });
        check.drawn = share(c.sketchView, [&](Mark m) -> PicturePoint { return c.placements[m]->drawn; });
        return check.seen > 0 && check.drawn > 0 ? std::optional(check) : std::nullopt;
    }
    return std::nullopt;
}

HandCheckBars barsOf(const HandCheck& check, const View& view, const std::function<PicturePoint(Mark)>& at) {
    /// How far beyond the outermost of the marks the bars lie, ball radii, and how far apart.
    constexpr double away = 0.5, apart = 0.22;
    const PicturePoint axis = axisOf(view, check.isUpright ? Axis::Upright : Axis::Across);
    // To the viewer's left of the face, and above its features.
    const PicturePoint other = axisOf(view, check.isUpright ? Axis::Across : Axis::Upright);
    PicturePoint square = other - other.dot(axis) * axis;
    square = square.norm() > 0.1 ? PicturePoint(square.normalized()) : PicturePoint(-axis.y(), axis.x());
    if (check.isUpright ? square.x() > 0 : square.y() > 0)
        square = -square;
    double furthest = 0;
    bool isFirst = true;
    for (const Marks* marks : {&check.from, &check.to, &check.unitFrom, &check.unitTo})
        for (Mark m : *marks) {
            const double out = at(m).dot(square);
            furthest = isFirst ? out : std::max(furthest, out);
            isFirst = false;
        }
    const auto bar = [&](const Marks& from, const Marks& to, double out) {
        const PicturePoint a = meanOf(from, at), b = meanOf(to, at);
        const double beside = furthest + out * view.scale;
        return std::pair{PicturePoint(a + (beside - a.dot(square)) * square),
                         PicturePoint(a + (beside - a.dot(square)) * square + (b - a).dot(axis) * axis)};
    };
    return {bar(check.from, check.to, away), bar(check.unitFrom, check.unitTo, away + apart)};
}

std::optional<double> schoolShare(const HandCheck& check, const Levels& school) {
    if (!check.isUpright)
        return std::nullopt;
    double level[4];
    const Marks* marks[4] = {&check.from, &check.to, &check.unitFrom, &check.unitTo};
    for (int i = 0; i < 4; ++i) {
        const auto of = levelOf(marks[i]->front(), school);
        if (!of)
            return std::nullopt;
        level[i] = of->value;
    }
    const double unit = std::abs(level[3] - level[2]);
    return unit > 0 ? std::optional(std::abs(level[1] - level[0]) / unit) : std::nullopt;
}

} // namespace zokran
