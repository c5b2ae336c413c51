#include "core/construction/outline.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// Depth below which a surface point is hidden by another, ball radii.
constexpr double hiddenBy = 0.03;

} // namespace

/// Finds what stands before a place of the picture, by a grid of the triangles over it.
class SurfaceInView::Before {
public:
    Before(const SoftSurface& surface, const View& view) : surface_(surface) {
        for (const HeadPoint& p : surface.points) {
            at_.push_back(view.project(p));
            depth_.push_back(depthOf(view, p));
            low_ = low_.cwiseMin(at_.back());
            high_ = high_.cwiseMax(at_.back());
        }
        cell_ = (high_ - low_).cwiseMax(1e-6) / cells;
        grid_.resize(cells * cells);
        for (auto& cell : grid_)
            cell.reserve(16);
        for (std::uint32_t t = 0; t < surface.triangles.size(); ++t) {
            const auto& [a, b, c] = surface.triangles[t];
            const auto [x0, y0] = cellOf(at_[a].cwiseMin(at_[b]).cwiseMin(at_[c]));
            const auto [x1, y1] = cellOf(at_[a].cwiseMax(at_[b]).cwiseMax(at_[c]));
            for (int y = y0; y <= y1; ++y)
                for (int x = x0; x <= x1; ++x)
                    grid_[static_cast<std::size_t>(y * cells + x)].push_back(t);
        }
    }
    /// True when nothing of the surface stands before a place on it. Beside its own edge a surface
    /// is steep and would hide itself, so the place is looked at from a little way out of it.
    bool leaves(const View& view, const HeadPoint& at, const Vec& normal) const {
        constexpr double out = 0.025;
        return !hides(view.project(at + out * normal), depthOf(view, at));
    }

private:
    static double depthOf(const View& view, const HeadPoint& p) {
        return -(view.rotation * p).z();
    }
    bool hides(const PicturePoint& p, double depth) const {
        const auto [x, y] = cellOf(p);
        for (const std::uint32_t t : grid_[static_cast<std::size_t>(y * cells + x)]) {
            const auto& [a, b, c] = surface_.triangles[t];
            const PicturePoint ab = at_[b] - at_[a], ac = at_[c] - at_[a], ap = p - at_[a];
            const double area = ab.x() * ac.y() - ab.y() * ac.x();
            if (std::abs(area) < 1e-12)
                continue;
            const double v = (ap.x() * ac.y() - ap.y() * ac.x()) / area;
            const double w = (ab.x() * ap.y() - ab.y() * ap.x()) / area;
            if (v < 0 || w < 0 || v + w > 1)
                continue;
            if ((1 - v - w) * depth_[a] + v * depth_[b] + w * depth_[c] < depth - hiddenBy)
                return true;
        }
        return false;
    }

    static constexpr int cells = 28;

    std::pair<int, int> cellOf(const PicturePoint& p) const {
        auto index = [&](double x, double low, double size) {
            return std::clamp(static_cast<int>((x - low) / size), 0, cells - 1);
        };
        return {index(p.x(), low_.x(), cell_.x()), index(p.y(), low_.y(), cell_.y())};
    }

    const SoftSurface& surface_;
    std::vector<PicturePoint> at_;
    std::vector<double> depth_;
    PicturePoint low_ = PicturePoint::Constant(std::numeric_limits<double>::max()), high_ = -low_,
                 cell_ = PicturePoint::Ones();
    std::vector<std::vector<std::uint32_t>> grid_;
};

namespace {

/// A crossing of the contour with an edge of the mesh.
struct Crossing {
    HeadPoint at;
    Vec normal;
    bool ofNeck;
};

using Edge = std::pair<std::uint32_t, std::uint32_t>;

} // namespace

SurfaceInView::SurfaceInView(const SoftSurface& surface, const View& view)
    : surface_(surface), view_(view), normals_(surface.normals()),
      before_(std::make_unique<const Before>(surface, view)) {}

SurfaceInView::~SurfaceInView() = default;

std::vector<OutlinePiece> SurfaceInView::outline(BallRadii least) const {
    const SoftSurface& surface = surface_;
    const View& view = view_;
    const std::vector<Vec>& normals = normals_;
    std::vector<double> facing;
    for (std::size_t i = 0; i < surface.points.size(); ++i) {
        const Vec towards = view.towardsCamera() - view.nearness * surface.points[i];
        facing.push_back(normals[i].dot(towards));
    }
    // Where facing passes through nought, from edge to edge.
    std::map<Edge, Crossing> crossings;
    std::map<Edge, std::vector<Edge>> next;
    auto crossing = [&](std::uint32_t a, std::uint32_t b) {
        const Edge edge = std::minmax(a, b);
        const double t = facing[edge.first] / (facing[edge.first] - facing[edge.second]);
        auto between = [&](const std::vector<Vec>& values) {
            return Vec(values[edge.first] + t * (values[edge.second] - values[edge.first]));
        };
        crossings.try_emplace(edge, Crossing{between(surface.points),
                                             between(normals).normalized(),
                                             surface.ofNeck[t < 0.5 ? edge.first : edge.second]});
        return edge;
    };
    for (const auto& t : surface.triangles) {
        std::vector<Edge> cut;
        for (int k = 0; k < 3; ++k)
            if ((facing[t[k]] < 0) != (facing[t[(k + 1) % 3]] < 0))
                cut.push_back(crossing(t[k], t[(k + 1) % 3]));
        if (cut.size() == 2) {
            next[cut[0]].push_back(cut[1]);
            next[cut[1]].push_back(cut[0]);
        }
    }
    // Chains, from loose ends first, then what closes on itself.
    std::vector<std::vector<Crossing>> chains;
    std::map<Edge, bool> used;
    auto follow = [&](const Edge& start) {
        std::vector<Crossing> chain;
        for (const Edge* at = &start; at;) {
            used[*at] = true;
            chain.push_back(crossings.at(*at));
            const Edge* onward = nullptr;
            for (const Edge& candidate : next.at(*at))
                if (!used[candidate])
                    onward = &candidate;
            at = onward;
        }
        chains.push_back(std::move(chain));
    };
    for (const bool ends : {true, false})
        for (const auto& [edge, neighbours] : next)
            if (!used[edge] && (!ends || neighbours.size() == 1))
                follow(edge);

    std::vector<OutlinePiece> pieces;
    for (const std::vector<Crossing>& chain : chains) {
        OutlinePiece piece;
        double length = 0, side = 0;
        auto finish = [&] {
            piece.side = side / std::max<double>(1, static_cast<double>(piece.points.size()));
            if (length > least.value)
                pieces.push_back(piece);
            piece.points.clear();
            length = side = 0;
        };
        const Crossing* last = nullptr;
        for (const Crossing& c : chain) {
            const PicturePoint at = view.project(c.at);
            const bool seen = before_->leaves(view, c.at, c.normal);
            if (last && (!seen || c.ofNeck != piece.ofNeck)) {
                if (seen)
                    piece.points.push_back(at); // the two pieces meet
                finish();
                last = nullptr;
            }
            if (!seen)
                continue;
            piece.ofNeck = c.ofNeck;
            piece.points.push_back(at);
            side += c.at.x();
            if (last)
                length += (c.at - last->at).norm();
            last = &c;
        }
        finish();
    }
    return pieces;
}

std::vector<PathPiece> SurfaceInView::path(const std::vector<std::uint32_t>& run) const {
    // Corners cut twice (Chaikin 1974).
    std::vector<std::pair<HeadPoint, Vec>> path;
    for (std::uint32_t v : run)
        path.emplace_back(surface_.points[v], normals_[v]);
    for (int round = 0; round < 2 && path.size() > 2; ++round) {
        std::vector<std::pair<HeadPoint, Vec>> cut{path.front()};
        for (std::size_t i = 1; i < path.size(); ++i)
            for (double t : {0.25, 0.75})
                cut.emplace_back(path[i - 1].first + t * (path[i].first - path[i - 1].first),
                                 path[i - 1].second + t * (path[i].second - path[i - 1].second));
        cut.push_back(path.back());
        path = std::move(cut);
    }
    std::vector<PathPiece> pieces;
    for (const auto& [at, normal] : path) {
        const Vec n = normal.normalized();
        const bool hidden = !view_.faces(at, n) || !before_->leaves(view_, at, n);
        const PicturePoint shown = view_.project(at);
        if (pieces.empty() || pieces.back().hidden != hidden) {
            if (!pieces.empty())
                pieces.back().points.push_back(shown);
            pieces.push_back({hidden, {}});
        }
        pieces.back().points.push_back(shown);
    }
    return pieces;
}

} // namespace zokran
