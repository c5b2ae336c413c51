#pragma once

#include "core/base/units.h"

#include <QImage>
#include <QString>
#include <optional>

namespace zokran {

/// A photograph as read from a file.
struct ReadPicture {
    QImage image;                ///< upright
    std::optional<Pixels> focal; ///< from its lens data, for the pixels of `image`
};

/// Reads a photograph upright (EXIF orientation applied). One of more than 50 million pixels is
/// brought down to that while it is decoded, always to the same size. Throws BadInput naming the
/// file and the cause: no picture, cut short, without a size, or too large to work with. Safe off
/// the UI thread. With `reduction`, 1 or more, each side of what is read has so many times fewer pixels; of JPEG files that is
/// several times quicker.
ReadPicture readPicture(const QString& file, int reduction = 1);

/// What the file chooser offers.
QString pictureFilter();

} // namespace zokran
