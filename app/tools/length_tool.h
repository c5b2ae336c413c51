#pragma once

#include "app/document/desk.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the ends of a known length.
class LengthTool : public PointsTool {
public:
    explicit LengthTool(Desk& desk) : desk_(desk) {}

protected:
    std::vector<PicturePoint> points() const override {
        const auto known = desk_.page.knownLength();
        return known ? std::vector<PicturePoint>{known->from, known->to} : std::vector<PicturePoint>();
    }
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override {
        if (auto known = desk_.page.knownLength()) {
            (point == 0 ? known->from : known->to) = at;
            desk_.page.setLength(*known, merge);
        }
    }
    void took() override { emit desk_.page.changed(); }
    void finish() override { desk_.page.endLength(true); }

private:
    Desk& desk_;
};

} // namespace zokran
