#include "suggest/suggest.h"

#include "cli/verb.h"
#include "core/files/marks_file.h"

#include <fmt/format.h>
namespace zokran::cli {

std::function<void()> suggest(CLI::App& app) {
    auto photo = std::make_shared<std::string>();
    auto* command = app.add_subcommand("suggest", "Find a face in a photograph and print marks for "
                                                  "it, to be looked over.");
    command->add_option("PHOTO", *photo, "a photograph")->required();
    return [photo] { fmt::print("{}", marksText(suggestMarks(*photo))); };
}

} // namespace zokran::cli
