#include "suggest/suggest.h"

#include "cli/verb.h"
#include "core/files/marks_file.h"

#include <fmt/format.h>
namespace zokran::cli {

std::function<void()> suggest(CLI::App& app) {
    struct Options {
        std::string photo;
        std::size_t face = 1;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("suggest", "Find a face in a photograph and print marks for "
                                                  "it, to be looked over.");
    command->add_option("PHOTO", o->photo, "a photograph")->required();
    command->add_option("--face", o->face, "which, where there are several: 1 is the largest");
    return [o] {
        const std::vector<MarkSheet> faces = suggestMarks(o->photo);
        if (o->face < 1 || o->face > faces.size())
            throw BadInput(fmt::format("{}: there is no face {}; {} found", o->photo, o->face,
                                       faces.size() == 1 ? "one was"
                                                         : fmt::format("{} were", faces.size())));
        fmt::print("{}", marksText(faces[o->face - 1]));
    };
}

} // namespace zokran::cli
