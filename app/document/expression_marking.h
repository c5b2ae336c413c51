#pragma once

#include "app/document/open_study.h"

namespace zokran {

/// Marking of eyebrows, lids and lips, on both sheets at once, after the structure is marked.

/// The marks of a side: where they were placed or found, or else where the fitted head has them; nothing for one that
/// was set aside as not seen or not drawn, or before a head is fitted.
PerExpressionMark<std::optional<PicturePoint>> expressionPlacesOn(const OpenStudy& opened, Side side);

/// Lays the rings on both sheets; the check must have a comparison.
void startExpression(OpenStudy& opened);
bool isMarkingExpression(const OpenStudy& opened);
/// Confirms the rings that the program found on both sheets, or leaves them as suggestions. A ring that is only expected
/// is stored by neither: it is stored once it is pressed or moved.
void endExpression(OpenStudy& opened, bool keep);

/// Some mark of expression is compared.
bool isExpressionCompared(const OpenStudy& opened);

} // namespace zokran
