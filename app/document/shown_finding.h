#pragma once

#include "app/document/open_study.h"

namespace zokran {

/// The finding the check shows, or the first that is told; null where nothing is told, or nothing compared.
const Finding* shownFinding(const OpenStudy& opened);

/// Shows the finding so many further on, or back; it stops at the first and the last.
void stepFindings(OpenStudy& opened, int by);

} // namespace zokran
