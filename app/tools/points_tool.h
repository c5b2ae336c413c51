#pragma once

#include "app/sheet/tool.h"
#include "core/base/points.h"

namespace zokran {

/// Drags a few named places about, such as the corners of a page. Keys: Space selects the next of them, arrows move it
/// by a pixel, with Shift by ten; Enter is done.
class PointsTool : public Tool {
public:
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;

    /// The one the arrow keys move.
    std::size_t touched() const { return touched_; }

protected:
    /// Where they lie; none while there is nothing to drag.
    virtual std::vector<PicturePoint> points() const = 0;
    virtual void put(std::size_t point, const PicturePoint& at, const QString& merge) = 0;
    /// Another one was selected.
    virtual void took() = 0;
    virtual void finish() = 0;
    /// Selects one, to be dragged from where the button went down.
    void takeUp(std::size_t point) {
        touched_ = point;
        held_ = true;
        beside_ = {0, 0};
    }
    /// The one within reach of the pointer, the nearest.
    std::optional<std::size_t> pointAt(const SheetPointer& pointer) const;

private:
    std::size_t touched_ = 0;
    bool held_ = false;
    PicturePoint beside_{0, 0}; ///< from the press to the place itself
};

} // namespace zokran
