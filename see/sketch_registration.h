#pragma once

// For the sources of see/ alone: this header includes OpenCV.

#include "see/face_points.h"
#include "see/networks.h"

#include <Eigen/Core>
#include <opencv2/core.hpp>
#include <vector>

namespace zokran {

/// Where a place of the photograph's face was found in a drawing of it.
struct RegisteredPoint {
    PicturePoint at{0, 0};     ///< px of the drawing
    Pixels noise;              ///< one standard deviation, per axis, px of the drawing
};

/// Finds places of a photographed face in a drawing of that photograph.
///
/// The network knows faces, and reports a displaced feature as less displaced than it is drawn. Its word, freed of
/// the bias it shows on drawing-like versions of the photograph itself, is therefore only the prior; the evidence are
/// the lines: maps of oriented edges of photograph and drawing, correlated feature by feature. The drawing is warped
/// back by what was found and looked at again, so that what is left is small. See docs/sources.md, "Faces and
/// drawings", for the figures this was chosen on.
class SketchRegistration {
public:
    /// Prepares a photograph in which `face` was found.
    SketchRegistration(FaceNetworks& networks, const cv::Mat& photo, const FoundFace& face);

    /// Registers a drawing in which `drawn` was found. Returns where each of `places` (px of the photograph) lies in
    /// it. Three rounds, four passes of the mesh network each.
    std::vector<RegisteredPoint> operator()(const cv::Mat& drawing, const FoundFace& drawn,
                                            const std::vector<PicturePoint>& places) const;

    /// How far the points of a drawn face lie from the photograph's, laid over one another as well as they go: the median
    /// distance as a share of the drawn face's width. Of several drawn faces the least is most likely the photographed one.
    double shapeDissimilarity(const FoundFace& drawn) const;

private:
    FacePointArray placesInPhoto() const; ///< `drawingLikePoints_` in px of the photograph

    FaceNetworks& networks_;
    bool hasColour_; ///< the photographed face
    /// Points of the mesh, px of the normalized square, as the network reads the photograph's own square, and as it
    /// reads drawing-like versions of it on average.
    FacePointArray photoPoints_, drawingLikePoints_;
    PicturePoint squareCentre_{0, 0};
    Pixels squareSide_;
    Radians squareTurned_;
    std::vector<cv::Mat> templates_; ///< oriented edge maps of the photograph's square
};

} // namespace zokran
