#pragma once

#include "app/course/step_panel.h"
#include "core/construction/canon.h"

#include <vector>

class QCheckBox;
class QComboBox;

namespace zokran {

/// Which lines lie on the sheets, by which canon and first form.
class GuidesPanel : public StepPanel {
    Q_OBJECT

public:
    explicit GuidesPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildSchools();
    void buildLines();

    std::vector<Canon> canons_;
    QComboBox *canon_, *form_;
    QLabel *about_, *departures_;
    std::vector<std::pair<std::string, QCheckBox*>> lines_;
};

} // namespace zokran
