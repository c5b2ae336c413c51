#include "cast/drills/drill.h"
#include "cli/verb.h"
#include "core/base/json_file.h"

namespace zokran::cli {

std::function<void()> drill(CLI::App& app) {
    struct Options {
        std::string kind, png, answerPng;
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
    command->add_option("--png", o->png, "the task's picture goes here")->required();
    command->add_option("--answer-png", o->answerPng, "and the answer's here");
    return [o] {
        const DrillTask task = taskOf(drillNamed(o->kind), o->seed, o->level);
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
