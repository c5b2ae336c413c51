#include "app/document/marking.h"
#include "app/library/library.h"
#include "app/text/messages.h"
#include "app/window/command_finder.h"
#include "app/window/main_window.h"
#include "app/window/manual.h"
#include "app/window/workspace.h"
#include "core/construction/lines.h"
#include "core/messages/line_messages.h"
#include "core/messages/mark_messages.h"

#include <QMenuBar>
#include <QPushButton>

namespace zokran {

namespace {

QString withoutSigns(QString name) {
    name.remove('&');
    return name;
}

/// What the actions of a menu and of those in it do.
void collectActions(std::vector<Command>& all, const QMenu& menu, const QString& kind) {
    for (QAction* action : menu.actions()) {
        if (action->isSeparator() || !action->isEnabled())
            continue;
        if (const QMenu* inner = action->menu())
            collectActions(all, *inner, kind + QStringLiteral(" › ") + withoutSigns(inner->title()));
        else
            all.push_back({withoutSigns(action->text()), kind, action->shortcut().toString(QKeySequence::NativeText),
                           [action] { action->trigger(); }});
    }
}

} // namespace

std::vector<Command> MainWindow::commands() {
    std::vector<Command> all;
    for (const auto& step : workspace_->steps())
        all.push_back({step->name(), tr("Step"), {}, [this, id = step->id()] {
                           goTo(Place::Workspace);
                           session_.document.goTo(id);
                       }});
    for (std::size_t i = 0; i < placeButtons_.size(); ++i)
        all.push_back({placeButtons_[i]->text(), tr("Place"), {}, [this, i] { goTo(static_cast<Place>(i)); }});
    for (const QAction* top : menuBar()->actions())
        if (const QMenu* menu = top->menu())
            collectActions(all, *menu, withoutSigns(menu->title()));
    if (session_.document.isOpen()) {
        const bool isSketch = session_.study().sketch() && session_.study().step == "check";
        for (const Mark mark : markingOrder())
            all.push_back({qt(wordsFor(mark, learnersTranslator())), tr("Mark, to be placed next"), {}, [this, mark, isSketch] {
                               goTo(Place::Workspace);
                               const Side side = isSketch ? Side::Sketch : Side::Reference;
                               session_.document.goTo(isSketch ? "check" : "block-in");
                               session_.selection.marks.choose(side, mark);
                           }});
    }
    if (session_.fit())
        for (const LineEntry& line : lineTable())
            if (line.trace)
                all.push_back({qt(wordsForLine(line.id, learnersTranslator())), tr("Line, lit on both sheets"), {}, [this, id = line.id] {
                                   goTo(Place::Workspace);
                                   session_.document.goTo("guides");
                                   session_.selection.lines.highlight(qt(std::string(id)));
                               }});
    session_.document.tryEdit([&] {
        for (const StudySummary& study : session_.document.logbook().studies())
            all.push_back({qt(study.title), tr("Study"), {}, [this, id = study.id] {
                               session_.document.tryEdit([&] { session_.document.open(id); });
                               goTo(Place::Workspace);
                           }});
    });
    for (const auto& [name, title] : manualPages())
        all.push_back({title, tr("Manual"), {}, [this, page = name] { openManual(page); }});
    return all;
}

void MainWindow::findAnything() {
    CommandFinder finder(commands(), this);
    if (finder.exec() == QDialog::Accepted && finder.chosen())
        finder.chosen()->act();
}

} // namespace zokran
