#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// Places whose value is off: a ring round each, its number, and a triangle that points down where it is to become
/// darker, up where lighter.
class TonesOverlay : public Overlay {
public:
    struct Shown {
        PicturePoint at;
        Pixels radius;
        int number = 1;
        bool darker = true;
        bool isChosen = false;
    };
    explicit TonesOverlay(std::vector<Shown> s) : places(std::move(s)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Shown> places;
};

} // namespace zokran
