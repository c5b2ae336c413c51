#include "app/document/cast_picture.h"

#include <QBuffer>
#include <QTransform>

namespace zokran {

QImage asQImage(const Picture& picture) {
    if (picture.bgr.empty())
        return {};
    return QImage(picture.bgr.data(), picture.width, picture.height, 3 * picture.width,
                  QImage::Format_BGR888)
        .copy();
}

Picture asPicture(const QImage& image) {
    const QImage bgr = image.convertToFormat(QImage::Format_BGR888);
    Picture picture{bgr.width(), bgr.height(), {}};
    for (int y = 0; y < bgr.height(); ++y)
        picture.bgr.insert(picture.bgr.end(), bgr.constScanLine(y), bgr.constScanLine(y) + 3 * bgr.width());
    return picture;
}

std::string cameraJpeg(const Picture& picture, const Shot& shot) {
    constexpr int quality = 92;
    const QImage lying = asQImage(picture).transformed(QTransform().rotate(-90));
    QBuffer file;
    file.open(QIODevice::WriteOnly);
    lying.save(&file, "JPG", quality);
    return withCameraExif(file.data().toStdString(), shot, lying.width(), lying.height());
}

} // namespace zokran
