#include "see/find_faces.h"

#include "see/face_detector.h"
#include "see/face_mesh.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// The detectors' inputs are small; the search loses nothing in a picture of this size.
constexpr int searchSize = 1280;
/// Scores (0 to 1) from which a detection is looked at closely, in the quick and in the wide search.
constexpr double quickLeast = 0.4, wideLeast = 0.2;
/// Scores of the face shown upright, less what the mirror image takes off, from which it is offered, and scores from
/// which it is taken for certain. Measured: of 50 photographs of people the lowest score is 0.65; a cat and a brick
/// wall stay below 0.41, a cup of coffee reaches 0.43 with what is taken off.
constexpr double offered = 0.46, sure = 0.65;
/// What a disagreement of a whole face's width with the mirror image takes off the score.
constexpr double perDisagreement = 4;
/// A score of the short-range detector that needs no second opinion.
constexpr double beyondDoubt = 0.8;
/// From this disagreement on, as a share of the face's width, a face is only offered.
constexpr double doubtfulDisagreement = 0.02;
/// From this one on the face may have been taken for one that stands on its head, and is looked at the other way up.
constexpr double suspicious = 0.012;
/// Seen the other way up it must be read as steadily as a face that is seen well.
constexpr double mostTurnedOver = 0.025;
/// From this one on a face that is offered is fitted again from perturbed crops, for the mesh may have converged wrongly.
constexpr double unsteady = 0.015;
/// The perturbed crops against the first one: rotations in degrees, and relative sizes.
constexpr double perturbedLeans[] = {-30, 0, 30}, perturbedSizes[] = {0.8, 1.25};
/// What a disagreement of a whole face's width takes off the score where such fits are compared.
constexpr double perDisagreementOfFits = 8;
/// Where a face is too dark or turned too far for the detectors to be sure of it upright, it is offered if so many candidates,
/// the wide search's leans among them, lead to the same face, and that is read as steadily as told. Measured: three of five heads
/// turned beyond 55 degrees and tilted; of 45 pictures of other things a dog's head comes nearest, with 0.018.
constexpr std::size_t agreeing = 6;
constexpr double steadyAgreement = 0.016;
/// Two fits are of the same face when they differ by less than these shares of its width, in place and size.
constexpr double samePlace = 0.06, sameSize = 0.15;
/// Candidates that are looked at closely in the wide search, the best first; each takes a tenth of a second.
constexpr std::size_t mostCandidates = 8;
/// Times the mesh is fitted, each time in the square of the last points.
constexpr int passes = 3;
/// The squares shown to the two detectors for the face's score, as multiples of that for the mesh.
constexpr double shortSquare = 1.3, fullSquare = 2.5;
/// Faces smaller than this share of the picture are looked for in its parts as well.
constexpr double small = 0.1;

Pixels widthOf(const FacePointArray& points) {
    return meshCrop(points).side / 1.5;
}

/// The median saturation of the colour in the middle of the face: of each pixel that is not black, the spread of the
/// three channels over the brightest.
double saturationOf(const cv::Mat& picture, const FacePointArray& points) {
    constexpr int size = 64, darkest = 40;
    FaceCrop crop = meshCrop(points);
    crop.side *= 0.45; // within the outline
    const cv::Mat3b square = sample(picture, crop, size);
    std::vector<double> all;
    for (const cv::Vec3b& pixel : square) {
        const auto [low, high] = std::minmax({pixel[0], pixel[1], pixel[2]});
        if (high > darkest)
            all.push_back((high - low) / static_cast<double>(high));
    }
    if (all.empty())
        return 0;
    const auto middle = all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2);
    std::nth_element(all.begin(), middle, all.end());
    return *middle;
}

/// Fits the mesh in the square and again in the square of its points; then both the face and its mirror image.
FoundFace fitMesh(FaceNetworks& networks, const cv::Mat& picture, FaceCrop crop, int times = passes) {
    FoundFace face;
    for (int pass = 1; pass < times; ++pass)
        crop = meshCrop(meshPoints(networks, picture, crop));
    const FacePointArray seen = meshPoints(networks, picture, crop);
    const FacePointArray mirrored = mirroredMeshPoints(networks, picture, crop);
    for (int i = 0; i < facePointCount; ++i) {
        face.points[i] = (seen[i] + mirrored[i]) / 2;
        face.disagreement[i] = (seen[i] - mirrored[i]) / 2;
    }
    face.width = widthOf(face.points);
    face.saturation = saturationOf(picture, face.points);
    return face;
}

double rms(const FacePointArray& vectors) {
    double sum = 0;
    for (const PicturePoint& v : vectors)
        sum += v.squaredNorm();
    return std::sqrt(sum / facePointCount);
}

/// The best score of a detection in the middle of the face's square, or of its mirror image.
double scoreOf(FaceNetworks& networks, const cv::Mat& picture, const FoundFace& face, DetectorRange range, double enlarged,
               bool mirrored) {
    constexpr int size = 256;
    FaceCrop crop = meshCrop(face.points);
    crop.side *= enlarged;
    cv::Mat square = sample(picture, crop, size, true);
    if (mirrored)
        cv::flip(square, square, 1);
    const PicturePoint centre(size / 2.0, size / 2.0);
    double best = 0;
    for (const DetectedFace& again : detectFaces(networks, square, {centre, {size}, {0}}, range, 0.02))
        if ((again.box.centre - centre).norm() < 0.2 * size / enlarged)
            best = std::max(best, again.score);
    return best;
}

/// How sure the detectors are of the face shown upright and well framed: the short-range one alone where it is
/// beyond doubt, else the mean of both, of the face and of its mirror image. One score alone is fooled by a cat.
void score(FaceNetworks& networks, const cv::Mat& picture, FoundFace& face) {
    const auto scored = [&](DetectorRange range, double enlarged, bool mirrored) {
        return scoreOf(networks, picture, face, range, enlarged, mirrored);
    };
    face.score = scored(DetectorRange::Short, shortSquare, false);
    if (face.score >= beyondDoubt)
        return;
    face.score = (face.score + scored(DetectorRange::Short, shortSquare, true) + scored(DetectorRange::Full, fullSquare, false) +
                  scored(DetectorRange::Full, fullSquare, true)) /
                 4;
}

/// The mesh fitted from a square, and how sure the detectors are of it.
FoundFace look(FaceNetworks& networks, const cv::Mat& picture, const FaceCrop& crop) {
    FoundFace face = fitMesh(networks, picture, crop);
    score(networks, picture, face);
    return face;
}

class Search {
public:
    Search(FaceNetworks& networks, const cv::Mat& picture, PictureKind kind, const std::atomic<bool>* cancelled)
        : networks_(networks), picture_(picture), kind_(kind), cancelled_(cancelled) {
        const double longer = std::max(picture.cols, picture.rows);
        reduction_ = std::min(1.0, searchSize / longer);
        if (reduction_ < 1)
            cv::resize(picture, reduced_, {}, reduction_, reduction_, cv::INTER_AREA);
        else
            reduced_ = picture;
    }

    std::vector<FoundFace> run() {
        search(DetectorRange::Short, {1, 1.6}, {0, -45, 45}, quickLeast);
        search(DetectorRange::Full, {1}, {0}, quickLeast);
        searchParts(quickLeast);
        verify();
        if (faces_.empty() && !stopped()) {
            for (DetectorRange range : {DetectorRange::Short, DetectorRange::Full})
                search(range, {1, 1.6}, {0, -35, 35, -80, 80, 180}, wideLeast);
            verify(mostCandidates);
            if (faces_.empty())
                offerConsensus();
        }
        if (stopped())
            return {};
        std::stable_sort(faces_.begin(), faces_.end(),
                         [](const FoundFace& a, const FoundFace& b) { return a.width > b.width; });
        return std::move(faces_);
    }

private:
    bool stopped() const { return cancelled_ && *cancelled_; }

    void detect(const FaceCrop& crop, DetectorRange range, double least) {
        if (stopped())
            return;
        for (DetectedFace face : detectFaces(networks_, reduced_, crop, range, least)) {
            face.box.centre /= reduction_;
            face.box.side = face.box.side / reduction_;
            face.rightEye /= reduction_;
            face.leftEye /= reduction_;
            candidates_.push_back(face);
        }
    }

    void search(DetectorRange range, std::initializer_list<double> scales, std::initializer_list<double> leans,
              double least) {
        const PicturePoint centre(reduced_.cols / 2.0, reduced_.rows / 2.0);
        for (double scale : scales)
            for (double lean : leans)
                detect({centre, {scale * std::max(reduced_.cols, reduced_.rows)}, toRadians(Degrees{lean})}, range,
                       least);
    }

    /// Where faces are small against the picture, or none was seen yet in a large one, its parts are looked at.
    void searchParts(double least) {
        const double longer = std::max(reduced_.cols, reduced_.rows);
        const bool anyLarge = std::any_of(candidates_.begin(), candidates_.end(), [&](const DetectedFace& f) {
            return f.score > sure && f.box.side * reduction_ > Pixels{small * longer};
        });
        if (anyLarge || longer < 400)
            return;
        const double side = longer / 2.4, step = side * 0.6;
        for (double y = side / 2; y < reduced_.rows + step / 2; y += step)
            for (double x = side / 2; x < reduced_.cols + step / 2; x += step)
                detect({PicturePoint(x, y), {side}, {0}}, DetectorRange::Full, least);
    }

    static bool same(const PicturePoint& a, const PicturePoint& b, Pixels size) { return Pixels{(a - b).norm()} < 0.4 * size; }

    /// No face lies within another: a larger box round a face that is certain is none.
    static bool surrounds(const DetectedFace& candidate, const FoundFace& face) {
        const PicturePoint apart = middle(face.points) - candidate.box.centre;
        return face.certain && candidate.box.side > 1.5 * face.width &&
               Pixels{apart.cwiseAbs().maxCoeff()} < candidate.box.side / 2;
    }

    /// Looks at every candidate closely, the best first, and keeps those that are faces.
    void verify(std::size_t most = 1000) {
        std::sort(candidates_.begin(), candidates_.end(),
                  [](const DetectedFace& a, const DetectedFace& b) { return a.score > b.score; });
        std::size_t looked = 0;
        for (const DetectedFace& candidate : candidates_) {
            if (stopped() || looked == most)
                return;
            const auto known = [&](const FoundFace& f) {
                return same(middle(f.points), candidate.box.centre, f.width) || surrounds(candidate, f);
            };
            if (std::any_of(faces_.begin(), faces_.end(), known))
                continue;
            ++looked;
            const PicturePoint across = candidate.leftEye - candidate.rightEye;
            FoundFace face =
                look(networks_, picture_, {candidate.box.centre, candidate.box.side * 1.5, {std::atan2(across.y(), across.x())}});
            if (disagreementOf(face) > suspicious)
                lookTheOtherWayUp(face);
            // A box that strayed to a face that is known, or to nothing.
            if (std::any_of(faces_.begin(), faces_.end(), [&](const FoundFace& f) {
                    return same(middle(f.points), middle(face.points), f.width);
                }))
                continue;
            if (quality(face) < offered) {
                refused_.push_back(face);
                continue;
            }
            if (kind_ == PictureKind::Photograph && disagreementOf(face) > unsteady)
                refitFromPerturbedCrops(face);
            face.certain = face.score >= sure && disagreementOf(face) < doubtfulDisagreement;
            faces_.push_back(face);
        }
        candidates_.clear();
    }

    /// The largest group of refused candidates that are all the same face, if it is large and steady enough.
    void offerConsensus() {
        std::vector<const FoundFace*> largest;
        for (const FoundFace& one : refused_) {
            std::vector<const FoundFace*> group;
            for (const FoundFace& other : refused_)
                if (Pixels{(middle(one.points) - middle(other.points)).norm()} < samePlace * one.width &&
                    std::abs(other.width / one.width - 1) < sameSize)
                    group.push_back(&other);
            if (group.size() > largest.size())
                largest = std::move(group);
        }
        double disagreement = 0;
        for (const FoundFace* face : largest)
            disagreement += disagreementOf(*face) / static_cast<double>(largest.size());
        if (stopped() || largest.size() < agreeing || disagreement > steadyAgreement)
            return;
        faces_.push_back(**std::max_element(largest.begin(), largest.end(),
                                            [](const FoundFace* a, const FoundFace* b) { return quality(*a) < quality(*b); }));
    }

    static double disagreementOf(const FoundFace& face) { return rms(face.disagreement) / face.width.value; }
    static double quality(const FoundFace& face) { return face.score - perDisagreement * disagreementOf(face); }

    /// A face that stands on its head is sometimes read as an upright one.
    void lookTheOtherWayUp(FoundFace& face) {
        FaceCrop turned = meshCrop(face.points);
        turned.turned += Radians{std::numbers::pi};
        turned.side *= 2;
        const auto again = detectFaces(networks_, picture_, turned, DetectorRange::Short, sure);
        if (again.empty() || Pixels{(again[0].box.centre - middle(face.points)).norm()} > face.width)
            return;
        const PicturePoint across = again[0].leftEye - again[0].rightEye;
        const FoundFace other =
            look(networks_, picture_, {again[0].box.centre, again[0].box.side * 1.5, {std::atan2(across.y(), across.x())}});
        if (quality(other) > quality(face) && disagreementOf(other) < mostTurnedOver)
            face = other;
    }

    /// Keeps the best of all fits from perturbed crops.
    void refitFromPerturbedCrops(FoundFace& face) {
        const auto merit = [](const FoundFace& f) { return f.score - perDisagreementOfFits * disagreementOf(f); };
        for (const FoundFace& seen : refitsFromPerturbedCrops(networks_, picture_, face, cancelled_))
            if (merit(seen) > merit(face))
                face = seen;
    }

    FaceNetworks& networks_;
    const cv::Mat& picture_;
    PictureKind kind_;
    const std::atomic<bool>* cancelled_;
    cv::Mat reduced_;
    double reduction_ = 1; ///< px of `reduced_` to a px of the picture
    std::vector<DetectedFace> candidates_; ///< px of the picture
    std::vector<FoundFace> faces_;
    std::vector<FoundFace> refused_; ///< looked at closely and not good enough
};

} // namespace

std::vector<FoundFace> refitsFromPerturbedCrops(FaceNetworks& networks, const cv::Mat& picture, const FoundFace& face,
                                                const std::atomic<bool>* cancelled) {
    const FaceCrop first = meshCrop(face.points);
    std::vector<FoundFace> fits;
    for (double lean : perturbedLeans)
        for (double size : perturbedSizes)
            if (!cancelled || !*cancelled)
                fits.push_back(
                    look(networks, picture, {first.centre, first.side * size, first.turned + toRadians(Degrees{lean})}));
    return fits;
}

std::vector<FoundFace> findFaces(FaceNetworks& networks, const cv::Mat& picture, const std::atomic<bool>* cancelled,
                                 PictureKind kind) {
    return Search(networks, picture, kind, cancelled).run();
}

} // namespace zokran
