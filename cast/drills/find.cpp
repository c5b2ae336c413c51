#include "cast/drills/drill.h"

#include "core/base/translatable.h"
#include "core/messages/self_assessment_messages.h"

#include <algorithm>

namespace zokran {

namespace {

/// An error of the catalogue that is planted, and what it is called; the sign says which way.
struct Planted {
    const char* id;
    double amount; ///< of an easy one
    const char* name;
};
constexpr Planted errors[] = {
    {"mouth_height", 0.16, ZOKRAN_WORDS("The mouth sits too high")},
    {"mouth_height", -0.16, ZOKRAN_WORDS("The mouth sits too low")},
    {"nose_height", 0.16, ZOKRAN_WORDS("The nose is too short")},
    {"nose_height", -0.16, ZOKRAN_WORDS("The nose is too long")},
    {"chin_height", 0.18, ZOKRAN_WORDS("The chin is too short")},
    {"chin_height", -0.18, ZOKRAN_WORDS("The chin is too long")},
    {"eye_height", 0.14, ZOKRAN_WORDS("The eyes sit too high")},
    {"eye_height", -0.14, ZOKRAN_WORDS("The eyes sit too low")},
    {"ear_height", 0.24, ZOKRAN_WORDS("The ears sit too high")},
    {"ear_height", -0.24, ZOKRAN_WORDS("The ears sit too low")},
};

/// Whether an error shows: a mark of it is seen, and moved.
bool shows(const DrillHead& head, const Planted& error, double amount) {
    PlantedErrors one;
    one.errors = {{error.id, amount}};
    const DrawnHead wrong = headAsDrawn(head.bust, head.shot, one),
                    right = headAsDrawn(head.bust, head.shot, PlantedErrors());
    const MarkSheet was = exactMarks(wrong.bust, wrong.view, head.picture.width, head.picture.height),
                    is = exactMarks(right.bust, right.view, head.picture.width, head.picture.height);
    constexpr double least = 6; // px
    for (Mark m : was.seenMarks())
        if (const auto at = is.seen(m); at && (*at - *was.seen(m)).norm() > least)
            return true;
    return false;
}

/// What is wrong in this drawing: one error, from the fourth level on two.
DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.between(-8.0 * level, 8.0 * level)}, {random.between(-4.0 * level, 4.0 * level)},
                                      {random.between(-8, 8)});
    DrillHead head = headFor(random, pose);
    std::vector<Planted> all(std::begin(errors), std::end(errors));
    PlantedErrors planted;
    const int count = level > 3 ? 2 : 1;
    DrillTask task;
    task.question = ZOKRAN_WORDS("Beside the head a drawing of it: what is wrong there?");
    for (int i = 0; i < count; ++i) {
        const double share = 1.15 - 0.12 * level;
        Planted p = all[static_cast<std::size_t>(random.below(static_cast<int>(all.size())))];
        while (all.size() > 1 && !shows(head, p, p.amount * share)) { // ears under hair, and the like
            std::erase_if(all, [&](const Planted& each) { return std::string_view(each.id) == p.id; });
            p = all[static_cast<std::size_t>(random.below(static_cast<int>(all.size())))];
        }
        planted.errors.emplace_back(p.id, p.amount * share);
        DrillField field{i ? "second" : "error", i ? ZOKRAN_WORDS("And also") : ZOKRAN_WORDS("Wrong"),
                         DrillField::Kind::Choice};
        field.tolerance = 1;
        int at = 0;
        for (const Planted& each : errors) {
            field.choices.push_back(each.name);
            field.choiceIds.push_back(std::string(each.id) + (each.amount > 0 ? "+" : "-"));
            if (std::string_view(each.id) == p.id && each.amount == p.amount)
                field.right = at;
            ++at;
        }
        task.fields.push_back(field);
        // No two of one part.
        std::erase_if(all, [&](const Planted& each) { return std::string_view(each.id) == p.id; });
    }
    // Of two the order they are named in says nothing: the one further up the list is asked first.
    if (count == 2 && task.fields[0].right > task.fields[1].right)
        std::swap(task.fields[0].right, task.fields[1].right);
    const SimulatedSketch sketch = drawSketch(head.bust, head.shot, planted, seed + 1);
    task.picture = beside(head.picture, sketch.picture);
    // The answer: where the marks belong, on the same sheet.
    PlantedErrors none = planted;
    none.errors.clear();
    const SimulatedSketch right = drawSketch(head.bust, head.shot, none, seed + 1);
    task.answer = task.picture;
    for (int i = 0; i < markCount; ++i) {
        const auto was = sketch.marks.seen(markAt(i)), is = right.marks.seen(markAt(i));
        if (was && is && (*was - *is).norm() > 3) {
            const PicturePoint by(head.picture.width + pictureGap, 0);
            drawLine(task.answer, {*was + by, *is + by});
            drawRing(task.answer, *is + by, {4});
        }
    }
    return task;
}

/// What is to be mended first in the learner's own drawing.
std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom&, int) {
    if (!head.toMend)
        return std::nullopt;
    DrillTask task;
    task.question = ZOKRAN_WORDS("Beside the photograph your drawing of it: what would you mend first there?");
    DrillField field{"part", ZOKRAN_WORDS("First"), DrillField::Kind::Choice};
    field.tolerance = 1;
    for (Part part : allParts) {
        if (part == *head.toMend)
            field.right = static_cast<double>(field.choices.size());
        field.choices.push_back(wordsFor(part));
        field.choiceIds.emplace_back(idOf(part));
    }
    task.fields.push_back(field);
    task.picture = beside(head.face.picture, head.drawing);
    task.answer = task.picture;
    const PicturePoint by(head.face.picture.width + pictureGap, 0);
    for (const auto& [from, to] : head.ways) {
        drawLine(task.answer, {from + by, to + by});
        drawRing(task.answer, to + by, {4});
    }
    return task;
}

} // namespace

const Drill findDrill{"find", ZOKRAN_WORDS("Find what is wrong"),
                      ZOKRAN_WORDS("One planted error in a drawing, then two."), make, ofStudied};

} // namespace zokran
