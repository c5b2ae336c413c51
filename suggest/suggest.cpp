#include "suggest/suggest.h"

#include <array>
#include <dlib/image_processing.h>
#include <dlib/image_processing/frontal_face_detector.h>
#include <dlib/opencv.h>
#include <fmt/format.h>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

constexpr const char* model = "/usr/share/dlib/shape_predictor_68_face_landmarks.dat";
/// The detector knows upright faces; it is shown the picture turned by each of these.
constexpr std::array turns{0.0, -25.0, 25.0, -50.0, 50.0, -90.0, 90.0, 180.0};
/// The picture is searched at about this height.
constexpr double searchHeight = 900;
/// The detector's own scale: faces score above 0; plaster and drawings a little less.
constexpr double leastScore = -0.4;
/// How far suggested points are commonly off, as a share of the face's extent; common practice.
constexpr double commonlyOff = 0.02;

struct Find {
    double score = -1;
    dlib::rectangle box;
    cv::Mat turned;      ///< the picture the face was found in
    cv::Matx23d toPhoto; ///< from its pixels to the photograph's
};

/// From the picture turned by `degrees` and scaled to the photograph's pixels.
Find look(const cv::Mat& photo, double degrees, const dlib::frontal_face_detector& known) {
    const double scale = searchHeight / std::max(photo.cols, photo.rows);
    const double side = std::hypot(photo.cols, photo.rows) * scale;
    const cv::Point2f middle(static_cast<float>(photo.cols) / 2,
                             static_cast<float>(photo.rows) / 2);
    cv::Mat forward = cv::getRotationMatrix2D(middle, degrees, scale);
    forward.at<double>(0, 2) += side / 2 - middle.x;
    forward.at<double>(1, 2) += side / 2 - middle.y;
    Find find;
    cv::warpAffine(photo, find.turned, forward, cv::Size(int(side), int(side)));
    cv::Mat back;
    cv::invertAffineTransform(forward, back);
    find.toPhoto = back;
    std::vector<dlib::rect_detection> found;
    dlib::frontal_face_detector detector = known;
    const dlib::cv_image<dlib::bgr_pixel> image(find.turned);
    detector(image, found, leastScore);
    for (const dlib::rect_detection& f : found)
        if (f.detection_confidence > find.score) {
            find.score = f.detection_confidence;
            find.box = f.rect;
        }
    return find;
}

} // namespace

MarkSheet suggestMarks(const std::filesystem::path& photo, const std::atomic<bool>* cancelled) {
    if (!std::filesystem::exists(model))
        throw BadInput(
            fmt::format("{}: this file suggests the marks; Debian's package libdlib-data "
                        "brings it",
                        model));
    // OpenCV grumbles on stderr about a file that is not there.
    std::error_code ignored;
    const cv::Mat picture =
        std::filesystem::is_regular_file(photo, ignored) ? cv::imread(photo.string()) : cv::Mat();
    if (picture.empty())
        throw BadInput(fmt::format("{}: this is not a picture that can be read", photo.string()));
    const dlib::frontal_face_detector detector = dlib::get_frontal_face_detector();
    Find best;
    for (double turn : turns) {
        if (cancelled && *cancelled)
            return {};
        Find find = look(picture, turn, detector);
        if (find.score > best.score)
            best = std::move(find);
        if (best.score > 1)
            break; // sure enough
    }
    if (best.turned.empty() || best.score < leastScore)
        throw BadInput(
            fmt::format("{}: no face was found; place the marks by hand", photo.string()));
    dlib::shape_predictor predictor;
    dlib::deserialize(model) >> predictor;
    const dlib::cv_image<dlib::bgr_pixel> image(best.turned);
    const dlib::full_object_detection points = predictor(image, best.box);
    auto mean = [&](std::initializer_list<unsigned long> indices) {
        PicturePoint sum(0, 0);
        for (unsigned long i : indices) {
            const cv::Vec3d p(static_cast<double>(points.part(i).x()),
                              static_cast<double>(points.part(i).y()), 1);
            const cv::Vec2d q = best.toPhoto * p;
            sum += PicturePoint(q[0], q[1]);
        }
        return PicturePoint(sum / static_cast<double>(indices.size()));
    };
    using enum Mark;
    // The numbering of the 68 points is that of the model's training set, from the viewer's left.
    const std::pair<Mark, PicturePoint> found[] = {
        {Brow, mean({21, 22})},
        {NoseRoot, mean({27})},
        {NoseTip, mean({30})},
        {NoseBase, mean({33})},
        {NoseWingR, mean({31})},
        {NoseWingL, mean({35})},
        {OuterEyeR, mean({36})},
        {InnerEyeR, mean({39})},
        {InnerEyeL, mean({42})},
        {OuterEyeL, mean({45})},
        {PupilR, mean({37, 38, 40, 41})},
        {PupilL, mean({43, 44, 46, 47})},
        {MouthCornerR, mean({48})},
        {MouthCornerL, mean({54})},
        {LipLine, mean({62, 66})},
        {Chin, mean({8})},
    };
    MarkSheet sheet;
    sheet.width = picture.cols;
    sheet.height = picture.rows;
    for (const auto& [mark, at] : found)
        sheet.marks[mark] = PlacedMark{at, false, true, {}};
    const Pixels noise{commonlyOff / 0.01 * sheet.noiseOrDefault().value}; // the default is 1 %
    for (const auto& [mark, at] : found)
        sheet.marks[mark]->noise = noise;
    return sheet;
}

} // namespace zokran
