#include "cast/drills/drill.h"

#include "core/base/translatable.h"

#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr int size = 520;

/// A bare ball and an angle: where do brow line and centre line cross, where do the levels come to lie?
DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const auto fives = [&](double least, double most) { return 5 * std::round(random.apart(least, most) / 5); };
    const double turn = fives(10, 60), tilt = level > 1 ? fives(0, 30) : 0, lean = level > 3 ? fives(5, 20) : 0;
    View view;
    view.nearness = 1.0 / 15;
    view.scale = 0.3 * size;
    view.centre = view.principal = PicturePoint(size / 2.0, 0.42 * size);
    view.face(headToView(poseFromDegrees({turn}, {tilt}, {lean})));
    DrillTask task;
    task.question = ZOKRAN_WORDS("A ball turned {turn}°, tilted {tilt}°, leaning {lean}° (right and up are "
                                 "plus). Put down where these lie on it.");
    task.figures = {{"turn", fmt::format("{:.0f}", turn)},
                    {"tilt", fmt::format("{:.0f}", tilt + 0.0)},
                    {"lean", fmt::format("{:.0f}", lean + 0.0)}};
    task.picture = blankPicture(size, size);
    drawRing(task.picture, view.centre, view.outlineRadius());
    task.answer = task.picture;
    const double tolerance = view.scale * (0.3 - 0.04 * level);
    const auto ask = [&](const char* id, const char* name, const HeadPoint& at) {
        DrillField field{id, name, DrillField::Kind::Place};
        field.place = view.project(at);
        field.tolerance = tolerance;
        task.fields.push_back(field);
        drawRing(task.answer, field.place, {5});
    };
    ask("brow", ZOKRAN_WORDS("Where brow line and centre line cross"), {0, 0, 1});
    // Hairline by the ovals' radius of two thirds (common practice), and the side oval's own middle.
    if (level > 2)
        ask("hairline", ZOKRAN_WORDS("The hairline on the centre line"),
            {0, 2.0 / 3, std::sqrt(1 - 4.0 / 9)});
    if (level > 4)
        ask("side", ZOKRAN_WORDS("The middle of the nearer side oval"), {turn > 0 ? -0.745 : 0.745, 0, 0});
    std::vector<PicturePoint> brow, centre;
    for (int i = -12; i <= 12; ++i) {
        const double a = i * 0.07, b = i * 0.11;
        brow.push_back(view.project(HeadPoint(std::sin(a), 0, std::cos(a))));
        centre.push_back(view.project(HeadPoint(0, std::sin(b), std::cos(b))));
    }
    drawLine(task.answer, brow);
    drawLine(task.answer, centre);
    return task;
}

} // namespace

const Drill guidesDrill{"guides", ZOKRAN_WORDS("Guides on a ball"),
                        ZOKRAN_WORDS("Where the lines of a turned ball come to lie."), make};

} // namespace zokran
