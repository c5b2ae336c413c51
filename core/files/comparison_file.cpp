#include "core/files/comparison_file.h"

#include "core/base/json_file.h"
#include "core/compare/findings.h"
#include "core/compare/marks_to_look_over.h"
#include "core/files/pose_json.h"
#include "core/messages/finding_messages.h"

namespace zokran {

std::string comparisonText(const Comparison& c, const SketchMarks& sketch, const Tolerances& tolerances) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-comparison";
    j["version"] = 1;
    j["registration"] = {{"scale", c.registration.scale}, {"rotation", inDegrees(c.registration.rotation)}};
    j["reference_pose"] = poseJson(c.referencePose);
    j["sketch_pose"] = poseJson(c.sketchPose);
    j["sketch_pose"]["sigma"] =
        poseJson({c.sketchSigma.turn, c.sketchSigma.tilt, c.sketchSigma.lean});
    j["straightening"] = c.straightening;
    j["placements"] = nlohmann::ordered_json::object();
    const auto place = [&](std::string_view id, const std::optional<Placement>& p) {
        if (!p)
            return;
        nlohmann::ordered_json mm = nullptr;
        if (p->onPaper)
            mm = p->onPaper->value;
        j["placements"][std::string(id)] = {{"up", p->up},
                                            {"across", p->across},
                                            {"mm", mm},
                                            {"eye_widths", p->eyeWidths},
                                            {"doubt", p->doubt}};
    };
    for (int i = 0; i < markCount; ++i)
        place(idOf(markAt(i)), c.placements[markAt(i)]);
    for (int i = 0; i < expressionMarkCount; ++i)
        place(idOf(expressionMarkAt(i)), c.expressionPlacements[expressionMarkAt(i)]);
    j["findings"] = nlohmann::ordered_json::array();
    for (const Finding& f : c.findings) {
        nlohmann::ordered_json corrections = nlohmann::ordered_json::object();
        for (int i = 0; i < markCount; ++i)
            if (const auto& by = f.corrections[markAt(i)])
                corrections[std::string(idOf(markAt(i)))] = {by->x(), by->y()};
        for (int i = 0; i < expressionMarkCount; ++i)
            if (const auto& by = f.expressionCorrections[expressionMarkAt(i)])
                corrections[std::string(idOf(expressionMarkAt(i)))] = {by->x(), by->y()};
        nlohmann::ordered_json outline = nlohmann::ordered_json::array();
        for (const OutlineMove& move : f.outline)
            outline.push_back({move.drawn.x(), move.drawn.y(), move.belongs.x(), move.belongs.y()});
        j["findings"].push_back({{"id", f.id},
                                 {"rank", f.rank},
                                 {"severity", severityWord(f.severity)},
                                 {"text", textOf(f)},
                                 {"doubt", doubtOf(f.figures)},
                                 {"measure", measureOf(f)},
                                 {"hand_check", handCheckWords(c, f)},
                                 {"corrections", corrections},
                                 {"outline", outline}});
    }
    j["look_over"] = nlohmann::ordered_json::array();
    for (const AnyMark mark : marksToLookOver(c, sketch, tolerances))
        j["look_over"].push_back(std::visit([](auto m) { return idOf(m); }, mark));
    return jsonText(j);
}

} // namespace zokran
