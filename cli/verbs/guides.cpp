#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/construction/forms.h"
#include "core/files/canon_file.h"
#include "core/files/fit_file.h"
#include "core/files/guides_file.h"

namespace zokran::cli {

std::function<void()> guides(CLI::App& app) {
    struct Options {
        std::string fit, canon, form = "ball", svg;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("guides", "Print the construction and guidelines of a fit, "
                                                 "seen and hidden parts apart.");
    command->add_option("FIT", o->fit, "a zokran-fit file")->required();
    command
        ->add_option("--canon", o->canon,
                     "a canon, as `canons` lists them, or sitter for the sitter's own levels")
        ->required();
    command->add_option("--form", o->form, "a first form, as `forms` lists them");
    command->add_option("--svg", o->svg, "draw them into this SVG file as well");
    return [o] {
        const Fit found = readFit(o->fit);
        const FormKind& form = formNamed(o->form);
        const auto construction = construct(
            form, o->canon == "sitter" ? std::nullopt : std::optional(canonNamed(o->canon)),
            found.head);
        const std::vector<GuideLine> lines = construction->lines(found.view);
        if (!o->svg.empty())
            writeAtomically(o->svg, guidesSvg(lines, found.width, found.height));
        fmt::print("{}", guidesText(o->canon, form.id, lines, construction->levels()));
    };
}

} // namespace zokran::cli
