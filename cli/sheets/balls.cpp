#include "cli/sheets/plain.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> ballsSheet(CLI::App& verbs) {
    struct Options : PlainOptions {
        std::uint32_t seed = 1;
    };
    auto o = std::make_shared<Options>();
    auto* command = verbs.add_subcommand(
        "balls", "Twelve balls at given turns and tilts to draw on, and the answers: a PDF of two sheets.");
    command->add_option("--seed", o->seed, "which twelve");
    o->addTo(*command);
    return [o] { writeSheets(ballSheets(o->seed, paperNamed(o->paper)), o->out); };
}

} // namespace zokran::cli
