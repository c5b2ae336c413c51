#include "app/progress/chart.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

namespace zokran {

namespace {

QWidget* drawTurnChart(const ProgressData& data, const std::function<void(StudyId)>& open) {
    if (data.drawings.empty())
        return tooFew(tr("No drawing has been compared yet."));
    PointsChart points{tr("Turn of the head you drew from, degrees"), tr("Turn as you drew it, degrees")};
    for (const LoggedDrawing& d : data.drawings) {
        points.x.push_back(inDegrees(d.drawing.seen.turn));
        points.y.push_back(inDegrees(d.drawing.asDrawn.turn));
        points.studies.push_back(d.study);
    }
    points.line = data.progress.straightening;
    points.diagonal = true;
    return chartOf(points, open);
}

} // namespace

const ProgressChart turnChart{
    "turn", ZOKRAN_WORDS("Straightening"),
    ZOKRAN_WORDS("Each dot a drawing. On the dashed line a turn comes out as it is; a flatter line straightens."),
    drawTurnChart};

} // namespace zokran
