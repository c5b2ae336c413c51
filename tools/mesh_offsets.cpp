// Renders people who do not exist, in plaster, under many lights, lenses and with many expressions, finds
// their faces and prints one line for each face found:
//   seed, turn, tilt, lean (degrees, true), then what the offsets depend on: turn, tilt, lean (radians, as read),
//   ball radius (px), mouth's and eyes' opening (ball radii); then x,y of every uncorrected mark (nan where there is
//   none), x,y of half the disagreement of face and mirror image there, and x,y of every mark as it is (px).
// With a third argument, "drawing", the same of drawings of them: three in four by the simulated pencil, one by dodging the
// render. With "check" the reading of the corrected marks instead: seed, turn, tilt, lean (true), the same
// as read, and one standard deviation of each, for comparison.
// For tools/make_mesh_offsets.py; not part of a normal build:
//   cmake --build build --target zokran-mesh-offsets

#include "cast/pencil.h"
#include "cast/stand_in_camera.h"
#include "core/fit/fit.h"
#include "core/page/rectify.h"
#include "see/face_marks.h"
#include "see/find_drawn_faces.h"
#include "see/find_faces.h"

#include <charconv>
#include <cstring>
#include <fmt/format.h>
#include <opencv2/imgproc.hpp>
#include <random>
#include <string_view>

using namespace zokran;

namespace {

std::mt19937 random;
double between(double low, double high) {
    return low + (high - low) * static_cast<double>(random()) / 4294967296.0;
}

void putExpression(Recipe& recipe) {
    const double smile = std::max(0.0, between(-0.6, 0.9)), open = std::max(0.0, between(-1, 0.5));
    recipe.axes["face-mouth-corner-puller"] = smile;
    recipe.axes["face-mouth-open"] = open;
    recipe.axes["face-eyebrows-left"] = recipe.axes["face-eyebrows-right"] = between(-0.3, 0.4);
    const double lids = std::max(0.0, between(-0.5, 0.5));
    recipe.axes["face-eye-left-slit"] = recipe.axes["face-eye-right-slit"] = lids;
}

cv::Mat asImage(Picture& picture) {
    return {picture.height, picture.width, CV_8UC3, picture.bgr.data()};
}

using TrueMarks = PerMark<PicturePoint>;

/// A picture with a face in it, and where its marks are.
struct Shown {
    cv::Mat image;
    TrueMarks marks;
};

TrueMarks marksIn(const Bust& bust, const View& view) {
    TrueMarks at;
    for (int i = 0; i < markCount; ++i)
        at[markAt(i)] = view.project(bust.marks()[markAt(i)]);
    return at;
}

Shown photographed(const Bust& bust, const Shot& shot) {
    Picture picture = photograph(*meshOf(bust, MeshGrain::Coarse), shot);
    return {asImage(picture).clone(), marksIn(bust, viewOf(shot))};
}

/// The negative, blurred, lightens the render.
Shown dodged(const Bust& bust, const Shot& shot) {
    Shown shown = photographed(bust, shot);
    cv::Mat grey, blurred, drawing;
    cv::cvtColor(shown.image, grey, cv::COLOR_BGR2GRAY);
    cv::GaussianBlur(255 - grey, blurred, {}, shot.size / between(30, 120));
    cv::divide(grey, 256 - blurred, drawing, 255);
    cv::cvtColor(drawing, shown.image, cv::COLOR_GRAY2BGR);
    return shown;
}

Shown drawn(const Bust& bust, const Shot& shot, unsigned seed) {
    PlantedErrors none;
    none.hand = hands()[static_cast<std::size_t>(between(0, static_cast<double>(hands().size())))].id;
    SimulatedSketch sketch = drawSketch(bust, shot, none, seed);
    TrueMarks at;
    for (int i = 0; i < markCount; ++i)
        at[markAt(i)] = *sketch.marks.marks[markAt(i)]->at; // also of what the head hides: the fit weighs it all
    return {asImage(sketch.picture).clone(), at};
}

} // namespace

int main(int argc, char** argv) {
    int first = 1, last = 100;
    if (argc > 2) {
        std::from_chars(argv[1], argv[1] + std::strlen(argv[1]), first);
        std::from_chars(argv[2], argv[2] + std::strlen(argv[2]), last);
    }
    const bool isCheck = argc > 3 && std::string_view(argv[3]) == "check";
    const bool isDrawing = argc > 3 && std::string_view(argv[3]) == "drawing";
    try {
        FaceNetworks networks;
        for (int seed = first; seed <= last; ++seed) {
            random.seed(static_cast<unsigned>(seed) * 7919u);
            Sitter sitter = someone(static_cast<unsigned>(seed));
            putExpression(sitter.recipe);
            const Bust bust(sitter);
            Shot shot;
            shot.size = 420;
            shot.pose = poseFromDegrees({between(-75, 75)}, {between(-35, 35)}, {between(-40, 40)});
            shot.lens = {between(35, 135)};
            shot.lightAzimuth = {between(-70, 70)};
            shot.lightElevation = {between(0, 65)};
            shot.softness = {between(0.2, 1)};
            shot.fill = between(0.5, 1.6);
            if (isDrawing)
                shot.size = 700;
            const Shown shown = !isDrawing ? photographed(bust, shot)
                                : seed % 4 ? drawn(bust, shot, static_cast<unsigned>(seed))
                                           : dodged(bust, shot);
            const cv::Mat& image = shown.image;
            const auto faces = isDrawing ? findDrawnFaces(networks, evenedLight(image))
                                         : findFaces(networks, image);
            if (faces.empty())
                continue;
            const FoundFace& face = faces.front();
            auto deg = [](Radians r) { return toDegrees(r).value; };
            fmt::print("{},{:.3f},{:.3f},{:.3f}", seed, deg(shot.pose.turn), deg(shot.pose.tilt),
                       deg(shot.pose.lean));
            if (isCheck) {
                const Fit fit = fitHead(marksOf(face, image.cols, image.rows));
                const Pose is = fit.view.pose();
                fmt::print(",{:.3f},{:.3f},{:.3f},{:.3f},{:.3f},{:.3f}\n", deg(is.turn), deg(is.tilt), deg(is.lean),
                           deg(fit.sigma.turn), deg(fit.sigma.tilt), deg(fit.sigma.lean));
                continue;
            }
            const MarkSheet raw = uncorrectedMarks(face, image.cols, image.rows);
            const OffsetFeatures f = offsetFeatures(face, raw);
            fmt::print(",{:.5f},{:.5f},{:.5f},{:.3f},{:.5f},{:.5f}", f.turn.value, f.tilt.value, f.lean.value,
                       f.radius.value, f.mouthOpening.value, f.eyeOpening.value);
            for (int i = 0; i < markCount; ++i) {
                const auto at = raw.seen(markAt(i));
                fmt::print(",{:.2f},{:.2f}", at ? at->x() : NAN, at ? at->y() : NAN);
            }
            for (int i = 0; i < markCount; ++i) {
                const PicturePoint half = disagreementAt(face, markAt(i));
                fmt::print(",{:.3f},{:.3f}", half.x(), half.y());
            }
            for (const PicturePoint& at : shown.marks)
                fmt::print(",{:.2f},{:.2f}", at.x(), at.y());
            fmt::print("\n");
        }
    } catch (const BadInput& e) {
        fmt::print(stderr, "zokran-mesh-offsets: {}\n", e.what());
        return 2;
    }
}
