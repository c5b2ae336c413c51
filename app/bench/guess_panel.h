#pragma once

#include "app/bench/panels.h"

namespace zokran {

/// The guess before the measuring: the construction's angles, width and chin as typed numbers, for
/// those who would rather type than pull, and what each handle on the sheet does.
class GuessPanel : public StepPanel {
    Q_OBJECT

public:
    GuessPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override;

private:
    QDoubleSpinBox *turn_, *tilt_, *lean_, *width_, *chin_;
};

/// What the guess was to the fit, in words such as "turned 12° too little"; empty while either is
/// missing.
QString guessInWords(const StudySession& session);

} // namespace zokran
