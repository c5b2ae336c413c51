#include "core/fit/pose_search.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <complex>

namespace zokran {

namespace {

using Complex = std::complex<double>;

constexpr int turnSteps = 9, tiltSteps = 9;
constexpr double assumedNearness = nearnessAt(usualDistance);
/// Starts closer together than this would fall into the same solution.
constexpr Radians apart{0.5};

/// The fan: turns from -90° to 90°, tilts from -80° to 80°.
const std::array<Eigen::Matrix3d, turnSteps * tiltSteps>& fan() {
    static const auto rotations = [] {
        std::array<Eigen::Matrix3d, turnSteps * tiltSteps> all;
        for (int i = 0; i < turnSteps; ++i)
            for (int j = 0; j < tiltSteps; ++j)
                all[i * tiltSteps + j] =
                    headToView(poseFromDegrees({-90 + i * 22.5}, {-80 + j * 20.0}, {0}));
        return all;
    }();
    return rotations;
}

} // namespace

std::vector<View> searchPoses(const MarkSheet& sheet, const HeadMarks& head,
                              const PicturePoint& principal, int count) {
    const std::vector<Mark> seen = sheet.seenMarks();
    const double n = static_cast<double>(seen.size());
    std::vector<Complex> picture;
    Complex pictureMean = 0;
    for (Mark m : seen) {
        picture.emplace_back(sheet.seen(m)->x(), -sheet.seen(m)->y());
        pictureMean += picture.back() / n;
    }
    for (Complex& z : picture)
        z -= pictureMean;

    struct Candidate {
        double explained; ///< share of the picture's spread that the similarity accounts for
        View view;
    };
    std::vector<Candidate> candidates;
    std::vector<Complex> flat(seen.size());
    for (const Eigen::Matrix3d& rotation : fan()) {
        Complex mean = 0;
        for (std::size_t i = 0; i < seen.size(); ++i) {
            const Eigen::Vector3d m = rotation * head[seen[i]];
            flat[i] = Complex(m.x(), m.y()) / (1 - assumedNearness * m.z());
            mean += flat[i] / n;
        }
        double spread = 0;
        Complex cross = 0;
        for (std::size_t i = 0; i < seen.size(); ++i) {
            spread += std::norm(flat[i] - mean);
            cross += std::conj(flat[i] - mean) * picture[i];
        }
        if (spread <= 0)
            continue;
        // z ≈ similarity * flat + shift, with similarity = cross / spread.
        const Complex similarity = cross / spread;
        Candidate c;
        c.explained = std::norm(cross) / spread;
        c.view.scale = std::max(std::abs(similarity), 1e-6);
        c.view.nearness = assumedNearness;
        c.view.principal = principal;
        const Complex shift = pictureMean - similarity * mean;
        c.view.centre = PicturePoint(shift.real(), -shift.imag());
        // The fan is of heads as seen along the line of sight.
        c.view.face(aboutSight({std::arg(similarity)}) * rotation);
        candidates.push_back(c);
    }
    std::sort(candidates.begin(), candidates.end(),
              [](const auto& a, const auto& b) { return a.explained > b.explained; });
    std::vector<View> best;
    for (const Candidate& c : candidates) {
        if (static_cast<int>(best.size()) == count)
            break;
        if (std::none_of(best.begin(), best.end(), [&](const View& v) {
                return angleBetween(v.rotation, c.view.rotation) < apart;
            }))
            best.push_back(c.view);
    }
    return best;
}

} // namespace zokran
