#pragma once

#include "app/document/tracing.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the points a drawn line is laid through.
class LineTool : public PointsTool {
public:
    LineTool(Desk& desk, Side side) : desk_(desk), side_(side) {}

protected:
    std::vector<PicturePoint> points() const override {
        const auto& tracing = desk_.selection.tracing();
        return tracing && tracing->side == side_ ? tracing->at : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString&) override {
        if (!desk_.selection.tracing())
            return;
        Selection::Tracing tracing = *desk_.selection.tracing();
        tracing.at[point] = at;
        desk_.selection.trace(std::move(tracing));
    }
    void took() override { emit desk_.selection.changed(); }
    void finish() override { endTracing(desk_, true); }

private:
    Desk& desk_;
    Side side_;
};

} // namespace zokran
