#include "cli/picture.h"
#include "cli/sheets/planned.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> landmarksSheet(CLI::App& verbs) {
    struct Options : PlannedOptions {
        std::string photo;
    };
    auto o = std::make_shared<Options>();
    auto* command = verbs.add_subcommand(
        "landmarks", "The reference beside its form with the levels named, and a ruler of this "
                     "drawing's own eyes.");
    command->add_option("PHOTO", o->photo, "the photograph")->required();
    command->add_option("FIT", o->fit, "its zokran-fit file")->required();
    o->addTo(*command);
    return [o] {
        const Planned planned(*o);
        writeSheet(zokran::landmarksSheet(printPictureFrom(o->photo), planned.fit,
                                            planned.linesOverPhoto(), planned.plan, planned.paper),
                   o->out);
    };
}

} // namespace zokran::cli
