#include "core/files/page_file.h"

#include "core/base/json_file.h"

namespace zokran {

std::string pageText(const Page& page) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-page";
    j["version"] = 1;
    j["shown_width_mm"] = nullptr;
    if (page.shownWidth)
        j["shown_width_mm"] = page.shownWidth->value;
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
    return page;
}

} // namespace zokran
