#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// A correction: from where a feature is drawn to where it belongs, px.
struct CorrectionArrow {
    PicturePoint from, to;
    bool strong = false; ///< spoken of by a finding that is to be mended
};

class ArrowsOverlay : public Overlay {
public:
    explicit ArrowsOverlay(std::vector<CorrectionArrow> a) : arrows(std::move(a)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<CorrectionArrow> arrows;
};

} // namespace zokran
