#include "cast/pencil.h"
#include "cast/simulated_phone.h"
#include "cast/raster.h"
#include "cast/stand_in_camera.h"
#include "core/base/tone.h"
#include "core/construction/lines.h"
#include "core/light/tone_places.h"
#include "core/compare/errors/error_modes.h"
#include "core/construction/ball_form.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// What lies behind each pixel of the sheet.
struct Seen {
    cv::Mat1f depth;  ///< ball radii; 99 where there is nothing
    cv::Mat3f normal; ///< view axes
    cv::Mat1b part;
    cv::Mat1f fade; ///< 1 on the head, falling to 0 where the drawing ends on the chest
};

constexpr float nothing = 99;

Seen look(const Bust& bust, const View& view, int width, int height) {
    Seen seen{cv::Mat1f(height, width, nothing), cv::Mat3f(height, width, cv::Vec3f(0, 0, 0)),
              cv::Mat1b(height, width, std::uint8_t{255}), cv::Mat1f(height, width, 0.0f)};
    const auto low = static_cast<float>(bust.place("pit").y() - 0.22);
    const auto mesh = surfaceOf(bust, height > 320 ? MeshGrain::Fine : MeshGrain::Coarse);
    const Raster raster(*mesh, view, width, height);
    inParallel(height, [&](int y) {
        for (int x = 0; x < width; ++x) {
            const Raster::Pixel& pixel = raster.at(x, y);
            if (pixel.triangle == Raster::nothing)
                continue;
            const auto& [i, j, k] = mesh->triangles[pixel.triangle];
            const float b2 = pixel.b, c2 = pixel.c, a2 = 1 - b2 - c2;
            const PlasterMesh::Part part = mesh->parts[a2 > b2 && a2 > c2 ? i : b2 > c2 ? j : k];
            // The learner draws a person: chest and shoulders fade out, the stand is not there.
            const float up =
                a2 * mesh->points[i].y() + b2 * mesh->points[j].y() + c2 * mesh->points[k].y();
            seen.fade(y, x) = std::clamp((up - low) / 0.35f, 0.0f, 1.0f);
            if (part >= PlasterMesh::Part::Underside || up < low)
                continue;
            const Eigen::Vector3f n =
                view.rotation.cast<float>() *
                (a2 * mesh->normals[i] + b2 * mesh->normals[j] + c2 * mesh->normals[k])
                    .normalized();
            seen.depth(y, x) = pixel.depth / static_cast<float>(view.nearness);
            seen.normal(y, x) = {n.x(), n.y(), n.z()};
            seen.part(y, x) = static_cast<std::uint8_t>(part);
        }
    });
    return seen;
}

/// How strongly a draughtsman would put a line at each pixel: outlines where the depth jumps, edges
/// where the surface folds, the border of the hair.
cv::Mat1f lineWork(const Seen& seen, int reach) {
    cv::Mat1f lines(seen.depth.size(), 0.0f);
    for (int y = reach; y < lines.rows - reach; ++y)
        for (int x = reach; x < lines.cols - reach; ++x) {
            const float d = seen.depth(y, x);
            float strength = 0;
            const bool hairHere = seen.part(y, x) == static_cast<int>(PlasterMesh::Part::Hair);
            for (auto [dx, dy] : {std::pair{reach, 0}, {0, reach}}) {
                const float a = seen.depth(y - dy, x - dx), b = seen.depth(y + dy, x + dx);
                const float bend = std::abs(a + b - 2 * d);
                strength = std::max(strength, (bend - 0.022f) / 0.05f);

                if (a < nothing && b < nothing && d < nothing) {
                    const cv::Vec3f fold =
                        seen.normal(y - dy, x - dx) - seen.normal(y + dy, x + dx);
                    const auto turned = static_cast<float>(cv::norm(fold));
                    strength = std::max(strength, (turned - (hairHere ? 0.42f : 0.55f)) / 0.9f);
                }
                auto kind = [&](int py, int px) {
                    // A brow grows on the skin; its edge is no line. Nor is that of the iris: it
                    // has its own.
                    const auto part = static_cast<PlasterMesh::Part>(seen.part(py, px));
                    return part == PlasterMesh::Part::Brow   ? PlasterMesh::Part::Skin
                           : part == PlasterMesh::Part::Iris ? PlasterMesh::Part::Eye
                                                             : part;
                };
                if (kind(y - dy, x - dx) != kind(y + dy, x + dx))
                    strength = std::max(strength, 0.30f);
            }
            if (hairHere)
                strength *= 0.6f; // locks are suggested
            float shown = seen.fade(y, x);
            for (auto [dx, dy] : {std::pair{reach, 0}, {-reach, 0}, {0, reach}, {0, -reach}})
                shown = std::max(shown, seen.fade(y + dy, x + dx));
            // A broad fold, as where the jaw meets the neck or within the ear, is seen from further off.
            const int wide = 4 * reach;
            const auto part = static_cast<PlasterMesh::Part>(seen.part(y, x));
            const bool eye = part == PlasterMesh::Part::Eye || part == PlasterMesh::Part::Iris;
            if (!hairHere && !eye && y >= wide && x >= wide && y < lines.rows - wide && x < lines.cols - wide)
                for (auto [dx, dy] : {std::pair{wide, 0}, {0, wide}}) {
                    const float a = seen.depth(y - dy, x - dx), b = seen.depth(y + dy, x + dx);
                    // Only what folds inwards: an outward edge is not a line but a turn of the form.
                    if (a >= nothing || b >= nothing || d >= nothing || a + b - 2 * d > -0.004f)
                        continue;
                    const cv::Vec3f fold =
                        seen.normal(y - dy, x - dx) - seen.normal(y + dy, x + dx);
                    strength = std::max(
                        strength, 0.55f * (static_cast<float>(cv::norm(fold)) - 0.62f) / 0.6f);
                }
            lines(y, x) = shown * std::clamp(strength, 0.0f, 1.0f);
        }
    return lines;
}

/// How firmly a draughtsman puts each of the bust's contours.
double strengthOf(const std::string& contour) {
    constexpr std::pair<const char*, double> strengths[] = {
        {"upper_lid", 1.0}, {"lower_lid", 0.42}, {"lid_fold", 0.36}, {"brow", 0},
        {"parting", 1.0},   {"upper_lip", 0.36}, {"lower_lip", 0.30}, {"nostril", 0.85},
        {"wing", 0.7},      {"jaw", 0.6},
        {"iris", 0.6},      {"pupil", 0.9}};
    for (const auto& [name, strength] : strengths)
        if (contour == name)
            return strength;
    return 0.5;
}

/// Adds the contours of the features where the head shows them.
void addContours(cv::Mat1f& lines, const Bust& bust, const Seen& seen, const View& view) {
    for (const Bust::Contour& contour : bust.contours()) {
        // How far under the surface a contour may lie, ball radii; lids cover the iris by little.
        const double tolerance = contour.name == "iris" || contour.name == "pupil" ? 0.018 : 0.07;
        for (std::size_t i = 1; i < contour.points.size(); ++i) {
            const HeadPoint middle = (contour.points[i - 1] + contour.points[i]) / 2;
            const PicturePoint at = view.project(middle);
            const cv::Point pixel(static_cast<int>(at.x()), static_cast<int>(at.y()));
            if (!cv::Rect({0, 0}, lines.size()).contains(pixel))
                continue;
            const double depth = 1 / view.nearness - (view.rotation * middle).z();
            if (depth > seen.depth(pixel) + tolerance ||
                seen.part(pixel) == static_cast<int>(PlasterMesh::Part::Hair))
                continue;
            auto sub = [](const PicturePoint& p) {
                return cv::Point(static_cast<int>(std::lround(p.x() * 8)),
                                 static_cast<int>(std::lround(p.y() * 8)));
            };
            cv::line(lines, sub(view.project(contour.points[i - 1])),
                     sub(view.project(contour.points[i])), cv::Scalar(strengthOf(contour.name)), 1,
                     cv::LINE_8, 3);
        }
    }
}

cv::Mat1f noise(cv::Size size, double roughness, cv::RNG& rng) {
    cv::Mat1f n(size);
    rng.fill(n, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(n, n, {}, roughness);
    cv::Scalar mean, spread;
    cv::meanStdDev(n, mean, spread);
    return (n - mean[0]) / std::max(spread[0], 1e-9);
}

/// The same lines gone over by an unsteady hand: bent by `pixels` and of uneven pressure.
cv::Mat1f byHand(const cv::Mat1f& lines, double pixels, double slowness, cv::RNG& rng) {
    cv::Mat1f mapX = noise(lines.size(), slowness, rng) * pixels;
    cv::Mat1f mapY = noise(lines.size(), slowness, rng) * pixels;
    for (int y = 0; y < lines.rows; ++y)
        for (int x = 0; x < lines.cols; ++x) {
            mapX(y, x) += static_cast<float>(x);
            mapY(y, x) += static_cast<float>(y);
        }
    cv::Mat1f bent;
    cv::remap(lines, bent, mapX, mapY, cv::INTER_LINEAR);
    const cv::Mat1f pressure = 0.86 + 0.26 * noise(lines.size(), 1.6 * slowness, rng);
    return bent.mul(cv::max(pressure, 0.25));
}

cv::Mat1f constructionLines(const HeadMarks& sitter, const View& view, cv::Size size) {
    cv::Mat1b canvas(size, std::uint8_t{0});
    for (const GuideLine& line : BallForm(ownSubject(std::make_shared<const HeadSolid>(sitter))).lines(view)) {
        if (line.kind != LineKind::Construction || line.hidden || line.id.starts_with("neck") || isOfBody(line.id))
            continue;
        std::vector<cv::Point> points;
        for (const PicturePoint& p : line.points)
            points.emplace_back(static_cast<int>(std::lround(p.x() * 8)),
                                static_cast<int>(std::lround(p.y() * 8)));
        cv::polylines(canvas, points, false, cv::Scalar(255), 1, cv::LINE_AA, 3);
    }
    cv::Mat1f faint;
    canvas.convertTo(faint, CV_32F, 1 / 255.0);
    return faint;
}

/// Short strokes where the brows grow.
cv::Mat1f browStrokes(const Seen& seen, double spacing, cv::RNG& rng) {
    const cv::Mat1f sway = noise(seen.depth.size(), 3 * spacing, rng) * 0.6;
    cv::Mat1f strokes(seen.depth.size(), 0.0f);
    for (int y = 0; y < strokes.rows; ++y)
        for (int x = 0; x < strokes.cols; ++x)
            if (seen.part(y, x) == static_cast<int>(PlasterMesh::Part::Brow)) {
                const double phase = (x + 0.35 * y) / spacing + sway(y, x);
                strokes(y, x) = static_cast<float>(
                    0.30 + 0.55 * std::pow(0.5 + 0.5 * std::cos(2 * CV_PI * phase), 3.0));
            }
    cv::GaussianBlur(strokes, strokes, {}, 0.3 * spacing);
    return strokes;
}

/// Loose slanted strokes where the form turns from a light high on the left.
cv::Mat1f hatching(const Seen& seen, double spacing, cv::RNG& rng) {
    const cv::Mat1f sway = noise(seen.depth.size(), 6 * spacing, rng) * 0.9;
    const cv::Mat1f breaks = noise(seen.depth.size(), 2.2 * spacing, rng);
    cv::Mat1f strokes(seen.depth.size(), 0.0f);
    const cv::Vec3f light(-0.55f, 0.62f, 0.56f);
    for (int y = 0; y < strokes.rows; ++y)
        for (int x = 0; x < strokes.cols; ++x) {
            if (seen.depth(y, x) >= nothing)
                continue;
            const float shade = std::clamp(0.25f - seen.normal(y, x).dot(light), 0.0f, 0.8f);
            const double phase = (x + 0.75 * y) / spacing + sway(y, x);
            const double stroke = std::pow(0.5 + 0.5 * std::cos(2 * CV_PI * phase), 5.0);
            strokes(y, x) = seen.fade(y, x) *
                static_cast<float>(shade * stroke * std::clamp(0.6 + 0.5 * breaks(y, x), 0.0, 1.0));
        }
    return strokes;
}

/// How light each pixel of the sheet is to become (L*, white paper 100), where the head is: the photograph's values in
/// the key of a pencil, with what is planted; 100 elsewhere.
cv::Mat1f wantedLightness(const Bust& drawn, const Shot& shot, const View& view, const Seen& seen, const PlantedErrors& planted) {
    const auto mesh = meshOf(drawn, seen.depth.rows > 320 ? MeshGrain::Fine : MeshGrain::Coarse);
    const Picture photo = photograph(*mesh, shot, view);
    cv::Mat1f lightness(seen.depth.size(), 100.0f);
    std::vector<float> onHead;
    for (int y = 0; y < lightness.rows; ++y)
        for (int x = 0; x < lightness.cols; ++x) {
            if (seen.depth(y, x) >= nothing)
                continue;
            const std::size_t i = 3 * (static_cast<std::size_t>(y) * static_cast<std::size_t>(photo.width) + static_cast<std::size_t>(x));
            const double grey = (0.114 * photo.bgr[i] + 0.587 * photo.bgr[i + 1] + 0.299 * photo.bgr[i + 2]) / 255;
            lightness(y, x) = static_cast<float>(lightnessOfLinear(linearOfDisplay(grey)));
            onHead.push_back(lightness(y, x));
        }
    if (onHead.empty())
        return lightness;
    const auto quantile = [&](double q) {
        const auto at = onHead.begin() + static_cast<std::ptrdiff_t>(q * static_cast<double>(onHead.size() - 1));
        std::nth_element(onHead.begin(), at, onHead.end());
        return *at;
    };
    const float dark = quantile(0.01), light = quantile(0.97);
    // A soft pencil comes down to this; bare paper is 100.
    constexpr float pencil = 30;
    for (int y = 0; y < lightness.rows; ++y)
        for (int x = 0; x < lightness.cols; ++x)
            if (seen.depth(y, x) < nothing)
                lightness(y, x) = pencil + (100 - pencil) * std::clamp((lightness(y, x) - dark) / (light - dark), 0.0f, 1.0f);
    for (const PlantedTone& tone : planted.tones) {
        const auto& places = tonePlaces();
        const auto place = std::find_if(places.begin(), places.end(), [&](const TonePlace& p) { return p.id == tone.place; });
        if (place == places.end())
            throw BadInput(fmt::format("there is no place \"{}\" to plant a tone at", tone.place));
        HeadPoint p = place->at(drawn.marks());
        if (tone.side < 0)
            p.x() = -p.x();
        const PicturePoint at = view.project(p);
        const double radius = 1.5 * place->radius.value * view.scale;
        for (int y = 0; y < lightness.rows; ++y)
            for (int x = 0; x < lightness.cols; ++x)
                lightness(y, x) += static_cast<float>(
                    100 * tone.off * std::exp(-std::pow(std::hypot(x - at.x(), y - at.y()) / radius, 4)));
    }
    for (float& l : lightness)
        l = std::clamp(100 - (1 - static_cast<float>(planted.timid)) * (100 - l), 18.0f, 100.0f);
    for (int y = 0; y < lightness.rows; ++y)
        for (int x = 0; x < lightness.cols; ++x)
            lightness(y, x) = 100 - seen.fade(y, x) * (100 - lightness(y, x));
    return lightness;
}

} // namespace

std::vector<std::pair<std::string, double>> named(const PlantedErrors& planted) {
    auto all = planted.errors;
    for (const auto& [name, amount] : {std::pair{"straightened", planted.straightened},
                                       {"growth", planted.growth},
                                       {"size", planted.size},
                                       {"right", planted.right},
                                       {"down", planted.down}})
        all.emplace_back(name, amount);
    return all;
}

DrawnHead headAsDrawn(const Bust& bust, const Shot& shot, const PlantedErrors& planted) {
    Shot drawn = shot;
    drawn.pose.turn *= 1 - planted.straightened;
    drawn.pose.tilt *= 1 - planted.straightened;
    View view = viewOf(drawn);
    HeadMarks marks = bust.marks();
    const std::vector<ErrorMode> modes = errorModes(bust.marks(), view, true);
    for (const auto& [id, amount] : planted.errors) {
        const auto mode = std::find_if(modes.begin(), modes.end(),
                                       [&, wanted = id](const auto& m) { return m.id == wanted; });
        if (mode == modes.end())
            throw BadInput(fmt::format("there is no error \"{}\" to plant", id));
        for (int i = 0; i < markCount; ++i)
            marks[markAt(i)] += amount * mode->displacement[markAt(i)];
    }
    // A head that grows while it is drawn: what comes later, further from the eyes, comes larger.
    const HeadPoint eyes = (bust.marks()[Mark::PupilL] + bust.marks()[Mark::PupilR]) / 2;
    for (HeadPoint& p : marks)
        p += planted.growth * (p - eyes).norm() * (p - eyes);
    const double height = shot.size, width = std::round(0.8 * shot.size);
    const PicturePoint moved(planted.right * width, planted.down * height);
    const PicturePoint middle(width / 2, height / 2);
    view.centre = middle + planted.size * (view.centre - middle) + moved;
    view.principal = middle + moved;
    view.scale *= planted.size;
    return {marks == bust.marks() ? bust : bust.bentTo(marks), view, drawn.pose};
}

SimulatedSketch drawSketch(const Bust& bust, const Shot& shot, const PlantedErrors& planted,
                  unsigned seed) {
    const auto [drawn, view, pose] = headAsDrawn(bust, shot, planted);
    const int height = shot.size, width = static_cast<int>(std::lround(0.8 * shot.size));
    const Seen seen = look(drawn, view, width, height);
    cv::RNG rng(seed * 2654435761u + 17);
    const double unit = height / 1000.0;
    cv::Mat1f edges = lineWork(seen, std::max(1, static_cast<int>(std::lround(unit))));
    addContours(edges, drawn, seen, view);
    // The construction first, light and left standing; then the contours; shading last and loose.
    cv::Mat1f graphite(edges.size(), 0.0f);
    drawStrokes(constructionLines(bust.marks(), view, edges.size()), {"construction", 0.8, 0.26, 0},
                unit, rng, graphite);
    const Hand& hand = handNamed(planted.hand);
    // What toned paper and white chalk are to it, luminance.
    constexpr double bare = 0.35, chalkWhite = 0.95, darkest = 0.05;
    cv::Mat1f shading, chalk(edges.size(), 0.0f);
    if (planted.shaded) {
        cv::Mat1f wanted = wantedLightness(drawn, shot, view, seen, planted);
        if (planted.onToned) {
            cv::Mat1f lights(edges.size(), 0.0f);
            for (int y = 0; y < wanted.rows; ++y)
                for (int x = 0; x < wanted.cols; ++x) {
                    const double y01 = linearOfLightness(wanted(y, x));
                    if (seen.depth(y, x) < nothing)
                        lights(y, x) = seen.fade(y, x) * static_cast<float>(std::clamp((y01 - bare) / (chalkWhite - bare), 0.0, 1.0));
                    wanted(y, x) = static_cast<float>(lightnessOfLinear(std::min(1.0, y01 / bare)));
                }
            chalk = lights;
        }
        shading = hatchedTone(wanted, 5 * unit, 1, darkest, rng);
    } else
        graphite += 0.75 * hand.shading * byHand(hatching(seen, 5.5 * unit, rng), 0.8 * unit, 20 * unit, rng);
    graphite += 0.8 * hand.pressure *
                byHand(browStrokes(seen, 3.2 * unit, rng), 0.8 * unit, 12 * unit, rng);
    drawStrokes(edges, hand, unit, rng, graphite);
    cv::GaussianBlur(graphite, graphite, {}, 0.5 * unit);

    // Graphite catches on the tooth of the paper.
    const cv::Mat1f tooth = noise(edges.size(), 0.9, rng);
    const cv::Mat1f cloud = noise(edges.size(), 120 * unit, rng);
    SimulatedSketch sketch;
    sketch.pose = pose;
    sketch.picture = {width, height, std::vector<std::uint8_t>(3ul * width * height)};
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double g = std::clamp(static_cast<double>(graphite(y, x)), 0.0, 1.0);
            const double caught = std::clamp(g * (0.95 + 0.30 * tooth(y, x)), 0.0, 1.0);
            const double lamp = 0.94 - 0.06 * x / width - 0.05 * y / height + 0.008 * cloud(y, x) +
                                0.010 * tooth(y, x);
            const double paper[3] = {0.905, 0.955, 0.975}, pencil[3] = {0.27, 0.25, 0.25};
            for (int k = 0; k < 3; ++k) {
                double tone = lamp * (paper[k] + caught * (pencil[k] - paper[k]));
                if (planted.shaded) {
                    // Tones add up as light does, paper and pencil each by its share.
                    double ground = linearOfDisplay(lamp * paper[k]);
                    if (planted.onToned)
                        ground *= bare + (chalkWhite - bare) * static_cast<double>(chalk(y, x)) * (0.97 + 0.05 * tooth(y, x));
                    const double cover = std::max(caught * 0.9, static_cast<double>(shading(y, x)));
                    tone = displayOfLinear(std::max(0.0, ground * (1 - cover * (1 - darkest))));
                }
                sketch.picture.bgr[3ul * (static_cast<std::size_t>(y) * width + x) + k] =
                    static_cast<std::uint8_t>(255 * std::clamp(tone, 0.0, 1.0));
            }
        }
    sketch.marks = exactMarks(drawn, view, width, height);
    sketch.marks.focal.reset(); // a drawing has no lens
    if (planted.byPhone) {
        const cv::Mat3b sheet(height, width,
                              reinterpret_cast<cv::Vec3b*>(sketch.picture.bgr.data()));
        const Snapshot snapshot = snapshotOf(sheet, seed);
        auto carried = [&](const PicturePoint& p) {
            const cv::Vec3d q = snapshot.toPicture * cv::Vec3d(p.x(), p.y(), 1);
            return PicturePoint(q[0] / q[2], q[1] / q[2]);
        };
        for (auto& mark : sketch.marks.marks)
            if (mark && mark->at)
                mark->at = carried(*mark->at);
        if (auto& ball = sketch.marks.ball) {
            const PicturePoint edge = carried(ball->centre + PicturePoint(ball->radius.value, 0));
            ball->centre = carried(ball->centre);
            ball->radius = {(edge - ball->centre).norm()};
        }
        std::copy(snapshot.picture.datastart, snapshot.picture.dataend, sketch.picture.bgr.begin());
    }
    return sketch;
}

} // namespace zokran
