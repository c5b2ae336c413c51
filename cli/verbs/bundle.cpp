#include "logbook/bundle.h"

#include "cli/logbook_folder.h"
#include "cli/verb.h"
#include "core/base/json_file.h"

namespace zokran::cli {

std::function<void()> bundle(CLI::App& app) {
    struct Options {
        std::string logbook, study, file;
        CLI::App *out = nullptr, *in = nullptr;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "bundle", "Carry studies with their pictures from one logbook to another.");
    o->out = command->add_subcommand("export", "Write a study, or all of them, to a bundle.");
    o->in = command->add_subcommand("import", "Take the studies of a bundle in; none is doubled.");
    for (CLI::App* way : {o->out, o->in})
        way->add_option("LOGBOOK", o->logbook, "the logbook's folder, or the file in it")->required();
    o->out->add_option("STUDY", o->study, "a study's number, or \"all\"")->required();
    for (CLI::App* way : {o->out, o->in})
        way->add_option("FILE", o->file, "the bundle (.zokran or .zip)")->required();
    command->require_subcommand(1);
    return [o] {
        const std::filesystem::path folder = logbookFolder(o->logbook);
        nlohmann::ordered_json j;
        j["format"] = "zokran-bundled";
        j["version"] = 1;
        std::vector<std::string> leftOut;
        if (o->out->parsed()) {
            const Logbook logbook(folder, Logbook::Access::ReadOnlyShared);
            std::vector<StudyId> studies = logbook.allReadable();
            if (o->study != "all") {
                char* end = nullptr;
                const StudyId id = std::strtoll(o->study.c_str(), &end, 10);
                if (o->study.empty() || *end)
                    throw BadInput(fmt::format("\"{}\" is no study's number", o->study));
                studies = {id};
            }
            std::vector<std::string> lost;
            exportBundle(logbook, studies, o->file, {}, &lost);
            j["written"] = studies.size();
            j["lost_pictures"] = lost;
            leftOut = std::move(lost);
        } else {
            Logbook logbook(folder);
            const Imported in = importBundle(logbook, o->file);
            j["taken"] = in.taken;
            j["known"] = in.known;
            j["apart"] = in.apart;
            j["left_out"] = in.leftOut;
            leftOut = in.leftOut;
        }
        fmt::print("{}", jsonText(j));
        // The rest is done; what is not is told, and by the exit status too.
        if (!leftOut.empty())
            throw BadInput(fmt::format("{}: {} left out, the first: {}", o->file, leftOut.size(), leftOut.front()));
    };
}

} // namespace zokran::cli
