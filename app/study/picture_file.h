#pragma once

#include <QImage>
#include <QString>

namespace zokran {

/// Reads a photograph upright (EXIF orientation applied). Throws BadInput naming the file and the
/// cause: no picture, cut short, without a size, or too large to work with. Safe off the UI thread.
QImage readPicture(const QString& file);

/// What the file chooser offers.
QString pictureFilter();

} // namespace zokran
