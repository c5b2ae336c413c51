#pragma once

#include <QString>

class QApplication;

namespace zokran {

class MainWindow;

/// Leaves one PNG of each main view in `folder`; false when one could not be written.
bool takePictures(QApplication& app, MainWindow& window, const QString& folder);

} // namespace zokran
