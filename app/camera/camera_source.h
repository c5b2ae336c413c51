#pragma once

#include <QImage>
#include <QObject>
#include <QString>
#include <functional>
#include <memory>
#include <vector>

namespace zokran {

/// What gives moving pictures: a camera of this computer, or one that is simulated.
class CameraSource : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;
    virtual void start() = 0;
    virtual void stop() = 0;

signals:
    /// A picture as it came, upright and as large as the camera gives it.
    void frame(const QImage& picture);
    /// It cannot be used, and why in one sentence.
    void failed(const QString& why);
};

/// A camera that can be chosen.
struct Camera {
    QString name;
    std::function<std::unique_ptr<CameraSource>()> make;
};
/// Those of this computer, and the folder that stands in for one where there is such a folder (`setCameraFolder`).
std::vector<Camera> cameras();
/// A folder of pictures to be played as a camera, for the demo and for tests; none for an empty one.
void setCameraFolder(const QString& folder);

/// Plays the pictures of a folder by their names, each for `each` ms, and stays at the last: a drawing as it grows, with
/// hands and lamps passing.
std::unique_ptr<CameraSource> makeFolderCamera(const QString& folder, int each);

} // namespace zokran
