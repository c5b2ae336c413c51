#include "app/document/shown_finding.h"

#include "core/compare/finding_lines.h"

#include <algorithm>

namespace zokran {

const Finding* shownFinding(const OpenStudy& opened) {
    if (!opened.comparison())
        return nullptr;
    const auto told = toldFindings(*opened.comparison());
    if (told.empty())
        return nullptr;
    const auto at = static_cast<std::size_t>(std::max(0, opened.selection.check.finding()));
    return told[std::min(at, told.size() - 1)];
}

void stepFindings(OpenStudy& opened, int by) {
    if (!opened.comparison())
        return;
    const int count = static_cast<int>(toldFindings(*opened.comparison()).size());
    opened.selection.check.showFinding(std::clamp(opened.selection.check.finding() + by, 0, std::max(0, count - 1)));
}

} // namespace zokran
