#include "app/overlays/form_drawing.h"

#include "app/overlays/lines_overlay.h"
#include "app/widgets/theme.h"
#include "core/construction/forms.h"
#include "core/construction/lines.h"
#include "core/head/population.h"

#include <QPainter>

namespace zokran {

namespace {

const std::shared_ptr<const HeadSolid>& averageSolid() {
    static const auto solid = std::make_shared<const HeadSolid>(adultHeads().mean);
    return solid;
}

QPixmap blank(const QSize& size, double density) {
    QPixmap pixmap(size * density);
    pixmap.setDevicePixelRatio(density);
    pixmap.fill(Qt::transparent);
    return pixmap;
}

} // namespace

View smallView(Degrees turn, Degrees tilt, const QSizeF& size) {
    View view;
    view.nearness = nearnessAt(usualDistance);
    view.scale = size.height() / 3.1;
    view.principal = view.centre = PicturePoint(size.width() / 2, size.height() * 0.42);
    view.face(headToView(poseFromDegrees(turn, tilt, {0})));
    return view;
}

QPixmap drawingOf(const std::vector<GuideLine>& lines, const QSize& size, double density) {
    QPixmap pixmap = blank(size, density);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    PaintStyle style = PaintStyle::screen();
    style.haloWidth = 0;
    style.stroke = 0.6;
    std::vector<GuideLine> seen = lines;
    std::erase_if(seen, [](const GuideLine& line) { return line.hidden; });
    LinesOverlay(std::move(seen))
        .paint({painter, QRectF({0, 0}, QSizeF(size)), {}, style, {}, density});
    return pixmap;
}

namespace {

/// Front and side of a head, faint, under one crown and on one chin for every head.
void paintBothSides(QPainter& painter, const Construction& form, const QSizeF& size) {
    const QSizeF half(size.width() / 2.0, size.height());
    for (const bool side : {false, true}) {
        View view;
        view.rotation = headToView(poseFromDegrees({side ? -90.0 : 0.0}, {0}, {0}));
        view.scale = half.height() / 2.75;
        view.principal = view.centre =
            PicturePoint(half.width() * (side ? 1.5 : 0.5), half.height() * 0.44);
        for (const GuideLine& line : form.lines(view, Detail::Guides)) {
            if (line.hidden || (line.id != "ball" && !line.id.starts_with("face_edge") &&
                                !line.id.starts_with("jaw") && line.id != "ear_l" &&
                                line.id != "centre_line"))
                continue;
            QPolygonF polygon;
            for (const PicturePoint& p : line.points)
                polygon << QPointF(p.x(), p.y());
            QColor colour = Theme::current().chalk;
            colour.setAlphaF(0.6f);
            painter.setPen(QPen(colour, 1));
            painter.drawPolyline(polygon);
        }
    }
}

/// Levels from edge to edge.
void paintLevels(QPainter& painter, const Levels& level, const QSizeF& size, const QPen& pen) {
    painter.setPen(pen);
    for (BallRadii y :
         {level.hairline, level.brow, level.eye, level.noseBase, level.mouth, level.chin}) {
        const double at = size.height() * 0.44 - y.value * size.height() / 2.75;
        painter.drawLine(QPointF(3, at), QPointF(size.width() - 3.0, at));
    }
}

} // namespace

QPixmap schoolDrawing(const std::optional<Canon>& canon, const QSize& size, double density) {
    QPixmap pixmap = blank(size, density);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto form = construct(ballKind, canon, averageSolid());
    paintBothSides(painter, *form, size);
    paintLevels(painter, form->levels(), size, QPen(Theme::current().ink, 1.2));
    return pixmap;
}

QPixmap sitterDrawing(const HeadMarks& sitter, const std::optional<Canon>& canon, const QSize& size,
                      double density) {
    QPixmap pixmap = blank(size, density);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto form = construct(ballKind, std::nullopt, sitter);
    paintBothSides(painter, *form, size);
    if (canon)
        paintLevels(painter, canon->levels, size, QPen(Theme::current().text, 1.1, Qt::DashLine));
    paintLevels(painter, form->levels(), size, QPen(Theme::current().ink, 1.6));
    return pixmap;
}

} // namespace zokran
