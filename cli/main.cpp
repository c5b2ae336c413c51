#include "cast/learner.h"
#include "cast/stand_in_camera.h"
#include "core/compare/compare.h"
#include "core/files/comparison_file.h"
#include "core/files/fit_file.h"
#include "core/files/guides_file.h"
#include "core/files/json_file.h"
#include "core/files/marks_file.h"
#include "core/fit/fit.h"
#include "core/head/guides.h"
#include "suggest/suggest.h"

#include <CLI/CLI.hpp>
#include <cctype>
#include <cstdio>
#include <filesystem>

namespace {

using namespace zokran;

/// What `cast` is asked for.
struct CastOrder {
    std::string head = "halcyon", png, marks, sketchPng, sketchMarks;
    Shot shot;
    std::vector<double> light;
    PlantedErrors planted;
    std::vector<std::string> errors;
    unsigned seed = 1;
};

void requireAngle(double degrees, double limit, const char* name) {
    if (!(std::abs(degrees) <= limit))
        throw BadInput(fmt::format("--{} must lie between -{} and {} degrees", name, limit, limit));
}

/// The name's ending chooses the format: .jpg and .jpeg for JPEG, anything else is PNG.
bool isJpeg(const std::string& file) {
    return file.ends_with(".jpg") || file.ends_with(".jpeg");
}

void writePicture(const std::string& file, const Picture& picture) {
    writeAtomically(file, encoded(picture, isJpeg(file) ? ".jpg" : ".png"));
}

void cast(CastOrder order, Degrees turn, Degrees tilt, Degrees lean) {
    requireAngle(turn.value, 180, "turn");
    requireAngle(tilt.value, 180, "tilt");
    requireAngle(lean.value, 180, "lean");
    if (order.shot.size < 64 || order.shot.size > 4096)
        throw BadInput("--size must lie between 64 and 4096 pixels");
    if (!(order.shot.lensMm >= 20 && order.shot.lensMm <= 600))
        throw BadInput("--lens must lie between 20 and 600 mm");
    order.shot.pose = poseFromDegrees(turn, tilt, lean);
    if (order.shot.distance.value != 0 &&
        !(order.shot.distance.value >= 400 && order.shot.distance.value <= 20000))
        throw BadInput("--distance must lie between 400 and 20000 mm");
    if (!(order.planted.size > 0.2 && order.planted.size < 3))
        throw BadInput("--sketch-size must lie between 0.2 and 3");
    if (!(order.shot.softness.value >= 0.02 && order.shot.softness.value <= 1.5))
        throw BadInput("--softness must lie between 0.02 and 1.5");
    if (!(std::abs(order.planted.growth) <= 0.5 && std::abs(order.planted.right) <= 1 &&
          std::abs(order.planted.down) <= 1 && order.shot.fill >= 0 && order.shot.fill <= 4))
        throw BadInput("--growth goes to 0.5, --sketch-right and --sketch-down to 1, --fill to 4");
    if (!order.light.empty()) {
        order.shot.lightAzimuth = {order.light[0]};
        order.shot.lightElevation = {order.light[1]};
    }
    const Sitter head = sitterNamed(order.head);
    const Sculpture sculpture(head);
    const View view = viewOf(order.shot);
    const int width = static_cast<int>(std::lround(2 * view.principal.x()));
    if (!order.png.empty()) {
        const Picture photo = photograph(sculpture, order.shot);
        if (isJpeg(order.png))
            writeAtomically(order.png, asTaken(photo, order.shot));
        else
            writePicture(order.png, photo);
    }
    if (!order.marks.empty())
        writeAtomically(order.marks, marksText(exactMarks(sculpture, view, width, order.shot.size),
                                               Truth{order.shot.pose}));
    if (order.sketchPng.empty() && order.sketchMarks.empty())
        return;
    for (const std::string& e : order.errors) {
        const std::size_t at = e.find('=');
        char* end = nullptr;
        const double amount = at == std::string::npos ? 0 : std::strtod(e.c_str() + at + 1, &end);
        if (at == std::string::npos || !std::isfinite(amount) || *end)
            throw BadInput(fmt::format("--plant {}: write an error and its amount, such as "
                                       "mouth_height=0.08",
                                       e));
        order.planted.errors.emplace_back(e.substr(0, at), amount);
    }
    const Sketch sketch = drawSketch(head, order.shot, order.planted, order.seed);
    if (!order.sketchPng.empty())
        writePicture(order.sketchPng, sketch.picture);
    if (!order.sketchMarks.empty())
        writeAtomically(order.sketchMarks,
                        marksText(sketch.marks, Truth{sketch.pose, named(order.planted)}));
}

/// Draws a simulated learner's course into a folder, in the demo's format.
void learn(int studies, int days, unsigned seed, int size, const std::string& folder) {
    if (studies < 1 || studies > 500 || days < 1 || days > 3650 || size < 64 || size > 4096)
        throw BadInput("--studies goes to 500, --days to 3650, --size from 64 to 4096");
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    if (error)
        throw BadInput(fmt::format("{}: {}", folder, error.message()));
    nlohmann::ordered_json list = nlohmann::ordered_json::array();
    int number = 0;
    for (const SimulatedStudy& s : simulatedCourse(studies, days, seed)) {
        const std::string stem = fmt::format("{:02}", ++number);
        Shot shot = s.shot;
        shot.size = size;
        const Sitter sitter = sitterNamed(s.sitter);
        const Sculpture sculpture(sitter);
        const View view = viewOf(shot);
        const int width = static_cast<int>(std::lround(2 * view.principal.x()));
        const Sketch sketch = drawSketch(sitter, shot, s.planted, s.seed);
        auto write = [&](const std::string& name, const std::string& content) {
            writeAtomically(std::filesystem::path(folder) / name, content);
        };
        write(stem + ".jpg", encoded(photograph(sculpture, shot), ".jpg"));
        write(stem + ".marks.json",
              marksText(exactMarks(sculpture, view, width, shot.size), Truth{shot.pose}));
        write(stem + "-sketch.jpg", encoded(sketch.picture, ".jpg"));
        write(stem + "-sketch.marks.json",
              marksText(sketch.marks, Truth{sketch.pose, named(s.planted)}));
        std::string name = s.sitter;
        name[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(name[0])));
        list.push_back({{"title", fmt::format("Evening {}, {}", s.day + 1, name)},
                        {"sitter", name},
                        {"notes", ""},
                        {"paper_width_mm", 239},
                        {"step", 4},
                        {"day", s.day},
                        {"minute", s.minuteOfDay},
                        {"reference", stem + ".jpg"},
                        {"reference_marks", stem + ".marks.json"},
                        {"sketch", stem + "-sketch.jpg"},
                        {"sketch_marks", stem + "-sketch.marks.json"}});
    }
    writeAtomically(
        std::filesystem::path(folder) / "studies.json",
        jsonText({{"format", "zokran-demo"}, {"version", 1}, {"studies", std::move(list)}}));
}

} // namespace

int main(int argc, char** argv) {
    CLI::App app{
        "Zokran measures portrait drawings: it fits a rotated head construction to the marks "
        "of a photograph, projects guidelines, and says where a sketch's features landed "
        "wrong.\n\nAngles are in degrees: turn + = nose to the viewer's right, tilt + = "
        "chin up, lean + = crown to the viewer's right."};
    app.require_subcommand(1);
    app.footer("A first round:\n"
               "  zokran-cli cast --turn 35 --tilt 20 --png head.png --marks head.json\n"
               "  zokran-cli fit head.json > fit.json\n"
               "  zokran-cli guides fit.json --canon thirds --svg guides.svg\n"
               "  zokran-cli compare head.json sketch.json --mm-per-px 0.3");

    std::string marks;
    auto* fit = app.add_subcommand("fit", "Fit the head to marks and print pose, ball and camera.");
    fit->add_option("MARKS", marks, "a zokran-marks file")->required();
    std::vector<std::string> others;
    fit->add_option("OTHERS", others,
                    "marks of other photographs of the same sitter, whose shape "
                    "the fit then shares");

    std::string fitFile, canon, svg;
    auto* guides = app.add_subcommand("guides", "Print the construction and guidelines of a fit, "
                                                "seen and hidden parts apart.");
    guides->add_option("FIT", fitFile, "a zokran-fit file")->required();
    guides
        ->add_option("--canon", canon,
                     "a canon from data/canons, such as thirds, or sitter for "
                     "the sitter's own levels")
        ->required();
    guides->add_option("--svg", svg, "draw them into this SVG file as well");

    std::string reference, sketch, hold = "all";
    std::optional<double> mmPerPx;
    auto* compare =
        app.add_subcommand("compare", "Say where a sketch's features landed against the "
                                      "reference's.");
    compare->add_option("REFERENCE", reference, "a zokran-marks file of the photograph")
        ->required();
    compare->add_option("SKETCH", sketch, "a zokran-marks file of the sketch")->required();
    compare->add_option("--mm-per-px", mmPerPx, "millimetres on the paper for one sketch pixel");
    compare->add_option("--hold", hold,
                        "what is held while they are laid over one another: ball, "
                        "eyes, all (the default) or page");

    std::string photo;
    auto* suggest = app.add_subcommand("suggest", "Find a face in a photograph and print marks for "
                                                  "it, to be looked over.");
    suggest->add_option("PHOTO", photo, "a photograph")->required();

    CastOrder order;
    double turn = 0, tilt = 0, lean = 0;
    auto* castCommand = app.add_subcommand("cast", "Photograph a plaster head, and sketch it with "
                                                   "errors of your choice.");
    castCommand->add_option("--head", order.head,
                            fmt::format("which head: {}", fmt::join(headIds(), ", ")));
    castCommand->add_option("--turn", turn, "degrees, + = nose to the viewer's right");
    castCommand->add_option("--tilt", tilt, "degrees, + = chin up");
    castCommand->add_option("--lean", lean, "degrees, + = crown to the viewer's right");
    castCommand->add_option("--lens", order.shot.lensMm, "35 mm-equivalent focal length, mm");
    castCommand->add_option("--distance", order.shot.distance.value,
                            "of the camera, mm; left out, the head takes half the picture");
    castCommand->add_option("--light", order.light, "key light's azimuth,elevation in degrees")
        ->delimiter(',')
        ->expected(2);
    castCommand->add_option("--size", order.shot.size, "height of the picture in px");
    castCommand->add_option("--png", order.png,
                            "write the photograph here; a name in .jpg gives a JPEG");
    castCommand->add_option("--marks", order.marks, "write its exact marks and true pose here");
    castCommand->add_option("--sketch-png", order.sketchPng, "write a simulated sketch here");
    castCommand->add_option("--sketch-marks", order.sketchMarks, "write its exact marks here");
    castCommand->add_option("--straighten", order.planted.straightened,
                            "share of turn and tilt the sketch loses, 0 to 1");
    castCommand->add_option("--plant", order.errors,
                            "an error and its amount in the sketch, such as mouth_height=0.08");
    castCommand->add_option("--growth", order.planted.growth,
                            "how much the sketched head grows a ball radius from the eyes");
    castCommand->add_option("--confidence", order.planted.confidence,
                            "of the hand, 0 searching to 1 sure");
    castCommand->add_option("--sketch-size", order.planted.size,
                            "the sketched head against the photographed one");
    castCommand->add_option("--sketch-right", order.planted.right,
                            "where it sits on the sheet, in sheet widths");
    castCommand->add_option("--sketch-down", order.planted.down, "and in sheet heights");
    castCommand->add_flag("--phone", order.planted.byPhone,
                          "photograph the sketch by hand on a table");
    castCommand->add_option("--softness", order.shot.softness.value,
                            "width of the key light, radians: 0.1 hard to 1 broad");
    castCommand->add_option("--fill", order.shot.fill, "light the room gives back, 0 to 2");
    castCommand->add_option("--seed", order.seed, "another seed, another hand");

    int studies = 40, days = 35, learnSize = 400;
    unsigned learnSeed = 1;
    std::string folder;
    auto* learnCommand =
        app.add_subcommand("learn", "Draw a simulated learner's course of studies into a folder.");
    learnCommand->add_option("--studies", studies, "how many heads");
    learnCommand->add_option("--days", days, "over how many days");
    learnCommand->add_option("--seed", learnSeed, "another seed, another learner");
    learnCommand->add_option("--size", learnSize, "height of the pictures in px");
    learnCommand->add_option("--out", folder, "the folder")->required();

    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        if (e.get_exit_code() == 0)
            return app.exit(e);
        fmt::print(stderr, "zokran-cli: {}\n", e.what());
        return 2;
    }
    try {
        if (*fit) {
            std::vector<MarkSheet> sheets{readMarks(marks)};
            for (const std::string& other : others)
                sheets.push_back(readMarks(other));
            try {
                fmt::print("{}", fitText(fitSitter(sheets).front()));
            } catch (const BadInput& e) {
                throw BadInput(fmt::format("{}: {}", marks, e.what()));
            }
        } else if (*guides) {
            const Fit found = readFit(fitFile);
            const HeadForm form = canon == "sitter" ? sitterForm(found.head)
                                                    : canonForm(canonNamed(canon), found.head);
            const std::vector<GuideLine> lines = guideLines(form, found.view);
            if (!svg.empty())
                writeAtomically(svg,
                                guidesSvg(lines, static_cast<int>(2 * found.view.principal.x()),
                                          static_cast<int>(2 * found.view.principal.y())));
            fmt::print("{}", guidesText(canon, lines, form.levels()));
        } else if (*compare) {
            CompareOptions options;
            const std::optional<Hold> chosen = holdNamed(hold);
            if (!chosen)
                throw BadInput("--hold is one of ball, eyes, all and page");
            options.hold = *chosen;
            if (mmPerPx) {
                if (!(*mmPerPx > 0 && *mmPerPx < 1e3))
                    throw BadInput("--mm-per-px must lie above zero");
                options.perPixel = Millimetres{*mmPerPx};
            }
            const MarkSheet referenceMarks = readMarks(reference), sketchMarks = readMarks(sketch);
            try {
                fmt::print("{}",
                           comparisonText(compareSketch(referenceMarks, fitHead(referenceMarks),
                                                        sketchMarks, options)));
            } catch (const BadInput& e) {
                throw BadInput(fmt::format("{} and {}: {}", reference, sketch, e.what()));
            }
        } else if (*suggest) {
            fmt::print("{}", marksText(suggestMarks(photo)));
        } else if (*learnCommand) {
            learn(studies, days, learnSeed, learnSize, folder);
        } else {
            cast(order, {turn}, {tilt}, {lean});
        }
        return 0;
    } catch (const std::exception& e) {
        fmt::print(stderr, "zokran-cli: {}\n", e.what());
        return 2;
    }
}
