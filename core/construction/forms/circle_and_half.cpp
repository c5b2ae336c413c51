#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <numbers>

namespace zokran {

namespace {

using std::numbers::pi;

/// A circle from the crown two thirds of the way to the chin, and half its height again below it.
/// In space it is a ball that lies behind the face; common practice, no source.
class CircleAndHalfForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override {
        const Levels& level = levels();
        const double radius = (level.crown - level.chin).value / 3;
        const HeadPoint middle = headPoint({}, level.crown - BallRadii{radius}, {0.12});
        const HeadPoint chin = headPoint({}, level.chin, {head.head()[Mark::Chin].z()});
        std::vector<GuideLine> all;
        // The outline of the ball: the circle in which the camera's rays graze it.
        const HeadPoint towards = view.towardsCamera() - view.nearness * middle;
        const double far = towards.norm();
        const Eigen::Vector3d axis = towards / far;
        const double along = radius * view.nearness / far * radius;
        const double ring = std::sqrt(std::max(0.0, radius * radius - along * along));
        const Eigen::Vector3d u = axis.unitOrthogonal(), v = axis.cross(u);
        GuideLine circle = ownLine("circle");
        for (int i = 0; i <= 96; ++i) {
            const double a = 2 * pi * i / 96;
            put(circle, view, middle + along * axis + ring * (std::cos(a) * u + std::sin(a) * v));
        }
        all.push_back(std::move(circle));
        // Half the circle's height again: from its widest places down to the chin and up again.
        GuideLine half = ownLine("half");
        for (int i = 0; i <= 48; ++i) {
            const double a = pi * i / 48, down = std::sin(a);
            const HeadPoint side = middle + HeadPoint(radius * std::cos(a), 0, 0);
            put(half, view, side + down * HeadPoint(0, (chin - middle).y(), (chin - middle).z() - 0.1));
        }
        all.push_back(std::move(half));
        all.push_back(ownStraight("axis", view, headPoint({}, level.crown, {middle.z()}), chin));
        constexpr std::string_view borrowed[] = {
            "centre_line", "brow_line", "hairline",  "eye_line", "nose_base_line", "mouth_line",
            "chin_line",   "ear",       "ear_inner", "neck",     "pit", "shoulders", "collar_bones",            "hair",
            "face_edge",   "jaw_line"};
        append(all, head.linesOf(view, borrowed, wanted));
        return all;
    }
};

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("A circle from the crown to the nose base, and half its height again to the "
                  "chin."),
     "circle* half* axis*"},
    {ZOKRAN_WORDS("Centre line and brow line across it, turned as the head turns."),
     "centre_line brow_line"},
    {ZOKRAN_WORDS("Eyes at half the whole, nose base on the circle's lower edge, mouth a third "
                  "below."),
     "hairline eye_line nose_base_line mouth_line chin_line"},
    {ZOKRAN_WORDS("The face's own edge and the jaw, in place of the half circle."),
     "face_edge jaw_line"},
    {ZOKRAN_WORDS("Ear, neck and hair; then the features."), ""},
};

} // namespace

const FormKind circleAndHalfKind{"circle-and-half", ZOKRAN_WORDS("Circle and a half"),
                                 ZOKRAN_WORDS("Quick and roomy; good for heads seen from the "
                                              "front."),
                                 steps, [](Subject s) -> std::unique_ptr<Construction> {
                                     return std::make_unique<CircleAndHalfForm>(std::move(s));
                                 }};

} // namespace zokran
