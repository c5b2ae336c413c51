#include "cli/sheets/planned.h"

#include "core/files/canon_file.h"
#include "core/files/fit_file.h"

namespace zokran::cli {

void PlannedOptions::addTo(CLI::App& command) {
    command.add_option("--canon", canon, "a canon, as `canons` lists them, or sitter");
    command.add_option("--form", form, "a first form, as `forms` lists them");
    command.add_option("--paper", paper, "A4, letter, ... or WxH in mm");
    command.add_option("--border", border, "mm left free all round");
    command.add_option("--head", head, "mm from crown to chin as drawn");
    command.add_option("--detail", detail, "depth of the drawing, 1 to 3")->check(CLI::Range(1, 3));
    command.add_option("--out", out, "where it goes: a .pdf or .svg")->required();
}

Planned::Planned(const PlannedOptions& o)
    : fit(readFit(o.fit)), paper(paperNamed(o.paper)),
      plan(planPage(paper, {o.border}, {o.head}, &fit)), detail(static_cast<Detail>(o.detail)),
      form(construct(formNamed(o.form),
                     o.canon == "sitter" ? std::nullopt : std::optional(canonNamed(o.canon)),
                     fit.head)) {}

} // namespace zokran::cli
