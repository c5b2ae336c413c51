#include "app/window/shortcut_dialog.h"

#include "app/view_modes/view_mode.h"
#include "app/widgets/theme.h"

#include <QGridLayout>
#include <QKeySequence>
#include <QLabel>
#include <QMenuBar>

namespace zokran {

ShortcutDialog::ShortcutDialog(const QMenuBar* menus, int steps, int places, QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Keys"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(24, 24, 24, 24);
    grid->setHorizontalSpacing(24);
    // What the hand does stands at the left, what the menus do at the right.
    int rows[] = {0, 0};
    auto put = [&](int half, const QString& keys, const QString& what) {
        auto* k = new QLabel(keys);
        k->setProperty(typeProperty, "strong");
        const int row = rows[half]++;
        grid->addWidget(k, row, 2 * half);
        grid->addWidget(new QLabel(what), row, 2 * half + 1);
    };
    auto line = [&](const QString& keys, const QString& what) { put(0, keys, what); };
    line(tr("Alt+1 … Alt+%1").arg(steps), tr("the steps of the course"));
    line(tr("Ctrl+1 … Ctrl+%1").arg(places), tr("bench, shelf, cast room, practice, progress"));
    line(tr("Space"), tr("cannot see the next mark, or it is not drawn; the page's next corner"));
    line(tr("Enter"), tr("the next mark lies where it is expected; close a shape; on to the check"));
    line(tr("Arrows"), tr("move the mark that is asked for, or the one clicked; with Shift by more"));
    line(tr("Comma, full stop"), tr("while guessing: lean; the arrows turn and tilt"));
    line(tr("W A S D, [ ], C"), tr("while guessing: move and size the ball, drop the chin"));
    line(tr("N, Shift+N"), tr("name the next line on the sheet, or the one before"));
    // The ways of looking, a few to a line.
    constexpr std::size_t toALine = 3;
    for (std::size_t first = 0; first < viewModes().size(); first += toALine) {
        QStringList keys, names;
        for (std::size_t i = first; i < std::min(first + toALine, viewModes().size()); ++i) {
            const ViewMode& way = *viewModes()[i];
            keys << QKeySequence(way.key()).toString(QKeySequence::NativeText);
            names << way.name().toLower();
        }
        line(keys.join(", "), tr("at the check: %1").arg(names.join(", ")));
    }
    line(tr("Page up, Page down"), tr("the finding before, and the next"));
    line(tr("Arrows, Home"), tr("turn the form alone, and turn it back"));
    line(tr("Backspace"), tr("back one"));
    line(tr("Plus, Minus, 0"), tr("zoom the sheet in use, or show the whole of it"));
    line(tr("Ctrl and drag"), tr("move the sheet; so does the middle button"));
    line(tr("Arrows, Plus, Minus, Home"), tr("on the paper: move and size the head, put it well"));
    line(tr("Arrows"), tr("on the small ball: turn the light, with Shift by more"));
    for (const QMenu* menu : menus->findChildren<QMenu*>()) {
        // What lies in a menu within a menu is told with that one's name.
        const bool inner = qobject_cast<const QMenu*>(menu->parentWidget()) != nullptr;
        for (const QAction* action : menu->actions())
            if (!action->shortcut().isEmpty()) {
                const QString what = action->text().remove('&').remove(QStringLiteral("…"));
                put(1, action->shortcut().toString(QKeySequence::NativeText),
                    inner ? tr("%1: %2").arg(menu->title().remove('&'), what.toLower()) : what);
            }
    }
}

} // namespace zokran
