#include "core/files/measures_file.h"

#include "core/base/json_file.h"

namespace zokran {

namespace {

PicturePoint placeFrom(const nlohmann::json& j, const std::string& name) {
    const PicturePoint at(j.at(0).get<double>(), j.at(1).get<double>());
    if (!at.allFinite() || at.cwiseAbs().maxCoeff() > 1e6)
        throw BadInput(fmt::format("{}: an end lies out of all bounds", name));
    return at;
}

} // namespace

std::string measuresText(const std::vector<Measurement>& measures) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-measures";
    j["version"] = 1;
    j["measures"] = nlohmann::ordered_json::array();
    for (const Measurement& m : measures) {
        auto ends = nlohmann::ordered_json::array();
        for (const Anchor& a : m.anchors) {
            if (a.mark)
                ends.push_back(std::string(idOf(*a.mark)));
            else if (!a.elsewhere && !a.sketch)
                ends.push_back({a.at.x(), a.at.y()});
            else {
                nlohmann::ordered_json end;
                end["at"] = {a.at.x(), a.at.y()};
                if (a.elsewhere)
                    end["elsewhere"] = {a.elsewhere->x(), a.elsewhere->y()};
                if (a.sketch)
                    end["sketch"] = *a.sketch;
                ends.push_back(end);
            }
        }
        nlohmann::ordered_json one = {
            {"kind", m.kind}, {"on", m.onSketch ? "sketch" : "reference"}, {"ends", ends}};
        if (!m.name.empty())
            one["name"] = m.name;
        if (m.guessed)
            one["guessed"] = *m.guessed;
        j["measures"].push_back(one);
    }
    return jsonText(j);
}

std::vector<Measurement> parseMeasures(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-measures");
    constexpr std::size_t mostEnds = 64;
    std::vector<Measurement> measures;
    try {
        for (const nlohmann::json& from : j.at("measures")) {
            Measurement m;
            m.kind = measureKindNamed(from.at("kind").get<std::string>()).id;
            m.onSketch = from.at("on").get<std::string>() == "sketch";
            m.name = from.value("name", "");
            if (from.contains("guessed"))
                m.guessed = from.at("guessed").get<double>();
            for (const nlohmann::json& end : from.at("ends")) {
                Anchor a;
                if (end.is_string()) {
                    a.mark = markNamed(end.get<std::string>());
                    if (!a.mark)
                        throw BadInput(fmt::format("{}: there is no mark {}", name, end.dump()));
                } else if (end.is_object()) {
                    a.at = placeFrom(end.at("at"), name);
                    if (end.contains("elsewhere"))
                        a.elsewhere = placeFrom(end["elsewhere"], name);
                    if (end.contains("sketch"))
                        a.sketch = end["sketch"].get<std::size_t>();
                } else
                    a.at = placeFrom(end, name);
                m.anchors.push_back(a);
            }
            if (m.anchors.size() > mostEnds)
                throw BadInput(fmt::format("{}: a measurement has too many ends", name));
            measures.push_back(std::move(m));
        }
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    }
    return measures;
}

} // namespace zokran
