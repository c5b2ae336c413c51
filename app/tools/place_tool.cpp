#include "app/tools/place_tool.h"

#include "app/tools/arrow_keys.h"
#include "app/text/messages.h"

#include <QLineF>
#include <algorithm>

namespace zokran {

namespace {

constexpr double cornerReach = 14; ///< px of the widget round a ring
constexpr Millimetres smallestHead{15}, largest{1200};

PaperPoint middleOf(const PagePlan& plan) {
    return PaperPoint((plan.head.low + plan.head.high) / 2);
}

} // namespace

PlaceTool::Hold PlaceTool::holdAt(const SheetPointer& pointer) const {
    const PagePlan plan = layout_.plan();
    const auto near = [&](const PaperPoint& p) {
        return QLineF(pointer.at, pointer.transform.toView(p)).length() < cornerReach;
    };
    if (near(plan.crown))
        return Hold::Crown;
    if (near(plan.chin))
        return Hold::Chin;
    const PicturePoint& p = pointer.place;
    return p.x() > plan.head.low.x() && p.x() < plan.head.high.x() && p.y() > plan.head.low.y() &&
                   p.y() < plan.head.high.y()
               ? Hold::Head
               : Hold::None;
}

bool PlaceTool::press(const SheetPointer& pointer) {
    hold_ = holdAt(pointer);
    before_ = layout_.plan();
    from_ = pointer.place;
    return hold_ != Hold::None;
}

void PlaceTool::drag(const SheetPointer& pointer) {
    const QString merge = QString("place %1").arg(pointer.gesture);
    const Eigen::Vector2d by = pointer.place - from_;
    if (hold_ == Hold::Head) {
        layout_.set(tr("Move the head on the paper"), merge, [&](PageLayout& p) {
            p.at = PaperPoint(middleOf(before_) + by);
        });
        return;
    }
    // The other end stays: the head grows along the line from it.
    const PaperPoint fixed = hold_ == Hold::Crown ? before_.chin : before_.crown,
                     held = hold_ == Hold::Crown ? before_.crown : before_.chin;
    const Eigen::Vector2d along = (held - fixed).normalized();
    const double before = (held - fixed).norm();
    const double after =
        std::clamp(before + along.dot(by), smallestHead.value, largest.value);
    layout_.set(tr("Size the head on the paper"), merge, [&](PageLayout& p) {
        p.head = {after};
        p.at = PaperPoint(fixed + (middleOf(before_) - fixed) * (after / before));
    });
}

bool PlaceTool::key(const QKeyEvent& event, const SheetPointer&) {
    const double step = event.modifiers() & Qt::ShiftModifier ? 10 : 1;
    switch (event.key()) {
    case Qt::Key_Plus:
    case Qt::Key_Equal:
    case Qt::Key_Minus:
        layout_.set(tr("Size the head on the paper"), "place-size", [&](PageLayout& p) {
            p.head += Millimetres{event.key() == Qt::Key_Minus ? -step : step};
            p.head = std::clamp(p.head, smallestHead, largest);
        });
        return true;
    case Qt::Key_Home:
        layout_.set(tr("Put the head well"), {}, [](PageLayout& p) { p.at.reset(); });
        return true;
    default:
        break;
    }
    const auto by = arrowStep(event);
    if (!by)
        return false;
    const PaperPoint middle = middleOf(layout_.plan());
    layout_.set(tr("Move the head on the paper"), "place-keys",
                       [&](PageLayout& p) { p.at = PaperPoint(middle + *by); });
    return true;
}

std::optional<Qt::CursorShape> PlaceTool::cursor(const SheetPointer& pointer) const {
    switch (holdAt(pointer)) {
    case Hold::Head:
        return Qt::SizeAllCursor;
    case Hold::Crown:
    case Hold::Chin:
        return Qt::SizeVerCursor;
    case Hold::None:
        break;
    }
    return std::nullopt;
}

QString PlaceTool::word(const SheetPointer& pointer) const {
    switch (holdAt(pointer)) {
    case Hold::Head:
        return tr("move");
    case Hold::Crown:
    case Hold::Chin:
        return tr("larger or smaller");
    case Hold::None:
        break;
    }
    return {};
}

} // namespace zokran
