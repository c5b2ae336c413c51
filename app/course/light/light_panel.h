#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"

#include <vector>

class QCheckBox;
class QComboBox;
class QListWidget;
class QPushButton;

namespace zokran {

class LightBall;
class ValueStrip;

/// Where the light stands, in how many values the head is looked at, what catches the light first and what
/// stays dark.
class LightPanel : public StepPanel {
    Q_OBJECT

public:
    explicit LightPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildLight();
    void buildValues();
    void buildForm();
    void buildShown();
    void showValues();
    void buildTones();
    void showPlaces();
    void showTerms();
    void showTones();

    StudySession& session_;
    LightBall* ball_;
    QLabel *direction_, *doubt_, *trouble_, *lights_, *darks_, *next_, *meanings_;
    QPushButton* read_;
    QCheckBox *second_, *squint_, *outlines_, *edges_, *terms_, *stands_;
    std::vector<QPushButton*> values_;
    ValueStrip* strip_;
    QComboBox* form_;
    QListWidget* tones_;
    QLabel *toneVerdict_, *toneMend_, *shadowEdges_;
};

} // namespace zokran
