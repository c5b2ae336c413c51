#include "suggest/face_points.h"

#include "core/base/errors.h"

#include <dlib/image_processing.h>
#include <dlib/image_processing/frontal_face_detector.h>
#include <dlib/opencv.h>
#include <fmt/format.h>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

constexpr const char* model = "/usr/share/dlib/shape_predictor_68_face_landmarks.dat";
/// The detector knows upright faces; it is shown the picture turned by each of these.
constexpr std::array turns{0.0, -25.0, 25.0, -50.0, 50.0, -90.0, 90.0, 180.0};
/// The detector's own scale: faces score above 0; plaster and drawings a little less.
constexpr double leastScore = -0.4, sure = 1;

const dlib::shape_predictor& predictor() {
    if (!std::filesystem::exists(model))
        throw BadInput(
            fmt::format("{}: this file suggests the marks; Debian's package libdlib-data "
                        "brings it",
                        model));
    static const dlib::shape_predictor loaded = [] {
        dlib::shape_predictor p;
        dlib::deserialize(model) >> p;
        return p;
    }();
    return loaded;
}

/// The faces of the picture turned by `degrees`.
std::vector<FacePoints> look(const cv::Mat& picture, double degrees, double height,
                             dlib::frontal_face_detector& detector) {
    const double scale = std::min(height / std::max(picture.cols, picture.rows), 4.0);
    const double across = picture.cols * scale, down = picture.rows * scale;
    const double a = degrees * CV_PI / 180;
    const cv::Size size(
        static_cast<int>(std::abs(across * std::cos(a)) + std::abs(down * std::sin(a)) + 1),
        static_cast<int>(std::abs(across * std::sin(a)) + std::abs(down * std::cos(a)) + 1));
    const cv::Point2f middle(static_cast<float>(picture.cols) / 2,
                             static_cast<float>(picture.rows) / 2);
    cv::Mat forward = cv::getRotationMatrix2D(middle, degrees, scale), back, turned;
    forward.at<double>(0, 2) += size.width / 2.0 - static_cast<double>(middle.x);
    forward.at<double>(1, 2) += size.height / 2.0 - static_cast<double>(middle.y);
    cv::warpAffine(picture, turned, forward, size, scale < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
    cv::invertAffineTransform(forward, back);
    const cv::Matx23d toPicture = back;
    const dlib::cv_image<dlib::bgr_pixel> image(turned);
    std::vector<dlib::rect_detection> found;
    detector(image, found, leastScore);
    std::vector<FacePoints> faces;
    for (const dlib::rect_detection& f : found) {
        const dlib::full_object_detection points = predictor()(image, f.rect);
        FacePoints face;
        face.score = f.detection_confidence;
        face.width = {static_cast<double>(f.rect.width()) / scale};
        for (unsigned long i = 0; i < face.at.size(); ++i) {
            const cv::Vec2d p =
                toPicture * cv::Vec3d(static_cast<double>(points.part(i).x()),
                                      static_cast<double>(points.part(i).y()), 1);
            face.at[i] = {p[0], p[1]};
        }
        faces.push_back(face);
    }
    return faces;
}

PicturePoint middleOf(const FacePoints& face) {
    PicturePoint sum(0, 0);
    for (const PicturePoint& p : face.at)
        sum += p;
    return sum / static_cast<double>(face.at.size());
}

} // namespace

std::vector<FacePoints> findFaces(const cv::Mat& picture, double height,
                                  const std::atomic<bool>* cancelled) {
    predictor(); // a missing file is told before the search
    dlib::frontal_face_detector detector = dlib::get_frontal_face_detector();
    std::vector<FacePoints> faces;
    for (double turn : turns) {
        if (cancelled && *cancelled)
            return {};
        for (const FacePoints& face : look(picture, turn, height, detector)) {
            // The same face at another turn: the surer reading stays.
            const auto same = std::find_if(faces.begin(), faces.end(), [&](const FacePoints& f) {
                return (middleOf(f) - middleOf(face)).norm() < 0.5 * f.width.value;
            });
            if (same == faces.end())
                faces.push_back(face);
            else if (face.score > same->score)
                *same = face;
        }
        if (std::any_of(faces.begin(), faces.end(), [](const auto& f) { return f.score > sure; }))
            break;
    }
    // What scores far less than the surest is a pattern on the wall.
    double best = leastScore;
    for (const FacePoints& f : faces)
        best = std::max(best, f.score);
    std::erase_if(faces, [&](const FacePoints& f) { return f.score < best - 1.2; });
    std::stable_sort(faces.begin(), faces.end(), [](const FacePoints& a, const FacePoints& b) {
        return a.width.value > b.width.value;
    });
    return faces;
}

} // namespace zokran
