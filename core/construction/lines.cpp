#include "core/construction/lines.h"

#include "core/base/translatable.h"
#include "core/construction/lines/traces.h"

#include <algorithm>

namespace zokran {

namespace {

using enum LineGroup;
using enum LineKind;
constexpr Detail first = Detail::Planes, guides = Detail::Guides, whole = Detail::Head;
constexpr bool onlyWhenAsked = true;

constexpr LineEntry table[] = {
    {"ball", ZOKRAN_WORDS("ball"), Construction, Skull, first, lines::ball},
    {"side_oval", ZOKRAN_WORDS("side oval"), Construction, Skull, first, lines::sideOval},
    {"side_level", ZOKRAN_WORDS("brow level on the side plane"), Construction, Skull, first,
     lines::sideLevel, {}, "side_oval"},
    {"side_plumb", ZOKRAN_WORDS("plumb line on the side plane"), Construction, Skull, first,
     lines::sidePlumb, {}, "side_oval"},
    {"hair", ZOKRAN_WORDS("hair's outer shell"), Construction, Skull, guides, lines::hair},
    {"hair_edge", ZOKRAN_WORDS("hair's inner edge"), Construction, Skull, guides, lines::hairEdge,
     {}, "hair"},
    {"centre_line", ZOKRAN_WORDS("centre line"), Construction, Skull, first, lines::centreLine},
    {"face_edge", ZOKRAN_WORDS("edge of the face"), Construction, Face, first, lines::faceEdge},
    {"front_edge", ZOKRAN_WORDS("edge of the front plane"), Construction, Face, first,
     lines::frontEdge},
    {"brow_line", ZOKRAN_WORDS("brow line"), Construction, Skull, first, lines::browLine,
     Mark::Brow},
    {"crown_line", ZOKRAN_WORDS("crown"), Guide, Features, guides, lines::crownLine, Mark::Crown,
     {}, onlyWhenAsked},
    {"hairline", ZOKRAN_WORDS("hairline"), Guide, Features, guides, lines::hairline,
     Mark::Hairline},
    {"eye_line", ZOKRAN_WORDS("eye line"), Guide, Features, guides, lines::eyeLine, Mark::PupilL},
    {"nose_base_line", ZOKRAN_WORDS("nose base"), Guide, Features, guides, lines::noseBaseLine,
     Mark::NoseBase},
    {"mouth_line", ZOKRAN_WORDS("mouth"), Guide, Features, guides, lines::mouthLine,
     Mark::LipLine},
    {"lower_lip_line", ZOKRAN_WORDS("lower lip"), Guide, Features, guides, lines::lowerLipLine,
     Mark::LipLine, {}, onlyWhenAsked},
    {"chin_line", ZOKRAN_WORDS("chin"), Guide, Features, first, lines::chinLine, Mark::Chin},
    {"jaw_line", ZOKRAN_WORDS("jaw"), Construction, Face, first, lines::jawLine},
    {"throat", ZOKRAN_WORDS("throat under the jaw"), Construction, Face, first, lines::throat},
    {"ear", ZOKRAN_WORDS("ear"), Guide, Features, guides, lines::ear},
    {"ear_inner", ZOKRAN_WORDS("ear's inner curve"), Guide, Features, guides, lines::earInner, {},
     "ear"},
    {"ear_band", ZOKRAN_WORDS("ear band"), Guide, Widths, guides, lines::earBand, {}, {},
     onlyWhenAsked},
    {"five_eyes", ZOKRAN_WORDS("five eyes across"), Guide, Widths, guides, lines::fiveEyes, {}, {},
     onlyWhenAsked},
    {"wing_plumb", ZOKRAN_WORDS("inner eye over nose wing"), Guide, Widths, guides,
     lines::wingPlumb, {}, {}, onlyWhenAsked},
    {"corner_plumb", ZOKRAN_WORDS("pupil over mouth corner"), Guide, Widths, guides,
     lines::cornerPlumb, {}, {}, onlyWhenAsked},
    {"brow_slant", ZOKRAN_WORDS("nose wing, outer eye, end of the brow"), Guide, Widths, guides,
     lines::browSlant, {}, {}, onlyWhenAsked},
    {"jaw_level", ZOKRAN_WORDS("jaw's turn at the mouth's level"), Guide, Widths, guides,
     lines::jawLevel, {}, {}, onlyWhenAsked},
    {"mirrored", ZOKRAN_WORDS("near half carried over"), Guide, Widths, guides, lines::mirroredHalf,
     {}, {}, onlyWhenAsked},
    {"neck", ZOKRAN_WORDS("neck"), Construction, Neck, first, lines::neck},
    {"pit", ZOKRAN_WORDS("pit of the neck"), Construction, Neck, first, lines::pit, {}, "neck"},
    {"neck_muscle", ZOKRAN_WORDS("neck from behind the ear to the pit"), Construction, Planes, whole,
     lines::neckMuscle},
    {"shoulders", ZOKRAN_WORDS("shoulders"), Construction, Neck, first, lines::shoulders, {}, "neck"},
    {"collar_bones", ZOKRAN_WORDS("collar bones"), Construction, Neck, guides, lines::collarBones, {}, "neck"},
    {"shoulder_line", ZOKRAN_WORDS("line of the shoulders"), Guide, Neck, guides, lines::shoulderLine, {}, {}, onlyWhenAsked},
    {"forehead", ZOKRAN_WORDS("planes of the forehead"), Construction, Planes, whole,
     lines::forehead},
    {"socket", ZOKRAN_WORDS("eye socket"), Construction, Planes, whole, lines::socket},
    {"nose_wedge", ZOKRAN_WORDS("wedge of the nose"), Construction, Planes, whole,
     lines::noseWedge},
    {"cheek", ZOKRAN_WORDS("plane of the cheek"), Construction, Planes, whole, lines::cheek},
    {"mouth_barrel", ZOKRAN_WORDS("barrel of the mouth"), Construction, Planes, whole,
     lines::mouthBarrel},
    {"chin_block", ZOKRAN_WORDS("block of the chin"), Construction, Planes, whole,
     lines::chinBlock},
    {"eyeball", ZOKRAN_WORDS("eyeballs with their lids"), Guide, Volumes, guides, lines::eyeballs, {}, {},
     onlyWhenAsked},
    {"lid", ZOKRAN_WORDS("lids"), Guide, Volumes, guides, lines::lids, {}, "eyeball", onlyWhenAsked},
    {"nose_volume", ZOKRAN_WORDS("nose as wedge, ball and wings"), Guide, Volumes, guides, lines::noseVolumes, {}, {},
     onlyWhenAsked},
    {"lip_volume", ZOKRAN_WORDS("lips as five masses"), Guide, Volumes, guides, lines::lipVolumes, {}, {},
     onlyWhenAsked},
    {"ear_volume", ZOKRAN_WORDS("ear's rim, bowl and lobe"), Guide, Volumes, guides, lines::earVolumes, {}, {},
     onlyWhenAsked},
    // What only other forms draw.
    {"egg", ZOKRAN_WORDS("egg"), Construction, Form, first, nullptr},
    {"circle", ZOKRAN_WORDS("circle"), Construction, Form, first, nullptr},
    {"half", ZOKRAN_WORDS("half a circle more"), Construction, Form, first, nullptr},
    {"axis", ZOKRAN_WORDS("axis of the head"), Construction, Form, first, nullptr},
    {"box", ZOKRAN_WORDS("box"), Construction, Form, first, nullptr},
    {"vanishing", ZOKRAN_WORDS("vanishing line"), Construction, Form, first, nullptr},
    {"envelope", ZOKRAN_WORDS("envelope"), Construction, Form, first, nullptr},
    {"first_straights", ZOKRAN_WORDS("first straights"), Construction, Form, first, nullptr},
    {"near_eye", ZOKRAN_WORDS("near eye"), Construction, Form, first, nullptr},
    {"far_eye", ZOKRAN_WORDS("far eye"), Construction, Form, first, nullptr},
    {"eye_step", ZOKRAN_WORDS("eye-widths from eye to eye"), Guide, Form, first, nullptr},
    {"mouth_shape", ZOKRAN_WORDS("mouth"), Construction, Form, first, nullptr},
    {"middle_line", ZOKRAN_WORDS("middle of the squares"), Construction, Form, first, nullptr},
    {"square", ZOKRAN_WORDS("square"), Guide, Form, first, nullptr},
    {"tick", ZOKRAN_WORDS("edge coordinate"), Guide, Form, first, nullptr},
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

bool isOfBody(std::string_view id) {
    id = withoutSide(id);
    return id == "shoulders" || id == "collar_bones" || id == "shoulder_line";
}

std::optional<NearestOnLine> nearestOnLines(std::span<const GuideLine> lines, const PicturePoint& at) {
    std::optional<NearestOnLine> nearest;
    for (const GuideLine& line : lines)
        for (std::size_t i = 1; i < line.points.size() && !line.hidden; ++i) {
            const PicturePoint &from = line.points[i - 1], way = line.points[i] - from;
            const double length2 = way.squaredNorm();
            const double share = length2 > 0 ? std::clamp((at - from).dot(way) / length2, 0.0, 1.0) : 0;
            const PicturePoint foot = from + share * way;
            if (!nearest || (foot - at).squaredNorm() < (nearest->at - at).squaredNorm())
                nearest = {foot, line.id};
        }
    return nearest;
}

void put(GuideLine& line, const View& view, const HeadPoint& at) {
    // A pencil bears down by about a third on what is near, and lightens on what is far; common
    // practice, no source.
    constexpr double more = 0.35;
    line.points.push_back(view.project(at));
    line.weights.push_back(
        static_cast<float>(1 + more * std::clamp((view.rotation * at).z(), -1.0, 1.0)));
}

void LineTracer::add(const LineEntry& line, int side, Cover cover, int samples,
                     const std::function<SurfacePoint(double)>& place) {
    const SolidInView& solid = inView();
    auto visible = [&](double t) { return solid.seen(place(t), cover); };
    std::string id(line.id);
    if (side)
        id += side > 0 ? "_l" : "_r";
    GuideLine piece{std::move(id), line.kind, !visible(0), {}};
    put(piece, view, place(0).at);
    for (int i = 1; i <= samples; ++i) {
        const double t = static_cast<double>(i) / samples;
        if (visible(t) == piece.hidden) {
            double before = static_cast<double>(i - 1) / samples, after = t;
            while (after - before > 1e-6) {
                const double middle = (before + after) / 2;
                (visible(middle) == piece.hidden ? after : before) = middle;
            }
            const HeadPoint crossing = place(after).at;
            put(piece, view, crossing);
            lines.push_back(piece);
            piece.hidden = !piece.hidden;
            piece.points.clear();
            piece.weights.clear();
            put(piece, view, crossing);
        }
        put(piece, view, place(t).at);
    }
    lines.push_back(std::move(piece));
}

void LineTracer::lightenGuess(const LineEntry& line) {
    for (GuideLine& l : lines)
        if (withoutSide(l.id) == line.id)
            l.light = form.solid().bust().isGuess;
}

void LineTracer::removeHidden(const LineEntry& line) {
    std::erase_if(lines, [&](const GuideLine& l) {
        return l.hidden && withoutSide(l.id) == line.id;
    });
}

void LineTracer::addRun(const LineEntry& line, int side, Cover cover,
                        std::vector<SurfacePoint> places, bool rounded) {
    if (places.size() < 2)
        return;
    // Corners cut twice (Chaikin 1974).
    for (int round = 0; rounded && round < 2; ++round) {
        std::vector<SurfacePoint> cut{places.front()};
        for (std::size_t i = 1; i < places.size(); ++i)
            for (double t : {0.25, 0.75})
                cut.push_back(
                    {places[i - 1].at + t * (places[i].at - places[i - 1].at),
                     places[i - 1].normal + t * (places[i].normal - places[i - 1].normal)});
        cut.push_back(places.back());
        places = std::move(cut);
    }
    const double last = static_cast<double>(places.size() - 1);
    add(line, side, cover, static_cast<int>(places.size() - 1), [&](double t) {
        const auto i = std::min(static_cast<std::size_t>(t * last), places.size() - 2);
        const double s = t * last - static_cast<double>(i);
        const SurfacePoint &a = places[i], &b = places[i + 1];
        return SurfacePoint{a.at + s * (b.at - a.at),
                            (a.normal + s * (b.normal - a.normal)).normalized()};
    });
}

void LineTracer::addStandingOut(const LineEntry& line, int side, const std::vector<HeadPoint>& points, BallRadii reach) {
    std::vector<HeadPoint> run;
    const auto finish = [&] {
        if (run.size() > 1) {
            addSeen(line, run);
            if (side)
                lines.back().id += side > 0 ? "_l" : "_r";
        }
        run.clear();
    };
    for (const HeadPoint& p : points) {
        const Eigen::Vector3d towards = (view.towardsCamera() - view.nearness * p).normalized();
        if (inView().seen({p + reach * towards, towards}, Cover::Face))
            run.push_back(p);
        else
            finish();
    }
    finish();
}

void LineTracer::addSeen(const LineEntry& line, const std::vector<HeadPoint>& points) {
    GuideLine all{std::string(line.id), line.kind, false, {}};
    for (const HeadPoint& p : points)
        put(all, view, p);
    lines.push_back(std::move(all));
}

const SolidInView& LineTracer::inView() {
    if (!inView_)
        inView_.emplace(form.solid(), form.sidePlane(), view);
    return *inView_;
}

const std::vector<OutlinePiece>& LineTracer::outline() {
    if (!outline_)
        outline_ = inView().outline({0.3}, Contour::HeadsEdge);
    return *outline_;
}

void LineTracer::addOutline(const LineEntry& line, bool ofNeck) {
    // A crumb of the neck's far edge beside the chin only puzzles.
    const double least = ofNeck ? 0.4 * view.scale : 0;
    for (const OutlinePiece& piece : outline())
        if (piece.ofNeck == ofNeck &&
            (piece.points.front() - piece.points.back()).norm() > least)
            lines.push_back({std::string(line.id) + (piece.side > 0 ? "_l" : "_r"), line.kind,
                             false, piece.points});
}

void LineTracer::addJaw(const LineEntry& line) {
    // Where the jaw is the edge of the face, that is drawn already.
    const double close = 0.07 * view.scale;
    auto isEdge = [&](const PicturePoint& p) {
        for (const OutlinePiece& piece : outline())
            for (const PicturePoint& q : piece.points)
                if ((p - q).squaredNorm() < close * close)
                    return true;
        return false;
    };
    for (int side : lines::bothSides)
        for (const PathPiece& piece : inView().path(adultSurface().jaw[side > 0 ? 0 : 1])) {
            GuideLine part{std::string(line.id) + (side > 0 ? "_l" : "_r"), line.kind,
                           piece.hidden, {}};
            auto finish = [&] {
                // Nor are crumbs of it drawn between two stretches of edge.
                if (!part.points.empty() &&
                    (part.points.front() - part.points.back()).norm() > 0.2 * view.scale)
                    lines.push_back(part);
                part.points.clear();
            };
            for (const PicturePoint& p : piece.points)
                if (!piece.hidden && isEdge(p))
                    finish();
                else
                    part.points.push_back(p);
            finish();
        }
}

void LineTracer::addPaths(const LineEntry& line, const SkinPath& (*path)(int side), bool rounded) {
    for (int side : lines::bothSides)
        addRun(line, side, Cover::Face, form.solid().along(path(side)), rounded);
}

void LineTracer::across(const LineEntry& line, BallRadii y, double width) {
    add(line, 0, Cover::Face, 40,
        [&, width](double t) { return form.front(y, width * (2 * t - 1)); });
}

} // namespace zokran
