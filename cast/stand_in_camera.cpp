#include "cast/stand_in_camera.h"

#include "cast/plaster_mesh.h"
#include "cast/raster.h"
#include "core/head/population.h"
#include "core/view/lens.h"

#include <algorithm>
#include <cmath>
#include <exiv2/exiv2.hpp>
#include <opencv2/core.hpp>

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
    Radians softness;
    double fillShare;
    Tones tones;
};

Vec bodyOf(PlasterMesh::Part part, const Tones& tones) {
    switch (part) {
    case PlasterMesh::Part::Skin:
    case PlasterMesh::Part::Underside:
        return tones.skin;
    case PlasterMesh::Part::Brow:
        return tones.brow;
    case PlasterMesh::Part::Eye:
        return tones.eye;
    case PlasterMesh::Part::Iris:
        return tones.iris;
    case PlasterMesh::Part::Hair:
        return tones.hair;
    case PlasterMesh::Part::Stand:
        return {0.16, 0.11, 0.075};
    }
    return tones.skin;
}

/// One place on the plaster.
struct Surface {
    Eigen::Vector3f at;
    Vec normal;
    double open;
    PlasterMesh::Part part;
};

/// A smooth unevenness of plaster in [-1, 1].
double cloud(const Eigen::Vector3f& p) {
    return std::sin(31 * p.x() + 3 * std::sin(17 * p.y())) *
           std::sin(27 * p.y() + 2 * std::sin(19 * p.z())) *
           std::sin(29 * p.z() + 2 * std::sin(23 * p.x()));
}

double toThe22nd(double x) {
    const double x2 = x * x, x4 = x2 * x2, x16 = x4 * x4 * x4 * x4;
    return x16 * x4 * x2;
}

/// Linear light leaving the plaster towards the camera.
Vec plaster(const Surface& s, const DepthMap& shadow, const Lights& lights, double jitter) {
    const Vec& n = s.normal;
    const double towards = n.dot(lights.key);
    double key = std::max(0.0, towards);
    if (key > 0)
        key *= static_cast<double>(
            shadow.softly(s.at + 0.012f * n.cast<float>(), lights.softness, {jitter}));
    const double fill = 0.5 + 0.5 * n.dot(lights.fill);
    const double sky = 0.5 + 0.5 * n.dot(lights.sky);
    const Vec halfway = (lights.key + lights.viewer).normalized();
    const double sheen = 0.045 * toThe22nd(std::max(0.0, n.dot(halfway))) * key;
    const Vec warm(1.0, 0.93, 0.82), cool(0.80, 0.90, 1.0);
    const double open = s.open * (0.35 + 0.65 * s.open); // hollows see one another's shade
    Vec light = 1.12 * key * warm + open * (0.17 * lights.fillShare * fill * cool +
                                            0.13 * lights.fillShare * sky * warm);
    // Light that soaks into plaster leaves it warmer where the form turns into shadow.
    light += 0.045 * s.open * std::exp(-16 * towards * towards) * Vec(1.0, 0.62, 0.4);
    // Light thrown back by the lit plaster around, into the hollows.
    light += 0.05 * (1 - s.open) * Vec(1.0, 0.85, 0.68);
    const Vec body = bodyOf(s.part, lights.tones) * (1 + 0.012 * cloud(s.at));
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

/// The same from a table, evenly spaced by the root, where the curve is nearly straight.
double toneQuickly(double linear) {
    constexpr int steps = 2048;
    constexpr double most = 1.5; // its root; white long before
    static const std::vector<double> table = [] {
        std::vector<double> all;
        for (int i = 0; i <= steps + 1; ++i)
            all.push_back(tone(std::pow(most * i / steps, 2)));
        return all;
    }();
    const double at = std::min(1.0, std::sqrt(std::max(0.0, linear)) / most) * steps;
    const auto i = static_cast<std::size_t>(at);
    return table[i] + (at - static_cast<double>(i)) * (table[i + 1] - table[i]);
}

} // namespace

View viewOf(const Shot& shot) {
    const double height = shot.size, width = std::round(0.8 * shot.size);
    View view;
    view.principal = {width / 2, height / 2};
    const HeadMarks& mean = adultHeads().mean;
    const Pixels focal = focalOf(shot.lens, {width}, {height});
    constexpr double headInFrame = 0.5;
    view.scale = shot.distance > Millimetres{0} ? (focal * (ballRadius / shot.distance)).value
                                                : headInFrame * height / headHeight(mean).value;
    view.nearness = Pixels{view.scale} / focal;
    // Turned to the middle of the head; where the ball then stands depends on the pose, which is told
    // along the line of sight to the ball.
    const Vec middle = headToView(shot.pose) * ((mean[Mark::Crown] + mean[Mark::Chin]) / 2);
    view.centre =
        PicturePoint(width / 2, 0.47 * height) - view.scale * PicturePoint(middle.x(), -middle.y());
    view.face(headToView(shot.pose));
    return view;
}

MarkSheet exactMarks(const Bust& bust, const View& view, int width, int height) {
    MarkSheet sheet;
    sheet.width = width;
    sheet.height = height;
    sheet.focal = view.focal();
    const HeadPoint camera = view.towardsCamera() / view.nearness;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        sheet.marks[m] = PlacedMark{view.project(bust.marks()[m]), !bust.sees(camera, m)};
    }
    sheet.ball = BallCircle{view.centre, view.outlineRadius()};
    return sheet;
}

Picture photograph(const PlasterMesh& mesh, const Shot& shot, const std::atomic<bool>* cancelled) {
    return photograph(mesh, shot, viewOf(shot), cancelled);
}

Picture photograph(const PlasterMesh& mesh, const Shot& shot, const View& view, const std::atomic<bool>* cancelled) {
    const int width = static_cast<int>(std::lround(0.8 * shot.size)), height = shot.size;
    auto direction = [&](Degrees azimuth, Degrees elevation) {
        const Radians a = toRadians(azimuth), e = toRadians(elevation);
        return Vec(view.rotation.transpose() * Vec(sin(a) * cos(e), sin(e), cos(a) * cos(e)));
    };
    Lights lights;
    lights.key = direction(shot.lightAzimuth, shot.lightElevation);
    lights.fill = direction(-1.6 * shot.lightAzimuth, {5});
    lights.sky = direction({0}, {90});
    lights.viewer = view.towardsCamera().normalized();
    lights.softness = shot.softness;
    lights.fillShare = shot.fill;
    lights.tones = shot.tones;
    const double lightSide = shot.lightAzimuth < Degrees{0} ? 1 : -1;
    auto stop = [&] { return cancelled && cancelled->load(); };
    if (stop())
        return {};

    constexpr int fine = 2;
    const Raster raster(mesh, view, width, height, fine);
    const DepthMap shadow(mesh, lights.key, std::clamp(shot.size, 512, 1400), true);
    constexpr double wallDistance = 2.3; // ball radii behind the ball's middle
    auto sample = [&](int x, int y) -> Vec {
        const double jitter = 6.2832 * speckle(x, y);
        const Raster::Pixel& pixel = raster.at(x, y);
        if (pixel.triangle == Raster::nothing) {
            const PicturePoint at((x + 0.5) / fine, (y + 0.5) / fine);
            const HeadPoint behind = -wallDistance * view.rotation.transpose().col(2);
            const double lit = static_cast<double>(shadow.softly(
                view.liftInPlaneOf(behind, at).cast<float>(), lights.softness, {jitter}));
            return (0.62 + 0.38 * lit) *
                   wall(at.x() / width - 0.5, at.y() / height - 0.3, lightSide);
        }
        const auto& [i, j, k] = mesh.triangles[pixel.triangle];
        const float b = pixel.b, c = pixel.c, a = 1 - b - c;
        Surface s;
        s.at = a * mesh.points[i] + b * mesh.points[j] + c * mesh.points[k];
        s.normal = (a * mesh.normals[i] + b * mesh.normals[j] + c * mesh.normals[k])
                       .cast<double>()
                       .normalized();
        s.open =
            static_cast<double>(a * mesh.openness[i] + b * mesh.openness[j] + c * mesh.openness[k]);
        s.part = mesh.parts[a > b && a > c ? i : b > c ? j : k];
        return plaster(s, shadow, lights, jitter);
    };
    Picture picture{width, height, {}};
    picture.bgr.resize(3 * static_cast<std::size_t>(width) * static_cast<std::size_t>(height));
    inParallel(height, [&](int y) {
        for (int x = 0; x < width && !stop(); ++x) {
            // Inside one surface one look serves; on an edge, all four.
            Vec sum = Vec::Zero();
            const Raster::Pixel &p0 = raster.at(fine * x, fine * y),
                                &p1 = raster.at(fine * x + 1, fine * y + 1),
                                &p2 = raster.at(fine * x + 1, fine * y),
                                &p3 = raster.at(fine * x, fine * y + 1);
            const auto apart = [&](const Raster::Pixel& p) {
                return (p.triangle == Raster::nothing) != (p0.triangle == Raster::nothing) ||
                       std::abs(p.depth - p0.depth) > 0.0015f;
            };
            if (!apart(p1) && !apart(p2) && !apart(p3))
                sum = sample(fine * x, fine * y);
            else
                for (int dy = 0; dy < fine; ++dy)
                    for (int dx = 0; dx < fine; ++dx)
                        sum += sample(fine * x + dx, fine * y + dy) / (fine * fine);
            const std::size_t i = static_cast<std::size_t>(y) * static_cast<std::size_t>(width) +
                                  static_cast<std::size_t>(x);
            const double grain = 0.012 * (speckle(x, y) + speckle(x + 7919, y) - 1);
            for (int k = 0; k < 3; ++k)
                picture.bgr[3 * i + static_cast<std::size_t>(k)] =
                    static_cast<std::uint8_t>(255 * std::clamp(toneQuickly(sum[2 - k]) + grain, 0.0, 1.0));
        }
    });
    return stop() ? Picture{} : picture;
}

Picture photograph(const Bust& bust, const Shot& shot,
                   const std::atomic<bool>* cancelled) {
    const auto mesh =
        meshOf(bust, shot.size > 320 ? MeshGrain::Fine : MeshGrain::Coarse, cancelled);
    return mesh ? photograph(*mesh, shot, cancelled) : Picture{};
}

std::string withCameraExif(const std::string& jpeg, const Shot& shot, int width, int height) {
    auto image = Exiv2::ImageFactory::open(reinterpret_cast<const Exiv2::byte*>(jpeg.data()), static_cast<long>(jpeg.size()));
    Exiv2::ExifData exif;
    exif["Exif.Image.Make"] = "Zokran";
    exif["Exif.Image.Model"] = "Stand-in camera";
    exif["Exif.Image.Orientation"] = std::uint16_t{6}; // turn clockwise to see it upright
    constexpr double crop = 1.5;                       // the stand-in's sensor against a full frame
    exif["Exif.Photo.FocalLength"] =
        Exiv2::Rational(static_cast<int>(std::lround(10 * shot.lens.value / crop)), 10);
    exif["Exif.Photo.FocalLengthIn35mmFilm"] = static_cast<std::uint16_t>(lround(shot.lens));
    exif["Exif.Photo.PixelXDimension"] = static_cast<std::uint32_t>(width);
    exif["Exif.Photo.PixelYDimension"] = static_cast<std::uint32_t>(height);
    image->setExifData(exif);
    image->writeMetadata();
    Exiv2::BasicIo& io = image->io();
    io.open();
    return {reinterpret_cast<const char*>(io.mmap()), static_cast<std::size_t>(io.size())};
}

} // namespace zokran
