#pragma once

#include "app/background/background.h"
#include "app/document/document.h"
#include "app/progress/chart.h"

#include <QWidget>

class QLabel;
class QProgressBar;
class QPushButton;
class QStackedLayout;
class QVBoxLayout;

namespace zokran {

/// What all drawings say together: in words first, then as charts one can click into. Worked out off the UI
/// thread from a logbook of its own.
class ProgressPlace : public QWidget {
    Q_OBJECT

public:
    explicit ProgressPlace(Document& document, QWidget* parent = nullptr);
    /// Reads the logbook anew.
    void refresh();
    bool isWorking() const { return working_; }
    const ProgressData& data() const { return data_; }
    QWidget* chart() const { return chart_; }

signals:
    void chosen(StudyId study);
    /// To the drill that helps most, or to a head held so.
    void drillWanted(const QString& drill);
    void poseWanted(const Pose& pose);

private:
    void show(ProgressData data);
    void showChart(std::size_t index);
    void save();
    QByteArray chartAsSvg() const;

    Document& document_;
    ProgressData data_;
    QLabel *first_, *words_, *about_;
    QPushButton *practise_, *pose_, *save_;
    std::vector<QPushButton*> charts_;
    QVBoxLayout* space_;
    QWidget* chart_ = nullptr;
    std::size_t shown_ = 0;
    bool chose_ = false; ///< the learner chose which chart
    QProgressBar* busy_;
    std::string drill_;
    Pose wantedPose_;
    bool working_ = false;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
