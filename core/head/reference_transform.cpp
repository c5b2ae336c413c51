#include "core/head/reference_transform.h"

#include <algorithm>
#include <utility>

namespace zokran {

PicturePoint transformed(ReferenceTransform how, const PicturePoint& at, double width, double height) {
    return how == ReferenceTransform::Mirrored ? PicturePoint(width - at.x(), at.y())
                                     : PicturePoint(height - at.y(), at.x());
}

MarkSheet transformed(ReferenceTransform how, const MarkSheet& sheet) {
    MarkSheet laid = sheet;
    if (how == ReferenceTransform::Turned)
        std::swap(laid.width, laid.height);
    if (laid.ball)
        laid.ball->centre = transformed(how, laid.ball->centre, sheet.width, sheet.height);
    for (int i = 0; i < markCount; ++i) {
        const Mark from = markAt(i), to = how == ReferenceTransform::Mirrored ? mirrored(from) : from;
        auto& placed = laid.marks[to] = sheet.marks[from];
        if (placed && placed->at)
            placed->at = transformed(how, *placed->at, sheet.width, sheet.height);
    }
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark from = expressionMarkAt(i), to = how == ReferenceTransform::Mirrored ? mirrored(from) : from;
        auto& placed = laid.expression[to] = sheet.expression[from];
        if (placed && placed->at)
            placed->at = transformed(how, *placed->at, sheet.width, sheet.height);
    }
    for (auto& line : laid.lines)
        for (PicturePoint& at : line)
            at = transformed(how, at, sheet.width, sheet.height);
    // Still from the viewer's left to the right.
    for (DrawnLine which : allDrawnLines) {
        auto& line = laid.lines[which];
        if (how != ReferenceTransform::Mirrored || which == DrawnLine::Centre || line.empty())
            continue;
        if (which == DrawnLine::Shoulders)
            std::reverse(line.begin() + 1, line.end()); // the pit stays first
        else if (which == DrawnLine::Neck)
            std::rotate(line.begin(), line.begin() + static_cast<long>(line.size() / 2), line.end());
        else
            std::reverse(line.begin(), line.end());
    }
    return laid;
}

} // namespace zokran
