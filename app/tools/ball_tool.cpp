#include "app/tools/ball_tool.h"

#include "app/text/messages.h"

#include <QLineF>

namespace zokran {

namespace {

constexpr double reach = 11; ///< px of the widget
constexpr Pixels smallest{4};

} // namespace

BallTool::Part BallTool::partAt(const SheetPointer& pointer) const {
    const auto& ball = opened_.study().marks(side_).ball;
    if (!ball)
        return Part::None;
    const QPointF centre = pointer.transform.toView(ball->centre);
    const QPointF edge(centre.x() + ball->radius.value * pointer.transform.scale, centre.y());
    return QLineF(pointer.at, centre).length() < reach ? Part::Middle
           : QLineF(pointer.at, edge).length() < reach ? Part::Edge
                                                       : Part::None;
}

bool BallTool::press(const SheetPointer& pointer) {
    held_ = partAt(pointer);
    return held_ != Part::None;
}

void BallTool::drag(const SheetPointer& pointer) {
    const bool moving = held_ == Part::Middle;
    opened_.document.edit(moving ? tr("Move the ball") : tr("Size the ball"),
                        QString("ball%1").arg(pointer.gesture), [&](Study& s) {
                            auto& ball = s.marks(side_).ball;
                            if (ball && moving)
                                ball->centre = pointer.place;
                            else if (ball)
                                ball->radius = std::max(
                                    smallest, Pixels{(pointer.place - ball->centre).norm()});
                        });
}

void BallTool::release(const SheetPointer&) {
    held_ = Part::None;
    opened_.analysis.settle();
}

std::optional<Qt::CursorShape> BallTool::cursor(const SheetPointer& pointer) const {
    return partAt(pointer) == Part::None ? std::nullopt : std::optional(Qt::OpenHandCursor);
}

} // namespace zokran
