#include "cast/stand_in_camera.h"

#include "cast/tracer.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgcodecs.hpp>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// A repeatable noise in [0, 1) for a pixel.
double speckle(int x, int y) {
    auto h =
        static_cast<std::uint32_t>(x) * 374761393u + static_cast<std::uint32_t>(y) * 668265263u;
    h = (h ^ (h >> 13)) * 1274126177u;
    return ((h ^ (h >> 16)) & 0xffff) / 65536.0;
}

struct Lights {
    Vec key, fill; ///< directions towards them, head frame
    Vec sky;       ///< up in the room, head frame
    Vec viewer;
};

/// Linear light leaving the plaster towards the camera.
Vec plaster(const Tracer& tracer, const Tracer::Hit& hit, const Lights& lights) {
    const Sculpture::Part part = tracer.sculpture().partAt(hit.at);
    const Vec n = tracer.sculpture().normalAt(hit.at);
    const double open = tracer.openness(hit.at, n);
    const double key = std::max(0.0, n.dot(lights.key)) * tracer.lit(hit.at, n, lights.key);
    const double fill = 0.5 + 0.5 * n.dot(lights.fill);
    const double sky = 0.5 + 0.5 * n.dot(lights.sky);
    const Vec halfway = (lights.key + lights.viewer).normalized();
    const double sheen = 0.05 * std::pow(std::max(0.0, n.dot(halfway)), 24.0) * key;
    const Vec warm(1.0, 0.93, 0.82), cool(0.80, 0.90, 1.0);
    Vec light = 1.15 * key * warm + open * (0.16 * fill * cool + 0.13 * sky * warm);
    // Light that soaks into plaster leaves it warmer where the form turns into shadow.
    light += 0.05 * open * std::exp(-std::pow(n.dot(lights.key) / 0.25, 2)) * Vec(1.0, 0.62, 0.4);
    Vec body(0.86, 0.83, 0.77);
    if (part == Sculpture::Part::Stand)
        body = Vec(0.16, 0.11, 0.075);
    return body.cwiseProduct(light) + Vec::Constant(sheen);
}

/// The wall behind: a plain warm grey that darkens away from the light.
Vec wall(double x, double y, double lightSide) {
    const double fall = 0.75 - 0.22 * lightSide * x - 0.28 * y;
    return Vec(0.200, 0.196, 0.190) * std::max(0.15, fall);
}

double tone(double linear) {
    const double c = std::max(0.0, linear);
    const double curved = c * (1 + c / 2.2) / (1 + c); // shoulder for the highlights
    return std::pow(std::min(1.0, curved * 1.12), 1 / 2.2);
}

} // namespace

View viewOf(const Shot& shot) {
    const double height = shot.size, width = std::round(0.8 * shot.size);
    View view;
    view.rotation = headToView(shot.pose);
    view.principal = {width / 2, height / 2};
    const double headInFrame = 0.5;
    const HeadMarks& mean = adultHeads().mean;
    view.scale = headInFrame * height / headHeight(mean).value;
    // A full frame held upright is 36 mm high.
    view.nearness = view.scale / (shot.lensMm / 36 * height);
    const Vec middle = view.rotation * ((mean[Mark::Crown] + mean[Mark::Chin]) / 2);
    view.centre =
        PicturePoint(width / 2, 0.47 * height) - view.scale * PicturePoint(middle.x(), -middle.y());
    return view;
}

MarkSheet exactMarks(const Sculpture& sculpture, const View& view, int width, int height) {
    MarkSheet sheet;
    sheet.width = width;
    sheet.height = height;
    sheet.focal = view.focal();
    const HeadPoint camera = view.towardsCamera() / view.nearness;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        sheet.marks[m] = PlacedMark{view.project(sculpture.marks()[m]), !sculpture.sees(camera, m)};
    }
    sheet.ball = BallCircle{view.centre, view.outlineRadius()};
    return sheet;
}

Picture photograph(const Sculpture& sculpture, const Shot& shot,
                   const std::atomic<bool>* cancelled) {
    const View view = viewOf(shot);
    const int width = static_cast<int>(std::lround(0.8 * shot.size)), height = shot.size;
    const Tracer tracer(sculpture, view);
    auto direction = [&](Degrees azimuth, Degrees elevation) {
        const double a = toRadians(azimuth).value, e = toRadians(elevation).value;
        return Vec(view.rotation.transpose() *
                   Vec(std::sin(a) * std::cos(e), std::sin(e), std::cos(a) * std::cos(e)));
    };
    Lights lights;
    lights.key = direction(shot.lightAzimuth, shot.lightElevation);
    lights.fill = direction({-shot.lightAzimuth.value * 1.6}, {5});
    lights.sky = direction({0}, {90});
    lights.viewer = direction({0}, {0});
    const double lightSide = shot.lightAzimuth.value < 0 ? 1 : -1;

    auto sample = [&](double x, double y) -> Vec {
        const auto hit = tracer.through({x, y});
        return hit ? plaster(tracer, *hit, lights)
                   : wall(x / width - 0.5, y / height - 0.3, lightSide);
    };
    std::vector<Vec> light(static_cast<std::size_t>(width) * height);
    auto at = [&](int x, int y) -> Vec& { return light[static_cast<std::size_t>(y) * width + x]; };
    auto stop = [&] { return cancelled && cancelled->load(); };
    forEachRow(height, [&](int y) {
        for (int x = 0; x < width && !stop(); ++x)
            at(x, y) = sample(x + 0.5, y + 0.5);
    });
    // Where neighbours differ there is an edge; it is looked at again between the pixels.
    std::vector<Vec> smooth = light;
    forEachRow(height, [&](int y) {
        for (int x = 0; x < width && !stop(); ++x) {
            double jump = 0;
            for (auto [dx, dy] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}})
                if (x + dx >= 0 && x + dx < width && y + dy >= 0 && y + dy < height)
                    jump = std::max(jump, (at(x, y) - at(x + dx, y + dy)).cwiseAbs().maxCoeff());
            if (jump < 0.07)
                continue;
            Vec sum = at(x, y);
            for (auto [dx, dy] : {std::pair{.2, .35}, {.8, .65}, {.35, .8}, {.65, .2}})
                sum += sample(x + dx, y + dy);
            smooth[static_cast<std::size_t>(y) * width + x] = sum / 5;
        }
    });
    if (stop())
        return {};
    Picture picture{width, height, {}};
    picture.bgr.resize(3 * light.size());
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const std::size_t i = static_cast<std::size_t>(y) * width + x;
            const double grain = 0.012 * (speckle(x, y) + speckle(x + 7919, y) - 1);
            for (int k = 0; k < 3; ++k)
                picture.bgr[3 * i + k] = static_cast<std::uint8_t>(
                    255 * std::clamp(tone(smooth[i][2 - k]) + grain, 0.0, 1.0));
        }
    return picture;
}

std::string encoded(const Picture& picture, const std::string& extension) {
    const cv::Mat image(picture.height, picture.width, CV_8UC3,
                        const_cast<std::uint8_t*>(picture.bgr.data()));
    std::vector<std::uint8_t> bytes;
    cv::imencode(extension, image, bytes, {cv::IMWRITE_JPEG_QUALITY, 92});
    return {bytes.begin(), bytes.end()};
}

} // namespace zokran
