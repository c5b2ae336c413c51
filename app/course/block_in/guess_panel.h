#pragma once

#include "app/course/step_panel.h"
#include "app/document/open_study.h"

class QDoubleSpinBox;

namespace zokran {

/// The guess before the measuring: the construction's angles, width and chin as typed numbers, for
/// those who would rather type than pull, and what each handle on the sheet does.
class GuessPanel : public StepPanel {
    Q_OBJECT

public:
    explicit GuessPanel(OpenStudy& opened, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    OpenStudy& opened_;
    QDoubleSpinBox *turn_, *tilt_, *lean_, *width_, *chin_;
};

} // namespace zokran
