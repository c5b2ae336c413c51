#pragma once

#include "logbook/database.h"
#include "logbook/study.h"

#include <cstdint>

namespace zokran {

/// Writes a study's document and the columns that are searched and listed, into the row `id` that is there already, and
/// the rows of its sketches. What was computed of a sketch whose marks have changed is forgotten. Throws BadInput where
/// the study holds what could not be read back, and then nothing is written of it.
void putStudy(const Database& database, std::int64_t id, const Study& study);

/// Reads the study's document. Throws MissingStudy where there is none of this number, BadInput where it is no study.
Study takeStudy(const Database& database, std::int64_t id);

} // namespace zokran
