#pragma once

#include "core/measure/kinds.h"

namespace zokran {

/// How a measurement reads somewhere; nothing where its ends are not all known there.
using ReadOn = std::function<std::optional<Reading>(const Measurement&)>;

/// Of the measurements practitioners take by habit, the one that says most and is not among those laid
/// already: on which `here` and `there` differ most against what their doubt and the pencil allow (3 %
/// of a length, 2 degrees). `there` is the sketch, or before there is one a head held straight. Nothing
/// where none is left that says anything.
std::optional<Measurement> nextBestMeasurement(const std::vector<Measurement>& laid, const ReadOn& here, const ReadOn& there);

/// Reads a measurement off an average head held straight before the viewer.
std::optional<Reading> readOnStraightHead(const Measurement& measurement);

} // namespace zokran
