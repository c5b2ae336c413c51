#pragma once

#include "core/head/marks.h"
#include "core/page/framing.h"
#include "see/networks.h"

#include <atomic>
#include <filesystem>
#include <optional>
#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// A face of a picture, marked by the program.
struct SuggestedFace {
    MarkSheet marks;      ///< in px of the whole upright picture, each `suggested` and with its own noise
    bool certain = false; ///< else it is only to be offered
    double score = 0;     ///< of the detectors, 0 to 1
};

/// Finds the faces in a photograph (blue, green, red, 8 bits each) and marks each, the largest first. With `framed`
/// only that part of the photograph is searched, and so finer. Tenths of a second to a second; returns early, with
/// nothing, once `cancelled` is true. Empty where no face is found.
std::vector<SuggestedFace> suggestMarks(FaceNetworks& networks, const cv::Mat& photo,
                                        const std::atomic<bool>* cancelled = nullptr,
                                        const std::optional<Framing>& framed = {});

/// The photograph that a sketch was drawn from.
struct SketchReference {
    const cv::Mat& photo;           ///< blue, green, red
    std::optional<MarkSheet> marks; ///< where the learner placed or confirmed them; else the program looks
};

/// Finds a face in a picture of a drawing, laid flat or not, and marks it; with `reference` by registering the
/// drawing to the photograph, which does not flatter it as the network alone does; where the
/// photograph's marks are given, a mark's noise is that of the registration alone: an error of the photograph's mark is
/// carried over with it and says nothing of the drawing. Of several faces the largest first.
/// A face turned by more than 60 degrees is never certain: the network is often wrong there. Empty where no face is
/// found in the drawing, or none in the photograph.
std::vector<SuggestedFace> suggestSketchMarks(FaceNetworks& networks, const cv::Mat& drawing,
                                              const std::optional<SketchReference>& reference = {},
                                              const std::atomic<bool>* cancelled = nullptr);

/// Reads a picture as the two functions want it, upright. Throws BadInput, naming the file and the cause.
cv::Mat readColourPicture(const std::filesystem::path& file);

} // namespace zokran
