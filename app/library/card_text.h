#pragma once

#include "logbook/logbook.h"

#include <QString>

namespace zokran {

/// What stands under a study's picture on the shelf: its title, how the head is turned, what to mend first, and how far off
/// its marks lie.
QString cardText(const StudySummary& study);

} // namespace zokran
