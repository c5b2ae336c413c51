// A drawing photographed again and again while it grows: simulated over the faces of photographs of people.

#include "core/compare/snapshots.h"
#include "core/messages/snapshot_messages.h"
#include "core/messages/progress_messages.h"
#include "core/page/stillness.h"
#include "core/practice/progress.h"
#include "tests/heads.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>
#include <numeric>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

constexpr MillimetresPerPixel onPaper{0.2};

/// A drawing of a face whose head is `grown` times as large and turned by `turned` beside the photograph's; the hand marks
/// with a noise of 0.3 % of the head, and the page's scale is off by half a per cent as a page laid flat may be.
MarkSheet drawn(const MarkSheet& face, const Fit& fit, double grown, Degrees turned, Random& random) {
    View view = fit.view;
    Pose pose = view.pose();
    pose.turn += toRadians(turned);
    view.face(headToView(pose));
    const double noise = 0.003 * headHeight(fit.head).value * fit.view.scale, page = 1 + random.normal(0.005);
    const PicturePoint middle = fit.view.centre;
    MarkSheet sheet;
    sheet.width = face.width;
    sheet.height = face.height;
    for (Mark m : face.seenMarks()) {
        const Eigen::Vector2d own = *face.seen(m) - fit.view.project(fit.head[m]);
        const PicturePoint at =
            view.project(fit.head[m]) + own + Eigen::Vector2d(random.normal(noise), random.normal(noise));
        sheet.marks[m] = PlacedMark{};
        sheet.marks[m]->at = PicturePoint(middle + page * grown * (at - middle));
    }
    return sheet;
}

void lower(MarkSheet& sheet, std::initializer_list<Mark> marks, double px) {
    for (Mark m : marks)
        if (auto& placed = sheet.marks[m]; placed && placed->at)
            placed->at->y() += px;
}

DrawingSnapshot compared(const MarkSheet& face, const Fit& fit, const MarkSheet& sketch) {
    return {compareSketch(face, fit, sketch), onPaper};
}

bool tells(const DrawingTimeline& timeline, Drift kind) {
    return std::any_of(timeline.drifts.begin(), timeline.drifts.end(), [&](const DrawingDrift& d) { return d.kind == kind; });
}

/// Every sixth face, so that the test is short; those turned far away left out, which slip out of sight.
std::vector<MarkSheet> someFaces() {
    std::vector<MarkSheet> some;
    const std::vector<MarkSheet> all = realFaces();
    for (std::size_t i = 0; i < all.size(); i += 4)
        some.push_back(all[i]);
    return some;
}

} // namespace

TEST_CASE("A head that grows and a turn that slips are told soon after they pass their doubt, and nothing else is", "[long]") {
    Random random(12);
    constexpr std::size_t photographs = 12;
    int drawings = 0, late = 0, others = 0, falsely = 0;
    for (const MarkSheet& face : someFaces()) {
        const Fit fit = fitHead(face);
        // Towards the front, as hands do.
        const double way = fit.view.pose().turn.value > 0 ? -1 : 1;
        std::vector<DrawingSnapshot> drifting, faithful;
        std::optional<std::size_t> passed[2], told[2];
        ++drawings;
        for (std::size_t i = 0; i < photographs; ++i) {
            const double share = static_cast<double>(i) / (photographs - 1);
            drifting.push_back(compared(face, fit, drawn(face, fit, 1 + 0.08 * share, Degrees{way * 10 * share}, random)));
            faithful.push_back(compared(face, fit, drawn(face, fit, 1, Degrees{0}, random)));
            const DrawingTimeline timeline = timelineOf(drifting);
            // Passed: what was planted exceeds two and a half deviations of what is measured.
            const double turnDoubt = std::hypot(drifting.front().comparison.looseSigma.turn.value,
                                                drifting.back().comparison.looseSigma.turn.value);
            const bool isPassed[2] = {0.08 * share > 0.0375, toRadians(Degrees{10 * share}).value > 2.5 * turnDoubt};
            const bool isTold[2] = {tells(timeline, Drift::Size), tells(timeline, Drift::Turn)};
            for (int what : {0, 1}) {
                if (isPassed[what] && !passed[what])
                    passed[what] = i;
                if (isTold[what] && !told[what])
                    told[what] = i;
            }
            others += tells(timeline, Drift::Tilt);
            falsely += !timelineOf(faithful).drifts.empty();
        }
        for (int what : {0, 1}) {
            INFO(drawings << " " << what << " passed " << passed[what].value_or(99) << " told " << told[what].value_or(99));
            CHECK(told[what].has_value());
            late += !told[what] || (passed[what] && *told[what] > *passed[what] + 2);
        }
    }
    INFO("late " << late << ", tilts told " << others << ", of faithful drawings " << falsely << " of " << drawings);
    CHECK(late == 0);
    CHECK(others == 0);
    CHECK(falsely == 0);
}

TEST_CASE("A turn that comes back to the photograph's is no drift, one that leaves it is") {
    Random random(8);
    const MarkSheet face = realFaces().front();
    const Fit fit = fitHead(face);
    const double way = fit.view.pose().turn.value > 0 ? -1 : 1;
    for (const bool leaves : {false, true}) {
        std::vector<DrawingSnapshot> snapshots;
        for (const double off : {0.0, 6.0, 12.0, 18.0})
            snapshots.push_back(compared(face, fit, drawn(face, fit, 1, Degrees{way * (leaves ? off : 18 - off)}, random)));
        CHECK(tells(timelineOf(snapshots), Drift::Turn) == leaves);
    }
}

TEST_CASE("What was mended holds until it is moved off again, and an error came in when it is first seen") {
    Random random(3);
    const MarkSheet face = realFaces().front();
    const Fit fit = fitHead(face);
    const double head = headHeight(fit.head).value * fit.view.scale;
    const auto snapshot = [&](double mouthLow, double noseLow) {
        MarkSheet sketch = drawn(face, fit, 1, Degrees{0}, random);
        lower(sketch, {MouthCornerL, MouthCornerR, LipLine}, mouthLow * head);
        lower(sketch, {NoseBase, NoseTip, NoseWingL, NoseWingR}, noseLow * head);
        return compared(face, fit, sketch);
    };
    std::vector<DrawingSnapshot> snapshots{snapshot(0.06, 0), snapshot(0.06, 0), snapshot(0, 0)};
    CHECK(timelineOf(snapshots).mendedAndHeld.empty()); // nobody has looked again yet
    snapshots.push_back(snapshot(0, 0.06));
    const DrawingTimeline timeline = timelineOf(snapshots);
    CHECK(timeline.mendedAndHeld == std::vector<Part>{Part::Mouth});
    REQUIRE(timeline.onsets.size() == 1);
    CHECK(timeline.onsets[0].finding == "nose_height");
    CHECK(timeline.onsets[0].snapshot == 3);
    CHECK(wordsFor(timeline.onsets[0]) == "length of the nose: since photograph 4");
    CHECK(wordWhileDrawing(timeline, fit.pose) == "What you mended holds: mouth.");
    snapshots.push_back(snapshot(0.06, 0.06));
    CHECK(timelineOf(snapshots).mendedAndHeld.empty());
    CHECK(timelineOf({}).onsets.empty());
}

TEST_CASE("A drift says how far it has gone, in the learner's units, and what to do") {
    const Pose seen = poseFromDegrees({28}, {0}, {0});
    const DrawingDrift grown{Drift::Size, 0.061, 0.01, 4, {180, 184, 191}};
    CHECK(wordsFor(grown, seen).starts_with("The head has grown 6 % since the first photograph, from 180 to 191 mm"));
    const auto angle = [](double degrees) { return toRadians(Degrees{degrees}).value; };
    const DrawingDrift slipping{Drift::Turn, angle(-7), angle(1), 2, {angle(28), angle(24), angle(21)}};
    CHECK(wordsFor(slipping, seen).starts_with("The turn is slipping: 28°, 24°, 21°. The photograph shows 28°."));
    DrawingTimeline timeline;
    CHECK(wordWhileDrawing(timeline, seen).empty());
    timeline.drifts = {slipping, grown};
    timeline.mendedAndHeld = {Part::Mouth};
    CHECK(wordWhileDrawing(timeline, seen) == wordsFor(slipping, seen));
}

TEST_CASE("A page is still when nothing moves on it; a lamp is no movement, a stroke is a change") {
    using Milliseconds = StillnessDetector::Milliseconds;
    const auto frame = [](int light, int handAt = -1, bool stroke = false) {
        GreyFrame f{120, 90, std::vector<std::uint8_t>(120 * 90, static_cast<std::uint8_t>(light))};
        for (int y = 30; handAt >= 0 && y < 60; ++y)
            for (int x = handAt; x < handAt + 20; ++x)
                f.pixels[static_cast<std::size_t>(y * 120 + x)] = 60;
        for (int x = 20; stroke && x < 60; ++x)
            f.pixels[static_cast<std::size_t>(40 * 120 + x)] = 90;
        return f;
    };
    StillnessDetector detector(Milliseconds(1000));
    CHECK(!detector.isStill());
    int at = 0;
    const auto watch = [&](const GreyFrame& f, int times) {
        for (int i = 0; i < times; ++i)
            detector.add(f, Milliseconds(at += 250));
    };
    watch(frame(200), 6);
    CHECK(detector.isStill());
    CHECK(detector.hasChanged()); // no picture was taken yet
    detector.taken();
    CHECK(!detector.hasChanged());
    for (int x : {10, 40, 70})
        watch(frame(200, x), 1);
    CHECK(!detector.isStill());
    watch(frame(200), 3);
    CHECK(!detector.isStill()); // not for long enough yet
    watch(frame(200), 3);
    CHECK(detector.isStill());
    CHECK(!detector.hasChanged()); // the hand has only passed
    watch(frame(170), 6);          // a cloud before the window
    CHECK(detector.isStill());
    CHECK(!detector.hasChanged());
    watch(frame(170, -1, true), 6);
    CHECK(detector.isStill());
    CHECK(detector.hasChanged());
    // A hand that rests, its arm reaching in from the side, is waited for; what else lies there for long is the scene.
    detector.taken();
    GreyFrame resting = frame(170, 60, true);
    for (int y = 40; y < 52; ++y)
        for (int x = 60; x < 120; ++x)
            resting.pixels[static_cast<std::size_t>(y * 120 + x)] = 60;
    watch(resting, 12);
    CHECK(!detector.isStill());
    watch(resting, 48);
    CHECK(detector.isStill());
    CHECK(changedShare(frame(1), GreyFrame{}) == 1);
}

TEST_CASE("A drawing photographed five times is one head, and what was mended is told by itself") {
    std::vector<Drawing> photographs;
    for (int head = 1; head <= 6; ++head)
        for (int round = 0; round < 5; ++round) {
            Drawing d;
            d.drawn = Moment{std::chrono::days(head) + std::chrono::minutes(round)};
            d.head = head;
            // The mouth comes nearer from round to round.
            for (Mark m : {MouthCornerL, MouthCornerR, LipLine})
                d.off[m] = Drawing::Off{5.0 - round, 0};
            photographs.push_back(d);
        }
    const Progress progress = progressOf(photographs);
    CHECK(progress.drawings == 6);
    REQUIRE(progress.habits.size() == 1);
    CHECK(progress.habits[0].mean.mean == Approx(5)); // as the hand drew it before anything was told
    CHECK(progress.habits[0].mean.count == 6);
    REQUIRE(progress.mended);
    CHECK(progress.mended->drawings == 6);
    CHECK(progress.mended->before == Approx(5));
    CHECK(progress.mended->after == Approx(1));
    for (Drawing& d : photographs)
        d.head = 0;
    CHECK(progressOf(photographs).drawings == 30);
    CHECK(!progressOf(photographs).mended);
}

TEST_CASE("Which order serves the learner is told with its doubt, and not before there are enough drawings of either") {
    Random random(8);
    const auto drawingsWith = [&](int each, double worse) {
        std::vector<Drawing> all;
        for (int i = 0; i < 2 * each; ++i) {
            Drawing d;
            d.drawn = Moment{std::chrono::days(i)};
            d.measuredBefore = i % 2 == 0;
            for (Mark m : {Chin, Brow, NoseBase})
                d.off[m] = Drawing::Off{2 + (i % 2 ? worse : 0) + random.normal(0.4), 0};
            all.push_back(d);
        }
        return all;
    };
    CHECK(!progressOf(drawingsWith(7, 1)).worseUnmeasured);
    const auto told = progressOf(drawingsWith(12, 1)).worseUnmeasured;
    REQUIRE(told);
    CHECK(told->low < 1);
    CHECK(told->high > 1);
    CHECK(told->excludesZero());
    const auto says = [](const Progress& p, const std::string& words) {
        const auto all = progressWords(p);
        return std::any_of(all.begin(), all.end(), [&](const std::string& s) { return s.starts_with(words); });
    };
    CHECK(says(progressOf(drawingsWith(12, 1)), "Measuring before you draw serves you"));
    CHECK(says(progressOf(drawingsWith(12, -1)), "Drawing first and measuring afterwards serves you"));
    CHECK(says(progressOf(drawingsWith(12, 0)), "Whether you measure before"));
    // Welch's example of unequal spreads, worked by hand: means 4 and 8, variances 2.5 and 10, five values each; the
    // difference's deviation is the root of 2.5/5 + 10/5, and Satterthwaite's freedom 5.88.
    const double a[] = {2, 3, 4, 5, 6}, b[] = {4, 6, 8, 10, 12};
    const auto difference = differenceOfMeans(b, a);
    REQUIRE(difference);
    CHECK(difference->mean == Approx(4));
    CHECK(difference->high - difference->mean == Approx(2.571 * std::sqrt(2.5)).epsilon(0.001)); // Student's table, 5 degrees
}
