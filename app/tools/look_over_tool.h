#pragma once

#include "app/document/open_study.h"
#include "app/tools/points_tool.h"
#include "core/head/any_mark.h"

namespace zokran {

/// Lets the learner put right the mark of the sketch that they are asked to look over. Keys: Enter confirms it, Space says
/// that it is not drawn, arrows move it by a pixel, with Shift by ten. A mark that the arrows moved stays the one that is
/// asked for until Enter or Space.
class LookOverTool : public PointsTool {
public:
    explicit LookOverTool(OpenStudy& opened) : opened_(opened) {}
    bool press(const SheetPointer& pointer) override;
    void release(const SheetPointer& pointer) override;
    bool changesItsSheetAlone() const override { return true; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    /// Confirms the mark that is asked for, and goes on to the next.
    void confirm();

protected:
    std::vector<PicturePoint> points() const override;
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override;
    void took() override {}
    void finish() override { confirm(); }

private:
    OpenStudy& opened_;
};

} // namespace zokran
