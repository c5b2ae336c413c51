#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

using enum Mark;

/// Where the plumb line through one place of the face meets the level through another.
std::optional<DrillTask> ofFace(const DrillFace& face, SeededRandom& random, int level) {
    constexpr std::pair<Mark, Mark> places[] = {{InnerEyeL, LipLine}, {InnerEyeR, NoseBase}, {NoseTip, Chin},
                                                {OuterEyeR, Chin},    {OuterEyeL, LipLine},  {Brow, Chin}};
    const auto& [above, beside] = places[random.below(level > 2 ? 6 : 3)];
    if (!face.marks[above] || !face.marks[beside])
        return std::nullopt;
    const PicturePoint from = *face.marks[above], to = *face.marks[beside];
    DrillTask task;
    task.question = ZOKRAN_WORDS("A plumb line hangs from the upper ring. Where does it pass the level of the lower one?");
    task.picture = face.picture;
    drawRing(task.picture, from, {5});
    drawRing(task.picture, to, {5});
    DrillField field{"foot", ZOKRAN_WORDS("Where it passes"), DrillField::Kind::Place};
    field.place = PicturePoint(from.x(), to.y());
    field.tolerance = (to - from).norm() * (0.16 - 0.024 * level);
    task.fields.push_back(field);
    task.answer = task.picture;
    drawLine(task.answer, {from, field.place});
    drawLine(task.answer, {field.place, to}, false);
    drawRing(task.answer, field.place, {4});
    return task;
}

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.between(-9.0 * level, 9.0 * level)}, {random.between(-5.0 * level, 5.0 * level)},
                                      {random.apart(5, 22)}); // upright heads have nothing to plumb
    return taskOfCast(random, pose, level, ofFace);
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom& random, int level) {
    return ofFace(head.face, random, level);
}

} // namespace

const Drill plumbDrill{"plumb", ZOKRAN_WORDS("Drop a plumb line"),
                       ZOKRAN_WORDS("What lies straight below an eye, a nose, a brow."), make, ofStudied};

} // namespace zokran
