#pragma once

#include "app/sheet/tool.h"
#include "core/page/framing.h"

#include <functional>
#include <vector>

namespace zokran {

/// Chooses one of several frames that lie on a picture, such as the drawings on a page or the faces of a photograph:
/// a click in a frame, or its number.
class FrameChoiceTool : public Tool {
public:
    using Frames = std::function<std::vector<Framing>()>;
    using Choose = std::function<void(std::size_t)>;
    FrameChoiceTool(Frames frames, Choose choose) : frames_(std::move(frames)), choose_(std::move(choose)) {}
    bool press(const SheetPointer& pointer) override;
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;

private:
    /// The smallest frame round the pointer.
    std::optional<std::size_t> frameAt(const PicturePoint& at) const;

    Frames frames_;
    Choose choose_;
};

} // namespace zokran
