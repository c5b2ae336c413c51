#pragma once

#include "core/practice/drawing.h"
#include "logbook/logbook.h"

#include <functional>

namespace zokran {

/// A drawing of the logbook, and where it is.
struct LoggedDrawing {
    StudyId study = 0;
    int place = 0;
    std::string sitter, picture; ///< whose head; the sketch, in the pictures folder
    Drawing drawing;
    bool computedNow = false; ///< its figures were not in the logbook yet
};

/// Every drawing that can be compared, oldest first. What was never compared is compared now, which takes a
/// while of many; `goesOn` is told the share done and may stop it, and then what there is so far comes back.
/// Safe off the UI thread with a logbook of its own.
std::vector<LoggedDrawing> drawingsOf(const Logbook& logbook,
                                      const std::function<bool(double)>& goesOn = {});

/// A moment as the logbook writes it (ISO 8601, UTC); the epoch for what is none.
Moment momentOf(const std::string& text);
std::string textOf(Moment moment);

} // namespace zokran
