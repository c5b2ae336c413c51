#pragma once

#include "app/sheet/overlay.h"
#include "core/measure/kinds.h"

namespace zokran {

/// Measurements on a sheet, in dark graphite with their numbers attached; the selected one bold.
class MeasuresOverlay : public Overlay {
public:
    struct Shown {
        Reading reading;
        QString number; ///< with its unit
        bool strong = false;
    };
    MeasuresOverlay(std::vector<Shown> m, std::vector<PicturePoint> e, std::optional<PicturePoint> asked = {},
                    bool isHeld = false)
        : measures(std::move(m)), ends(std::move(e)), open(asked), isOpenHeld(isHeld) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Shown> measures;
    const std::vector<PicturePoint> ends; ///< of the one under way
    /// Where an end that is to be set on this sheet is expected, or where the keys hold it.
    const std::optional<PicturePoint> open;
    const bool isOpenHeld;
};

} // namespace zokran
