#include "app/widgets/fields.h"

#include "app/widgets/words.h"
#include "core/words/paper_words.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <cmath>

namespace zokran {

QDoubleSpinBox* addNumber(QGridLayout* grid, const QString& text, double low, double high,
                          const QString& suffix) {
    auto* label = new QLabel(text);
    auto* box = new QDoubleSpinBox;
    box->setRange(low, high);
    box->setDecimals(0);
    box->setSuffix(suffix);
    box->setAccessibleName(QString(text).remove('&'));
    box->setMinimumWidth(96);
    label->setBuddy(box);
    const int row = grid->rowCount();
    grid->addWidget(label, row, 0);
    grid->addWidget(box, row, 1);
    return box;
}

void showNumber(QDoubleSpinBox* box, double value) {
    if (std::abs(box->value() - value) * std::pow(10, box->decimals()) > 0.5)
        box->setValue(value);
}

void addPapers(QComboBox* box) {
    box->setAccessibleName(tr("Paper"));
    for (const std::string_view name : paperNames())
        box->addItem(qt(paperWords(name, learnersBook())), QString::fromUtf8(name.data()));
    box->addItem(tr("Another size"), QString());
}

} // namespace zokran
