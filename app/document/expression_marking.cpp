#include "app/document/expression_marking.h"

#include "app/widgets/words.h"
#include "core/words/expression_words.h"

#include <algorithm>

namespace zokran {

PerExpressionMark<std::optional<PicturePoint>> expressionPlacesOn(const Desk& desk, Side side) {
    PerExpressionMark<std::optional<PicturePoint>> places;
    if (!desk.fit() || (side == Side::Drawn && !desk.comparison()))
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
        else if (side == Side::Seen)
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
    desk.selection.markExpression(true);
}

bool isMarkingExpression(const Desk& desk) {
    return desk.selection.marksExpression() && desk.comparison();
}

void endExpression(Desk& desk, bool keep) {
    if (keep && isMarkingExpression(desk)) {
        const auto seen = expressionPlacesOn(desk, Side::Seen), drawn = expressionPlacesOn(desk, Side::Drawn);
        desk.document.edit(tr("Stand by eyebrows, lids and lips"), {}, [&](Study& s) {
            for (const auto& [side, places] : {std::pair{Side::Seen, &seen}, {Side::Drawn, &drawn}})
                for (int i = 0; i < expressionMarkCount; ++i)
                    if (const auto& at = (*places)[expressionMarkAt(i)])
                        s.marks(side).expression[expressionMarkAt(i)] = PlacedMark{*at, false};
        });
    }
    desk.selection.markExpression(false);
}

void placeExpression(Desk& desk, Side side, ExpressionMark mark, const PicturePoint& at, const QString& merge) {
    desk.document.edit(tr("Place the %1").arg(qt(wordsFor(mark, learnersBook()))), merge,
                       [&](Study& s) { s.marks(side).expression[mark] = PlacedMark{at, false}; });
}

void hideExpression(Desk& desk, Side side, ExpressionMark mark) {
    const QString words = side == Side::Seen ? tr("Cannot see the %1") : tr("The %1 is not drawn");
    desk.document.edit(words.arg(qt(wordsFor(mark, learnersBook()))), {},
                       [&](Study& s) { s.marks(side).expression[mark] = PlacedMark{std::nullopt, true}; });
}

bool isExpressionCompared(const Desk& desk) {
    if (!desk.comparison())
        return false;
    const auto& placements = desk.comparison()->expressionPlacements;
    return std::any_of(placements.begin(), placements.end(), [](const auto& p) { return p.has_value(); });
}

} // namespace zokran
