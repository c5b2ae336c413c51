#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/construction/forms/own_lines.h"

#include <functional>
#include <numbers>
#include <utility>

namespace zokran {

namespace {

using std::numbers::pi;

constexpr int samples = 96;

/// A rounder cranium above the brow drawn out to the chin below it, with the centre line and the
/// level lines wrapped round it. A first form for those who see the head's contour before its
/// planes; common practice, no source.
class EggForm : public BorrowingForm {
public:
    explicit EggForm(Subject s)
        : BorrowingForm(std::move(s)), levels_(levels()), width_(head.solid().halfWidth(levels_.brow).value + 0.04),
          front_(head.head()[Mark::Brow].z()), back_(-head.head()[Mark::Back].z()),
          forward_(BallRadii{head.head()[Mark::Chin].z() - 0.22} / -levels_.chin) {}

protected:
    std::vector<GuideLine> trace(const View& view, const Wanted& wanted) const override;

private:
    /// On the egg at a height, `around` from the face (0) to the sitter's left (a quarter turn).
    SurfacePoint at(BallRadii y, Radians around) const;

    Levels levels_;
    double width_; ///< half of it, ball radii
    double front_, back_;
    double forward_; ///< how far forward the point of the egg lies of its middle, per radius down
};

SurfacePoint EggForm::at(BallRadii y, Radians around) const {
    const double level = y.value, angle = around.value;
    auto place = [&](double height, double a) {
        // Round above the brow, drawn out to the chin below it.
        const double reach = (height >= 0 ? levels_.crown : -levels_.chin).value;
        const double share = std::clamp(std::abs(height) / reach, 0.0, 1.0);
        const double ring = std::sqrt(std::max(0.0, 1 - share * share));
        const double deep = std::cos(a) > 0 ? front_ : back_;
        const double forward = height < 0 ? forward_ * -height * (1 - ring) : 0;
        return HeadPoint(width_ * ring * std::sin(a), height, deep * ring * std::cos(a) + forward);
    };
    constexpr double step = 1e-4;
    const Eigen::Vector3d along = place(level, angle + step) - place(level, angle - step);
    const Eigen::Vector3d up = place(level + step, angle) - place(level - step, angle);
    const Eigen::Vector3d normal = along.cross(up);
    const HeadPoint here = place(level, angle);
    return {here, normal.norm() > 1e-12 ? Eigen::Vector3d(normal.normalized())
                                        : Eigen::Vector3d(here.normalized())};
}

std::vector<GuideLine> EggForm::trace(const View& view, const Wanted& wanted) const {
    std::vector<GuideLine> all;
    // The egg is convex, so what faces the camera is seen and nothing else is.
    auto trace = [&](const char* id, LineKind kind,
                     const std::function<SurfacePoint(double)>& place) {
        GuideLine piece{id, kind, false, {}};
        for (int i = 0; i <= samples; ++i) {
            const SurfacePoint p = place(static_cast<double>(i) / samples);
            const bool hidden = !view.faces(p.at, p.normal);
            if (!piece.points.empty() && hidden != piece.hidden) {
                piece.points.push_back(view.project(p.at));
                const GuideLine next{id, kind, hidden, {piece.points.back()}};
                all.push_back(std::exchange(piece, next));
            }
            piece.hidden = hidden;
            piece.points.push_back(view.project(p.at));
        }
        all.push_back(std::move(piece));
    };
    auto level = [&](const char* id, LineKind kind, BallRadii y) {
        trace(id, kind, [&, y](double t) { return at(y, {2 * pi * t}); });
    };
    // The contour: at each height where the surface turns away, on either side.
    for (int side : {+1, -1}) {
        GuideLine contour{side > 0 ? "egg_l" : "egg_r", LineKind::Construction, false, {}};
        for (int i = 0; i <= samples; ++i) {
            const double t = std::cos(pi * i / samples);
            const BallRadii y = 0.999 * (t > 0 ? t * levels_.crown : -t * levels_.chin);
            auto faces = [&](double a) {
                const SurfacePoint p = at(y, {a});
                return view.faces(p.at, p.normal);
            };
            // From the way to the viewer round to the other side, by bisection.
            const Eigen::Vector3d to = view.towardsCamera();
            double near = std::atan2(to.x(), to.z()), far = near + side * pi;
            if (!faces(near) || faces(far))
                continue;
            for (int k = 0; k < 30; ++k) {
                const double middle = (near + far) / 2;
                (faces(middle) ? near : far) = middle;
            }
            contour.points.push_back(view.project(at(y, {near}).at));
        }
        if (contour.points.size() > 1)
            all.push_back(std::move(contour));
    }
    // From the crown down the face to the chin.
    trace("centre_line", LineKind::Construction, [&](double t) {
        const double c = std::cos(pi * t);
        return at(0.999 * (c > 0 ? c * levels_.crown : -c * levels_.chin), {0});
    });
    level("brow_line", LineKind::Construction, levels_.brow);
    level("hairline", LineKind::Guide, levels_.hairline);
    level("eye_line", LineKind::Guide, levels_.eye);
    level("nose_base_line", LineKind::Guide, levels_.noseBase);
    level("mouth_line", LineKind::Guide, levels_.mouth);
    constexpr std::string_view borrowed[] = {"ear",  "ear_inner", "neck", "pit", "shoulders", "collar_bones",
                                             "hair", "jaw_line",  "face_edge"};
    append(all, head.linesOf(view, borrowed, wanted));
    return all;
}

constexpr FormStep steps[] = {
    {ZOKRAN_WORDS("One light egg, round at the skull and drawn out to the chin."), "egg*"},
    {ZOKRAN_WORDS("Centre line and brow line wrapped round it."), "centre_line brow_line"},
    {ZOKRAN_WORDS("Hairline, eyes, nose base and mouth as rings about it."),
     "hairline eye_line nose_base_line mouth_line"},
    {ZOKRAN_WORDS("The face's own edge and the jaw, where they leave the egg."),
     "face_edge jaw_line"},
    {ZOKRAN_WORDS("Ear, neck and hair; then the features on their rings."), ""},
};

} // namespace

const FormKind eggKind{"egg", ZOKRAN_WORDS("Egg"),
                       ZOKRAN_WORDS("A round skull drawn out to the chin, for those who see the "
                                    "contour first."),
                       steps, [](Subject s) -> std::unique_ptr<Construction> {
                           return std::make_unique<EggForm>(std::move(s));
                       }};

} // namespace zokran
