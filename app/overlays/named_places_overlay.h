#pragma once

#include "app/sheet/overlay.h"

#include <QString>

namespace zokran {

/// Places that are named in columns at both sides of the sheet, each tied to its name by a leader.
class NamedPlacesOverlay : public Overlay {
public:
    struct Shown {
        PicturePoint at;
        QString name;
    };
    explicit NamedPlacesOverlay(std::vector<Shown> p) : places(std::move(p)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Shown> places;
};

} // namespace zokran
