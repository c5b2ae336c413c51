#pragma once

#include "app/document/desk.h"
#include "app/overlays/finding_overlay.h"

namespace zokran {

/// What there is to mend or to watch, in order; without the closing remarks.
std::vector<const Finding*> toldFindings(const Comparison& comparison);

/// The finding the learner looks at; null when nothing is to be mended.
const Finding* shownFinding(const Desk& desk);

/// What of a finding lies on a sheet. Requires a fit and a comparison.
FindingShown findingOn(const Desk& desk, const Finding& finding, Side side);

/// The lines of the construction a finding speaks of, by id.
std::set<std::string> linesOf(const Finding& finding);

/// How far a finding's arrow goes, in words: millimetres on the paper, or else % of the head.
QString arrowLength(const Desk& desk, const Finding& finding);

/// The longest way any of its marks has to go: the mark, and the way in sketch px.
std::optional<std::pair<Mark, SketchPoint>> longestWay(const Finding& finding);

} // namespace zokran
