#pragma once

#include <QWidget>

class QLabel;

namespace zokran {

class SheetView;
class Workspace;

/// The window as it is seen from the easel: one sheet as large as the screen allows, one sentence that can be read at two
/// metres, the clock if it runs. Space, Page Down and Right go on, Page Up, Backspace and Left back, as a presenter's keys do;
/// Escape ends it.
class EaselView : public QWidget {
    Q_OBJECT

public:
    EaselView(Workspace& bench, QWidget* parent);

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh();

    Workspace& workspace_;
    SheetView* sheet_;
    QLabel *sentence_, *clock_;
};

} // namespace zokran
