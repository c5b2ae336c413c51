#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include "see/networks.h"

#include <array>
#include <opencv2/dnn.hpp>
#include <vector>

namespace zokran {

/// A region of the face mesh that a network of its own refines.
struct MeshRegion {
    cv::dnn::Net network;
    std::vector<int> points;   ///< of the mesh, in the order of the network's output
    int left = 0, right = 0;   ///< points of the mesh that give the region's rotation, from the viewer's left
    double enlarged = 0;       ///< the region's size over that of the box round its points
    int size = 0;              ///< features sampled each way
    std::array<int, 2> iris{}; ///< first and past the last point of the iris; equal where there is none
};

struct FaceNetworks::Loaded {
    cv::dnn::Net shortRange, fullRange, mesh;
    std::array<MeshRegion, 3> regions;
    std::vector<int> twin; ///< for each point of the mesh the one at the same place of the other side
};

} // namespace zokran
