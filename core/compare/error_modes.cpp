#include "core/compare/error_modes.h"

#include <Eigen/Geometry>
#include <fmt/format.h>

namespace zokran {

namespace {

using enum Mark;
using Marks = std::vector<Mark>;
using Eigen::Vector3d;

Marks bothSides(Marks left) {
    Marks all = left;
    for (Mark m : left)
        if (mirrored(m) != m)
            all.push_back(mirrored(m));
    return all;
}

const Marks mouth{MouthCornerL, MouthCornerR, LipLine};
const Marks nose{NoseTip, NoseBase, NoseWingL, NoseWingR};
const Marks eyeL{InnerEyeL, OuterEyeL, PupilL}, eyeR{InnerEyeR, OuterEyeR, PupilR};
const Marks eyes{InnerEyeL, OuterEyeL, PupilL, InnerEyeR, OuterEyeR, PupilR};
const Marks ears{EarTopL, EarBaseL, EarTopR, EarBaseR};

class Catalogue {
public:
    explicit Catalogue(const HeadMarks& sitter) : sitter_(sitter) {}
    std::vector<ErrorMode> modes;

    template <typename Displace>
    ErrorMode& add(std::string id, Tier tier, AmountUnit unit, const Marks& marks,
                   Displace displace) {
        ErrorMode mode{std::move(id), tier, unit, nothing(), 1, nothing(), {}, {}, {}};
        for (Mark m : marks)
            mode.displacement[m] = displace(sitter_[m]);
        return modes.emplace_back(std::move(mode));
    }
    void shift(std::string id, Tier tier, const Marks& marks, const Vector3d& axis,
               std::string more, std::string less, std::string measure) {
        say(add(std::move(id), tier, AmountUnit::BallRadius, marks,
                [&](const HeadPoint&) { return axis; }),
            std::move(more), std::move(less), std::move(measure));
    }
    /// Grows the marks along x about `about`.
    void widen(std::string id, Tier tier, const Marks& marks, double about, std::string more,
               std::string less, std::string measure) {
        say(add(std::move(id), tier, AmountUnit::Share, marks,
                [&](const HeadPoint& p) { return Vector3d(p.x() - about, 0, 0); }),
            std::move(more), std::move(less), std::move(measure));
    }
    static void say(ErrorMode& mode, std::string more, std::string less, std::string measure) {
        mode.more = std::move(more);
        mode.less = std::move(less);
        mode.measure = std::move(measure);
    }
    static HeadMarks nothing() {
        HeadMarks none;
        for (HeadPoint& p : none)
            p.setZero();
        return none;
    }

private:
    const HeadMarks& sitter_;
};

} // namespace

std::vector<ErrorMode> errorModes(const HeadMarks& sitter, const View& view, bool held) {
    Catalogue c(sitter);
    const Vector3d up = Vector3d::UnitY(), acrossFace = Vector3d::UnitX();
    Marks all;
    for (int i = 0; i < markCount; ++i)
        all.push_back(markAt(i));

    // The picture's own axes with the lean taken out, as directions on the head.
    const Pose pose = poseOf(view.rotation);
    const Eigen::Matrix3d upright = headToView({pose.turn, pose.tilt, {0}});
    const Vector3d pictureRight = upright.transpose() * Vector3d::UnitX();
    const Vector3d pictureUp = upright.transpose() * Vector3d::UnitY();
    const Vector3d towards = upright.transpose() * Vector3d::UnitZ();

    if (held) {
        Catalogue::say(
            c.add("whole_size", Tier::Page, AmountUnit::Share, all,
                  [](const HeadPoint& p) { return p; }),
            "The whole head is {} too large. Set its height on the paper before you start.",
            "The whole head is {} too small. Set its height on the paper before you start.",
            "Mark crown and chin on the paper first and keep between them.");
        c.shift("whole_height", Tier::Page, all, pictureUp,
                "The whole head sits too high: move it down {}.",
                "The whole head sits too low: move it up {}.",
                "Mark the middle of the head on the paper before the first line.");
        c.shift("whole_across", Tier::Page, all, pictureRight,
                "The whole head sits too far right: move it left {}.",
                "The whole head sits too far left: move it right {}.",
                "Drop a plumb line through the middle of photo and paper.");
        Catalogue::say(c.add("whole_lean", Tier::Lean, AmountUnit::Radian, all,
                             [&](const HeadPoint& p) { return Vector3d(-towards.cross(p)); }),
                       "The whole head leans {} too far to the right.",
                       "The whole head leans {} too far to the left.",
                       "Hold the pencil along the centre line and compare its slope.");
    }
    Catalogue::say(
        c.add("eye_axis", Tier::Lean, AmountUnit::Radian, eyes,
              [&](const HeadPoint& p) { return Vector3d(0, p.x(), 0); }),
        "The line of the eyes slopes: the eye on the right of a face seen from the front "
        "rides high. Turn the line by {}.",
        "The line of the eyes slopes: the eye on the left of a face seen from the front "
        "rides high. Turn the line by {}.",
        "Hold the pencil across both inner eye corners: it runs with the brow line.");
    Catalogue::say(
        c.add("whole_width", Tier::Proportion, AmountUnit::Share, all,
              [&](const HeadPoint& p) { return Vector3d(pictureRight * pictureRight.dot(p)); }),
        "The whole head is {} too wide for its height. Bring both sides in.",
        "The whole head is {} too narrow for its height. Take both sides out.",
        "Lay the width of the head along its height and count how often it goes.");
    c.widen(
        "face_width", Tier::Proportion,
        bothSides({InnerEyeL, OuterEyeL, PupilL, NoseWingL, MouthCornerL, JawAngleL}), 0,
        "The face is {} too wide inside the head. Bring its features towards the centre line.",
        "The face is {} too narrow inside the head. Move its features away from the centre line.",
        "Count five eye-widths across the face.");
    c.shift("face_height", Tier::Proportion,
            bothSides({NoseRoot, InnerEyeL, OuterEyeL, PupilL, NoseTip, NoseBase, NoseWingL,
                       MouthCornerL, LipLine}),
            up, "All the features sit too high in the head: lower them {}.",
            "All the features sit too low in the head: raise them {}.",
            "Halve the height from crown to chin: the eyes lie close to the half.");
    c.shift("chin_height", Tier::Proportion, {Chin}, up, "The chin is too short: lower it {}.",
            "The chin is too long: raise it {}.",
            "Step nose base to chin against brow to nose base.");
    Catalogue::say(
        c.add("lower_face", Tier::Proportion, AmountUnit::Share,
              bothSides({MouthCornerL, LipLine, Chin}),
              [&](const HeadPoint& p) { return Vector3d(0, p.y() - sitter[NoseBase].y(), 0); }),
        "The face below the nose is {} too long. Shorten it.",
        "The face below the nose is {} too short. Lengthen it.",
        "Step nose base to chin against brow to nose base.");
    c.shift("hairline_height", Tier::Proportion, {Hairline}, up,
            "The hairline is too high: lower it {}.",
            "The forehead is cut short: raise the hairline {}.",
            "Step brow to hairline against brow to nose base.");
    c.shift("crown_height", Tier::Proportion, {Crown}, up,
            "The skull is too tall: lower the crown {}.",
            "The top of the skull is cut off: raise the crown {}.",
            "Halve crown to chin: the eyes lie close to the half.");
    c.shift("forehead", Tier::Proportion, {Crown, Hairline}, up,
            "The forehead and skull are too tall: lower them {}.",
            "The forehead and skull are cut short: raise them {}.",
            "Halve crown to chin: the eyes lie close to the half.");
    c.shift("back_depth", Tier::Proportion, {Back}, Vector3d(0, 0, -1),
            "The head goes too far back: bring the back of the skull in {}.",
            "The back of the skull is cut off: take it out {}.",
            "From the side, lay brow to back of the skull along crown to chin.");
    c.shift("mouth_height", Tier::Spacing, mouth, up, "The mouth sits too high: lower it {}.",
            "The mouth sits too low: raise it {}.",
            "Divide nose base to chin in three: the lips part at about the first third.");
    c.shift("nose_height", Tier::Spacing, nose, up, "The nose is too short: lower its base {}.",
            "The nose is too long: raise its base {}.",
            "Step brow to nose base against nose base to chin.");
    c.shift("nose_mouth_height", Tier::Spacing,
            bothSides({NoseTip, NoseBase, NoseWingL, MouthCornerL, LipLine}), up,
            "Nose and mouth sit too high: lower them {}.",
            "Nose and mouth sit too low: raise them {}.",
            "Step brow to nose base against nose base to chin.");
    c.shift("eye_height", Tier::Spacing, eyes, up, "The eyes sit too high: lower them {}.",
            "The eyes sit too low: raise them {}.",
            "Compare brow to eye with eye to nose base: about one to three.");
    c.shift("ear_height", Tier::Spacing, ears, up, "The ears sit too high: lower them {}.",
            "The ears sit too low: raise them {}.",
            "Run the brow line and the nose-base line back: the ear hangs between them.");
    c.shift("ear_depth", Tier::Spacing, ears, Vector3d::UnitZ(),
            "The ears sit too far forward: move them back {}.",
            "The ears sit too far back: bring them forward {}.",
            "The ear stands behind the upright through the middle of the side oval.");
    c.shift("mouth_across", Tier::Spacing, mouth, acrossFace,
            "The mouth has slipped off the centre line, to the right as drawn: move it back {}.",
            "The mouth has slipped off the centre line, to the left as drawn: move it back {}.",
            "Drop the centre line from the nose base through the parting of the lips.");
    c.shift("nose_across", Tier::Spacing, nose, acrossFace,
            "The nose has slipped off the centre line, to the right as drawn: move it back {}.",
            "The nose has slipped off the centre line, to the left as drawn: move it back {}.",
            "Drop the centre line from the brow to the middle of the lips.");
    c.shift("eyes_across", Tier::Spacing, eyes, acrossFace,
            "The eyes have slipped to the right as drawn: move both back {}.",
            "The eyes have slipped to the left as drawn: move both back {}.",
            "Measure from the centre line to each inner eye corner.");
    Catalogue::say(c.add("eyes_apart", Tier::Spacing, AmountUnit::BallRadius, eyes,
                         [&](const HeadPoint& p) { return Vector3d(p.x() > 0 ? .5 : -.5, 0, 0); }),
                   "The eyes stand too far apart: bring them together by {}.",
                   "The eyes stand too close together: part them by {}.",
                   "One eye-width fits between the eyes.");
    c.widen("eyes_spread", Tier::Spacing, eyes, 0,
            "The eyes are {} too wide across. Bring the outer corners in.",
            "The eyes are {} too narrow across. Take the outer corners out.",
            "Count five eye-widths across the face.");
    for (int side : {+1, -1}) {
        const Marks& eye = side > 0 ? eyeL : eyeR;
        const char* name = side > 0 ? "left" : "right";
        const double middle = (sitter[eye[0]].x() + sitter[eye[1]].x()) / 2;
        c.widen(fmt::format("eye_size_{}", name[0]), Tier::Size, eye, middle,
                fmt::format("The sitter's {} eye is {{}} too wide. Narrow it.", name),
                fmt::format("The sitter's {} eye is {{}} too narrow. Widen it.", name),
                "Measure one eye with the pencil and carry it to the other.");
        c.shift(fmt::format("one_eye_height_{}", name[0]), Tier::Size, eye, up,
                fmt::format("The sitter's {} eye rides high: lower it {{}}.", name),
                fmt::format("The sitter's {} eye sags: raise it {{}}.", name),
                "Hold the pencil across both inner eye corners: it runs with the brow line.");
    }
    Catalogue::say(c.add("eye_sizes", Tier::Size, AmountUnit::Share, eyes,
                         [&](const HeadPoint& p) {
                             const Marks& eye = p.x() > 0 ? eyeL : eyeR;
                             const double middle = (sitter[eye[0]].x() + sitter[eye[1]].x()) / 2;
                             return Vector3d(p.x() - middle, 0, 0);
                         }),
                   "Both eyes are {} too wide. Narrow them.",
                   "Both eyes are {} too narrow. Widen them.",
                   "Lay one eye into the gap between the eyes.");
    c.widen("mouth_width", Tier::Size, mouth, 0, "The mouth is {} too wide. Bring its corners in.",
            "The mouth is {} too narrow. Take its corners out.",
            "Drop plumb lines from the pupils to the corners of the mouth.");
    c.widen("nose_width", Tier::Size, nose, 0, "The nose is {} too wide. Bring its wings in.",
            "The nose is {} too narrow. Take its wings out.",
            "Drop plumb lines from the inner eye corners to the wings of the nose.");
    c.widen("jaw_width", Tier::Size, {JawAngleL, JawAngleR}, 0,
            "The jaw is {} too wide. Bring its angles in.",
            "The jaw is {} too narrow. Take its angles out.",
            "Compare the jaw at the height of the mouth with the width at the brow.");
    Catalogue::say(c.add("ear_length", Tier::Size, AmountUnit::Share, ears,
                         [&](const HeadPoint& p) {
                             const double middle = (sitter[EarTopL].y() + sitter[EarBaseL].y()) / 2;
                             return Vector3d(0, p.y() - middle, 0);
                         }),
                   "The ears are {} too long.", "The ears are {} too short.",
                   "Run the brow line and the nose-base line back: the ear hangs between them.");
    for (Mark m : all) {
        ErrorMode& lone = c.add(fmt::format("mark_{}", idOf(m)), Tier::Size, AmountUnit::BallRadius,
                                {m}, [&](const HeadPoint&) { return pictureUp; });
        lone.freedoms = 2;
        lone.second[m] = pictureRight;
        const std::string words =
            fmt::format("The {} is {{}} out of place. Move it along the arrow.", wordsFor(m));
        Catalogue::say(lone, words, words, "Find it again from two marks you trust.");
    }
    return c.modes;
}

} // namespace zokran
