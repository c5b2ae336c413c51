#include "cast/drills/drill.h"

#include "core/base/translatable.h"

#include <cmath>
#include <numbers>

namespace zokran {

namespace {

/// The angle of a line of the face against level.
DrillTask make(std::uint32_t seed, int level) {
    Dice dice(seed);
    const Pose pose = poseFromDegrees({dice.between(-8.0 * level, 8.0 * level)}, {dice.between(-5.0 * level, 5.0 * level)},
                                      {dice.apart(3, 25)});
    DrillHead head = headFor(dice, pose);
    const HeadMarks& marks = head.bust.marks();
    constexpr std::pair<Mark, Mark> lines[] = {{Mark::OuterEyeR, Mark::OuterEyeL},
                                               {Mark::MouthCornerR, Mark::MouthCornerL},
                                               {Mark::Brow, Mark::NoseTip},
                                               {Mark::NoseTip, Mark::Chin}};
    const auto& [a, b] = lines[dice.below(level > 2 ? 4 : 2)];
    const PicturePoint from = head.view.project(marks[a]), to = head.view.project(marks[b]);
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
    task.picture = std::move(head.picture);
    const PicturePoint beyond = 0.4 * (to - from);
    drawLine(task.picture, {from - beyond, to + beyond});
    task.answer = task.picture;
    const double reach = 0.6 * (to - from).norm();
    const PicturePoint middle = (from + to) / 2;
    drawLine(task.answer, {middle - PicturePoint(reach, 0), middle + PicturePoint(reach, 0)}, false);
    return task;
}

} // namespace

const Drill angleDrill{"angle", ZOKRAN_WORDS("Judge an angle"),
                       ZOKRAN_WORDS("A line of the face against level."), make};

} // namespace zokran
