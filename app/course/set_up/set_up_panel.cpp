#include "app/course/set_up/set_up_panel.h"

#include "app/widgets/fields.h"
#include "app/widgets/words.h"

#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QVBoxLayout>

namespace zokran {

SetUpPanel::SetUpPanel(Desk& desk, QWidget* parent) : StepPanel(desk, parent) {
    addHeading(tr("Set up"));
    auto field = [&](const QString& name, QWidget* widget) {
        auto* label = addText(name, "strong");
        label->setBuddy(widget);
        widget->setAccessibleName(QString(name).remove('&'));
        column_->addWidget(widget);
    };
    field(tr("&Title"), title_ = new QLineEdit);
    field(tr("&Sitter"), sitter_ = new QLineEdit);
    sitter_->setPlaceholderText(tr("Whose head it is"));
    field(tr("Width that the &photo of your sketch shows"), paper_ = new QDoubleSpinBox);
    paper_->setRange(0, 2000);
    paper_->setDecimals(0);
    paper_->setSuffix(tr(" mm"));
    paper_->setSpecialValueText(tr("not known"));
    addText(tr("With the width known, corrections come in millimetres on your paper. A4 upright is "
               "210 mm wide; add what shows of the table."),
            "caption");
    addText(
        tr("Draw a border first and mark crown and chin inside it. Leave room for hair, neck and "
           "shoulders: a head of about half the sheet's height sits well."));
    addText(tr("Photographs of people stay on this machine. Zokran sends nothing anywhere."),
            "caption");
    column_->addStretch();
    auto edit = [this](const QString& words, const QString& key, auto change) {
        if (!refreshing_)
            desk_.document.edit(words, key, change);
    };
    connect(title_, &QLineEdit::textEdited, this, [=](const QString& text) {
        edit(tr("Rename the study"), "title", [&](Study& s) { s.title = text.toStdString(); });
    });
    connect(sitter_, &QLineEdit::textEdited, this, [=](const QString& text) {
        edit(tr("Name the sitter"), "sitter", [&](Study& s) { s.sitter = text.toStdString(); });
    });
    connect(paper_, &QDoubleSpinBox::valueChanged, this, [=](double mm) {
        edit(tr("Set the paper's width"), "paper", [&](Study& s) {
            // Of the sketch on the bench, and of those to come.
            s.nextPage.shownWidth = mm > 0 ? std::optional(Millimetres{mm}) : std::nullopt;
            if (Attempt* a = s.attempt())
                a->page.shownWidth = s.nextPage.shownWidth;
        });
    });
}

void SetUpPanel::showStudy() {
    const Study& s = desk_.study();
    auto show = [](QLineEdit* field, const std::string& text) {
        if (field->text().toStdString() != text)
            field->setText(qt(text));
    };
    show(title_, s.title);
    show(sitter_, s.sitter);
    const Page& page = s.attempt() ? s.attempt()->page : s.nextPage;
    showNumber(paper_, page.shownWidth.value_or(Millimetres{0}).value);
    setEnabled(desk_.document.isOpen());
}

} // namespace zokran
