#include "cli/verb.h"
#include "core/base/atomic_file.h"
#include "core/construction/forms.h"
#include "core/files/canon_file.h"
#include "core/files/fit_file.h"
#include "core/files/guides_file.h"

namespace zokran::cli {

std::function<void()> guides(CLI::App& app) {
    struct Options {
        std::string fit, canon, form = "ball", svg;
        int detail = 2, straights = FormLook().straights;
        std::vector<std::string> show;
        double push = 1;
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
    command->add_option("--svg", o->svg, "draw those of the depth into this SVG file as well");
    command
        ->add_option("--detail", o->detail,
                     "depth of the drawing: 1 ball and planes, 2 with guides, 3 planes of the head")
        ->check(CLI::Range(1, 3));
    command->add_option("--show", o->show,
                        "lines to draw that else are not, or to leave out, by id");
    command->add_option("--straights", o->straights, "of the envelope")
        ->check(CLI::Range(fewestStraights, mostStraights));
    command->add_option("--push", o->push, "how strongly the sitter departs from the average")
        ->check(CLI::Range(0.0, mostPush));
    return [o] {
        const Fit found = readFit(o->fit);
        const FormKind& form = formNamed(o->form);
        const auto construction = construct(
            form, o->canon == "sitter" ? std::nullopt : std::optional(canonNamed(o->canon)),
            std::make_shared<const HeadSolid>(o->push == 1 ? found.head : pushed(found.head, o->push),
                                              uprightBust(found.view.pose())),
            FormLook{.straights = o->straights});
        const std::vector<GuideLine> lines = construction->lines(found.view);
        if (!o->svg.empty())
            writeAtomically(o->svg, guidesSvg(construction->lines(found.view, static_cast<Detail>(o->detail),
                                                      {o->show.begin(), o->show.end()}),
                                  found.width, found.height));
        fmt::print("{}", guidesText(o->canon, form.id, lines, construction->levels(),
                                    construction->subject().widths));
    };
}

} // namespace zokran::cli
