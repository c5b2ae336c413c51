#include "core/construction/lines.h"

#include "core/base/translatable.h"
#include "core/construction/lines/traces.h"

namespace zokran {

namespace {

using enum LineGroup;
using enum LineKind;

constexpr LineEntry table[] = {
    {"ball", ZOKRAN_WORDS("ball"), Construction, Skull, lines::ball},
    {"side_oval", ZOKRAN_WORDS("side oval"), Construction, Skull, lines::sideOval},
    {"side_level",
     ZOKRAN_WORDS("brow level on the side plane"),
     Construction,
     Skull,
     lines::sideLevel,
     {},
     "side_oval"},
    {"side_plumb",
     ZOKRAN_WORDS("plumb line on the side plane"),
     Construction,
     Skull,
     lines::sidePlumb,
     {},
     "side_oval"},
    {"centre_line", ZOKRAN_WORDS("centre line"), Construction, Skull, lines::centreLine},
    {"face_edge", ZOKRAN_WORDS("edge of the face"), Construction, Face, lines::faceEdge},
    {"brow_line", ZOKRAN_WORDS("brow line"), Construction, Skull, lines::browLine, Mark::Brow},
    {"hairline", ZOKRAN_WORDS("hairline"), Guide, Features, lines::hairline, Mark::Hairline},
    {"eye_line", ZOKRAN_WORDS("eye line"), Guide, Features, lines::eyeLine, Mark::PupilL},
    {"nose_base_line", ZOKRAN_WORDS("nose base"), Guide, Features, lines::noseBaseLine,
     Mark::NoseBase},
    {"mouth_line", ZOKRAN_WORDS("mouth"), Guide, Features, lines::mouthLine, Mark::LipLine},
    {"chin_line", ZOKRAN_WORDS("chin"), Guide, Features, lines::chinLine, Mark::Chin},
    {"jaw_line", ZOKRAN_WORDS("jaw"), Construction, Face, lines::jawLine},
    {"ear", ZOKRAN_WORDS("ear"), Guide, Features, lines::ear},
    {"wing_plumb", ZOKRAN_WORDS("inner eye over nose wing"), Guide, Features, lines::wingPlumb},
    {"corner_plumb", ZOKRAN_WORDS("pupil over mouth corner"), Guide, Features, lines::cornerPlumb},
    {"neck", ZOKRAN_WORDS("neck"), Construction, Neck, lines::neck},
    {"egg", ZOKRAN_WORDS("egg"), Construction, Skull, nullptr},
};

} // namespace

std::span<const LineEntry> lineTable() {
    return table;
}

std::string_view withoutSide(std::string_view id) {
    if (id.ends_with("_l") || id.ends_with("_r"))
        id.remove_suffix(2);
    return id;
}

const LineEntry* lineNamed(std::string_view id) {
    for (const LineEntry& line : table)
        if (line.id == withoutSide(id))
            return &line;
    return nullptr;
}

void LineTracer::add(const LineEntry& line, int side, bool onFace, int samples,
                     const std::function<SurfacePoint(double)>& place) {
    auto visible = [&](double t) { return form.seen(place(t), view, onFace); };
    std::string id(line.id);
    if (side)
        id += side > 0 ? "_l" : "_r";
    GuideLine piece{std::move(id), line.kind, !visible(0), {view.project(place(0).at)}};
    for (int i = 1; i <= samples; ++i) {
        const double t = static_cast<double>(i) / samples;
        if (visible(t) == piece.hidden) {
            double before = static_cast<double>(i - 1) / samples, after = t;
            while (after - before > 1e-6) {
                const double middle = (before + after) / 2;
                (visible(middle) == piece.hidden ? after : before) = middle;
            }
            const PicturePoint crossing = view.project(place(after).at);
            piece.points.push_back(crossing);
            lines.push_back(piece);
            piece.hidden = !piece.hidden;
            piece.points = {crossing};
        }
        piece.points.push_back(view.project(place(t).at));
    }
    lines.push_back(std::move(piece));
}

void LineTracer::addSeen(const LineEntry& line, const std::vector<HeadPoint>& points) {
    GuideLine whole{std::string(line.id), line.kind, false, {}};
    for (const HeadPoint& p : points)
        whole.points.push_back(view.project(p));
    lines.push_back(std::move(whole));
}

const SurfaceInView& LineTracer::inView() {
    if (!inView_) {
        surface_ = adultSurface().fittedTo(form.head());
        inView_.emplace(*surface_, view);
    }
    return *inView_;
}

const std::vector<OutlinePiece>& LineTracer::outline() {
    if (!outline_)
        outline_ = inView().outline();
    return *outline_;
}

void LineTracer::addOutline(const LineEntry& line, bool ofNeck) {
    for (const OutlinePiece& piece : outline())
        if (piece.ofNeck == ofNeck)
            lines.push_back({std::string(line.id) + (piece.side > 0 ? "_l" : "_r"), line.kind, false,
                             piece.points});
}

void LineTracer::addJaw(const LineEntry& line) {
    for (int side : {0, 1})
        for (const PathPiece& piece : inView().path(adultSurface().jaw[side]))
            lines.push_back({std::string(line.id) + (side == 0 ? "_l" : "_r"), line.kind,
                             piece.hidden, piece.points});
}

void LineTracer::across(const LineEntry& line, BallRadii y, double width) {
    add(line, 0, true, 40, [&, width](double t) { return form.front(y, width * (2 * t - 1)); });
}

} // namespace zokran
