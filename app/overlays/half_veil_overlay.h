#pragma once

#include "app/sheet/overlay.h"
#include "core/head/proportions.h"
#include "core/view/view.h"

namespace zokran {

/// Paper laid over the half of a head that is turned away, as far as its centre line; of a head that faces the viewer over
/// the half at the viewer's right.
class HalfVeilOverlay : public Overlay {
public:
    /// `view` must be that of the sheet's picture.
    HalfVeilOverlay(const View& view, const HeadMarks& head);
    void paint(const Canvas& canvas) const override;

    /// The edge of the covered part, px of the picture.
    const std::vector<PicturePoint>& edge() const { return edge_; }

private:
    std::vector<PicturePoint> edge_;
};

} // namespace zokran
