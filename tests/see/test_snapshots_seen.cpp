// A drawing photographed again and again while it grows, from the sheet on the table to what is told: page, face and
// marks are found by the program. The drawing is simulated by our own pencil over a plaster head, so that this shows that
// the parts work together; how far a reading is true is judged on photographs of people elsewhere.

#include "cast/simulated_phone.h"
#include "cast/sitter.h"
#include "cast/stand_in_camera.h"
#include "core/compare/snapshots.h"
#include "core/page/find_page.h"
#include "see/suggest_marks.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

cv::Mat3b matrixOf(Picture& picture) {
    return {picture.height, picture.width, reinterpret_cast<cv::Vec3b*>(picture.bgr.data())};
}

/// A sheet of the drawing's shape on a table, as a telephone sees it: nudged, turned, in another light; in some a hand
/// lies over a corner of the page.
cv::Mat3b photographed(Picture& sketch, unsigned seed, bool hand) {
    cv::Mat3b sheet = matrixOf(sketch);
    cv::Mat3b snapshot = snapshotOf(sheet, seed).picture;
    if (hand) {
        const cv::Point wrist(snapshot.cols - 20, snapshot.rows - 10), knuckles(snapshot.cols - 105, snapshot.rows - 95);
        cv::line(snapshot, wrist, knuckles, cv::Scalar(120, 140, 190), 56, cv::LINE_AA);
        cv::GaussianBlur(snapshot(cv::Rect(snapshot.cols - 160, snapshot.rows - 160, 160, 160)),
                         snapshot(cv::Rect(snapshot.cols - 160, snapshot.rows - 160, 160, 160)), {}, 3);
    }
    return snapshot;
}

struct Told {
    std::optional<std::size_t> size, turn;
    /// The first photograph whose planted turn exceeds 2.5 standard deviations of the two readings it lies between.
    std::optional<std::size_t> turnPassed;
    bool tilt = false, sizeWrong = false;
    int seen = 0;
};

/// Twelve photographs of one drawing, from the first to the last by `grown` larger and with `lost` of its turn lost.
Told toldOf(FaceNetworks& networks, SketchReference& reference, const PhotoMarks& photo, const Fit& fit, const Bust& bust,
            const Shot& shot, double grown, Degrees lost, unsigned seed) {
    constexpr std::size_t photographs = 12;
    std::vector<DrawingSnapshot> snapshots;
    Told told;
    const double turn = std::abs(toDegrees(shot.pose.turn).value);
    for (std::size_t i = 0; i < photographs; ++i) {
        const double share = static_cast<double>(i) / (photographs - 1);
        PlantedErrors planted;
        planted.size = 0.85 * (1 + grown * share);
        planted.straightened = lost.value * share / turn;
        SimulatedSketch sketch = drawSketch(bust, shot, planted, seed);
        const cv::Mat3b picture = photographed(sketch.picture, seed + 31 * static_cast<unsigned>(i), i == 4 || i == 9);
        const auto page = findPage(picture);
        if (!page)
            continue;
        PageRectification flat;
        flat.corners = page->corners;
        flat.paper = {{240}, {300}};
        const cv::Mat laid = laidFlat(picture, flat);
        const auto faces = suggestSketchMarks(networks, laid, &reference).faces;
        if (faces.empty())
            continue;
        ++told.seen;
        const MillimetresPerPixel perPixel = flat.paper.width / Pixels{static_cast<double>(laid.cols)};
        CompareOptions options;
        options.perPixel = perPixel;
        snapshots.push_back({compareSketch(photo, fit, SketchMarks(faces.front().marks), options), perPixel});
        const Degrees doubt = toDegrees(Radians{std::hypot(snapshots.front().comparison.looseSigma.turn.value,
                                                           snapshots.back().comparison.looseSigma.turn.value)});
        if (!told.turnPassed && lost.value * share > 2.5 * doubt.value)
            told.turnPassed = i;
        const DrawingTimeline timeline = timelineOf(snapshots);
        for (const DrawingDrift& drift : timeline.drifts) {
            if (drift.kind == Drift::Size && !told.size)
                told.size = i;
            if (drift.kind == Drift::Turn && !told.turn)
                told.turn = i;
            told.tilt = told.tilt || drift.kind == Drift::Tilt;
        }
    }
    return told;
}

} // namespace

// Sheets of 1200 px: half of what a telephone gives. On sheets of 760 px a turn that slips was missed in two of four sequences.
// Faithful drawings are asked on the small ones, where readings scatter most.
TEST_CASE("Of twelve photographs of a growing drawing its growth and its slipping turn are told, of faithful ones nothing", "[long]") {
    FaceNetworks networks;
    const Bust bust(sitterNamed("halcyon"));
    Shot shot;
    shot.pose = poseFromDegrees({34}, {4}, {2});
    shot.size = 1200;
    Picture photograph = zokran::photograph(bust, shot);
    SketchReference reference(networks, {matrixOf(photograph), 1});
    const PhotoMarks photo(exactMarks(bust, viewOf(shot), photograph.width, photograph.height));
    reference.marks = photo;
    const Fit fit = fitHead(photo);

    const Told drifting = toldOf(networks, reference, photo, fit, bust, shot, 0.08, {10}, 6);
    INFO("seen " << drifting.seen << ", size told at " << drifting.size.value_or(99) << ", turn at " << drifting.turn.value_or(99));
    CHECK(drifting.seen == 12);
    REQUIRE(drifting.size);
    REQUIRE(drifting.turn);
    REQUIRE(drifting.turnPassed);
    INFO("the turn passed its doubt at " << *drifting.turnPassed);
    CHECK(*drifting.turn <= *drifting.turnPassed + 2);
    // A growth of 3.75 % passes its doubt in the seventh; two photographs on it is told.
    CHECK(*drifting.size <= 8);
    CHECK_FALSE(drifting.tilt);
    Shot small = shot;
    small.size = 760;
    for (const unsigned seed : {11u, 12u, 13u}) {
        const Told faithful = toldOf(networks, reference, photo, fit, bust, small, 0, {0}, seed);
        INFO("seed " << seed << " seen " << faithful.seen);
        CHECK(faithful.seen == 12);
        CHECK_FALSE(faithful.size);
        CHECK_FALSE(faithful.turn);
        CHECK_FALSE(faithful.tilt);
    }
}
