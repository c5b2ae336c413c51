#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string_view>

namespace zokran {

/// Places on a face that move with its expression. They are compared like other marks, but no pose is ever estimated
/// from them. `L` and `R` are always the sitter's.
enum class ExpressionMark {
    BrowStartL, ///< the eyebrow's end next to the nose, in the middle of its thickness
    BrowStartR,
    BrowPeakL, ///< its highest place, in the middle of its thickness
    BrowPeakR,
    BrowEndL, ///< its end next to the temple
    BrowEndR,
    LidUpperL, ///< highest place of the upper lid's edge
    LidUpperR,
    LidLowerL, ///< lowest place of the lower lid's edge
    LidLowerR,
    LipUpper, ///< upper edge of the upper lip, on the centre line
    LipLower, ///< lower edge of the lower lip, on the centre line
};
inline constexpr int expressionMarkCount = 12;

inline constexpr ExpressionMark expressionMarkAt(int index) {
    return static_cast<ExpressionMark>(index);
}

/// The identifier in files, such as `brow_peak_l`.
std::string_view idOf(ExpressionMark mark);

/// The mark with this identifier.
std::optional<ExpressionMark> expressionMarkNamed(std::string_view id);

/// The same mark on the other side of the face; itself when it lies on the centre line.
ExpressionMark mirrored(ExpressionMark mark);

/// The feature a mark of expression belongs to: that of the mark of structure it is drawn with.
enum class ExpressionFeature { Eyebrow, Lid, Lip };
ExpressionFeature featureOf(ExpressionMark mark);
/// Whether it is one of the sitter's left, of two; false for those of the centre line.
bool isLeft(ExpressionMark mark);

/// A value for every such mark, indexed by the mark.
template <typename T>
class PerExpressionMark {
public:
    PerExpressionMark() {
        // A default-constructed Eigen vector is uninitialised.
        if constexpr (requires(T value) { value.setZero(); })
            for (T& value : values_)
                value.setZero();
    }
    T& operator[](ExpressionMark m) { return values_[static_cast<std::size_t>(m)]; }
    const T& operator[](ExpressionMark m) const { return values_[static_cast<std::size_t>(m)]; }
    auto begin() { return values_.begin(); }
    auto end() { return values_.end(); }
    auto begin() const { return values_.begin(); }
    auto end() const { return values_.end(); }
    bool operator==(const PerExpressionMark&) const = default;

private:
    std::array<T, expressionMarkCount> values_{};
};

} // namespace zokran
