#pragma once

#include "see/face_points.h"
#include "see/networks.h"

#include <atomic>
#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// Finds the faces of a picture (blue, green, red, 8 bits each), however they lean, turned by up to some 70 degrees,
/// the largest first. First the quick search: upright and leaning by 45 degrees, and in parts of the picture where
/// what is found is small. Where it finds nothing, a wider one at every lean with lower thresholds; a face to which most of its
/// candidates lead is then offered though no detector is sure of it. A face of a photograph that is read unsteadily is fitted
/// from squares around the first too, and the steadiest kept; in drawings, which are all read less steadily, that misleads.
/// Tenths of a second to a second; returns early, with nothing, once `cancelled` is true.
std::vector<FoundFace> findFaces(FaceNetworks& networks, const cv::Mat& picture, const std::atomic<bool>* cancelled = nullptr,
                                 PictureKind kind = PictureKind::Photograph);

/// The mesh fitted to the same face again from crops that are rotated, or larger or smaller: it may have converged wrongly at
/// first. Some tenths of a second; fewer fits once `cancelled` is true.
std::vector<FoundFace> refitsFromPerturbedCrops(FaceNetworks& networks, const cv::Mat& picture, const FoundFace& face,
                                                const std::atomic<bool>* cancelled = nullptr);

} // namespace zokran
