#include "app/telephone/qr_code.h"

#include <QPainter>
#include <memory>
#include <qrencode.h>

namespace zokran {

namespace {

constexpr int quietZone = 4; // modules, as the standard asks

} // namespace

QrCode::QrCode(QWidget* parent) : QWidget(parent) {
    setMinimumSize(sizeHint()); // to be read across a table
}

void QrCode::show(const QString& text) {
    const std::unique_ptr<QRcode, void (*)(QRcode*)> code(
        QRcode_encodeString8bit(text.toUtf8().constData(), 0, QR_ECLEVEL_M), &QRcode_free);
    modules_ = QImage();
    if (code) {
        modules_ = QImage(code->width, code->width, QImage::Format_Grayscale8);
        for (int y = 0; y < code->width; ++y)
            for (int x = 0; x < code->width; ++x)
                modules_.scanLine(y)[x] = code->data[y * code->width + x] & 1 ? 0 : 255;
    }
    setAccessibleName(text);
    update();
}

void QrCode::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    if (modules_.isNull())
        return;
    // Whole pixels a module, so that no edge is blurred.
    const int all = modules_.width() + 2 * quietZone, side = std::max(1, std::min(width(), height()) / all);
    const QRect square((width() - side * all) / 2, (height() - side * all) / 2, side * all, side * all);
    painter.fillRect(square, Qt::white);
    const int in = side * quietZone;
    painter.drawImage(square.adjusted(in, in, -in, -in), modules_);
}

} // namespace zokran
