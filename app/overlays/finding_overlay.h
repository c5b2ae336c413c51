#pragma once

#include "app/sheet/overlay.h"

#include <optional>
#include <vector>

namespace zokran {

/// What one finding speaks of, px of the picture.
struct FindingShown {
    std::vector<std::vector<PicturePoint>> drawn;   ///< the sketch's own lines, in graphite
    std::vector<std::vector<PicturePoint>> belongs; ///< where they belong, in chalk
    /// From where it is drawn to where it belongs, and how long that is in words.
    struct Arrow {
        PicturePoint from, to;
        QString length;
    };
    std::optional<Arrow> arrow;
    /// Lengths to be compared by a pencil held out, each with its number.
    struct Bar {
        PicturePoint from, to;
        QString number;
    };
    std::vector<Bar> bars;
    /// Level lines that run on over the other sheet, with their names; at the height of a place.
    std::vector<std::pair<PicturePoint, QString>> threads;
};

/// One finding on a sheet and nothing else: bold enough to read from the easel.
class FindingOverlay : public Overlay {
public:
    explicit FindingOverlay(FindingShown s) : shown(std::move(s)) {}
    void paint(const Canvas& canvas) const override;

    const FindingShown shown;
};

} // namespace zokran
