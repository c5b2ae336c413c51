#include "app/study/picture_file.h"

#include "core/units.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QImageReader>

namespace zokran {

namespace {

/// Longer sides are beyond what a photograph has and what memory bears.
constexpr int longestSide = 16000;

QString tr(const char* text) {
    return QCoreApplication::translate("PictureFile", text);
}

} // namespace

QString pictureFilter() {
    return tr("Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.bmp);;All files (*)");
}

QImage readPicture(const QString& file) {
    const QString name = QFileInfo(file).fileName();
    auto refuse = [&](const QString& why) -> BadInput {
        return BadInput((name + ": " + why).toStdString());
    };
    if (!QFileInfo(file).isFile() || !QFileInfo(file).isReadable())
        throw refuse(tr("the file cannot be read"));
    QImageReader reader(file);
    reader.setAutoTransform(true);
    reader.setDecideFormatFromContent(true);
    if (!reader.canRead())
        throw refuse(tr("this is not a picture that can be read"));
    const QSize size = reader.size();
    if (size.isValid() && (size.width() < 1 || size.height() < 1))
        throw refuse(tr("the picture has no size"));
    if (std::max(size.width(), size.height()) > longestSide)
        throw refuse(tr("the picture is %1 by %2 pixels; up to %3 on a side can be used")
                         .arg(size.width())
                         .arg(size.height())
                         .arg(longestSide));
    QImageReader::setAllocationLimit(1024);
    QImage image = reader.read();
    if (image.isNull())
        throw refuse(tr("the picture is damaged or cut short (%1)").arg(reader.errorString()));
    // A JPEG that was cut short still decodes, to grey from the cut on; its end marker is missing.
    if (reader.format() == "jpeg") {
        QFile raw(file);
        if (raw.open(QIODevice::ReadOnly) && raw.size() > 4) {
            raw.seek(std::max<qint64>(0, raw.size() - 4096));
            if (!raw.readAll().contains("\xff\xd9"))
                throw refuse(tr("the picture is damaged or cut short"));
        }
    }
    return image.convertToFormat(QImage::Format_RGB32);
}

} // namespace zokran
