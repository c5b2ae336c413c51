#include "cli/logbook_folder.h"
#include "cli/verb.h"
#include "core/base/json_file.h"
#include "logbook/study_file.h"

namespace zokran::cli {

std::function<void()> exportAll(CLI::App& app) {
    struct Options {
        std::string logbook;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "export", "Everything in a logbook as JSON; its drawings as CSV are `progress --csv`.");
    command->add_option("LOGBOOK", o->logbook, "the logbook's folder, or the file in it")->required();
    return [o] {
        const auto logbook = openToRead(o->logbook);
        nlohmann::ordered_json j;
        j["format"] = "zokran-export";
        j["version"] = 1;
        j["studies"] = nlohmann::ordered_json::array();
        for (StudyId id : logbook->allReadable()) {
            const StoredStudy stored = logbook->load(id);
            nlohmann::ordered_json one;
            one["id"] = id;
            one["uid"] = stored.uid;
            one["made"] = stored.made;
            one["put_away"] = logbook->isPutAway(id);
            one["study"] = nlohmann::ordered_json::parse(studyText(stored.study));
            j["studies"].push_back(std::move(one));
        }
        j["drills"] = nlohmann::ordered_json::array();
        for (const Logbook::DrillAnswer& a : logbook->drillAnswers())
            j["drills"].push_back({{"answered", a.answered},
                                   {"kind", a.kind},
                                   {"seed", a.seed},
                                   {"level", a.level},
                                   {"off", a.off},
                                   {"held", a.held}});
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
