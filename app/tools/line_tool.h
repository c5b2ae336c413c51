#pragma once

#include "app/document/tracing.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the points a drawn line is laid through. Of a run of straights a click beside the rings puts the next corner there,
/// one after the other from the first; Insert adds a corner after the one taken up, Delete takes it away.
class LineTool : public PointsTool {
public:
    LineTool(Desk& desk, Side side) : desk_(desk), side_(side) {}
    bool press(const SheetPointer& pointer) override {
        if (PointsTool::press(pointer)) {
            lookAtTracing(desk_);
            return true;
        }
        const auto& tracing = desk_.selection.tracing();
        if (!tracing || tracing->side != side_ || !isOfStraights(tracing->line) || tracing->at.empty())
            return false;
        takeUp(clicked_++ % tracing->at.size());
        put(touched(), pointer.place, {});
        return true;
    }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override {
        if (event.key() == Qt::Key_Insert || event.key() == Qt::Key_Delete) {
            changeCorners(desk_, touched(), event.key() == Qt::Key_Insert);
            return true;
        }
        return PointsTool::key(event, middle);
    }

protected:
    std::vector<PicturePoint> points() const override {
        const auto& tracing = desk_.selection.tracing();
        return tracing && tracing->side == side_ ? tracing->at : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString&) override {
        moveTracing(desk_, point, at);
    }
    void took() override { lookAtTracing(desk_); }
    void finish() override {
        clicked_ = 0;
        endTracing(desk_, true);
    }

private:
    Desk& desk_;
    Side side_;
    std::size_t clicked_ = 0; ///< corners of a run put down by clicks so far
};

} // namespace zokran
