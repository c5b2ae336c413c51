#pragma once

#include "app/document/desk.h"

namespace zokran {

/// The finding the check shows, or the first that is told; null where nothing is told, or nothing compared.
const Finding* shownFinding(const Desk& desk);

} // namespace zokran
