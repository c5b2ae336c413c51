#include "app/progress/chart.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

namespace zokran {

namespace {

QWidget* drawGuessChart(const ProgressData& data, const std::function<void(StudyId)>& open) {
    PointsChart points{tr("Turn as measured, degrees"), tr("Turn as you guessed it, degrees")};
    for (const LoggedDrawing& d : data.drawings)
        if (d.drawing.guess) {
            points.x.push_back(inDegrees(d.drawing.seen.turn));
            points.y.push_back(inDegrees(d.drawing.guess->turn));
            points.studies.push_back(d.study);
        }
    if (points.x.empty())
        return tooFew(tr("No guesses yet. At the step Block in you can judge the pose before it is measured."));
    points.line = data.progress.guessing;
    points.diagonal = true;
    return chartOf(points, open);
}

} // namespace

const ProgressChart guessChart{"guess", ZOKRAN_WORDS("Guess against fit"),
                               ZOKRAN_WORDS("How you judged turns by eye. On the dashed line the guess was right."),
                               drawGuessChart};

} // namespace zokran
