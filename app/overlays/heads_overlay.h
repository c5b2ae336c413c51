#pragma once

#include "app/sheet/overlay.h"
#include "core/page/framing.h"

namespace zokran {

/// The drawings on a page, each in a numbered frame.
class HeadsOverlay : public Overlay {
public:
    explicit HeadsOverlay(std::vector<Framing> h) : heads(std::move(h)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Framing> heads;
};

} // namespace zokran
