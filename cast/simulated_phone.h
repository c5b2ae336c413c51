#pragma once

#include "cast/stand_in_camera.h"

#include <opencv2/core.hpp>

namespace zokran {

/// How a sheet on a table comes into a hand-held phone: a little askew, in a lamp's uneven light,
/// with the holder's shadow, the table round it and a trace of blur.
struct Snapshot {
    cv::Mat3b picture;
    cv::Matx33d toPicture; ///< from the sheet's pixels, a homography
};

/// Takes one of a sheet (blue, green, red); `seed` moves hand, lamp and table. The picture has the
/// sheet's size.
Snapshot snapshotOf(const cv::Mat3b& sheet, unsigned seed);

} // namespace zokran
