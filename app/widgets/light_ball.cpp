#include "app/widgets/light_ball.h"

#include "app/widgets/theme.h"
#include "core/light/depth_buffer.h"
#include "core/base/tone.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

/// The ball's edge is 90° from the viewer, the band's 135°: so much larger is its radius.
constexpr double band = 1.5;

} // namespace

LightBall::LightBall(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setFixedSize(sizeHint());
    setCursor(Qt::PointingHandCursor);
    setAccessibleName(tr("Where the light stands"));
    setToolTip(tr("Drag the handle, or use the arrow keys"));
}

void LightBall::show(const Lighting& lighting) {
    if (lighting == lighting_)
        return;
    lighting_ = lighting;
    update();
}

double LightBall::radius() const {
    return (std::min(width(), height()) / 2.0 - 7) / band;
}

QPointF LightBall::placeOf(const LightDirection& light) const {
    const Eigen::Vector3d l = towardsLight(light);
    const double off = std::acos(std::clamp(l.z(), -1.0, 1.0)) / (std::numbers::pi / 2);
    const double flat = std::hypot(l.x(), l.y());
    const double r = radius() * std::min(off, band);
    return QPointF(width() / 2.0, height() / 2.0) +
           (flat > 1e-9 ? QPointF(l.x(), -l.y()) * (r / flat) : QPointF(0, r > 1 ? -r : 0));
}

LightDirection LightBall::directionAt(const QPointF& place) const {
    const QPointF from = place - QPointF(width() / 2.0, height() / 2.0);
    const double length = std::hypot(from.x(), from.y());
    const double off = std::min(length / radius(), band) * std::numbers::pi / 2;
    if (length < 1e-9)
        return {};
    return lightFrom({std::sin(off) * from.x() / length, -std::sin(off) * from.y() / length,
                      std::cos(off)});
}

void LightBall::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Theme::current();
    const QPointF middle(width() / 2.0, height() / 2.0);
    const double r = radius(), density = devicePixelRatioF();
    painter.setPen(QPen(theme.hairline, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawEllipse(middle, band * r, band * r);
    // The ball itself, shaded by the same law in the same values.
    const int size = static_cast<int>(std::ceil(2 * r * density));
    QImage ball(size, size, QImage::Format_ARGB32_Premultiplied);
    ball.fill(Qt::transparent);
    std::vector<std::pair<Eigen::Vector3d, double>> lights{{towardsLight(lighting_.key), 1.0}};
    if (lighting_.second)
        lights.emplace_back(towardsLight(lighting_.second->from), lighting_.second->strength);
    std::vector<QRgb> greys;
    for (int value = 0; value < lighting_.values; ++value) {
        const double shown = displayOfLinear(linearOfLightness(lightnessOfValue(value, lighting_.values)));
        const int grey = static_cast<int>(std::lround(255 * shown));
        greys.push_back(qRgb(grey, grey, grey));
    }
    for (int y = 0; y < size; ++y) {
        auto* row = reinterpret_cast<QRgb*>(ball.scanLine(y));
        for (int x = 0; x < size; ++x) {
            const double u = (x + 0.5 - size / 2.0) * 2 / size, v = (size / 2.0 - y - 0.5) * 2 / size;
            const double rest = 1 - u * u - v * v;
            if (rest < 0)
                continue;
            const Eigen::Vector3d n(u, v, std::sqrt(rest));
            double light = 0.1;
            for (const auto& [towards, strength] : lights)
                light += 0.9 * strength * std::max(0.0, n.dot(towards));
            row[x] = greys[static_cast<std::size_t>(Shading::valueOf(
                static_cast<float>(std::min(1.0, light)), lighting_.values))];
        }
    }
    painter.drawImage(QRectF(middle - QPointF(r, r), QSizeF(2 * r, 2 * r)), ball);
    painter.setPen(QPen(theme.quiet, 1));
    painter.drawEllipse(middle, r, r);
    const auto handle = [&](const LightDirection& light, double large) {
        const QPointF at = placeOf(light);
        painter.setPen(QPen(theme.sheet, 3.5));
        painter.drawEllipse(at, large, large);
        painter.setPen(QPen(theme.correction, 2));
        painter.setBrush(theme.sheet);
        painter.drawEllipse(at, large, large);
        painter.setBrush(Qt::NoBrush);
    };
    if (lighting_.second)
        handle(lighting_.second->from, 3.5);
    handle(lighting_.key, 6);
    if (hasFocus()) {
        painter.setPen(QPen(theme.ink, 1, Qt::DashLine));
        painter.drawEllipse(middle, band * r + 4, band * r + 4);
    }
}

void LightBall::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton)
        return;
    ++gesture_;
    emit moved(directionAt(event->position()), gesture_);
}

void LightBall::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton)
        emit moved(directionAt(event->position()), gesture_);
}

void LightBall::keyPressEvent(QKeyEvent* event) {
    const Degrees step{event->modifiers() & Qt::ShiftModifier ? 15.0 : 5.0};
    Degrees across = toDegrees(lighting_.key.azimuth), up = toDegrees(lighting_.key.elevation);
    switch (event->key()) {
    case Qt::Key_Left:
        across -= step;
        break;
    case Qt::Key_Right:
        across += step;
        break;
    case Qt::Key_Up:
        up += step;
        break;
    case Qt::Key_Down:
        up -= step;
        break;
    default:
        return QWidget::keyPressEvent(event);
    }
    emit moved({toRadians(std::clamp(across, Degrees{-135}, Degrees{135})), toRadians(std::clamp(up, Degrees{-85}, Degrees{85}))},
               ++gesture_);
}

} // namespace zokran
