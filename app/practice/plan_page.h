#pragma once

#include "app/document/document.h"
#include "app/document/study_clock.h"
#include "app/document/timed_sitting.h"
#include "app/print/contact_sheet.h"
#include "core/practice/head_plan.h"

#include <QWidget>

class QCheckBox;
class QLabel;
class QPushButton;
class QSpinBox;
class QUndoStack;
class QVBoxLayout;

namespace zokran {

/// A page of small heads that fills as they are drawn.
class HeadsFilling : public QWidget {
    Q_OBJECT

public:
    explicit HeadsFilling(QWidget* parent = nullptr);
    void show(int goal, int done, int today);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;

private:
    int goal_ = 0, done_ = 0, today_ = 0;
};

/// So many heads in so many days: what today asks for, what is done, and the next head to draw.
class PlanPage : public QWidget {
    Q_OBJECT

public:
    PlanPage(Document& document, const StudyClock& clock, TimedSitting& sitting, QUndoStack& undo, QWidget* parent = nullptr);
    void refresh();
    std::optional<HeadPlan> plan() const;

signals:
    /// The learner wants a head to draw, from the cast room.
    void nextHead();
    /// A drawing that was put aside is to be looked at again.
    void lookAgain(StudyId study);

private:
    void begin();
    /// The plan kept, in its boxes.
    void showChosen();
    void buildSitting(QVBoxLayout* column);
    void showWaiting();
    void saveCalendar();
    void saveSpread();
    std::vector<Day> drawnDays() const;

    /// Keeps a plan, or none; can be undone.
    void keep(const QString& words, const std::string& text);

    const StudyClock& clock_;
    TimedSitting& sitting_;
    QUndoStack& undo_;
    Document& document_;
    QLabel *words_, *when_;
    QSpinBox *goal_, *days_;
    std::vector<QCheckBox*> off_; ///< Monday first
    HeadsFilling* heads_;
    QPushButton *begin_, *next_, *calendar_, *give_up_, *spread_, *again_;
    std::vector<StudyId> waiting_; ///< for fresh eyes
    QSpinBox *sittingHeads_, *sittingMinutes_;
    ContactSheet sheet_;
};

/// Today, by the learner's own calendar.
Day todayHere();

} // namespace zokran
