#include "app/document/picture_file.h"

#include "app/document/jpeg_end.h"
#include "app/document/lens_data.h"
#include "app/text/messages.h"
#include "core/base/errors.h"

#include <QFileInfo>
#include <QImageReader>
#include <cmath>

namespace zokran {

namespace {

/// Longer sides are beyond what a photograph has.
constexpr int longestSide = 30000;
/// More pixels than this are not kept.
constexpr double mostPixels = 50e6;
/// Formats other than JPEG are decoded whole before they are brought down; beyond this many pixels
/// that costs more memory than is decent.
constexpr double mostDecoded = 120e6;

} // namespace

QString pictureFilter() {
    return tr("Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.bmp);;All files (*)");
}

ReadPicture readPicture(const QString& file, int reduction) {
    const QString name = QFileInfo(file).fileName();
    auto refuse = [&](const QString& why) -> BadInput {
        return BadInput((name + ": " + why).toStdString());
    };
    if (!QFileInfo::exists(file))
        throw refuse(tr("the file is not there any more"));
    if (!QFileInfo(file).isFile() || !QFileInfo(file).isReadable())
        throw refuse(tr("the file cannot be read"));
    QImageReader reader(file);
    reader.setAutoTransform(true);
    reader.setDecideFormatFromContent(true);
    if (!reader.canRead())
        throw refuse(tr("this is not a picture that can be read"));
    const bool jpeg = reader.format() == "jpeg"; // asked before reading; afterwards it is gone
    const QSize size = reader.size();
    const double pixels = 1.0 * size.width() * size.height();
    if (size.isValid() && (size.width() < 1 || size.height() < 1))
        throw refuse(tr("the picture has no size"));
    if (std::max(size.width(), size.height()) > longestSide || (!jpeg && pixels > mostDecoded))
        throw refuse(tr("the picture is %1 by %2 pixels, which is too large to work with")
                         .arg(size.width())
                         .arg(size.height()));
    if (jpeg && !reachesItsEnd(file))
        throw refuse(tr("the picture is damaged or cut short"));
    QSize read = size;
    if (pixels > mostPixels)
        read *= std::sqrt(mostPixels / pixels);
    if (reduction > 1) // rounded up, as the decoder of JPEG does, so that nothing is scaled a second time
        read = QSize((read.width() + reduction - 1) / reduction, (read.height() + reduction - 1) / reduction);
    if (size.isValid() && read != size)
        reader.setScaledSize(read);
    QImageReader::setAllocationLimit(640);
    ReadPicture picture;
    picture.image = reader.read();
    if (picture.image.isNull())
        throw refuse(tr("the picture is damaged or cut short (%1)").arg(reader.errorString()));
    if (picture.image.format() != QImage::Format_RGB32)
        picture.image = std::move(picture.image).convertToFormat(QImage::Format_RGB32);
    picture.focal = focalFromExif(file, size, picture.image.size());
    return picture;
}

} // namespace zokran
