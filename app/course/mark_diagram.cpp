#include "app/course/mark_diagram.h"

#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/construction/lines.h"
#include "core/construction/ball_form.h"
#include "core/construction/forms.h"
#include "core/head/population.h"
#include "core/messages/mark_messages.h"

#include <QPainter>
#include <QPainterPath>

namespace zokran {

namespace {

/// A head of the mean proportions seen squarely in a box of this height, widget px.
View squareView(Degrees turn, double height, const PicturePoint& centre) {
    View view;
    view.rotation = headToView(poseFromDegrees(turn, {0}, {0}));
    view.scale = height / 2.75;
    view.principal = view.centre = centre;
    return view;
}

/// The construction, faint, with the profile or the features of the front over it.
void paintHead(QPainter& painter, const View& view, bool side, std::optional<Mark> mark) {
    const HeadMarks& head = adultHeads().mean;
    const Theme& theme = Theme::current();
    painter.setBrush(Qt::NoBrush);
    static const BallForm form(ownSubject(std::make_shared<const HeadSolid>(head)));
    for (const GuideLine& line : form.lines(view, Detail::Planes)) {
        if (line.hidden || line.id.starts_with("neck") || line.id == "pit" || isOfBody(line.id))
            continue;
        QPainterPath path;
        for (std::size_t i = 0; i < line.points.size(); ++i) {
            const QPointF p(line.points[i].x(), line.points[i].y());
            i ? path.lineTo(p) : path.moveTo(p);
        }
        QColor colour = line.kind == LineKind::Construction ? theme.chalk : theme.ink;
        colour.setAlphaF(0.55f);
        painter.setPen(QPen(colour, 1));
        painter.drawPath(path);
    }
    using enum Mark;
    auto at = [&](Mark m) {
        const PicturePoint p = view.project(head[m]);
        return QPointF(p.x(), p.y());
    };
    painter.setPen(QPen(theme.text, 1.3));
    if (side) {
        QPainterPath profile(at(Hairline));
        for (Mark m : {Brow, NoseRoot, NoseTip, NoseBase, LipLine, Chin})
            profile.lineTo(at(m));
        painter.drawPath(profile);
    } else {
        for (auto [inner, outer] : {std::pair{InnerEyeL, OuterEyeL}, {InnerEyeR, OuterEyeR}}) {
            QPainterPath eye(at(inner));
            const QPointF middle = (at(inner) + at(outer)) / 2;
            eye.quadTo(middle - QPointF(0, 8), at(outer));
            eye.quadTo(middle + QPointF(0, 7), at(inner));
            painter.drawPath(eye);
        }
        painter.drawLine(at(MouthCornerR), at(MouthCornerL));
        QPainterPath nose(at(NoseWingR));
        nose.quadTo(at(NoseBase) + QPointF(0, 6), at(NoseWingL));
        painter.drawPath(nose);
    }
    if (!mark)
        return;
    painter.setBrush(theme.text);
    painter.setPen(QPen(theme.text, 2));
    painter.drawEllipse(at(*mark), 4, 4);
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(at(*mark), 9, 9);
}

} // namespace

MarkDiagram::MarkDiagram(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Where the next mark lies, from the front and from the side"));
}

void MarkDiagram::show(std::optional<Mark> mark) {
    if (mark == mark_)
        return;
    mark_ = mark;
    setAccessibleDescription(mark ? qt(whereToFind(*mark, learnersTranslator())) : QString());
    update();
}

void MarkDiagram::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double h = height() - 14.0, y = 0.43 * h + 4;
    // The side turned to the viewer carries the marks of the sitter's right when they are asked
    // for.
    const bool right = mark_ && adultHeads().mean[*mark_].x() < -0.05;
    paintHead(painter, squareView({0}, h, {width() * 0.25, y}), false, mark_);
    paintHead(painter, squareView({right ? 90.0 : -90.0}, h, {width() * 0.74, y}), true, mark_);
    painter.setFont(typeFont(TypeSize::Caption));
    painter.setPen(Theme::current().quiet);
    painter.drawText(QRectF(0, height() - 15, width() / 2.0, 15), Qt::AlignCenter, tr("front"));
    painter.drawText(QRectF(width() / 2.0, height() - 15, width() / 2.0, 15), Qt::AlignCenter,
                     tr("side"));
}

} // namespace zokran
