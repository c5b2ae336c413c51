#pragma once

#include "app/course/step_panel.h"
#include "app/document/open_study.h"
#include "core/measure/kinds.h"

#include <vector>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace zokran {

class CollapsibleSection;

/// The ways of measuring, what was measured with its number on both sheets, and the unit.
class MeasurePanel : public StepPanel {
    Q_OBJECT

public:
    explicit MeasurePanel(OpenStudy& opened, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildGuessing();
    void buildByKeys();
    void showGuessing();
    void showList();
    /// One measurement in the list: what, its number seen and drawn.
    QString lineOf(const Measurement& measurement) const;

    OpenStudy& opened_;
    std::vector<QPushButton*> kinds_;
    QLabel *about_, *told_;
    QWidget* guessing_;
    QDoubleSpinBox* guess_;
    QCheckBox *guessFirst_, *guides_;
    QLineEdit* name_;
    QListWidget* list_;
    QPushButton *remove_, *unit_, *usual_;
    std::vector<QComboBox*> ends_; ///< for laying one by keys alone
    QPushButton* lay_;
};

} // namespace zokran
