#include "app/document/view_mode_state.h"

#include "core/light/squint.h"

#include <QApplication>
#include <QStyle>
#include <cmath>
#include <opencv2/core.hpp>

namespace zokran {

namespace {

constexpr int beatTime = 700; ///< ms, slow enough to see each picture
constexpr int keptPictures = 4;
constexpr int values = 4; ///< light, two halftones, dark

QImage squint(const QImage& picture) {
    const QImage rgb = shrunk(picture).convertToFormat(QImage::Format_RGB32);
    const cv::Mat pixels(rgb.height(), rgb.width(), CV_8UC4, const_cast<uchar*>(rgb.constBits()),
                         static_cast<std::size_t>(rgb.bytesPerLine()));
    const cv::Mat grey = squinted(pixels, values);
    return QImage(grey.data, grey.cols, grey.rows, static_cast<qsizetype>(grey.step),
                  QImage::Format_Grayscale8)
        .convertToFormat(QImage::Format_RGB32);
}

} // namespace

QImage shrunk(const QImage& of, double mostPixels) {
    const double share = std::sqrt(mostPixels / std::max(1.0, 1.0 * of.width() * of.height()));
    return share < 1 ? of.scaled(of.size() * share, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                     : of;
}

ViewModeState::ViewModeState(QObject* parent) : QObject(parent) {
    connect(&plaster, &PlasterHeads::changed, this, &ViewModeState::changed);
    connect(&mended, &MendedPicture::changed, this, &ViewModeState::changed);
    timer_.setInterval(beatTime);
    connect(&timer_, &QTimer::timeout, this, [this] {
        beat_ = !beat_;
        emit changed();
    });
}

void ViewModeState::choose(const std::string& mode, double usualAmount) {
    amounts_.try_emplace(mode, usualAmount);
    timer_.stop();
    beat_ = mode == mode_ && !beat_;
    mode_ = mode;
    emit changed();
}

void ViewModeState::startBeating() {
    if (qApp->style()->styleHint(QStyle::SH_Widget_Animation_Duration) > 0 && !timer_.isActive())
        timer_.start();
}

double ViewModeState::amount() const {
    const auto known = amounts_.find(mode_);
    return known == amounts_.end() ? 0.5 : known->second;
}

void ViewModeState::setAmount(double amount) {
    amounts_[mode_] = amount;
    emit changed();
}

void ViewModeState::setOption(bool on) {
    option_ = on;
    emit changed();
}

QImage ViewModeState::small(const QImage& of) {
    if (of.isNull())
        return of;
    if (const auto known = small_.constFind(of.cacheKey()); known != small_.cend())
        return *known;
    if (small_.size() >= keptPictures)
        small_.clear();
    return small_[of.cacheKey()] = shrunk(of);
}

QImage ViewModeState::squinted(const QImage& of) {
    if (of.isNull())
        return of;
    const qint64 key = of.cacheKey();
    if (const auto known = squinted_.constFind(key); known != squinted_.cend())
        return *known;
    if (squinted_.size() >= keptPictures)
        squinted_.clear();
    squinted_[key] = {};
    work_.run([picture = of](const Background::Stop&) { return squint(picture); },
              [this, key](const QImage& made) {
                  squinted_[key] = made;
                  emit changed();
              });
    return {};
}

} // namespace zokran
