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
        const auto share = [&](const View& view, auto at) {
            const PicturePoint axis = axisOf(view, pair.axis);
            const auto mean = [&](const Marks& marks) {
                PicturePoint sum(0, 0);
                for (Mark m : marks)
                    sum += at(m) / static_cast<double>(marks.size());
                return sum;
            };
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

} // namespace zokran
