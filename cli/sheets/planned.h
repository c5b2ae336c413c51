#pragma once

#include "core/construction/forms.h"
#include "core/page/plan.h"

#include <CLI/CLI.hpp>
#include <memory>
#include <string>

namespace zokran::cli {

/// What the sheets of a planned page are asked with.
struct PlannedOptions {
    std::string fit, canon = "sitter", form = "ball", paper = "A4", out;
    double border = 10, head = 120;
    int detail = 2;

    void addTo(CLI::App& command);
};

/// A fit on a planned page, and its form.
struct Planned {
    Fit fit;
    PaperSize paper;
    PagePlan plan;
    Detail detail;
    std::unique_ptr<Construction> form;

    /// Throws BadInput for what the options name that is not there or makes no sense.
    explicit Planned(const PlannedOptions& options);
    std::vector<GuideLine> linesOnPaper() const { return form->lines(plan.view, detail, {}); }
    std::vector<GuideLine> linesOverPhoto() const { return form->lines(fit.view, detail, {}); }
};

} // namespace zokran::cli
