#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

/// The far eye is covered: where do its corners go?
DrillTask make(std::uint32_t seed, int level) {
    Dice dice(seed);
    const double least = 8 + 4.0 * level;
    const Pose pose = poseFromDegrees({dice.apart(least, least + 12)}, {dice.between(-4.0 * level, 4.0 * level)},
                                      {dice.between(-3.0 * level, 3.0 * level)});
    DrillHead head = headFor(dice, pose);
    const bool left = pose.turn.value > 0; // the sitter's left is the far one
    const HeadMarks& marks = head.bust.marks();
    const PicturePoint inner = head.view.project(marks[left ? Mark::InnerEyeL : Mark::InnerEyeR]),
                       outer = head.view.project(marks[left ? Mark::OuterEyeL : Mark::OuterEyeR]);
    DrillTask task;
    task.question = ZOKRAN_WORDS("The far eye is covered. Put down its two corners.");
    const double eye = (head.view.project(marks[Mark::InnerEyeL]) - head.view.project(marks[Mark::OuterEyeL])).norm();
    task.answer = head.picture;
    for (const auto& [id, name, at] :
         {std::tuple{"inner", ZOKRAN_WORDS("Its inner corner"), inner},
          {"outer", ZOKRAN_WORDS("Its outer corner"), outer}}) {
        DrillField field{id, name, DrillField::Kind::Place};
        field.place = at;
        field.tolerance = std::max(4.0, eye * (0.42 - 0.05 * level));
        task.fields.push_back(field);
        drawRing(task.answer, at, 5);
    }
    drawLine(task.answer, {inner, outer});
    task.picture = std::move(head.picture);
    // A patch of paper over it, wider the harder it is.
    const PicturePoint middle = (inner + outer) / 2;
    const double reach = eye * (0.8 + 0.08 * level);
    for (int y = static_cast<int>(middle.y() - 0.6 * reach); y < middle.y() + 0.6 * reach; ++y)
        for (int x = static_cast<int>(middle.x() - reach); x < middle.x() + reach; ++x)
            if (x >= 0 && y >= 0 && x < task.picture.width && y < task.picture.height)
                for (std::size_t c = 0; c < 3; ++c)
                    task.picture.bgr[3 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(task.picture.width) +
                                          static_cast<std::size_t>(x)) + c] = 200;
    return task;
}

} // namespace

const Drill farEyeDrill{"far-eye", ZOKRAN_WORDS("The far eye"),
                        ZOKRAN_WORDS("Where the far eye goes as a head turns away."), make};

} // namespace zokran
