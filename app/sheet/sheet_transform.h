#pragma once

#include "core/base/points.h"

#include <QPointF>

namespace zokran {

/// From picture pixels to the widget and back.
struct SheetTransform {
    double scale = 1;
    QPointF offset;

    QPointF toView(const PicturePoint& p) const {
        return {p.x() * scale + offset.x(), p.y() * scale + offset.y()};
    }
    PicturePoint toPicture(const QPointF& p) const {
        return {(p.x() - offset.x()) / scale, (p.y() - offset.y()) / scale};
    }
};

} // namespace zokran
