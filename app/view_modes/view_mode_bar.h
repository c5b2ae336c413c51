#pragma once

#include <QWidget>
#include <vector>

class QLabel;
class QCheckBox;
class QComboBox;
class QPushButton;
class QShortcut;
class QSlider;

namespace zokran {

class StudySession;

/// The ways of looking along the foot of the sheets, each with its key, and the slider of the one
/// chosen.
class ViewModeBar : public QWidget {
    Q_OBJECT

public:
    explicit ViewModeBar(StudySession& session, QWidget* parent = nullptr);
    /// `offered`: the step of the course has something to be looked at so.
    void refresh(bool offered);
    /// Where there is no room for all buttons side by side, a list stands for them.
    QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void choose(std::size_t way);
    /// Shows the buttons or the list, as the room allows.
    void fitToRoom();
    /// Of slider and option, as far as the mode has them, px.
    int widthOfControls() const;

    StudySession& session_;
    QComboBox* list_;
    std::vector<QPushButton*> ways_;
    std::vector<QShortcut*> keys_;
    QSlider* slider_;
    QCheckBox* option_;
};

} // namespace zokran
