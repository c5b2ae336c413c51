#include "cast/picture_encoding.h"
#include "cast/stand_in_camera.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/files/marks_file.h"

#include <fmt/ranges.h>

namespace zokran::cli {

namespace {

/// What `cast` is asked for.
struct CastOrder {
    std::string head = "halcyon", png, marks, sketchPng, sketchMarks;
    Shot shot;
    std::vector<double> light;
    PlantedErrors planted;
    std::vector<std::string> errors, tones;
    unsigned seed = 1;
};

void requireAngle(Degrees angle, double limit, const char* name) {
    if (!(abs(angle) <= Degrees{limit}))
        throw BadInput(fmt::format("--{} must lie between -{} and {} degrees", name, limit, limit));
}

/// The name's ending chooses the format: .jpg and .jpeg for JPEG, anything else is PNG.
bool isJpeg(const std::string& file) {
    return file.ends_with(".jpg") || file.ends_with(".jpeg");
}

void writePicture(const std::string& file, const Picture& picture) {
    writeAtomically(file, encoded(picture, isJpeg(file) ? ".jpg" : ".png"));
}

/// "NAME=AMOUNT" taken apart. Throws BadInput that says what the option wants.
std::pair<std::string, double> namedAmount(const char* option, const char* wanted, const std::string& text) {
    const std::size_t at = text.find('=');
    char* end = nullptr;
    const double amount = at == std::string::npos ? 0 : std::strtod(text.c_str() + at + 1, &end);
    if (at == std::string::npos || !std::isfinite(amount) || *end)
        throw BadInput(fmt::format("{} {}: write {}", option, text, wanted));
    return {text.substr(0, at), amount};
}

void photographCast(CastOrder order, Degrees turn, Degrees tilt, Degrees lean) {
    requireAngle(turn, 180, "turn");
    requireAngle(tilt, 180, "tilt");
    requireAngle(lean, 180, "lean");
    if (order.shot.size < 64 || order.shot.size > 4096)
        throw BadInput("--size must lie between 64 and 4096 pixels");
    if (!(order.shot.lens >= Millimetres{20} && order.shot.lens <= Millimetres{600}))
        throw BadInput("--lens must lie between 20 and 600 mm");
    order.shot.pose = poseFromDegrees(turn, tilt, lean);
    if (order.shot.distance != Millimetres{0} &&
        !(order.shot.distance >= Millimetres{400} && order.shot.distance <= Millimetres{20000}))
        throw BadInput("--distance must lie between 400 and 20000 mm");
    if (!(order.planted.size > 0.2 && order.planted.size < 3))
        throw BadInput("--sketch-size must lie between 0.2 and 3");
    if (!(order.shot.softness >= Radians{0.02} && order.shot.softness <= Radians{1.5}))
        throw BadInput("--softness must lie between 0.02 and 1.5");
    if (!(std::abs(order.planted.growth) <= 0.5 && std::abs(order.planted.right) <= 1 &&
          std::abs(order.planted.down) <= 1 && order.shot.fill >= 0 && order.shot.fill <= 4))
        throw BadInput("--growth goes to 0.5, --sketch-right and --sketch-down to 1, --fill to 4");
    if (!order.light.empty()) {
        order.shot.lightAzimuth = {order.light[0]};
        order.shot.lightElevation = {order.light[1]};
    }
    const Bust bust(sitterNamed(order.head));
    const View view = viewOf(order.shot);
    const int width = static_cast<int>(std::lround(2 * view.principal.x()));
    if (!order.png.empty()) {
        const Picture photo = photograph(bust, order.shot);
        if (isJpeg(order.png))
            writeAtomically(order.png, encodeAsCameraJpeg(photo, order.shot));
        else
            writePicture(order.png, photo);
    }
    if (!order.marks.empty())
        writeAtomically(order.marks, marksText(exactMarks(bust, view, width, order.shot.size),
                                               Truth{order.shot.pose}));
    if (order.sketchPng.empty() && order.sketchMarks.empty())
        return;
    for (const std::string& e : order.errors)
        order.planted.errors.push_back(namedAmount("--plant", "an error and its amount, such as mouth_height=0.08", e));
    for (const std::string& e : order.tones) {
        auto [place, off] = namedAmount("--tone", "a place and how much of the scale it is too light, such as socket_l=0.4", e);
        const int side = place.ends_with("_l") ? 1 : place.ends_with("_r") ? -1 : 0;
        order.planted.tones.push_back({side ? place.substr(0, place.size() - 2) : place, side, off});
    }
    const SimulatedSketch sketch = drawSketch(bust, order.shot, order.planted, order.seed);
    if (!order.sketchPng.empty())
        writePicture(order.sketchPng, sketch.picture);
    if (!order.sketchMarks.empty())
        writeAtomically(order.sketchMarks,
                        marksText(sketch.marks, Truth{sketch.pose, named(order.planted)}));
}

void list() {
    for (const Sitter& sitter : sitters())
        fmt::print("{}\t{}\n", sitter.id, aboutWords(sitter));
}

} // namespace

std::function<void()> cast(CLI::App& app) {
    struct Options {
        CastOrder order;
        double turn = 0, tilt = 0, lean = 0;
        bool list = false;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("cast", "Photograph a plaster head, and sketch it with "
                                               "errors of your choice.");
    command->add_flag("--list", o->list, "list the heads: id, tab, description, one a line");
    command->add_option("--head", o->order.head,
                        "which head, one of --list");
    command->add_option_function<unsigned>(
        "--random",
        [o](const unsigned& seed) { o->order.head = fmt::format("someone-{}", seed); },
        "somebody who does not exist, by a seed");
    command->add_option("--turn", o->turn, "degrees, + = nose to the viewer's right");
    command->add_option("--tilt", o->tilt, "degrees, + = chin up");
    command->add_option("--lean", o->lean, "degrees, + = crown to the viewer's right");
    command->add_option("--lens", o->order.shot.lens.value, "35 mm-equivalent focal length, mm");
    command->add_option("--distance", o->order.shot.distance.value,
                        "of the camera, mm; left out, the head takes half the picture");
    command->add_option("--light", o->order.light, "key light's azimuth,elevation in degrees")
        ->delimiter(',')
        ->expected(2);
    command->add_option("--size", o->order.shot.size, "height of the picture in px");
    command->add_option("--png", o->order.png,
                        "write the photograph here; a name in .jpg gives a JPEG");
    command->add_option("--marks", o->order.marks, "write its exact marks and true pose here");
    command->add_option("--sketch-png", o->order.sketchPng, "write a simulated sketch here");
    command->add_option("--sketch-marks", o->order.sketchMarks, "write its exact marks here");
    command->add_option("--straighten", o->order.planted.straightened,
                        "share of turn and tilt the sketch loses, 0 to 1");
    command->add_option("--plant", o->order.errors,
                        "an error and its amount in the sketch, such as mouth_height=0.08");
    command->add_option("--growth", o->order.planted.growth,
                        "how much the sketched head grows a ball radius from the eyes");
    command->add_option("--hand", o->order.planted.hand,
                        "that draws: timid, searching, careful, steady, brisk or bold");
    command->add_option("--sketch-size", o->order.planted.size,
                        "the sketched head against the photographed one");
    command->add_option("--sketch-right", o->order.planted.right,
                        "where it sits on the sheet, in sheet widths");
    command->add_option("--sketch-down", o->order.planted.down, "and in sheet heights");
    command->add_flag("--phone", o->order.planted.byPhone,
                      "photograph the sketch by hand on a table");
    command->add_flag("--shaded", o->order.planted.shaded, "shade the whole sketched head");
    command->add_option("--tone", o->order.tones,
                        "with --shaded, a place and how much of the scale it is too light, such as socket_l=0.4");
    command->add_option("--timid", o->order.planted.timid, "with --shaded, the share of its darkness that is missing")
        ->check(CLI::Range(0.0, 1.0));
    command->add_flag("--toned", o->order.planted.onToned, "with --shaded, on toned paper with white chalk");
    command->add_option("--softness", o->order.shot.softness.value,
                        "width of the key light, radians: 0.1 hard to 1 broad");
    command->add_option("--fill", o->order.shot.fill, "light the room gives back, 0 to 2");
    command->add_option("--seed", o->order.seed, "another seed, another hand");
    return [o] { o->list ? list() : photographCast(o->order, {o->turn}, {o->tilt}, {o->lean}); };
}

} // namespace zokran::cli
