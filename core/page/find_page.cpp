#include "core/page/find_page.h"

#include "core/page/page_lines.h"

#include <Eigen/Eigenvalues>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace zokran {

namespace {

using Vec2 = Eigen::Vector2d;

/// How a side of a quadrangle lies on edges.
struct SideSupport {
    double share = 0;    ///< of its length inside the picture that lies on an edge along it
    double inside = 0;   ///< of its length that lies inside the picture
    double brighter = 0; ///< how much lighter it is just inside than just outside, 0 to 100
};

SideSupport supportOf(const PageFeatures& features, const Vec2& a, const Vec2& b, const Vec2& centre) {
    SideSupport s;
    const Vec2 along = (b - a).normalized();
    Vec2 normal(-along.y(), along.x());
    if (normal.dot(centre - a) < 0)
        normal = -normal; // inwards
    constexpr int samples = 80;
    int seen = 0, on = 0;
    double brighter = 0;
    auto within = [&](const Vec2& p, int margin) {
        return p.x() >= margin && p.y() >= margin && p.x() < features.strength.cols - margin &&
               p.y() < features.strength.rows - margin;
    };
    for (int i = 0; i < samples; ++i) {
        const Vec2 p = a + (i + 0.5) / samples * (b - a);
        if (!within(p, 9))
            continue;
        ++seen;
        // The edge on the line, and the strongest beside it: the foot of another edge is none.
        double here = 0, beside = 0;
        for (int k = -7; k <= 7; ++k) {
            const Vec2 q = p + k * normal;
            const int x = static_cast<int>(std::lround(q.x())), y = static_cast<int>(std::lround(q.y()));
            const double size = features.strength(y, x);
            if (std::abs(features.dx(y, x) * normal.x() + features.dy(y, x) * normal.y()) > 0.85 * size)
                (std::abs(k) <= 2 ? here : beside) = std::max(std::abs(k) <= 2 ? here : beside, size);
        }
        const bool edge = here > 0.5 && here > 0.8 * beside;
        on += edge;
        const Vec2 in = p + 7 * normal, out = p - 7 * normal;
        brighter += features.lightness(static_cast<int>(in.y()), static_cast<int>(in.x())) -
                    features.lightness(static_cast<int>(out.y()), static_cast<int>(out.x()));
    }
    if (seen > 0) {
        s.share = static_cast<double>(on) / seen;
        s.brighter = brighter / seen;
    }
    s.inside = static_cast<double>(seen) / samples;
    return s;
}

double areaOf(const std::array<Vec2, 4>& q) {
    double sum = 0;
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 &a = q[i], &b = q[(i + 1) % 4];
        sum += a.x() * b.y() - a.y() * b.x();
    }
    return sum / 2;
}

/// A convex quadrangle that could be a sheet: no corner sharper than a phone held at 35° makes it.
bool couldBePage(const std::array<Vec2, 4>& q) {
    for (std::size_t i = 0; i < 4; ++i) {
        const Vec2 a = q[(i + 3) % 4] - q[i], b = q[(i + 1) % 4] - q[i];
        const double turn = b.x() * a.y() - b.y() * a.x();
        const double cosine = a.dot(b) / std::max(1e-9, a.norm() * b.norm());
        if (turn <= 0 || std::abs(cosine) > 0.55)
            return false;
    }
    // Opposite sides of a sheet shrink by no more than a third.
    for (std::size_t i = 0; i < 2; ++i) {
        const double one = (q[i + 1] - q[i]).norm(), other = (q[(i + 3) % 4] - q[i + 2]).norm();
        if (std::min(one, other) < 0.6 * std::max(one, other))
            return false;
    }
    return true;
}

struct Scored {
    std::array<Vec2, 4> corners;
    double score = 0, worstShare = 0, inside = 0, brighter = 0;
};

Scored scored(const PageFeatures& features, const std::array<Vec2, 4>& q) {
    Scored s{q};
    const Vec2 centre = (q[0] + q[1] + q[2] + q[3]) / 4;
    s.worstShare = 1;
    double shares = 0, brighter = 0;
    s.inside = 1;
    for (std::size_t i = 0; i < 4; ++i) {
        const SideSupport side = supportOf(features, q[i], q[(i + 1) % 4], centre);
        // A side out of the picture has nothing to say for itself.
        const double share = side.inside > 0.25 ? side.share : 0.5;
        s.worstShare = std::min(s.worstShare, share);
        s.inside = std::min(s.inside, side.inside);
        shares += share / 4;
        brighter += std::clamp(side.brighter, -8.0, 8.0) / 8 / 4;
    }
    s.brighter = brighter;
    const double area = areaOf(q) / (1.0 * features.strength.cols * features.strength.rows);
    s.score = 0.55 * shares + 0.45 * s.worstShare + 0.25 * brighter +
              0.25 * std::min(area, 0.8);
    return s;
}

/// A side drawn through the ridge of the gradient near it, in the pixels of the whole picture.
PageLine refined(const cv::Mat1f& grey, const Vec2& a, const Vec2& b, const Vec2& centre, double reach) {
    const Vec2 along = (b - a).normalized();
    Vec2 normal(-along.y(), along.x());
    if (normal.dot(centre - a) < 0)
        normal = -normal;
    std::vector<Vec2> ridge;
    constexpr int samples = 120;
    for (int i = 3; i < samples - 3; ++i) {
        const Vec2 p = a + (i + 0.5) / samples * (b - a);
        const int steps = static_cast<int>(std::ceil(reach));
        std::vector<double> values;
        bool inside = true;
        for (int k = -steps - 2; k <= steps + 2 && inside; ++k) {
            const Vec2 q = p + k * normal;
            const int x = static_cast<int>(std::floor(q.x())), y = static_cast<int>(std::floor(q.y()));
            inside = x >= 0 && y >= 0 && x + 1 < grey.cols && y + 1 < grey.rows;
            if (!inside)
                break;
            const double s = q.x() - x, t = q.y() - y;
            values.push_back((1 - t) * ((1 - s) * grey(y, x) + s * grey(y, x + 1)) +
                             t * ((1 - s) * grey(y + 1, x) + s * grey(y + 1, x + 1)));
        }
        if (!inside)
            continue;
        std::vector<double> slope;
        for (std::size_t k = 2; k + 2 < values.size(); ++k)
            slope.push_back(std::abs(values[k + 1] + values[k + 2] - values[k - 1] - values[k - 2]));
        const auto top = std::max_element(slope.begin(), slope.end());
        if (*top < 4)
            continue;
        const auto k = top - slope.begin();
        double offset = static_cast<double>(k) - steps;
        if (k > 0 && k + 1 < static_cast<std::ptrdiff_t>(slope.size())) {
            const double before = slope[static_cast<std::size_t>(k - 1)], after =
                slope[static_cast<std::size_t>(k + 1)];
            const double bend = before + after - 2 * *top;
            if (std::abs(bend) > 1e-9)
                offset += std::clamp(0.5 * (before - after) / bend, -0.5, 0.5);
        }
        ridge.push_back(p + offset * normal);
    }
    PageLine line{normal, normal.dot(a)};
    if (ridge.size() < 20)
        return line;
    // Weighed least squares across the line, a few rounds (Tukey's weights).
    double width = reach;
    for (int round = 0; round < 8; ++round) {
        double sum = 0;
        Vec2 mean = Vec2::Zero();
        std::vector<double> weights;
        for (const Vec2& p : ridge) {
            const double u = std::min(1.0, std::abs(line.at(p)) / width);
            weights.push_back((1 - u * u) * (1 - u * u));
            sum += weights.back();
            mean += weights.back() * p;
        }
        if (sum < 8)
            break;
        mean /= sum;
        Eigen::Matrix2d scatter = Eigen::Matrix2d::Zero();
        for (std::size_t i = 0; i < ridge.size(); ++i)
            scatter += weights[i] * (ridge[i] - mean) * (ridge[i] - mean).transpose();
        const Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> axes(scatter);
        Vec2 n = axes.eigenvectors().col(0);
        if (n.dot(normal) < 0)
            n = -n;
        line = {n, n.dot(mean)};
        width = std::max(1.5, 0.7 * width);
    }
    return line;
}

/// From the top-left corner clockwise, as the sheet lies in the picture.
std::array<Vec2, 4> inOrder(std::array<Vec2, 4> q) {
    const auto first = std::min_element(q.begin(), q.end(), [](const Vec2& a, const Vec2& b) {
        return a.sum() < b.sum();
    });
    std::rotate(q.begin(), first, q.end());
    return q;
}

} // namespace

std::optional<FoundPage> findPage(const cv::Mat& photograph) {
    if (photograph.empty() || std::min(photograph.cols, photograph.rows) < 40)
        return std::nullopt;
    const PageFeatures features = edgeFeatures(photograph);
    std::vector<PageLine> lines = candidateLines(features);
    const double w = features.strength.cols, h = features.strength.rows;
    // A sheet that runs out of the picture is closed by the picture's own edge.
    for (const PageLine& edge : {PageLine{{1, 0}, 0}, PageLine{{1, 0}, w - 1}, PageLine{{0, 1}, 0}, PageLine{{0, 1}, h - 1}})
        lines.push_back(edge);
    const std::size_t ofPicture = lines.size() - 4;
    // Pairs that run about alike are opposite sides; two such pairs about square make a sheet.
    struct Pair {
        std::size_t a, b;
        double direction;
    };
    std::vector<Pair> pairs;
    for (std::size_t i = 0; i < lines.size(); ++i)
        for (std::size_t k = i + 1; k < lines.size(); ++k) {
            if (i >= ofPicture && k >= ofPicture)
                continue;
            const double alike = std::abs(lines[i].n.dot(lines[k].n));
            if (alike < 0.85)
                continue;
            const Vec2 middle(w / 2, h / 2);
            const double apart = std::abs(lines[i].at(middle) -
                                          (lines[i].n.dot(lines[k].n) > 0 ? 1 : -1) *
                                              lines[k].at(middle));
            if (apart < 0.18 * std::min(w, h))
                continue;
            pairs.push_back({i, k, std::atan2(lines[i].n.y(), lines[i].n.x())});
        }
    std::optional<Scored> best;
    double second = 0;
    for (std::size_t i = 0; i < pairs.size(); ++i)
        for (std::size_t k = i + 1; k < pairs.size(); ++k) {
            if (std::abs(std::cos(pairs[i].direction - pairs[k].direction)) > 0.55)
                continue;
            const int borders = (pairs[i].a >= ofPicture) + (pairs[i].b >= ofPicture) +
                                (pairs[k].a >= ofPicture) + (pairs[k].b >= ofPicture);
            if (borders > 1)
                continue;
            const auto p = meeting(lines[pairs[i].a], lines[pairs[k].a]),
                       q = meeting(lines[pairs[i].a], lines[pairs[k].b]),
                       r = meeting(lines[pairs[i].b], lines[pairs[k].b]),
                       s = meeting(lines[pairs[i].b], lines[pairs[k].a]);
            if (!p || !q || !r || !s)
                continue;
            std::array<Vec2, 4> corners{*p, *q, *r, *s};
            if (areaOf(corners) < 0)
                std::swap(corners[1], corners[3]);
            const double area = areaOf(corners);
            if (area < 0.12 * w * h || area > 1.3 * w * h || !couldBePage(corners))
                continue;
            bool near = true;
            for (const Vec2& c : corners)
                near = near && c.x() > -0.2 * w && c.x() < 1.2 * w && c.y() > -0.2 * h &&
                       c.y() < 1.2 * h;
            if (!near)
                continue;
            Scored candidate = scored(features, corners);
            candidate.score -= 0.12 * borders;
            if (!best || candidate.score > best->score) {
                // A rival is another sheet and not the same one a few pixels off.
                if (best) {
                    double apart = 0;
                    const auto mine = inOrder(candidate.corners), theirs = inOrder(best->corners);
                    for (std::size_t c = 0; c < 4; ++c)
                        apart = std::max(apart, (mine[c] - theirs[c]).norm());
                    if (apart > 0.03 * std::max(w, h))
                        second = std::max(second, best->score);
                }
                best = candidate;
            } else {
                double apart = 0;
                const auto mine = inOrder(candidate.corners), theirs = inOrder(best->corners);
                for (std::size_t c = 0; c < 4; ++c)
                    apart = std::max(apart, (mine[c] - theirs[c]).norm());
                if (apart > 0.03 * std::max(w, h))
                    second = std::max(second, candidate.score);
            }
        }
    if (!best || best->worstShare < 0.25)
        return std::nullopt;
    // In the whole picture each side is drawn through the edge's own ridge.
    cv::Mat grey;
    if (photograph.channels() == 1)
        grey = photograph;
    else
        cv::cvtColor(photograph, grey, cv::COLOR_BGR2GRAY);
    cv::Mat1f fine;
    grey.convertTo(fine, CV_32F);
    cv::GaussianBlur(fine, fine, {}, std::max(0.8, 0.5 / features.scale));
    const auto ordered = inOrder(best->corners);
    std::array<Vec2, 4> whole;
    for (std::size_t i = 0; i < 4; ++i)
        // Pixel k of the reduced picture is the middle of a block of the picture's.
        whole[i] = (ordered[i] + Vec2(0.5, 0.5)) / features.scale - Vec2(0.5, 0.5);
    const Vec2 centre = (whole[0] + whole[1] + whole[2] + whole[3]) / 4;
    std::array<PageLine, 4> sides;
    for (std::size_t i = 0; i < 4; ++i)
        sides[i] = refined(fine, whole[i], whole[(i + 1) % 4], centre, 3.5 / features.scale);
    FoundPage found;
    for (std::size_t i = 0; i < 4; ++i) {
        const auto corner = meeting(sides[(i + 3) % 4], sides[i]);
        if (!corner || (*corner - whole[i]).norm() > 12 / features.scale)
            return std::nullopt;
        found.corners[i] = SketchPoint(*corner);
    }
    // Sure of a sheet whose every side lies on an edge, lighter inside, and unlike any other.
    const double edges = std::clamp((best->worstShare - 0.35) / 0.45, 0.0, 1.0);
    const double lead = std::clamp((best->score - second) / 0.10, 0.0, 1.0);
    const double light = std::clamp(0.5 + best->brighter, 0.0, 1.0);
    const double shown = std::clamp(best->inside / 0.5, 0.3, 1.0);
    // Whoever photographs a sheet fills a third of the picture with it; what is small is something else.
    const double filled = std::min(1.0, areaOf(best->corners) / (0.35 * w * h));
    found.sure = edges * (0.55 + 0.45 * lead) * (0.4 + 0.6 * light) * shown * filled * filled;
    constexpr double noPage = 0.2;
    if (found.sure < noPage)
        return std::nullopt;
    return found;
}

} // namespace zokran
