#pragma once

#include "core/base/units.h"

#include <chrono>
#include <cstdint>
#include <optional>
#include <vector>

namespace zokran {

/// A small grey picture of what a camera sees, row by row, 8-bit.
struct GreyFrame {
    int width = 0, height = 0;
    std::vector<std::uint8_t> pixels;
};

/// Tells from the frames of a camera over a page whether anything moves: a hand that draws, a page that is nudged. Slow
/// changes of the light, which are the same everywhere, are no movement.
class StillnessDetector {
public:
    using Milliseconds = std::chrono::milliseconds;
    /// Nothing may move for so long before it counts as still.
    explicit StillnessDetector(Milliseconds needed = Milliseconds(1500)) : needed_(needed) {}

    /// Takes in the next frame, `at` since any fixed moment. A frame of another size begins anew.
    void add(const GreyFrame& frame, Milliseconds at);
    /// Whether nothing has moved for long enough; for much longer where something lies on the page that was not there when
    /// `taken` was called last and reaches in from the edge of the picture, as a resting hand does.
    bool isStill() const;
    /// Whether what is seen differs from what was seen when `taken` was called last; true before that.
    bool hasChanged() const;
    /// Remembers the frame as the one a picture was taken of.
    void taken() { taken_ = last_; }

private:
    bool isCovered() const;

    Milliseconds needed_;
    GreyFrame last_, taken_;
    std::optional<Milliseconds> stillSince_;
    Milliseconds now_{0};
};

/// The share of the picture, 0 to 1, in which two frames of one size differ by more than noise once each is freed of a
/// change of light that is the same everywhere; 1 for frames of two sizes.
double changedShare(const GreyFrame& a, const GreyFrame& b);

} // namespace zokran
