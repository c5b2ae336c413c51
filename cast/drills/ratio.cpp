#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

/// How one length goes into another.
std::optional<DrillTask> ofFace(const DrillFace& face, SeededRandom& random, int level) {
    using enum Mark;
    struct Lengths {
        Mark a, b, c, d;
    };
    constexpr Lengths lengths[] = {{Brow, NoseBase, NoseBase, Chin},
                                   {NoseBase, LipLine, LipLine, Chin},
                                   {OuterEyeR, OuterEyeL, Brow, Chin},
                                   {MouthCornerR, MouthCornerL, Brow, NoseBase}};
    const Lengths& l = lengths[random.below(level > 2 ? 4 : 2)];
    for (Mark m : {l.a, l.b, l.c, l.d})
        if (!face.marks[m])
            return std::nullopt;
    const auto at = [&](Mark m) { return *face.marks[m]; };
    DrillTask task;
    task.question = ZOKRAN_WORDS("How often does the dashed length go into the red one?");
    DrillField field{"ratio", ZOKRAN_WORDS("Red over dashed"), DrillField::Kind::Number, 0.1, 5, 0.05, ""};
    field.right = (at(l.a) - at(l.b)).norm() / (at(l.c) - at(l.d)).norm();
    field.tolerance = field.right * (0.2 - 0.028 * level);
    task.fields.push_back(field);
    task.picture = face.picture;
    drawLine(task.picture, {at(l.a), at(l.b)});
    drawLine(task.picture, {at(l.c), at(l.d)}, false);
    task.answer = task.picture;
    for (Mark m : {l.a, l.b, l.c, l.d})
        drawRing(task.answer, at(m), {4});
    return task;
}

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.between(-10.0 * level, 10.0 * level)}, {random.between(-6.0 * level, 6.0 * level)},
                                      {random.between(-15, 15)});
    return taskOfCast(random, pose, level, ofFace);
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom& random, int level) {
    return ofFace(head.face, random, level);
}

} // namespace

const Drill ratioDrill{"ratio", ZOKRAN_WORDS("Judge a proportion"),
                       ZOKRAN_WORDS("How one length of the face goes into another."), make, ofStudied};

} // namespace zokran
