#pragma once

#include "core/light/shadow_edges.h"
#include "core/light/tone_places.h"
#include "core/page/paper_tone.h"
#include "core/view/view.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// A head as it lies in a picture.
struct HeadInPicture {
    View view; ///< px of the picture
    HeadMarks head;
    bool mouthIsOpen = false;
};

/// The value of one place in photograph and drawing. Values run from 0, the picture's own darkest dark, to 1: in the
/// photograph the lightest of the head, in the drawing bare white paper or white chalk.
struct TonePair {
    const TonePlace* place;
    int side = 0; ///< +1 the sitter's left, -1 the right, 0 in the middle
    PicturePoint seenAt, drawnAt;
    Pixels seenRadius, drawnRadius;
    double seen = 0, drawn = 0;
    double expected = 0; ///< the drawing's value there, were it toned as the photograph, in its own key
    double sigma = 0;    ///< of the difference, one standard deviation
    double off() const { return drawn - expected; } ///< above 0: too light
};

/// One thing to say about a drawing's values.
struct ToneFinding {
    enum class Kind {
        Place,     ///< a place is too light or too dark
        Timid,     ///< the darkest dark is too light
        DarkElsewhere, ///< the darkest dark is in another place
    };
    Kind kind = Kind::Place;
    std::size_t pair = 0;    ///< index of the place; of DarkElsewhere the one that should be darkest
    std::size_t other = 0;   ///< of DarkElsewhere: the one that is darkest in the drawing
    double off = 0;          ///< of Place and Timid: above 0 too light, as a share of the whole scale
};

struct ToneComparison {
    bool isShaded = true;         ///< false: the drawing is line alone, and nothing is said
    bool hasChalk = false;        ///< something is lighter than the paper
    double paper = 1;             ///< value of the bare paper
    double darkestDrawn = 0;      ///< lightness (CIE 1976 L*, 0 to 100) of the drawing's darkest dark, white at 100
    double darkestSeen = 0;       ///< of the photograph's, its lightest at 100
    std::vector<TonePair> pairs;  ///< the photograph's darkest first
    std::vector<ToneFinding> findings; ///< the largest first
    std::vector<ShadowEdgeShift> shadowEdges; ///< where a shadow's edge has crept, the furthest first; px of the two pictures
    BallRadii headHeight{1};                  ///< of the photographed head
};

/// Compares the values of a photograph and a drawing of it, place by place; both 8-bit with one, three or four
/// channels, blue first. What the drawing's key changes everywhere alike is allowed for by a robust straight line from
/// the photograph's values to the drawing's. Nothing where fewer than eight places lie in both pictures.
std::optional<ToneComparison> compareTones(const cv::Mat& photo, const HeadInPicture& seen, const cv::Mat& drawing,
                                           const HeadInPicture& drawn, PaperChoice paperChoice = PaperChoice::AsItShows);

/// How many values of `values` a difference comes to, at least one.
int valuesOff(double off, int values);

} // namespace zokran
