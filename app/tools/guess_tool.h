#pragma once

#include "app/document/desk.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Turns the guessed construction by its handles or its lines. Keys: arrows turn and tilt by a
/// degree, comma and full stop lean, with Shift by ten; Enter stands by the guess.
class GuessTool : public Tool {
public:
    explicit GuessTool(Desk& desk) : desk_(desk) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;

private:
    Desk& desk_;
    GuessHandle pulled_ = GuessHandle::Place;
    Guess before_; ///< when the handle was taken hold of
    PicturePoint from_{0, 0};
};

} // namespace zokran
