#include "app/window/shortcut_sheet.h"

#include "app/widgets/theme.h"

#include <QGridLayout>
#include <QLabel>
#include <QMenuBar>

namespace zokran {

ShortcutSheet::ShortcutSheet(const QMenuBar* menus, int steps, int places, QWidget* parent)
    : QDialog(parent) {
    setWindowTitle(tr("Keys"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(24, 24, 24, 24);
    grid->setHorizontalSpacing(24);
    auto line = [&](const QString& keys, const QString& what) {
        auto* k = new QLabel(keys);
        k->setProperty(typeProperty, "strong");
        const int row = grid->rowCount();
        grid->addWidget(k, row, 0);
        grid->addWidget(new QLabel(what), row, 1);
    };
    line(tr("Alt+1 … Alt+%1").arg(steps), tr("the steps of the course"));
    line(tr("Ctrl+1 … Ctrl+%1").arg(places), tr("bench, shelf, cast room"));
    line(tr("Space"), tr("cannot see the next mark"));
    line(tr("Enter"), tr("drop the next mark where it is expected"));
    line(tr("Arrows"), tr("nudge the last mark by a pixel, with Shift by ten"));
    line(tr("Comma, full stop"), tr("while guessing: lean; the arrows turn and tilt"));
    line(tr("W A S D, [ ], C"), tr("while guessing: move and size the ball, drop the chin"));
    line(tr("N, Shift+N"), tr("name the next line on the sheet, or the one before"));
    line(tr("Page up, Page down"), tr("the finding before, and the next"));
    line(tr("Arrows, Home"), tr("turn the form alone, and turn it back"));
    line(tr("Backspace"), tr("back one"));
    line(tr("Plus, Minus, 0"), tr("zoom the sheet in use, or show the whole of it"));
    line(tr("Ctrl and drag"), tr("move the sheet; so does the middle button"));
    for (const QMenu* menu : menus->findChildren<QMenu*>(Qt::FindDirectChildrenOnly))
        for (const QAction* action : menu->actions())
            if (!action->shortcut().isEmpty())
                line(action->shortcut().toString(QKeySequence::NativeText),
                     action->text().remove('&').remove(QStringLiteral("…")));
}

} // namespace zokran
