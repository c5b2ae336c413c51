#include "cli/sheets/planned.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> stepsSheet(CLI::App& verbs) {
    auto o = std::make_shared<PlannedOptions>();
    auto* command =
        verbs.add_subcommand("steps", "The form put down step by step, one panel a step.");
    command->add_option("FIT", o->fit, "a zokran-fit file")->required();
    o->addTo(*command);
    return [o] {
        const Planned planned(*o);
        writeSheet(zokran::stepsSheet(formNamed(o->form), planned.linesOverPhoto(), planned.fit.view,
                                      planned.paper),
                   o->out);
    };
}

} // namespace zokran::cli
