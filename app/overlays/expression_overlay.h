#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// Eyebrows, lids and lips by their marks: rings to be dragged, joined by light strokes as a pencil runs through them.
class ExpressionOverlay : public Overlay {
public:
    struct Shown {
        PerExpressionMark<std::optional<PicturePoint>> places;
        PerExpressionMark<bool> isFound{}; ///< placed or found in the picture; else only expected there, drawn dashed
        std::optional<ExpressionMark> taken;
        PerMark<std::optional<PicturePoint>> structure; ///< the corners the strokes of lids and lips end in
    };
    explicit ExpressionOverlay(Shown what) : shown(std::move(what)) {}
    void paint(const Canvas& canvas) const override;

    const Shown shown;
};

} // namespace zokran
