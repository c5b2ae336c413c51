#pragma once

#include "core/print/drawing.h"

#include <opencv2/core/mat.hpp>
#include <string>

namespace zokran::cli {

/// A picture file, blue green red. Throws BadInput naming it.
cv::Mat pictureFrom(const std::string& file);

/// The same as it is printed.
PrintPicture printPictureFrom(const std::string& file);

} // namespace zokran::cli
