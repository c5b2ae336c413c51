#include "core/light/shadow_edges.h"

#include "core/base/thin_plate_warp.h"
#include "core/base/tone.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace zokran {

namespace {

/// The normalized square: so many px each way, and so many to a ball radius.
constexpr int squareSize = 256;
constexpr double perRadius = 80;
/// Pictures are blurred by this before they are parted, so that hatching becomes tone; ball radii.
constexpr double blur = 0.05;
/// Light and shadow are clearly two where they explain this share of the variance, differ by so much in lightness (CIE L*), and
/// each has so much of the face.
constexpr double clearlyTwo = 0.68, leastContrast = 12, leastShare = 0.08;
/// A tone this near the threshold may be of either part (L*).
constexpr float undecided = 4;
/// Shifts narrower than this are within what marks and hatching leave open; ball radii.
constexpr double leastShift = 0.09;
constexpr std::size_t mostTold = 3;

/// Between a picture and the normalized square, in which the middle between ball and chin is the centre.
struct Frame {
    PicturePoint centre;
    double scale; ///< px of the picture to one of the square

    explicit Frame(const HeadLuminance& of)
        : centre((of.view.centre + of.view.project(of.head[Mark::Chin])) / 2), scale(of.view.scale / perRadius) {}
    Eigen::Vector2d inSquare(const PicturePoint& p) const {
        return (p - centre) / scale + Eigen::Vector2d(squareSize / 2.0, squareSize / 2.0);
    }
    PicturePoint inPicture(const Eigen::Vector2d& p) const {
        return centre + scale * (p - Eigen::Vector2d(squareSize / 2.0, squareSize / 2.0));
    }
};

/// The marks that both heads show the viewer.
std::vector<Mark> shownMarks(const HeadLuminance& a, const HeadLuminance& b) {
    std::vector<Mark> shown;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto faces = [m](const HeadLuminance& h) {
            // The head is about round: what lies on its near half is seen.
            return m != Mark::Back && m != Mark::Crown && (h.view.facing() * h.head[m]).z() > 0;
        };
        if (faces(a) && faces(b))
            shown.push_back(m);
    }
    return shown;
}

/// Where the skin of the face is: within the outline of its marks, without what is dark of itself.
cv::Mat1b skinMask(const HeadLuminance& photo, const Frame& frame, const std::vector<Mark>& marks) {
    std::vector<cv::Point> outline;
    const auto at = [&](const HeadPoint& p) {
        const Eigen::Vector2d q = frame.inSquare(photo.view.project(p));
        return cv::Point(static_cast<int>(std::lround(q.x())), static_cast<int>(std::lround(q.y())));
    };
    for (Mark m : marks)
        if (m != Mark::Hairline)
            outline.push_back(at(photo.head[m]));
    // The forehead counts up to three fifths of the way to the hair, which may be dark.
    outline.push_back(at(photo.head[Mark::Brow] + 0.6 * (photo.head[Mark::Hairline] - photo.head[Mark::Brow])));
    std::vector<cv::Point> hull;
    cv::convexHull(outline, hull);
    cv::Mat1b mask(squareSize, squareSize, std::uint8_t{0});
    cv::fillConvexPoly(mask, hull, cv::Scalar(255));
    cv::erode(mask, mask, cv::Mat(), cv::Point(-1, -1), 3);
    const auto leaveOut = [&](const HeadPoint& middle, double radii) {
        cv::circle(mask, at(middle), static_cast<int>(std::lround(radii * perRadius)), cv::Scalar(0), cv::FILLED);
    };
    for (const auto& [inner, outer] : {std::pair{Mark::InnerEyeL, Mark::OuterEyeL}, {Mark::InnerEyeR, Mark::OuterEyeR}})
        for (const double along : {0.1, 0.5, 0.9}) {
            const HeadPoint eye = photo.head[inner] + along * (photo.head[outer] - photo.head[inner]);
            leaveOut(eye, 0.10);
            leaveOut({eye.x(), photo.head[Mark::Brow].y() + 0.02, eye.z()}, 0.09);
        }
    for (const double along : {0.0, 0.25, 0.5, 0.75, 1.0})
        leaveOut(photo.head[Mark::MouthCornerR] + along * (photo.head[Mark::MouthCornerL] - photo.head[Mark::MouthCornerR]),
                 0.11);
    leaveOut(photo.head[Mark::NoseBase], 0.10);
    return mask;
}

/// A face parted into light and shadow.
struct Parted {
    cv::Mat1f lightness; ///< L*
    float threshold = 0;
};

/// Otsu's threshold over the mask; nothing where the two parts are not clearly two.
std::optional<Parted> parted(cv::Mat1f lightness, const cv::Mat1b& mask) {
    std::vector<float> values;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask(y, x))
                values.push_back(lightness(y, x));
    constexpr std::size_t fewest = 400;
    if (values.size() < fewest)
        return std::nullopt;
    std::sort(values.begin(), values.end());
    const double n = static_cast<double>(values.size());
    double total = 0, squares = 0;
    for (float v : values) {
        total += v;
        squares += v * v;
    }
    const double mean = total / n, variance = squares / n - mean * mean;
    double below = 0, best = 0;
    std::size_t cut = 0;
    for (std::size_t i = 1; i < values.size(); ++i) {
        below += values[i - 1];
        const double share = static_cast<double>(i) / n, low = below / static_cast<double>(i),
                     high = (total - below) / (n - static_cast<double>(i));
        const double between = share * (1 - share) * (high - low) * (high - low);
        if (between > best && high - low > leastContrast && share > leastShare && share < 1 - leastShare) {
            best = between;
            cut = i;
        }
    }
    if (cut == 0 || best < clearlyTwo * variance)
        return std::nullopt;
    return Parted{std::move(lightness), (values[cut - 1] + values[cut]) / 2};
}

} // namespace

std::vector<ShadowEdgeShift> shadowEdgeShifts(const HeadLuminance& photo, const HeadLuminance& drawing) {
    const Frame seen(photo), drawn(drawing);
    const std::vector<Mark> marks = shownMarks(photo, drawing);
    std::vector<Eigen::Vector2d> at, by;
    for (Mark m : marks) {
        at.push_back(seen.inSquare(photo.view.project(photo.head[m])));
        by.push_back(drawn.inSquare(drawing.view.project(drawing.head[m])) - at.back());
    }
    constexpr std::size_t fewestMarks = 6;
    if (at.size() < fewestMarks)
        return {};
    const ThinPlateWarp warp(at, by, squareSize);
    cv::Mat2f fromPhoto(squareSize, squareSize), fromDrawing(squareSize, squareSize);
    const auto pointOf = [](const PicturePoint& p) { return cv::Vec2f(static_cast<float>(p.x()), static_cast<float>(p.y())); };
    for (int y = 0; y < squareSize; ++y)
        for (int x = 0; x < squareSize; ++x) {
            const Eigen::Vector2d place(x, y);
            fromPhoto(y, x) = pointOf(seen.inPicture(place));
            fromDrawing(y, x) = pointOf(drawn.inPicture(place + warp(place)));
        }
    const auto lightnessAt = [](const cv::Mat1f& luminance, const cv::Mat2f& map) {
        // Averaged in linear light, as hatching is by the eye that stands off.
        cv::Mat1f sampled;
        cv::remap(luminance, sampled, map, cv::Mat(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
        cv::GaussianBlur(sampled, sampled, {}, blur * perRadius);
        for (float& v : sampled)
            v = static_cast<float>(lightnessOfLinear(v));
        return sampled;
    };
    const cv::Mat1b mask = skinMask(photo, seen, marks);
    const auto photoParts = parted(lightnessAt(photo.luminance, fromPhoto), mask),
               drawingParts = parted(lightnessAt(drawing.luminance, fromDrawing), mask);
    if (!photoParts || !drawingParts)
        return {};
    cv::Mat1b shadow(squareSize, squareSize, std::uint8_t{0});
    for (int y = 0; y < squareSize; ++y)
        for (int x = 0; x < squareSize; ++x)
            shadow(y, x) = photoParts->lightness(y, x) < photoParts->threshold ? 255 : 0;
    cv::Mat1b nearShadow, nearLight;
    const cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, {9, 9});
    cv::dilate(shadow, nearShadow, disc);
    cv::dilate(255 - shadow, nearLight, disc);
    std::vector<ShadowEdgeShift> shifts;
    for (const bool intoLight : {true, false}) {
        cv::Mat1b between(squareSize, squareSize, std::uint8_t{0});
        for (int y = 0; y < squareSize; ++y)
            for (int x = 0; x < squareSize; ++x) {
                const float p = photoParts->lightness(y, x) - photoParts->threshold,
                            d = drawingParts->lightness(y, x) - drawingParts->threshold;
                const bool differs = intoLight ? p > undecided && d < -undecided : p < -undecided && d > undecided;
                between(y, x) = mask(y, x) && differs ? 255 : 0;
            }
        cv::Mat1i labels;
        const int count = cv::connectedComponents(between, labels);
        cv::Mat1f depth;
        cv::distanceTransform(between, depth, cv::DIST_L2, cv::DIST_MASK_5);
        struct Stretch {
            float deepest = 0;
            cv::Point at;
            bool atEdge = false;
        };
        std::vector<Stretch> stretches(static_cast<std::size_t>(count));
        for (int y = 0; y < squareSize; ++y)
            for (int x = 0; x < squareSize; ++x) {
                if (!between(y, x))
                    continue;
                Stretch& s = stretches[static_cast<std::size_t>(labels(y, x))];
                // A dark patch away from every shadow is no edge that moved, but a tone of its own.
                s.atEdge = s.atEdge || (intoLight ? nearShadow(y, x) : nearLight(y, x)) > 0;
                if (depth(y, x) > s.deepest) {
                    s.deepest = depth(y, x);
                    s.at = {x, y};
                }
            }
        for (const Stretch& s : stretches) {
            const BallRadii width{2 * s.deepest / perRadius};
            if (!s.atEdge || width < BallRadii{leastShift})
                continue;
            const Eigen::Vector2d place(s.at.x, s.at.y);
            shifts.push_back({seen.inPicture(place), drawn.inPicture(place + warp(place)), width, intoLight});
        }
    }
    std::sort(shifts.begin(), shifts.end(), [](const ShadowEdgeShift& a, const ShadowEdgeShift& b) { return a.by > b.by; });
    shifts.resize(std::min(shifts.size(), mostTold));
    return shifts;
}

} // namespace zokran
