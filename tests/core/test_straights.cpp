#include "core/compare/finding_lines.h"
#include "core/compare/linear_selection.h"
#include "core/compare/straights.h"
#include "core/messages/finding_messages.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <Eigen/QR>
#include <catch2/catch.hpp>
#include <numbers>

using namespace zokran;
using namespace zokran::test;

namespace {

/// Where the edge of a face runs, from temple to temple: an oval through the
/// marks that lie outermost, so that it shares nothing with the skin it is compared on.
std::vector<PicturePoint> ovalRound(const MarkSheet& face, int corners) {
    using enum Mark;
    const PicturePoint eyes = (*face.seen(OuterEyeL) + *face.seen(OuterEyeR)) / 2, chin = *face.seen(Chin);
    const Eigen::Vector2d down = chin - eyes, right(down.y(), -down.x());
    // The half width beside the way from the eyes to the chin: common practice, no source.
    constexpr int steps = 2000;
    std::vector<PicturePoint> dense;
    std::vector<double> length{0};
    for (int i = 0; i <= steps; ++i) {
        const double angle = std::numbers::pi * (1.05 - 1.10 * i / steps);
        dense.push_back(eyes + std::sin(angle) * down + 0.62 * std::cos(angle) * right);
        if (i > 0)
            length.push_back(length.back() + (dense[dense.size() - 1] - dense[dense.size() - 2]).norm());
    }
    // Straights of one length.
    std::vector<PicturePoint> oval;
    for (int i = 0; i < corners; ++i) {
        const auto at = std::lower_bound(length.begin(), length.end(), length.back() * i / (corners - 1));
        oval.push_back(dense[std::min<std::size_t>(static_cast<std::size_t>(at - length.begin()), steps)]);
    }
    return oval;
}

struct DrawnFace {
    MarkSheet reference;
    Fit fit;
    DrawnLine line;
    std::vector<PicturePoint> run;

    DrawnFace(MarkSheet face, DrawnLine l, int corners = 9) : line(l), run(ovalRound(face, corners)) {
        reference = std::move(face);
        reference.lines[line] = run;
        fit = fitHead(reference);
    }
    /// A drawing whose run is `drawn`, everything with a hand's noise of 0.3 % of the head.
    Comparison with(const std::vector<PicturePoint>& drawn, Random& random) const {
        const double noise = 0.003 * headHeight(fit.head).value * fit.view.scale;
        const auto shake = [&] { return PicturePoint(random.normal(noise), random.normal(noise)); };
        const Similarity laid{0.8, toRadians(Degrees{-5}), {60, 10}};
        MarkSheet sketch = reference;
        forEachPlaced(sketch, [&](PlacedMark& placed) { placed.at = laid(PicturePoint(*placed.at + shake())); });
        sketch.lines[line].clear();
        for (const PicturePoint& at : drawn)
            sketch.lines[line].push_back(laid(PicturePoint(at + shake())));
        return compareSketch(reference, fit, sketch);
    }
    double head() const { return headHeight(fit.head).value * fit.view.scale; }
};

std::vector<Finding> ofStraights(const Comparison& c) {
    std::vector<Finding> told;
    for (const Finding* f : toldFindings(c))
        if (f->id.starts_with("outline_"))
            told.push_back(*f);
    return told;
}

} // namespace

TEST_CASE("Selected errors have the amounts and doubts of least squares over them alone") {
    Random random(3);
    Eigen::MatrixXd base(20, 2), effects(20, 5);
    for (auto* m : {&base, &effects})
        for (double& value : m->reshaped())
            value = random.normal(1);
    Eigen::VectorXd residuals = 7 * effects.col(1) - 9 * effects.col(3) + 2 * base.col(0);
    for (double& value : residuals)
        value += random.normal(1);
    std::vector<LinearCandidate> candidates;
    for (int k = 0; k < 5; ++k)
        candidates.push_back({effects.col(k), 12});
    auto chosen = selectErrors(base, residuals, candidates, 4);
    REQUIRE(chosen.size() == 2);
    std::sort(chosen.begin(), chosen.end(), [](const auto& a, const auto& b) { return a.candidate < b.candidate; });
    CHECK(chosen[0].candidate == 1);
    CHECK(chosen[1].candidate == 3);
    // Eigen's own QR on the same columns.
    Eigen::MatrixXd all(20, 4);
    all << base, effects.col(1), effects.col(3);
    const Eigen::VectorXd x = all.colPivHouseholderQr().solve(residuals);
    const Eigen::MatrixXd covariance = (all.transpose() * all).inverse();
    CHECK(chosen[0].amount == Approx(x[2]));
    CHECK(chosen[1].amount == Approx(x[3]));
    CHECK(chosen[0].sigma == Approx(std::sqrt(covariance(2, 2))));
    CHECK(selectErrors(base, residuals, candidates, 1).size() == 1);
}

TEST_CASE("The deviation of a hand is read from residuals that a few errors do not move") {
    Random random(4);
    std::vector<double> whitened;
    for (int i = 0; i < 4000; ++i)
        whitened.push_back(random.normal(0.8));
    for (int i = 0; i < 400; ++i)
        whitened.push_back(30);
    CHECK(steadinessOf(whitened, 0.1, 2) == Approx(0.9).margin(0.12));
    CHECK(steadinessOf({0, 0, 0}, 0.6, 1.5) == 0.6);
    CHECK(steadinessOf({50, -50, 50}, 0.6, 1.5) == 1.5);
}

TEST_CASE("A straight that is turned is told by its number, the right way, and its correction turns it back") {
    Random random(91);
    const DrawnFace face(realFaces()[0], DrawnLine::Face);
    for (const double by : {14.0, -14.0}) {
        std::vector<PicturePoint> drawn = face.run;
        const PicturePoint middle = (drawn[2] + drawn[3]) / 2;
        for (std::size_t i : {2, 3})
            drawn[i] = middle + Eigen::Rotation2Dd(by * std::numbers::pi / 180) * (drawn[i] - middle);
        const Comparison c = face.with(drawn, random);
        const auto told = ofStraights(c);
        REQUIRE_FALSE(told.empty());
        CHECK(told.front().id == "outline_slant");
        CHECK(told.front().figures.number == 3);
        CHECK(told.front().figures.mendClockwise == (by < 0)); // y points down: a positive angle is clockwise
        CHECK_THAT(textOf(told.front()), Catch::Contains("straight 3") && Catch::Contains(by < 0 ? "Turn it clockwise" : "Turn it anticlockwise"));
        // Whether the turned straight is steeper is read from its own slope before and after.
        const Eigen::Vector2d was = face.run[3] - face.run[2], is = drawn[3] - drawn[2];
        const bool isSteeper = std::abs(is.y()) / is.norm() > std::abs(was.y()) / was.norm();
        CHECK_THAT(textOf(told.front()), Catch::Contains(isSteeper ? "too steep" : "too flat"));
        REQUIRE(told.front().outline.size() == 2);
        CHECK(wayOf(c, told.front()).has_value());
    }
}

TEST_CASE("Over real faces turned straights and corners that stand out are named, and faithful runs left in peace", "[long]") {
    Random random(92);
    int slants = 0, corners = 0, runs = 0, copies = 0, peaceful = 0;
    for (const MarkSheet& face : realFaces())
        for (const DrawnLine line : {DrawnLine::Face, DrawnLine::Shape}) {
            const DrawnFace drawnFace(face, line);
            ++runs;
            const auto at = static_cast<std::size_t>(1 + runs % 6);
            std::vector<PicturePoint> turned = drawnFace.run;
            const PicturePoint middle = (turned[at] + turned[at + 1]) / 2;
            const double by = (runs % 2 ? 8 : -8) * std::numbers::pi / 180;
            for (std::size_t i : {at, at + 1})
                turned[i] = middle + Eigen::Rotation2Dd(by) * (turned[i] - middle);
            const auto ofTurned = ofStraights(drawnFace.with(turned, random));
            slants += !ofTurned.empty() && ofTurned.front().id == "outline_slant" &&
                      ofTurned.front().figures.number == static_cast<int>(at) + 1 &&
                      ofTurned.front().figures.mendClockwise == (by < 0);
            std::vector<PicturePoint> out = drawnFace.run;
            const Eigen::Vector2d outward = (out[at] - (out[at - 1] + out[at + 1]) / 2).normalized();
            out[at] += (runs % 2 ? 1 : -1) * 0.03 * drawnFace.head() * outward;
            const auto ofOut = ofStraights(drawnFace.with(out, random));
            corners += !ofOut.empty() && ofOut.front().id == "outline_corner" &&
                       ofOut.front().figures.number == static_cast<int>(at) + 1 &&
                       (ofOut.front().figures.amount > 0) == (runs % 2 == 1);
            for (int i = 0; i < 2; ++i, ++copies)
                peaceful += ofStraights(drawnFace.with(drawnFace.run, random)).empty();
        }
    INFO(slants << " slants and " << corners << " corners of " << runs << ", " << peaceful << " of " << copies << " in peace");
    CHECK(slants >= 0.9 * runs);
    CHECK(corners >= 0.9 * runs);
    CHECK(peaceful >= 0.95 * copies);
}
