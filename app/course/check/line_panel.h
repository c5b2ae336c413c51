#pragma once

#include "app/course/step_panel.h"

class QPushButton;

namespace zokran {

/// What is being laid over a drawn line, and where its rings go.
class LinePanel : public StepPanel {
    Q_OBJECT

public:
    explicit LinePanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QLabel *name_, *where_, *which_, *corners_;
};

/// A button for each line that can be laid.
class LineButtons : public QWidget {
    Q_OBJECT

public:
    explicit LineButtons(Desk& desk, QWidget* parent = nullptr);
    void showStudy();

private:
    Desk& desk_;
    std::vector<std::pair<DrawnLine, QPushButton*>> buttons_;
};

} // namespace zokran
