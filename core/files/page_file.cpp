#include "core/files/page_file.h"

#include "core/base/json_file.h"
#include "core/page/rectify.h"

namespace zokran {

namespace {

PageRectification parseFlat(const nlohmann::json& j, const std::string& name) {
    const auto pair = [&](const nlohmann::json& from, const char* what, double least, double most) {
        if (!from.is_array() || from.size() != 2 || !from[0].is_number() || !from[1].is_number())
            throw BadInput(fmt::format("{}: \"{}\" must be two numbers", name, what));
        const Eigen::Vector2d v(from[0].get<double>(), from[1].get<double>());
        if (!(v.minCoeff() >= least && v.maxCoeff() <= most))
            throw BadInput(fmt::format("{}: \"{}\" lies out of all bounds", name, what));
        return v;
    };
    const auto at = [&](const char* what) {
        if (!j.contains(what))
            throw BadInput(fmt::format("{}: \"{}\" is missing", name, what));
        return j[what];
    };
    PageRectification flat;
    const nlohmann::json corners = at("corners");
    if (!corners.is_array() || corners.size() != 4)
        throw BadInput(fmt::format("{}: \"corners\" must be four points", name));
    for (std::size_t i = 0; i < 4; ++i)
        flat.corners[i] = SketchPoint(pair(corners[i], "corners", -1e6, 1e6));
    const Eigen::Vector2d paper = pair(at("paper_mm"), "paper_mm", 1, 1e5);
    flat.paper = {{paper.x()}, {paper.y()}};
    const Eigen::Vector2d photo = pair(at("photo_px"), "photo_px", 1, 1e5);
    flat.photoWidth = static_cast<int>(photo.x());
    flat.photoHeight = static_cast<int>(photo.y());
    flat.evened = j.contains("evened") && j["evened"].is_boolean() && j["evened"].get<bool>();
    if (j.contains("paper_tone")) {
        if (j["paper_tone"] != "white" && j["paper_tone"] != "toned")
            throw BadInput(fmt::format("{}: \"paper_tone\" must be \"white\" or \"toned\"", name));
        flat.tone = j["paper_tone"] == "white" ? PaperChoice::White : PaperChoice::Toned;
    }
    toPaper(flat.corners, flat.paper); // refuses corners that make no sheet
    return flat;
}

} // namespace

std::string pageText(const Page& page) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-page";
    j["version"] = 1;
    j["shown_width_mm"] = nullptr;
    if (page.shownWidth)
        j["shown_width_mm"] = page.shownWidth->value;
    if (page.flat) {
        j["corners"] = nlohmann::ordered_json::array();
        for (const SketchPoint& c : page.flat->corners)
            j["corners"].push_back({c.x(), c.y()});
        j["paper_mm"] = {page.flat->paper.width, page.flat->paper.height};
        j["photo_px"] = {page.flat->photoWidth, page.flat->photoHeight};
        j["evened"] = page.flat->evened;
        if (page.flat->tone != PaperChoice::AsItShows)
            j["paper_tone"] = page.flat->tone == PaperChoice::White ? "white" : "toned";
    }
    return jsonText(j);
}

Page parsePage(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-page");
    Page page;
    if (j.contains("shown_width_mm") && j["shown_width_mm"].is_number()) {
        const double mm = j["shown_width_mm"].get<double>();
        if (!(mm > 0 && mm < 1e5))
            throw BadInput(fmt::format("{}: \"shown_width_mm\" must lie above zero", name));
        page.shownWidth = Millimetres{mm};
    }
    if (j.contains("corners"))
        page.flat = parseFlat(j, name);
    return page;
}

} // namespace zokran
