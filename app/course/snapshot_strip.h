#pragma once

#include <QWidget>
#include <vector>

class QHBoxLayout;
class QLabel;
class QPushButton;
class QScrollArea;

namespace zokran {

class StudySession;

/// The photographs of one drawing in the order they were taken, under the sheets: the drawing grows as one steps through
/// them. Beside them the one sentence worth saying about how it grows.
class SnapshotStrip : public QWidget {
    Q_OBJECT

public:
    explicit SnapshotStrip(StudySession& session, QWidget* parent = nullptr);
    /// `offered`: the step that is open shows the drawing.
    void refresh(bool offered);

private:
    void showThumbnails();
    /// Looks at another photograph of the drawing.
    void show(std::size_t photograph);
    void step(int by);

    StudySession& session_;
    std::vector<QPushButton*> photographs_;
    QWidget* row_;
    QHBoxLayout* buttons_;
    QScrollArea* scroll_;
    QPushButton *earlier_, *later_;
    QLabel* word_;
};

} // namespace zokran
