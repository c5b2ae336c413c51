#include "core/files/guides_file.h"

#include "core/base/json_file.h"

namespace zokran {

std::string guidesText(const std::string& canonId, std::string_view formId,
                       const std::vector<GuideLine>& lines, const Levels& levels) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-guides";
    j["version"] = 1;
    j["canon"] = canonId;
    j["form"] = formId;
    j["lines"] = nlohmann::ordered_json::array();
    for (const GuideLine& line : lines) {
        nlohmann::ordered_json points = nlohmann::ordered_json::array();
        for (const PicturePoint& p : line.points)
            points.push_back({p.x(), p.y()});
        j["lines"].push_back({{"id", line.id}, {"hidden", line.hidden}, {"points", points}});
    }
    j["levels"] = {{"hairline", levels.hairline.value}, {"brow", levels.brow.value},
                   {"eye", levels.eye.value},           {"nose_base", levels.noseBase.value},
                   {"mouth", levels.mouth.value},       {"chin", levels.chin.value},
                   {"crown", levels.crown.value}};
    return jsonText(j);
}

std::string guidesSvg(const std::vector<GuideLine>& lines, int width, int height) {
    std::string svg = fmt::format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0}\" "
                                  "height=\"{1}\" viewBox=\"0 0 {0} {1}\">\n",
                                  width, height);
    const double unit = std::max(width, height) / 800.0;
    for (const GuideLine& line : lines) {
        svg +=
            fmt::format("<polyline id=\"{}{}\" fill=\"none\" stroke=\"{}\" stroke-width=\"{:.2f}\"",
                        line.id, line.hidden ? "_hidden" : "",
                        line.kind == LineKind::Construction ? "#a8402c" : "#2f5f8a",
                        unit * (line.hidden ? 1.0 : 2.0));
        if (line.hidden)
            svg += fmt::format(" stroke-opacity=\"0.5\" stroke-dasharray=\"{0:.1f} {0:.1f}\"",
                               5 * unit);
        svg += " points=\"";
        for (const PicturePoint& p : line.points)
            svg += fmt::format("{:.2f},{:.2f} ", p.x(), p.y());
        svg += "\"/>\n";
    }
    return svg + "</svg>\n";
}

} // namespace zokran
