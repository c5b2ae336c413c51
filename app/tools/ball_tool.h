#pragma once

#include "app/document/open_study.h"
#include "app/sheet/tool.h"

namespace zokran {

/// Moves the laid ball by its middle and sizes it by its edge.
class BallTool : public Tool {
public:
    BallTool(OpenStudy& opened, Side side) : opened_(opened), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    void drag(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    std::optional<Qt::CursorShape> cursor(const SheetPointer& pointer) const override;

private:
    enum class Part { None, Middle, Edge };
    Part partAt(const SheetPointer& pointer) const;

    OpenStudy& opened_;
    Side side_;
    Part held_ = Part::None;
};

} // namespace zokran
