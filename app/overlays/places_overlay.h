#pragma once

#include "app/sheet/overlay.h"

#include <QStringList>

namespace zokran {

/// Places by short signs: on white where light is caught, on dark where it stays dark.
class PlacesOverlay : public Overlay {
public:
    struct Shown {
        PicturePoint at;
        QString sign;
        bool dark = false;
    };
    explicit PlacesOverlay(std::vector<Shown> p) : places(std::move(p)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Shown> places;
};

} // namespace zokran
