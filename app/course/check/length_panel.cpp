#include "app/course/check/length_panel.h"

#include "app/widgets/fields.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zokran {

LengthPanel::LengthPanel(PageDetection& page, QWidget* parent) : StepPanel(parent), page_(page) {
    addHeading(tr("A known length"));
    addText(tr("Put the two rings on the ends of something you can measure with a ruler: an edge of the paper, a line you "
               "drew, the whole head. Photograph it from straight above; nothing is straightened here."));
    auto* grid = new QGridLayout;
    grid->setColumnStretch(0, 1);
    column_->addLayout(grid);
    length_ = addNumber(grid, tr("It is so &long on the paper"), 1, 5000, tr(" mm"));
    addText(tr("Keys on the photograph: Space takes the other end, arrows move it, with Shift by more; Enter is done."),
            "caption");
    column_->addStretch();
    connect(length_, &QDoubleSpinBox::valueChanged, this, [this] {
        if (refreshing_)
            return;
        if (auto known = page_.knownLength()) {
            known->length = {length_->value()};
            page_.setLength(*known, "length typed");
        }
    });
}

void LengthPanel::showStudy() {
    if (const auto known = page_.knownLength())
        showNumber(length_, known->length);
}

} // namespace zokran
