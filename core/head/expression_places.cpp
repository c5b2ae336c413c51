#include "core/head/expression_places.h"

#include "core/head/surface_in_view.h"

namespace zokran {

namespace {

using enum ExpressionMark;

/// How far the ball of the eye stands out before its corners, ball radii.
constexpr double eyeball = 0.04;

struct EyeCorners {
    HeadPoint inner, outer;
};
EyeCorners cornersBeside(ExpressionMark mark, const HeadMarks& head) {
    return isLeft(mark) ? EyeCorners{head[Mark::InnerEyeL], head[Mark::OuterEyeL]}
                        : EyeCorners{head[Mark::InnerEyeR], head[Mark::OuterEyeR]};
}

/// Of the sitter's left, ball radii: from the inner corner of the eye, its middle, its outer corner, or the lips' parting.
struct UsualPlace {
    ExpressionMark mark;
    enum class From { InnerCorner, EyeMiddle, OuterCorner, LipLine } from;
    double outward, up, forward;
};
constexpr UsualPlace usual[] = {
    {BrowStartL, UsualPlace::From::InnerCorner, -0.03, 0.18, 0.15}, {BrowPeakL, UsualPlace::From::EyeMiddle, 0.10, 0.22, 0.09},
    {BrowEndL, UsualPlace::From::OuterCorner, 0.11, 0.14, -0.09},   {LidUpperL, UsualPlace::From::EyeMiddle, 0.02, 0.05, eyeball},
    {LidLowerL, UsualPlace::From::EyeMiddle, 0.00, -0.03, eyeball}, {LipUpper, UsualPlace::From::LipLine, 0, 0.07, 0.08},
    {LipLower, UsualPlace::From::LipLine, 0, -0.13, 0.04}};

} // namespace

ExpressionPlaces expressionPlaces(const MarkSheet& sheet, const View& view, const HeadMarks& head) {
    ExpressionPlaces places;
    std::optional<SurfaceInView> skin;
    for (int i = 0; i < expressionMarkCount; ++i) {
        const ExpressionMark mark = expressionMarkAt(i);
        const auto& placed = sheet.expression[mark];
        if (!placed || !placed->usable())
            continue;
        if (featureOf(mark) == ExpressionFeature::Lid) {
            // The skin is open over the eye.
            const EyeCorners corners = cornersBeside(mark, head);
            places[mark] = view.liftInPlaneOf((corners.inner + corners.outer) / 2 + HeadPoint(0, 0, eyeball), *placed->at);
            continue;
        }
        if (!skin)
            skin.emplace(adultSurface().fittedTo(head), view);
        places[mark] = skin->under(*placed->at);
    }
    return places;
}

PerExpressionMark<HeadPoint> usualExpressionPlaces(const HeadMarks& head) {
    PerExpressionMark<HeadPoint> places;
    for (const UsualPlace& place : usual)
        for (const ExpressionMark mark : {place.mark, mirrored(place.mark)}) {
            const EyeCorners corners = cornersBeside(mark, head);
            HeadPoint from = (corners.inner + corners.outer) / 2;
            if (place.from == UsualPlace::From::InnerCorner)
                from = corners.inner;
            else if (place.from == UsualPlace::From::OuterCorner)
                from = corners.outer;
            else if (place.from == UsualPlace::From::LipLine)
                from = head[Mark::LipLine];
            places[mark] = from + HeadPoint(isLeft(mark) ? place.outward : -place.outward, place.up, place.forward);
        }
    return places;
}

} // namespace zokran
