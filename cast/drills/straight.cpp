#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

/// Two copies of one head: which of them lost some of its turn?
DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.apart(25, 50)}, {random.between(-15, 15)}, {0});
    DrillHead head = headFor(random, pose);
    PlantedErrors faithful, straightened;
    straightened.straightened = 0.62 - 0.1 * level;
    const bool second = random.next() % 2;
    Shot shot = head.shot;
    const SimulatedSketch a = drawSketch(head.bust, shot, second ? faithful : straightened, seed + 1),
                 b = drawSketch(head.bust, shot, second ? straightened : faithful, seed + 2);
    DrillTask task;
    task.question = ZOKRAN_WORDS("Beside the head two drawings of it: which one has straightened it?");
    DrillField field{"which", ZOKRAN_WORDS("Straightened"), DrillField::Kind::Choice};
    field.choices = {ZOKRAN_WORDS("The first drawing"), ZOKRAN_WORDS("The second drawing")};
    field.choiceIds = {"first", "second"};
    field.right = second ? 1 : 0;
    field.tolerance = 1;
    task.fields.push_back(field);
    task.picture = beside(beside(head.picture, a.picture), b.picture);
    task.answer = task.picture;
    const double at = head.picture.width + pictureGap + (second ? a.picture.width + pictureGap : 0);
    drawLine(task.answer, {{at + 4, 4},
                           {at + a.picture.width - 4, 4},
                           {at + a.picture.width - 4, a.picture.height - 4.0},
                           {at + 4, a.picture.height - 4.0},
                           {at + 4, 4}});
    return task;
}

} // namespace

const Drill straightDrill{"straight", ZOKRAN_WORDS("Which is straightened"),
                          ZOKRAN_WORDS("A turned head, and a drawing of it that faces you too much."), make};

} // namespace zokran
