#include "app/course/check/line_panel.h"

#include "app/document/line_annotation.h"
#include "app/text/messages.h"
#include "core/messages/line_messages.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

LinePanel::LinePanel(OpenStudy& opened, QWidget* parent) : StepPanel(parent), opened_(opened) {
    which_ = addText({}, "caption");
    name_ = addHeading({});
    where_ = addText({});
    auto* away = new QPushButton(tr("Take it &away"));
    away->setToolTip(tr("The sketch shows no such line, or it is not to be judged"));
    column_->addWidget(away);
    connect(away, &QPushButton::clicked, this, [this] {
        if (const auto& annotation = opened_.selection.lines.annotation())
            eraseLine(opened_, annotation->line);
    });
    corners_ = addText({}, "caption");
    addText(tr("Keys on the sheet: Space takes the next ring, arrows move it, with Shift by more; Enter is done."),
            "caption");
    column_->addStretch();
}

void LinePanel::showStudy() {
    const auto& annotation = opened_.selection.lines.annotation();
    if (!annotation)
        return;
    which_->setText(annotation->side == Side::Reference ? tr("Over the photograph, then over your sketch")
                                                : tr("Over your sketch"));
    name_->setText(capital(qt(wordsFor(annotation->line, learnersTranslator()))));
    corners_->setVisible(hasPointsAtWill(annotation->line) && annotation->side == Side::Reference);
    corners_->setText(isOfStraights(annotation->line)
                          ? tr("A click beside the rings puts the next corner there. Insert adds a corner after the ring taken up, "
                               "Delete takes it away; five to nine straights serve.")
                          : tr("A click beside the rings puts the next one there. Insert adds a ring after the one taken up, "
                               "Delete takes it away: as many as the hair has bends, up to fifteen."));
    where_->setText(qt(whereToLay(annotation->line, learnersTranslator())));
}

LineButtons::LineButtons(OpenStudy& opened, QWidget* parent) : QWidget(parent), opened_(opened) {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    int at = 0;
    for (DrawnLine line : allDrawnLines) {
        auto* button = new QPushButton;
        button->setToolTip(qt(whereToLay(line, learnersTranslator())));
        grid->addWidget(button, at / 2, at % 2);
        ++at;
        connect(button, &QPushButton::clicked, this, [this, line] { startLineAnnotation(opened_, line); });
        buttons_.emplace_back(line, button);
    }
}

void LineButtons::showStudy() {
    const Sketch* attempt = opened_.study().sketch();
    for (const auto& [line, button] : buttons_) {
        const QString name = capital(qt(wordsFor(line, learnersTranslator())));
        button->setText(attempt && attempt->marks.lines.has(line) ? QStringLiteral("✓ ") + name : name);
        button->setEnabled(attempt);
    }
}

} // namespace zokran
