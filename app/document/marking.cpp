#include "app/document/marking.h"

#include "app/text/messages.h"
#include "core/compare/expected.h"
#include "core/compare/marks_to_look_over.h"
#include "core/messages/expression_messages.h"
#include "core/messages/mark_messages.h"

#include <algorithm>

namespace zokran {

namespace {

/// Selects a mark of the head after it was placed; the rings of eyebrows, lids and lips are selected by their tools.
void takeUp(OpenStudy& opened, Side side, AnyMark mark) {
    if (const Mark* placed = std::get_if<Mark>(&mark))
        opened.selection.marks.placed(side, *placed);
}

} // namespace

QString nameOf(AnyMark mark) {
    return qt(std::visit([](auto m) { return wordsFor(m, learnersTranslator()); }, mark));
}

const std::vector<Mark>& markingOrder() {
    using enum Mark;
    static const std::vector<Mark> order{Brow,         Chin,      NoseBase, OuterEyeR, OuterEyeL,
                                         InnerEyeR,    InnerEyeL, NoseTip,  LipLine,   MouthCornerR,
                                         MouthCornerL, EarTopR,   EarBaseR, EarTopL,   EarBaseL,
                                         JawAngleR,    JawAngleL, Hairline, Crown,     NoseRoot,
                                         NoseWingR,    NoseWingL, PupilR,   PupilL,    Back};
    return order;
}

const std::vector<Mark>& quickCheckMarks() {
    using enum Mark;
    static const std::vector<Mark> marks{Brow, Chin, OuterEyeR, OuterEyeL, NoseBase, MouthCornerR, MouthCornerL};
    return marks;
}

bool quickCheckIsPossible(const OpenStudy& opened) {
    const MarkSheet& sketch = opened.study().marks(Side::Sketch);
    std::size_t placed = 0;
    for (Mark m : quickCheckMarks())
        placed += sketch.marks[m] && sketch.marks[m]->usable();
    // Where the photograph hides one of them, the others do.
    return placed + 1 >= quickCheckMarks().size() && markToPlace(opened, Side::Sketch).has_value() &&
           std::all_of(quickCheckMarks().begin(), quickCheckMarks().end(), [&](Mark m) {
               const auto& seen = opened.study().reference.marks[m];
               return sketch.marks[m] || !seen || !seen->usable();
           });
}

std::optional<Mark> markToPlace(const OpenStudy& opened, Side side) {
    if (opened.study().picture(side).empty())
        return std::nullopt;
    if (const auto chosen = opened.selection.marks.chosen(side))
        return chosen;
    // Once the head is fitted the mark that tells most about it comes first.
    if (side == Side::Reference && opened.analysis.nextBestMark())
        return opened.analysis.nextBestMark()->mark;
    // The program has read the sketch: what it could not see is not asked for; it can still be chosen in the list.
    if (side == Side::Sketch && suggestionCount(opened, side) > 0)
        return std::nullopt;
    const auto isOpen = [&](Mark m) {
        // On the sketch only what was marked on the photograph is asked for: nothing else can be compared.
        const auto& known = opened.study().reference.marks[m];
        return !opened.study().marks(side).marks[m] && (side == Side::Reference || (known && known->usable()));
    };
    // The first of a quick check lay the reference over a sketch.
    if (side == Side::Sketch)
        for (Mark m : quickCheckMarks())
            if (isOpen(m))
                return m;
    for (Mark m : markingOrder())
        if (isOpen(m))
            return m;
    return std::nullopt;
}

PerMark<std::optional<SketchPoint>> expectedMarks(const OpenStudy& opened) {
    const Sketch* attempt = opened.study().sketch();
    if (!attempt || !opened.fit())
        return {};
    return expectedOnSketch(opened.study().reference, *opened.fit(), attempt->marks);
}

void leaveRest(OpenStudy& opened) {
    opened.document.edit(tr("Leave out what is not drawn yet"), {}, [](Study& s) {
        for (auto& mark : s.marks(Side::Sketch).marks)
            if (!mark)
                mark = PlacedMark{std::nullopt, true};
    });
}

int placedCount(const OpenStudy& opened, Side side) {
    const auto& marks = opened.study().marks(side).marks;
    return static_cast<int>(
        std::count_if(marks.begin(), marks.end(), [](const auto& m) { return m.has_value(); }));
}

int suggestionCount(const OpenStudy& opened, Side side) {
    const auto& marks = opened.study().marks(side).marks;
    return static_cast<int>(
        std::count_if(marks.begin(), marks.end(), [](const auto& m) { return m && m->suggested; }));
}

std::vector<Mark> suggestionsOnReference(const OpenStudy& opened) {
    const MarkSheet& sheet = opened.study().reference;
    std::vector<Mark> suggested;
    for (int i = 0; i < markCount; ++i)
        if (const auto& m = sheet.marks[markAt(i)]; m && m->suggested && m->at)
            suggested.push_back(markAt(i));
    std::stable_sort(suggested.begin(), suggested.end(), [&](Mark a, Mark b) { return sheet.noiseOf(a) > sheet.noiseOf(b); });
    return suggested;
}

std::vector<AnyMark> marksToLookOver(const OpenStudy& opened) {
    const Sketch* sketch = opened.study().sketch();
    if (!sketch || !opened.comparison())
        return {};
    return marksToLookOver(*opened.comparison(), sketch->marks, opened.study().tolerances);
}

std::optional<AnyMark> lookedOverMark(const OpenStudy& opened) {
    if (!opened.selection.marks.looksOver() || !opened.study().sketch())
        return std::nullopt;
    if (const auto& held = opened.selection.marks.held(); held && placedIn(opened.study().marks(Side::Sketch), *held))
        return held;
    const std::vector<AnyMark> marks = marksToLookOver(opened);
    return marks.empty() ? std::nullopt : std::optional(marks.front());
}

bool isLookingOver(const OpenStudy& opened) {
    return lookedOverMark(opened).has_value();
}

std::optional<Mark> askedMark(const OpenStudy& opened, Side side) {
    if (!opened.selection.marks.chosen(side)) {
        if (const auto looked = side == Side::Sketch ? lookedOverMark(opened) : std::nullopt) {
            const Mark* mark = std::get_if<Mark>(&*looked);
            return mark ? std::optional(*mark) : std::nullopt;
        }
        if (side == Side::Reference)
            if (const auto suggested = suggestionsOnReference(opened); !suggested.empty())
                return suggested.front();
    }
    return markToPlace(opened, side);
}

bool sketchIsJudged(const OpenStudy& opened) {
    return opened.comparison() && !markToPlace(opened, Side::Sketch);
}

void commitSelfAssessment(OpenStudy& opened, const std::vector<Part>& said) {
    opened.document.edit(said.empty() ? tr("Go on to the check") : tr("Say what looks wrong"), {},
                       [&](Study& s) {
                           if (Sketch* attempt = s.sketch())
                               attempt->selfAssessment = said;
                       });
}

void placeMark(OpenStudy& opened, Side side, AnyMark mark, const PicturePoint& at, const QString& merge) {
    takeUp(opened, side, mark);
    opened.document.edit(tr("Place the %1").arg(nameOf(mark)), merge, [&](Study& s) {
        placedIn(s.marks(side), mark) = PlacedMark{at, false};
    });
}

const std::vector<Mark>& marksUnderHair() {
    using enum Mark;
    static const std::vector<Mark> marks{Hairline, EarTopR, EarBaseR, EarTopL, EarBaseL};
    return marks;
}

void coverByHair(OpenStudy& opened) {
    opened.selection.marks.placed(Side::Reference, opened.selection.marks.touched(Side::Reference));
    opened.document.edit(tr("Hair covers ears and hairline"), {}, [](Study& s) {
        for (Mark m : marksUnderHair())
            if (auto& mark = s.marks(Side::Reference).marks[m]; !mark || !mark->at)
                mark = PlacedMark{std::nullopt, true};
    });
}

void hideMark(OpenStudy& opened, Side side, AnyMark mark) {
    opened.selection.marks.placed(side, opened.selection.marks.touched(side));
    const QString words = side == Side::Reference ? tr("Cannot see the %1") : tr("The %1 is not drawn");
    opened.document.edit(words.arg(nameOf(mark)), {}, [&](Study& s) {
        placedIn(s.marks(side), mark) = PlacedMark{std::nullopt, true};
    });
}

void confirmSuggestions(OpenStudy& opened, Side side, std::optional<AnyMark> only) {
    const auto confirm = [](std::optional<PlacedMark>& m) {
        if (m && m->suggested) {
            m->suggested = false;
            m->noise.reset();
        }
    };
    opened.document.edit(tr("Confirm suggested marks"), {}, [&](Study& s) {
        MarkSheet& sheet = s.marks(side);
        if (only)
            return confirm(placedIn(sheet, *only));
        std::for_each(sheet.marks.begin(), sheet.marks.end(), confirm);
        std::for_each(sheet.expression.begin(), sheet.expression.end(), confirm);
        // What the program did not find in the drawing is left out, and can be placed by choosing it in the list.
        if (side == Side::Sketch)
            for (auto& mark : sheet.marks)
                if (!mark)
                    mark = PlacedMark{std::nullopt, true};
    });
}

void layBall(OpenStudy& opened, Side side) {
    if (opened.study().picture(side).empty())
        return;
    opened.document.edit(tr("Lay the ball"), {}, [&](Study& s) {
        MarkSheet& sheet = s.marks(side);
        if (sheet.ball) {
            sheet.ball.reset();
            return;
        }
        // The fit knows where the cranium is; without one the middle of the sheet must do.
        sheet.ball =
            side == Side::Reference && opened.fit()
                ? opened.fit()->ball()
                : BallCircle{{sheet.width / 2.0, sheet.height * 0.4}, Pixels{sheet.height * 0.2}};
    });
}

bool isGuessing(const OpenStudy& opened) {
    return opened.study().guess && !opened.study().guess->committed && opened.study().step == "block-in";
}

bool offersGuess(const OpenStudy& opened) {
    return !opened.study().guess && !opened.fit() && placedCount(opened, Side::Reference) == 0;
}

void startGuess(OpenStudy& opened) {
    Guess guess = opened.study().guess.value_or(firstGuess(opened.study().reference));
    guess.committed = false;
    setGuess(opened, tr("Guess first"), {}, guess);
}

void setGuess(OpenStudy& opened, const QString& words, const QString& merge, const Guess& guess) {
    opened.document.edit(words, merge, [&](Study& s) { s.guess = withinReach(guess); });
}

void commitGuess(OpenStudy& opened) {
    // The guessed ball stays the guess's: it must not bend the measuring it is held against.
    if (isGuessing(opened))
        opened.document.edit(tr("Commit the guess"), {}, [](Study& s) { s.guess->committed = true; });
    opened.faces.showAfterGuess();
}

void dropGuess(OpenStudy& opened) {
    if (opened.study().guess)
        opened.document.edit(tr("Take the guess away"), {}, [](Study& s) { s.guess.reset(); });
    opened.faces.showAfterGuess();
}

} // namespace zokran
