#include "app/tools/frame_tool.h"

#include "app/sheet/scene.h"
#include "app/text/messages.h"

#include <QLineF>

namespace zokran {

namespace {

constexpr double frameReach = 14; ///< px of the widget

} // namespace

void frameReference(OpenStudy& opened, const std::optional<Framing>& framing, const QString& merge) {
    const MarkSheet& sheet = opened.study().reference;
    opened.document.edit(tr("Frame the photograph"), merge, [&](Study& s) {
        s.framing = framing ? std::optional(within(*framing, sheet.width, sheet.height)) : std::nullopt;
    });
}

FrameTool::Grip FrameTool::gripAt(const SheetPointer& pointer) const {
    const auto& framing = opened_.study().framing;
    if (!framing)
        return Grip::New;
    const Framing& f = *framing;
    const std::pair<PicturePoint, Grip> corners[] = {{f.low, Grip::Low},
                                                     {f.high, Grip::High},
                                                     {{f.low.x(), f.high.y()}, Grip::LowHigh},
                                                     {{f.high.x(), f.low.y()}, Grip::HighLow}};
    for (const auto& [at, grip] : corners)
        if (QLineF(pointer.at, pointer.transform.toView(at)).length() < frameReach)
            return grip;
    const bool inside = (pointer.place.array() > f.low.array()).all() &&
                        (pointer.place.array() < f.high.array()).all();
    return inside ? Grip::Move : Grip::New;
}

bool FrameTool::press(const SheetPointer& pointer) {
    if (pointer.scene.picture.isNull())
        return false;
    grip_ = gripAt(pointer);
    from_ = pointer.place;
    before_ = opened_.study().framing.value_or(Framing{from_, from_});
    return true;
}

void FrameTool::drag(const SheetPointer& pointer) {
    Framing f = before_;
    const PicturePoint& to = pointer.place;
    const PicturePoint by = to - from_;
    switch (grip_) {
    case Grip::New: {
        constexpr double least = 8; // px of the widget: less is a click
        if (QLineF(pointer.at, pointer.transform.toView(from_)).length() < least)
            return;
        f = {from_, to};
        break;
    }
    case Grip::Move: {
        // Moved as it is, and no further than the photograph reaches.
        const MarkSheet& sheet = opened_.study().reference;
        const PicturePoint room(sheet.width, sheet.height);
        const PicturePoint moved = by.cwiseMax(-before_.low).cwiseMin(room - before_.high);
        f = {before_.low + moved, before_.high + moved};
        break;
    }
    case Grip::Low:
        f.low += by;
        break;
    case Grip::High:
        f.high += by;
        break;
    case Grip::LowHigh:
        f = {before_.low + PicturePoint(by.x(), 0), before_.high + PicturePoint(0, by.y())};
        break;
    case Grip::HighLow:
        f = {before_.low + PicturePoint(0, by.y()), before_.high + PicturePoint(by.x(), 0)};
        break;
    }
    frameReference(opened_, f, QString("frame%1").arg(pointer.gesture));
}

bool FrameTool::key(const QKeyEvent& event, const SheetPointer&) {
    const MarkSheet& sheet = opened_.study().reference;
    if (sheet.width == 0)
        return false;
    const PicturePoint room(sheet.width, sheet.height);
    Framing f = opened_.study().framing.value_or(Framing{{0, 0}, room});
    const double step = 0.02 * room.maxCoeff();
    PicturePoint way(0, 0);
    switch (event.key()) {
    case Qt::Key_Left:
        way = {-step, 0};
        break;
    case Qt::Key_Right:
        way = {step, 0};
        break;
    case Qt::Key_Up:
        way = {0, -step};
        break;
    case Qt::Key_Down:
        way = {0, step};
        break;
    case Qt::Key_Backspace:
    case Qt::Key_Delete:
        return frameReference(opened_, std::nullopt), true;
    default:
        return false;
    }
    if (event.modifiers() & Qt::ShiftModifier) {
        // About its middle, keeping its shape.
        const double by = way.x() > 0 || way.y() < 0 ? 1.08 : 1 / 1.08;
        const PicturePoint middle = (f.low + f.high) / 2, half = by * (f.high - f.low) / 2;
        f = {middle - half, middle + half};
    } else {
        way = way.cwiseMax(-f.low).cwiseMin(room - f.high);
        f = {f.low + way, f.high + way};
    }
    return frameReference(opened_, f, "frame keys"), true;
}

std::optional<Qt::CursorShape> FrameTool::cursor(const SheetPointer& pointer) const {
    if (pointer.scene.picture.isNull())
        return std::nullopt;
    switch (gripAt(pointer)) {
    case Grip::Move:
        return Qt::OpenHandCursor;
    case Grip::Low:
    case Grip::High:
        return Qt::SizeFDiagCursor;
    case Grip::LowHigh:
    case Grip::HighLow:
        return Qt::SizeBDiagCursor;
    case Grip::New:
        break;
    }
    return Qt::CrossCursor;
}

QString FrameTool::word(const SheetPointer& pointer) const {
    if (pointer.scene.picture.isNull() || gripAt(pointer) != Grip::New)
        return {};
    return tr("drag a frame round the head");
}

} // namespace zokran
