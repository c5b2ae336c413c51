#pragma once

#include "app/document/measuring.h"
#include "app/sheet/tool.h"
#include "core/measure/kinds.h"

namespace zokran {

/// Puts down the ends of a measurement: on a mark that lies near, else on a line that does, else where it is
/// clicked; with Shift always where it is clicked. Enter closes a shape, Backspace takes the last end back, Escape all.
/// An end that is open on this sheet is also set by keys: the arrows carry it from where it is expected, Enter sets it.
/// A corner of the eye without which there is no unit on this sheet is placed the same way, before anything else.
class MeasureTool : public Tool {
public:
    MeasureTool(OpenStudy& opened, Side side) : opened_(opened), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;
    std::optional<PicturePoint> placeHeldByKeys() const override;

private:
    /// What an end placed here snaps to: the end, and the name of the mark or line.
    struct Held {
        Anchor end;
        QString name;
    };
    Held heldAt(const SheetPointer& pointer) const;

    bool keyOfOpenPlace(const QKeyEvent& event, const SheetPointer& middle);

    OpenStudy& opened_;
    Side side_;
    /// What the keys hold, and of which place.
    struct HeldOpen {
        OpenPlace of;
        PicturePoint at;
    };
    std::optional<HeldOpen> heldOpen_;
};

} // namespace zokran
