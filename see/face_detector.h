#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include "see/face_crop.h"
#include "see/networks.h"

#include <vector>

namespace zokran {

/// A face as a detector reports it, in px of the picture.
struct DetectedFace {
    double score = 0;        ///< the detector's, 0 to 1
    FaceCrop box;            ///< square, turned like the crop in which the face was found
    PicturePoint rightEye{0, 0}, leftEye{0, 0}; ///< the sitter's
};

enum class DetectorRange {
    Short, ///< 128 px: faces from a fifth of the crop on
    Full   ///< 192 px: faces from a twentieth of the crop on
};

/// Shows the square to a detector. Returns what scores at least `least`, overlapping boxes merged, the best first.
std::vector<DetectedFace> detectFaces(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop,
                                      DetectorRange range, double least);

} // namespace zokran
