#include "core/measure/kinds.h"

#include "core/base/errors.h"

#include <cmath>
#include <fmt/format.h>

namespace zokran {

namespace {

constexpr const MeasureKind* kinds[] = {&stickKind, &angleKind,   &levelKind,    &plumbKind,
                                        &ratioKind, &prolongKind, &triangleKind, &anglesKind,
                                        &mirrorKind, &shapeKind};

} // namespace

std::span<const MeasureKind* const> measureKinds() {
    return kinds;
}

const MeasureKind& measureKindNamed(std::string_view id) {
    std::string known;
    for (const MeasureKind* kind : kinds) {
        if (kind->id == id)
            return *kind;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", kind->id);
    }
    throw BadInput(fmt::format("there is no way of measuring \"{}\"; there is: {}", id, known));
}

Reading read(const MeasureKind& kind, const MeasureGround& ground) {
    const std::size_t least = kind.ends ? kind.ends : 3;
    if (ground.ends.size() < least)
        throw BadInput(fmt::format("{} needs {} ends", kind.id, least));
    for (std::size_t i = 0; i < ground.ends.size(); ++i)
        if (continuesLine(kind, i) && (ground.ends[i] - ground.ends[i - 1]).norm() < 1e-6)
            throw BadInput(fmt::format("two ends of {} fall together", kind.id));
    if (!(ground.unit.value > 0))
        throw BadInput("the unit has no length");
    Reading reading = kind.read(ground);
    // To first order, by a step of a tenth of the noise each way.
    const double step = std::max(1e-4, 0.1 * ground.noise.value);
    double variance = 0;
    for (std::size_t i = 0; i < ground.ends.size(); ++i)
        for (int axis = 0; axis < 2; ++axis) {
            MeasureGround moved = ground;
            moved.ends[i][axis] += step;
            const double above = kind.read(moved).value;
            moved.ends[i][axis] -= 2 * step;
            const double slope = (above - kind.read(moved).value) / (2 * step);
            variance += std::pow(slope * ground.noise.value, 2);
        }
    reading.sigma = std::sqrt(variance);
    return reading;
}

} // namespace zokran
