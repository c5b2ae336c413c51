#pragma once

#include "app/sheet/overlay.h"
#include "core/compare/registration.h"

#include <QImage>

namespace zokran {

/// The reference laid over the sketch as the registration has it: see-through, or a part of it.
class WarpedOverlay : public Overlay {
public:
    struct Shown {
        QImage picture = {};
        QSizeF extent = {};           ///< what it covers in its own sheet, px
        Similarity registration = {}; ///< from there to this sheet
        double strength = 1;          ///< 0 not to be seen, 1 nothing else is
        double upTo = 1;              ///< share of the widget's width it covers, from the left
    };
    explicit WarpedOverlay(Shown s) : shown(std::move(s)) {}
    void paint(const Canvas& canvas) const override;

    const Shown shown;
};

} // namespace zokran
