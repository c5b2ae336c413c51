#pragma once

#include "core/page/paper_tone.h"
#include "core/head/marks.h"
#include "core/page/framing.h"
#include "see/networks.h"

#include <atomic>
#include <memory>
#include <opencv2/core.hpp>
#include <optional>
#include <vector>

namespace zokran {

/// A face of a picture, marked by the program.
struct SuggestedFace {
    MarkSheet marks;      ///< in px of the whole upright picture, each `suggested` and with its own noise
    bool certain = false; ///< else it is only to be offered
    double score = 0;     ///< of the detectors, 0 to 1
    /// The edge of the face as corners of a run of straights, from the temple at the sitter's right round the chin to the
    /// other; px like the marks. On the near side of a turned head it runs before the ear.
    std::vector<PicturePoint> outline = {};
};

/// What was found on a drawing.
struct SketchSuggestions {
    std::vector<SuggestedFace> faces;
    bool anyUnlike = false; ///< a face was found that is too unlike the photographed one to be taken for it
};

/// A picture to look at: blue, green, red, 8 bits each. Large ones may have been read with fewer pixels; places are
/// told in px of the whole picture all the same.
struct SearchedPicture {
    cv::Mat pixels;
    int reduction = 1; ///< px of the whole picture to one of these, each way
};

/// Finds the faces in a photograph and marks each, the largest first. With `framed`
/// only that part of the photograph is searched, and so finer. Tenths of a second to a second; returns early, with
/// nothing, once `cancelled` is true. Empty where no face is found.
std::vector<SuggestedFace> suggestMarks(FaceNetworks& networks, const SearchedPicture& photo,
                                        const std::atomic<bool>* cancelled = nullptr,
                                        const std::optional<Framing>& framed = {});

/// The photograph that a sketch was drawn from, and what is worked out of it once for all its sketches. The networks
/// must outlive it.
class SketchReference {
public:
    /// Looks for the faces. Tenths of a second.
    SketchReference(FaceNetworks& networks, SearchedPicture photo, const std::atomic<bool>* cancelled = nullptr);
    ~SketchReference();
    SketchReference(SketchReference&&) noexcept;
    SketchReference& operator=(SketchReference&&) noexcept;

    /// The marks as the learner placed or confirmed them, in px of the whole photograph; nothing: the program's own.
    /// They also tell which of several faces was drawn.
    std::optional<MarkSheet> marks;

private:
    friend class SketchSearch;
    struct Prepared;
    std::unique_ptr<Prepared> prepared_;
};

/// Finds a face in a picture of a drawing, laid flat or not, and marks it; with `reference` by registering the
/// drawing to the photograph, which does not flatter it as the network alone does; where the
/// photograph's marks are given, a mark's noise is that of the registration alone: an error of the photograph's mark is
/// carried over with it and says nothing of the drawing. Of several faces the one that is most like the photographed face
/// comes first, without `reference` the largest.
/// A face turned by more than 60 degrees is never certain: the network is often wrong there. Empty where no face is
/// found in the drawing, or none in the photograph.
SketchSuggestions suggestSketchMarks(FaceNetworks& networks, const cv::Mat& drawing, SketchReference* reference = nullptr,
                                     const std::atomic<bool>* cancelled = nullptr,
                                     PaperChoice paper = PaperChoice::AsItShows);

/// By how much a picture of `width` by `height` px may be reduced before it is searched: 1, 2, 4 or 8. Some decoders read so
/// many fewer pixels several times quicker.
int searchedReduction(int width, int height);

} // namespace zokran
