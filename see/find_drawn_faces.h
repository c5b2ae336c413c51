#pragma once

#include "see/face_points.h"
#include "see/networks.h"

#include <atomic>
#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// The drawing (blue, green, red, 8 bits each, light paper) with a dark band along everything that can be reached from its border
/// without crossing a stroke; gaps between strokes up to `gap` are closed, and the band is three quarters of it wide. So a head's
/// contour becomes the edge between a light head and a dark ground, as in the photographs that the networks learned from.
cv::Mat withDarkBackground(const cv::Mat& drawing, Pixels gap);

/// Finds the faces of a drawing whose light was evened (blue, green, red, 8 bits each), the largest first, with `findFaces`.
/// Where one is not certain, or none was found, the drawing is searched again `withDarkBackground`: where both readings of a face
/// are alike, their mean is taken, and it is certain if the second is and eyes and mouth are drawn there; where they differ, the
/// second is taken, which then is not certain, and half the difference is added to its `disagreement`. What only the second
/// contains counts where the first found nothing, and is not certain. Last, a face that looks aside is read once more from the
/// drawing stretched along the line of its eyes: where that reading is unlike, the face is not certain, and where it is much
/// alike and eyes and mouth are drawn, it is. Up to three seconds; returns early, with nothing, once `cancelled` is true.
std::vector<FoundFace> findDrawnFaces(FaceNetworks& networks, const cv::Mat& drawing,
                                      const std::atomic<bool>* cancelled = nullptr);

} // namespace zokran
