#include "app/overlays/picture_overlay.h"

namespace zokran {

namespace {

/// Scaled pictures of more pixels than this, as far in under a deep zoom, are not kept.
constexpr double mostPixels = 12e6;

} // namespace

void PictureOverlay::paint(const Canvas& canvas) const {
    const QRectF frame(canvas.transform.offset, QSizeF(picture_.size()) * canvas.transform.scale);
    // In the pixels of the screen, of which there may be several to one of the widget.
    const QSize dense = (frame.size() * canvas.density).toSize().expandedTo({1, 1});
    if (!kept_ || 1.0 * dense.width() * dense.height() > mostPixels) {
        // Only the part in sight is drawn, which keeps a large photograph quick.
        const QRectF shown = frame.intersected(canvas.area);
        const QRectF source((shown.topLeft() - canvas.transform.offset) / canvas.transform.scale,
                            shown.size() / canvas.transform.scale);
        canvas.painter.drawImage(shown, picture_, source);
        return;
    }
    if (kept_->of != picture_.cacheKey() || kept_->size != dense) {
        kept_->of = picture_.cacheKey();
        kept_->size = dense;
        kept_->pixmap = QPixmap::fromImage(
            picture_.scaled(dense, Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
        kept_->pixmap.setDevicePixelRatio(canvas.density);
    }
    canvas.painter.drawPixmap(canvas.transform.offset, kept_->pixmap);
}

} // namespace zokran
