#include "cast/drills/drill.h"
#include "cast/picture_encoding.h"
#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/errors.h"
#include "core/base/atomic_file.h"
#include "core/base/json_file.h"
#include "core/files/marks_file.h"

namespace zokran::cli {

namespace {

Picture plain(const std::string& file) {
    const cv::Mat mat = pictureFrom(file);
    return {mat.cols, mat.rows, {mat.datastart, mat.dataend}};
}

} // namespace

std::function<void()> drill(CLI::App& app) {
    struct Options {
        std::string kind, png, answerPng, photo, marks, sketch, sketchMarks;
        std::uint32_t seed = 1;
        int level = 1;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("drill", "A drill's task as a picture, and its answer.");
    std::string known;
    for (const Drill* d : drills())
        known += (known.empty() ? "" : ", ") + std::string(d->id);
    command->add_option("KIND", o->kind, known)->required();
    command->add_option("--seed", o->seed, "which task");
    command->add_option("--level", o->level, "1 to 5");
    auto* photo = command->add_option("--photo", o->photo, "asks of this photograph instead of the cast room");
    photo->needs(command->add_option("--marks", o->marks, "its marks")->needs(photo));
    auto* sketch = command->add_option("--sketch", o->sketch, "a drawing of it, for `find`")->needs(photo);
    sketch->needs(command->add_option("--sketch-marks", o->sketchMarks, "the drawing's marks")->needs(sketch));
    command->add_option("--png", o->png, "the task's picture goes here")->required();
    command->add_option("--answer-png", o->answerPng, "and the answer's here");
    return [o] {
        const Drill& drill = drillNamed(o->kind);
        std::optional<DrillTask> asked;
        if (o->photo.empty()) {
            asked = taskOf(drill, o->seed, o->level);
        } else {
            SketchMarks drawn;
            if (!o->sketch.empty())
                static_cast<MarkSheet&>(drawn) = readMarks(o->sketchMarks);
            asked = taskOf(drill,
                           studiedHead(plain(o->photo), PhotoMarks(readMarks(o->marks)),
                                       o->sketch.empty() ? Picture() : plain(o->sketch), drawn),
                           o->seed, o->level);
            if (!asked)
                throw BadInput(fmt::format("{}: these marks do not carry the drill \"{}\"", o->marks, o->kind));
        }
        const DrillTask& task = *asked;
        writeAtomically(o->png, encoded(task.picture, ".png"));
        if (!o->answerPng.empty())
            writeAtomically(o->answerPng, encoded(task.answer, ".png"));
        nlohmann::ordered_json j;
        j["format"] = "zokran-drill";
        j["version"] = 1;
        j["kind"] = task.kind;
        j["seed"] = task.seed;
        j["level"] = task.level;
        j["task"] = task.question;
        for (const auto& [name, value] : task.figures)
            j["given"][name] = value;
        for (const DrillField& f : task.fields) {
            nlohmann::ordered_json one = {{"tolerance", f.tolerance}};
            if (f.kind == DrillField::Kind::Place)
                one["place"] = {f.place.x(), f.place.y()};
            else if (f.kind == DrillField::Kind::Choice) {
                one["choices"] = f.choiceIds;
                one["value"] = f.choiceIds.at(static_cast<std::size_t>(f.right));
            } else
                one["value"] = f.right;
            j["answer"][f.id] = one;
        }
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
