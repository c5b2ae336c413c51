#pragma once

#include <QString>

namespace zokran {

/// True when a JPEG file is whole: its segments and scans lead to the end marker. Bytes after
/// it, such as a telephone's short film, are ignored; a file that was cut short, which
/// decoders take in with grey below the cut, never gets there. Source of the format: ITU-T T.81,
/// annex B; from memory.
bool reachesItsEnd(const QString& file);

} // namespace zokran
