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

const ViewMode& currentViewMode(const StudySession& session) {
    for (const auto& way : viewModes())
        if (way->id() == session.viewMode.mode() && (session.comparison() || !way->needsComparison()))
            return *way;
    return *viewModes().front();
}

} // namespace zokran
