#include "app/progress/chart.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

namespace zokran {

namespace {

QWidget* drawWeeksChart(const ProgressData& data, const std::function<void(StudyId)>& open) {
    PointsChart points{tr("When"), tr("Marks off by, % of the head's height")};
    for (const LoggedDrawing& d : data.drawings)
        if (const auto distance = d.drawing.distance()) {
            points.x.push_back(
                std::chrono::duration<double, std::ratio<86400>>(d.drawing.drawn.time_since_epoch()).count());
            points.y.push_back(*distance);
            points.studies.push_back(d.study);
        }
    if (points.x.empty())
        return tooFew(tr("No drawing has been compared yet."));
    points.line = data.progress.trend;
    points.dates = true;
    return chartOf(points, open);
}

} // namespace

const ProgressChart weeksChart{"weeks", ZOKRAN_WORDS("Over time"),
                               ZOKRAN_WORDS("How far the marks of each drawing lie off on average. Lower is nearer."),
                               drawWeeksChart};

} // namespace zokran
