#include "cast/drills/drill.h"

#include "core/base/translatable.h"

#include <cmath>
#include <numbers>

namespace zokran {

namespace {

/// The angle of a line of the face against level.
std::optional<DrillTask> ofFace(const DrillFace& face, SeededRandom& random, int level) {
    constexpr std::pair<Mark, Mark> lines[] = {{Mark::OuterEyeR, Mark::OuterEyeL},
                                               {Mark::MouthCornerR, Mark::MouthCornerL},
                                               {Mark::Brow, Mark::NoseTip},
                                               {Mark::NoseTip, Mark::Chin}};
    const auto& [a, b] = lines[random.below(level > 2 ? 4 : 2)];
    if (!face.marks[a] || !face.marks[b])
        return std::nullopt;
    const PicturePoint from = *face.marks[a], to = *face.marks[b];
    double angle = std::atan2(from.y() - to.y(), to.x() - from.x()) * 180 / std::numbers::pi;
    if (angle > 90)
        angle -= 180;
    if (angle <= -90)
        angle += 180;
    DrillTask task;
    task.question = ZOKRAN_WORDS("What angle has the line against level? Rising to the right is plus.");
    DrillField field{"angle", ZOKRAN_WORDS("Angle"), DrillField::Kind::Number, -90, 90, 1, "°"};
    field.right = angle;
    field.tolerance = 9 - 1.2 * level;
    task.fields.push_back(field);
    task.picture = face.picture;
    const PicturePoint beyond = 0.4 * (to - from);
    drawLine(task.picture, {from - beyond, to + beyond});
    task.answer = task.picture;
    const double reach = 0.6 * (to - from).norm();
    const PicturePoint middle = (from + to) / 2;
    drawLine(task.answer, {middle - PicturePoint(reach, 0), middle + PicturePoint(reach, 0)}, false);
    return task;
}

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.between(-8.0 * level, 8.0 * level)}, {random.between(-5.0 * level, 5.0 * level)},
                                      {random.apart(3, 25)});
    return taskOfCast(random, pose, level, ofFace);
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom& random, int level) {
    return ofFace(head.face, random, level);
}

} // namespace

const Drill angleDrill{"angle", ZOKRAN_WORDS("Judge an angle"),
                       ZOKRAN_WORDS("A line of the face against level."), make, ofStudied};

} // namespace zokran
