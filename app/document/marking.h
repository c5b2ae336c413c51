#pragma once

#include "app/document/open_study.h"
#include "core/head/any_mark.h"

namespace zokran {

/// Guided marking and guessing: what the learner does to the marks of a sheet.

/// The order marks are asked for in: the long distances first, which settle the pose; then what
/// refines the sitter.
const std::vector<Mark>& markingOrder();

/// The seven marks of a quick check, for practice heads: placement by the largest shapes alone. They are asked for first.
const std::vector<Mark>& quickCheckMarks();
/// Those of them that the photograph shows are placed on the sketch by hand, and others are still asked for.
bool quickCheckIsPossible(const OpenStudy& opened);

/// The mark to place next on a sheet: the one chosen, or the one that tells most about the pose, or
/// the first not placed yet.
std::optional<Mark> markToPlace(const OpenStudy& opened, Side side);
/// Where the sketch's marks that are not placed yet are to be expected.
PerMark<std::optional<SketchPoint>> expectedMarks(const OpenStudy& opened);
/// The rest of the sketch's marks are not drawn yet: what is there is judged alone.
void leaveRest(OpenStudy& opened);
int placedCount(const OpenStudy& opened, Side side);
/// How many marks of a side the program placed and the learner has not looked over.
int suggestionCount(const OpenStudy& opened, Side side);
/// Those of the reference, the most doubtful first: all of them, since every reading rests on them.
std::vector<Mark> suggestionsOnReference(const OpenStudy& opened);
/// Those of the sketch behind which an error that matters could hide, the most doubtful first.
std::vector<AnyMark> marksToLookOver(const OpenStudy& opened);
/// The sketch's suggested marks are looked over one by one: the one that is asked for; nothing while they are not looked
/// over, or when none is left that matters.
std::optional<AnyMark> lookedOverMark(const OpenStudy& opened);
bool isLookingOver(const OpenStudy& opened);
/// The mark of the head that is asked for: while suggestions are looked over the most doubtful one (nothing while that is
/// one of eyebrows, lids or lips), else the next to place.
std::optional<Mark> askedMark(const OpenStudy& opened, Side side);
/// The sketch is marked and compared: there is something to say.
bool sketchIsJudged(const OpenStudy& opened);

/// Stands by what the learner said of the sketch before anything is told; empty: nothing.
void commitSelfAssessment(OpenStudy& opened, const std::vector<Part>& said);

/// What a mark is called in the learner's language.
QString nameOf(AnyMark mark);
void placeMark(OpenStudy& opened, Side side, AnyMark mark, const PicturePoint& at, const QString& merge = {});
/// Marks that hair may cover: hairline and ears.
const std::vector<Mark>& marksUnderHair();
/// Sets all of them aside that are not placed, in one act.
void coverByHair(OpenStudy& opened);
/// Sets a mark aside: it cannot be seen in the photograph, or is not drawn.
void hideMark(OpenStudy& opened, Side side, AnyMark mark);
/// Stands by the suggested marks: all of them, or one.
void confirmSuggestions(OpenStudy& opened, Side side, std::optional<AnyMark> only = {});
/// Lays the ball where the fit sees the cranium, or removes it.
void layBall(OpenStudy& opened, Side side);

/// The construction is being turned by hand: at block-in, with a guess not committed yet.
bool isGuessing(const OpenStudy& opened);
/// Nothing is judged or measured yet, so a guess may come first.
bool offersGuess(const OpenStudy& opened);
/// Lays the construction on the reference to be turned by hand, or continues with the old guess.
void startGuess(OpenStudy& opened);
void setGuess(OpenStudy& opened, const QString& words, const QString& merge, const Guess& guess);
/// Stands by the guess; what follows is measuring.
void commitGuess(OpenStudy& opened);
void dropGuess(OpenStudy& opened);

} // namespace zokran
