#pragma once

#include "app/course/step.h"
#include "app/document/study_session.h"
#include "app/sheet/sheet_view.h"

#include <QMap>
#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;
class QSplitter;
class QStackedWidget;
class QVBoxLayout;

namespace zokran {

class SnapshotStrip;
class ViewModeBar;
class SettledButton;
class SheetCaption;
class Readings;

/// The bench: the course along the top, the two sheets in the middle, readings and the step's panel
/// at the right, and along the bottom the next thing to do. What each shows is the step's to say.
class Workspace : public QWidget {
    Q_OBJECT

public:
    explicit Workspace(StudySession& session, QWidget* parent = nullptr);
    ~Workspace() override;

    StudySession& session() const { return session_; }
    const std::vector<std::unique_ptr<Step>>& steps() const { return steps_; }
    /// The step the study is at; the first where the study names none that is known.
    Step& step() const;
    SheetView* sheet(Side side) { return side == Side::Reference ? seen_ : drawn_; }
    /// Gives one sheet the whole width, or both their halves again.
    void toggleWide(Side side);
    void setLinked(bool linked);
    /// Takes the construction off the sketch, or lays it over it.
    void setOverlay(bool on);

private:
    void buildCourse(QVBoxLayout* column);
    void buildSheets(QVBoxLayout* column);
    void buildNext(QVBoxLayout* column);
    void refresh();
    void refreshCourse();
    void refreshPanel();
    /// A step was opened: its panel begins at the top, and the keys go to the sheet it works on.
    void beginStep();
    void refreshNext();
    /// What the step lays on a side, without its lines where these are switched off.
    Scene sceneOf(Side side) const;
    static void showScene(Scene scene, SheetView* view, SheetCaption* caption);

    StudySession& session_;
    std::vector<std::unique_ptr<Step>> steps_;
    bool overlay_ = true;
    std::vector<QPushButton*> course_;
    QSplitter* sheets_;
    SheetView *seen_, *drawn_;
    SheetCaption *seenCaption_, *drawnCaption_;
    ViewModeBar* viewModeBar_;
    SnapshotStrip* snapshots_;
    Readings* readings_;
    QStackedWidget* panels_;
    QMap<StepPanel*, QWidget*> shown_; ///< the scroll area each panel lies in
    QLabel* nextText_;
    SettledButton *nextButton_, *secondButton_;
    NextThing next_;
    QProgressBar* busy_;
};

} // namespace zokran
