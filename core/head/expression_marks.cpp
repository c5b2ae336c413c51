#include "core/head/expression_marks.h"

namespace zokran {

namespace {

/// In the order of the enumeration; the two sides of a pair follow one another.
constexpr std::array<std::string_view, expressionMarkCount> ids{
    "brow_start_l", "brow_start_r", "brow_peak_l", "brow_peak_r", "brow_end_l", "brow_end_r",
    "lid_upper_l",  "lid_upper_r",  "lid_lower_l", "lid_lower_r", "lip_upper",  "lip_lower"};

} // namespace

std::string_view idOf(ExpressionMark mark) {
    return ids[static_cast<std::size_t>(mark)];
}

std::optional<ExpressionMark> expressionMarkNamed(std::string_view id) {
    for (int i = 0; i < expressionMarkCount; ++i)
        if (ids[i] == id)
            return expressionMarkAt(i);
    return std::nullopt;
}

ExpressionMark mirrored(ExpressionMark mark) {
    const int index = static_cast<int>(mark);
    return mark >= ExpressionMark::LipUpper ? mark : expressionMarkAt(index % 2 ? index - 1 : index + 1);
}

ExpressionFeature featureOf(ExpressionMark mark) {
    return mark < ExpressionMark::LidUpperL  ? ExpressionFeature::Eyebrow
           : mark < ExpressionMark::LipUpper ? ExpressionFeature::Lid
                                             : ExpressionFeature::Lip;
}

bool isLeft(ExpressionMark mark) {
    return mark < ExpressionMark::LipUpper && static_cast<int>(mark) % 2 == 0;
}

} // namespace zokran
