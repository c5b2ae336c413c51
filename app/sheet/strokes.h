#pragma once

#include "app/sheet/overlay.h"

#include <QPainterPath>
#include <QPen>

namespace zokran {

/// Strokes a path over a fine halo of the opposite tone; `halo` is how much wider that is, px.
void strokeWithHalo(const Canvas& canvas, const QPainterPath& path, QPen pen, double halo);

/// Lays the halo of a line of this width along a path; `halo` as above.
void paintHalo(const Canvas& canvas, const QPainterPath& path, double width, double halo);

/// A word on a small plate of its own, so that it reads on any picture.
void paintWord(const Canvas& canvas, const QRectF& plate, const QString& word);

} // namespace zokran
