#pragma once

#include "app/document/study_session.h"
#include "app/widgets/collapsible_section.h"

#include <QTimer>

class QPushButton;
class QSlider;
class QSpinBox;

namespace zokran {

/// The construction put down stroke by stroke as a hand would, on the photograph and alone beside it, at the learner's pace; and
/// saved as a moving drawing.
class DrawingAnimation : public CollapsibleSection {
    Q_OBJECT

public:
    explicit DrawingAnimation(StudySession& session, QWidget* parent = nullptr);
    /// `offered`: the drawing is gone about by the form.
    void refresh(bool offered);

protected:
    /// Ends the animation: elsewhere the whole construction is shown.
    void hideEvent(QHideEvent* event) override;

private:
    void showPlaying();
    void playOrPause();
    void advance();
    void stop();
    void save();

    StudySession& session_;
    QTimer timer_;
    QPushButton *play_, *save_;
    QSlider* along_;
    QSpinBox* seconds_;
};

} // namespace zokran
