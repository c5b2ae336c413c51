#pragma once

#include "app/document/line_annotation.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the points a drawn line is laid through. Of the hair and of a run of straights a click beside the rings puts the next
/// one there, one after the other from the first; Insert adds one after the selected one, Delete removes it.
class LineTool : public PointsTool {
public:
    LineTool(OpenStudy& opened, Side side) : opened_(opened), side_(side) {}
    bool press(const SheetPointer& pointer) override {
        if (PointsTool::press(pointer)) {
            lookAtLineAnnotation(opened_);
            return true;
        }
        const auto& annotation = opened_.selection.lines.annotation();
        if (!annotation || annotation->side != side_ || !hasPointsAtWill(annotation->line) || annotation->at.empty())
            return false;
        takeUp(clicked_++ % annotation->at.size());
        put(touched(), pointer.place, {});
        return true;
    }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override {
        if (event.key() == Qt::Key_Insert || event.key() == Qt::Key_Delete) {
            changePointCount(opened_, touched(), event.key() == Qt::Key_Insert);
            return true;
        }
        return PointsTool::key(event, middle);
    }

protected:
    std::vector<PicturePoint> points() const override {
        const auto& annotation = opened_.selection.lines.annotation();
        return annotation && annotation->side == side_ ? annotation->at : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString&) override {
        moveLineAnnotation(opened_, point, at);
    }
    void took() override { lookAtLineAnnotation(opened_); }
    void finish() override {
        clicked_ = 0;
        endLineAnnotation(opened_, true);
    }

private:
    OpenStudy& opened_;
    Side side_;
    std::size_t clicked_ = 0; ///< points placed by clicks so far
};

} // namespace zokran
