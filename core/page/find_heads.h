#pragma once

#include "core/page/framing.h"

#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// The drawings on a page (8-bit, one, three or four channels), each in a frame with air round it, in the order they
/// are read: rows from the top, each from the left. Px of the page. Strokes that lie near each other are one drawing;
/// words, smudges and whatever is much smaller than the largest drawing are none. Empty for a bare page.
std::vector<Framing> drawingsOn(const cv::Mat& page);

} // namespace zokran
