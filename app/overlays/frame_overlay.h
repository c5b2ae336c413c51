#pragma once

#include "app/sheet/overlay.h"
#include "core/page/framing.h"

namespace zokran {

/// What of a photograph is looked at: the rest lies under a veil, a grip at each corner.
class FrameOverlay : public Overlay {
public:
    explicit FrameOverlay(const Framing& f) : framing(f) {}
    void paint(const Canvas& canvas) const override;

    const Framing framing;
};

} // namespace zokran
