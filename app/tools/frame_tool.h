#pragma once

#include "app/document/open_study.h"
#include "app/sheet/tool.h"
#include "core/page/framing.h"

namespace zokran {

/// Frames what of the reference is looked at: a drag over the photograph draws a frame, its corners and its
/// middle take hold of it. Keys: arrows move it, with Shift they make it larger (up, right) or smaller;
/// Backspace takes it away.
class FrameTool : public Tool {
public:
    explicit FrameTool(OpenStudy& opened) : opened_(opened) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;
    QString word(const SheetPointer& pointer) const override;

private:
    enum class Grip { New, Move, Low, High, LowHigh, HighLow };
    Grip gripAt(const SheetPointer& pointer) const;

    OpenStudy& opened_;
    Grip grip_ = Grip::New;
    PicturePoint from_{0, 0};
    Framing before_;
};

/// Frames the reference so; nothing: it is framed by itself again. `merge` as for Document::edit.
void frameReference(OpenStudy& opened, const std::optional<Framing>& framing, const QString& merge = {});

} // namespace zokran
