#pragma once

#include "core/print/drawing.h"

#include <QPainter>

class QWidget;

namespace zokran {

/// Paints a sheet with `dots` px of the device to the millimetre.
void paintSheet(QPainter& painter, const PrintSheet& sheet, double dots);

/// Shows sheets as they will be printed, and prints them true to size.
void previewSheets(const std::vector<PrintSheet>& sheets, QWidget* parent);

} // namespace zokran
