#pragma once

#include "app/document/desk.h"

namespace zokran {

/// The finding the check shows, or the first that is told; null where nothing is told, or nothing compared.
const Finding* shownFinding(const Desk& desk);

/// Shows the finding so many further on, or back; it stops at the first and the last.
void stepFindings(Desk& desk, int by);

} // namespace zokran
