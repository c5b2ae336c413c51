#pragma once

#include "logbook/study.h"

#include <set>
#include <string>

namespace zokran {

/// The parts of a study as text in the columns of a logbook, and back. What cannot be read as such is as if it were not
/// there, or throws BadInput where it has a file format of its own.

std::string joined(const std::set<std::string>& items);
std::set<std::string> split(const std::string& text);
/// Marks of a sheet whose picture has not come yet are not written.
std::string storedMarks(const MarkSheet& sheet);
MarkSheet loadedMarks(const std::string& text);
std::string storedPage(const Page& page);
Page loadedPage(const std::string& text);
std::string storedSaid(const std::optional<std::vector<Part>>& said);
std::optional<std::vector<Part>> loadedSaid(const std::string& text);
/// "before", "after", "never"; empty while unsaid.
std::string storedMeasured(Measured measured);
Measured loadedMeasured(const std::string& text);
std::string storedTolerances(const Tolerances& t);
Tolerances loadedTolerances(const std::string& text);
std::string storedMeasures(const Study& study);
void loadMeasures(const std::string& text, Study& study);
std::string storedPlacing(const std::optional<Placing>& p);
std::optional<Placing> loadedPlacing(const std::string& text);
std::string storedLighting(const std::optional<Lighting>& l);
std::optional<Lighting> loadedLighting(const std::string& text);
std::string storedFraming(const std::optional<Framing>& f);
std::optional<Framing> loadedFraming(const std::string& text);

} // namespace zokran
