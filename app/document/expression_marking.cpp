#include "app/document/expression_marking.h"

#include "app/text/messages.h"

#include <algorithm>

namespace zokran {

PerExpressionMark<std::optional<PicturePoint>> expressionPlacesOn(const OpenStudy& opened, Side side) {
    PerExpressionMark<std::optional<PicturePoint>> places;
    if (!opened.fit() || (side == Side::Sketch && !opened.comparison()))
        return places;
    const MarkSheet& sheet = opened.study().marks(side);
    const PerExpressionMark<HeadPoint> usual = usualExpressionPlaces(opened.fit()->head);
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark mark = expressionMarkAt(i);
        const auto& placed = sheet.expression[mark];
        if (placed && placed->hidden)
            continue;
        if (placed && placed->at)
            places[mark] = *placed->at;
        else if (side == Side::Reference)
            places[mark] = opened.fit()->view.project(usual[mark]);
        else if (const auto& expected = opened.comparison()->expressionExpected[mark])
            places[mark] = *expected;
        else
            places[mark] = opened.comparison()->sketchView.project(usual[mark]);
    }
    return places;
}

void startExpression(OpenStudy& opened) {
    if (!opened.comparison())
        return;
    opened.document.goTo("check");
    opened.selection.marks.markExpression(true);
}

bool isMarkingExpression(const OpenStudy& opened) {
    return opened.selection.marks.marksExpression() && opened.comparison();
}

void endExpression(OpenStudy& opened, bool keep) {
    const auto hasSuggestion = [&](Side side) {
        const auto& marks = opened.study().marks(side).expression;
        return std::any_of(marks.begin(), marks.end(), [](const auto& m) { return m && m->suggested; });
    };
    // A ring that is only expected was not looked for in the picture: stored, it would agree by construction.
    if (keep && isMarkingExpression(opened) && (hasSuggestion(Side::Reference) || hasSuggestion(Side::Sketch)))
        opened.document.edit(tr("Stand by eyebrows, lids and lips"), {}, [](Study& study) {
            for (const Side side : {Side::Reference, Side::Sketch})
                for (auto& placed : study.marks(side).expression)
                    if (placed && placed->suggested)
                        placed = PlacedMark{placed->at, false};
        });
    opened.selection.marks.markExpression(false);
}

bool isExpressionCompared(const OpenStudy& opened) {
    if (!opened.comparison())
        return false;
    const auto& placements = opened.comparison()->expressionPlacements;
    return std::any_of(placements.begin(), placements.end(), [](const auto& p) { return p.has_value(); });
}

} // namespace zokran
