#include "app/sheet/sheet_file.h"

#include "app/text/messages.h"
#include "core/base/atomic_file.h"

#include <QBuffer>
#include <QPageSize>
#include <QPdfWriter>
#include <QSvgGenerator>

namespace zokran {

namespace {

constexpr int longSide = 1600; ///< of a PNG, px
constexpr int margin = 24;     ///< round the scene, px

void paintInto(QPainter& painter, const QSizeF& size, const Scene& scene) {
    const QRectF frame = scene.frame.isEmpty() ? QRectF({0, 0}, scene.extent) : scene.frame;
    const SheetTransform transform = SheetTransform::fitting(
        frame, QRectF({0, 0}, size).adjusted(margin, margin, -margin, -margin), 0, scene.flip);
    paintScene({painter, QRectF({0, 0}, size), transform, PaintStyle::print(), {}, 1}, scene);
}

} // namespace

QString sheetFileFilter() {
    return tr("Pictures (*.png);;Documents (*.pdf);;Drawings (*.svg)");
}

QImage sceneImage(const Scene& scene) {
    const QRectF frame = scene.frame.isEmpty() ? QRectF({0, 0}, scene.extent) : scene.frame;
    QImage image(frame.size().scaled(longSide, longSide, Qt::KeepAspectRatio).toSize().expandedTo({1, 1}),
                 QImage::Format_RGB32);
    QPainter painter(&image);
    paintInto(painter, image.size(), scene);
    return image;
}

void saveScene(const Scene& scene, const QString& file) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    if (file.endsWith(".pdf", Qt::CaseInsensitive)) {
        QPdfWriter writer(&buffer);
        writer.setPageSize(QPageSize(QPageSize::A4));
        writer.setResolution(100); // the sheet's own widths of lines suit about this many dots
        QPainter painter(&writer);
        paintInto(painter, QSizeF(writer.width(), writer.height()), scene);
    } else if (file.endsWith(".svg", Qt::CaseInsensitive)) {
        const QRectF frame = scene.frame.isEmpty() ? QRectF({0, 0}, scene.extent) : scene.frame;
        QSvgGenerator svg;
        svg.setOutputDevice(&buffer);
        svg.setSize(frame.size().scaled(longSide, longSide, Qt::KeepAspectRatio).toSize());
        svg.setViewBox(QRect({0, 0}, svg.size()));
        QPainter painter(&svg);
        paintInto(painter, svg.size(), scene);
    } else {
        sceneImage(scene).save(&buffer, "PNG");
    }
    writeAtomically(file.toStdString(), bytes.toStdString());
}

} // namespace zokran
