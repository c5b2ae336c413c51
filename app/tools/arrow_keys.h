#pragma once

#include <Eigen/Core>
#include <QKeyEvent>
#include <optional>

namespace zokran {

/// Where an arrow key points, one step or with Shift ten, y downwards; nothing for another key.
inline std::optional<Eigen::Vector2d> arrowStep(const QKeyEvent& event) {
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    switch (event.key()) {
    case Qt::Key_Left:
        return Eigen::Vector2d(-step, 0);
    case Qt::Key_Right:
        return Eigen::Vector2d(step, 0);
    case Qt::Key_Up:
        return Eigen::Vector2d(0, -step);
    case Qt::Key_Down:
        return Eigen::Vector2d(0, step);
    default:
        return std::nullopt;
    }
}

} // namespace zokran
