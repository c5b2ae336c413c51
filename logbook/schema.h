#pragma once

#include "logbook/database.h"

namespace zokran {

/// The version a logbook has once it is up to date.
int schemaVersion();

/// The version an open logbook says it is of; below zero only where its header is damaged.
int versionOf(const Database& database);

/// Up to this version studies lay in columns, see study_columns.h.
int lastVersionInColumns();

/// Brings a logbook up to date, each step as one transaction. Throws StorageError when a newer
/// program wrote it.
void bringUpToDate(const Database& database);

} // namespace zokran
