#pragma once

#include "app/document/open_study.h"
#include "app/sheet/tool.h"

namespace zokran {

/// The guess by hand: the ball is dragged out over the cranium; then it turns under the hand like a
/// ball, leans by its rim, moves by its middle, is sized by its edge, and the chin drops. What a
/// drag would do stands beside the pointer. Keys: arrows turn and tilt by a degree, comma and full
/// stop lean, W A S D move, square brackets size, C drops the chin; with Shift by ten times as much
/// (C raises it); Enter stands by the guess.
class GuessTool : public Tool {
public:
    explicit GuessTool(OpenStudy& opened) : opened_(opened) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;

private:
    std::optional<GuessGrip> gripUnder(const SheetPointer& pointer) const;

    OpenStudy& opened_;
    std::optional<GuessGrip> held_;
    Guess before_; ///< at the press
    PicturePoint from_{0, 0};
};

} // namespace zokran
