#pragma once

#include "core/head/bust_pose.h"
#include "core/head/proportions.h"

#include <array>
#include <cstdint>
#include <filesystem>
#include <vector>

namespace zokran {

/// The skin of face, jaw and neck as triangles (ball radii, head frame), ears left out.
struct SoftSurface {
    HeadMarks marks;                 ///< where its own marks lie
    std::vector<HeadPoint> points;
    std::vector<std::array<std::uint32_t, 3>> triangles; ///< counter-clockwise from outside
    /// The edge of the jaw, from under the ear to the chin: the sitter's left, and the right.
    std::array<std::vector<std::uint32_t>, 2> jaw;
    std::vector<bool> ofNeck;        ///< of each point: below the jaw

    /// Outward unit normals of the points, by the area of the triangles round them.
    std::vector<Eigen::Vector3d> normals() const;
    /// The same bent to a sitter's marks; what no mark holds keeps its place.
    SoftSurface fittedTo(const HeadMarks& head) const;
    /// The same with its neck standing otherwise under the head.
    SoftSurface posed(const BustPose& bust) const;
};

/// A surface written by tools/people.cpp. Throws BadInput naming the file and what is wrong with it.
SoftSurface readSurface(const std::filesystem::path& file);

/// The average adult's: heads/surface.json of the data folder, read on first use. Throws BadInput
/// when that cannot be read.
const SoftSurface& adultSurface();

} // namespace zokran
