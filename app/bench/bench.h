#pragma once

#include "app/study/course.h"
#include "app/sheet/sheet_view.h"
#include "app/study/study_session.h"

#include <QWidget>

class QAction;
class QLabel;
class QProgressBar;
class QPushButton;
class QSplitter;
class QStackedWidget;

namespace zokran {

class StepPanel;

/// The bench: the course along the top, the two sheets in the middle, readings and the step's panel
/// at the right, and along the bottom the next thing to do.
class Bench : public QWidget {
    Q_OBJECT

public:
    explicit Bench(StudySession& session, QWidget* parent = nullptr);

    Step step() const { return step_; }
    void setStep(Step step);
    SheetView* sheet(Side side) { return side == Side::Seen ? seen_ : drawn_; }
    /// Gives one sheet the whole width, or both their halves again.
    void toggleWide(Side side);
    void setLinked(bool linked);
    void setOverlay(bool on);

    /// Opens a picture off the UI thread; then it becomes a new study or this study's sketch.
    void takePicture(const QString& file, Side side, const QString& sitter = {});

signals:
    /// The learner asked for a picture to be chosen.
    void choosePicture(Side side);
    /// The learner wants a plaster head for a sitter.
    void toCastRoom();

private:
    void refresh();
    void refreshCourse();
    void refreshNext();
    SheetContent seenContent() const;
    SheetContent drawnContent() const;
    SheetContent formAlone() const;
    /// How sure each named line is, in % of the head's height.
    std::map<std::string, QString> lineDoubts() const;
    bool stepIsDone(Step step) const;
    QString stepLacks(Step step) const;
    void doNext();
    /// Nothing is judged or measured yet, so a guess may come first.
    bool offersGuess() const;

    StudySession& session_;
    Step step_ = Step::SetUp;
    bool overlay_ = true;
    std::vector<QPushButton*> course_;
    QSplitter* sheets_;
    SheetView *seen_, *drawn_;
    QLabel *seenCaption_, *drawnCaption_;
    QStackedWidget* panels_;
    QLabel* trouble_;
    QLabel* nextText_;
    QPushButton *nextButton_, *secondButton_;
    QProgressBar* busy_;
};

} // namespace zokran
