#pragma once

#include "logbook/database.h"
#include "logbook/study.h"

#include <cstdint>

namespace zokran {

/// Reads a study as logbooks up to version 8 kept it: in columns of the tables `study` and `attempt`, whose names then
/// end in `suffix`. A part that cannot be read is left out. Throws MissingStudy where there is none of this number, and
/// DamagedLogbook where its page cannot be read.
Study studyFromColumns(const Database& database, std::int64_t id, const char* suffix = "");

} // namespace zokran
