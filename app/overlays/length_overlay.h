#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// A length with a ring at either end and what it measures in words, the touched end larger.
class LengthOverlay : public Overlay {
public:
    LengthOverlay(const PicturePoint& f, const PicturePoint& t, QString w, std::size_t e)
        : from(f), to(t), word(std::move(w)), touched(e) {}
    void paint(const Canvas& canvas) const override;

    const PicturePoint from, to;
    const QString word;
    const std::size_t touched; ///< 0 or 1
};

} // namespace zokran
