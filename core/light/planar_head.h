#pragma once

#include "core/head/bust_pose.h"
#include "core/light/lit_solid.h"

#include <filesystem>
#include <string>

namespace zokran {

/// How far a head is broken into planes.
enum class PlaneGrade {
    Few, ///< the large planes alone: front, sides, top, underside; those that belong together are one
    All, ///< every plane
};

/// A head of flat planes as sculptors block one out: its corners on the average adult, and the planes between them. Both
/// sides are given by the sitter's left one.
struct PlanarHead {
    struct Corner {
        HeadPoint at;     ///< on the average adult, ball radii, head frame
        double share = 0; ///< how far it goes with the neck (`movedWithBust`)
    };
    struct Plane {
        std::string group; ///< planes of one group are one in `PlaneGrade::Few`
        std::vector<std::uint32_t> corners;
    };
    std::vector<Corner> corners;
    std::vector<Plane> planes;
};

/// Reads one. Throws BadInput naming the file and what is wrong with it.
PlanarHead readPlanarHead(const std::filesystem::path& file);
/// heads/planes.json of the data folder, read on first use. Throws BadInput where it cannot be read.
const PlanarHead& planarHead();

/// A planar head that light can fall on, and the edges between its planes.
struct PlanarSolid {
    struct Edge {
        HeadPoint from, to;
    };
    LitSolid solid; ///< of each plane one normal; a plane's number goes with its triangles
    std::vector<Edge> edges;
};

/// The planes bent to a sitter's marks.
PlanarSolid litPlanes(const PlanarHead& planes, const HeadMarks& head, PlaneGrade grade, const BustPose& bust = {});

} // namespace zokran
