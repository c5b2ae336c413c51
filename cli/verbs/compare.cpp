#include "cli/verb.h"
#include "core/files/comparison_file.h"
#include "core/files/marks_file.h"
#include "core/messages/trouble_messages.h"

#include <fmt/format.h>
namespace zokran::cli {

std::function<void()> compare(CLI::App& app) {
    struct Options {
        std::string reference, sketch, hold = "all";
        std::optional<double> mmPerPx;
        std::vector<double> tolerances;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("compare", "Say where a sketch's features landed against "
                                                  "the reference's.");
    command->add_option("REFERENCE", o->reference, "a zokran-marks file of the photograph")
        ->required();
    command->add_option("SKETCH", o->sketch, "a zokran-marks file of the sketch")->required();
    command->add_option("--mm-per-px", o->mmPerPx, "millimetres on the paper for one sketch pixel");
    command->add_option("--hold", o->hold,
                        "what is held while they are laid over one another: ball, eyes, all (the "
                        "default) or page");
    command
        ->add_option("--tolerances", o->tolerances,
                     "PLACE SIZE ANGLE: what is worth mending, in % of the head, % and degrees")
        ->expected(3)
        ->check(CLI::Range(leastTolerance, mostTolerance));
    return [o] {
        CompareOptions options;
        if (o->tolerances.size() == 3)
            options.tolerances = {o->tolerances[0], o->tolerances[1], {o->tolerances[2]}};
        const std::optional<Hold> chosen = holdNamed(o->hold);
        if (!chosen)
            throw BadInput("--hold is one of ball, eyes, all and page");
        options.hold = *chosen;
        if (o->mmPerPx) {
            if (!(*o->mmPerPx > 0 && *o->mmPerPx < 1e3))
                throw BadInput("--mm-per-px must lie above zero");
            options.perPixel = MillimetresPerPixel{*o->mmPerPx};
        }
        const PhotoMarks reference = readMarks(o->reference);
        const SketchMarks sketch = readMarks(o->sketch);
        try {
            fmt::print("{}",
                       comparisonText(compareSketch(reference, fitHead(reference), sketch, options), sketch, options.tolerances));
        } catch (const BadInput& e) {
            throw BadInput(fmt::format("{} and {}: {}", o->reference, o->sketch, wordsFor(e)));
        }
    };
}

} // namespace zokran::cli
