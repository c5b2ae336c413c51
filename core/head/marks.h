#pragma once

#include "core/base/errors.h"
#include "core/base/points.h"
#include "core/base/units.h"
#include "core/head/drawn_lines.h"
#include "core/head/expression_marks.h"

#include <array>
#include <optional>
#include <string_view>
#include <vector>

namespace zokran {

/// The places on a head that a learner marks. `L` and `R` are always the sitter's.
enum class Mark {
    Crown,
    Hairline,
    Brow,
    NoseRoot,
    InnerEyeL,
    InnerEyeR,
    OuterEyeL,
    OuterEyeR,
    PupilL,
    PupilR,
    NoseTip,
    NoseBase,
    NoseWingL,
    NoseWingR,
    MouthCornerL,
    MouthCornerR,
    LipLine,
    Chin,
    JawAngleL,
    JawAngleR,
    EarTopL,
    EarTopR,
    EarBaseL,
    EarBaseR,
    Back,
};
inline constexpr int markCount = 25;

inline constexpr int indexOf(Mark mark) {
    return static_cast<int>(mark);
}
inline constexpr Mark markAt(int index) {
    return static_cast<Mark>(index);
}

/// The identifier in files, such as `inner_eye_l`.
std::string_view idOf(Mark mark);

/// The mark with this identifier.
std::optional<Mark> markNamed(std::string_view id);

/// The same mark on the other side of the face; itself when it lies on the centre line.
Mark mirrored(Mark mark);

/// A value for every mark, indexed by the mark.
template <typename T>
class PerMark {
public:
    PerMark() {
        // A default-constructed Eigen vector is uninitialised.
        if constexpr (requires(T value) { value.setZero(); })
            for (T& value : values_)
                value.setZero();
    }
    T& operator[](Mark m) { return values_[indexOf(m)]; }
    const T& operator[](Mark m) const { return values_[indexOf(m)]; }
    auto begin() { return values_.begin(); }
    auto end() { return values_.end(); }
    auto begin() const { return values_.begin(); }
    auto end() const { return values_.end(); }
    bool operator==(const PerMark&) const = default;

private:
    std::array<T, markCount> values_{};
};

/// One mark as placed in a picture. A hidden mark is one the learner cannot see; it may still carry
/// a place when the truth is known, and no computation that stands for the learner uses it.
struct PlacedMark {
    std::optional<PicturePoint> at;
    bool hidden = false;
    bool suggested = false;           ///< found by the program and not looked over yet
    std::optional<Pixels> noise = {}; ///< one standard deviation, when the mark has its own

    bool usable() const { return at && !hidden; }
    bool operator==(const PlacedMark&) const = default;
};

/// The ball as the learner laid it over the cranium.
struct BallCircle {
    PicturePoint centre{0, 0};
    Pixels radius;
    bool operator==(const BallCircle&) const = default;
};

/// Everything marked in one picture.
struct MarkSheet {
    int width = 0, height = 0;   ///< px, upright
    std::optional<Pixels> focal; ///< from the lens data, when known
    std::optional<Pixels> noise; ///< one standard deviation of a mark, when known
    std::optional<BallCircle> ball;
    bool smiling = false; ///< or the mouth open: mouth, chin and nose wings tell less of the sitter
    PerMark<std::optional<PlacedMark>> marks;
    PerExpressionMark<std::optional<PlacedMark>> expression;
    DrawnLines lines; ///< a photograph has only those of the outline

    bool operator==(const MarkSheet&) const = default;

    /// Where the mark lies, when it is placed and not hidden.
    std::optional<PicturePoint> seen(Mark m) const;
    /// The marks placed and not hidden, in order.
    std::vector<Mark> seenMarks() const;
    /// `noise`, or else 1 % of the longer side of the box round the seen marks.
    Pixels noiseOrDefault() const;
    /// One standard deviation of this mark: its own, or else the sheet's.
    Pixels noiseOf(Mark m) const;
};

/// Runs `act` on every mark of both kinds that has a place.
template <class Act>
void forEachPlaced(MarkSheet& sheet, Act act) {
    for (auto& placed : sheet.marks)
        if (placed && placed->at)
            act(*placed);
    for (auto& placed : sheet.expression)
        if (placed && placed->at)
            act(*placed);
}

/// The marks of one kind of picture.
template <class Frame>
struct MarksIn : MarkSheet {
    MarksIn() = default;
    MarksIn(MarkSheet sheet) : MarkSheet(std::move(sheet)) {}
    template <class Other>
    requires(!std::is_same_v<Other, Frame>) MarksIn(const MarksIn<Other>&)
    = delete;

    std::optional<FramePoint<Frame>> seen(Mark m) const {
        const auto at = MarkSheet::seen(m);
        return at ? std::optional<FramePoint<Frame>>(*at) : std::nullopt;
    }
    bool operator==(const MarksIn&) const = default;
};
using PhotoMarks = MarksIn<PhotoFrame>;
using SketchMarks = MarksIn<SketchFrame>;

} // namespace zokran
