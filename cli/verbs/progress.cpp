#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/files/progress_file.h"
#include "core/words/progress_words.h"
#include "logbook/drawings.h"

#include <filesystem>

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
        std::filesystem::path folder = o->logbook;
        if (folder.filename() == "logbook.sqlite")
            folder = folder.parent_path();
        // Read without a change; one that is not there is not made.
        if (!std::filesystem::exists(folder / "logbook.sqlite"))
            throw BadInput(fmt::format("{}: there is no logbook here", o->logbook));
        // Beside a window that may be writing to it; on a disk that may only be read as it lies there.
        std::unique_ptr<Logbook> logbook;
        try {
            logbook = std::make_unique<Logbook>(folder, Logbook::Access::Beside);
        } catch (const StorageError&) {
            logbook = std::make_unique<Logbook>(folder, Logbook::Access::LookOnly);
        }
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
