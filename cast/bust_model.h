#pragma once

#include <Eigen/Dense>
#include <array>
#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace zokran {

/// Points of the model: millimetres, +x the sitter's left, +y up, +z forward.
using BustPoints = std::vector<Eigen::Vector3f>;

/// Who somebody is, in the model's own terms.
struct Recipe {
    double female = 0.5;                           ///< 0 a man, 1 a woman
    double age = 30;                               ///< years, 8 to 90
    double african = 1, asian = 1, caucasian = 1;  ///< shares of origin, in any scale
    double weight = 0;                             ///< -1 gaunt to 1 heavy
    std::map<std::string, double> axes;            ///< features and expression, -1 to 1 for most
};

/// One step of Catmull and Clark's subdivision (1978) of a fixed quad mesh, ready to be applied to
/// points. The refined points begin with those of the coarse mesh, moved.
class Refinement {
public:
    Refinement(std::size_t vertices, std::vector<std::array<std::uint32_t, 4>> quads);

    BustPoints operator()(const BustPoints& coarse) const;
    const std::vector<std::array<std::uint32_t, 4>>& quads() const { return refined_; }
    std::size_t vertices() const { return vertices_ + edges_.size() + quads_.size(); }

private:
    struct Edge {
        std::array<std::uint32_t, 2> ends;
        std::array<std::uint32_t, 2> faces; ///< the same twice on a border
    };
    std::size_t vertices_;
    std::vector<std::array<std::uint32_t, 4>> quads_, refined_;
    std::vector<Edge> edges_;
    std::vector<std::uint16_t> valence_, borders_; ///< of each vertex: edges, and border edges
};

/// The open parametric human of data/heads, cut to a bust: a mesh, the targets that shape it, and
/// the places on it that have a name. Its making and its licence are told there.
class BustModel {
public:
    /// The model in `folder` (bust.json, bust.bin). Throws BadInput naming the file and what is
    /// wrong with it.
    static BustModel read(const std::string& folder);
    /// The one of the program's data folder, read once.
    static const BustModel& ours();

    BustPoints shaped(const Recipe& recipe) const;

    /// The head's axes by name: each a pair of targets or a single one.
    const std::map<std::string, std::array<int, 2>>& axes() const { return axes_; }
    /// Vertices whose mean is the mark `name` (ids of core/head/marks.h, and a few more).
    const std::vector<std::uint32_t>& place(const std::string& name) const;
    const std::map<std::string, std::vector<std::uint32_t>>& curves() const { return curves_; }

    /// The skin, then the hollow of the mouth and the teeth in it, refined once and twice.
    const Refinement& once() const { return once_; }
    const Refinement& twice() const { return twice_; }
    std::size_t outsideQuads() const { return outside_; } ///< of the coarse mesh, those of the skin
    const std::vector<std::uint32_t>& eye(int side) const { return eyes_[side]; } ///< 0 left, 1 right
    bool ofEar(std::uint32_t vertex) const { return ofEar_[vertex]; } ///< of the coarse mesh

private:
    struct Target {
        std::vector<std::uint16_t> vertices;
        std::vector<std::array<std::int16_t, 3>> by; ///< tenths of a millimetre
    };
    BustModel(BustPoints base, std::vector<std::array<std::uint32_t, 4>> quads);
    void add(const Target& target, double weight, BustPoints& points) const;

    BustPoints base_;
    std::map<std::string, int> names_;
    std::vector<Target> targets_;
    std::map<std::string, std::array<int, 2>> axes_;
    std::map<std::string, std::vector<std::uint32_t>> places_, curves_;
    std::array<std::vector<std::uint32_t>, 2> eyes_;
    std::size_t outside_ = 0;
    std::vector<bool> ofEar_;
    Refinement once_, twice_;
};

} // namespace zokran
