#include "app/tools/frame_choice_tool.h"

namespace zokran {

std::optional<std::size_t> FrameChoiceTool::frameAt(const PicturePoint& at) const {
    std::optional<std::size_t> best;
    double smallest = 1e18;
    const std::vector<Framing> frames = frames_();
    for (std::size_t i = 0; i < frames.size(); ++i) {
        const bool inside =
            (at.array() > frames[i].low.array()).all() && (at.array() < frames[i].high.array()).all();
        const double area = (frames[i].high - frames[i].low).prod();
        if (inside && area < smallest) {
            smallest = area;
            best = i;
        }
    }
    return best;
}

bool FrameChoiceTool::press(const SheetPointer& pointer) {
    const auto frame = frameAt(pointer.place);
    if (frame)
        choose_(*frame);
    return frame.has_value();
}

bool FrameChoiceTool::key(const QKeyEvent& event, const SheetPointer&) {
    const int number = event.key() - Qt::Key_1;
    if (number < 0 || number > 8 || number >= static_cast<int>(frames_().size()))
        return false;
    choose_(static_cast<std::size_t>(number));
    return true;
}

std::optional<Qt::CursorShape> FrameChoiceTool::cursor(const SheetPointer& pointer) const {
    return frameAt(pointer.place) ? std::optional(Qt::PointingHandCursor) : std::nullopt;
}

} // namespace zokran
