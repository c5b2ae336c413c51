#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <numbers>

namespace zokran {

namespace {

using enum Mark;
using std::numbers::pi;

/// Half the height of the lids' opening, of the eye's width; common practice, no source.
constexpr double lidsOpen = 0.17;

/// Features first: one eye, then everything in its widths, and the skull last.
class FeaturesForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override {
        std::vector<GuideLine> all;
        const SolidInView solid(head.solid(), subject().sidePlane, view);
        const Levels& level = levels();
        const Widths& width = subject().widths;
        const HeadMarks& marks = head.head();
        const BallRadii shift = level.eye - levelsOf(marks).eye;
        const int near = view.towardsCamera().x() >= 0 ? +1 : -1;
        auto onFace = [&](BallRadii x, BallRadii y) { return head.front(y, head.acrossAt(y, x)); };
        auto draw = [&](std::string_view id, int samples, const auto& place) {
            const LineEntry* entry = lineNamed(id);
            LineTracer tracer(head, view);
            tracer.add(*entry, 0, Cover::Face, samples, place);
            append(all, std::move(tracer.lines));
        };
        for (const auto& [id, side] : {std::pair{"near_eye", near}, {"far_eye", -near}}) {
            const HeadPoint &inner = marks[side > 0 ? InnerEyeL : InnerEyeR],
                            &outer = marks[side > 0 ? OuterEyeL : OuterEyeR];
            const BallRadii x0 = side * width.gap / 2, x1 = x0 + side * width.eye;
            draw(id, 32, [&, x0, x1](double t) {
                // Two lids: the upper one from the inner corner out, the lower one back.
                const double along = (1 - std::cos(2 * pi * t)) / 2;
                const BallRadii open = lidsOpen * std::sin(2 * pi * t) * width.eye;
                const BallRadii y =
                    BallRadii{inner.y() + along * (outer.y() - inner.y())} + shift + (t < 0.5 ? open : 0.8 * open);
                return onFace(x0 + along * (x1 - x0), y);
            });
        }
        // Where eye-widths end, from the one eye to the other and on to the edge.
        constexpr BallRadii half{0.06};
        for (const BallRadii x : {width.gap / 2, width.gap / 2 + width.eye})
            for (int side : {+1, -1})
                draw("eye_step", 4, [&, x, side](double t) { return onFace(side * x, level.eye + half * (2 * t - 1)); });
        draw("mouth_shape", 24, [&](double t) {
            const BallRadii x = (t - 0.5) * width.mouth;
            const BallRadii corner{(marks[MouthCornerL].y() + marks[MouthCornerR].y()) / 2 - marks[LipLine].y()};
            const double away = std::abs(2 * t - 1);
            return onFace(x, level.mouth + away * away * corner);
        });
        constexpr std::string_view borrowed[] = {
            "nose_wedge", "lower_lip_line", "brow_line", "chin_line", "face_edge", "jaw_line",
            "ear",        "ear_inner",      "hair_edge", "hair",      "neck",      "pit", "shoulders", "collar_bones"};
        append(all, head.linesOf(view, borrowed, wanted));
        return all;
    }
};

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("The near eye, as large as you want the head: everything is measured with it."),
     "near_eye"},
    {ZOKRAN_WORDS("One eye-width on, foreshortened, the far eye."), "far_eye eye_step*"},
    {ZOKRAN_WORDS("The nose as a wedge, as wide as the gap between the eyes."), "nose_wedge*"},
    {ZOKRAN_WORDS("The mouth, its corners under the pupils; the chin."),
     "mouth_shape lower_lip_line chin_line"},
    {ZOKRAN_WORDS("Brow, edge of the face, jaw."), "brow_line* face_edge jaw_line"},
    {ZOKRAN_WORDS("Ear, hair and neck, last of all."), ""},
};

} // namespace

const FormKind featuresKind{"features", ZOKRAN_WORDS("Features first"),
                            ZOKRAN_WORDS("From one eye outward, for those who see the likeness "
                                         "first. Mind the skull: it comes last and is easily cut."),
                            steps, [](Subject s) -> std::unique_ptr<Construction> {
                                return std::make_unique<FeaturesForm>(std::move(s));
                            }};

} // namespace zokran
