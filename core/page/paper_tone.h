#pragma once

namespace cv {
class Mat;
}

namespace zokran {

/// What a page is drawn on, as far as it shows: how light the bare paper is, and whether something lighter than it was
/// put on it.
struct PaperTone {
    bool hasChalk = false; ///< white chalk or pencil on toned paper
    /// Luminance of the bare paper as a share of the lightest that is on the page: 1 on white paper.
    double luminance = 1;
};

/// What the learner says of the paper.
enum class PaperChoice {
    AsItShows, ///< as the page's margin and what is lighter than it tell
    White,
    Toned, ///< what is lighter than the margin is chalk, however little
};

/// Reads the tone off a page laid flat (8-bit; one, three or four channels, blue first). Its margin is taken for bare
/// paper; light that falls off over the page is told from tone by its smoothness, as a quadratic surface. Where the
/// margin is drawn over, the lightest of the page is the paper, and white.
PaperTone paperToneOf(const cv::Mat& page, PaperChoice choice);
/// The same, and evens the light. `luminance` becomes linear luminance, one
/// channel of float: the bare paper everywhere at the luminance that is returned, white chalk at 1.
PaperTone evenPage(const cv::Mat& page, PaperChoice choice, cv::Mat& luminance);
/// That luminance in 8-bit grey (sRGB).
cv::Mat relativeGrey(const cv::Mat& page, PaperChoice choice);
/// How light bare paper shows at each pixel of the page under the light that lies on it: sRGB, 0 to 255, one channel of float.
cv::Mat displayedPaperLight(const cv::Mat& page);

} // namespace zokran
