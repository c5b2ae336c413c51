#include "see/find_drawn_faces.h"

#include "see/face_marks.h"
#include "see/find_faces.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace zokran {

namespace {

/// What is darker than this share of the paper is a stroke.
constexpr double strokeBelow = 0.92;
/// The paper's grain is averaged away over this share of a gap.
constexpr double grain = 1.0 / 30;
/// A pixel of the smaller picture counts as stroke from this share of 255 on.
constexpr int strokePixel = 40;
/// The background keeps this share of its brightness.
constexpr double darkened = 0.2;
/// Gaps between strokes that are closed, as a share of the picture's longer side.
constexpr double closedGap = 0.045;
/// The background is looked for in a picture so much smaller that a gap takes these pixels: finer would tell nothing.
constexpr int gapPixels = 16;
/// It is darkened up to this distance, in gaps, from the strokes. Measured on 90 sketches turned by 40 to 60 degrees: a
/// background that is dark altogether helps half as much.
constexpr double darkenedWidth = 0.75;
/// Readings whose middles lie nearer than this share of the face's width are of the same face.
constexpr double sameFace = 0.4;
/// Two readings of a face are alike when half of its points differ by less than this share of its width. Chosen on 212 sketches
/// by our own pencil, turned by up to 75 degrees, with a background that was dark altogether and the distance taken from the
/// marks: of 186 that differed by less than 3 % of two ball radii 4 were off by more than 4 % on white paper, of 26 others 23.
constexpr double alike = 0.045;

/// Both eyes and the middle of the mouth have to be drawn before the second reading makes a face certain: in a square there so
/// large a share of the pixels is darker than their median by so much. In a profile in line, eye and ear were read for two eyes,
/// with the mouth where nothing is drawn.
constexpr double drawnShare = 0.02, drawnBelow = 0.85;

/// Faces that are read as turned by more than this are read again from a drawing stretched by this factor along the line of
/// their eyes. Where the far half of a drawn face hardly shows, the near half is sometimes read as a face that is turned less,
/// and the stretched one otherwise.
constexpr Degrees stretchedFrom{20};
constexpr double stretch = 1.3;
/// A face that is not certain becomes certain where the stretched reading differs by less than this, and one that is certain
/// stays so where it differs by less than `alike`. Both were judged on 58 sketches by our own pencil, turned by 40 to 60 degrees.
/// Of the 43 faces that were not certain 21 differed by less than 0.032, none of these off by more than 3.2 % of two ball radii; of
/// the 22 others 9 were off by more than 5 %. Of the 15 certain ones one was wrong, by 9.9 %, and differed by 0.12; all others
/// differed by less than 0.04.
constexpr double surelyAlike = 0.032;

double medianOf(const cv::Mat1b& grey) {
    std::vector<std::uint8_t> all(grey.begin(), grey.end());
    const auto middle = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
    std::nth_element(all.begin(), middle, all.end());
    return *middle;
}

cv::Mat disc(int radius) {
    return cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * radius + 1, 2 * radius + 1});
}

/// The median distance of two readings' points, as a share of the face's width.
double distance(const FoundFace& a, const FoundFace& b) {
    std::array<double, facePointCount> all;
    for (std::size_t i = 0; i < all.size(); ++i)
        all[i] = (a.points[i] - b.points[i]).norm();
    std::nth_element(all.begin(), all.begin() + facePointCount / 2, all.end());
    return all[facePointCount / 2] / b.width.value;
}

/// One reading of a face from two: the one on white paper, which is not certain, and the one with the dark background.
FoundFace combined(const FoundFace& doubtful, const FoundFace& onDark) {
    if (distance(doubtful, onDark) >= alike) {
        FoundFace other = onDark;
        other.certain = false;
        for (std::size_t i = 0; i < other.points.size(); ++i)
            other.disagreement[i] += (doubtful.points[i] - onDark.points[i]) / 2;
        return other;
    }
    FoundFace mean = onDark;
    for (std::size_t i = 0; i < mean.points.size(); ++i) {
        mean.points[i] = (doubtful.points[i] + onDark.points[i]) / 2;
        mean.disagreement[i] = (doubtful.disagreement[i] + onDark.disagreement[i]) / 2;
    }
    mean.width = (doubtful.width + onDark.width) / 2;
    mean.saturation = doubtful.saturation;
    return mean;
}

/// Whether there are strokes in the square round the centre, px.
bool isDrawn(const cv::Mat& drawing, const PicturePoint& centre, double half) {
    const cv::Rect square = cv::Rect(cv::Point2d(centre.x() - half, centre.y() - half), cv::Size2d(2 * half, 2 * half)) &
                            cv::Rect({0, 0}, drawing.size());
    if (square.empty())
        return false;
    cv::Mat1b grey;
    cv::cvtColor(drawing(square), grey, cv::COLOR_BGR2GRAY);
    cv::threshold(grey, grey, drawnBelow * medianOf(grey), 255, cv::THRESH_BINARY_INV);
    return cv::countNonZero(grey) > drawnShare * static_cast<double>(grey.total());
}

bool areFeaturesDrawn(const cv::Mat& drawing, const FoundFace& face) {
    using namespace mesh_point;
    const auto& p = face.points;
    const auto between = [&](int a, int b) { return PicturePoint((p[a] + p[b]) / 2); };
    const auto apart = [&](int a, int b) { return (p[a] - p[b]).norm(); };
    return isDrawn(drawing, between(outerEyeR, innerEyeR), apart(outerEyeR, innerEyeR) / 2) &&
           isDrawn(drawing, between(outerEyeL, innerEyeL), apart(outerEyeL, innerEyeL) / 2) &&
           isDrawn(drawing, between(upperLip, lowerLip), apart(mouthCornerR, mouthCornerL) / 4);
}

/// What can be reached from the border without crossing a stroke, 255, in a smaller picture.
cv::Mat1b backgroundOf(const cv::Mat& drawing, Pixels gap) {
    constexpr int margin = 3 * gapPixels / 2;
    const double reduction = std::min(1.0, gapPixels / gap.value);
    cv::Mat1b grey, strokes, background;
    cv::cvtColor(drawing, grey, cv::COLOR_BGR2GRAY);
    cv::GaussianBlur(grey, grey, {}, grain * gap.value);
    cv::threshold(grey, strokes, strokeBelow * medianOf(grey), 255, cv::THRESH_BINARY_INV);
    cv::resize(strokes, strokes, {}, reduction, reduction, cv::INTER_AREA);
    cv::threshold(strokes, strokes, strokePixel, 255, cv::THRESH_BINARY);
    // A margin of paper all round joins the corners of the background and keeps the closing from sticking to the border.
    cv::copyMakeBorder(strokes, strokes, margin, margin, margin, margin, cv::BORDER_CONSTANT, 0);
    cv::morphologyEx(strokes, strokes, cv::MORPH_CLOSE, disc(gapPixels / 2));
    constexpr int reached = 128;
    cv::bitwise_not(strokes, background);
    cv::floodFill(background, {0, 0}, reached);
    cv::compare(background, reached, background, cv::CMP_EQ);
    return background(cv::Rect(margin, margin, background.cols - 2 * margin, background.rows - 2 * margin)).clone();
}

/// A picture stretched along a direction about a place, and the way back.
struct Stretched {
    cv::Mat picture;
    cv::Matx23d back; ///< from px of `picture` to px of the original
};

/// `along`: a unit vector. The picture is as large as it takes to hold all of the original; paper is repeated beyond its edges.
Stretched stretched(const cv::Mat& original, const PicturePoint& about, const Eigen::Vector2d& along, double factor) {
    const Eigen::Matrix2d linear = Eigen::Matrix2d::Identity() + (factor - 1) * along * along.transpose();
    Eigen::AlignedBox2d box;
    for (const PicturePoint& corner : {PicturePoint(0, 0), PicturePoint(original.cols, 0), PicturePoint(0, original.rows),
                                       PicturePoint(original.cols, original.rows)})
        box.extend(PicturePoint(linear * (corner - about)));
    const Eigen::Vector2d shift = -(linear * about) - box.min();
    const cv::Matx23d there(linear(0, 0), linear(0, 1), shift.x(), linear(1, 0), linear(1, 1), shift.y());
    Stretched result;
    cv::warpAffine(original, result.picture, there, cv::Size(cv::Point2d(box.sizes().x(), box.sizes().y())), cv::INTER_LINEAR,
                   cv::BORDER_REPLICATE);
    cv::invertAffineTransform(there, result.back);
    return result;
}

/// The same face found in the stretched drawing, its points in px of the drawing; nothing where none is found there.
std::optional<FoundFace> stretchedReading(FaceNetworks& networks, const cv::Mat& drawing, const FoundFace& face,
                                          const std::atomic<bool>* cancelled) {
    using namespace mesh_point;
    const PicturePoint centre = middle(face.points);
    const Eigen::Vector2d eyes = face.points[outerEyeL] - face.points[outerEyeR];
    const Stretched wide = stretched(drawing, centre, eyes.normalized(), stretch);
    for (FoundFace other : findFaces(networks, wide.picture, cancelled, PictureKind::Drawing)) {
        for (PicturePoint& p : other.points) {
            const cv::Vec2d at = wide.back * cv::Vec3d(p.x(), p.y(), 1);
            p = {at[0], at[1]};
        }
        if (Pixels{(middle(other.points) - centre).norm()} < sameFace * face.width)
            return other;
    }
    return std::nullopt;
}

/// How far the face is turned, by the fit to its uncorrected marks.
Radians turnOf(const FoundFace& face, const cv::Mat& drawing) {
    return offsetFeatures(face, uncorrectedMarks(face, drawing.cols, drawing.rows)).turn;
}

} // namespace

cv::Mat withDarkBackground(const cv::Mat& drawing, Pixels gap) {
    const cv::Mat1b background = backgroundOf(drawing, gap);
    cv::Mat1b far, band;
    cv::erode(background, far, disc(static_cast<int>(darkenedWidth * gapPixels)), {-1, -1}, 1, cv::BORDER_CONSTANT, 255);
    cv::bitwise_xor(background, far, band);
    cv::resize(band, band, drawing.size());
    cv::Mat1f brightness;
    band.convertTo(brightness, CV_32F, (darkened - 1) / 255, 1);
    cv::Mat factor, result;
    cv::merge(std::vector<cv::Mat1f>(3, brightness), factor);
    cv::multiply(drawing, factor, result, 1, CV_8U);
    return result;
}

namespace {

/// What is found on white paper, with what is not certain read again on a dark background.
std::vector<FoundFace> findOnTwoBackgrounds(FaceNetworks& networks, const cv::Mat& drawing, const std::atomic<bool>* cancelled) {
    std::vector<FoundFace> faces = findFaces(networks, drawing, cancelled, PictureKind::Drawing);
    if (!faces.empty() && std::all_of(faces.begin(), faces.end(), [](const FoundFace& f) { return f.certain; }))
        return faces;
    const cv::Mat onDark = withDarkBackground(drawing, {closedGap * std::max(drawing.cols, drawing.rows)});
    std::vector<FoundFace> others = findFaces(networks, onDark, cancelled, PictureKind::Drawing);
    if (cancelled && *cancelled)
        return {};
    if (faces.empty()) {
        for (FoundFace& other : others)
            other.certain = false;
        return others;
    }
    for (FoundFace& face : faces) {
        if (face.certain)
            continue;
        const auto other = std::find_if(others.begin(), others.end(), [&](const FoundFace& f) {
            return Pixels{(middle(f.points) - middle(face.points)).norm()} < sameFace * face.width;
        });
        if (other == others.end())
            continue;
        face = combined(face, *other);
        face.certain = face.certain && areFeaturesDrawn(drawing, face);
    }
    return faces;
}

} // namespace

std::vector<FoundFace> findDrawnFaces(FaceNetworks& networks, const cv::Mat& drawing, const std::atomic<bool>* cancelled) {
    std::vector<FoundFace> faces = findOnTwoBackgrounds(networks, drawing, cancelled);
    for (FoundFace& face : faces) {
        if (abs(turnOf(face, drawing)) < toRadians(stretchedFrom))
            continue;
        const auto other = stretchedReading(networks, drawing, face, cancelled);
        if (cancelled && *cancelled)
            return {};
        if (!other)
            continue;
        const double off = distance(face, *other);
        if (face.certain)
            face.certain = off < alike;
        else
            face.certain = off < surelyAlike && areFeaturesDrawn(drawing, face);
    }
    return faces;
}

} // namespace zokran
