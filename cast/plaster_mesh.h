#pragma once

#include "cast/sculpture.h"

#include <array>
#include <atomic>
#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

namespace zokran {

/// The surface of a sculpture as triangles (ball radii, head frame), for pictures from any side
/// without carving again. Vertices on the borders of the blocks it is built from come twice.
struct PlasterMesh {
    std::vector<Eigen::Vector3f> points;
    std::vector<Eigen::Vector3f> normals; ///< outward, unit length
    std::vector<Sculpture::Part> parts;   ///< what each vertex belongs to
    std::vector<float> openness;          ///< share of the room each vertex sees, 0 to 1
    std::vector<std::array<std::uint32_t, 3>> triangles; ///< counter-clockwise from outside
};

/// How finely a sculpture is meshed: the edge of a cell, ball radii.
enum class MeshGrain { Fine, Coarse };

/// Meshes a sculpture by naive surface nets (Gibson 1998) on cells found by halving blocks that the
/// surface passes. Runs on all cores; returns nothing when `cancelled` turns true.
std::shared_ptr<const PlasterMesh> meshOf(const Sculpture& sculpture, MeshGrain grain,
                                          const std::atomic<bool>* cancelled = nullptr);

/// Runs `work(i)` for every i below `count`, on all cores.
void inParallel(int count, const std::function<void(int)>& work);

} // namespace zokran
