#include "app/document/shown_finding.h"

#include "core/compare/finding_lines.h"

#include <algorithm>

namespace zokran {

const Finding* shownFinding(const Desk& desk) {
    if (!desk.comparison())
        return nullptr;
    const auto told = toldFindings(*desk.comparison());
    if (told.empty())
        return nullptr;
    const auto at = static_cast<std::size_t>(std::max(0, desk.selection.check.finding()));
    return told[std::min(at, told.size() - 1)];
}

void stepFindings(Desk& desk, int by) {
    if (!desk.comparison())
        return;
    const int count = static_cast<int>(toldFindings(*desk.comparison()).size());
    desk.selection.check.showFinding(std::clamp(desk.selection.check.finding() + by, 0, std::max(0, count - 1)));
}

} // namespace zokran
