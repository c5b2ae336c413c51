#pragma once

#include "app/course/step_panel.h"

class QPushButton;

namespace zokran {

/// The drawings on a page, to choose the one that is checked.
class HeadPanel : public StepPanel {
    Q_OBJECT

public:
    explicit HeadPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    std::vector<QPushButton*> heads_;
};

} // namespace zokran
