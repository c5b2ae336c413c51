#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <array>

namespace zokran {

namespace {

/// How far beyond the box its edges are drawn on towards their vanishing points, edges.
constexpr double onward = 0.9;

/// The head in a box in true perspective: as wide as between the side planes, from crown to chin,
/// from the lips to the back of the skull; its edges drawn on towards where they meet.
class BoxForm : public BorrowingForm {
public:
    using BorrowingForm::BorrowingForm;

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override {
        const Levels& level = levels();
        const BallRadii side = subject().sidePlane;
        const HeadPoint low = headPoint(-side, level.chin, {head.head()[Mark::Back].z()});
        const HeadPoint high = headPoint(side, level.crown, {head.head()[Mark::NoseBase].z()});
        auto corner = [&](int i) {
            return HeadPoint(i & 1 ? high.x() : low.x(), i & 2 ? high.y() : low.y(),
                             i & 4 ? high.z() : low.z());
        };
        // A face of the box is seen when the camera stands before it.
        auto faceSeen = [&](int axis, bool far) {
            const Eigen::Vector3d normal = (far ? 1.0 : -1.0) * Eigen::Vector3d::Unit(axis);
            return view.faces(far ? high : low, normal);
        };
        std::vector<GuideLine> all;
        for (int axis = 0; axis < 3; ++axis)
            for (int i = 0; i < 8; ++i) {
                if (i & (1 << axis))
                    continue;
                const int b = (axis + 1) % 3, c = (axis + 2) % 3;
                const bool hidden =
                    !faceSeen(b, i & (1 << b)) && !faceSeen(c, i & (1 << c));
                HeadPoint from = corner(i), to = corner(i | (1 << axis));
                all.push_back(ownStraight("box", view, from, to, hidden));
                if (hidden)
                    continue;
                // From the near end over the far one, and on.
                if ((view.rotation * from).z() < (view.rotation * to).z())
                    std::swap(from, to);
                const HeadPoint beyond = to + onward * (to - from);
                all.push_back(ownStraight("vanishing", view, to, beyond));
            }
        // The face is the front: its middle, and the brow and the eyes carried round to the side.
        const double z = high.z(), back = low.z();
        const bool front = faceSeen(2, true);
        all.push_back(ownStraight("axis", view, {0, high.y(), z}, {0, low.y(), z}, !front));
        for (const auto& [id, y] : {std::pair{"brow_line", level.brow.value},
                                    {"nose_base_line", level.noseBase.value}}) {
            all.push_back(ownStraight(id, view, {low.x(), y, z}, {high.x(), y, z}, !front));
            for (const bool left : {true, false}) {
                const double x = left ? high.x() : low.x();
                all.push_back(ownStraight(id, view, {x, y, z}, {x, y, back}, !faceSeen(0, left)));
            }
        }
        constexpr std::string_view borrowed[] = {"centre_line", "face_edge", "jaw_line", "eye_line",
                                                 "mouth_line",  "ear",       "neck",     "pit", "shoulders", "collar_bones",
                                                 "hair"};
        append(all, head.linesOf(view, borrowed, wanted));
        return all;
    }
};

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("The front of the box: its upright edges, its top and its foot."), "box"},
    {ZOKRAN_WORDS("Level edges run together far off; draw on until you see where."), "vanishing*"},
    {ZOKRAN_WORDS("The middle of the front, and brow and nose base carried round to the side."),
     "axis* brow_line nose_base_line"},
    {ZOKRAN_WORDS("The head inside: profile, edge of the face, jaw."),
     "centre_line face_edge jaw_line"},
    {ZOKRAN_WORDS("Ear, neck and hair; then the features."), ""},
};

} // namespace

const FormKind boxKind{"box", ZOKRAN_WORDS("Box in perspective"),
                       ZOKRAN_WORDS("Edges and their vanishing points make tilt and turn plain; "
                                    "best for heads from far above or below."),
                       steps, [](Subject s) -> std::unique_ptr<Construction> {
                           return std::make_unique<BoxForm>(std::move(s));
                       }};

} // namespace zokran
