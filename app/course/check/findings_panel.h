#pragma once

#include "app/course/step_panel.h"

class QComboBox;
class QTableWidget;

namespace zokran {

/// The findings, what is held while laying over, and every feature's correction.
class FindingsPanel : public StepPanel {
    Q_OBJECT

public:
    explicit FindingsPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void showFindings();
    void showTable();

    QComboBox* hold_;
    QWidget* findings_;
    QTableWidget* table_;
    QStringList shown_; ///< the findings' sentences as they stand
};

} // namespace zokran
