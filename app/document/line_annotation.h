#pragma once

#include "app/document/open_study.h"

namespace zokran {

/// Lines as they were drawn, laid over the pictures. Those of the outline are laid over the photograph first and then over
/// the sketch, for they are compared with one another.

/// Takes up a line to be laid, where it lies already or where it may be expected.
void startLineAnnotation(OpenStudy& opened, DrawnLine line);
/// A line is being laid, over a picture that still lies as it did.
bool isAnnotatingLine(const OpenStudy& opened);
/// Stands by where it was laid, or leaves it as it was; what is laid in both pictures goes on to the sketch. A line that
/// nobody looked at yet cannot be stood by: nothing happens.
void endLineAnnotation(OpenStudy& opened, bool keep);
/// Puts a point of the line that is being laid, px of its picture; it counts as looked at.
void moveLineAnnotation(OpenStudy& opened, std::size_t point, const PicturePoint& at);
/// A ring was found to lie right: the line that is being laid counts as looked at.
void lookAtLineAnnotation(OpenStudy& opened);
/// Whether a line may have a point more or less, as its bends ask for: the hair's edge and runs of straights.
bool hasPointsAtWill(DrawnLine line);
/// While such a line is laid over the photograph: one point more after this one, or this one less, within what `pointsOf`
/// allows.
void changePointCount(OpenStudy& opened, std::size_t at, bool more);
/// Takes the line away from the sketch.
void eraseLine(OpenStudy& opened, DrawnLine line);

} // namespace zokran
