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
bool isSeenAfresh(const Desk& desk, const std::string& drawn) {
    return dayHere(drawn) < QDate::currentDate() || drawn < desk.clock.rested();
}

} // namespace

bool waitsForFreshEyes(const Desk& desk) {
    const Sketch* attempt = desk.study().sketch();
    return attempt && !attempt->selfAssessment && attempt->marks.seenMarks().empty() &&
           isSeenAfresh(desk, attempt->drawn);
}

std::vector<StudyId> waitingForFreshEyes(const Desk& desk) {
    std::vector<StudySummary> waiting = desk.document.logbook().studies();
    std::erase_if(waiting, [&](const StudySummary& s) {
        return !s.unsaid || s.marked || s.drawn.empty() || !isSeenAfresh(desk, s.drawn);
    });
    std::stable_sort(waiting.begin(), waiting.end(),
                     [](const StudySummary& a, const StudySummary& b) { return a.drawn < b.drawn; });
    std::vector<StudyId> ids;
    for (const StudySummary& s : waiting)
        ids.push_back(s.id);
    return ids;
}

} // namespace zokran
