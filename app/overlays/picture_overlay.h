#pragma once

#include "app/sheet/overlay.h"

#include <QImage>
#include <QPixmap>
#include <memory>

namespace zokran {

/// A picture brought to one scale, kept from one painting to the next.
struct ScaledPicture {
    qint64 of = 0; ///< the picture's key
    QSize size;
    QPixmap pixmap;
};

/// The photograph or the sketch under everything else, sharp on dense screens.
class PictureOverlay : public Overlay {
public:
    /// `extent`: what the picture covers, px of the sheet; its own size where it is empty.
    PictureOverlay(QImage picture, std::shared_ptr<ScaledPicture> kept, const QSizeF& extent = {})
        : picture_(std::move(picture)), kept_(std::move(kept)),
          extent_(extent.isEmpty() ? QSizeF(picture_.size()) : extent) {}
    void paint(const Canvas& canvas) const override;

private:
    QImage picture_;
    std::shared_ptr<ScaledPicture> kept_;
    QSizeF extent_;
};

} // namespace zokran
