#pragma once

#include "app/document/document.h"
#include "cast/drills/drill.h"
#include "core/practice/repetition.h"

#include <QFuture>
#include <QImage>
#include <QWidget>

class QComboBox;
class QDoubleSpinBox;
class QFormLayout;
class QLabel;
class QPushButton;

namespace zokran {

class DrillView;

/// One drill after another: the picture, what is asked, the answer at once. Pictures are made off the UI
/// thread.
class DrillDesk : public QWidget {
    Q_OBJECT

public:
    explicit DrillDesk(Document& document, QWidget* parent = nullptr);
    ~DrillDesk() override;

    /// Takes up a drill by its id.
    void choose(const std::string& drill);
    bool isMaking() const { return making_; }
    const std::optional<DrillTask>& task() const { return task_; }
    DrillView* view() { return view_; }

private:
    void ask();
    void showTask();
    void showPlaces();
    void answer();
    std::vector<AskedTask> historyOf(const std::string& drill) const;
    void refreshList();

    Document& document_;
    std::vector<QPushButton*> list_;
    DrillView* view_;
    QLabel *question_, *level_, *result_;
    QFormLayout* form_;
    QPushButton *answer_, *next_;
    struct Entry {
        std::size_t field;
        QDoubleSpinBox* number = nullptr;
        QComboBox* choice = nullptr;
    };
    std::vector<Entry> entries_;
    std::vector<PicturePoint> places_;
    std::string drill_;
    std::optional<DrillTask> task_;
    bool making_ = false, answered_ = false;
    int asked_ = 0;
    QFuture<void> work_;
};

} // namespace zokran
