#include "app/camera/camera_source.h"

#include <QCamera>
#include <QCameraDevice>
#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QImageReader>
#include <QMediaCaptureSession>
#include <QMediaDevices>
#include <QTimer>
#include <QVideoFrame>
#include <QVideoSink>

namespace zokran {

namespace {

QString& cameraFolder() {
    static QString folder;
    return folder;
}

/// Frames a second are few: a page changes slowly, and drawing is not to be slowed.
constexpr int betweenFrames = 250; ///< ms

class DeviceCamera : public CameraSource {
public:
    explicit DeviceCamera(const QCameraDevice& device) : camera_(device) {
        session_.setCamera(&camera_);
        session_.setVideoSink(&sink_);
        connect(&camera_, &QCamera::errorOccurred, this, [this](QCamera::Error error, const QString& why) {
            if (error != QCamera::NoError)
                emit failed(QCoreApplication::translate("CameraSource", "The camera cannot be used: %1").arg(why));
        });
        connect(&sink_, &QVideoSink::videoFrameChanged, this, [this](const QVideoFrame& given) {
            if (sinceLast_.isValid() && sinceLast_.elapsed() < betweenFrames)
                return;
            sinceLast_.start();
            if (const QImage picture = given.toImage(); !picture.isNull())
                emit frame(picture);
        });
    }
    void start() override { camera_.start(); }
    void stop() override { camera_.stop(); }

private:
    QCamera camera_;
    QMediaCaptureSession session_;
    QVideoSink sink_;
    QElapsedTimer sinceLast_;
};

class FolderCamera : public CameraSource {
public:
    FolderCamera(const QString& folder, int each) : folder_(folder), each_(each) {
        timer_.setInterval(betweenFrames);
        connect(&timer_, &QTimer::timeout, this, &FolderCamera::play);
    }
    void start() override {
        pictures_ = QDir(folder_).entryInfoList({"*.jpg", "*.jpeg", "*.png"}, QDir::Files, QDir::Name);
        if (pictures_.isEmpty()) {
            emit failed(QCoreApplication::translate("CameraSource", "%1: there is no picture to be played").arg(folder_));
            return;
        }
        began_.start();
        shown_ = -1;
        timer_.start();
        play();
    }
    void stop() override { timer_.stop(); }

private:
    void play() {
        const auto last = static_cast<qint64>(pictures_.size()) - 1;
        const auto at = static_cast<int>(std::min(last, began_.elapsed() / each_));
        if (at != shown_) {
            QImageReader reader(pictures_[at].filePath());
            reader.setAutoTransform(true);
            picture_ = reader.read();
            shown_ = at;
        }
        if (picture_.isNull())
            emit failed(QCoreApplication::translate("CameraSource", "%1: the picture cannot be read").arg(pictures_[at].filePath()));
        else
            emit frame(picture_);
    }

    QString folder_;
    int each_, shown_ = -1;
    QFileInfoList pictures_;
    QImage picture_;
    QElapsedTimer began_;
    QTimer timer_;
};

constexpr int usualPicture = 4000; ///< ms, of the folder that is chosen as a camera

} // namespace

std::unique_ptr<CameraSource> makeFolderCamera(const QString& folder, int each) {
    return std::make_unique<FolderCamera>(folder, each);
}

void setCameraFolder(const QString& folder) {
    cameraFolder() = folder;
}

std::vector<Camera> cameras() {
    std::vector<Camera> all;
    if (const QString folder = cameraFolder(); !folder.isEmpty())
        all.push_back({QCoreApplication::translate("CameraSource", "Simulated: the pictures of a folder"),
                       [folder] { return makeFolderCamera(folder, usualPicture); }});
    for (const QCameraDevice& device : QMediaDevices::videoInputs())
        all.push_back({device.description(), [device] { return std::make_unique<DeviceCamera>(device); }});
    return all;
}

} // namespace zokran
