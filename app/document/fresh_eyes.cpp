#include "app/document/fresh_eyes.h"

#include "app/widgets/messages.h"

#include <QDate>
#include <QDateTime>
#include <algorithm>

namespace zokran {

QDate dayHere(const std::string& moment) {
    return QDateTime::fromString(qt(moment), Qt::ISODateWithMs).toLocalTime().date();
}

bool waitsForFreshEyes(const Desk& desk) {
    const Sketch* attempt = desk.study().sketch();
    return attempt && !attempt->selfAssessment && attempt->marks.seenMarks().empty() &&
           dayHere(attempt->drawn) < QDate::currentDate();
}

std::vector<StudyId> waitingForFreshEyes(const Desk& desk) {
    std::vector<StudySummary> waiting = desk.document.logbook().studies();
    std::erase_if(waiting, [](const StudySummary& s) {
        return !s.unsaid || s.marked || s.drawn.empty() || dayHere(s.drawn) >= QDate::currentDate();
    });
    std::stable_sort(waiting.begin(), waiting.end(),
                     [](const StudySummary& a, const StudySummary& b) { return a.drawn < b.drawn; });
    std::vector<StudyId> ids;
    for (const StudySummary& s : waiting)
        ids.push_back(s.id);
    return ids;
}

} // namespace zokran
