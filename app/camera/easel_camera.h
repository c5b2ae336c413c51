#pragma once

#include "app/background/background.h"
#include "app/camera/camera_source.h"
#include "core/page/find_page.h"
#include "core/page/stillness.h"

#include <QElapsedTimer>
#include <QTimer>

namespace zokran {

/// A camera over the easel or the page: finds the page in what it sees, and takes a picture by hand, by the clock, or when
/// the hand has left the page and nothing moves.
class EaselCamera : public QObject {
    Q_OBJECT

public:
    enum class When { ByHand, WhenStill, ByClock };

    explicit EaselCamera(QObject* parent = nullptr);

    /// Looks through this camera instead of the one before.
    void watch(std::unique_ptr<CameraSource> source);
    void stop();
    /// `every`: by the clock.
    void setWhen(When when, std::chrono::minutes every = std::chrono::minutes(5));
    /// Takes what is seen now.
    void take();

    /// What is seen last, and the page in it, px of the picture; nothing while none is surely seen.
    const QImage& picture() const { return picture_; }
    const std::optional<PageCorners>& page() const { return page_; }
    bool isStill() const { return stillness_.isStill(); }

signals:
    /// Another frame has come, or the page in it was found.
    void seen();
    void taken(const QImage& picture);
    void failed(const QString& why);

private:
    void add(const QImage& frame);
    void lookForPage(const QImage& frame);
    void takeWhenWanted();

    std::unique_ptr<CameraSource> source_;
    QImage picture_;
    std::optional<PageCorners> page_;
    qint64 pageOf_ = 0; ///< the key of the picture in which the page was looked for
    bool isDue_ = false; ///< the clock has struck
    When when_ = When::WhenStill;
    StillnessDetector stillness_;
    QElapsedTimer since_;
    QTimer clock_;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
