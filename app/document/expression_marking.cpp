#include "app/document/expression_marking.h"

#include "app/text/messages.h"

#include <algorithm>

namespace zokran {

PerExpressionMark<std::optional<PicturePoint>> expressionPlacesOn(const Desk& desk, Side side) {
    PerExpressionMark<std::optional<PicturePoint>> places;
    if (!desk.fit() || (side == Side::Sketch && !desk.comparison()))
        return places;
    const MarkSheet& sheet = desk.study().marks(side);
    const PerExpressionMark<HeadPoint> usual = usualExpressionPlaces(desk.fit()->head);
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark mark = expressionMarkAt(i);
        const auto& placed = sheet.expression[mark];
        if (placed && placed->hidden)
            continue;
        if (placed && placed->at)
            places[mark] = *placed->at;
        else if (side == Side::Reference)
            places[mark] = desk.fit()->view.project(usual[mark]);
        else if (const auto& expected = desk.comparison()->expressionExpected[mark])
            places[mark] = *expected;
        else
            places[mark] = desk.comparison()->sketchView.project(usual[mark]);
    }
    return places;
}

void startExpression(Desk& desk) {
    if (!desk.comparison())
        return;
    desk.document.goTo("check");
    desk.selection.marks.markExpression(true);
}

bool isMarkingExpression(const Desk& desk) {
    return desk.selection.marks.marksExpression() && desk.comparison();
}

void endExpression(Desk& desk, bool keep) {
    const auto hasSuggestion = [&](Side side) {
        const auto& marks = desk.study().marks(side).expression;
        return std::any_of(marks.begin(), marks.end(), [](const auto& m) { return m && m->suggested; });
    };
    // A ring that is only expected was not looked for in the picture: stored, it would agree by construction.
    if (keep && isMarkingExpression(desk) && (hasSuggestion(Side::Reference) || hasSuggestion(Side::Sketch)))
        desk.document.edit(tr("Stand by eyebrows, lids and lips"), {}, [](Study& study) {
            for (const Side side : {Side::Reference, Side::Sketch})
                for (auto& placed : study.marks(side).expression)
                    if (placed && placed->suggested)
                        placed = PlacedMark{placed->at, false};
        });
    desk.selection.marks.markExpression(false);
}

bool isExpressionCompared(const Desk& desk) {
    if (!desk.comparison())
        return false;
    const auto& placements = desk.comparison()->expressionPlacements;
    return std::any_of(placements.begin(), placements.end(), [](const auto& p) { return p.has_value(); });
}

} // namespace zokran
