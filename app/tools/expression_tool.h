#pragma once

#include "app/document/open_study.h"
#include "app/tools/points_tool.h"

namespace zokran {

/// Drags the rings of eyebrows, lids and lips on one sheet. A ring that is pressed, or left by Space, is stood by where it
/// lies; Delete marks the selected ring as not seen.
class ExpressionTool : public PointsTool {
public:
    ExpressionTool(OpenStudy& opened, Side side) : opened_(opened), side_(side) {}
    bool press(const SheetPointer& pointer) override;
    bool changesItsSheetAlone() const override { return true; }
    bool key(const QKeyEvent& event, const SheetPointer& middle) override;
    void release(const SheetPointer& pointer) override;
    QString word(const SheetPointer& pointer) const override;

    /// The mark selected last; nothing where none lies on the sheet.
    std::optional<ExpressionMark> taken() const;

protected:
    std::vector<PicturePoint> points() const override;
    void put(std::size_t point, const PicturePoint& at, const QString& merge) override;
    void took() override;
    void finish() override;

private:
    /// Stores the ring selected last where it lies, if it is not stored yet.
    void standByTaken();
    /// The marks that lie on the sheet, in the order of `points`.
    std::vector<ExpressionMark> marks() const;

    OpenStudy& opened_;
    Side side_;
};

} // namespace zokran
