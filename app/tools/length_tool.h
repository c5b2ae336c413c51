#pragma once

#include "app/document/page_detection.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the ends of a known length.
class LengthTool : public PointsTool {
public:
    explicit LengthTool(PageDetection& page) : page_(page) {}

protected:
    std::vector<PicturePoint> points() const override {
        const auto known = page_.knownLength();
        return known ? std::vector<PicturePoint>{known->from, known->to} : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override {
        if (auto known = page_.knownLength()) {
            (point == 0 ? known->from : known->to) = at;
            page_.setLength(*known, merge);
        }
    }
    void took() override { emit page_.changed(); }
    void finish() override { page_.endLength(true); }

private:
    PageDetection& page_;
};

} // namespace zokran
