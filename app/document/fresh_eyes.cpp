#include "app/document/fresh_eyes.h"

#include "app/text/messages.h"

#include <QDate>
#include <QDateTime>
#include <algorithm>

namespace zokran {

QDate dayHere(const std::string& moment) {
    return QDateTime::fromString(qt(moment), Qt::ISODateWithMs).toLocalTime().date();
}

namespace {

/// Eyes are fresh on another day, or after a break. Moments compare as the logbook writes them.
bool isSeenAfresh(const StudyClock& clock, const std::string& drawn) {
    return dayHere(drawn) < QDate::currentDate() || drawn < clock.rested();
}

} // namespace

bool waitsForFreshEyes(const Study& study, const StudyClock& clock) {
    const Sketch* attempt = study.sketch();
    return attempt && !attempt->selfAssessment && attempt->marks.seenMarks().empty() && isSeenAfresh(clock, attempt->drawn);
}

std::vector<StudyId> waitingForFreshEyes(const Logbook& logbook, const StudyClock& clock) {
    std::vector<StudySummary> waiting = logbook.studies();
    std::erase_if(waiting, [&](const StudySummary& s) {
        return !s.unsaid || s.marked || s.drawn.empty() || !isSeenAfresh(clock, s.drawn);
    });
    std::stable_sort(waiting.begin(), waiting.end(),
                     [](const StudySummary& a, const StudySummary& b) { return a.drawn < b.drawn; });
    std::vector<StudyId> ids;
    for (const StudySummary& s : waiting)
        ids.push_back(s.id);
    return ids;
}

} // namespace zokran
