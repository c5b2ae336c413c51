#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

using enum Mark;

/// The middle of a length of the face; harder ones ask for its third as well.
std::optional<DrillTask> ofFace(const DrillFace& face, SeededRandom& random, int level) {
    constexpr std::pair<Mark, Mark> lengths[] = {
        {Brow, Chin}, {Brow, NoseBase}, {OuterEyeR, OuterEyeL}, {NoseBase, Chin}, {MouthCornerR, MouthCornerL}};
    const auto& [a, b] = lengths[random.below(level > 2 ? 5 : 2)];
    if (!face.marks[a] || !face.marks[b])
        return std::nullopt;
    const PicturePoint from = *face.marks[a], to = *face.marks[b];
    DrillTask task;
    task.question = level > 3 ? ZOKRAN_WORDS("Put down the middle between the two rings, and the first third, from the "
                                             "upper or left ring.")
                              : ZOKRAN_WORDS("Put down the middle between the two rings.");
    task.picture = face.picture;
    drawRing(task.picture, from, {5});
    drawRing(task.picture, to, {5});
    task.answer = task.picture;
    drawLine(task.answer, {from, to}, false);
    const auto ask = [&](const char* id, const char* name, double share) {
        DrillField field{id, name, DrillField::Kind::Place};
        field.place = from + share * (to - from);
        field.tolerance = (to - from).norm() * (0.1 - 0.014 * level);
        task.fields.push_back(field);
        drawRing(task.answer, field.place, {4});
    };
    ask("middle", ZOKRAN_WORDS("The middle"), 0.5);
    if (level > 3)
        ask("third", ZOKRAN_WORDS("The first third"), 1.0 / 3);
    return task;
}

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.between(-9.0 * level, 9.0 * level)}, {random.between(-6.0 * level, 6.0 * level)},
                                      {random.between(-18, 18)});
    return taskOfCast(random, pose, level, ofFace);
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom& random, int level) {
    return ofFace(head.face, random, level);
}

} // namespace

const Drill midpointDrill{"midpoint", ZOKRAN_WORDS("Find the middle"),
                          ZOKRAN_WORDS("Half and third of a length of the face, without a ruler."), make, ofStudied};

} // namespace zokran
