#include "app/view_modes/view_mode.h"

namespace zokran {

const std::vector<std::unique_ptr<ViewMode>>& viewModes() {
    static const std::vector<std::unique_ptr<ViewMode>> ways = [] {
        std::vector<std::unique_ptr<ViewMode>> made;
        for (MakeViewMode* make : {ZOKRAN_VIEW_MODES})
            made.push_back(make());
        return made;
    }();
    return ways;
}

const ViewMode& currentViewMode(const Desk& desk) {
    for (const auto& way : viewModes())
        if (way->id() == desk.viewMode.mode() && (desk.comparison() || !way->needsComparison()))
            return *way;
    return *viewModes().front();
}

} // namespace zokran
