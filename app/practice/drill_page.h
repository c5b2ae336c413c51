#pragma once

#include "app/background/background.h"
#include "app/document/document.h"
#include "cast/drills/drill.h"
#include "core/practice/repetition.h"

#include <QImage>
#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QPushButton;
class QUndoStack;
class QVBoxLayout;

namespace zokran {

class DrillView;

/// One drill after another: the picture as large as the window allows, beside it which drill, what is asked, and the
/// answer at once. Pictures are made off the UI thread.
class DrillPage : public QWidget {
    Q_OBJECT

public:
    /// `beneath` is shown under what is asked and scrolls with it; Enter there is its own.
    DrillPage(Document& document, QUndoStack& undo, QWidget* beneath, QWidget* parent = nullptr);

    /// Selects a drill by its id.
    void choose(const std::string& drill);
    /// Selects the first drill, where none is selected yet.
    void begin();
    /// Whose heads are asked about: the cast room's, or the learner's own studies.
    void askOfOwn(bool own);
    bool isMaking() const { return making_; }
    const std::optional<DrillTask>& task() const { return task_; }
    DrillView* view() { return view_; }

signals:
    /// To lay the study that was asked about on the bench.
    void studyWanted(StudyId study);

protected:
    /// Enter answers, and Enter again is the next task.
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void buildChoice(QVBoxLayout* column);
    void ask();
    void askOfCast();
    void askOfStudies();
    /// What was asked for is there; `again`: it was missed before. Nothing: no study serves.
    void arrived(std::optional<DrillTask> task, bool again, StudyId study);
    void failed(const QString& why);
    void showTask();
    void showPlaces();
    void answer();
    /// Keeps an answer, or takes it back; whichever it is shows where its task still lies there.
    bool keep(const Logbook::DrillAnswer& answer, const QString& told, bool back);
    void showAnswer(const QString& told);
    std::vector<AskedTask> historyOf(const std::string& drill) const;
    void refreshList();

    Document& document_;
    QUndoStack& undo_;
    QPushButton *fromCast_, *fromOwn_;
    QComboBox* list_;
    DrillView* view_;
    QWidget* beneath_;
    QLabel *question_, *level_, *result_;
    QFormLayout* form_;
    QPushButton *answer_, *next_, *lay_;
    struct Entry {
        std::size_t field;
        QDoubleSpinBox* number = nullptr;
        QComboBox* choice = nullptr;
    };
    std::vector<Entry> entries_;
    std::vector<PicturePoint> places_;
    std::string drill_;
    std::optional<DrillTask> task_;
    StudyId study_ = 0; ///< that the task is about; 0: none of the learner's
    bool own_ = false, making_ = false, answered_ = false;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
