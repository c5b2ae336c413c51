#pragma once

#include "core/base/units.h"

#include <QSize>
#include <QString>
#include <optional>

namespace zokran {

/// The focal length, in the pixels of a photograph shown at `shown`, from the 35 mm-equivalent
/// focal length in its EXIF data. Nothing when there is no such entry, or when the recorded size is
/// not the file's own `size`: of a cropped picture the diagonal is no longer the camera's.
std::optional<Pixels> focalFromExif(const QString& file, const QSize& size, const QSize& shown);

} // namespace zokran
