#pragma once

#include "logbook/database.h"

namespace zokran {

/// The version a logbook has once it is up to date.
int schemaVersion();

/// Brings a logbook up to date, each step as one transaction. Throws StorageError when a newer
/// program wrote it.
void bringUpToDate(const Database& database);

} // namespace zokran
