#include "see/sketch_registration.h"

#include "core/base/thin_plate_warp.h"
#include "see/face_marks.h"
#include "see/face_mesh.h"
#include "see/oriented_edges.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// The normalized square, px each way; the face takes two thirds of it.
constexpr int squareSize = 384;
constexpr double faceSize = squareSize / 1.5;
constexpr int searchStep = 2;

/// From the first peak on a correlation is evidence, and from the second it is wholly so.
struct Peaks {
    double weak, strong;
};
constexpr Peaks commonPeaks{0.25, 0.45};
/// The same of eyebrows where the photograph has no colour and so may show plaster: a ridge of plaster correlates well with a
/// brow that is drawn as hair, which lies higher. Measured: 0.36 to 0.66 there, 0.56 to 0.96 between photographs of people and
/// drawing-like pictures of them. The trust grows slowly, or the reading would hang on the light.
constexpr Peaks colourlessEyebrowPeaks{0, 1};

/// A feature that is drawn, and may be misplaced, as one.
struct Feature {
    const char* name;
    std::vector<int> points; ///< of the mesh
    bool scales, turns;      ///< whether it is looked for in several sizes, or directions
    double response;         ///< share of its displacement that the network reports on drawings (measured)
    double networkNoise;     ///< standard deviation of what it reports, share of the face (measured)
    double margin;           ///< of the patch round its points, share of the face
    Peaks colourlessPeaks = commonPeaks; ///< `commonPeaks` where the photograph has colour
};

const std::vector<Feature>& features() {
    static const std::vector<Feature> all{
        {"mouth", {61, 291, 0, 17, 13, 14, 37, 267, 84, 314, 40, 270, 91, 321}, true, false, 0.94, 0.012, 0.05},
        {"nose", {1, 4, 2, 129, 358, 98, 327, 5}, true, false, 0.60, 0.012, 0.06},
        {"eye_r", {33, 133, 159, 145, 160, 158, 144, 153}, true, false, 0.82, 0.010, 0.05},
        {"eye_l", {263, 362, 386, 374, 387, 385, 373, 380}, true, false, 0.82, 0.010, 0.05},
        {"brow_r", {107, 55, 105, 52, 70, 46, 66, 65, 63, 53}, false, true, 0.95, 0.012, 0.03, colourlessEyebrowPeaks},
        {"brow_l", {336, 285, 334, 282, 300, 276, 296, 295, 293, 283}, false, true, 0.95, 0.012, 0.03, colourlessEyebrowPeaks},
        {"chin", {152, 148, 377, 176, 400}, false, false, 0.50, 0.014, 0.07},
        {"jaw_r", {172, 136, 150, 58, 132}, false, false, 0.50, 0.014, 0.06},
        {"jaw_l", {397, 365, 379, 288, 361}, false, false, 0.50, 0.014, 0.06},
    };
    return all;
}

/// How a feature is displaced, px of the normalized square; scale and turn about its middle.
struct Displacement {
    Eigen::Vector2d shift{0, 0};
    double scale = 0; ///< natural logarithm
    double turn = 0;  ///< radians, clockwise as seen
    double sigma = 0; ///< of the shift, px, per axis
    double peak = 0;  ///< the best correlation
};

/// Standard deviations of what draughtsmen misplace, as shares of the face, and of the logarithm of a size and of a
/// rotation (the trial's).
constexpr double usualShift = 0.05, usualScale = 0.15, usualTurn = 0.10;
/// Further than this no feature of a face that was found at all is misplaced, as a share of the face: the rounds have diverged,
/// and the network's own estimate is used.
constexpr double mostShift = 0.14;
/// Lines that put a feature so many standard deviations away from where the network's first reading expects it belong to
/// something else, such as a collar below the chin: the network's own estimate is used.
constexpr double mostContradicted = 3;
/// The search window's half width in the first round and in later ones, as a share of the face.
constexpr double firstWindow = 0.10, laterWindow = 0.06;
constexpr int rounds = 3;
/// A correlation counts in the posterior as this exponent.
constexpr double sharpness = 45;
/// Of a single place: half the patch, half the window and the usual way from where its feature puts it, shares of the
/// face.
constexpr double placePatch = 0.085, placeWindow = 0.045, placeShift = 0.012;
/// By this factor the posterior understates the error (measured on drawing-like pictures of real photographs).
constexpr double understated = 1.2;

PicturePoint middleOf(const FacePointArray& points, const std::vector<int>& which) {
    PicturePoint sum(0, 0);
    for (int i : which)
        sum += points[i];
    return sum / static_cast<double>(which.size());
}

/// The warp that displaces every feature as told; the points are those of the photograph's square.
ThinPlateWarp warpOf(const FacePointArray& points, const std::vector<Displacement>& displaced) {
    std::vector<Eigen::Vector2d> at, by;
    for (std::size_t f = 0; f < features().size(); ++f) {
        const Feature& feature = features()[f];
        const Displacement& d = displaced[f];
        const PicturePoint middle = middleOf(points, feature.points);
        for (int i : feature.points) {
            const Eigen::Vector2d from = points[i] - middle;
            const Eigen::Vector2d to = std::exp(d.scale) * (Eigen::Rotation2Dd(d.turn) * from);
            at.push_back(points[i]);
            by.push_back(to - from + d.shift);
        }
    }
    return {std::move(at), std::move(by), squareSize};
}

/// The warp sampled on a coarse grid and interpolated: displacement of every pixel of the square.
cv::Mat2f field(const ThinPlateWarp& warp) {
    constexpr int cells = 32;
    cv::Mat2f coarse(cells, cells);
    for (int y = 0; y < cells; ++y)
        for (int x = 0; x < cells; ++x) {
            const Eigen::Vector2d by =
                warp({(x + 0.5) * squareSize / cells - 0.5, (y + 0.5) * squareSize / cells - 0.5});
            coarse(y, x) = {static_cast<float>(by.x()), static_cast<float>(by.y())};
        }
    cv::Mat2f fine;
    cv::resize(coarse, fine, {squareSize, squareSize}, 0, 0, cv::INTER_CUBIC);
    return fine;
}

/// The picture with every feature where the photograph has it.
cv::Mat pulledBack(const cv::Mat& square, const ThinPlateWarp& warp) {
    cv::Mat2f map = field(warp);
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x)
            map(y, x) += cv::Vec2f(static_cast<float>(x), static_cast<float>(y));
    cv::Mat back;
    cv::remap(square, back, map, cv::Mat(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    return back;
}

/// The mean of what the network says of the face in the square, seen in three sizes and as if in a mirror.
FacePointArray steadyPoints(FaceNetworks& networks, const cv::Mat& square) {
    cv::Mat colour = square;
    if (square.channels() == 1)
        cv::cvtColor(square, colour, cv::COLOR_GRAY2BGR);
    FacePointArray sum;
    sum.fill(PicturePoint(0, 0));
    constexpr double sizes[] = {0.95, 1.06};
    for (double size : sizes) {
        const FaceCrop crop{PicturePoint(squareSize / 2.0, squareSize / 2.0), {size * squareSize}, {0}};
        const FacePointArray seen = meshPoints(networks, colour, crop), mirrored = mirroredMeshPoints(networks, colour, crop);
        for (int i = 0; i < facePointCount; ++i)
            sum[i] += (seen[i] + mirrored[i]) / (2 * std::size(sizes));
    }
    return sum;
}

/// Shift, scale and turn that take the feature's points from one reading to the other, by least squares.
Displacement between(const Feature& feature, const FacePointArray& from, const FacePointArray& to) {
    const PicturePoint a = middleOf(from, feature.points), b = middleOf(to, feature.points);
    double dot = 0, cross = 0, size = 0;
    for (int i : feature.points) {
        const Eigen::Vector2d p = from[i] - a, q = to[i] - b;
        dot += p.dot(q);
        cross += p.x() * q.y() - p.y() * q.x();
        size += p.squaredNorm();
    }
    Displacement d;
    d.shift = b - a;
    if (feature.scales)
        d.scale = std::log(std::max(0.3, std::hypot(dot, cross) / size));
    if (feature.turns)
        d.turn = std::atan2(cross, dot);
    return d;
}

cv::Rect patchOf(const Feature& feature, const FacePointArray& points) {
    std::vector<cv::Point2f> all;
    for (int i : feature.points)
        all.emplace_back(static_cast<float>(points[i].x()), static_cast<float>(points[i].y()));
    const auto margin = static_cast<int>(feature.margin * faceSize);
    const cv::Rect box = cv::boundingRect(all);
    return cv::Rect((box.x - margin) / searchStep, (box.y - margin) / searchStep,
                    (box.width + 2 * margin) / searchStep, (box.height + 2 * margin) / searchStep) &
           cv::Rect(0, 0, squareSize / searchStep, squareSize / searchStep);
}

/// The correlation of a template's patch, scaled and turned about its middle, with the drawing at every shift within
/// the window.
cv::Mat1f correlations(const cv::Mat& from, const cv::Mat& drawing, const cv::Rect& patch, double scale, double turn,
                       int window) {
    const cv::Point2f middle(static_cast<float>(patch.x) + static_cast<float>(patch.width - 1) / 2,
                             static_cast<float>(patch.y) + static_cast<float>(patch.height - 1) / 2);
    cv::Mat bent;
    if (scale == 0 && turn == 0)
        bent = from;
    else
        cv::warpAffine(from, bent, cv::getRotationMatrix2D(middle, -turn * 180 / CV_PI, std::exp(scale)), from.size(),
                       cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    // A turned direction of an edge changes its channel too; for the few degrees of an eyebrow that is nothing.
    cv::Mat padded;
    cv::copyMakeBorder(drawing, padded, window, window, window, window, cv::BORDER_REPLICATE);
    cv::Mat1f result;
    cv::matchTemplate(padded({patch.x, patch.y, patch.width + 2 * window, patch.height + 2 * window}), bent(patch),
                      result, cv::TM_CCOEFF_NORMED);
    return result;
}

double square(double x) {
    return x * x;
}

/// A Gaussian belief of a displacement.
struct Prior {
    Displacement mean;
    double shift, scale, turn; ///< standard deviations, px, logarithm, radians
};

/// What the network's reading of a displacement makes of the usual one: y = response * displacement + noise.
Prior priorFrom(const Feature& feature, const Displacement& read, double share) {
    const auto believe = [&](double reading, double usual, double noise, double& deviation) {
        const double gain = square(usual) * feature.response / (square(feature.response * usual) + square(noise));
        deviation = std::sqrt(square(usual) * (1 - gain * feature.response));
        return gain * reading;
    };
    Prior prior{};
    double ignored = 0;
    const double shift = share * usualShift * faceSize, noise = feature.networkNoise * faceSize;
    prior.mean.shift = {believe(read.shift.x(), shift, noise, prior.shift), believe(read.shift.y(), shift, noise, ignored)};
    prior.mean.scale = feature.scales ? believe(read.scale, share * usualScale, 0.05, prior.scale) : 0;
    prior.mean.turn = feature.turns ? believe(read.turn, share * usualTurn, 0.04, prior.turn) : 0;
    return prior;
}

/// A size and a direction in which a feature is looked for.
struct Variant {
    double scale, turn;
};

/// What may vary beside the place.
struct Varies {
    bool scale = false, turn = false;
};

/// The posterior of a patch's displacement: the templates' correlation with the drawing at every shift, size and
/// direction, as an exponent, times the prior; with the prior alone where the peak is weak.
Displacement posterior(const std::vector<Variant>& variants, Varies varies, const std::vector<cv::Mat>& templates,
                       const cv::Mat& drawing, const cv::Rect& patch, const Prior& prior, const Peaks& peaks, int window) {
    struct Cell {
        Eigen::Vector2d shift;
        Variant variant;
        double exponent;
    };
    std::vector<Cell> cells;
    double best = -1e300, peak = 0;
    for (const Variant& variant : variants) {
        cv::Mat1f most;
        for (const cv::Mat& from : templates) {
            const cv::Mat1f one = correlations(from, drawing, patch, variant.scale, variant.turn, window);
            most = most.empty() ? one : cv::Mat1f(cv::max(most, one));
        }
        for (int y = 0; y < most.rows; ++y)
            for (int x = 0; x < most.cols; ++x) {
                const Eigen::Vector2d shift(searchStep * (x - window), searchStep * (y - window));
                const double correlation = most(y, x);
                double exponent =
                    sharpness * correlation - (shift - prior.mean.shift).squaredNorm() / (2 * square(prior.shift));
                if (varies.scale)
                    exponent -= square((variant.scale - prior.mean.scale) / prior.scale) / 2;
                if (varies.turn)
                    exponent -= square((variant.turn - prior.mean.turn) / prior.turn) / 2;
                cells.push_back({shift, variant, exponent});
                if (exponent > best) {
                    best = exponent;
                    peak = correlation;
                }
            }
    }
    Displacement mean;
    double total = 0, second = 0;
    for (const Cell& c : cells) {
        const double weight = std::exp(c.exponent - best);
        total += weight;
        mean.shift += weight * c.shift;
        mean.scale += weight * c.variant.scale;
        mean.turn += weight * c.variant.turn;
        second += weight * c.shift.squaredNorm();
    }
    mean.shift /= total;
    mean.scale /= total;
    mean.turn /= total;
    // No place is known to less than half a step of the search.
    const double variance = std::max(0.25, (second / total - mean.shift.squaredNorm()) / 2);
    const double trust = std::clamp((peak - peaks.weak) / (peaks.strong - peaks.weak), 0.0, 1.0);
    const Eigen::Vector2d apart = mean.shift - prior.mean.shift;
    Displacement mixed;
    mixed.shift = prior.mean.shift + trust * apart;
    mixed.scale = prior.mean.scale + trust * (mean.scale - prior.mean.scale);
    mixed.turn = prior.mean.turn + trust * (mean.turn - prior.mean.turn);
    mixed.sigma = std::sqrt(trust * variance + (1 - trust) * square(prior.shift) +
                            trust * (1 - trust) * apart.squaredNorm() / 2);
    mixed.peak = peak;
    return mixed;
}

/// The posterior of a feature's displacement, in several sizes or directions about the prior's where it has them.
Displacement locate(const Feature& feature, const std::vector<cv::Mat>& templates, const cv::Mat& drawing,
                    const FacePointArray& points, const Prior& prior, const Peaks& peaks, int window) {
    std::vector<Variant> variants;
    for (double k : {-2.0, -1.0, 0.0, 1.0, 2.0})
        if (feature.scales)
            variants.push_back({prior.mean.scale + k * prior.scale, 0});
        else if (feature.turns)
            variants.push_back({0, prior.mean.turn + k * prior.turn});
        else if (k == 0)
            variants.push_back({0, 0});
    return posterior(variants, {feature.scales, feature.turns}, templates, drawing, patchOf(feature, points), prior, peaks,
                     window);
}

/// The same of one place about which the feature already lies: a small patch, a short way.
Displacement locatePlace(const std::vector<cv::Mat>& templates, const cv::Mat& drawing, const Eigen::Vector2d& at) {
    constexpr auto half = static_cast<int>(placePatch * faceSize / searchStep),
                   window = static_cast<int>(placeWindow * faceSize / searchStep);
    const cv::Point middle(static_cast<int>(at.x() / searchStep), static_cast<int>(at.y() / searchStep));
    const cv::Rect patch = cv::Rect(middle.x - half, middle.y - half, 2 * half + 1, 2 * half + 1) &
                           cv::Rect(0, 0, squareSize / searchStep, squareSize / searchStep);
    Prior prior{};
    prior.shift = placeShift * faceSize;
    if (patch.width <= half || patch.height <= half) { // beyond the square
        prior.mean.sigma = prior.shift;
        return prior.mean;
    }
    return posterior({{0, 0}}, {}, templates, drawing, patch, prior, commonPeaks, window);
}

/// The doubt of the features near a place, px of the square.
double featureSigma(const FacePointArray& points, const std::vector<Displacement>& displaced,
                    const Eigen::Vector2d& at) {
    double total = 1e-9, variance = 1e-9 * square(usualShift * faceSize);
    for (std::size_t f = 0; f < features().size(); ++f) {
        double nearest = 1e300;
        for (int i : features()[f].points)
            nearest = std::min(nearest, (points[i] - at).squaredNorm());
        const double weight = std::exp(-nearest / (2 * square(0.06 * faceSize)));
        total += weight;
        variance += weight * square(displaced[f].sigma);
    }
    return std::sqrt(variance / total);
}

cv::Mat greyOf(const cv::Mat& picture) {
    cv::Mat grey = picture;
    if (picture.channels() == 3)
        cv::cvtColor(picture, grey, cv::COLOR_BGR2GRAY);
    return grey;
}

/// Edges are blurred by this and then correlated in steps of `searchStep` px; finer steps cost time and tell no more.
constexpr double edgeBlur = 2.0;

cv::Mat searchEdges(const cv::Mat& grey) {
    cv::Mat coarse;
    cv::resize(orientedEdges(grey, edgeBlur), coarse, {}, 1.0 / searchStep, 1.0 / searchStep, cv::INTER_AREA);
    return coarse;
}

/// A place of the picture in px of the square.
Eigen::Vector2d inSquare(const PicturePoint& place, const FaceCrop& crop) {
    const Eigen::Rotation2Dd back = clockwiseRotation(-crop.turned);
    return (back * (place - crop.centre) / crop.side.value + Eigen::Vector2d(0.5, 0.5)) * squareSize;
}

/// The similarity that takes most points of one face to those of the other; misplaced features do not count.
Eigen::Matrix<double, 2, 3> robustSimilarity(const FacePointArray& from, const FacePointArray& to) {
    std::vector<cv::Point2f> a, b;
    for (int i = 0; i < 468; ++i) {
        a.emplace_back(static_cast<float>(from[i].x()), static_cast<float>(from[i].y()));
        b.emplace_back(static_cast<float>(to[i].x()), static_cast<float>(to[i].y()));
    }
    const cv::Mat found = cv::estimateAffinePartial2D(a, b, cv::noArray(), cv::LMEDS);
    Eigen::Matrix<double, 2, 3> matrix;
    for (int r = 0; r < 2; ++r)
        for (int c = 0; c < 3; ++c)
            matrix(r, c) = found.empty() ? (r == c) : found.at<double>(r, c);
    return matrix;
}

/// Runs `act` for every number below `count`, on all cores.
template <class Act>
void forEachInParallel(std::size_t count, Act act) {
    cv::parallel_for_({0, static_cast<int>(count)}, [&](const cv::Range& range) {
        for (int i = range.start; i < range.end; ++i)
            act(static_cast<std::size_t>(i));
    });
}

} // namespace

SketchRegistration::SketchRegistration(FaceNetworks& networks, const cv::Mat& photo, const FoundFace& face)
    : networks_(networks), hasColour_(isLiving(face)) {
    const FaceCrop crop = meshCrop(face.points);
    squareCentre_ = crop.centre;
    squareSide_ = crop.side;
    squareTurned_ = crop.turned;
    const cv::Mat faceSquare = sample(photo, crop, squareSize), grey = greyOf(faceSquare);
    photoPoints_ = steadyPoints(networks, faceSquare);
    const cv::Mat versions[] = {dodged(grey, 12), pencilLines(grey, 1.2), pencilLines(grey, 2.4)};
    drawingLikePoints_.fill(PicturePoint(0, 0));
    templates_.push_back(searchEdges(grey));
    for (const cv::Mat& version : versions) {
        const FacePointArray seen = steadyPoints(networks, version);
        for (int i = 0; i < facePointCount; ++i)
            drawingLikePoints_[i] += seen[i] / static_cast<double>(std::size(versions));
        if (&version != &versions[0])
            templates_.push_back(searchEdges(version));
    }
}

FacePointArray SketchRegistration::placesInPhoto() const {
    const FaceCrop photoCrop{squareCentre_, squareSide_, squareTurned_};
    FacePointArray places;
    for (int i = 0; i < facePointCount; ++i)
        places[i] = photoCrop.toPicture(drawingLikePoints_[i] / squareSize);
    return places;
}

double SketchRegistration::shapeDissimilarity(const FoundFace& drawn) const {
    const FacePointArray places = placesInPhoto();
    const Eigen::Matrix<double, 2, 3> carried = robustSimilarity(places, drawn.points);
    std::array<double, facePointCount> apart;
    for (int i = 0; i < facePointCount; ++i)
        apart[i] = (carried.leftCols<2>() * places[i] + carried.col(2) - drawn.points[i]).norm();
    std::nth_element(apart.begin(), apart.begin() + facePointCount / 2, apart.end());
    return apart[facePointCount / 2] / drawn.width.value;
}

std::vector<RegisteredPoint> SketchRegistration::operator()(const cv::Mat& drawing, const FoundFace& drawn,
                                                            const std::vector<PicturePoint>& places) const {
    const FaceCrop photoCrop{squareCentre_, squareSide_, squareTurned_};
    // The drawing's square is the photograph's, carried over by what the two readings agree on.
    const Eigen::Matrix<double, 2, 3> carried = robustSimilarity(placesInPhoto(), drawn.points);
    const auto toDrawing = [&](const PicturePoint& p) -> PicturePoint {
        return carried.leftCols<2>() * p + carried.col(2);
    };
    const double scale = std::hypot(carried(0, 0), carried(1, 0));
    const FaceCrop drawingCrop{toDrawing(photoCrop.centre), photoCrop.side * scale,
                               photoCrop.turned + Radians{std::atan2(carried(1, 0), carried(0, 0))}};
    const cv::Mat drawnSquare = greyOf(sample(drawing, drawingCrop, squareSize));

    std::vector<Displacement> displaced(features().size()), networkEstimate(features().size());
    std::vector<double> networkDeviation(features().size()); // of the estimates, per axis
    for (int round = 0; round < rounds; ++round) {
        const cv::Mat back = pulledBack(drawnSquare, warpOf(photoPoints_, displaced));
        const FacePointArray read = steadyPoints(networks_, back);
        const cv::Mat edges = searchEdges(back);
        const int window = static_cast<int>(faceSize / searchStep * (round ? laterWindow : firstWindow));
        const auto locateFeature = [&](std::size_t f) {
            const Feature& feature = features()[f];
            const Prior prior = priorFrom(feature, between(feature, drawingLikePoints_, read), round ? 0.5 : 1);
            const Displacement rest = locate(feature, templates_, edges, photoPoints_, prior,
                                             hasColour_ ? commonPeaks : feature.colourlessPeaks, window);
            if (round == 0) {
                networkEstimate[f] = prior.mean;
                networkEstimate[f].sigma = usualShift * faceSize;
                networkDeviation[f] = prior.shift;
            }
            Displacement& d = displaced[f];
            d.shift += rest.shift;
            d.scale += rest.scale;
            d.turn += rest.turn;
            d.sigma = rest.sigma;
            d.peak = rest.peak;
            if (d.shift.norm() > mostShift * faceSize ||
                (d.shift - networkEstimate[f].shift).norm() > mostContradicted * networkDeviation[f])
                d = networkEstimate[f];
        };
        forEachInParallel(features().size(), locateFeature);
    }
    // At last every place by itself: the corner of a mouth may be raised, the end of an eyebrow dropped.
    const ThinPlateWarp warp = warpOf(photoPoints_, displaced);
    const cv::Mat edges = searchEdges(pulledBack(drawnSquare, warp));
    std::vector<RegisteredPoint> registered(places.size());
    const double toPicture = drawingCrop.side.value / squareSize;
    forEachInParallel(places.size(), [&](std::size_t i) {
        const Eigen::Vector2d at = inSquare(places[i], photoCrop);
        const Displacement own = locatePlace(templates_, edges, at);
        const double sigma = featureSigma(photoPoints_, displaced, at);
        registered[i] = {drawingCrop.toPicture((at + own.shift + warp(at + own.shift)) / squareSize),
                         {toPicture * understated * std::hypot(sigma, own.sigma)}};
    });
    return registered;
}

} // namespace zokran
