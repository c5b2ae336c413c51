#pragma once

#include "app/sheet/scene.h"

namespace zokran {

/// Saves what lies on a sheet, painted for white paper: a PDF with true lines where the name ends
/// in .pdf, else a PNG of 1600 px. Throws StorageError naming the file and the cause; what was
/// there before stays then.
void saveScene(const Scene& scene, const QString& file);

/// What the file chooser offers.
QString sheetFileFilter();

} // namespace zokran
