#pragma once

#include "core/head/proportions.h"

#include <array>
#include <cstdint>
#include <vector>

namespace zokran {

/// What light falls on: triangles with a normal at each corner, ball radii, head frame.
struct LitSolid {
    struct Triangle {
        std::array<std::uint32_t, 3> corners;
        bool ground = false; ///< of the table it stands on
        std::uint16_t plane = 0; ///< of a head of flat planes: which one, from 1
    };
    std::vector<HeadPoint> points;
    std::vector<Eigen::Vector3d> normals; ///< outward unit normals of the points
    std::vector<Triangle> triangles;

    std::uint32_t add(const HeadPoint& at, const Eigen::Vector3d& normal);
    /// Four corners in turn, as two triangles.
    void addQuad(std::uint32_t a, std::uint32_t b, std::uint32_t c, std::uint32_t d,
                 bool ground = false);
};

/// The construction as a solid: the ball sliced flat at its sides, and the sitter's own face, jaw and
/// neck below it.
LitSolid litHead(const HeadMarks& head);

/// A basic form on which shading is learnt, two ball radii large, turned freely.
struct BasicForm {
    const char* id;
    const char* name; ///< in English, to be translated
    /// How far below its middle it stands on a table.
    double foot;
    LitSolid (*make)();
};
/// Sphere, egg, cube, wedge, cylinder, ring.
const std::vector<BasicForm>& basicForms();

/// The form, with `standing` on a table that takes its shadow.
LitSolid litForm(const BasicForm& form, bool standing);

} // namespace zokran
