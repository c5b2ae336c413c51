#pragma once

#include "app/sheet/sheet_content.h"

#include <QPixmap>

class QPainter;

namespace zokran {

/// Draws a sheet's content into `area` (widget px). Pure drawing: no widget, no state. `scaled` is
/// what `scaledPicture` gave for this picture and scale, or null; with it a repaint is quick.
void paintSheet(QPainter& painter, const QRectF& area, const SheetContent& content,
                const SheetTransform& transform, const QString& litLine,
                const QPixmap& scaled = {});

/// The sheet's picture at the transform's scale; null when there is none or it would be too large
/// to keep, as far in under a deep zoom.
QPixmap scaledPicture(const SheetContent& content, const SheetTransform& transform);

/// Draws the loupe: the picture four times enlarged round `at` (picture px) in a disc at `centre`.
void paintLoupe(QPainter& painter, const QPointF& centre, const SheetContent& content,
                const SheetTransform& transform, const PicturePoint& at);

/// The id of the line that passes within a few px of `at` (widget px), or an empty string.
QString lineNear(const SheetContent& content, const SheetTransform& transform, const QPointF& at);

} // namespace zokran
