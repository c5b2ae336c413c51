#pragma once

#include "app/sheet/sheet_view.h"

#include <QLabel>
#include <QTemporaryDir>

namespace zokran {

/// What stands above a sheet. Dragged out of the window it takes the sheet along: as a picture, and as files of
/// pixels (PNG) and of lines (SVG).
class SheetCaption : public QLabel {
    Q_OBJECT

public:
    explicit SheetCaption(QWidget* parent = nullptr);
    void setSheet(const SheetView* sheet) { sheet_ = sheet; }
    /// What a drag carries; null where nothing lies on the sheet.
    QMimeData* carried() const;

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;

private:
    const SheetView* sheet_ = nullptr;
    QPoint from_;
    QTemporaryDir folder_; ///< the files lie here as long as the window stands
};

} // namespace zokran
