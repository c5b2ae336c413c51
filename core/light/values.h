#pragma once

#include <optional>
#include <vector>

namespace cv {
class Mat;
}

namespace zokran {

/// How much of a head lies in each value, the darkest first; the shares add up to one.
using ValueShares = std::vector<double>;

/// Of a picture in grey (8-bit), where `mask` (8-bit, same size) is not 0. Nothing where the mask is
/// empty. Throws BadInput for another number of values than 2 to 10.
std::optional<ValueShares> valueShares(const cv::Mat& grey, const cv::Mat& mask, int values);

/// What a drawing's values lack against the photograph's.
enum class ValueTrouble {
    None,
    NotShaded,     ///< next to nothing is darker than the paper
    Timid,         ///< its darks stay too light
    Heavy,         ///< it is much darker on the whole
    MiddleMissing, ///< light and dark, and nothing between
};
/// The first of them that holds. Both of as many values. The photograph's own lightest and darkest count
/// as the drawing's paper and pencil do: compared is how much lies where, not the absolute tone.
ValueTrouble valueTrouble(const ValueShares& photograph, const ValueShares& sketch);

} // namespace zokran
