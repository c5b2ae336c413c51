#include "cast/bust.h"

#include "cast/hair.h"
#include "core/head/rbf_warp.h"
#include "core/head/population.h"

#include <Eigen/Dense>
#include <cmath>
#include <numbers>

namespace zokran {

namespace {

using Vec = Eigen::Vector3d;
using Vecf = Eigen::Vector3f;

/// The head's length is this much of the ball's diameter.
constexpr double lengthInBall = 0.99;

/// The pitch that brings marks nearest to the mean head's, both about their own middles.
Radians pitchOf(const HeadMarks& marks) {
    const HeadMarks& mean = adultHeads().mean;
    // What anatomy holds to the skull's base and the face; hair and fat move the rest.
    using enum Mark;
    constexpr Mark firm[] = {Brow,      NoseRoot, InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR,
                             NoseBase,  LipLine,  Chin,      EarTopL,   EarTopR,   EarBaseL,
                             EarBaseR,  Back};
    Vec a = Vec::Zero(), b = Vec::Zero();
    for (Mark m : firm) {
        a += marks[m] / std::size(firm);
        b += mean[m] / std::size(firm);
    }
    double along = 0, across = 0;
    for (Mark m : firm) {
        const Vec p = marks[m] - a, q = mean[m] - b;
        along += p.y() * q.y() + p.z() * q.z();
        across += p.y() * q.z() - p.z() * q.y();
    }
    return {std::atan2(across, along)};
}

} // namespace

struct Bust::Obstacles {
    std::vector<Vecf> normals; ///< of the vertices refined once
    PlasterMesh hair;
};

Bust::Bust(const Sitter& sitter, const BustModel& model) : model_(&model), hair_(sitter.hair) {
    points_ = model.twice()(model.once()(model.shaped(sitter.recipe)));
    // The frame depends on the marks and the marks on the frame's pitch: twice settles it.
    Vecf moved(0, 0, 0);
    for (int round = 0; round < 3; ++round) {
        readMarks();
        const HeadPoint &brow = marks_[Mark::Brow], &back = marks_[Mark::Back];
        const double scale = 2 * lengthInBall / (brow.z() - back.z());
        radius_ = round == 0 ? Millimetres{1 / scale} : radius_ / scale;
        const Vecf centre(0, static_cast<float>(brow.y()),
                          static_cast<float>((brow.z() + back.z()) / 2));
        HeadMarks centred = marks_;
        for (HeadPoint& p : centred)
            p = scale * (p - centre.cast<double>());
        const auto pitch = static_cast<float>(pitchOf(centred).value);
        const Eigen::Matrix3f turn =
            static_cast<float>(scale) *
            Eigen::AngleAxisf(pitch, Vecf::UnitX()).toRotationMatrix();
        for (Vecf& p : points_)
            p = turn * (p - centre);
    }
    readMarks();
}

HeadPoint Bust::place(const std::string& name) const {
    const auto& vertices = model_->place(name);
    HeadPoint sum(0, 0, 0);
    for (std::uint32_t v : vertices)
        sum += points_[v].cast<double>();
    return sum / static_cast<double>(vertices.size());
}

Bust::Eyeball Bust::eyeball(int side) const {
    const auto& vertices = model_->eye(side);
    Vec low = Vec::Constant(1e9), high = -low;
    for (std::uint32_t v : vertices) {
        low = low.cwiseMin(points_[v].cast<double>());
        high = high.cwiseMax(points_[v].cast<double>());
    }
    Eyeball eye;
    eye.centre = (low + high) / 2;
    eye.radius = (high - low).x() / 2;
    return eye;
}

void Bust::readMarks() {
    for (int i = 0; i < markCount; ++i)
        marks_[markAt(i)] = place(std::string(idOf(markAt(i))));
    for (int side : {0, 1}) {
        const Eyeball eye = eyeball(side);
        marks_[side == 0 ? Mark::PupilL : Mark::PupilR] = eye.centre + eye.radius * eye.forward;
    }
}

Bust Bust::bentTo(const HeadMarks& wanted) const {
    std::vector<HeadPoint> from(marks_.begin(), marks_.end()), to(wanted.begin(), wanted.end());
    // Anchors on neck and chest, which no mark holds, stay where they are.
    const HeadPoint pit = place("pit");
    for (const HeadPoint& anchor :
         {pit, place("shoulder_l"), place("shoulder_r"), HeadPoint(0, pit.y(), -0.9),
          HeadPoint(0.6, 0.6 * pit.y(), -0.2), HeadPoint(-0.6, 0.6 * pit.y(), -0.2)}) {
        from.push_back(anchor);
        to.push_back(anchor);
    }
    const RbfWarp bend(from, to);
    Bust bent = *this;
    bent.obstacles_.reset();
    inParallel(16, [&](int band) {
        const std::size_t count = points_.size();
        for (std::size_t i = count * band / 16; i < count * (band + 1) / 16; ++i)
            bent.points_[i] = bend(points_[i].cast<double>()).cast<float>();
    });
    bent.marks_ = wanted;
    return bent;
}

std::vector<Bust::Contour> Bust::contours() const {
    std::vector<Contour> all;
    for (const auto& [name, vertices] : model_->curves()) {
        Contour contour{name.substr(0, name.size() - 2), {}};
        for (std::uint32_t v : vertices)
            contour.points.push_back(points_[v].cast<double>());
        all.push_back(std::move(contour));
    }
    for (int side : {0, 1}) {
        const Eyeball eye = eyeball(side);
        const Vec across = eye.forward.cross(Vec::UnitY()).normalized();
        const Vec up = across.cross(eye.forward);
        for (const auto& [name, angle] : {std::pair{"iris", 22.0}, {"pupil", 7.0}}) {
            const double a = angle * std::numbers::pi / 180;
            Contour ring{name, {}};
            for (int i = 0; i <= 40; ++i) {
                const double b = 2 * std::numbers::pi * i / 40;
                ring.points.push_back(
                    eye.centre + eye.radius * (std::cos(a) * eye.forward +
                                               std::sin(a) * (std::cos(b) * across +
                                                              std::sin(b) * up)));
            }
            all.push_back(std::move(ring));
        }
    }
    return all;
}

namespace {

/// True when the segment from `from` along `d` (unit) meets the triangle within `far`; Möller and
/// Trumbore 1997.
bool meets(const Vecf& from, const Vecf& d, float far, const Vecf& a, const Vecf& b,
           const Vecf& c) {
    const Vecf ab = b - a, ac = c - a, h = d.cross(ac);
    const float det = ab.dot(h);
    if (std::abs(det) < 1e-9f)
        return false;
    const Vecf s = from - a;
    const float u = s.dot(h) / det;
    if (u < 0 || u > 1)
        return false;
    const Vecf q = s.cross(ab);
    const float v = d.dot(q) / det;
    if (v < 0 || u + v > 1)
        return false;
    const float t = ac.dot(q) / det;
    return t > 1e-4f && t < far;
}

} // namespace

bool Bust::sees(const HeadPoint& camera, Mark mark) const {
    const auto& quads = model_->once().quads();
    if (!obstacles_) {
        auto made = std::make_shared<Obstacles>();
        made->normals.assign(model_->once().vertices(), Vecf::Zero());
        for (const auto& q : quads) {
            const Vecf normal =
                (points_[q[2]] - points_[q[0]]).cross(points_[q[3]] - points_[q[1]]);
            for (std::uint32_t v : q)
                made->normals[v] += normal;
        }
        made->hair = hairOf(*this, MeshGrain::Coarse);
        obstacles_ = std::move(made);
    }
    // A mark on an outline, such as the crown from the front, counts as seen, and so does one in a
    // crease, such as the corner of the eye: the ray starts a little off the surface. Lids and lips
    // hide nothing: where the middle of the eye and the parting are, one sees all the same.
    constexpr float off = 0.018f, deepOff = 0.06f;
    Vecf normal(0, 0, 0);
    const bool deep = mark == Mark::PupilL || mark == Mark::PupilR || mark == Mark::LipLine;
    if (deep)
        normal = Vecf::UnitZ();
    else
        for (std::uint32_t v : model_->place(std::string(idOf(mark))))
            normal += obstacles_->normals[v].normalized();
    const Vecf from = marks_[mark].cast<float>() + (deep ? deepOff : off) * normal.normalized();
    const Vecf towards = camera.cast<float>() - from;
    const float far = std::min(towards.norm(), 6.0f);
    const Vecf d = towards.normalized();
    for (const auto& q : quads)
        if (meets(from, d, far, points_[q[0]], points_[q[1]], points_[q[2]]) ||
            meets(from, d, far, points_[q[0]], points_[q[2]], points_[q[3]]))
            return false;
    // The crown, the back and the hairline are the skull's own, felt through the hair; anything
    // else that hair or a beard covers is hidden.
    if (mark == Mark::Crown || mark == Mark::Back || mark == Mark::Hairline)
        return true;
    const PlasterMesh& hair = obstacles_->hair;
    for (const auto& t : hair.triangles)
        if (meets(from, d, far, hair.points[t[0]], hair.points[t[1]], hair.points[t[2]]))
            return false;
    return true;
}

} // namespace zokran
