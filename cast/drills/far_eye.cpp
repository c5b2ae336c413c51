#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

/// A head that faces the learner has no far eye.
constexpr Radians leastTurn = toRadians(Degrees{8});

/// The far eye is covered: where do its corners go?
std::optional<DrillTask> ofFace(const DrillFace& face, int level) {
    using enum Mark;
    for (Mark m : {InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR})
        if (!face.marks[m])
            return std::nullopt;
    if (abs(face.pose.turn) < leastTurn)
        return std::nullopt;
    const bool left = face.pose.turn > Radians{0}; // the sitter's left is the far one
    const PicturePoint inner = *face.marks[left ? InnerEyeL : InnerEyeR],
                       outer = *face.marks[left ? OuterEyeL : OuterEyeR];
    DrillTask task;
    task.question = ZOKRAN_WORDS("The far eye is covered. Put down its two corners.");
    const double eye = (*face.marks[InnerEyeL] - *face.marks[OuterEyeL]).norm();
    task.answer = face.picture;
    for (const auto& [id, name, at] :
         {std::tuple{"inner", ZOKRAN_WORDS("Its inner corner"), inner},
          {"outer", ZOKRAN_WORDS("Its outer corner"), outer}}) {
        DrillField field{id, name, DrillField::Kind::Place};
        field.place = at;
        field.tolerance = std::max(4.0, eye * (0.42 - 0.05 * level));
        task.fields.push_back(field);
        drawRing(task.answer, at, {5});
    }
    drawLine(task.answer, {inner, outer});
    task.picture = face.picture;
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

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const double least = 8 + 4.0 * level;
    const Pose pose = poseFromDegrees({random.apart(least, least + 12)}, {random.between(-4.0 * level, 4.0 * level)},
                                      {random.between(-3.0 * level, 3.0 * level)});
    return *ofFace(faceOf(headFor(random, pose)), level); // turned enough, and every mark known
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom&, int level) {
    return ofFace(head.face, level);
}

} // namespace

const Drill farEyeDrill{"far-eye", ZOKRAN_WORDS("The far eye"),
                        ZOKRAN_WORDS("Where the far eye goes as a head turns away."), make, ofStudied};

} // namespace zokran
