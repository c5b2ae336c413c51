#include "cast/picture_encoding.h"
#include "cast/simulated_learner.h"
#include "cast/stand_in_camera.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/base/json_file.h"
#include "core/files/marks_file.h"

#include <cctype>
#include <filesystem>

namespace zokran::cli {

namespace {

/// Draws a simulated learner's course into a folder, in the demo's format.
void drawCourse(int studies, int days, unsigned seed, int size, const std::string& folder) {
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
        const Bust bust(sitterNamed(s.sitter));
        const View view = viewOf(shot);
        const int width = static_cast<int>(std::lround(2 * view.principal.x()));
        const SimulatedSketch sketch = drawSketch(bust, shot, s.planted, s.seed);
        auto write = [&](const std::string& name, const std::string& content) {
            writeAtomically(std::filesystem::path(folder) / name, content);
        };
        write(stem + ".jpg", encoded(photograph(bust, shot), ".jpg"));
        write(stem + ".marks.json",
              marksText(exactMarks(bust, view, width, shot.size), Truth{shot.pose}));
        write(stem + "-sketch.jpg", encoded(sketch.picture, ".jpg"));
        write(stem + "-sketch.marks.json",
              marksText(sketch.marks, Truth{sketch.pose, named(s.planted)}));
        std::string name = s.sitter;
        name[0] = static_cast<char>(std::toupper(static_cast<unsigned char>(name[0])));
        list.push_back({{"title", fmt::format("Evening {}, {}", s.day + 1, name)},
                        {"sitter", name},
                        {"notes", ""},
                        {"paper_width_mm", 239},
                        {"step", "check"},
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

std::function<void()> learn(CLI::App& app) {
    struct Options {
        int studies = 40, days = 35, size = 400;
        unsigned seed = 1;
        std::string folder;
    };
    auto o = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("learn", "Draw a simulated learner's course of studies into a folder.");
    command->add_option("--studies", o->studies, "how many heads");
    command->add_option("--days", o->days, "over how many days");
    command->add_option("--seed", o->seed, "another seed, another learner");
    command->add_option("--size", o->size, "height of the pictures in px");
    command->add_option("--out", o->folder, "the folder")->required();
    return [o] { drawCourse(o->studies, o->days, o->seed, o->size, o->folder); };
}

} // namespace zokran::cli
