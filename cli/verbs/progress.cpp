#include "cli/logbook_folder.h"
#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/files/progress_file.h"
#include "core/messages/progress_messages.h"
#include "logbook/drawings.h"

namespace zokran::cli {

std::function<void()> progress(CLI::App& app) {
    struct Options {
        std::string logbook, csv;
        bool words = false;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "progress", "What all drawings of a logbook say together: bias, straightening, trends.");
    command->add_option("LOGBOOK", o->logbook, "the logbook's folder, or the file in it")->required();
    command->add_option("--csv", o->csv, "the drawings themselves go here, one a line");
    command->add_flag("--words", o->words, "sentences instead of JSON");
    return [o] {
        const auto logbook = openToRead(o->logbook);
        std::vector<Drawing> drawings;
        for (LoggedDrawing& logged : drawingsOf(*logbook))
            drawings.push_back(std::move(logged.drawing));
        if (!o->csv.empty())
            writeAtomically(o->csv, progressTable(drawings));
        const Progress all = progressOf(std::move(drawings));
        if (!o->words) {
            fmt::print("{}", progressText(all));
            return;
        }
        for (const std::string& line : progressWords(all))
            fmt::print("{}\n", line);
    };
}

} // namespace zokran::cli
