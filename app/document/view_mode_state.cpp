#include "app/document/view_mode_state.h"

#include <QApplication>
#include <QStyle>
#include <cmath>

namespace zokran {

namespace {

constexpr int beatTime = 700; ///< ms, slow enough to see each picture
constexpr int keptPictures = 4;

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

} // namespace zokran
