#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// A place the guessed construction is pulled by.
struct SheetHandle {
    GuessHandle handle;
    PicturePoint at;
    QString word; ///< what pulling it does
};

/// The handles as small filled diamonds, each with its word.
class HandlesOverlay : public Overlay {
public:
    explicit HandlesOverlay(std::vector<SheetHandle> h) : handles(std::move(h)) {}
    void paint(const Canvas& canvas) const override;
    std::optional<Hit> hit(const SheetTransform& transform, const QPointF& at) const override;

    const std::vector<SheetHandle> handles;
};

} // namespace zokran
