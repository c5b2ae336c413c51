#pragma once

#include "core/construction/canon.h"
#include "core/construction/construction.h"

#include <memory>
#include <optional>
#include <span>

namespace zokran {

/// One step of drawing a form on paper.
struct FormStep {
    const char* words; ///< in English, to be translated
    /// Ids of the lines put down in it, apart by spaces; those with a star are helps to be rubbed
    /// out again. What no step names comes with the last.
    std::string_view lines;
};

/// A way of starting a head.
struct FormKind {
    std::string_view id; ///< such as `ball`
    const char* name;    ///< in English, to be translated
    const char* about;   ///< what it is good for, one sentence
    std::span<const FormStep> steps;
    std::unique_ptr<Construction> (*make)(Subject subject);
};

/// The list, the usual form first: one name for each kind, defined in a file of core/construction/forms.
#define ZOKRAN_FORM_KINDS \
    ballKind, eggKind, circleAndHalfKind, boxKind, envelopeKind, featuresKind, gridKind, coordinatesKind
extern const FormKind ZOKRAN_FORM_KINDS;

/// Every first form there is, the usual one first.
std::span<const FormKind* const> forms();

/// The form with this id. Throws BadInput listing the ids there are.
const FormKind& formNamed(std::string_view id);

/// A form on a fitted sitter: at a canon's levels and widths, or without one at the sitter's own. Its bust turns with the head
/// as one piece.
std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        const HeadMarks& head, const FormLook& look = {},
                                        const ExpressionPlaces& expression = {});
/// The same on a head that is bent already.
std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        std::shared_ptr<const HeadSolid> solid, const FormLook& look = {},
                                        const ExpressionPlaces& expression = {}, const std::vector<HeadPoint>& hairEdge = {});

/// The widths of one sitter's own features, the face being so wide `across`. Brows, which are no
/// marks, are taken to be one and a quarter eyes long.
Widths widthsOf(const HeadMarks& head, BallRadii across);

/// What departs from the average adult, `times` as strong: below 1 the sitter is made plainer, above
/// 1 the likeness is pushed, as caricaturists do.
HeadMarks pushed(const HeadMarks& head, double times);

} // namespace zokran
