#include "cli/sheets/plain.h"
#include "cli/verb.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"

namespace zokran::cli {

std::function<void()> valuesSheet(CLI::App& verbs) {
    auto o = std::make_shared<PlainOptions>();
    auto* command = verbs.add_subcommand("values", "Value strips of three, five and ten to cut out.");
    o->addTo(*command);
    return [o] { writeSheet(zokran::valuesSheet(paperNamed(o->paper)), o->out); };
}

} // namespace zokran::cli
