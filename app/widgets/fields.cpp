#include "app/widgets/fields.h"

#include "app/text/messages.h"
#include "core/messages/paper_messages.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <cmath>

namespace zokran {

QValidator::State DecimalBox::validate(QString& text, int& at) const {
    if (decimals() > 0)
        text.replace('.', locale().decimalPoint());
    return QDoubleSpinBox::validate(text, at);
}

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
        box->addItem(qt(paperWords(name, learnersTranslator())), QString::fromUtf8(name.data()));
    box->addItem(tr("Another size"), QString());
}

namespace {

/// Lets the keys for undo and redo pass a field that would take them for itself.
class UndoPasses : public QObject {
public:
    using QObject::QObject;
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (event->type() == QEvent::ShortcutOverride || event->type() == QEvent::KeyPress) {
            const auto* key = static_cast<QKeyEvent*>(event);
            if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
                event->ignore();
                return true;
            }
        }
        return QObject::eventFilter(watched, event);
    }
};

} // namespace

void useStudyUndo(QWidget* field) {
    field->installEventFilter(new UndoPasses(field));
    field->setContextMenuPolicy(Qt::NoContextMenu); // it would offer the field's own way back
}

} // namespace zokran
