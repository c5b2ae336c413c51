#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// Thin paper over the picture, so that lines upon it stand out.
class VeilOverlay : public Overlay {
public:
    explicit VeilOverlay(double s) : strength(s) {}
    void paint(const Canvas& canvas) const override {
        QColor paper = canvas.style.ground;
        paper.setAlphaF(static_cast<float>(strength));
        canvas.painter.fillRect(canvas.area, paper);
    }

    const double strength; ///< 0 none, 1 nothing is seen through
};

} // namespace zokran
