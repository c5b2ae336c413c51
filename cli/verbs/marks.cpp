#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/files/marks_file.h"
#include "core/files/marks_table.h"

namespace zokran::cli {

std::function<void()> marks(CLI::App& app) {
    struct Options {
        std::string from, to;
        bool list = false;
        std::vector<int> size;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("marks", "Carry marks to another format, by the files' endings: .json, "
                                                ".csv, .pts.");
    auto* from = command->add_option("FROM", o->from, "marks to read");
    auto* to = command->add_option("TO", o->to, "the file to write");
    command->add_option("--size", o->size, "W H: of the picture, px, where the file does not tell it")
        ->expected(2)
        ->check(CLI::Range(1, 100000));
    auto* list = command->add_flag("--list", o->list, "the marks there are, in the order of .pts");
    from->excludes(list);
    from->needs(to);
    return [o] {
        if (o->list) {
            for (int i = 0; i < markCount; ++i)
                fmt::print("{}\n", idOf(markAt(i)));
            return;
        }
        if (o->from.empty())
            throw BadInput("marks needs FROM and TO, or --list");
        MarkSheet sheet = readAnyMarks(o->from);
        if (!o->size.empty()) {
            sheet.width = o->size[0];
            sheet.height = o->size[1];
        }
        const std::string ending = std::filesystem::path(o->to).extension().string();
        if (ending != ".json" && ending != ".csv" && ending != ".pts")
            throw BadInput(fmt::format("{}: marks are written as .json, .csv and .pts", o->to));
        writeAtomically(o->to, ending == ".csv"   ? marksCsv(sheet)
                               : ending == ".pts" ? marksPts(sheet)
                                                  : marksText(sheet));
    };
}

} // namespace zokran::cli
