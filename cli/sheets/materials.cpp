#include "cli/sheets/plain.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> materialsSheet(CLI::App& verbs) {
    struct Options : PlainOptions {
        std::string form = "ball";
    };
    auto o = std::make_shared<Options>();
    auto* command = verbs.add_subcommand(
        "materials", "What lies ready, the order of the steps, and the trade's cautions.");
    command->add_option("--form", o->form, "a first form, as `forms` lists them");
    o->addTo(*command);
    return [o] {
        writeSheet(zokran::materialsSheet(formNamed(o->form), paperNamed(o->paper)), o->out);
    };
}

} // namespace zokran::cli
