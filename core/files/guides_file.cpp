#include "core/files/guides_file.h"

#include "core/base/json_file.h"
#include "core/construction/drawing_order.h"

#include <algorithm>

namespace zokran {

namespace {

/// Text as it stands in XML.
std::string inXml(const std::string& text) {
    std::string safe;
    for (const char c : text)
        if (c == '&')
            safe += "&amp;";
        else if (c == '<')
            safe += "&lt;";
        else
            safe += c;
    return safe;
}

/// Words broken into lines of at most so many letters.
std::vector<std::string> linesOf(const std::string& words, std::size_t most) {
    std::vector<std::string> lines{""};
    for (std::size_t at = 0; at < words.size();) {
        const std::size_t end = std::min(words.find(' ', at), words.size());
        if (!lines.back().empty() && lines.back().size() + 1 + end - at > most)
            lines.emplace_back();
        lines.back() += (lines.back().empty() ? "" : " ") + words.substr(at, end - at);
        at = end + 1;
    }
    return lines;
}

} // namespace

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
    j["levels"] = {{"hairline", levels.hairline},  {"brow", levels.brow},          {"eye", levels.eye},
                   {"nose_base", levels.noseBase}, {"mouth", levels.mouth},        {"chin", levels.chin},
                   {"crown", levels.crown},        {"lower_lip", levels.lowerLip}, {"ear_top", levels.earTop},
                   {"ear_base", levels.earBase}};
    j["widths"] = {{"head", widths.head}, {"eye", widths.eye},     {"gap", widths.gap},
                   {"nose", widths.nose}, {"mouth", widths.mouth}, {"brow", widths.brow}};
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

std::string movingGuidesSvg(const std::vector<GuideLine>& lines, Pixels radius, const std::vector<std::string>& steps,
                            int width, int height, double seconds) {
    const int words = height / 9; // room under the drawing
    std::string svg = fmt::format(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{0}\" height=\"{1}\" viewBox=\"0 0 {0} {1}\">\n"
        "<style>\n"
        "polyline {{ fill: none; stroke-linecap: round; stroke-linejoin: round; stroke-dasharray: 1; stroke-dashoffset: 1;\n"
        "  animation: draw 1s linear forwards; }}\n"
        "text {{ font-family: sans-serif; text-anchor: middle; fill: #33312e; opacity: 0; animation: say 1s linear; }}\n"
        "@keyframes draw {{ to {{ stroke-dashoffset: 0; }} }}\n"
        "@keyframes say {{ from {{ opacity: 1; }} to {{ opacity: 1; }} }}\n"
        "@media (prefers-reduced-motion: reduce) {{ polyline {{ animation: none; stroke-dashoffset: 0; }}\n"
        "  text {{ animation: none; }} }}\n"
        "</style>\n"
        "<rect width=\"100%\" height=\"100%\" fill=\"#fbf7ee\"/>\n",
        width, height + words);
    const double unit = std::max(width, height) / 800.0;
    const std::vector<StrokeTime> strokes = drawingOrder(lines, radius);
    for (const StrokeTime& stroke : strokes) {
        const GuideLine& line = lines[stroke.line];
        svg += fmt::format("<polyline pathLength=\"1\" stroke=\"{}\" stroke-width=\"{:.2f}\" stroke-opacity=\"{}\" "
                           "style=\"animation-delay: {:.2f}s; animation-duration: {:.2f}s\" points=\"",
                           line.kind == LineKind::Construction ? "#a8402c" : "#2f5f8a",
                           unit * (line.hidden || line.light ? 1.0 : 2.0), line.hidden ? 0.3 : line.light ? 0.6 : 1.0,
                           seconds * stroke.begin, seconds * (stroke.end - stroke.begin));
        for (const PicturePoint& p : line.points)
            svg += fmt::format("{:.2f},{:.2f} ", p.x(), p.y());
        svg += "\"/>\n";
    }
    for (std::size_t i = 0; i < steps.size(); ++i) {
        const auto isOf = [&](const StrokeTime& s) { return s.step == static_cast<int>(i) + 1; };
        const auto first = std::find_if(strokes.begin(), strokes.end(), isOf);
        if (first == strokes.end())
            continue;
        const auto next = std::find_if(first, strokes.end(), [&](const StrokeTime& s) { return !isOf(s); });
        const double from = first == strokes.begin() ? 0 : first->begin;
        // The last words stay.
        const double until = next == strokes.end() ? 1e6 : next->begin;
        svg += fmt::format("<text x=\"{}\" y=\"{:.1f}\" font-size=\"{:.1f}\" style=\"animation-delay: {:.2f}s; "
                           "animation-duration: {:.2f}s\">",
                           width / 2, height + 0.1 * words, 19 * unit, seconds * from, seconds * (until - from));
        for (const std::string& part : linesOf(fmt::format("{}. {}", i + 1, steps[i]), 64))
            svg += fmt::format("<tspan x=\"{}\" dy=\"{:.1f}\">{}</tspan>", width / 2, 24 * unit, inXml(part));
        svg += "</text>\n";
    }
    return svg + "</svg>\n";
}

} // namespace zokran
