#include "core/page/find_heads.h"

#include "core/base/tone.h"

#include "core/page/rectify.h"

#include <numeric>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// All that is judged happens on a copy this large.
constexpr int judgedSide = 640; // px

/// Where pencil lies: darker than the paper round it by more than paper and camera are uneven.
cv::Mat pencilOn(const cv::Mat& page) {
    cv::Mat grey = page;
    if (page.channels() == 3)
        cv::cvtColor(page, grey, cv::COLOR_BGR2GRAY);
    else if (page.channels() == 4)
        cv::cvtColor(page, grey, cv::COLOR_BGRA2GRAY);
    // Brought down by areas: a thin line greys its pixel and is not lost.
    const double shrink = std::min(1.0, 1.0 * judgedSide / std::max(grey.cols, grey.rows));
    cv::Mat small;
    cv::resize(grey, small, {}, shrink, shrink, cv::INTER_AREA);
    const cv::Mat even = evenedLight(small);
    constexpr double white = 244, apart = 13; // of 255: the lightest, and what differs from the bare paper
    const PaperTone tone = paperToneOf(small, PaperChoice::AsItShows);
    const double paper = white * displayOfLinear(tone.luminance);
    // On toned paper what is lighter than it is drawn as well.
    cv::Mat pencil = tone.hasChalk ? cv::Mat(cv::abs(even - paper) > apart) : cv::Mat(even < white - apart);
    // The sheet's own edge, and what lies beyond it where it was laid flat a little too large.
    const int rim = static_cast<int>(0.025 * std::max(small.cols, small.rows));
    cv::rectangle(pencil, {0, 0}, {pencil.cols - 1, pencil.rows - 1}, 0, 2 * rim);
    return pencil;
}

/// How far two boxes stand apart; 0 where they touch.
int between(const cv::Rect& a, const cv::Rect& b) {
    const int across = std::max({a.x - b.x - b.width, b.x - a.x - a.width, 0}),
              down = std::max({a.y - b.y - b.height, b.y - a.y - a.height, 0});
    return std::max(across, down);
}

/// Hair beside a face, a collar under it: pieces that lie over one another belong together, and a small piece to the
/// nearest it stands by. Two large ones that stand apart are two drawings.
void joinPieces(std::vector<cv::Rect>& boxes) {
    constexpr double large = 0.16 * judgedSide, near = 0.09 * judgedSide;
    for (;;) {
        std::size_t a = 0, b = 0;
        int nearest = judgedSide;
        for (std::size_t i = 0; i < boxes.size(); ++i)
            for (std::size_t k = i + 1; k < boxes.size(); ++k) {
                const bool over = (boxes[i] & boxes[k]).area() > 0.15 * std::min(boxes[i].area(), boxes[k].area());
                const int apart = over ? 0 : between(boxes[i], boxes[k]);
                const bool small = std::min(boxes[i].height, boxes[k].height) < large;
                if ((over || (small && apart < near)) && apart < nearest) {
                    nearest = apart;
                    a = i;
                    b = k;
                }
            }
        if (a == b)
            return;
        boxes[a] |= boxes[b];
        boxes.erase(boxes.begin() + static_cast<std::ptrdiff_t>(b));
    }
}

} // namespace

std::vector<Framing> drawingsOn(const cv::Mat& page) {
    if (page.empty())
        return {};
    const cv::Mat pencil = pencilOn(page);
    // A drawing is where strokes are dense; what lies nearer together than a part of a face is one.
    cv::Mat density;
    pencil.convertTo(density, CV_32F, 1 / 255.0);
    cv::blur(density, density, {9, 9});
    cv::Mat drawn = density > 0.05;
    const int joint = judgedSide / 64;
    cv::morphologyEx(drawn, drawn, cv::MORPH_CLOSE,
                     cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * joint + 1, 2 * joint + 1}));
    cv::Mat labels, stats, middles;
    const int count = cv::connectedComponentsWithStats(drawn, labels, stats, middles);
    std::vector<cv::Rect> boxes;
    constexpr int most = 200; // a page of print: nothing to choose from
    if (count > most)
        return {};
    for (int i = 1; i < count; ++i)
        boxes.emplace_back(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                           stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
    joinPieces(boxes);
    int tallest = 0;
    for (const cv::Rect& box : boxes)
        tallest = std::max(tallest, box.height);
    // A head is at least a tenth of the page, not much smaller than its neighbours, and no line of words.
    std::erase_if(boxes, [&](const cv::Rect& box) {
        return box.height < 0.1 * judgedSide || box.height < 0.45 * tallest || box.width > 2.2 * box.height ||
               box.height > 3.5 * box.width;
    });
    std::sort(boxes.begin(), boxes.end(), [](const cv::Rect& a, const cv::Rect& b) { return a.y < b.y; });
    // Rows: what begins above the middle of the row's first stands in it.
    for (auto row = boxes.begin(); row != boxes.end();) {
        const int middle = row->y + row->height / 2;
        const auto end = std::find_if(row, boxes.end(), [&](const cv::Rect& box) { return box.y > middle; });
        std::sort(row, end, [](const cv::Rect& a, const cv::Rect& b) { return a.x < b.x; });
        row = end;
    }
    std::vector<Framing> heads;
    const double back = std::max(1.0, 1.0 * std::max(page.cols, page.rows) / judgedSide);
    for (const cv::Rect& box : boxes) {
        const double air = 0.06 * std::max(box.width, box.height);
        const Framing frame{PhotoPoint(back * (box.x - air), back * (box.y - air)),
                            PhotoPoint(back * (box.x + box.width + air), back * (box.y + box.height + air))};
        heads.push_back(within(frame, page.cols, page.rows));
    }
    return heads;
}

} // namespace zokran
