#include "cli/sheets/planned.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> guideSheet(CLI::App& verbs) {
    auto o = std::make_shared<PlannedOptions>();
    auto* command = verbs.add_subcommand(
        "guide", "The form alone at the planned size and place, in light lines to trace.");
    command->add_option("FIT", o->fit, "a zokran-fit file")->required();
    o->addTo(*command);
    return [o] {
        const Planned planned(*o);
        writeSheet(zokran::guideSheet(planned.linesOnPaper(), planned.paper), o->out);
    };
}

} // namespace zokran::cli
