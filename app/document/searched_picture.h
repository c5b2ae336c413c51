#pragma once

#include "see/suggest_marks.h"

#include <QImage>
#include <filesystem>

namespace zokran {

/// The pixels as OpenCV wants them, blue, green, red, with memory of their own.
cv::Mat matrixOf(const QImage& picture);

/// Reads a photograph to be searched for faces, `reduction` times smaller each way. Throws BadInput like readPicture.
SearchedPicture searchedPicture(const std::filesystem::path& file, int reduction);

} // namespace zokran
