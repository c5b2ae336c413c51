#include "cast/drills/drill.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

/// How far is this head turned, tilted, leaning? First the turn alone, then all three, nearer each time. What is
/// itself uncertain is not asked nearer than that.
DrillTask ofFace(const DrillFace& face, int level) {
    DrillTask task;
    task.question = ZOKRAN_WORDS("How is this head held? Right, up and to the right count as plus.");
    const double tolerance = 14 - 2 * level;
    const auto ask = [&](const char* id, const char* name, Radians right, Radians sigma, double most) {
        DrillField field{id, name, DrillField::Kind::Number, -most, most, 1, "°"};
        field.right = inDegrees(right);
        field.tolerance = std::hypot(tolerance, 2 * inDegrees(sigma));
        task.fields.push_back(field);
    };
    ask("turn", ZOKRAN_WORDS("Turn"), face.pose.turn, face.sigma.turn, 90);
    if (level > 1)
        ask("tilt", ZOKRAN_WORDS("Tilt"), face.pose.tilt, face.sigma.tilt, 60);
    if (level > 2)
        ask("lean", ZOKRAN_WORDS("Lean"), face.pose.lean, face.sigma.lean, 45);
    task.answer = face.picture;
    // Brow line and centre line over the front of the ball.
    std::vector<PicturePoint> brow, centre;
    for (int i = -12; i <= 12; ++i) {
        const double a = i * 0.07, b = i * 0.11;
        brow.push_back(face.view.project(HeadPoint(std::sin(a), 0, std::cos(a))));
        centre.push_back(face.view.project(HeadPoint(0, std::sin(b), std::cos(b))));
    }
    drawLine(task.answer, brow);
    drawLine(task.answer, centre);
    drawRing(task.answer, face.view.centre, face.view.outlineRadius());
    task.picture = face.picture;
    return task;
}

DrillTask make(std::uint32_t seed, int level) {
    SeededRandom random(seed);
    const Pose pose = poseFromDegrees({random.apart(5, 65)}, {level > 1 ? random.between(-25, 25) : 0.0},
                                      {level > 2 ? random.between(-20, 20) : 0.0});
    return ofFace(faceOf(headFor(random, pose)), level);
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom&, int level) {
    return ofFace(head.face, level);
}

} // namespace

const Drill poseDrill{"pose", ZOKRAN_WORDS("Read the pose"),
                      ZOKRAN_WORDS("Turn, tilt and lean of a cast head at a glance."), make, ofStudied};

} // namespace zokran
