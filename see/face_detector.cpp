#include "see/face_detector.h"

#include "see/loaded_networks.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

PicturePoint FaceCrop::toPicture(const Eigen::Vector2d& inSquare) const {
    const Eigen::Vector2d from = side * (inSquare - Eigen::Vector2d(0.5, 0.5));
    const double c = cos(turned), s = sin(turned);
    return centre + PicturePoint(c * from.x() - s * from.y(), s * from.x() + c * from.y());
}

cv::Mat sample(const cv::Mat& picture, const FaceCrop& crop, int size, bool blackBeyond) {
    // Averaged first to at most twice the size that is asked for: bilinear sampling would skip what lies between.
    cv::Mat source = picture;
    PicturePoint origin(0, 0);
    double scale = 1;
    const double side = crop.side.value;
    const double shrink = side / (2.0 * size);
    if (shrink > 1) {
        const double reach = side * 0.75;
        const cv::Rect all(0, 0, picture.cols, picture.rows);
        const cv::Rect part = all & cv::Rect(cv::Point2d(crop.centre.x() - reach, crop.centre.y() - reach),
                                             cv::Point2d(crop.centre.x() + reach, crop.centre.y() + reach));
        if (part.area() > 0) {
            const cv::Size reduced(std::max(1, static_cast<int>(std::lround(part.width / shrink))),
                                   std::max(1, static_cast<int>(std::lround(part.height / shrink))));
            cv::resize(picture(part), source, reduced, 0, 0, cv::INTER_AREA);
            origin = {static_cast<double>(part.x), static_cast<double>(part.y)};
            scale = static_cast<double>(reduced.width) / part.width;
        }
    }
    // Pixel centres lie at halves: pixel i of the square is the place (i + 0.5) / size.
    const double step = side * scale / size, c = step * cos(crop.turned), s = step * sin(crop.turned);
    const PicturePoint first =
        (crop.toPicture({0.5 / size, 0.5 / size}) - origin) * scale - PicturePoint(0.5, 0.5);
    const cv::Matx23d toSource(c, -s, first.x(), s, c, first.y());
    cv::Mat square;
    cv::warpAffine(source, square, toSource, {size, size}, cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
                   blackBeyond ? cv::BORDER_CONSTANT : cv::BORDER_REPLICATE);
    return square;
}

namespace {

/// A detector's anchors: the middles of its cells, `each` to a cell of every grid, in shares of the square.
std::vector<Eigen::Vector2d> anchors(std::initializer_list<std::pair<int, int>> grids) {
    std::vector<Eigen::Vector2d> all;
    for (const auto& [cells, each] : grids)
        for (int y = 0; y < cells; ++y)
            for (int x = 0; x < cells; ++x)
                for (int k = 0; k < each; ++k)
                    all.emplace_back((x + 0.5) / cells, (y + 0.5) / cells);
    return all;
}

struct Box {
    double score;
    Eigen::Vector2d middle, size, rightEye, leftEye; ///< shares of the square
};

double overlap(const Box& a, const Box& b) {
    const Eigen::Vector2d low = (a.middle - a.size / 2).cwiseMax(b.middle - b.size / 2);
    const Eigen::Vector2d high = (a.middle + a.size / 2).cwiseMin(b.middle + b.size / 2);
    const double both = (high - low).cwiseMax(0).prod();
    return both / (a.size.prod() + b.size.prod() - both);
}

/// Boxes that overlap the best one by more than this share of both are the same face; their mean counts, weighted
/// by the scores, which is steadier than the best alone.
constexpr double sameFace = 0.3;

} // namespace

std::vector<DetectedFace> detectFaces(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop,
                                      DetectorRange range, double least) {
    const bool isShort = range == DetectorRange::Short;
    cv::dnn::Net& network = isShort ? networks.loaded().shortRange : networks.loaded().fullRange;
    static const auto shortAnchors = anchors({{16, 2}, {8, 6}}), fullAnchors = anchors({{48, 1}});
    const auto& anchor = isShort ? shortAnchors : fullAnchors;
    const int size = isShort ? 128 : 192;
    network.setInput(cv::dnn::blobFromImage(sample(picture, crop, size, true), 1 / 127.5, {}, {127.5, 127.5, 127.5},
                                            true));
    std::vector<cv::Mat> outputs;
    network.forward(outputs, std::vector<cv::String>{"scores", "boxes"});
    const float* scores = outputs[0].ptr<float>();
    const float* numbers = outputs[1].ptr<float>();
    std::vector<Box> boxes;
    for (std::size_t i = 0; i < anchor.size(); ++i) {
        const double score = 1 / (1 + std::exp(-static_cast<double>(scores[i])));
        if (score < least)
            continue;
        const float* n = numbers + 16 * i;
        auto pair = [&](int k) -> Eigen::Vector2d { return Eigen::Vector2d(n[k], n[k + 1]) / size; };
        boxes.push_back({score, anchor[i] + pair(0), pair(2), anchor[i] + pair(4), anchor[i] + pair(6)});
    }
    std::sort(boxes.begin(), boxes.end(), [](const Box& a, const Box& b) { return a.score > b.score; });
    std::vector<DetectedFace> faces;
    while (!boxes.empty()) {
        const Box best = boxes.front();
        Box mean{best.score, {0, 0}, {0, 0}, {0, 0}, {0, 0}};
        double total = 0;
        std::erase_if(boxes, [&](const Box& b) {
            if (&b != &boxes.front() && overlap(best, b) < sameFace)
                return false;
            total += b.score;
            mean.middle += b.score * b.middle;
            mean.size += b.score * b.size;
            mean.rightEye += b.score * b.rightEye;
            mean.leftEye += b.score * b.leftEye;
            return true;
        });
        faces.push_back({best.score,
                         {crop.toPicture(mean.middle / total), crop.side * (mean.size.maxCoeff() / total), crop.turned},
                         crop.toPicture(mean.rightEye / total),
                         crop.toPicture(mean.leftEye / total)});
    }
    return faces;
}

} // namespace zokran
