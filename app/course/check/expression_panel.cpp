#include "app/course/check/expression_panel.h"

#include "app/document/expression_marking.h"
#include "app/document/marking.h"
#include "app/text/messages.h"
#include "core/messages/expression_messages.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

ExpressionPanel::ExpressionPanel(OpenStudy& opened, QWidget* parent) : StepPanel(parent), opened_(opened) {
    sheet_ = addText({}, "caption");
    name_ = addHeading({});
    where_ = addText({});
    column_->addWidget(aside_ = new QPushButton);
    aside_->setToolTip(tr("Delete, with the sheet in focus"));
    connect(aside_, &QPushButton::clicked, this, [this] {
        if (const auto taken = opened_.selection.marks.expression())
            hideMark(opened_, taken->side, taken->mark);
    });
    column_->addWidget(back_ = new QPushButton(tr("&Bring back what was set aside")));
    connect(back_, &QPushButton::clicked, this, [this] {
        opened_.document.edit(tr("Bring back eyebrows, lids and lips"), {}, [](Study& s) {
            for (const Side side : {Side::Reference, Side::Sketch})
                for (auto& placed : s.marks(side).expression)
                    if (placed && placed->hidden)
                        placed.reset();
        });
    });
    state_ = addText({});
    addText(tr("They are looked at when the head stands, and never change how its turn is read. Draw what this sitter has: "
               "no two eyebrows are alike."));
    addText(tr("A click on a dashed ring says that it lies right. Keys on the sheet: Space says so and takes the next ring, arrows "
               "move it, with Shift by more; Enter is done."),
            "caption");
    column_->addStretch();
}

void ExpressionPanel::showStudy() {
    const auto taken = opened_.selection.marks.expression();
    sheet_->setText(!taken                       ? tr("Over the photograph and over your sketch")
                    : taken->side == Side::Reference ? tr("Over the photograph")
                                                 : tr("Over your sketch"));
    name_->setText(taken ? capital(qt(wordsFor(taken->mark, learnersTranslator()))) : tr("Eyebrows, lids and lips"));
    where_->setText(taken ? qt(whereToFind(taken->mark, learnersTranslator())) : tr("Drag each ring onto its place, on both sheets."));
    aside_->setText(taken && taken->side == Side::Reference ? tr("&Cannot see it") : tr("&Not drawn"));
    aside_->setEnabled(taken && expressionPlacesOn(opened_, taken->side)[taken->mark]);
    int aside = 0, suggested = 0;
    for (const Side side : {Side::Reference, Side::Sketch})
        for (const auto& placed : opened_.study().marks(side).expression) {
            aside += placed && placed->hidden;
            suggested += placed && placed->suggested;
        }
    back_->setVisible(aside > 0);
    state_->setText(tr("Set by the program and not looked at yet: %1.").arg(suggested));
    state_->setVisible(suggested > 0);
}

} // namespace zokran
