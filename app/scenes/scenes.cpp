#include "app/scenes/scenes.h"

#include "app/overlays/labels_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/text/messages.h"
#include "core/construction/drawing_order.h"
#include "core/construction/lines.h"

#include <QApplication>
#include <QStyle>

namespace zokran {

namespace {

/// Over a picture the ball's own helps are what is looked at; only the scaffolds of other forms stay
/// light.
void asMeasured(std::vector<GuideLine>& lines) {
    for (GuideLine& line : lines)
        if (const LineEntry* entry = lineNamed(line.id); entry && entry->group != LineGroup::Form)
            line.light = false;
}

QRectF rectOf(const Framing& f) {
    return {QPointF(f.low.x(), f.low.y()), QPointF(f.high.x(), f.high.y())};
}

} // namespace

Scene Scenes::picture(Side side) {
    const MarkSheet& sheet = session_.study().marks(side);
    Scene scene = pictureScene(side, session_.picture(side), QSizeF(sheet.width, sheet.height));
    if (side == Side::Reference && session_.study().framing)
        scene.frame = rectOf(*session_.study().framing);
    return scene;
}

Scene Scenes::headPicture(Side side) {
    Scene scene = picture(side);
    if (scene.picture.isNull())
        return scene;
    if (side == Side::Reference && session_.fit())
        scene.frame = seenFrame(session_.fit()->view, scene.extent);
    else if (side == Side::Sketch && session_.comparison())
        scene.frame = headFrame(session_.comparison()->registeredView, scene.extent);
    return scene;
}

Scene Scenes::photograph(Side side) {
    const QImage photograph = session_.photograph(side);
    return pictureScene(side, photograph, photograph.size());
}

Scene Scenes::pictureScene(Side side, const QImage& picture, const QSizeF& extent) {
    Scene scene;
    const bool seen = side == Side::Reference;
    const QString name = session_.pictureName(side);
    scene.caption = seen ? tr("Seen") : tr("Drawn");
    if (seen && !session_.study().sitter.empty())
        scene.caption = tr("Seen: %1").arg(qt(session_.study().sitter));
    scene.emptyText = seen ? tr("The photograph you draw from lies here.")
                           : tr("A photograph of your sketch lies here.");
    if (name.isEmpty())
        return scene;
    scene.extent = extent.expandedTo({1, 1});
    scene.picture = picture;
    if (!scene.picture.isNull())
        scene.lay<PictureOverlay>(scene.picture, scaled_[seen ? 0 : 1]);
    else if (const QString why = session_.pictures.trouble(name); !why.isEmpty())
        scene.emptyText = tr("This picture cannot be shown. %1").arg(why);
    else
        scene.emptyText = tr("Opening the picture…");
    return scene;
}

QRectF Scenes::headFrame(const View& view) const {
    const double r = view.outlineRadius().value;
    const PicturePoint middle = view.project(HeadPoint(0, -0.35, 0));
    constexpr double half = 1.5;
    return {middle.x() - half * r, middle.y() - 1.8 * r, 2 * half * r, 3.6 * r};
}

QRectF Scenes::seenFrame(const View& view, const QSizeF& picture) const {
    return session_.study().framing ? rectOf(*session_.study().framing) : headFrame(view, picture);
}

QRectF Scenes::headFrame(const View& view, const QSizeF& picture) const {
    const double r = view.outlineRadius().value;
    const QRectF wanted = headFrame(view);
    // The head is shown whole even where the picture ends close by; the sheet lies there then.
    const QRectF room = QRectF({0, 0}, picture).adjusted(-0.6 * r, -0.3 * r, 0.6 * r, 0.3 * r);
    const QRectF shown = wanted.intersected(room);
    return shown.width() > r && shown.height() > r ? shown : QRectF();
}

Scene Scenes::guided(bool named) {
    Scene scene = picture(Side::Reference);
    if (scene.picture.isNull() || !session_.fit())
        return scene;
    std::vector<GuideLine> lines = session_.analysis.lines(Side::Reference);
    asMeasured(lines);
    scene.frame = seenFrame(session_.fit()->view, scene.extent);
    if (const auto& share = session_.selection.form.animatedShare()) {
        scene.lay<LinesOverlay>(linesDrawnSoFar(lines, *share));
        return scene;
    }
    scene.lay<LinesOverlay>(lines);
    if (named)
        scene.lay<LabelsOverlay>(lines, doubts());
    return scene;
}

Scene Scenes::formAlone(const std::vector<GuideLine>& lines, const View& view) {
    Scene scene;
    scene.caption = tr("The form alone");
    // The paper is laid round the form with room for hair, neck and shoulders.
    const double r = view.outlineRadius().value;
    const PicturePoint corner = view.centre - PicturePoint(1.9 * r, 1.55 * r);
    std::vector<GuideLine> moved = lines;
    for (GuideLine& line : moved)
        for (PicturePoint& p : line.points)
            p -= corner;
    scene.extent = QSizeF(3.8 * r, 3.8 * r);
    scene.lay<LinesOverlay>(std::move(moved));
    return scene;
}

Scene Scenes::fittedFormAlone(bool byStep) {
    if (!session_.fit()) {
        Scene scene;
        scene.caption = tr("The form alone");
        scene.emptyText = tr("Here the construction will stand alone, turned like your sitter, for "
                             "you to copy on to paper.");
        return scene;
    }
    View view = session_.fit()->view;
    const FormViewState::Turned& by = session_.selection.form.turned();
    const bool turned = !(by == FormViewState::Turned());
    if (turned) {
        Pose pose = view.pose();
        pose.turn += by.turn;
        pose.tilt += by.tilt;
        view.face(headToView(pose));
    }
    std::vector<GuideLine> lines = session_.analysis.linesSeenBy(view);
    const int step = byStep && !session_.selection.form.animatedShare() ? session_.selection.form.step() : 0;
    std::erase_if(lines, [&](const GuideLine& line) { return step > 0 && line.step > step; });
    if (!byStep)
        asMeasured(lines);
    if (const auto& share = session_.selection.form.animatedShare(); share && byStep)
        lines = linesDrawnSoFar(lines, *share);
    Scene scene = formAlone(lines, view);
    if (turned)
        scene.caption = tr("The form alone, turned in the hand");
    scene.tools = {&turnTool_};
    return scene;
}

Scene Scenes::drawn(bool overlaid) {
    if (session_.pictureName(Side::Sketch).isEmpty())
        return fittedFormAlone();
    Scene scene = picture(Side::Sketch);
    if (scene.picture.isNull() || !overlaid || !session_.comparison())
        return scene;
    scene.frame = headFrame(session_.comparison()->registeredView, scene.extent);
    std::vector<GuideLine> lines = session_.analysis.lines(Side::Sketch);
    asMeasured(lines);
    scene.lay<LinesOverlay>(std::move(lines));
    return scene;
}

std::vector<GuideLine> Scenes::linesDrawnSoFar(const std::vector<GuideLine>& lines, double share) const {
    const bool moves = qApp->style()->styleHint(QStyle::SH_Widget_Animation_Duration) > 0;
    return linesAt(lines, drawingOrder(lines, session_.fit()->view.outlineRadius()), share, !moves);
}

int Scenes::animatedStep() const {
    const auto& share = session_.selection.form.animatedShare();
    if (!share || !session_.fit())
        return 0;
    return stepAt(drawingOrder(session_.analysis.lines(Side::Reference), session_.fit()->view.outlineRadius()), *share);
}

std::map<std::string, QString> Scenes::doubts() const {
    std::map<std::string, QString> notes;
    const auto& fit = session_.fit();
    if (!fit)
        return notes;
    for (const LineEntry& line : lineTable())
        if (line.level && fit->spread[*line.level])
            notes[std::string(line.id)] =
                tr("±%1 %").arg(decimal(100 * (*fit->spread[*line.level] / fit->view.inPicture(headHeight(fit->head))), 1));
    return notes;
}

} // namespace zokran
