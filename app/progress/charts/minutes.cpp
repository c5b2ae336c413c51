#include "app/progress/chart.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

namespace zokran {

namespace {

QWidget* drawMinutesChart(const ProgressData& data, const std::function<void(StudyId)>& open) {
    PointsChart points{tr("Minutes it took"), tr("Marks off by, % of the head's height")};
    for (const LoggedDrawing& d : data.drawings)
        if (const auto distance = d.drawing.distance(); distance && d.drawing.took.count() > 0) {
            points.x.push_back(static_cast<double>(d.drawing.took.count()) / 60);
            points.y.push_back(*distance);
            points.studies.push_back(d.study);
        }
    if (points.x.empty())
        return tooFew(tr("No times yet. Set the clock at the step Draw; the time is kept with the sketch."));
    points.line = data.progress.overMinutes;
    return chartOf(points, open);
}

} // namespace

const ProgressChart minutesChart{"minutes", ZOKRAN_WORDS("Time and accuracy"),
                                 ZOKRAN_WORDS("Whether longer drawings come nearer."), drawMinutesChart};

} // namespace zokran
