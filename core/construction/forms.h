#pragma once

#include "core/construction/canon.h"
#include "core/construction/construction.h"

#include <memory>
#include <optional>
#include <span>

namespace zokran {

/// A way of starting a head.
struct FormKind {
    std::string_view id; ///< such as `ball`
    const char* name;    ///< in English, for the phrasebook
    const char* about;   ///< what it is good for, one sentence
    std::unique_ptr<Construction> (*make)(const Levels& levels, BallRadii sidePlane,
                                          const HeadMarks& head);
};

/// Every first form there is, the usual one first.
std::span<const FormKind> forms();

/// The form with this id. Throws BadInput listing the ids there are.
const FormKind& formNamed(std::string_view id);

/// A form on a fitted sitter: at a canon's levels, or without one at the sitter's own.
std::unique_ptr<Construction> construct(const FormKind& form, const std::optional<Canon>& canon,
                                        const HeadMarks& head);

} // namespace zokran
