#include "cast/drills/drill.h"

#include "core/base/translatable.h"
#include "core/head/bust_pose.h"
#include "core/head/population.h"
#include "core/light/depth_buffer.h"
#include "core/light/planar_head.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

/// Lightness, 0 to 100 (CIE 1976 L*, from the picture's own colours), as a squint sees it: over a patch.
cv::Mat lightnessOf(const Picture& picture) {
    const cv::Mat bgr(picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.bgr.data()));
    cv::Mat colours, lab, lightness;
    bgr.convertTo(colours, CV_32F, 1 / 255.0);
    cv::cvtColor(colours, lab, cv::COLOR_BGR2Lab);
    cv::extractChannel(lab, lightness, 0);
    constexpr int patch = 15; // px
    cv::blur(lightness, lightness, {patch, patch});
    return lightness;
}

/// Which of so many equal steps of lightness, from 1, the darkest.
int valueOf(float lightness, int values) {
    return std::clamp(1 + static_cast<int>(lightness * static_cast<float>(values) / 100), 1, values);
}

/// Which value has the spot in the ring, on a scale from black to white?
std::optional<DrillTask> ofFace(const DrillFace& face, SeededRandom& random, int level) {
    const int values = level < 2 ? 3 : level < 4 ? 5 : 9;
    const cv::Mat lightness = lightnessOf(face.picture);
    // Somewhere on the head, and well within a step: at its edge the answer is a matter of opinion.
    const double reach = 0.85 * face.view.outlineRadius().value;
    for (int attempt = 0; attempt < 200; ++attempt) {
        const PicturePoint at = face.view.centre + reach * PicturePoint(random.between(-1, 1), random.between(-1, 1.4));
        const int x = static_cast<int>(at.x()), y = static_cast<int>(at.y());
        constexpr int rim = 12;
        if (x < rim || y < rim || x >= face.picture.width - rim || y >= face.picture.height - rim)
            continue;
        const float here = lightness.at<float>(y, x), step = 100.0F / static_cast<float>(values);
        const float within = std::fmod(here, step) / step;
        if (within < 0.25F || within > 0.75F)
            continue;
        // Nor across an edge, where the spot has two values.
        constexpr int beside = 7;
        float apart = 0;
        for (const cv::Point& to : {cv::Point(-beside, 0), {beside, 0}, {0, -beside}, {0, beside}})
            apart = std::max(apart, std::abs(lightness.at<float>(y + to.y, x + to.x) - here));
        if (apart > 0.25F * step)
            continue;
        DrillTask task;
        task.question = ZOKRAN_WORDS("In {values} values from black to white, which has the spot in the ring? 1 is the "
                                     "darkest.");
        task.figures = {{"values", fmt::format("{}", values)}};
        DrillField field{"value", ZOKRAN_WORDS("Value"), DrillField::Kind::Number, 1, static_cast<double>(values), 1, ""};
        field.right = valueOf(here, values);
        field.tolerance = values > 5 ? 1 : 0.5;
        task.fields.push_back(field);
        task.picture = face.picture;
        drawRing(task.picture, at, {9});
        // The answer: the picture in so many values.
        task.answer = face.picture;
        for (int py = 0; py < face.picture.height; ++py)
            for (int px = 0; px < face.picture.width; ++px) {
                const int value = valueOf(lightness.at<float>(py, px), values);
                const double l = 100 * (value - 0.5) / values;
                // From L* back to a grey of the screen (CIE 1976; sRGB, IEC 61966-2-1).
                const double y1 = l > 8 ? std::pow((l + 16) / 116, 3) : l / 903.3,
                             grey = y1 > 0.0031308 ? 1.055 * std::pow(y1, 1 / 2.4) - 0.055 : 12.92 * y1;
                const std::size_t i = 3 * (static_cast<std::size_t>(py) * static_cast<std::size_t>(face.picture.width) +
                                           static_cast<std::size_t>(px));
                std::fill_n(task.answer.bgr.begin() + static_cast<std::ptrdiff_t>(i), 3,
                            static_cast<std::uint8_t>(std::lround(255 * grey)));
            }
        drawRing(task.answer, at, {9});
        return task;
    }
    return std::nullopt; // such as a picture of one tone
}

/// A head in flat planes under a lamp, the large planes alone for a beginner: each plane has one value.
DrillFace planarFace(SeededRandom& random, int level) {
    constexpr int width = 520, height = 600;
    const Pose pose = poseFromDegrees({random.between(-45, 45)}, {random.between(-15, 15)}, {random.between(-10, 10)});
    std::vector<double> coefficients(adultHeads().directions.size());
    for (double& c : coefficients)
        c = random.between(-1, 1);
    const HeadMarks head = adultHeads().head(coefficients);
    const Lighting lighting{{toRadians(Degrees{random.apart(15, 70)}), toRadians(Degrees{random.between(10, 60)})}};
    DrillFace face;
    face.pose = pose;
    face.view.scale = width / 3.8;
    face.view.nearness = nearnessAt(usualDistance);
    face.view.centre = face.view.principal = PicturePoint(width / 2.0, 0.4 * height);
    face.view.face(headToView(pose));
    const PlanarSolid planes = litPlanes(planarHead(), head, level < 3 ? PlaneGrade::Few : PlaneGrade::All, uprightBust(pose));
    const DepthBuffer buffer(planes.solid, face.view, width, height);
    constexpr int everyTone = 0;
    const std::vector<std::uint8_t> grey = Shading(buffer, lighting).picture(everyTone);
    face.picture = blankPicture(width, height);
    for (std::size_t i = 0; i < grey.size(); ++i)
        std::fill_n(face.picture.bgr.begin() + static_cast<std::ptrdiff_t>(3 * i), 3, grey[i]);
    return face;
}

DrillTask make(std::uint32_t seed, int level) {
    // Somewhere on a plaster head there is always such a spot; a head that has none gives way to the next.
    for (std::uint32_t other = 0;; ++other) {
        SeededRandom random(seed + 7919 * other);
        // Every third is a head in planes.
        if (seed % 3 == 0) {
            const DrillFace face = planarFace(random, level);
            if (auto task = ofFace(face, random, level))
                return *task;
            continue;
        }
        const Pose pose = poseFromDegrees({random.between(-40, 40)}, {random.between(-15, 15)}, {random.between(-10, 10)});
        const DrillFace face = faceOf(headFor(random, pose));
        if (auto task = ofFace(face, random, level))
            return *task;
    }
}

std::optional<DrillTask> ofStudied(const StudiedHead& head, SeededRandom& random, int level) {
    return ofFace(head.face, random, level);
}

} // namespace

const Drill toneDrill{"tone", ZOKRAN_WORDS("Which value"),
                      ZOKRAN_WORDS("How dark a spot is, on a scale of few values: on a plaster head, or on one in planes."), make, ofStudied};

} // namespace zokran
