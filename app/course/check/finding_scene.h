#pragma once

#include "app/document/shown_finding.h"
#include "app/overlays/finding_overlay.h"
#include "core/compare/finding_lines.h"

namespace zokran {

/// The levels of the school whose guides the learner chose; nothing where the sitter's own are.
std::optional<Levels> schoolLevels(const OpenStudy& opened);

/// What of a finding lies on a sheet. Requires a fit and a comparison.
FindingShown findingOn(const OpenStudy& opened, const Finding& finding, Side side);

/// How far a finding's arrow goes, in words: millimetres on the paper, or else % of the head.
QString arrowLength(const OpenStudy& opened, const Finding& finding);

} // namespace zokran
