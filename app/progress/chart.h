#pragma once

#include "core/practice/progress.h"
#include "logbook/drawings.h"

#include <QString>
#include <QWidget>
#include <functional>
#include <memory>
#include <vector>

namespace zokran {

/// What the charts are drawn from.
struct ProgressData {
    std::vector<LoggedDrawing> drawings; ///< oldest first, of each the first photograph
    std::vector<LoggedDrawing> photographs; ///< all of them
    Progress progress;
    std::filesystem::path folder; ///< of the logbook
};

/// One way of seeing progress. Each is one file of app/progress/charts, and a name in the list below.
struct ProgressChart {
    const char* id;
    const char* name;  ///< in English, to be translated
    const char* about; ///< how it is read, one sentence
    /// A widget that shows it; `open` opens the study of a drawing that is clicked.
    QWidget* (*make)(const ProgressData& data, const std::function<void(StudyId)>& open);
};
/// The list: one name for each file of app/progress/charts.
#define ZOKRAN_PROGRESS_CHARTS \
    biasChart, turnChart, weeksChart, posesChart, guessChart, minutesChart, cameBackChart, beforeAfterChart
extern const ProgressChart ZOKRAN_PROGRESS_CHARTS;

const std::vector<const ProgressChart*>& progressCharts();

/// A chart of points over two axes with a straight line through them and its band; `diagonal` is drawn
/// dashed where the two agree.
struct PointsChart {
    QString across, up;
    std::vector<double> x = {}, y = {};
    std::vector<StudyId> studies = {}; ///< of each point
    std::optional<Line> line = {};
    bool diagonal = false;
    bool dates = false; ///< x in days since 1970
};
QWidget* chartOf(const PointsChart& points, const std::function<void(StudyId)>& open);
/// Words in the middle, where there is too little to show.
QWidget* tooFew(const QString& words);

} // namespace zokran
