#pragma once

#include "app/document/page_detection.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the corners of a page in its photograph.
class CornerTool : public PointsTool {
public:
    explicit CornerTool(PageDetection& page) : page_(page) {}

protected:
    std::vector<PicturePoint> points() const override {
        const auto& flat = page_.flat();
        return flat ? std::vector<PicturePoint>(flat->corners.begin(), flat->corners.end()) : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override {
        page_.setCorner(point, at, merge);
    }
    void took() override { emit page_.changed(); }
    void finish() override { page_.finish(); }

private:
    PageDetection& page_;
};

} // namespace zokran
