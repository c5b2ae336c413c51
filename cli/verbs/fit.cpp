#include "cli/verb.h"
#include "core/files/fit_file.h"
#include "core/files/marks_file.h"
#include "core/messages/trouble_messages.h"

#include <fmt/format.h>

namespace zokran::cli {

std::function<void()> fit(CLI::App& app) {
    struct Options {
        std::string marks;
        std::vector<std::string> others;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("fit", "Fit the head to marks and print pose, ball and "
                                              "camera.");
    command->add_option("MARKS", o->marks, "a zokran-marks file")->required();
    command->add_option("OTHERS", o->others,
                        "marks of other photographs of the same sitter, whose shape the fit then "
                        "shares");
    return [o] {
        std::vector<MarkSheet> sheets{readMarks(o->marks)};
        for (const std::string& other : o->others)
            sheets.push_back(readMarks(other));
        try {
            fmt::print("{}", fitText(fitSitter(sheets).front()));
        } catch (const BadInput& e) {
            throw BadInput(fmt::format("{}: {}", o->marks, wordsFor(e)));
        }
    };
}

} // namespace zokran::cli
