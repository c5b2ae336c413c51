#pragma once

#include "cast/stand_in_camera.h"

#include <QImage>

namespace zokran {

/// A picture of the stand-in camera for the screen; a null one of an empty picture.
QImage asQImage(const Picture& picture);
/// And back; empty of a null one.
Picture asPicture(const QImage& image);

} // namespace zokran
