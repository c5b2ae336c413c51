#include "app/document/tracing.h"

#include "app/widgets/words.h"
#include "core/compare/outline.h"
#include "core/words/line_words.h"

namespace zokran {

namespace {

bool isOfOutline(DrawnLine line) {
    return line == DrawnLine::Hair || line == DrawnLine::Neck;
}

/// The head as the picture shows it, as far as that is known yet.
View viewIn(const Desk& desk, Side side) {
    if (side == Side::Seen && desk.fit())
        return desk.fit()->view;
    if (desk.comparison())
        return desk.comparison()->sketchView;
    const MarkSheet& sheet = desk.study().marks(side);
    View view = desk.fit() ? desk.fit()->view : View();
    view.principal = view.centre = {sheet.width / 2.0, sheet.height * 0.42};
    view.scale = sheet.height * 0.2;
    if (sheet.ball) {
        view.centre = sheet.ball->centre;
        view.scale = sheet.ball->radius.value;
    }
    return view;
}

std::vector<PicturePoint> whereExpected(const Desk& desk, Side side, DrawnLine line) {
    const View view = viewIn(desk, side);
    const auto round = [&](double right, double up) {
        const Radians lean = view.pose().lean;
        const double c = cos(lean), s = sin(lean);
        return PicturePoint(view.centre + view.scale * PicturePoint(right * c + up * s, right * s - up * c));
    };
    // Over the skull by a hair's thickness, narrower from the front, and the neck within the jaw: common practice, no
    // source.
    const double out = 0.84 + 0.21 * std::abs(sin(view.pose().turn));
    if (line == DrawnLine::Hair)
        return {round(-out, 0.1), round(0, 1.12), round(out, 0.1)};
    if (line == DrawnLine::Neck)
        return {round(-0.62, -1.45), round(0.62, -1.45)};
    const HeadMarks& head = desk.fit() ? desk.fit()->head : adultHeads().mean;
    const std::vector<HeadPoint> curve = curveOf(line, head);
    std::vector<PicturePoint> at;
    for (const std::size_t i : {std::size_t{0}, curve.size() / 2, curve.size() - 1})
        at.push_back(view.project(curve[i]));
    return at;
}

void takeUp(Desk& desk, DrawnLine line, Side side) {
    const MarkSheet& sheet = desk.study().marks(side);
    const auto& laid = sheet.lines[line];
    desk.selection.trace(Selection::Tracing{line, side, laid.empty() ? whereExpected(desk, side, line) : laid,
                                            sheet.width, sheet.height});
}

} // namespace

bool isTracing(const Desk& desk) {
    const auto& tracing = desk.selection.tracing();
    if (!tracing)
        return false;
    const MarkSheet& sheet = desk.study().marks(tracing->side);
    return tracing->width == sheet.width && tracing->height == sheet.height;
}

void startTracing(Desk& desk, DrawnLine line) {
    if (!desk.study().attempt() || desk.study().picture(Side::Seen).empty())
        return;
    takeUp(desk, line, isOfOutline(line) ? Side::Seen : Side::Drawn);
    desk.document.goTo("check");
}

void endTracing(Desk& desk, bool keep) {
    const auto tracing = desk.selection.tracing();
    if (!tracing)
        return;
    desk.selection.trace(std::nullopt);
    if (!keep)
        return;
    desk.document.edit(tr("Lay the %1").arg(qt(wordsFor(tracing->line, learnersBook()))), {},
                       [&](Study& s) { s.marks(tracing->side).lines[tracing->line] = tracing->at; });
    if (tracing->side == Side::Seen)
        takeUp(desk, tracing->line, Side::Drawn);
}

void eraseLine(Desk& desk, DrawnLine line) {
    desk.selection.trace(std::nullopt);
    if (!desk.study().marks(Side::Drawn).lines.has(line))
        return; // nothing to be undone
    desk.document.edit(tr("Take the %1 away").arg(qt(wordsFor(line, learnersBook()))), {},
                       [&](Study& s) { s.marks(Side::Drawn).lines[line].clear(); });
}

} // namespace zokran
