#pragma once

#include "app/document/desk.h"
#include "app/widgets/collapsible_section.h"

#include <QTimer>

class QPushButton;
class QSlider;
class QSpinBox;

namespace zokran {

/// The construction put down stroke by stroke as a hand would, on the photograph and alone beside it, at the learner's pace; and
/// saved as a moving drawing.
class WayThere : public CollapsibleSection {
    Q_OBJECT

public:
    explicit WayThere(Desk& desk, QWidget* parent = nullptr);
    /// `offered`: the drawing is gone about by the form.
    void refresh(bool offered);

protected:
    /// Who goes elsewhere sees all of it again.
    void hideEvent(QHideEvent* event) override;

private:
    void showPlaying();
    void playOrPause();
    void advance();
    void stop();
    void save();

    Desk& desk_;
    QTimer timer_;
    QPushButton *play_, *save_;
    QSlider* along_;
    QSpinBox* seconds_;
};

} // namespace zokran
