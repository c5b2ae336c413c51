#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"
#include "core/compare/compare.h"

#include <vector>

class QComboBox;
class QDoubleSpinBox;
class QHBoxLayout;
class QPushButton;
class QToolButton;

namespace zokran {

class AnotherFaceButton;
class CollapsibleSection;
class CorrectionsTable;
class LineButtons;

/// One finding at a time in large words, a strip of all of them, what holds; and folded away, what is
/// held while laying over and every feature's correction.
class FindingsPanel : public StepPanel {
    Q_OBJECT

public:
    explicit FindingsPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void showFinding();
    /// What the check rests on: how much of it the program saw and the learner has not looked over.
    void showWhatItRestsOn();
    void showStrip(const std::vector<const Finding*>& told);
    void buildTolerances();

    StudySession& session_;
    QLabel *gate_, *restsOn_, *count_, *headline_, *body_, *measure_, *own_, *round_, *page_, *holds_, *laid_;
    QToolButton *back_, *on_;
    QPushButton *lookOver_, *features_;
    QHBoxLayout* strip_;
    std::vector<QToolButton*> cards_;
    QStringList stripped_; ///< what the strip was made from
    QComboBox* hold_;
    QDoubleSpinBox *place_, *size_, *angle_;
    CollapsibleSection* numbers_;
    LineButtons* lines_;
    CorrectionsTable* table_;
    AnotherFaceButton* another_;
};

} // namespace zokran
