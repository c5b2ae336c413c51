#pragma once

#include "app/course/step_panel.h"

class QDoubleSpinBox;

namespace zokran {

/// The guess before the measuring: the construction's angles, width and chin as typed numbers, for
/// those who would rather type than pull, and what each handle on the sheet does.
class GuessPanel : public StepPanel {
    Q_OBJECT

public:
    explicit GuessPanel(Desk& desk, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    QDoubleSpinBox *turn_, *tilt_, *lean_, *width_, *chin_;
};

} // namespace zokran
