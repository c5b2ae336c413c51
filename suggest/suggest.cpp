#include "suggest/suggest.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"
#include "core/fit/fit.h"

#include <fmt/format.h>
#include <cmath>
#include <map>
#include <opencv2/imgcodecs.hpp>

namespace zokran {

namespace {

/// The picture is searched at about this height.
constexpr double searchHeight = 900;
/// How far suggested points are commonly off, as a share of the face's extent; common practice.
constexpr double commonlyOff = 0.02;

} // namespace

MarkSheet rawMarks(const FacePoints& face, int width, int height) {
    auto mean = [&](std::initializer_list<std::size_t> indices) {
        PicturePoint sum(0, 0);
        for (std::size_t i : indices)
            sum += face.at[i];
        return PicturePoint(sum / static_cast<double>(indices.size()));
    };
    using enum Mark;
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
    sheet.width = width;
    sheet.height = height;
    for (const auto& [mark, at] : found)
        sheet.marks[mark] = PlacedMark{at, false, true, {}};
    const Pixels noise{commonlyOff / 0.01 * sheet.noiseOrDefault().value}; // the default is 1 %
    for (const auto& [mark, at] : found)
        sheet.marks[mark]->noise = noise;
    return sheet;
}

namespace {

/// How a mark lies beside the point that stands for it; see tools/make_face_points.py.
struct Beside {
    std::array<double, 8> x, y;
    BallRadii noise;
};
using Learned = std::map<Mark, Beside>;

const Learned& learned() {
    static const Learned known = readJson(
        dataFolder() / "heads" / "face_points.json", "zokran-face-points",
        [](const nlohmann::json& j) {
            Learned read;
            for (const auto& [id, beside] : j.at("marks").items()) {
                const auto mark = markNamed(id);
                if (!mark)
                    throw BadInput(fmt::format("there is no mark \"{}\"", id));
                read[*mark] = {beside.at("x").get<std::array<double, 8>>(),
                               beside.at("y").get<std::array<double, 8>>(),
                               {beside.at("noise").get<double>()}};
            }
            return read;
        });
    return known;
}

/// The marks' errors go together, which the fit's independent noise does not know: by so much the
/// noise is raised that the fit's own doubt covers them.
constexpr double together = 1.2;
/// Lips this far apart (ball radii; 5 mm) count as an open mouth: then mouth, chin and wings tell less of the sitter.
constexpr double lipsApart = 0.05;

} // namespace

MarkSheet marksOf(const FacePoints& face, int width, int height) {
    MarkSheet sheet = rawMarks(face, width, height);
    const Fit raw = fitHead(sheet);
    const Pose pose = raw.view.pose();
    const double turn = pose.turn.value, tilt = pose.tilt.value, scale = raw.view.scale;
    auto apart = [&](std::size_t a, std::size_t b) {
        return (face.at[a] - face.at[b]).norm() / scale;
    };
    const double mouth = apart(62, 66);
    sheet.smiling = mouth > lipsApart;
    const double eyes = (apart(37, 41) + apart(38, 40) + apart(43, 47) + apart(44, 46)) / 4;
    const std::array<double, 8> features{1,           turn,        tilt,  turn * turn,
                                         turn * tilt, tilt * tilt, mouth, eyes};
    const double c = std::cos(pose.lean.value), s = std::sin(pose.lean.value);
    for (const auto& [mark, beside] : learned()) {
        auto& placed = sheet.marks[mark];
        if (!placed || !placed->at)
            continue;
        double x = 0, y = 0;
        for (std::size_t k = 0; k < features.size(); ++k) {
            x += beside.x[k] * features[k];
            y += beside.y[k] * features[k];
        }
        // From the upright face to the picture: the lean put back.
        *placed->at += scale * PicturePoint(c * x - s * y, s * x + c * y);
        placed->noise = Pixels{together * scale * beside.noise.value};
    }
    return sheet;
}

std::vector<MarkSheet> suggestMarks(const std::filesystem::path& photo,
                                    const std::atomic<bool>* cancelled,
                                    const std::optional<Framing>& framed) {
    // OpenCV grumbles on stderr about a file that is not there.
    std::error_code ignored;
    const cv::Mat picture =
        std::filesystem::is_regular_file(photo, ignored) ? cv::imread(photo.string()) : cv::Mat();
    if (picture.empty())
        throw BadInput(fmt::format("{}: this is not a picture that can be read", photo.string()));
    cv::Rect searched(0, 0, picture.cols, picture.rows);
    if (framed) {
        const Framing in = within(*framed, picture.cols, picture.rows);
        searched &= cv::Rect(cv::Point(static_cast<int>(in.low.x()), static_cast<int>(in.low.y())),
                             cv::Point(static_cast<int>(in.high.x()), static_cast<int>(in.high.y())));
    }
    std::vector<FacePoints> faces = findFaces(picture(searched), searchHeight, cancelled);
    for (FacePoints& face : faces)
        for (PicturePoint& at : face.at)
            at += PicturePoint(searched.x, searched.y);
    if (cancelled && *cancelled)
        return {};
    if (faces.empty())
        throw BadInput(
            fmt::format("{}: no face was found; place the marks by hand", photo.string()));
    std::vector<MarkSheet> sheets;
    for (const FacePoints& face : faces)
        sheets.push_back(marksOf(face, picture.cols, picture.rows));
    return sheets;
}

} // namespace zokran
