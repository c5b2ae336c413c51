#include "benchmarks/unseen_heads.h"

#include "core/base/json_file.h"
#include "core/fit/fit.h"

#include <algorithm>
#include <fmt/format.h>
#include <fstream>
#include <opencv2/calib3d.hpp>
#include <tuple>

namespace zokran::benchmarks {

namespace {

double between(std::mt19937& random, double low, double high) {
    return std::uniform_real_distribution<double>(low, high)(random);
}

std::map<Mark, HeadPoint> meanFor(const UnseenHead& head) {
    std::map<Mark, HeadPoint> mean;
    for (const auto& [m, p] : head.marks)
        mean[m] = adultHeads().mean[m];
    return mean;
}

/// The rotation nearest to the mean of `all` (Procrustes).
Eigen::Matrix3d middleOf(const std::vector<Eigen::Matrix3d>& all) {
    Eigen::Matrix3d sum = Eigen::Matrix3d::Zero();
    for (const Eigen::Matrix3d& r : all)
        sum += r;
    const Eigen::JacobiSVD<Eigen::Matrix3d> svd(sum, Eigen::ComputeFullU | Eigen::ComputeFullV);
    return svd.matrixU() * svd.matrixV().transpose();
}

/// How far each of `offsets` is from their middle, degrees, sorted.
std::vector<double> scatterOf(const std::vector<Eigen::Matrix3d>& offsets) {
    const Eigen::Matrix3d middle = middleOf(offsets);
    std::vector<double> off;
    for (const Eigen::Matrix3d& r : offsets)
        off.push_back(toDegrees(angleBetween(r, middle)).value);
    std::sort(off.begin(), off.end());
    return off;
}

} // namespace

UnseenHead canonicalFace() {
    std::ifstream in(ZOKRAN_TEST_DATA "/canonical-face.json");
    const nlohmann::json j = nlohmann::json::parse(in);
    UnseenHead head{"canonical face", {}};
    const auto at = [&](const std::string& id) {
        const auto& p = j["marks"][id];
        return HeadPoint(p[0].get<double>(), p[1].get<double>(), p[2].get<double>());
    };
    for (const auto& [id, p] : j["marks"].items())
        head.marks[*markNamed(id)] = (at(id) - at("brow")) / 9.5 + adultHeads().mean[Mark::Brow];
    return head;
}

UnseenHead canonicalFaceAlone() {
    UnseenHead head = canonicalFace();
    for (Mark m : {Mark::PupilL, Mark::PupilR, Mark::JawAngleL, Mark::JawAngleR})
        head.marks.erase(m);
    return head;
}

std::vector<UnseenHead> generatedHeads() {
    std::ifstream in(ZOKRAN_TEST_DATA "/generated-heads.json");
    const nlohmann::json j = nlohmann::json::parse(in);
    std::vector<UnseenHead> heads;
    for (const auto& h : j["heads"]) {
        UnseenHead head{fmt::format("generated head {}", heads.size() + 1), {}};
        for (const auto& [id, p] : h.items())
            head.marks[*markNamed(id)] =
                HeadPoint(p[0].get<double>(), p[1].get<double>(), p[2].get<double>()) / 95 +
                adultHeads().mean[Mark::Brow];
        heads.push_back(std::move(head));
    }
    return heads;
}

std::vector<UnseenHead> otherHeads() {
    std::ifstream in(ZOKRAN_TEST_DATA "/other-heads.json");
    const nlohmann::json j = nlohmann::json::parse(in);
    std::vector<UnseenHead> heads;
    for (const auto& h : j["heads"]) {
        UnseenHead head{h["name"].get<std::string>(), {}};
        for (const auto& [id, p] : h["marks"].items())
            head.marks[*markNamed(id)] =
                HeadPoint(p[0].get<double>(), p[1].get<double>(), p[2].get<double>()) / 95 + adultHeads().mean[Mark::Brow];
        heads.push_back(std::move(head));
    }
    return heads;
}

UnseenHead deformedAtRandom(UnseenHead head, std::mt19937& random) {
    std::normal_distribution<double> shift(0, 5.0 / 95), scaling(0, 0.08);
    head.name += ", deformed";
    for (const HeadRegion& region : headRegions()) {
        HeadPoint middle(0, 0, 0);
        int count = 0;
        for (Mark m : region.marks)
            if (const auto at = head.marks.find(m); at != head.marks.end()) {
                middle += at->second;
                ++count;
            }
        const double factor = std::exp(scaling(random)), up = shift(random), forward = shift(random);
        for (Mark m : region.marks)
            if (const auto at = head.marks.find(m); at != head.marks.end())
                at->second = middle / count + factor * (at->second - middle / count) + HeadPoint(0, up, forward);
    }
    return head;
}

UnseenHead withRegionMoved(UnseenHead head, const HeadRegion& region, const HeadPoint& by) {
    head.name += fmt::format(", {} moved", region.id);
    for (Mark m : region.marks)
        if (const auto at = head.marks.find(m); at != head.marks.end())
            at->second += by;
    return head;
}

UnseenHead stylisedFace() {
    UnseenHead head = canonicalFaceAlone();
    head.name = "stylised face";
    head.marks[Mark::NoseBase].z() += 0.18;
    head.marks[Mark::NoseWingL].z() += 0.14;
    head.marks[Mark::NoseWingR].z() += 0.14;
    return head;
}

View randomView(std::mt19937& random) {
    View v;
    const Pose pose = poseFromDegrees({between(random, -65, 65)}, {between(random, -35, 35)},
                                      {between(random, -40, 40)});
    v.nearness = 0.095 / between(random, 0.8, 2.5);
    v.scale = 160;
    v.principal = {500, 600};
    v.centre = v.principal + PicturePoint(between(random, -40, 40), between(random, -40, 40));
    v.face(headToView(pose));
    return v;
}

Sitting sit(const UnseenHead& head, const View& view, double noise, std::mt19937& random) {
    Sitting s{view, {}};
    s.marks.width = 1000;
    s.marks.height = 1200;
    PicturePoint low = PicturePoint::Constant(1e9), high = -low;
    for (const auto& [m, p] : head.marks) {
        // The face bulges round a point behind the nose; what lies beyond its horizon is hidden.
        const Eigen::Vector3d outward = view.rotation * (p - HeadPoint(0, -0.5, 0)).normalized();
        s.marks.marks[m] = PlacedMark{view.project(p), outward.z() < 0.1};
        if (outward.z() >= 0.1) {
            low = low.cwiseMin(view.project(p));
            high = high.cwiseMax(view.project(p));
        }
    }
    std::normal_distribution<double> shake(0, noise * (high - low).maxCoeff());
    for (auto& m : s.marks.marks)
        if (m && noise > 0)
            *m->at += PicturePoint(shake(random), shake(random));
    return s;
}

Eigen::Matrix3d byPnP(const Sitting& sitting, const std::map<Mark, HeadPoint>& model, int method,
                      bool guided) {
    std::vector<cv::Point3d> points;
    std::vector<cv::Point2d> pixels;
    for (const auto& [m, p] : model)
        if (const auto at = sitting.marks.seen(m)) {
            points.emplace_back(p.x(), -p.y(), -p.z()); // OpenCV's camera: y down, z away
            pixels.emplace_back(at->x(), at->y());
        }
    const double f = 12 * sitting.truth.scale;
    const cv::Mat camera = (cv::Mat_<double>(3, 3) << f, 0, sitting.truth.principal.x(), 0, f,
                            sitting.truth.principal.y(), 0, 0, 1);
    cv::Mat vector, shift, rotation;
    // Left to itself the iterative method starts from a linear solution that is often behind the
    // camera on so few marks; given SQPNP's it is the best general solver there is.
    const bool refine = method == cv::SOLVEPNP_ITERATIVE && guided;
    if (refine)
        cv::solvePnP(points, pixels, camera, cv::noArray(), vector, shift, false,
                     cv::SOLVEPNP_SQPNP);
    cv::solvePnP(points, pixels, camera, cv::noArray(), vector, shift, refine, method);
    cv::Rodrigues(vector, rotation);
    const Eigen::Matrix3d flip = Eigen::Vector3d(1, -1, -1).asDiagonal();
    Eigen::Matrix3d r;
    for (int i = 0; i < 9; ++i)
        r(i / 3, i % 3) = rotation.at<double>(i / 3, i % 3);
    return flip * r * flip;
}

Errors readingErrors(const UnseenHead& head, int rounds, unsigned seed) {
    std::mt19937 random(seed);
    const auto mean = meanFor(head);
    std::vector<Eigen::Matrix3d> ours, means, floors;
    Errors errors;
    int covered = 0;
    for (int i = 0; i < rounds; ++i) {
        const Sitting s = sit(head, randomView(random), 0.01, random);
        // OpenCV's solvers read the head against the camera's axis, we against the line of sight.
        const Eigen::Matrix3d& truth = s.truth.rotation;
        const Eigen::Matrix3d seen = s.truth.facing();
        const Fit fit = fitHead(s.marks);
        ours.push_back(seen.transpose() * fit.view.facing());
        errors.total.push_back(toDegrees(angleBetween(seen, fit.view.facing())).value);
        errors.withoutRegion += fit.unlikeRegion != nullptr;
        means.push_back(truth.transpose() * byPnP(s, mean, cv::SOLVEPNP_ITERATIVE));
        floors.push_back(truth.transpose() * byPnP(s, head.marks, cv::SOLVEPNP_ITERATIVE));
        const Pose is = poseOf(seen);
        int angle = 0;
        for (const auto& [read, sigma, truly] : {std::tuple{fit.pose.turn, fit.sigma.turn, is.turn},
                                                 {fit.pose.tilt, fit.sigma.tilt, is.tilt},
                                                 {fit.pose.lean, fit.sigma.lean, is.lean}}) {
            errors.offset[angle++] += toDegrees(wrapped(read - truly)).value / rounds;
            covered += abs(wrapped(read - truly)) < 2 * sigma;
        }
    }
    errors.covered = covered / (3.0 * rounds);
    std::sort(errors.total.begin(), errors.total.end());
    errors.zokran = scatterOf(ours);
    errors.mean = scatterOf(means);
    errors.floor = scatterOf(floors);
    return errors;
}

void append(Errors& all, const Errors& more, double share) {
    for (auto list : {&Errors::zokran, &Errors::mean, &Errors::floor, &Errors::total}) {
        (all.*list).insert((all.*list).end(), (more.*list).begin(), (more.*list).end());
        std::sort((all.*list).begin(), (all.*list).end());
    }
    all.withoutRegion += more.withoutRegion;
    all.covered += share * more.covered;
    for (std::size_t i = 0; i < 3; ++i)
        all.offset[i] += share * more.offset[i];
}

Errors deformedHeadErrors(int each, int rounds, unsigned seed) {
    std::vector<UnseenHead> bases = otherHeads();
    bases.push_back(canonicalFaceAlone());
    const double share = 1 / (each * static_cast<double>(bases.size()));
    std::mt19937 random(seed);
    Errors all;
    for (const UnseenHead& base : bases)
        for (int i = 0; i < each; ++i)
            append(all, readingErrors(deformedAtRandom(base, random), rounds, ++seed), share);
    return all;
}

Shared sharedErrors(const UnseenHead& head, int threes, unsigned seed) {
    std::mt19937 random(seed);
    std::vector<Eigen::Matrix3d> alone, together, floors;
    for (int i = 0; i < threes; ++i) {
        std::vector<Sitting> sittings;
        std::vector<MarkSheet> sheets;
        for (int k = 0; k < 3; ++k) {
            sittings.push_back(sit(head, randomView(random), 0.01, random));
            sheets.push_back(sittings.back().marks);
        }
        const std::vector<Fit> fits = fitSitter(sheets);
        for (std::size_t k = 0; k < fits.size(); ++k) {
            const View& truth = sittings[k].truth;
            alone.push_back(truth.facing().transpose() * fitHead(sheets[k]).view.facing());
            together.push_back(truth.facing().transpose() * fits[k].view.facing());
            floors.push_back(truth.rotation.transpose() *
                             byPnP(sittings[k], head.marks, cv::SOLVEPNP_ITERATIVE));
        }
    }
    return {scatterOf(alone), scatterOf(together), scatterOf(floors)};
}

double quantile(const std::vector<double>& sorted, double share) {
    return sorted[static_cast<std::size_t>(share * static_cast<double>(sorted.size() - 1))];
}

} // namespace zokran::benchmarks
