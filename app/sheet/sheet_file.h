#pragma once

#include "app/sheet/scene.h"

namespace zokran {

/// What lies on a sheet as a picture of 1600 px, painted for white paper.
QImage sceneImage(const Scene& scene);

/// Saves what lies on a sheet, painted for white paper: true lines where the name ends in .pdf or .svg, else a
/// PNG of 1600 px. Throws StorageError naming the file and the cause; what was
/// there before stays then.
void saveScene(const Scene& scene, const QString& file);

/// What the file chooser offers.
QString sheetFileFilter();

} // namespace zokran
