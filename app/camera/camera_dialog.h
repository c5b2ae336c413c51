#pragma once

#include "app/camera/easel_camera.h"
#include "app/document/document.h"

#include <QDialog>
#include <QTemporaryDir>

class QComboBox;
class QLabel;

namespace zokran {

class CameraPreview;

/// The sheet with what a camera over the easel sees. While it is open, and no longer, the camera runs.
class CameraDialog : public QDialog {
    Q_OBJECT

public:
    explicit CameraDialog(Document& document, QWidget* parent = nullptr);

    const EaselCamera& camera() const { return camera_; }

signals:
    /// A picture was taken and lies in this file.
    void arrived(const QString& file, Side side);

private:
    void choose(int camera);
    void keep(const QImage& picture);
    void showState();

    Document& document_;
    QTemporaryDir taken_; ///< pictures lie here until the logbook has its copy
    int count_ = 0;
    QString trouble_;
    std::vector<Camera> cameras_;
    EaselCamera camera_;
    CameraPreview* preview_;
    QComboBox *which_, *when_, *becomes_;
    QLabel* status_;
};

} // namespace zokran
