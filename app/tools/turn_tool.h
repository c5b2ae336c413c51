#pragma once

#include "app/document/selection/form_view_state.h"
#include "app/sheet/tool.h"

#include <QVariantAnimation>

namespace zokran {

/// Turns the form alone as a solid under the hand; let go, it springs back to the sitter's pose. Keys:
/// arrows turn and tilt it by five degrees, with Shift by fifteen; Home turns it back.
class TurnTool : public Tool {
public:
    /// `springs`: let go, it turns back.
    explicit TurnTool(FormViewState& form, bool springs = true);
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;

private:
    FormViewState& form_;
    bool springs_;
    FormViewState::Turned before_;
    QPointF from_;
    QVariantAnimation spring_;
};

} // namespace zokran
