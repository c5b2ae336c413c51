#include "logbook/drawings.h"

#include "core/files/guess_file.h"

#include <cstdio>
#include <fmt/chrono.h>
#include <sstream>

namespace zokran {

namespace {

Drawing computed(const Logbook& logbook, const Logbook::DrawnFigures& row) {
    const Study study = logbook.load(row.study).study;
    const auto place = static_cast<std::size_t>(row.place);
    if (place >= study.sketches.size())
        throw BadInput("the sketch is gone");
    return drawingOf(compareSketch(study.reference, fitHead(study.reference), study.sketches[place].marks));
}

/// Whether the part named first is the one to mend first.
std::optional<bool> ownEye(const std::string& said, const Drawing& drawing) {
    std::istringstream in(said);
    std::string id;
    if (!(in >> id) || id == "-" || !drawing.firstPart)
        return std::nullopt;
    return partNamed(id) == drawing.firstPart;
}

} // namespace

Moment momentOf(const std::string& text) {
    int year = 0, month = 0, day = 0, hour = 0, minute = 0, second = 0;
    if (std::sscanf(text.c_str(), "%d-%d-%dT%d:%d:%d", &year, &month, &day, &hour, &minute, &second) < 3)
        return {};
    const std::chrono::year_month_day date{std::chrono::year{year},
                                           std::chrono::month{static_cast<unsigned>(month)},
                                           std::chrono::day{static_cast<unsigned>(day)}};
    if (!date.ok())
        return {};
    return std::chrono::sys_days{date} + std::chrono::hours{hour} + std::chrono::minutes{minute} +
           std::chrono::seconds{second};
}

std::string textOf(Moment moment) {
    return fmt::format("{:%Y-%m-%dT%H:%M:%S}.000Z",
                       fmt::gmtime(std::chrono::system_clock::to_time_t(moment)));
}

std::vector<LoggedDrawing> drawingsOf(const Logbook& logbook,
                                      const std::function<bool(double)>& goesOn) {
    const std::vector<Logbook::DrawnFigures> rows = logbook.drawnFigures();
    const std::map<StudyId, Measured> measured = logbook.measuredWhen();
    std::vector<LoggedDrawing> drawings;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        const Logbook::DrawnFigures& row = rows[i];
        if (goesOn && !goesOn(static_cast<double>(i) / static_cast<double>(rows.size())))
            break;
        LoggedDrawing logged{row.study, row.place, row.sitter, row.picture, {}, row.figures.empty()};
        try {
            logged.drawing = row.figures.empty() ? computed(logbook, row) : parseFigures(row.figures);
            if (!row.guess.empty())
                logged.drawing.guess = parseGuess(row.guess, "the logbook").pose;
        } catch (const BadInput&) {
            continue; // not marked far enough to be compared
        }
        logged.drawing.head = row.study;
        if (const auto when = measured.find(row.study); when != measured.end() && when->second != Measured::Unsaid)
            logged.drawing.measuredBefore = when->second == Measured::Before;
        logged.drawing.drawn = momentOf(row.drawn);
        logged.drawing.took = row.took;
        logged.drawing.ownEye = ownEye(row.selfAssessment, logged.drawing);
        drawings.push_back(std::move(logged));
    }
    return drawings;
}

} // namespace zokran
