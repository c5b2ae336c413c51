#include "app/sheet/sheet_painter.h"

#include "app/theme/theme.h"

#include <QCoreApplication>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr double loupeRadius = 72, loupePower = 4;
constexpr double reach = 7; ///< how near the pointer must be to a line, px

/// Lines that carry a name at the edge of the sheet.
constexpr const char* named[] = {"hairline",       "brow_line",  "eye_line",
                                 "nose_base_line", "mouth_line", "chin_line"};

void strokeWithHalo(QPainter& painter, const QPainterPath& path, QPen pen, double haloWidth) {
    QColor halo = Theme::current().halo;
    halo.setAlphaF(0.62f);
    painter.setBrush(Qt::NoBrush);
    if (haloWidth > 0) {
        painter.setPen(
            QPen(halo, pen.widthF() + haloWidth, Qt::SolidLine, Qt::FlatCap, Qt::BevelJoin));
        // Under a smooth line a rough halo is not seen, and it is painted in a fraction of the
        // time.
        painter.setRenderHint(QPainter::Antialiasing, false);
        painter.drawPath(path);
        painter.setRenderHint(QPainter::Antialiasing, true);
    }
    pen.setCapStyle(Qt::FlatCap);
    pen.setJoinStyle(Qt::BevelJoin);
    painter.setPen(pen);
    painter.drawPath(path);
}

/// A word on a small plate of its own, so that it reads on any picture.
void paintWord(QPainter& painter, const QRectF& plate, const QString& word) {
    QColor back = Theme::current().sheet;
    back.setAlphaF(0.88f);
    painter.setPen(Qt::NoPen);
    painter.setBrush(back);
    painter.drawRoundedRect(plate, 3, 3);
    painter.setPen(Theme::current().text);
    painter.setFont(typeFont(TypeSize::Caption, true));
    painter.drawText(plate, Qt::AlignCenter, word);
}

void append(QPainterPath& path, const GuideLine& line, const SheetTransform& transform) {
    // Steps of a few pixels look smooth; finer ones only cost time.
    constexpr double shortest = 4;
    QPointF last;
    for (std::size_t i = 0; i < line.points.size(); ++i) {
        const QPointF p = transform.toView(line.points[i]);
        if (i == 0)
            path.moveTo(p);
        else if (i + 1 == line.points.size() || (p - last).manhattanLength() >= shortest)
            path.lineTo(p);
        else
            continue;
        last = p;
    }
}

void paintLines(QPainter& painter, const SheetContent& content, const SheetTransform& transform,
                const QString& litLine) {
    const Theme& theme = Theme::current();
    // All lines drawn alike are one path: a few long strokes cost far less than many short ones.
    // Hidden pieces lie under the seen ones, and a lit line over its like.
    // A committed guess lies under everything, in long dashes of its own colour.
    QPainterPath guess;
    for (const GuideLine& line : content.lines)
        if (line.kind == LineKind::Guess)
            append(guess, line, transform);
    if (!guess.isEmpty()) {
        QPen pen(theme.mark, 1.5);
        pen.setDashPattern({9, 4, 2, 4});
        strokeWithHalo(painter, guess, pen, 1.6);
    }
    for (const auto& [hidden, construction, lit] : {std::tuple{true, true, false},
                                                    {true, false, false},
                                                    {true, true, true},
                                                    {true, false, true},
                                                    {false, true, false},
                                                    {false, false, false},
                                                    {false, true, true},
                                                    {false, false, true}}) {
        QPainterPath path;
        for (const GuideLine& line : content.lines)
            if (line.kind != LineKind::Guess && line.hidden == hidden &&
                (line.kind == LineKind::Construction) == construction &&
                (litLine == QString::fromStdString(line.id)) == lit)
                append(path, line, transform);
        if (path.isEmpty())
            continue;
        QColor colour = construction ? theme.chalk : theme.ink;
        double width = hidden ? 1.1 : construction ? 2.2 : 1.7;
        if (lit)
            width += 1.6;
        if (hidden)
            colour.setAlphaF(lit ? 0.85f : 0.45f);
        QPen pen(colour, width);
        if (hidden)
            pen.setDashPattern({4 / width, 4 / width});
        strokeWithHalo(painter, path, pen, hidden ? 0 : 2.0);
    }
}

/// The names stand in a column at the edge of the sheet that is further from the head, so that they
/// keep off the face, each tied to its line by a thin leader.
void paintLabels(QPainter& painter, const QRectF& area, const SheetContent& content,
                 const SheetTransform& transform, const QString& litLine) {
    struct Label {
        QString id, text;
        QPointF left, right;
        double y;
    };
    std::vector<Label> labels;
    double leftmost = 1e9, rightmost = -1e9;
    for (const GuideLine& line : content.lines)
        for (const PicturePoint& p : line.points) {
            leftmost = std::min(leftmost, transform.toView(p).x());
            rightmost = std::max(rightmost, transform.toView(p).x());
        }
    for (const char* id : named) {
        Label label{id, QString::fromUtf8(wordsForLine(id).data()), {1e9, 0}, {-1e9, 0}, 0};
        for (const GuideLine& line : content.lines)
            if (line.id == id && !line.hidden)
                for (const PicturePoint& p : line.points) {
                    const QPointF v = transform.toView(p);
                    if (v.x() < label.left.x())
                        label.left = v;
                    if (v.x() > label.right.x())
                        label.right = v;
                }
        if (const auto note = content.labelNotes.find(id); note != content.labelNotes.end())
            label.text += "  " + note->second;
        if (label.left.x() < 1e8)
            labels.push_back(label);
    }
    const bool onRight = area.right() - rightmost > leftmost - area.left();
    for (Label& label : labels)
        label.y = onRight ? label.right.y() : label.left.y();
    std::sort(labels.begin(), labels.end(),
              [](const Label& a, const Label& b) { return a.y < b.y; });
    const QFont font = typeFont(TypeSize::Caption, true);
    const QFontMetricsF metrics(font);
    const double step = metrics.height() + 4;
    for (std::size_t i = 1; i < labels.size(); ++i)
        labels[i].y = std::max(labels[i].y, labels[i - 1].y + step);
    if (!labels.empty() && labels.back().y > area.bottom() - 12) {
        labels.back().y = area.bottom() - 12;
        for (std::size_t i = labels.size() - 1; i-- > 0;)
            labels[i].y = std::min(labels[i].y, labels[i + 1].y - step);
    }
    const Theme& theme = Theme::current();
    for (const Label& label : labels) {
        const double width = metrics.horizontalAdvance(label.text);
        const QRectF box(onRight ? area.right() - width - 14 : area.left() + 6, label.y - step / 2,
                         width + 8, step);
        const QPointF to = onRight ? label.right : label.left;
        const QPointF from(onRight ? box.left() : box.right(), label.y);
        const bool lit = label.id == litLine;
        QColor leader = theme.halo;
        leader.setAlphaF(0.7f);
        painter.setPen(QPen(leader, 2.4));
        painter.drawLine(from, to);
        painter.setPen(QPen(theme.text, lit ? 1.6 : 0.8));
        painter.drawLine(from, to);
        paintWord(painter, box, label.text);
    }
}

void paintBall(QPainter& painter, const BallCircle& ball, const SheetTransform& transform) {
    const QPointF centre = transform.toView(ball.centre);
    const double r = ball.radius.value * transform.scale;
    QPainterPath path;
    path.addEllipse(centre, r, r);
    path.moveTo(centre - QPointF(6, 0));
    path.lineTo(centre + QPointF(6, 0));
    path.moveTo(centre - QPointF(0, 6));
    path.lineTo(centre + QPointF(0, 6));
    QPen pen(Theme::current().chalk, 1.4);
    pen.setDashPattern({1.5, 3});
    strokeWithHalo(painter, path, pen, 2);
    // The handle that sets the size.
    painter.setBrush(Theme::current().chalk);
    painter.setPen(QPen(Theme::current().halo, 2));
    painter.drawRect(QRectF(centre.x() + r - 5, centre.y() - 5, 10, 10));
}

void paintMarks(QPainter& painter, const SheetContent& content, const SheetTransform& transform) {
    const Theme& theme = Theme::current();
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto& placed = content.marks[m];
        if (!placed || !placed->usable())
            continue;
        const QPointF at = transform.toView(*placed->at);
        const bool doubtful = std::find(content.doubtful.begin(), content.doubtful.end(), m) !=
                              content.doubtful.end();
        if (const auto& expected = content.expected[m]) {
            const QPointF ring = transform.toView(*expected);
            QPainterPath path;
            path.addEllipse(ring, 4.5, 4.5);
            if (QLineF(ring, at).length() > 5) {
                path.moveTo(at);
                path.lineTo(ring);
            }
            strokeWithHalo(painter, path, QPen(theme.ink, doubtful ? 2.2 : 1.1), 1.6);
        }
        if (content.smallMarks && content.touched != m) {
            painter.setBrush(theme.mark);
            painter.setPen(QPen(theme.halo, 1.4));
            painter.drawEllipse(at, 2.8, 2.8);
            continue;
        }
        if (placed->suggested) {
            // Not looked over yet: a dotted ring with a question, told from a mark by its shape.
            QPainterPath ring;
            ring.addEllipse(at, 7, 7);
            QPen pen(theme.mark, content.touched == m ? 2.4 : 1.6);
            pen.setDashPattern({1.4, 1.6});
            strokeWithHalo(painter, ring, pen, 2.2);
            paintWord(painter, QRectF(at.x() + 6, at.y() - 19, 13, 15), QStringLiteral("?"));
            continue;
        }
        // A small cross whose middle is left open, so that the spot itself can be seen.
        QPainterPath cross;
        const double arm = content.touched == m ? 9 : 6;
        for (const QPointF& d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
            cross.moveTo(at + 2 * d);
            cross.lineTo(at + arm * d);
        }
        strokeWithHalo(painter, cross, QPen(theme.mark, content.touched == m ? 2.4 : 1.6), 2.2);
        if (doubtful) {
            painter.setFont(typeFont(TypeSize::Caption, true));
            const QString word = QCoreApplication::translate("Sheet", "doubtful");
            const QRectF box = QFontMetricsF(painter.font())
                                   .boundingRect(word)
                                   .translated(at + QPointF(10, -8))
                                   .adjusted(-4, -2, 4, 2);
            paintWord(painter, box, word);
        }
    }
}

/// Handles are small filled diamonds, each with the word for what pulling it does.
void paintHandles(QPainter& painter, const QRectF& area, const SheetContent& content,
                  const SheetTransform& transform) {
    const Theme& theme = Theme::current();
    const QFont font = typeFont(TypeSize::Caption, true);
    const QFontMetricsF metrics(font);
    const double step = metrics.height() + 4;
    std::vector<QRectF> taken;
    for (const SheetHandle& h : content.handles) {
        const QPointF at = transform.toView(h.at);
        QPainterPath diamond;
        diamond.moveTo(at + QPointF(0, -7));
        diamond.lineTo(at + QPointF(7, 0));
        diamond.lineTo(at + QPointF(0, 7));
        diamond.lineTo(at + QPointF(-7, 0));
        diamond.closeSubpath();
        painter.setBrush(theme.chalk);
        painter.setPen(QPen(theme.halo, 2));
        painter.drawPath(diamond);
        QRectF box(at.x() + 11, at.y() - step / 2, metrics.horizontalAdvance(h.word) + 8, step);
        if (box.right() > area.right() - 4)
            box.moveRight(at.x() - 11);
        // Words of handles that lie close together make room for one another.
        for (int tries = 0; tries < 8; ++tries)
            if (std::any_of(taken.begin(), taken.end(),
                            [&](const QRectF& other) { return other.intersects(box); }))
                box.translate(0, step + 1);
        taken.push_back(box);
        paintWord(painter, box, h.word);
    }
}

void paintArrow(QPainter& painter, const CorrectionArrow& arrow, const SheetTransform& transform) {
    const QPointF from = transform.toView(arrow.from), to = transform.toView(arrow.to);
    const QLineF shaft(from, to);
    const double length = shaft.length();
    if (length < 3)
        return;
    const QPointF along = (to - from) / length, aside(-along.y(), along.x());
    const double head = std::min(length, arrow.strong ? 8.0 : 6.0);
    QPainterPath path;
    path.moveTo(from);
    path.lineTo(to - 0.6 * head * along);
    strokeWithHalo(painter, path, QPen(Theme::current().correction, arrow.strong ? 2.6 : 1.5), 1.6);
    QPainterPath tip;
    tip.moveTo(to);
    tip.lineTo(to - head * along + 0.42 * head * aside);
    tip.lineTo(to - head * along - 0.42 * head * aside);
    tip.closeSubpath();
    painter.setPen(QPen(Theme::current().halo, 0.7));
    painter.setBrush(Theme::current().correction);
    painter.drawPath(tip);
}

} // namespace

QPixmap scaledPicture(const SheetContent& content, const SheetTransform& transform) {
    const QSizeF size = content.extent * transform.scale;
    constexpr double mostPixels = 6e6;
    if (content.picture.isNull() || size.width() * size.height() > mostPixels)
        return {};
    return QPixmap::fromImage(content.picture.scaled(
        size.toSize().expandedTo({1, 1}), Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
}

void paintSheet(QPainter& painter, const QRectF& area, const SheetContent& content,
                const SheetTransform& transform, const QString& litLine, const QPixmap& scaled) {
    const Theme& theme = Theme::current();
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.setClipRect(area);
    painter.fillRect(area, theme.sheet);
    const QRectF frame(transform.offset, content.extent * transform.scale);
    if (!scaled.isNull()) {
        painter.drawPixmap(transform.offset.toPoint(), scaled);
    } else if (!content.picture.isNull()) {
        // Only the part in sight is drawn, which keeps a large photograph quick.
        const QRectF shown = frame.intersected(area);
        const QRectF source((shown.topLeft() - transform.offset) / transform.scale,
                            shown.size() / transform.scale);
        painter.drawImage(shown, content.picture, source);
    }
    paintLines(painter, content, transform, litLine);
    if (content.ball)
        paintBall(painter, *content.ball, transform);
    paintMarks(painter, content, transform);
    for (const CorrectionArrow& arrow : content.arrows)
        paintArrow(painter, arrow, transform);
    paintHandles(painter, area, content, transform);
    if (content.labels)
        paintLabels(painter, area, content, transform, litLine);
    if (content.picture.isNull() && content.lines.empty() && !content.emptyText.isEmpty()) {
        painter.setFont(typeFont(TypeSize::Heading));
        painter.setPen(theme.quiet);
        painter.drawText(area.adjusted(40, 40, -40, -40), Qt::AlignCenter | Qt::TextWordWrap,
                         content.emptyText);
    }
}

void paintLoupe(QPainter& painter, const QPointF& centre, const SheetContent& content,
                const SheetTransform& transform, const PicturePoint& at) {
    painter.save();
    QPainterPath disc;
    disc.addEllipse(centre, loupeRadius, loupeRadius);
    painter.setClipPath(disc);
    painter.fillPath(disc, Theme::current().sheet);
    const double scale = std::max(transform.scale * loupePower, 2.0);
    const double half = loupeRadius / scale;
    painter.drawImage(QRectF(centre.x() - loupeRadius, centre.y() - loupeRadius, 2 * loupeRadius,
                             2 * loupeRadius),
                      content.picture, QRectF(at.x() - half, at.y() - half, 2 * half, 2 * half));
    painter.setClipping(false);
    QPainterPath hairs;
    for (const QPointF& d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)}) {
        hairs.moveTo(centre + 6 * d);
        hairs.lineTo(centre + 22 * d);
    }
    strokeWithHalo(painter, hairs, QPen(Theme::current().mark, 1.4), 2);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(Theme::current().halo, 5));
    painter.drawPath(disc);
    painter.setPen(QPen(Theme::current().text, 1.6));
    painter.drawPath(disc);
    painter.restore();
}

QString lineNear(const SheetContent& content, const SheetTransform& transform, const QPointF& at) {
    QString best;
    double nearest = reach;
    for (const GuideLine& line : content.lines)
        for (std::size_t i = 1; i < line.points.size(); ++i) {
            const QPointF a = transform.toView(line.points[i - 1]);
            const QPointF b = transform.toView(line.points[i]);
            const QPointF d = b - a;
            const double size = QPointF::dotProduct(d, d);
            const double t =
                size > 0 ? std::clamp(QPointF::dotProduct(at - a, d) / size, 0.0, 1.0) : 0;
            const double distance = QLineF(at, a + t * d).length();
            if (distance < nearest) {
                nearest = distance;
                best = QString::fromStdString(line.id);
            }
        }
    return best;
}

} // namespace zokran
