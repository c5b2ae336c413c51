#include "cli/picture.h"
#include "cli/sheets/planned.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> gridSheet(CLI::App& verbs) {
    struct Options : PlannedOptions {
        std::string photo;
    };
    auto o = std::make_shared<Options>();
    o->form = "grid";
    auto* command = verbs.add_subcommand(
        "grid", "The reference under a grid counted from its centre, and the paper's own: a PDF of two "
                "sheets. --form coordinates for edge coordinates.");
    command->add_option("PHOTO", o->photo, "the photograph")->required();
    command->add_option("FIT", o->fit, "its zokran-fit file")->required();
    o->addTo(*command);
    return [o] {
        const Planned planned(*o);
        writeSheets(gridSheets(printPictureFrom(o->photo), planned.linesOverPhoto(),
                               planned.linesOnPaper(), planned.paper),
                    o->out);
    };
}

} // namespace zokran::cli
