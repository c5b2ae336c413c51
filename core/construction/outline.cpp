#include "core/construction/outline.h"

#include <algorithm>
#include <cmath>
#include <array>
#include <limits>
#include <numeric>
#include <unordered_map>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;

/// Depth below which a point is hidden by the skin, ball radii: one of the skin itself, and one of
/// the ball and its planes, which a full cheek may stand before without hiding them.
constexpr double hiddenBy = 0.03, wellHiddenBy = 0.25;
/// The same for a guide laid over the face: lids, nostrils and lips are not to break it.
constexpr double guideHiddenBy = 0.1;
/// Where the ball still counts as a cover for features that lie in sockets.
constexpr double coreRadius = 0.78;
/// A ray starts this far off the surface, so that a surface does not cover itself.
constexpr double lift = 0.01;

/// The part [t0, t1] of the ray p + t d, t > 0, inside the ball of `radius` sliced at |x| = side.
bool ballCovers(const HeadPoint& p, const Eigen::Vector3d& d, double radius, double side,
                double furthest) {
    const double a = d.squaredNorm(), b = p.dot(d), c = p.squaredNorm() - radius * radius;
    const double disc = b * b - a * c;
    if (disc <= 0)
        return false;
    double t0 = std::max(0.0, (-b - std::sqrt(disc)) / a);
    double t1 = std::min(furthest, (-b + std::sqrt(disc)) / a);
    if (std::abs(d.x()) < 1e-12)
        return std::abs(p.x()) < side && t0 < t1;
    const double s0 = (-side - p.x()) / d.x(), s1 = (side - p.x()) / d.x();
    t0 = std::max(t0, std::min(s0, s1));
    t1 = std::min(t1, std::max(s0, s1));
    return t0 + 1e-9 < t1;
}

} // namespace

/// Finds what stands before a place of the picture, by a grid of the triangles over it.
class SolidInView::Occluders {
public:
    Occluders(const SoftSurface& surface, const View& view) : surface_(surface) {
        const std::size_t count = surface.points.size();
        at_.reserve(count);
        depth_.reserve(count);
        for (const HeadPoint& p : surface.points) {
            at_.push_back(view.project(p));
            depth_.push_back(depthOf(view, p));
            low_ = low_.cwiseMin(at_.back());
            high_ = high_.cwiseMax(at_.back());
        }
        cell_ = (high_ - low_).cwiseMax(1e-6) / cells;
        // Counted first and then filled in, so that no cell has a list of its own to grow.
        auto eachCell = [&](std::uint32_t t, const auto& act) {
            const auto& [a, b, c] = surface.triangles[t];
            const auto [x0, y0] = cellOf(at_[a].cwiseMin(at_[b]).cwiseMin(at_[c]));
            const auto [x1, y1] = cellOf(at_[a].cwiseMax(at_[b]).cwiseMax(at_[c]));
            for (int y = y0; y <= y1; ++y)
                for (int x = x0; x <= x1; ++x)
                    act(static_cast<std::size_t>(y * cells + x));
        };
        const auto triangles = static_cast<std::uint32_t>(surface.triangles.size());
        first_.assign(cells * cells + 1, 0);
        for (std::uint32_t t = 0; t < triangles; ++t)
            eachCell(t, [&](std::size_t cell) { ++first_[cell + 1]; });
        std::partial_sum(first_.begin(), first_.end(), first_.begin());
        inCell_.resize(first_.back());
        std::vector<std::uint32_t> next(first_.begin(), first_.end() - 1);
        for (std::uint32_t t = 0; t < triangles; ++t)
            eachCell(t, [&](std::size_t cell) { inCell_[next[cell]++] = t; });
    }
    /// True when nothing of the surface stands before a place on it. Beside its own edge a surface
    /// is steep and would hide itself, so the place is looked at from a little way out of it.
    bool leaves(const View& view, const HeadPoint& at, const Vec& normal,
                double by = hiddenBy) const {
        constexpr double out = 0.025;
        return !hides(view.project(at + out * normal), depthOf(view, at) - by);
    }

private:
    static double depthOf(const View& view, const HeadPoint& p) {
        return -(view.rotation * p).z();
    }
    bool hides(const PicturePoint& p, double depth) const {
        const auto [x, y] = cellOf(p);
        const auto cell = static_cast<std::size_t>(y * cells + x);
        for (std::uint32_t k = first_[cell]; k < first_[cell + 1]; ++k) {
            const auto& [a, b, c] = surface_.triangles[inCell_[k]];
            const PicturePoint ab = at_[b] - at_[a], ac = at_[c] - at_[a], ap = p - at_[a];
            const double area = ab.x() * ac.y() - ab.y() * ac.x();
            if (std::abs(area) < 1e-12)
                continue;
            const double v = (ap.x() * ac.y() - ap.y() * ac.x()) / area;
            const double w = (ab.x() * ap.y() - ab.y() * ap.x()) / area;
            if (v < 0 || w < 0 || v + w > 1)
                continue;
            if ((1 - v - w) * depth_[a] + v * depth_[b] + w * depth_[c] < depth)
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
    std::vector<std::uint32_t> first_, inCell_; ///< where each cell's triangles begin, and they
};

namespace {

/// A crossing of the contour with an edge of the mesh.
struct Crossing {
    HeadPoint at;
    Vec normal;
    bool ofNeck;
};

/// True where the contour is none of the head's edge: down the middle of the face, where the centre
/// line is drawn if it is in sight, and where brow, lids, nose and lips overhang.
template <class CentreSeen>
bool isInner(const Crossing& c, const CentreSeen& centreSeen) {
    const HeadPoint& p = c.at;
    if (c.ofNeck || p.z() < 0.3)
        return false;
    // In profile the middle of the face is its edge.
    if (std::abs(p.x()) < 0.3 && !centreSeen(p.y()))
        return false;
    const bool middle = std::abs(p.x()) < 0.13 && p.y() > -1.25;
    const bool nose = std::abs(p.x()) < 0.30 && p.y() > -0.8 && p.y() < -0.05;
    const bool overhang = std::abs(c.normal.y()) > 0.6 && std::abs(p.x()) < 0.55 && p.y() > -1.15;
    return middle || nose || overhang;
}

/// Each point but the ends drawn half-way to the middle of its neighbours, twice over.
void smooth(std::vector<PicturePoint>& points) {
    for (int round = 0; round < 2; ++round) {
        const std::vector<PicturePoint> before = points;
        for (std::size_t i = 1; i + 1 < points.size(); ++i)
            points[i] = before[i] / 2 + (before[i - 1] + before[i + 1]) / 4;
    }
}

} // namespace

SolidInView::SolidInView(const HeadSolid& solid, BallRadii sidePlane, const View& view)
    : solid_(solid), side_(sidePlane.value), view_(view), occluders_(std::make_unique<const Occluders>(solid.skin(), view)) {}

SolidInView::~SolidInView() = default;

bool SolidInView::seen(const SurfacePoint& point, Cover cover) const {
    if (!view_.faces(point.at, point.normal))
        return false;
    const HeadPoint p = point.at + lift * point.normal;
    // Along p + t d, with t up to the camera at t = 1 / nearness when there is one.
    const Vec d = view_.towardsCamera() - view_.nearness * p;
    const double furthest = view_.nearness > 0 ? 1 / view_.nearness : 1e9;
    const bool ofFace = cover == Cover::Face;
    return !ballCovers(p, d, ofFace ? coreRadius : 1, side_, furthest) &&
           occluders_->leaves(view_, point.at, point.normal, ofFace ? guideHiddenBy : wellHiddenBy);
}

std::vector<OutlinePiece> SolidInView::outline(BallRadii least, Contour which) const {
    const SoftSurface& surface = solid_.skin();
    const View& view = view_;
    const std::vector<Vec>& normals = solid_.normals();
    std::vector<double> facing;
    for (std::size_t i = 0; i < surface.points.size(); ++i) {
        const Vec towards = view.towardsCamera() - view.nearness * surface.points[i];
        facing.push_back(normals[i].dot(towards));
    }
    // Where facing passes through nought, from edge to edge; each edge is numbered as it is met.
    std::vector<Crossing> crossings;
    std::unordered_map<std::uint64_t, std::size_t> numbered;
    std::vector<std::array<std::size_t, 2>> next; // of each crossing, those it is joined to
    constexpr std::size_t none = std::numeric_limits<std::size_t>::max();
    auto crossing = [&](std::uint32_t a, std::uint32_t b) {
        const auto [low, high] = std::minmax(a, b);
        const auto [at, isNew] = numbered.try_emplace(
            static_cast<std::uint64_t>(low) << 32 | high, crossings.size());
        if (isNew) {
            const double t = facing[low] / (facing[low] - facing[high]);
            auto between = [&, l = low, h = high](const std::vector<Vec>& values) {
                return Vec(values[l] + t * (values[h] - values[l]));
            };
            crossings.push_back({between(surface.points), between(normals).normalized(),
                                 surface.ofNeck[t < 0.5 ? low : high]});
            next.push_back({none, none});
        }
        return at->second;
    };
    auto join = [&](std::size_t from, std::size_t to) {
        for (std::size_t& slot : next[from])
            if (slot == none) {
                slot = to;
                return;
            }
    };
    for (const auto& t : surface.triangles) {
        std::array<std::size_t, 3> cut{};
        std::size_t count = 0;
        for (int k = 0; k < 3; ++k)
            if ((facing[t[k]] < 0) != (facing[t[(k + 1) % 3]] < 0))
                cut[count++] = crossing(t[k], t[(k + 1) % 3]);
        if (count == 2) {
            join(cut[0], cut[1]);
            join(cut[1], cut[0]);
        }
    }
    // Chains, from loose ends first, then what closes on itself.
    std::vector<std::vector<Crossing>> chains;
    std::vector<bool> used(crossings.size(), false);
    auto follow = [&](std::size_t at) {
        std::vector<Crossing> chain;
        while (at != none) {
            used[at] = true;
            chain.push_back(crossings[at]);
            std::size_t onward = none;
            for (const std::size_t candidate : next[at])
                if (candidate != none && !used[candidate])
                    onward = candidate;
            at = onward;
        }
        chains.push_back(std::move(chain));
    };
    for (const bool ends : {true, false})
        for (std::size_t i = 0; i < crossings.size(); ++i)
            if (!used[i] && (!ends || next[i][1] == none))
                follow(i);

    auto centreSeen = [&](double y) {
        return this->seen(solid_.front({0}, {y}), Cover::Face);
    };
    std::vector<OutlinePiece> pieces;
    for (const std::vector<Crossing>& chain : chains) {
        OutlinePiece piece;
        BallRadii length{0};
        double side = 0;
        auto finish = [&] {
            piece.side = side / std::max<double>(1, static_cast<double>(piece.points.size()));
            if (length > least) {
                smooth(piece.points);
                pieces.push_back(piece);
            }
            piece.points.clear();
            length = {};
            side = 0;
        };
        const Crossing* last = nullptr;
        for (const Crossing& c : chain) {
            const PicturePoint at = view.project(c.at);
            const bool inner = which == Contour::HeadsEdge && isInner(c, centreSeen);
            const bool seen = !inner && occluders_->leaves(view, c.at, c.normal);
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
                length += BallRadii{(c.at - last->at).norm()};
            last = &c;
        }
        finish();
    }
    return pieces;
}

std::vector<PathPiece> SolidInView::path(const std::vector<std::uint32_t>& run) const {
    // Corners cut twice (Chaikin 1974).
    std::vector<std::pair<HeadPoint, Vec>> path;
    for (std::uint32_t v : run)
        path.emplace_back(solid_.skin().points[v], solid_.normals()[v]);
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
        const bool hidden = !view_.faces(at, n) || !occluders_->leaves(view_, at, n);
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
