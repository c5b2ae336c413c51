#pragma once

#include "app/document/document.h"
#include "app/document/study_clock.h"

namespace zokran {

/// The day of a moment as the logbook writes it, by the learner's own calendar.
QDate dayHere(const std::string& moment);

/// The sketch on the bench was drawn on an earlier day or before the last break, and nothing of it was marked, said or told yet.
bool waitsForFreshEyes(const Study& study, const StudyClock& clock);

/// The studies on the shelf whose last sketch waits so, the one waiting longest first.
std::vector<StudyId> waitingForFreshEyes(const Logbook& logbook, const StudyClock& clock);

} // namespace zokran
