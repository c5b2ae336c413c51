#pragma once

#include "core/base/points.h"
#include "core/base/units.h"

#include <array>
#include <atomic>
#include <filesystem>
#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// The 68 points of one face, in the numbering of the predictor's training set (from the viewer's
/// left), in the picture's pixels.
struct FacePoints {
    std::array<PicturePoint, 68> at;
    double score = 0; ///< the detector's own
    Pixels width;     ///< of the box it found
};

/// Finds the upright and leaning faces of a picture (blue, green, red): dlib's frontal face detector,
/// shown the picture at several turns, and its predictor of 68 points. The largest face first. The
/// picture is searched `height` pixels high or less. Takes seconds; returns early, with nothing, once
/// `cancelled` is true. Throws BadInput when the predictor's file is missing (then it names the package
/// that brings it).
std::vector<FacePoints> findFaces(const cv::Mat& picture, double height = 900,
                                  const std::atomic<bool>* cancelled = nullptr);

} // namespace zokran
