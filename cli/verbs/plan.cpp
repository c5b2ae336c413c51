#include "core/page/plan.h"

#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/files/fit_file.h"
#include "core/messages/plan_messages.h"

namespace zokran::cli {

namespace {

nlohmann::ordered_json placeJson(const PaperPoint& p) {
    return {p.x(), p.y()};
}
nlohmann::ordered_json boxJson(const PaperBox& box) {
    if (box.low.x() > box.high.x())
        return nullptr; // nothing of it is seen at this pose
    return {{"left", box.low.x()},
            {"top", box.low.y()},
            {"right", box.high.x()},
            {"bottom", box.high.y()}};
}

} // namespace

std::function<void()> plan(CLI::App& app) {
    struct Options {
        std::string paper, fit;
        double border = 0, head = 0;
        std::vector<double> at;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("plan", "Place a head on a sheet of paper: where everything "
                                               "falls, in mm from its top-left corner, and warnings.");
    command->add_option("--paper", o->paper, "A4, A3-landscape, ... or WxH in mm")->required();
    command->add_option("--border", o->border, "mm to be left free all round")->required();
    command->add_option("--head", o->head, "mm from crown to chin as drawn")->required();
    command->add_option("--pose", o->fit, "a zokran-fit file; else an average head from the front");
    command->add_option("--at", o->at, "X Y: the middle of the head's box, mm; else it is put well")
        ->expected(2);
    return [o] {
        const PaperSize paper = paperNamed(o->paper);
        std::optional<Fit> fit;
        if (!o->fit.empty())
            fit = readFit(o->fit);
        std::optional<PaperPoint> at;
        if (o->at.size() == 2)
            at = PaperPoint(o->at[0], o->at[1]);
        const PagePlan p =
            planPage(paper, {o->border}, {o->head}, fit ? &*fit : nullptr, at);
        nlohmann::ordered_json j;
        j["format"] = "zokran-plan";
        j["version"] = 1;
        j["paper_mm"] = {paper.width, paper.height};
        j["places"] = {{"crown", placeJson(p.crown)},
                       {"chin", placeJson(p.chin)},
                       {"brow_line", {placeJson(p.browLeft), placeJson(p.browRight)}},
                       {"centre_line", {placeJson(p.centreTop), placeJson(p.centreFoot)}},
                       {"head", boxJson(p.head)},
                       {"hair", boxJson(p.hair)},
                       {"ears", boxJson(p.ears)},
                       {"neck_and_shoulders", boxJson(p.neck)}};
        j["warnings"] = nlohmann::ordered_json::array();
        for (PlanTrouble trouble : p.troubles)
            j["warnings"].push_back(wordsFor(trouble));
        fmt::print("{}", jsonText(j));
    };
}

} // namespace zokran::cli
