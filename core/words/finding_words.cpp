#include "core/words/finding_words.h"

#include "core/words/mark_words.h"
#include "core/compare/hand_check.h"
#include "core/compare/parts.h"
#include "core/words/said_words.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

/// What is said of an error whose amount is above zero, and below, and the hand measurement that
/// would have caught it.
struct Sentences {
    std::string_view id;
    const char *more, *less, *measure;
};

/// {amount}: how much. {lower_it} and its like: which way along the head, said for how the head is
/// drawn. {way}: left, right, up or down on the paper. {mark}: the mark's name.
constexpr Sentences sentences[] = {
    {"whole_size",
     ZOKRAN_WORDS(
         "The whole head is {amount} too large. Set its height on the paper before you start."),
     ZOKRAN_WORDS(
         "The whole head is {amount} too small. Set its height on the paper before you start."),
     ZOKRAN_WORDS("Mark crown and chin on the paper first and keep between them.")},
    {"whole_height",
     ZOKRAN_WORDS("The whole head sits too high on the sheet: move it {way} {amount}."),
     ZOKRAN_WORDS("The whole head sits too low on the sheet: move it {way} {amount}."),
     ZOKRAN_WORDS("Mark the middle of the head on the paper before the first line.")},
    {"whole_across",
     ZOKRAN_WORDS("The whole head sits too far right on the sheet: move it {way} {amount}."),
     ZOKRAN_WORDS("The whole head sits too far left on the sheet: move it {way} {amount}."),
     ZOKRAN_WORDS("Drop a plumb line through the middle of photo and paper.")},
    {"whole_lean", ZOKRAN_WORDS("The whole head leans {amount} too far to the right."),
     ZOKRAN_WORDS("The whole head leans {amount} too far to the left."),
     ZOKRAN_WORDS("Hold the pencil along the centre line and compare its slope.")},
    {"eye_axis",
     ZOKRAN_WORDS("The line of the eyes slopes: the sitter's left eye rides high. Turn the line by "
                  "{amount}, that eye down and the other up."),
     ZOKRAN_WORDS("The line of the eyes slopes: the sitter's right eye rides high. Turn the line "
                  "by {amount}, that eye down and the other up."),
     ZOKRAN_WORDS("Hold the pencil across both inner eye corners: it runs with the brow line.")},
    {"whole_width",
     ZOKRAN_WORDS("The whole head is {amount} too wide for its height. Bring both sides in."),
     ZOKRAN_WORDS("The whole head is {amount} too narrow for its height. Take both sides out."),
     ZOKRAN_WORDS("Lay the width of the head along its height and count how often it goes.")},
    {"face_width",
     ZOKRAN_WORDS("The face is {amount} too wide inside the head. Bring its features towards the "
                  "centre line."),
     ZOKRAN_WORDS("The face is {amount} too narrow inside the head. Move its features away from "
                  "the centre line."),
     ZOKRAN_WORDS("Count five eye-widths across the face.")},
    {"face_height",
     ZOKRAN_WORDS("All the features sit too high in the head: {lower_them} {amount}."),
     ZOKRAN_WORDS("All the features sit too low in the head: {raise_them} {amount}."),
     ZOKRAN_WORDS("Halve the height from crown to chin: the eyes lie close to the half.")},
    {"chin_height", ZOKRAN_WORDS("The chin is too short: {lower_it} {amount}."),
     ZOKRAN_WORDS("The chin is too long: {raise_it} {amount}."),
     ZOKRAN_WORDS("Step nose base to chin against brow to nose base.")},
    {"lower_face", ZOKRAN_WORDS("The face below the nose is {amount} too long. Shorten it."),
     ZOKRAN_WORDS("The face below the nose is {amount} too short. Lengthen it."),
     ZOKRAN_WORDS("Step nose base to chin against brow to nose base.")},
    {"hairline_height", ZOKRAN_WORDS("The hairline is too high: {lower_it} {amount}."),
     ZOKRAN_WORDS("The forehead is cut short: the hairline is too low, {raise_it} {amount}."),
     ZOKRAN_WORDS("Step brow to hairline against brow to nose base.")},
    {"crown_height",
     ZOKRAN_WORDS("The skull is too tall: the crown is too high, {lower_it} {amount}."),
     ZOKRAN_WORDS("The top of the skull is cut off: the crown is too low, {raise_it} {amount}."),
     ZOKRAN_WORDS("Halve crown to chin: the eyes lie close to the half.")},
    {"forehead", ZOKRAN_WORDS("The forehead and skull are too tall: {lower_them} {amount}."),
     ZOKRAN_WORDS("The forehead and skull are cut short: {raise_them} {amount}."),
     ZOKRAN_WORDS("Halve crown to chin: the eyes lie close to the half.")},
    {"back_depth",
     ZOKRAN_WORDS("The head goes too far back: bring the back of the skull in {amount}."),
     ZOKRAN_WORDS("The back of the skull is cut off: take it out {amount}."),
     ZOKRAN_WORDS("From the side, lay brow to back of the skull along crown to chin.")},
    {"mouth_height", ZOKRAN_WORDS("The mouth sits too high: {lower_it} {amount}."),
     ZOKRAN_WORDS("The mouth sits too low: {raise_it} {amount}."),
     ZOKRAN_WORDS("Divide nose base to chin in three: the lips part at about the first third.")},
    {"nose_height",
     ZOKRAN_WORDS("The nose is too short: its base sits too high, {lower_it} {amount}."),
     ZOKRAN_WORDS("The nose is too long: its base sits too low, {raise_it} {amount}."),
     ZOKRAN_WORDS("Step brow to nose base against nose base to chin.")},
    {"nose_mouth_height", ZOKRAN_WORDS("Nose and mouth sit too high: {lower_them} {amount}."),
     ZOKRAN_WORDS("Nose and mouth sit too low: {raise_them} {amount}."),
     ZOKRAN_WORDS("Step brow to nose base against nose base to chin.")},
    {"eye_height", ZOKRAN_WORDS("The eyes sit too high: {lower_them} {amount}."),
     ZOKRAN_WORDS("The eyes sit too low: {raise_them} {amount}."),
     ZOKRAN_WORDS("Compare brow to eye with eye to nose base: about one to three.")},
    {"ear_height", ZOKRAN_WORDS("The ears sit too high: {lower_them} {amount}."),
     ZOKRAN_WORDS("The ears sit too low: {raise_them} {amount}."),
     ZOKRAN_WORDS("Run the brow line and the nose-base line back: the ear hangs between them.")},
    {"ear_depth", ZOKRAN_WORDS("The ears sit too far forward: move them back {amount}."),
     ZOKRAN_WORDS("The ears sit too far back: bring them forward {amount}."),
     ZOKRAN_WORDS("The ear stands behind the upright through the middle of the side oval.")},
    {"mouth_across",
     ZOKRAN_WORDS("The mouth has slipped off the centre line: move it {way} {amount}."),
     ZOKRAN_WORDS("The mouth has slipped off the centre line: move it {way} {amount}."),
     ZOKRAN_WORDS("Drop the centre line from the nose base through the parting of the lips.")},
    {"nose_across",
     ZOKRAN_WORDS("The nose has slipped off the centre line: move it {way} {amount}."),
     ZOKRAN_WORDS("The nose has slipped off the centre line: move it {way} {amount}."),
     ZOKRAN_WORDS("Drop the centre line from the brow to the middle of the lips.")},
    {"eyes_across",
     ZOKRAN_WORDS("The eyes have slipped across the face: move both {way} {amount}."),
     ZOKRAN_WORDS("The eyes have slipped across the face: move both {way} {amount}."),
     ZOKRAN_WORDS("Measure from the centre line to each inner eye corner.")},
    {"eyes_apart", ZOKRAN_WORDS("The eyes stand too far apart: bring them together by {amount}."),
     ZOKRAN_WORDS("The eyes stand too close together: part them by {amount}."),
     ZOKRAN_WORDS("One eye-width fits between the eyes.")},
    {"eyes_spread",
     ZOKRAN_WORDS("The eyes are {amount} too wide across. Bring the outer corners in."),
     ZOKRAN_WORDS("The eyes are {amount} too narrow across. Take the outer corners out."),
     ZOKRAN_WORDS("Count five eye-widths across the face.")},
    {"eye_size_l", ZOKRAN_WORDS("The sitter's left eye is {amount} too wide. Narrow it."),
     ZOKRAN_WORDS("The sitter's left eye is {amount} too narrow. Widen it."),
     ZOKRAN_WORDS("Measure one eye with the pencil and carry it to the other.")},
    {"eye_size_r", ZOKRAN_WORDS("The sitter's right eye is {amount} too wide. Narrow it."),
     ZOKRAN_WORDS("The sitter's right eye is {amount} too narrow. Widen it."),
     ZOKRAN_WORDS("Measure one eye with the pencil and carry it to the other.")},
    {"one_eye_height_l", ZOKRAN_WORDS("The sitter's left eye rides high: {lower_it} {amount}."),
     ZOKRAN_WORDS("The sitter's left eye sags: {raise_it} {amount}."),
     ZOKRAN_WORDS("Hold the pencil across both inner eye corners: it runs with the brow line.")},
    {"one_eye_height_r", ZOKRAN_WORDS("The sitter's right eye rides high: {lower_it} {amount}."),
     ZOKRAN_WORDS("The sitter's right eye sags: {raise_it} {amount}."),
     ZOKRAN_WORDS("Hold the pencil across both inner eye corners: it runs with the brow line.")},
    {"eye_sizes", ZOKRAN_WORDS("Both eyes are {amount} too wide. Narrow them."),
     ZOKRAN_WORDS("Both eyes are {amount} too narrow. Widen them."),
     ZOKRAN_WORDS("Lay one eye into the gap between the eyes.")},
    {"mouth_width", ZOKRAN_WORDS("The mouth is {amount} too wide. Bring its corners in."),
     ZOKRAN_WORDS("The mouth is {amount} too narrow. Take its corners out."),
     ZOKRAN_WORDS("Drop plumb lines from the pupils to the corners of the mouth.")},
    {"nose_width", ZOKRAN_WORDS("The nose is {amount} too wide. Bring its wings in."),
     ZOKRAN_WORDS("The nose is {amount} too narrow. Take its wings out."),
     ZOKRAN_WORDS("Drop plumb lines from the inner eye corners to the wings of the nose.")},
    {"hair_volume", ZOKRAN_WORDS("The hair stands {amount} too far out from the skull. Bring its edge in."),
     ZOKRAN_WORDS("The hair adds too little to the skull: take its edge out {amount}."),
     ZOKRAN_WORDS("Find the skull's circle first; then see how far the hair stands outside it.")},
    {"neck_width", ZOKRAN_WORDS("The neck is {amount} too thick. Bring its sides in."),
     ZOKRAN_WORDS("The neck is {amount} too thin. Take its sides out."),
     ZOKRAN_WORDS("Drop plumb lines from the corners of the jaw: see how far within them the neck stands.")},
    {"jaw_width", ZOKRAN_WORDS("The jaw is {amount} too wide. Bring its angles in."),
     ZOKRAN_WORDS("The jaw is {amount} too narrow. Take its angles out."),
     ZOKRAN_WORDS("Compare the jaw at the height of the mouth with the width at the brow.")},
    {"ear_length", ZOKRAN_WORDS("The ears are {amount} too long. Shorten them."),
     ZOKRAN_WORDS("The ears are {amount} too short. Lengthen them."),
     ZOKRAN_WORDS("Run the brow line and the nose-base line back: the ear hangs between them.")},
    {"mouth_axis",
     ZOKRAN_WORDS("The mouth slopes: its corner on the sitter's left rides high. Turn its line by "
                  "{amount}, that corner down and the other up."),
     ZOKRAN_WORDS("The mouth slopes: its corner on the sitter's right rides high. Turn its line by "
                  "{amount}, that corner down and the other up."),
     ZOKRAN_WORDS("Hold the pencil through both corners of the mouth: it runs with the eyes.")},
    {"mark_", ZOKRAN_WORDS("The {mark} is {amount} out of place: move it {way}, along the arrow."),
     ZOKRAN_WORDS("The {mark} is {amount} out of place: move it {way}, along the arrow."),
     ZOKRAN_WORDS("Find it again from two marks you trust.")},
};

const Sentences* sentencesFor(std::string_view id) {
    for (const Sentences& s : sentences)
        if (s.id == id || (s.id == "mark_" && id.starts_with(s.id)))
            return &s;
    return nullptr;
}

std::string degrees(double radians) {
    return fmt::format("{}°", std::lround(std::abs(toDegrees(Radians{radians}).value)));
}

/// Up and down on a head that lies on its side are no help; then crown and chin give the way.
bool liesOver(const FindingFigures& f) {
    return abs(toDegrees(f.lean)) > Degrees{50};
}

std::string along(const FindingFigures& f, bool up, bool several, const Phrasebook& book) {
    if (liesOver(f))
        return up        ? several ? book.say(ZOKRAN_WORDS("move them towards the crown by"))
                                   : book.say(ZOKRAN_WORDS("move it towards the crown by"))
                      : several ? book.say(ZOKRAN_WORDS("move them towards the chin by"))
                         : book.say(ZOKRAN_WORDS("move it towards the chin by"));
    return up ? several ? book.say(ZOKRAN_WORDS("raise them")) : book.say(ZOKRAN_WORDS("raise it"))
           : several ? book.say(ZOKRAN_WORDS("lower them"))
                     : book.say(ZOKRAN_WORDS("lower it"));
}

std::string wayWord(const SketchPoint& way, const Phrasebook& book) {
    if (std::abs(way.x()) >= std::abs(way.y()))
        return way.x() > 0 ? book.say(ZOKRAN_WORDS("right")) : book.say(ZOKRAN_WORDS("left"));
    return way.y() > 0 ? book.say(ZOKRAN_WORDS("down")) : book.say(ZOKRAN_WORDS("up"));
}

std::string turnText(const FindingFigures& f, const Phrasebook& book) {
    const std::string by = degrees(f.amount);
    constexpr Degrees front{3};
    if (abs(toDegrees(f.seenTurn)) < front)
        return book.say(
            ZOKRAN_WORDS("Your drawing is turned {amount} away from the front: even out "
                         "the two halves of the face."),
            {{"amount", by}});
    const bool less = f.amount * f.seenTurn.value < 0;
    return less ? book.say(ZOKRAN_WORDS("Your drawing reads {amount} less turned than the photo: "
                                        "the far half of the face is too wide. Move the centre "
                                        "line further round, {way}."),
                           {{"amount", by}, {"way", wayWord(f.way, book)}})
                : book.say(ZOKRAN_WORDS("Your drawing reads {amount} more turned than the photo: "
                                        "the far half of the face is too narrow. Bring the centre "
                                        "line back, {way}."),
                           {{"amount", by}, {"way", wayWord(f.way, book)}});
}

std::string tiltText(const FindingFigures& f, const Phrasebook& book) {
    return f.amount > 0
               ? book.say(
                     ZOKRAN_WORDS("Your drawing looks {amount} further up than the photo: bend "
                                  "the brow line and the lines below it further down in the "
                                  "middle."),
                     {{"amount", degrees(f.amount)}})
               : book.say(ZOKRAN_WORDS("Your drawing looks {amount} further down than the photo: "
                                       "bend the brow line and the lines below it further up in "
                                       "the middle."),
                          {{"amount", degrees(f.amount)}});
}

std::string besidesText(const FindingFigures& f, const Phrasebook& book) {
    const std::string amount =
        f.besidesOnPaper
            ? book.say(ZOKRAN_WORDS("{mm} mm"),
                       {{"mm", fmt::format("{:.0f}", std::max(1.0, f.besidesOnPaper->value))}})
            : book.say(ZOKRAN_WORDS("{percent} % of the head"),
                       {{"percent", fmt::format("{:.1f}", f.besidesPercent)}});
    return book.say(ZOKRAN_WORDS("The arrow takes it {way} by {amount} as well."),
                    {{"way", wayWord(*f.besides, book)}, {"amount", amount}});
}

} // namespace

std::string amountOf(const FindingFigures& f, const Phrasebook& book) {
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
        return book.say(
            ZOKRAN_WORDS("{mm} mm ({percent} % of the head)"),
            {{"mm", fmt::format("{:.0f}", std::max(1.0, f.onPaper->value))}, {"percent", percent}});
    return book.say(ZOKRAN_WORDS("{percent} % of the head ({eyes} eye-widths)"),
                    {{"percent", percent}, {"eyes", fmt::format("{:.1f}", f.eyeWidths)}});
}

std::string doubtOf(const FindingFigures& f, const Phrasebook& book) {
    if (!(f.sigma > 0) || f.amount == 0)
        return {};
    const double twice = 2 * f.sigma;
    std::string much;
    switch (f.unit) {
    case AmountUnit::Share:
        much = fmt::format("{:.0f} %", std::max(1.0, 100 * twice));
        break;
    case AmountUnit::Radian:
        much = fmt::format("{}°", std::max(1L, std::lround(toDegrees(Radians{twice}).value)));
        break;
    case AmountUnit::BallRadius: {
        const double share = twice / std::abs(f.amount);
        much = f.onPaper
                   ? book.say(ZOKRAN_WORDS("{mm} mm"),
                              {{"mm", fmt::format("{:.0f}", std::max(1.0, share * f.onPaper->value))}})
                   : fmt::format("{:.1f} %", share * f.percentOfHead);
    }
    }
    return book.say(ZOKRAN_WORDS("Give or take {amount}."), {{"amount", much}});
}

std::string textOf(const Finding& finding, const Phrasebook& book) {
    const FindingFigures& f = finding.figures;
    if (finding.id == "all_in_place")
        return book.say(
            ZOKRAN_WORDS("Every feature lies where it belongs, as far as the marks can tell."));
    if (finding.id == "registration")
        return book.say(
            ZOKRAN_WORDS("To lay them over one another, the sketch was taken as {scale} times the "
                         "photo's size and turned by {angle}. That is allowed for."),
            {{"scale", fmt::format("{:.2f}", f.scale)},
             {"angle", fmt::format("{}°", std::lround(toDegrees(Radians{f.amount}).value))}});
    if (finding.id == "turn")
        return turnText(f, book);
    if (finding.id == "tilt")
        return tiltText(f, book);
    const Sentences* s = sentencesFor(finding.id);
    if (!s)
        return finding.id;
    const std::string first =
        book.say(f.amount > 0 ? s->more : s->less,
                    {{"amount", amountOf(f, book)},
                     {"lower_it", along(f, false, false, book)},
                     {"lower_them", along(f, false, true, book)},
                     {"raise_it", along(f, true, false, book)},
                     {"raise_them", along(f, true, true, book)},
                     {"way", wayWord(f.way, book)},
                     {"mark", finding.marks.empty() ? "" : wordsFor(finding.marks.front(), book)}});
    return f.besides ? first + " " + besidesText(f, book) : first;
}

std::string measureOf(const Finding& finding, const Phrasebook& book) {
    if (finding.id == "turn")
        return book.say(ZOKRAN_WORDS(
            "Compare the near half of the face with the far half, along the brow line."));
    if (finding.id == "tilt")
        return book.say(ZOKRAN_WORDS("Run a level line from the top of the ear to the face and see "
                                     "which feature it meets."));
    const Sentences* s = sentencesFor(finding.id);
    return s ? book.say(s->measure) : std::string();
}

std::string handCheckWords(const Comparison& c, const Finding& finding, const Phrasebook& book) {
    const auto check = handCheckFor(c, finding);
    if (!check)
        return {};
    const auto name = [&](const std::vector<Mark>& marks) {
        return marks.size() == 1 ? wordsFor(marks.front(), book) : book.say(ZOKRAN_WORDS("the eyes"));
    };
    return book.say(ZOKRAN_WORDS("Measure it: {from} to {to} is {seen} of {unit_from} to {unit_to} on the photo, and {drawn} "
                                 "on yours."),
                    {{"from", name(check->from)},
                     {"to", name(check->to)},
                     {"seen", fmt::format("{:.2f}", check->seen)},
                     {"unit_from", name(check->unitFrom)},
                     {"unit_to", name(check->unitTo)},
                     {"drawn", fmt::format("{:.2f}", check->drawn)}});
}

int placesCompared(const Comparison& c) {
    int count = 0;
    for (int i = 0; i < markCount; ++i)
        count += c.placements[markAt(i)].has_value();
    return count;
}

std::string scopeWords(const Comparison& c, const Phrasebook& book) {
    const std::vector<Part> looked = partsLookedAt(c);
    std::string seen, unseen;
    const auto add = [&](std::string& list, const std::string& word) { list += (list.empty() ? "" : ", ") + word; };
    for (Part part : allParts)
        if (part != Part::Whole && part != Part::Turn) {
            const bool is = std::find(looked.begin(), looked.end(), part) != looked.end();
            add(is ? seen : unseen, wordsFor(part, book));
        }
    // No mark tells of these yet.
    add(unseen, book.say(ZOKRAN_WORDS("eyebrows, lids and lips")));
    return book.say(ZOKRAN_WORDS("{count} places were compared: {seen}. Not looked at: {unseen}."),
                    {{"count", std::to_string(placesCompared(c))}, {"seen", seen}, {"unseen", unseen}});
}

std::string praiseWords(const Comparison& c, const Phrasebook& book) {
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
        list += (list.empty() ? "" : ", ") + book.say(name);
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
    return list.empty() ? book.say(ZOKRAN_WORDS("Much is off yet, and that is information: mend this "
                                                "first, and the rest will read more easily. A "
                                                "drawing can be changed; likeness comes late."))
           : holdsPose
               ? book.say(ZOKRAN_WORDS("What holds: {list}."), {{"list", list}})
               // Their arrows are long all the same: they go where the turned head takes them.
               : book.say(ZOKRAN_WORDS("Within the face as you drew it these sit right to one another: {list}. With the "
                                       "turn they all move together."),
                          {{"list", list}});
}

} // namespace zokran
