#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// The ball as the learner laid it, with its middle and the handle that sets its size.
class BallOverlay : public Overlay {
public:
    explicit BallOverlay(const BallCircle& b) : ball(b) {}
    void paint(const Canvas& canvas) const override;

    const BallCircle ball;
};

} // namespace zokran
