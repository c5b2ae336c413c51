#include "core/files/progress_file.h"

#include "core/base/json_file.h"

#include <fmt/chrono.h>

namespace zokran {

namespace {

nlohmann::ordered_json intervalJson(const Interval& i) {
    return {{"mean", i.mean}, {"low", i.low}, {"high", i.high}, {"count", i.count}};
}
nlohmann::ordered_json slopeJson(const std::optional<Line>& line) {
    if (!line)
        return nullptr;
    return {{"slope", line->slope.mean},
            {"low", line->slope.low},
            {"high", line->slope.high},
            {"intercept", line->intercept.mean},
            {"count", line->count}};
}

} // namespace

std::string progressText(const Progress& p) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-progress";
    j["version"] = 1;
    j["studies"] = p.drawings;
    j["straightening"] = slopeJson(p.straightening);
    j["straightening_of_tilt"] = slopeJson(p.straighteningOfTilt);
    j["bias"] = nlohmann::ordered_json::object();
    for (int i = 0; i < markCount; ++i)
        if (const auto& bias = p.bias[markAt(i)])
            j["bias"][std::string(idOf(markAt(i)))] = {{"up", intervalJson(bias->up)},
                                                      {"across", intervalJson(bias->across)},
                                                      {"scatter", bias->scatter}};
    j["trend"] = slopeJson(p.trend); // % of the head's height a day
    if (p.trend)
        j["trend"]["unit"] = "percent_of_head_per_day";
    j["guess"] = {{"turn", slopeJson(p.guessing)},
                  {"miss_degrees", p.guessMiss ? intervalJson(*p.guessMiss) : nullptr}};
    j["own_eye"] = {{"asked", p.askedEye}, {"agreed", p.agreedEye}};
    j["habits"] = nlohmann::ordered_json::array();
    for (const HabitSeen& h : p.habits)
        j["habits"].push_back({{"id", std::string(h.habit->id)},
                               {"mean", intervalJson(h.mean)},
                               {"same_way", h.sameWay},
                               {"changes", h.changes},
                               {"before", h.before},
                               {"lately", h.lately}});
    j["coverage"] = nlohmann::ordered_json::array();
    for (const PoseCell& c : p.poses)
        j["coverage"].push_back({{"turn", {c.turnLow, c.turnHigh}}, {"tilt", {c.tiltLow, c.tiltHigh}}, {"count", c.count}});
    return jsonText(j);
}

std::string progressTable(const std::vector<Drawing>& drawings) {
    std::string table = "drawn,seen_turn,seen_tilt,seen_lean,drawn_turn,drawn_tilt,drawn_lean,minutes";
    for (int i = 0; i < markCount; ++i)
        table += fmt::format(",{0}_up,{0}_across", idOf(markAt(i)));
    table += "\r\n";
    for (const Drawing& d : drawings) {
        table += fmt::format("{:%Y-%m-%dT%H:%M:%SZ}",
                             fmt::gmtime(std::chrono::system_clock::to_time_t(d.drawn)));
        for (const Radians& a : {d.seen.turn, d.seen.tilt, d.seen.lean, d.asDrawn.turn, d.asDrawn.tilt,
                                 d.asDrawn.lean})
            table += fmt::format(",{:.2f}", inDegrees(a));
        table += d.took.count() ? fmt::format(",{:.1f}", static_cast<double>(d.took.count()) / 60) : ",";
        for (int i = 0; i < markCount; ++i)
            table += d.off[markAt(i)] ? fmt::format(",{:.3f},{:.3f}", d.off[markAt(i)]->up,
                                                    d.off[markAt(i)]->across)
                                      : ",,";
        table += "\r\n";
    }
    return table;
}

} // namespace zokran
