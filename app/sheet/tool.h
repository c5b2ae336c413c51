#pragma once

#include "app/sheet/overlay.h"

#include <QKeyEvent>
#include <Qt>
#include <functional>
#include <vector>

namespace zokran {

struct Scene;

/// The pointer over a sheet.
struct SheetPointer {
    QPointF at;         ///< px of the widget
    PicturePoint place; ///< the same in the picture
    const SheetTransform& transform;
    const Scene& scene;
    QRectF area; ///< of the widget
    int gesture; ///< counts the presses, so that one drag undoes as one
};

/// What may be done with a thing on a sheet, for the sheet's menu.
struct SheetAction {
    QString label;
    std::function<void()> act;
};

/// What the hand does on a sheet. A sheet has several tools, tried in order; the first to take hold
/// of a press keeps it until it is let go. Each kind is one file of app/tools.
class Tool {
public:
    virtual ~Tool() = default;
    /// The button went down; true when the tool takes hold.
    virtual bool press(const SheetPointer& pointer) = 0;
    virtual void drag(const SheetPointer& pointer) { Q_UNUSED(pointer); }
    virtual void release(const SheetPointer& pointer) { Q_UNUSED(pointer); }
    /// What a drag changes is to be seen on this sheet and in the panel beside it; the rest of the window may wait until the
    /// tool lets go.
    virtual bool changesItsSheetAlone() const { return false; }
    /// A key was pressed with the sheet in focus; true when it meant something.
    virtual bool key(const QKeyEvent& event, const SheetPointer& middle) {
        Q_UNUSED(event);
        Q_UNUSED(middle);
        return false;
    }
    /// The cursor over a place where the tool would take hold.
    virtual std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const {
        Q_UNUSED(pointer);
        return std::nullopt;
    }
    /// What a drag from here would do, in a word beside the pointer; empty for none.
    virtual QString word(const SheetPointer& pointer) const {
        Q_UNUSED(pointer);
        return {};
    }
    /// What may be done with what lies under the pointer, besides what a press does.
    virtual std::vector<SheetAction> actions(const SheetPointer& pointer) const {
        Q_UNUSED(pointer);
        return {};
    }
    /// The place that the keys move, which is to be seen larger while they do.
    virtual std::optional<PicturePoint> placeHeldByKeys() const { return std::nullopt; }
    /// The spot under the pointer is to be seen larger.
    virtual bool wantsLoupe(const SheetPointer& pointer) const {
        Q_UNUSED(pointer);
        return false;
    }
};

} // namespace zokran
