#include "app/bench/words.h"

#include <QCoreApplication>
#include <cmath>

namespace zokran {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Words", text);
}

} // namespace

QString wordsFor(Angle angle, Radians value) {
    const double degrees = toDegrees(value).value;
    const bool level = std::abs(degrees)<1.5, positive = degrees> 0;
    switch (angle) {
    case Angle::Turn:
        return level      ? tr("faces you")
               : positive ? tr("turned to the right")
                          : tr("turned to the left");
    case Angle::Tilt:
        return level ? tr("looks straight ahead") : positive ? tr("chin up") : tr("chin down");
    case Angle::Lean:
        break;
    }
    return level ? tr("upright") : positive ? tr("leans to the right") : tr("leans to the left");
}

QString figureFor(Radians value) {
    return QString("%1°").arg(std::lround(std::abs(toDegrees(value).value)));
}

QString doubtFor(Radians sigma) {
    return QString("± %1°").arg(std::max(1L, std::lround(toDegrees(sigma).value)));
}

Radians angleOf(const Pose& pose, Angle angle) {
    return angle == Angle::Turn ? pose.turn : angle == Angle::Tilt ? pose.tilt : pose.lean;
}

Radians angleOf(const PoseSpread& spread, Angle angle) {
    return angle == Angle::Turn ? spread.turn : angle == Angle::Tilt ? spread.tilt : spread.lean;
}

QString markName(Mark mark) {
    return QString::fromUtf8(wordsFor(mark).data());
}

} // namespace zokran
