#include "core/construction/forms.h"

#include "cli/verb.h"

#include <fmt/format.h>
namespace zokran::cli {

std::function<void()> forms(CLI::App& app) {
    app.add_subcommand("forms", "List the first forms: id, tab, name, one a line.");
    return [] {
        for (const FormKind* form : zokran::forms())
            fmt::print("{}\t{}\n", form->id, form->name);
    };
}

} // namespace zokran::cli
