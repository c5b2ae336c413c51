#pragma once

#include "cast/stand_in_camera.h"

#include <QImage>
#include <string>

namespace zokran {

/// A picture of the stand-in camera for the screen; a null one of an empty picture.
QImage asQImage(const Picture& picture);
/// And back; empty of a null one.
Picture asPicture(const QImage& image);

/// A picture of the stand-in camera as a camera writes it: a JPEG file lying on its side that says how it was held and through
/// which lens it was taken.
std::string cameraJpeg(const Picture& picture, const Shot& shot);

} // namespace zokran
