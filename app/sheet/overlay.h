#pragma once

#include "app/sheet/paint_style.h"
#include "app/sheet/sheet_transform.h"
#include "core/head/marks.h"

#include <QPainter>
#include <QRectF>
#include <QString>
#include <optional>
#include <variant>

namespace zokran {

/// What an overlay paints on.
struct Canvas {
    QPainter& painter;
    QRectF area; ///< of the sheet, px of the widget
    SheetTransform transform;
    PaintStyle style;
    QString highlighted; ///< the line under the pointer
    double density = 1; ///< pixels of the screen for one of the widget
};

/// What lies under the pointer, and how far off, px of the widget.
struct Hit {
    std::variant<std::string, Mark> what; ///< a line by its id, a mark
    double distance = 0;
};

/// A line in sight and where its name may stand, px of the picture.
struct NamedPlace {
    std::string line;
    PicturePoint at;
};

/// A thing that lies on a sheet. It paints itself and tells what of it is near a place. Each kind
/// is one file of app/overlays.
class Overlay {
public:
    virtual ~Overlay() = default;
    virtual void paint(const Canvas& canvas) const = 0;
    /// What of this overlay lies within its own reach of `at` (px of the widget), the nearest.
    virtual std::optional<Hit> hit(const SheetTransform& transform, const QPointF& at) const {
        Q_UNUSED(transform);
        Q_UNUSED(at);
        return std::nullopt;
    }
    /// Its lines that are in sight, to be named one after another by keys.
    virtual std::vector<NamedPlace> named() const { return {}; }
};

} // namespace zokran
