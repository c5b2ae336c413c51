#include "app/camera/easel_camera.h"

#include <opencv2/core.hpp>

namespace zokran {

namespace {

constexpr int stillnessWidth = 240, pageSide = 900; ///< px of the copies that are looked at

GreyFrame greyFrame(const QImage& picture) {
    const QImage grey = picture.scaledToWidth(stillnessWidth, Qt::SmoothTransformation).convertToFormat(QImage::Format_Grayscale8);
    GreyFrame frame{grey.width(), grey.height(), {}};
    frame.pixels.reserve(static_cast<std::size_t>(grey.width()) * static_cast<std::size_t>(grey.height()));
    for (int y = 0; y < grey.height(); ++y)
        frame.pixels.insert(frame.pixels.end(), grey.constScanLine(y), grey.constScanLine(y) + grey.width());
    return frame;
}

/// Safe off the UI thread.
std::optional<PageCorners> pageIn(const QImage& picture) {
    const QImage small = picture.scaled(pageSide, pageSide, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                             .convertToFormat(QImage::Format_BGR888);
    const cv::Mat seen(small.height(), small.width(), CV_8UC3, const_cast<uchar*>(small.constBits()),
                       static_cast<std::size_t>(small.bytesPerLine()));
    const auto found = findPage(seen);
    constexpr double surely = 0.5;
    if (!found || found->sure < surely)
        return std::nullopt;
    PageCorners corners = found->corners;
    for (SketchPoint& corner : corners)
        corner *= 1.0 * picture.width() / small.width();
    return corners;
}

} // namespace

EaselCamera::EaselCamera(QObject* parent) : QObject(parent) {
    connect(&clock_, &QTimer::timeout, this, [this] { isDue_ = true; });
}

void EaselCamera::watch(std::unique_ptr<CameraSource> source) {
    stop();
    source_ = std::move(source);
    stillness_ = StillnessDetector();
    since_.start();
    connect(source_.get(), &CameraSource::frame, this, &EaselCamera::add);
    connect(source_.get(), &CameraSource::failed, this, &EaselCamera::failed);
    source_->start();
}

void EaselCamera::stop() {
    work_.cancel();
    if (source_)
        source_->stop();
    source_.reset();
    page_.reset();
    picture_ = {};
}

void EaselCamera::setWhen(When when, std::chrono::minutes every) {
    when_ = when;
    isDue_ = false;
    if (when == When::ByClock)
        clock_.start(every);
    else
        clock_.stop();
}

void EaselCamera::take() {
    if (picture_.isNull())
        return;
    stillness_.taken();
    isDue_ = false;
    emit taken(picture_);
}

void EaselCamera::add(const QImage& frame) {
    picture_ = frame;
    stillness_.add(greyFrame(frame), std::chrono::milliseconds(since_.elapsed()));
    if (!work_.isRunning() && pageOf_ != frame.cacheKey())
        lookForPage(frame);
    takeWhenWanted();
    emit seen();
}

void EaselCamera::lookForPage(const QImage& frame) {
    work_.run([frame](const Background::Stop&) { return pageIn(frame); },
              [this, key = frame.cacheKey()](const std::optional<PageCorners>& page) {
                  page_ = page;
                  pageOf_ = key;
                  emit seen();
              });
}

void EaselCamera::takeWhenWanted() {
    const bool isWanted = when_ == When::WhenStill || (when_ == When::ByClock && isDue_);
    if (isWanted && page_ && stillness_.isStill() && stillness_.hasChanged())
        take();
}

} // namespace zokran
