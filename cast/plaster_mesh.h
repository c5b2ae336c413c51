#pragma once

#include <Eigen/Dense>
#include <array>
#include <atomic>
#include <cstdint>
#include <functional>
#include <memory>
#include <vector>

namespace zokran {

class Bust;

/// A surface as triangles (ball radii, head frame), for pictures from any side.
struct PlasterMesh {
    /// What a place on the surface belongs to.
    enum class Part : std::uint8_t { Skin, Brow, Eye, Iris, Hair, Underside, Stand };

    std::vector<Eigen::Vector3f> points;
    std::vector<Eigen::Vector3f> normals; ///< outward, unit length
    std::vector<Part> parts;              ///< what each vertex belongs to
    std::vector<float> openness;          ///< share of the room each vertex sees, 0 to 1; empty where none was measured
    std::vector<std::array<std::uint32_t, 3>> triangles; ///< counter-clockwise from outside

    /// Adds all of another's.
    void append(const PlasterMesh& other);
};

/// How finely a bust is meshed: for a photograph, or for a thumbnail and while it is turned.
enum class MeshGrain { Fine, Coarse };

/// The bust with eyes, hair, a rounded cut below and the top of its stand. Runs on all cores;
/// returns nothing when `cancelled` turns true. Throws BadInput when the hair's style is not known.
std::shared_ptr<const PlasterMesh> meshOf(const Bust& bust, MeshGrain grain,
                                          const std::atomic<bool>* cancelled = nullptr);

/// The same without its openness, which takes most of the time and which only a photograph needs.
std::shared_ptr<const PlasterMesh> surfaceOf(const Bust& bust, MeshGrain grain);

/// Outward unit normals of vertices from the triangles round them, by area.
void setNormals(PlasterMesh& mesh);

/// Runs `work(i)` for every i below `count`, on all cores.
void inParallel(int count, const std::function<void(int)>& work);

} // namespace zokran
