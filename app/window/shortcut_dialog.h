#pragma once

#include <QDialog>

class QMenuBar;

namespace zokran {

/// Every key on one sheet: those of the menus and those of the sheets.
class ShortcutDialog : public QDialog {
    Q_OBJECT

public:
    ShortcutDialog(const QMenuBar* menus, int steps, int places, QWidget* parent = nullptr);
};

} // namespace zokran
