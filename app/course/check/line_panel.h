#pragma once

#include "app/course/step_panel.h"
#include "app/document/open_study.h"

class QPushButton;

namespace zokran {

/// What is being laid over a drawn line, and where its rings go.
class LinePanel : public StepPanel {
    Q_OBJECT

public:
    explicit LinePanel(OpenStudy& opened, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    OpenStudy& opened_;
    QLabel *name_, *where_, *which_, *corners_;
};

/// A button for each line that can be laid.
class LineButtons : public QWidget {
    Q_OBJECT

public:
    explicit LineButtons(OpenStudy& opened, QWidget* parent = nullptr);
    void showStudy();

private:
    OpenStudy& opened_;
    std::vector<std::pair<DrawnLine, QPushButton*>> buttons_;
};

} // namespace zokran
