#include "app/overlays/picture_overlay.h"

namespace zokran {

namespace {

/// Scaled pictures of more pixels than this, as far in under a deep zoom, are not kept.
constexpr double mostPixels = 12e6;

} // namespace

void PictureOverlay::paint(const Canvas& canvas) const {
    const SheetTransform& transform = canvas.transform;
    const QRectF frame = transform.toView(QRectF({0, 0}, extent_));
    QPainter& painter = canvas.painter;
    // Turned over about the middle of where it lies, and painted there as if it were not.
    painter.save();
    painter.translate(frame.center());
    painter.scale(transform.across() < 0 ? -1 : 1, transform.down() < 0 ? -1 : 1);
    painter.translate(-frame.center());
    // In the pixels of the screen, of which there may be several to one of the widget.
    const QSize dense = (frame.size() * canvas.density).toSize().expandedTo({1, 1});
    if (!kept_ || 1.0 * dense.width() * dense.height() > mostPixels) {
        // Only the part in sight is drawn, which keeps a large photograph quick.
        QRectF sight = canvas.area;
        if (transform.across() < 0)
            sight.moveLeft(2 * frame.center().x() - sight.right());
        if (transform.down() < 0)
            sight.moveTop(2 * frame.center().y() - sight.bottom());
        const QRectF shown = frame.intersected(sight);
        const double zoom = frame.width() / picture_.width();
        const QRectF source((shown.topLeft() - frame.topLeft()) / zoom, shown.size() / zoom);
        painter.drawImage(shown, picture_, source);
        painter.restore();
        return;
    }
    if (kept_->of != picture_.cacheKey() || kept_->size != dense) {
        kept_->of = picture_.cacheKey();
        kept_->size = dense;
        kept_->pixmap = QPixmap::fromImage(
            picture_.scaled(dense, Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
        kept_->pixmap.setDevicePixelRatio(canvas.density);
    }
    painter.drawPixmap(frame.topLeft(), kept_->pixmap);
    painter.restore();
}

} // namespace zokran
