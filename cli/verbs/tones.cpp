#include "cli/picture.h"
#include "cli/verb.h"
#include "core/base/json_file.h"
#include "core/compare/compare.h"
#include "core/files/marks_file.h"
#include "core/light/tone_comparison.h"
#include "core/messages/tone_messages.h"
#include "core/messages/trouble_messages.h"

#include <fmt/format.h>
#include <opencv2/core.hpp>

namespace zokran::cli {

namespace {

std::string idOf(const TonePair& pair) {
    return std::string(pair.place->id) + (pair.side > 0 ? "_l" : pair.side < 0 ? "_r" : "");
}

nlohmann::ordered_json json(const ToneComparison& tones, int values) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-tones";
    j["version"] = 1;
    j["shaded"] = tones.isShaded;
    j["chalk"] = tones.hasChalk;
    j["paper"] = tones.paper;
    j["darkest"] = {{"photo", tones.darkestSeen}, {"drawing", tones.darkestDrawn}};
    j["findings"] = nlohmann::ordered_json::array();
    for (const ToneFinding& finding : tones.findings) {
        constexpr const char* kinds[] = {"place", "timid", "dark_elsewhere"};
        j["findings"].push_back({{"kind", kinds[static_cast<int>(finding.kind)]},
                                 {"place", idOf(tones.pairs[finding.pair])},
                                 {"off", finding.off},
                                 {"says", wordsFor(finding, tones, values)},
                                 {"mend", mendWords(finding, tones, values)}});
    }
    j["shadow_edges"] = nlohmann::ordered_json::array();
    for (const ShadowEdgeShift& shift : tones.shadowEdges)
        j["shadow_edges"].push_back({{"by", shift.by},
                                     {"way", shift.intoLight ? "into_light" : "back"},
                                     {"says", wordsFor(shift, tones)},
                                     {"photo_at", {shift.seenAt.x(), shift.seenAt.y()}},
                                     {"drawing_at", {shift.drawnAt.x(), shift.drawnAt.y()}}});
    j["places"] = nlohmann::ordered_json::array();
    for (const TonePair& pair : tones.pairs)
        j["places"].push_back({{"place", idOf(pair)},
                               {"photo", pair.seen},
                               {"drawing", pair.drawn},
                               {"off", pair.off()},
                               {"photo_at", {pair.seenAt.x(), pair.seenAt.y()}},
                               {"drawing_at", {pair.drawnAt.x(), pair.drawnAt.y()}}});
    return j;
}

} // namespace

std::function<void()> tones(CLI::App& app) {
    struct Options {
        std::string photo, photoMarks, drawing, drawingMarks;
        int values = 5;
    };
    auto o = std::make_shared<Options>();
    auto* command = app.add_subcommand("tones", "Compare the values of a photograph and of a drawing of it, place by place.");
    command->add_option("PHOTO", o->photo, "the photograph")->required();
    command->add_option("PHOTO_MARKS", o->photoMarks, "its zokran-marks file")->required();
    command->add_option("DRAWING", o->drawing, "the drawing, its page laid flat")->required();
    command->add_option("DRAWING_MARKS", o->drawingMarks, "its zokran-marks file")->required();
    command->add_option("--values", o->values, "into how many the scale is divided, 2 to 10")->check(CLI::Range(2, 10));
    return [o] {
        const PhotoMarks reference = readMarks(o->photoMarks);
        const SketchMarks sketch = readMarks(o->drawingMarks);
        std::optional<ToneComparison> tones;
        try {
            const Fit fit = fitHead(reference);
            const Comparison comparison = compareSketch(reference, fit, sketch);
            tones = compareTones(pictureFrom(o->photo), {fit.view, fit.head, reference.smiling}, pictureFrom(o->drawing),
                                 {comparison.sketchView, drawnHead(comparison), sketch.smiling});
        } catch (const BadInput& e) {
            throw BadInput(fmt::format("{} and {}: {}", o->photoMarks, o->drawingMarks, wordsFor(e)));
        }
        if (!tones)
            throw BadInput(fmt::format("{} and {}: too little of the head lies in both pictures to compare values", o->photo,
                                       o->drawing));
        fmt::print("{}", jsonText(json(*tones, o->values)));
    };
}

} // namespace zokran::cli
