#pragma once

#include "core/compare/errors/error_modes.h"
#include "core/head/expression_marks.h"
#include "core/view/view.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// In which order errors of the features that move are told: their shape before the expression they make.
enum class ExpressionTier { Feature, Expression };

/// One way in which eyebrows, lids, irises or lips are commonly drawn wrong, as a displacement of their marks. Its
/// sentences stand in core/messages/expression_sentences.cpp, by its id.
struct ExpressionMode {
    std::string id;
    ExpressionTier tier;
    AmountUnit unit;
    PerExpressionMark<HeadPoint> displacement; ///< per unit of the amount (ball radii, head frame)
    HeadPoint pupils[2] = {HeadPoint(0, 0, 0), HeadPoint(0, 0, 0)}; ///< likewise, of the sitter's left and right
    /// What it must explain before it is admitted, in squared standard deviations: the 0.3 % point of chi-squared with
    /// one degree of freedom; more for what is seldom drawn wrong or seldom marked well, less for what two eyes agree on.
    double penalty = 9;
};

/// Such an error found in a sketch.
struct ExpressionError {
    ExpressionMode mode;
    double amount, sigma; ///< in the mode's unit; one standard deviation
};

/// Every mode that can be told from these marks. `places`: where the marks lie on the sitter (ball radii, head frame),
/// nothing where a mark was not placed on both sheets; `pupils` likewise.
std::vector<ExpressionMode> expressionModes(const ExpressionPlaces& places, const std::optional<HeadPoint> (&pupils)[2]);

/// A mark of the drawing beside where the sitter's head, with the structural errors found in it, puts the mark.
struct ExpressionObservation {
    HeadPoint place;          ///< on the head as drawn (ball radii, head frame)
    PicturePoint off{0, 0};   ///< from the place's projection to the drawn mark, sketch px
    double deviation = 1;     ///< one standard deviation of either coordinate of `off`, px
};

/// What the errors are looked for in; a member without a value was not placed on both sheets.
struct ExpressionEvidence {
    PerExpressionMark<std::optional<ExpressionObservation>> marks;
    /// Inner and outer corner and pupil of the sitter's left eye, then of the right one.
    std::optional<ExpressionObservation> eyes[2][3];
    /// The mouth's corners and the parting of the lips.
    std::optional<ExpressionObservation> mouth[3];
    bool noiseIsKnown = false; ///< else the deviations are scaled by what the observations themselves say of the hand
    View view;                 ///< of the drawn head
    BallRadii headHeight;
};

/// The few errors that explain the marks of expression best: linear least squares, errors admitted one at a time while
/// they explain more than noise could (chi-squared), and dropped again where they no longer earn their place. Each eye
/// and the mouth may sit a little beside where structure puts it; that is no error of its lids or lips. The head's pose
/// is given and not changed.
std::vector<ExpressionError> expressionErrors(const ExpressionEvidence& evidence);

} // namespace zokran
