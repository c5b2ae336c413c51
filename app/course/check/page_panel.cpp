#include "app/course/check/page_panel.h"

#include "app/widgets/fields.h"
#include "app/text/messages.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

PagePanel::PagePanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    addHeading(tr("Your page"));
    addText(tr("Put each ring on a corner of the paper, also where it runs out of the picture. The "
               "dashed lines are the paper's quarters: they should look as the paper lies."));
    auto* label = addText(tr("&Paper"), "strong");
    column_->addWidget(paper_ = new QComboBox);
    label->setBuddy(paper_);
    addPapers(paper_);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setColumnStretch(0, 1);
    column_->addLayout(grid);
    width_ = addNumber(grid, tr("Its &width"), 20, 5000, tr(" mm"));
    height_ = addNumber(grid, tr("Its hei&ght"), 20, 5000, tr(" mm"));
    auto* toneLabel = addText(tr("Its &tone"), "strong");
    column_->addWidget(tone_ = new QComboBox);
    toneLabel->setBuddy(tone_);
    tone_->setAccessibleName(tr("Its tone"));
    tone_->addItem(tr("As the photograph shows it"));
    tone_->addItem(tr("White"));
    tone_->addItem(tr("Toned; what is lighter is white chalk"));
    column_->addWidget(evened_ = new QCheckBox(tr("&Even light, stronger pencil")));
    addText(tr("The photograph itself is kept as it came."), "caption");
    auto* again = new QPushButton(tr("Loo&k for the page again"));
    column_->addWidget(again);
    addText(tr("Keys on the photograph: Space takes the next corner, arrows move it, with Shift by "
               "more; Enter lays the page flat."),
            "caption");
    column_->addStretch();
    connect(paper_, &QComboBox::activated, this, [this](int index) {
        const std::string name = paper_->itemData(index).toString().toStdString();
        if (!name.empty())
            session_.page.setPaper(paperNamed(name));
    });
    for (QDoubleSpinBox* box : {width_, height_})
        connect(box, &QDoubleSpinBox::valueChanged, this, [this] {
            if (!refreshing_)
                session_.page.setPaper({{width_->value()}, {height_->value()}});
        });
    connect(tone_, &QComboBox::activated, this, [this](int index) { session_.page.setTone(static_cast<PaperChoice>(index)); });
    connect(evened_, &QCheckBox::toggled, this, [this](bool on) {
        if (!refreshing_)
            session_.page.setEvened(on);
    });
    connect(again, &QPushButton::clicked, this, [this] { session_.page.look(session_.photograph(Side::Sketch)); });
}

void PagePanel::showStudy() {
    const auto& flat = session_.page.flat();
    if (!flat)
        return;
    const PaperSize upright{std::min(flat->paper.width, flat->paper.height),
                            std::max(flat->paper.width, flat->paper.height)};
    const int named = paper_->findData(qt(nameOf(upright)));
    paper_->setCurrentIndex(named >= 0 ? named : paper_->count() - 1);
    showNumber(width_, flat->paper.width);
    showNumber(height_, flat->paper.height);
    tone_->setCurrentIndex(static_cast<int>(flat->tone));
    evened_->setChecked(flat->evened);
}

} // namespace zokran
