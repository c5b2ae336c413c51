#pragma once

#include "app/sheet/overlay.h"

#include <QString>

namespace zokran {

/// One of several labels in a column at the side of a sheet.
struct ColumnLabel {
    QString text;
    double y = 0; ///< of its middle, px of the widget
    QPointF end;  ///< where its leader leads
    bool strong = false;
};

/// Lays labels in a column at the right or left of the sheet, each on a plate and tied to its place by a thin leader; those
/// that would lie on one another move apart.
void paintLabelColumn(const Canvas& canvas, std::vector<ColumnLabel> labels, bool onRight);

} // namespace zokran
