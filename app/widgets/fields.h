#pragma once

#include "core/base/units.h"

#include <QDoubleSpinBox>
#include <QString>

class QComboBox;
class QGridLayout;
class QWidget;

namespace zokran {

/// A number with decimals that takes a point as well as the language's own comma: a point would else be passed over
/// without a word, and 1.7 become 17.
class DecimalBox : public QDoubleSpinBox {
    Q_OBJECT

public:
    using QDoubleSpinBox::QDoubleSpinBox;
    QValidator::State validate(QString& text, int& at) const override;
};

/// Adds a labelled whole number to a two-column grid and returns its box. An ampersand in `text`
/// marks the key that reaches it; without it the text names the box to a screen reader.
QDoubleSpinBox* addNumber(QGridLayout* grid, const QString& text, double low, double high,
                          const QString& suffix);

/// Fills a box with the sheets of paper there are, each with its name as data, and one more for another size,
/// whose name is empty.
void addPapers(QComboBox* box);

/// Leaves undo and redo to the window in a field whose text is part of the study: there is one way back, to what was
/// done last, wherever that was.
void useStudyUndo(QWidget* field);

/// Shows a number in a box without disturbing what is being typed there: nothing is touched when
/// the box shows it already.
void showNumber(QDoubleSpinBox* box, double value);
template <class Unit>
void showNumber(QDoubleSpinBox* box, Quantity<Unit> quantity) {
    showNumber(box, quantity.value);
}

} // namespace zokran
