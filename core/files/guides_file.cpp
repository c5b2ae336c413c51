#include "core/files/guides_file.h"

#include "core/base/json_file.h"

namespace zokran {

std::string guidesText(const std::string& canonId, std::string_view formId,
                       const std::vector<GuideLine>& lines, const Levels& levels,
                       const Widths& widths) {
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
        nlohmann::ordered_json l = {{"id", line.id}, {"hidden", line.hidden}, {"points", points}};
        if (line.step > 0) {
            l["step"] = line.step;
            l["light"] = line.light;
        }
        if (!line.label.empty())
            l["label"] = line.label;
        j["lines"].push_back(std::move(l));
    }
    j["levels"] = {{"hairline", levels.hairline.value}, {"brow", levels.brow.value},
                   {"eye", levels.eye.value},           {"nose_base", levels.noseBase.value},
                   {"mouth", levels.mouth.value},       {"chin", levels.chin.value},
                   {"crown", levels.crown.value},       {"lower_lip", levels.lowerLip.value},
                   {"ear_top", levels.earTop.value},    {"ear_base", levels.earBase.value}};
    j["widths"] = {{"head", widths.head.value},   {"eye", widths.eye.value},
                   {"gap", widths.gap.value},     {"nose", widths.nose.value},
                   {"mouth", widths.mouth.value}, {"brow", widths.brow.value}};
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
                        unit * (line.hidden || line.light ? 1.0 : 2.0));
        if (line.hidden)
            svg += fmt::format(" stroke-opacity=\"0.5\" stroke-dasharray=\"{0:.1f} {0:.1f}\"",
                               5 * unit);
        svg += " points=\"";
        for (const PicturePoint& p : line.points)
            svg += fmt::format("{:.2f},{:.2f} ", p.x(), p.y());
        svg += "\"/>\n";
        if (!line.label.empty())
            svg += fmt::format("<text x=\"{:.2f}\" y=\"{:.2f}\" font-size=\"{:.1f}\" "
                               "font-family=\"sans-serif\" text-anchor=\"middle\">{}</text>\n",
                               line.points.front().x(), line.points.front().y(), 12 * unit,
                               line.label);
    }
    return svg + "</svg>\n";
}

} // namespace zokran
