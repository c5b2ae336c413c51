#include "core/compare/expression_errors.h"

#include <functional>

namespace zokran {

namespace {

using enum ExpressionMark;
using Marks = std::vector<ExpressionMark>;

/// The marks of one side of the face.
struct SideMarks {
    const char* suffix;
    double outward; ///< the sign of x on this side
    ExpressionMark browStart, browPeak, browEnd, lidUpper, lidLower;
    int pupil;
};
constexpr SideMarks sides[] = {{"_l", 1, BrowStartL, BrowPeakL, BrowEndL, LidUpperL, LidLowerL, 0},
                               {"_r", -1, BrowStartR, BrowPeakR, BrowEndR, LidUpperR, LidLowerR, 1}};

class ModeList {
public:
    ModeList(const ExpressionPlaces& places, const std::optional<HeadPoint> (&pupils)[2])
        : places_(places), pupils_(pupils) {}

    bool has(const Marks& marks) const {
        for (ExpressionMark m : marks)
            if (!places_[m])
                return false;
        return true;
    }
    bool hasPupil(int side) const { return pupils_[side].has_value(); }
    const HeadPoint& at(ExpressionMark mark) const { return *places_[mark]; }

    ExpressionMode& add(std::string id, ExpressionTier tier, AmountUnit unit = AmountUnit::BallRadius) {
        return modes.emplace_back(ExpressionMode{std::move(id), tier, unit, {}});
    }
    /// One that is seldom drawn, or shows on a mark whose place along the feature is hard to say.
    ExpressionMode& addSeldom(std::string id, ExpressionTier tier = ExpressionTier::Feature) {
        ExpressionMode& mode = add(std::move(id), tier);
        mode.penalty = 13;
        return mode;
    }

    std::vector<ExpressionMode> modes;

private:
    const ExpressionPlaces& places_;
    const std::optional<HeadPoint> (&pupils_)[2];
};

const HeadPoint up = HeadPoint::UnitY(), across = HeadPoint::UnitX();

/// From the nose to the temple, along the eyebrow.
HeadPoint alongBrow(const ModeList& list, const SideMarks& side) {
    return (list.at(side.browEnd) - list.at(side.browStart)).normalized();
}

void eyebrows(ModeList& list) {
    const auto isWhole = [&](const SideMarks& side) { return list.has({side.browStart, side.browPeak, side.browEnd}); };
    const auto raise = [&](ExpressionMode& mode, const SideMarks& side) {
        for (ExpressionMark m : {side.browStart, side.browPeak, side.browEnd})
            mode.displacement[m] = up;
    };
    // About the middle of the eyebrow, positive: its end higher than its start.
    const auto slant = [&](ExpressionMode& mode, const SideMarks& side) {
        const HeadPoint along = alongBrow(list, side), middle = (list.at(side.browStart) + list.at(side.browEnd)) / 2;
        for (ExpressionMark m : {side.browStart, side.browPeak, side.browEnd})
            mode.displacement[m] = (list.at(m) - middle).dot(along) * up;
    };
    const auto lengthen = [&](ExpressionMode& mode, const SideMarks& side) {
        mode.displacement[side.browEnd] = alongBrow(list, side);
    };
    if (isWhole(sides[0]) && isWhole(sides[1])) {
        using Change = std::function<void(ExpressionMode&, const SideMarks&)>;
        const auto both = [&](std::string id, AmountUnit unit, const Change& change) {
            ExpressionMode& mode = list.add(std::move(id), ExpressionTier::Feature, unit);
            for (const SideMarks& side : sides)
                change(mode, side);
        };
        both("brow_height", AmountUnit::BallRadius, raise);
        both("brow_slant", AmountUnit::Radian, slant);
        both("brow_length", AmountUnit::BallRadius, lengthen);
    }
    for (const SideMarks& side : sides) {
        if (!isWhole(side))
            continue;
        const std::string suffix = side.suffix;
        raise(list.add("brow_height" + suffix, ExpressionTier::Feature), side);
        slant(list.add("brow_slant" + suffix, ExpressionTier::Feature, AmountUnit::Radian), side);
        lengthen(list.addSeldom("brow_length" + suffix), side);
        list.add("brow_end" + suffix, ExpressionTier::Feature).displacement[side.browEnd] = up;
        list.add("brow_start" + suffix, ExpressionTier::Feature).displacement[side.browStart] = up;
        list.add("brow_peak" + suffix, ExpressionTier::Feature).displacement[side.browPeak] = up;
        list.addSeldom("brow_arch" + suffix).displacement[side.browPeak] = alongBrow(list, side);
    }
}

void lids(ModeList& list) {
    const auto open = [](ExpressionMode& mode, const SideMarks& side) {
        mode.displacement[side.lidUpper] = up / 2;
        mode.displacement[side.lidLower] = -up / 2;
    };
    if (list.has({LidUpperL, LidLowerL, LidUpperR, LidLowerR})) {
        ExpressionMode& mode = list.add("eye_open", ExpressionTier::Feature);
        for (const SideMarks& side : sides)
            open(mode, side);
    }
    if (list.has({LidUpperL, LidUpperR})) {
        ExpressionMode& mode = list.add("lid_upper", ExpressionTier::Feature);
        mode.displacement[LidUpperL] = mode.displacement[LidUpperR] = up;
    }
    for (const SideMarks& side : sides) {
        const std::string suffix = side.suffix;
        if (list.has({side.lidUpper, side.lidLower})) {
            ExpressionMode& mode = list.add("eye_open" + suffix, ExpressionTier::Feature);
            open(mode, side);
            mode.penalty = 6; // the white between the lids is seen more surely than where either lies
        }
        if (list.has({side.lidUpper})) {
            list.add("lid_upper" + suffix, ExpressionTier::Feature).displacement[side.lidUpper] = up;
            list.addSeldom("lid_peak" + suffix).displacement[side.lidUpper] = side.outward * across;
        }
        if (list.has({side.lidLower}))
            list.add("lid_lower" + suffix, ExpressionTier::Feature).displacement[side.lidLower] = -up;
    }
}

void gaze(ModeList& list) {
    if (list.hasPupil(0) && list.hasPupil(1))
        for (const auto& [id, way] : {std::pair{"gaze_across", across}, {"gaze_height", up}}) {
            ExpressionMode& mode = list.add(id, ExpressionTier::Expression);
            mode.pupils[0] = mode.pupils[1] = way;
            mode.penalty = 5;
        }
    for (const SideMarks& side : sides)
        if (list.hasPupil(side.pupil)) {
            const std::string suffix = side.suffix;
            list.addSeldom("gaze_across" + suffix, ExpressionTier::Expression).pupils[side.pupil] = across;
            list.addSeldom("gaze_height" + suffix, ExpressionTier::Expression).pupils[side.pupil] = up;
        }
}

void lips(ModeList& list) {
    if (list.has({LipUpper, LipLower})) {
        ExpressionMode& mode = list.add("lip_fullness", ExpressionTier::Feature);
        mode.displacement[LipUpper] = up;
        mode.displacement[LipLower] = -up;
    }
    if (list.has({LipUpper}))
        list.add("lip_upper", ExpressionTier::Feature).displacement[LipUpper] = up;
    if (list.has({LipLower}))
        list.add("lip_lower", ExpressionTier::Feature).displacement[LipLower] = -up;
}

/// Of errors that explain equally much the one that stands first is told. Another feature's errors are one function
/// above and its name here.
constexpr void (*features[])(ModeList&) = {eyebrows, lids, gaze, lips};

} // namespace

std::vector<ExpressionMode> expressionModes(const ExpressionPlaces& places,
                                            const std::optional<HeadPoint> (&pupils)[2]) {
    ModeList list(places, pupils);
    for (const auto feature : features)
        feature(list);
    return std::move(list.modes);
}

} // namespace zokran
