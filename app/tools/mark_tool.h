#pragma once

#include "app/document/open_study.h"
#include "app/overlays/marks_overlay.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Places the next mark, drags placed ones, and does both by keys. The arrows move the mark that was pressed, else the one
/// that is asked for, from where it is expected; Enter lays it down, or confirms a suggested one; Space cannot see it;
/// Backspace goes back one. A placed mark goes by a picture pixel, with Shift by ten.
class MarkTool : public Tool {
public:
    MarkTool(OpenStudy& opened, Side side) : opened_(opened), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool changesItsSheetAlone() const override { return true; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::vector<SheetAction> actions(const SheetPointer& pointer) const override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    bool wantsLoupe(const SheetPointer& pointer) const override;
    std::optional<PicturePoint> placeHeldByKeys() const override;
    /// Rings the mark that the keys are about to lay down.
    void showCandidate(MarksShown& shown) const;

private:
    /// False where there is nothing to move.
    bool move(const Eigen::Vector2d& by, const SheetPointer& middle);
    void accept(const SheetPointer& middle);
    std::optional<PicturePoint> expectedPlace(Mark mark) const;
    std::optional<PicturePoint> candidatePlace() const;

    OpenStudy& opened_;
    Side side_;
    /// A mark on its way to its place by the keys.
    struct Candidate {
        std::string picture; ///< the name of the one it lies on
        Mark mark;
        PicturePoint at;
    };
    std::optional<Candidate> candidate_;
    std::optional<Mark> dragged_;
    bool movedByKeys_ = false;  ///< the selected mark
    PicturePoint beside_{0, 0}; ///< from the press to the mark
};

} // namespace zokran
