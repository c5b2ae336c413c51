#include "core/messages/finding_messages.h"

#include "core/messages/finding_sentences.h"
#include "core/messages/line_messages.h"
#include "core/messages/mark_messages.h"
#include "core/compare/hand_check.h"
#include "core/compare/parts.h"
#include "core/messages/self_assessment_messages.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

std::string degrees(double radians) {
    return fmt::format("{}°", std::lround(std::abs(inDegrees(Radians{radians}))));
}

/// Up and down on a head that lies on its side are no help; then crown and chin give the way.
bool liesOver(const FindingFigures& f) {
    return abs(toDegrees(f.lean)) > Degrees{50};
}

std::string along(const FindingFigures& f, bool up, bool several, const Translator& translator) {
    if (liesOver(f))
        return up        ? several ? translator.say(ZOKRAN_WORDS("move them towards the crown by"))
                                   : translator.say(ZOKRAN_WORDS("move it towards the crown by"))
                      : several ? translator.say(ZOKRAN_WORDS("move them towards the chin by"))
                         : translator.say(ZOKRAN_WORDS("move it towards the chin by"));
    return up ? several ? translator.say(ZOKRAN_WORDS("raise them")) : translator.say(ZOKRAN_WORDS("raise it"))
           : several ? translator.say(ZOKRAN_WORDS("lower them"))
                     : translator.say(ZOKRAN_WORDS("lower it"));
}

/// With a capital letter at the start; names begin with plain letters in every language there is.
std::string capitalised(std::string words) {
    if (!words.empty())
        words.front() = static_cast<char>(std::toupper(static_cast<unsigned char>(words.front())));
    return words;
}

std::string wayWord(const SketchPoint& way, const Translator& translator) {
    if (std::abs(way.x()) >= std::abs(way.y()))
        return way.x() > 0 ? translator.say(ZOKRAN_WORDS("right")) : translator.say(ZOKRAN_WORDS("left"));
    return way.y() > 0 ? translator.say(ZOKRAN_WORDS("down")) : translator.say(ZOKRAN_WORDS("up"));
}

std::string turnText(const FindingFigures& f, const Translator& translator) {
    const std::string by = degrees(f.amount);
    constexpr Degrees front{3};
    if (abs(toDegrees(f.seenTurn)) < front)
        return translator.say(
            ZOKRAN_WORDS("Your drawing is turned {amount} away from the front: even out "
                         "the two halves of the face."),
            {{"amount", by}});
    const bool less = f.amount * f.seenTurn < Radians{0};
    return less ? translator.say(ZOKRAN_WORDS("Your drawing reads {amount} less turned than the photo: "
                                        "the far half of the face is too wide. Move the centre "
                                        "line further round, {way}."),
                           {{"amount", by}, {"way", wayWord(f.way, translator)}})
                : translator.say(ZOKRAN_WORDS("Your drawing reads {amount} more turned than the photo: "
                                        "the far half of the face is too narrow. Bring the centre "
                                        "line back, {way}."),
                           {{"amount", by}, {"way", wayWord(f.way, translator)}});
}

std::string tiltText(const FindingFigures& f, const Translator& translator) {
    return f.amount > 0
               ? translator.say(
                     ZOKRAN_WORDS("Your drawing looks {amount} further up than the photo: bend "
                                  "the brow line and the lines below it further down in the "
                                  "middle."),
                     {{"amount", degrees(f.amount)}})
               : translator.say(ZOKRAN_WORDS("Your drawing looks {amount} further down than the photo: "
                                       "bend the brow line and the lines below it further up in "
                                       "the middle."),
                          {{"amount", degrees(f.amount)}});
}

std::string besidesText(const FindingFigures& f, const Translator& translator) {
    const std::string amount =
        f.besidesOnPaper
            ? translator.say(ZOKRAN_WORDS("{mm} mm"),
                       {{"mm", fmt::format("{:.0f}", std::max(1.0, f.besidesOnPaper->value))}})
            : translator.say(ZOKRAN_WORDS("{percent} % of the head"),
                       {{"percent", fmt::format("{:.1f}", f.besidesPercent)}});
    return translator.say(ZOKRAN_WORDS("The arrow takes it {way} by {amount} as well."),
                    {{"way", wayWord(*f.besides, translator)}, {"amount", amount}});
}

} // namespace

std::string amountOf(const FindingFigures& f, const Translator& translator) {
    switch (f.unit) {
    case AmountUnit::Share:
        return fmt::format("{:.0f} %", 100 * std::abs(f.amount));
    case AmountUnit::Radian:
        return degrees(f.amount);
    case AmountUnit::BallRadius:
        break;
    }
    const std::string percent = fmt::format("{:.1f}", f.percentOfHead);
    if (f.onPaper)
        return translator.say(
            ZOKRAN_WORDS("{mm} mm ({percent} % of the head)"),
            {{"mm", fmt::format("{:.0f}", std::max(1.0, f.onPaper->value))}, {"percent", percent}});
    return translator.say(ZOKRAN_WORDS("{percent} % of the head ({eyes} eye-widths)"),
                    {{"percent", percent}, {"eyes", fmt::format("{:.1f}", f.eyeWidths)}});
}

std::string doubtOf(const FindingFigures& f, const Translator& translator) {
    if (!(f.sigma > 0) || f.amount == 0)
        return {};
    const double twice = 2 * f.sigma;
    std::string much;
    switch (f.unit) {
    case AmountUnit::Share:
        much = fmt::format("{:.0f} %", std::max(1.0, 100 * twice));
        break;
    case AmountUnit::Radian:
        much = fmt::format("{}°", std::max(1L, std::lround(inDegrees(Radians{twice}))));
        break;
    case AmountUnit::BallRadius: {
        const double share = twice / std::abs(f.amount);
        much = f.onPaper
                   ? translator.say(ZOKRAN_WORDS("{mm} mm"),
                              {{"mm", fmt::format("{:.0f}", std::max(1.0, share * f.onPaper->value))}})
                   : fmt::format("{:.1f} %", share * f.percentOfHead);
    }
    }
    return translator.say(ZOKRAN_WORDS("Give or take {amount}."), {{"amount", much}});
}

std::string textOf(const Finding& finding, const Translator& translator) {
    const FindingFigures& f = finding.figures;
    if (finding.id == "all_in_place")
        return translator.say(
            ZOKRAN_WORDS("Every feature lies where it belongs, as far as the marks can tell."));
    if (finding.id == "registration")
        return translator.say(ZOKRAN_WORDS("To lay them over one another, the sketch was taken as {scale} times the "
                                           "photo's size and turned by {angle}. That is allowed for."),
                              {{"scale", fmt::format("{:.2f}", f.scale)},
                               {"angle", fmt::format("{}°", std::lround(inDegrees(Radians{f.amount})))}});
    if (finding.id == "turn")
        return f.rivalShift.empty()
                   ? turnText(f, translator)
                   : turnText(f, translator) + " " +
                         translator.say(ZOKRAN_WORDS("Or only a part has slipped ({what}): these marks allow both. Mark more of the "
                                               "drawing to tell them apart."),
                                  {{"what", nameOfFinding(f.rivalShift, translator)}});
    if (finding.id == "tilt")
        return tiltText(f, translator);
    const FindingSentences* s = sentencesFor(finding.id);
    if (!s)
        return finding.id;
    const std::string first =
        translator.say(f.amount > 0 ? s->more : s->less,
                    {{"amount", amountOf(f, translator)},
                     {"lower_it", along(f, false, false, translator)},
                     {"lower_them", along(f, false, true, translator)},
                     {"raise_it", along(f, true, false, translator)},
                     {"raise_them", along(f, true, true, translator)},
                     {"way", wayWord(f.way, translator)},
                     {"line", finding.line ? capitalised(wordsFor(*finding.line, translator)) : ""},
                     {"number", std::to_string(f.number)},
                     {"turn", f.mendClockwise ? translator.say(ZOKRAN_WORDS("clockwise")) : translator.say(ZOKRAN_WORDS("anticlockwise"))},
                     {"mark", finding.marks.empty() ? "" : wordsFor(finding.marks.front(), translator)}});
    std::string text = f.besides ? first + " " + besidesText(f, translator) : first;
    if (f.rivalTurn)
        text += " " + translator.say(f.rivalTurn->value > 0
                                   ? ZOKRAN_WORDS("Or the whole head is turned {by} too far to your right: these marks allow both.")
                                   : ZOKRAN_WORDS("Or the whole head is turned {by} too far to your left: these marks allow both."),
                               {{"by", degrees(f.rivalTurn->value)}});
    return text;
}

std::string measureOf(const Finding& finding, const Translator& translator) {
    if (finding.id == "turn")
        return translator.say(ZOKRAN_WORDS(
            "Compare the near half of the face with the far half, along the brow line."));
    if (finding.id == "tilt")
        return translator.say(ZOKRAN_WORDS("Run a level line from the top of the ear to the face and see "
                                     "which feature it meets."));
    const FindingSentences* s = sentencesFor(finding.id);
    return s ? translator.say(s->measure) : std::string();
}

std::string handCheckWords(const Comparison& c, const Finding& finding, const Translator& translator, const Levels* school) {
    const auto check = handCheckFor(c, finding);
    if (!check)
        return {};
    const auto name = [&](const std::vector<Mark>& marks) {
        return marks.size() == 1 ? wordsFor(marks.front(), translator) : translator.say(ZOKRAN_WORDS("the eyes"));
    };
    const std::string numbers = translator.say(ZOKRAN_WORDS("Measure it: {from} to {to} is {seen} of {unit_from} to {unit_to} on the photo, and {drawn} "
                                 "on yours."),
                    {{"from", name(check->from)},
                     {"to", name(check->to)},
                     {"seen", fmt::format("{:.2f}", check->seen)},
                     {"unit_from", name(check->unitFrom)},
                     {"unit_to", name(check->unitTo)},
                     {"drawn", fmt::format("{:.2f}", check->drawn)}});
    const auto share = school ? schoolShare(*check, *school) : std::nullopt;
    return share ? numbers + " " + translator.say(ZOKRAN_WORDS("Your school starts from {share}; the sitter decides."),
                                            {{"share", fmt::format("{:.2f}", *share)}})
                 : numbers;
}

int placesCompared(const Comparison& c) {
    int count = 0;
    for (int i = 0; i < markCount; ++i)
        count += c.placements[markAt(i)].has_value();
    for (const auto& placement : c.expressionPlacements)
        count += placement.has_value();
    return count;
}

std::string scopeWords(const Comparison& c, const Translator& translator) {
    const std::vector<Part> looked = partsLookedAt(c);
    std::string seen, unseen;
    const auto add = [&](std::string& list, const std::string& word) { list += (list.empty() ? "" : ", ") + word; };
    for (Part part : allParts)
        if (part != Part::Whole && part != Part::Turn) {
            const bool is = std::find(looked.begin(), looked.end(), part) != looked.end();
            add(is ? seen : unseen, wordsFor(part, translator));
        }
    const auto feature = [&](ExpressionFeature of, const char* word) {
        bool is = false;
        for (int i = 0; i < expressionMarkCount; ++i)
            is = is || (c.expressionPlacements[expressionMarkAt(i)] && featureOf(expressionMarkAt(i)) == of);
        add(is ? seen : unseen, translator.say(word));
    };
    feature(ExpressionFeature::Lid, ZOKRAN_WORDS("lids"));
    feature(ExpressionFeature::Lip, ZOKRAN_WORDS("lips' edges"));
    return translator.say(ZOKRAN_WORDS("{count} places were compared: {seen}. Not looked at: {unseen}."),
                    {{"count", std::to_string(placesCompared(c))}, {"seen", seen}, {"unseen", unseen}});
}

std::string praiseWords(const Comparison& c, const Translator& translator) {
    using enum Mark;
    constexpr double holds = 1.5;          // % of the head's height
    constexpr Degrees holdsItsPose{4};
    struct Feature {
        std::vector<Mark> marks;
        const char* name;
    };
    const Feature parts[] = {
        {{InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR}, ZOKRAN_WORDS("the eyes")},
        {{NoseBase, NoseWingL, NoseWingR}, ZOKRAN_WORDS("the nose")},
        {{LipLine, MouthCornerL, MouthCornerR}, ZOKRAN_WORDS("the mouth")},
        {{Chin}, ZOKRAN_WORDS("the chin")},
        {{EarTopL, EarBaseL, EarTopR, EarBaseR}, ZOKRAN_WORDS("the ears")},
        {{Hairline, Crown}, ZOKRAN_WORDS("hairline and crown")},
    };
    std::string list;
    auto add = [&](const char* name) {
        list += (list.empty() ? "" : ", ") + translator.say(name);
    };
    const auto off = [](Radians a, Radians b) { return abs(toDegrees(wrapped(a - b))); };
    const bool holdsPose = off(c.sketchPose.turn, c.referencePose.turn) < holdsItsPose &&
                           off(c.sketchPose.tilt, c.referencePose.tilt) < holdsItsPose;
    if (holdsPose)
        add(ZOKRAN_WORDS("turn and tilt"));
    for (const Feature& part : parts) {
        int judged = 0, placed = 0;
        for (Mark m : part.marks)
            if (const auto& p = c.placements[m]) {
                ++judged;
                placed += std::hypot(p->up, p->across) < holds + p->doubt;
            }
        if (judged > 0 && placed == judged)
            add(part.name);
    }
    const std::pair<ExpressionFeature, const char*> moving[] = {
        {ExpressionFeature::Eyebrow, ZOKRAN_WORDS("the eyebrows")},
        {ExpressionFeature::Lid, ZOKRAN_WORDS("the lids")},
        {ExpressionFeature::Lip, ZOKRAN_WORDS("the lips' edges")},
    };
    for (const auto& [feature, name] : moving) {
        int judged = 0, placed = 0;
        for (int i = 0; i < expressionMarkCount; ++i)
            if (const auto& p = c.expressionPlacements[expressionMarkAt(i)]; p && featureOf(expressionMarkAt(i)) == feature) {
                ++judged;
                placed += std::hypot(p->up, p->across) < holds / 2 + p->doubt;
            }
        const bool isTold = std::any_of(c.findings.begin(), c.findings.end(), [&moved = feature](const Finding& f) {
            return f.marks.empty() && !f.expressionMarks.empty() && featureOf(f.expressionMarks.front()) == moved;
        });
        if (judged > 0 && placed == judged && !isTold)
            add(name);
    }
    return list.empty() ? translator.say(ZOKRAN_WORDS("Much is off yet, and that is information: mend this "
                                                "first, and the rest will read more easily. A "
                                                "drawing can be changed; likeness comes late."))
           : holdsPose
               ? translator.say(ZOKRAN_WORDS("What holds: {list}."), {{"list", list}})
               // Their arrows are long all the same: they go where the turned head takes them.
               : translator.say(ZOKRAN_WORDS("Within the face as you drew it these sit right to one another: {list}. With the "
                                       "turn they all move together."),
                          {{"list", list}});
}

} // namespace zokran
