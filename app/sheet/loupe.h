#pragma once

#include "app/sheet/overlay.h"

#include <QImage>

namespace zokran {

/// Draws the picture four times enlarged round `at` (picture px) in a disc at `centre`.
void paintLoupe(const Canvas& canvas, const QPointF& centre, const QImage& picture,
                const PicturePoint& at);

/// Where the disc goes for a pointer at `at`: beside it, on the side with more room, never over the
/// spot.
QPointF loupePlace(const QPointF& at, const QRectF& area);

/// For a spot that the keys hold: in the sheet's corner that is furthest from it, where it covers least of the head.
QPointF loupeCorner(const QPointF& at, const QRectF& area);

} // namespace zokran
