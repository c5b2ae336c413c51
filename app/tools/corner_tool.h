#pragma once

#include "app/document/desk.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the corners of a page in its photograph.
class CornerTool : public PointsTool {
public:
    explicit CornerTool(Desk& desk) : desk_(desk) {}

protected:
    std::vector<PicturePoint> points() const override {
        const auto& flat = desk_.page.flat();
        return flat ? std::vector<PicturePoint>(flat->corners.begin(), flat->corners.end()) : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override {
        desk_.page.setCorner(point, at, merge);
    }
    void took() override { emit desk_.page.changed(); }
    void finish() override { desk_.page.finish(); }

private:
    Desk& desk_;
};

} // namespace zokran
