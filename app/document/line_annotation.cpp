#include "app/document/line_annotation.h"

#include "app/text/messages.h"
#include "core/compare/outline.h"
#include "core/head/soft_surface.h"
#include "core/messages/line_messages.h"

#include <algorithm>

namespace zokran {

namespace {

bool isOfOutline(DrawnLine line) {
    return line != DrawnLine::Centre && line != DrawnLine::Brow;
}

constexpr std::size_t usualCorners = 9;

/// The edge of the face in the picture, from the temple at the viewer's left round the chin to the other: of the skin in
/// each direction from its middle the place that lies furthest out.
std::vector<PicturePoint> faceEdge(const HeadMarks& head, const View& view) {
    const SoftSurface skin = adultSurface().fittedTo(head);
    // Inside the face, so that a turned face has its far edge beyond it; what lies behind the ears is no face.
    constexpr double inside = 0.35, behind = 0.05;
    const PicturePoint middle = view.project(HeadPoint(0, (head[Mark::NoseBase].y() + head[Mark::Brow].y()) / 2, inside));
    const Radians lean = view.pose().lean;
    // From a little above the level of the eyes.
    constexpr Degrees from{200}, to{-20};
    std::vector<PicturePoint> edge;
    for (std::size_t i = 0; i < usualCorners; ++i) {
        const Radians angle = toRadians(from + (to - from) * (1.0 * static_cast<double>(i) / (usualCorners - 1))) + lean;
        // Down the picture is along +y; at 90 degrees lies the chin.
        const Eigen::Vector2d way(cos(angle), sin(angle));
        double furthest = 0;
        for (std::size_t p = 0; p < skin.points.size(); ++p) {
            if (skin.ofNeck[p] || skin.points[p].z() < behind)
                continue;
            const Eigen::Vector2d off = view.project(skin.points[p]) - middle;
            constexpr double narrow = 0.12; // of the way out
            if (std::abs(way.x() * off.y() - way.y() * off.x()) < narrow * off.norm())
                furthest = std::max(furthest, way.dot(off));
        }
        edge.push_back(middle + furthest * way);
    }
    return edge;
}

/// The head as the picture shows it, as far as that is known yet.
View viewIn(const OpenStudy& opened, Side side) {
    if (side == Side::Reference && opened.fit())
        return opened.fit()->view;
    if (opened.comparison())
        return opened.comparison()->sketchView;
    const MarkSheet& sheet = opened.study().marks(side);
    View view = opened.fit() ? opened.fit()->view : View();
    view.principal = view.centre = {sheet.width / 2.0, sheet.height * 0.42};
    view.scale = sheet.height * 0.2;
    if (sheet.ball) {
        view.centre = sheet.ball->centre;
        view.scale = sheet.ball->radius.value;
    }
    return view;
}

std::vector<PicturePoint> whereExpected(const OpenStudy& opened, Side side, DrawnLine line) {
    const View view = viewIn(opened, side);
    const auto round = [&](double right, double up) {
        const Radians lean = view.pose().lean;
        const double c = cos(lean), s = sin(lean);
        return PicturePoint(view.centre + view.scale * PicturePoint(right * c + up * s, right * s - up * c));
    };
    // Over the skull by a hair's thickness, narrower from the front, and the neck within the jaw: common practice, no
    // source.
    const double out = 0.84 + 0.21 * std::abs(sin(view.pose().turn));
    const auto& onPhoto = opened.study().reference.lines;
    const bool isCarried = isOfStraights(line) || (line == DrawnLine::Hair && onPhoto[line].size() > 3);
    if (isCarried && side == Side::Sketch && onPhoto.has(line) && opened.fit() && opened.comparison()) {
        const auto expected = expectedPlaces(line, onPhoto[line], *opened.fit(), *opened.comparison());
        return {expected.begin(), expected.end()};
    }
    if (line == DrawnLine::Hair)
        return {round(-out, 0.1), round(0, 1.12), round(out, 0.1)};
    if (line == DrawnLine::Hairline) {
        const HeadMarks& sitter = opened.fit() ? opened.fit()->head : adultHeads().mean;
        const HeadPoint& middle = sitter[Mark::Hairline];
        // The temples lie beside it, further back and lower.
        const HeadPoint temple(0.52, middle.y() - 0.12, middle.z() - 0.22);
        const HeadPoint other(-temple.x(), temple.y(), temple.z());
        return {view.project(other), view.project(middle), view.project(temple)};
    }
    if (line == DrawnLine::Nostrils) {
        // Between the nose's base and its wings: common practice, no source.
        const HeadMarks& sitter = opened.fit() ? opened.fit()->head : adultHeads().mean;
        constexpr double inner = 0.25, outer = 0.7;
        const auto towards = [&](Mark wing, double share) {
            return view.project(HeadPoint(sitter[Mark::NoseBase] + share * (sitter[wing] - sitter[Mark::NoseBase])));
        };
        return {towards(Mark::NoseWingR, outer), towards(Mark::NoseWingR, inner), towards(Mark::NoseWingL, inner),
                towards(Mark::NoseWingL, outer)};
    }
    if (line == DrawnLine::Neck)
        return {round(-0.6, -1.3), round(-0.66, -1.65), round(0.6, -1.3), round(0.66, -1.65)};
    // The body stands upright, however the head leans: the model's mean in a facing pose.
    const auto below = [&](double right, double under) {
        return PicturePoint(view.centre + view.scale * PicturePoint(right, under));
    };
    if (line == DrawnLine::Shoulders)
        return {below(0, 1.87), below(-1.75, 2.1), below(1.75, 2.1)};
    const HeadMarks& head = opened.fit() ? opened.fit()->head : adultHeads().mean;
    if (line == DrawnLine::Face) {
        // As it was found in the photograph; the skin's edge where nothing was.
        const auto& faces = opened.faces.faces();
        if (const std::size_t face = opened.faces.face(); side == Side::Reference && face < faces.size())
            return faces[face].outline;
        return faceEdge(head, view);
    }
    if (line == DrawnLine::Shape) {
        // Down beside the head, where the ground between it and the shoulder is.
        std::vector<PicturePoint> arc;
        for (std::size_t i = 0; i < usualCorners; ++i) {
            const Radians angle = toRadians(Degrees{40 - 100.0 * static_cast<double>(i) / (usualCorners - 1)});
            arc.push_back(round(1.25 * cos(angle), 1.25 * sin(angle)));
        }
        return arc;
    }
    const std::vector<HeadPoint> curve = curveOf(line, head);
    std::vector<PicturePoint> at;
    for (const std::size_t i : {std::size_t{0}, curve.size() / 2, curve.size() - 1})
        at.push_back(view.project(curve[i]));
    return at;
}

void takeUp(OpenStudy& opened, DrawnLine line, Side side) {
    const MarkSheet& sheet = opened.study().marks(side);
    const auto& laid = sheet.lines[line];
    // Over the sketch lie as many rings as over the photograph.
    const auto& onPhoto = opened.study().reference.lines[line];
    const bool isOutdated = side == Side::Sketch && !onPhoto.empty() && laid.size() != onPhoto.size();
    const bool isNew = laid.empty() || isOutdated;
    auto at = isNew ? whereExpected(opened, side, line) : laid;
    if (side == Side::Sketch && line == DrawnLine::Neck && onPhoto.size() == 2)
        at = {neckSides(at)[0].middle(), neckSides(at)[1].middle()};
    if (side == Side::Sketch && line == DrawnLine::Shoulders && onPhoto.size() == 1)
        at.resize(1); // of the photograph only the pit is known, such as from a file of marks
    opened.selection.lines.annotate(LineState::Annotation{line, side, std::move(at), sheet.width, sheet.height, !isNew});
}

} // namespace

bool isAnnotatingLine(const OpenStudy& opened) {
    const auto& annotation = opened.selection.lines.annotation();
    if (!annotation)
        return false;
    const MarkSheet& sheet = opened.study().marks(annotation->side);
    return annotation->width == sheet.width && annotation->height == sheet.height;
}

void startLineAnnotation(OpenStudy& opened, DrawnLine line) {
    if (!opened.study().sketch() || opened.study().picture(Side::Reference).empty())
        return;
    takeUp(opened, line, isOfOutline(line) ? Side::Reference : Side::Sketch);
    opened.document.goTo("check");
}

void endLineAnnotation(OpenStudy& opened, bool keep) {
    const auto annotation = opened.selection.lines.annotation();
    if (!annotation)
        return;
    // A line left where it was proposed was not looked for, and would agree by construction.
    if (keep && !annotation->isLookedAt)
        return;
    opened.selection.lines.annotate(std::nullopt);
    if (!keep)
        return;
    opened.document.edit(tr("Lay the %1").arg(qt(wordsFor(annotation->line, learnersTranslator()))), {},
                       [&](Study& s) { s.marks(annotation->side).lines[annotation->line] = annotation->at; });
    if (annotation->side == Side::Reference)
        takeUp(opened, annotation->line, Side::Sketch);
}

void moveLineAnnotation(OpenStudy& opened, std::size_t point, const PicturePoint& at) {
    auto annotation = opened.selection.lines.annotation();
    if (!annotation || point >= annotation->at.size())
        return;
    annotation->at[point] = at;
    annotation->isLookedAt = true;
    opened.selection.lines.annotate(std::move(annotation));
}

void lookAtLineAnnotation(OpenStudy& opened) {
    auto annotation = opened.selection.lines.annotation();
    if (!annotation)
        return;
    annotation->isLookedAt = true;
    opened.selection.lines.annotate(std::move(annotation));
}

namespace {

/// The place of the line about as far from this point as from the next.
PicturePoint halfWay(DrawnLine line, const std::vector<PicturePoint>& points, std::size_t before) {
    const PicturePoint &from = points[before], &to = points[before + 1], middle = (from + to) / 2;
    if (isOfStraights(line))
        return middle;
    const std::vector<PicturePoint> stroke = strokesThrough(line, points).front();
    const auto unevenness = [&](const PicturePoint& p) {
        return std::abs((p - from).norm() - (p - to).norm()) + (p - middle).norm() / 10;
    };
    return *std::min_element(stroke.begin(), stroke.end(), [&](const PicturePoint& a, const PicturePoint& b) {
        return unevenness(a) < unevenness(b);
    });
}

} // namespace

bool hasPointsAtWill(DrawnLine line) {
    const PointCount count = pointsOf(line);
    return count.step == 1 && count.most > count.least;
}

void changePointCount(OpenStudy& opened, std::size_t at, bool more) {
    auto annotation = opened.selection.lines.annotation();
    // Over the sketch there are as many as over the photograph.
    if (!annotation || !hasPointsAtWill(annotation->line) || annotation->side != Side::Reference || at >= annotation->at.size())
        return;
    auto& corners = annotation->at;
    const PointCount count = pointsOf(annotation->line);
    if (more && corners.size() < count.most) {
        const std::size_t before = std::min(at, corners.size() - 2);
        corners.insert(corners.begin() + static_cast<long>(before) + 1,
                       halfWay(annotation->line, corners, before));
    } else if (!more && corners.size() > count.least)
        corners.erase(corners.begin() + static_cast<long>(at));
    opened.selection.lines.annotate(std::move(annotation));
}

void eraseLine(OpenStudy& opened, DrawnLine line) {
    opened.selection.lines.annotate(std::nullopt);
    if (!opened.study().marks(Side::Sketch).lines.has(line))
        return; // nothing to be undone
    opened.document.edit(tr("Take the %1 away").arg(qt(wordsFor(line, learnersTranslator()))), {},
                       [&](Study& s) { s.marks(Side::Sketch).lines[line].clear(); });
}

} // namespace zokran
