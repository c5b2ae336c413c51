#pragma once

#include "cast/stand_in_camera.h"

#include <string>

namespace zokran {

/// Encodes a picture; `extension` is ".png" or ".jpg". For the command line and the tests: the window encodes by Qt, for
/// the library used here makes a program start late.
std::string encoded(const Picture& picture, const std::string& extension);

/// The photograph as a camera writes it: a JPEG lying on its side with EXIF that says how it was held and through which lens it
/// was taken.
std::string encodeAsCameraJpeg(const Picture& picture, const Shot& shot);

} // namespace zokran
