#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include "see/face_crop.h"
#include "see/face_points.h"
#include "see/networks.h"

namespace zokran {

/// The points of the face in the square: the dense mesh network, then its refinements of lips, eyes and irises. The
/// square should be 1.5 times the box of the points, turned like the eyes. In px of the picture.
FacePointArray meshPoints(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop);

/// The same, seen as if in a mirror and mirrored back. A network that sees well says the same of both.
FacePointArray mirroredMeshPoints(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop);

/// The square in which the mesh is to be looked for again, from its points.
FaceCrop meshCrop(const FacePointArray& points);

} // namespace zokran
