#pragma once

#include "app/study/course.h"
#include "app/study/study_session.h"

#include <QWidget>
#include <functional>
#include <vector>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPlainTextEdit;
class QPushButton;
class QTableWidget;
class QVBoxLayout;

namespace zokran {

class MarkDiagram;

/// What a step needs at the right of the bench, under the readings.
class StepPanel : public QWidget {
    Q_OBJECT

public:
    explicit StepPanel(StudySession& session, QWidget* parent = nullptr);
    /// Shows the study as it is now.
    virtual void refresh() = 0;

protected:
    QLabel* addHeading(const QString& text);
    QLabel* addText(const QString& text, const char* type = nullptr);

    StudySession& session_;
    QVBoxLayout* column_;
    bool refreshing_ = false; ///< values are being shown, not typed
};

/// Title, sitter and paper.
class SetUpPanel : public StepPanel {
    Q_OBJECT

public:
    SetUpPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override;

private:
    QLineEdit *title_, *sitter_;
    QDoubleSpinBox* paper_;
};

/// The guided marking of one sheet.
class MarkPanel : public StepPanel {
    Q_OBJECT

public:
    MarkPanel(StudySession& session, Side side, QWidget* parent = nullptr);
    void refresh() override;
    void setSide(Side side);

private:
    Side side_;
    QLabel *next_, *where_, *state_;
    MarkDiagram* diagram_;
    QPushButton *suggest_, *guess_;
    QCheckBox* smiling_;
    QLabel* guessWords_;
    QListWidget* list_;
};

/// Which lines lie on the sheets, and by which canon.
class GuidesPanel : public StepPanel {
    Q_OBJECT

public:
    GuidesPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override;

private:
    QComboBox* canon_;
    QLabel* about_;
    QLabel* departures_;
    std::vector<std::pair<std::string, QCheckBox*>> lines_;
};

/// What to see to while drawing on paper.
class DrawPanel : public StepPanel {
    Q_OBJECT

public:
    DrawPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override {}
};

/// The findings and the table of placements.
class FindingsPanel : public StepPanel {
    Q_OBJECT

public:
    FindingsPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override;

private:
    QComboBox* hold_;
    QWidget* findings_;
    QTableWidget* table_;
};

/// Notes in the learner's own words.
class KeepPanel : public StepPanel {
    Q_OBJECT

public:
    KeepPanel(StudySession& session, QWidget* parent = nullptr);
    void refresh() override;

private:
    QPlainTextEdit* notes_;
    QLabel* summary_;
};

} // namespace zokran
