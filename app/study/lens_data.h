#pragma once

#include "core/units.h"

#include <QSize>
#include <QString>
#include <optional>

namespace zokran {

/// The focal length in pixels of a photograph `size` px large, from the 35 mm-equivalent focal
/// length in its EXIF data. The equivalence is of the diagonals, 43.27 mm on a full frame (CIPA
/// DCG-001, from memory). Nothing when there is no such entry, or when the recorded size is not the
/// picture's: a cropped picture no longer has its camera's axis in the middle.
std::optional<Pixels> focalFromExif(const QString& file, const QSize& size);

} // namespace zokran
