#pragma once

#include "core/compare/compare.h"

namespace cv {
class Mat;
}

namespace zokran {

/// A place of the drawing and where it goes when the drawing is mended, sketch px. Of what stays both are alike.
struct MendedPlace {
    SketchPoint drawn, belongs;
};

/// What moves when a drawing is mended: nothing outside a square round the head.
struct Mending {
    std::vector<MendedPlace> places;
    SketchPoint corner; ///< the square's top left one
    Pixels side;
};

/// The mending of one finding, or of everything where `only` is null: then every mark that both sheets have goes where the
/// photograph has it. Skull, ears and jaw go along as the head's pose does where no feature lies beside them.
Mending mendingOf(const Comparison& comparison, const PhotoMarks& reference, const SketchMarks& sketch, const Finding* only);

/// The drawing with its own lines carried `share` of the way (0: as drawn; 1: as seen). What is put on the paper is carried, the
/// paper and the light on it stay. The way is gone in small steps, each a thin-plate spline, so that no place is folded over
/// another and no stroke doubled. 8-bit, three or four channels, blue first.
cv::Mat mendedDrawing(const cv::Mat& drawing, const Mending& mending, double share);

} // namespace zokran
