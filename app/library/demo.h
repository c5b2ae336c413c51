#pragma once

#include "logbook/logbook.h"

namespace zokran {

/// Fills an empty logbook with the studies of data/demo. A logbook that holds anything is left as
/// it is. Throws BadInput when the demo's files are not there.
void fillWithDemo(Logbook& logbook);

} // namespace zokran
