// The learner's drawing with its lines carried to where they belong: over the places of 28 faces found in photographs of
// people, on paper under a lamp that falls off.

#include "core/compare/finding_lines.h"
#include "core/compare/mended_drawing.h"
#include "tests/real_faces.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

constexpr int dot = 3; ///< px

/// Warm paper under a lamp that falls off to the right and down.
cv::Mat3b paper(int width, int height) {
    cv::Mat3b page(height, width);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const double light = 1 - 0.25 * x / width - 0.15 * y / height;
            page(y, x) = {static_cast<uchar>(205 * light), static_cast<uchar>(225 * light), static_cast<uchar>(235 * light)};
        }
    return page;
}

/// The middle of what is dark within `reach` px of a place; nothing where nothing is.
std::optional<PicturePoint> darkAt(const cv::Mat3b& page, const PicturePoint& at, int reach) {
    PicturePoint sum(0, 0);
    double weights = 0;
    for (int y = static_cast<int>(at.y()) - reach; y <= at.y() + reach; ++y)
        for (int x = static_cast<int>(at.x()) - reach; x <= at.x() + reach; ++x)
            if (x >= 0 && y >= 0 && x < page.cols && y < page.rows && page(y, x)[1] < 90) {
                const double weight = 90 - page(y, x)[1];
                sum += weight * PicturePoint(x, y);
                weights += weight;
            }
    return weights > 0 ? std::optional<PicturePoint>(sum / weights) : std::nullopt;
}

/// A sketch of the face with mouth and lips lowered and the nose moved across, and the page it is drawn on, a dot for each mark.
struct DotDrawing {
    PhotoMarks reference;
    Fit fit;
    SketchMarks sketch;
    Comparison comparison;
    cv::Mat3b page;
};

DotDrawing dotDrawing(MarkSheet face) {
    // Large enough that a dot is small against what is moved.
    const double scale = 700 / (*face.seen(Mark::Chin) - *face.seen(Mark::NoseRoot)).norm();
    face.width = static_cast<int>(face.width * scale);
    face.height = static_cast<int>(face.height * scale);
    forEachPlaced(face, [&](PlacedMark& m) { m.at = PicturePoint(*m.at * scale); });
    DotDrawing d{face, fitHead(PhotoMarks(face)), {}, {}, paper(face.width, face.height)};
    MarkSheet moved = face;
    for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
        *moved.marks[m]->at += PicturePoint(0, 60);
    for (ExpressionMark m : {ExpressionMark::LipUpper, ExpressionMark::LipLower})
        *moved.expression[m]->at += PicturePoint(0, 60);
    for (Mark m : {Mark::NoseTip, Mark::NoseBase, Mark::NoseWingL, Mark::NoseWingR})
        *moved.marks[m]->at += PicturePoint(45, 0);
    d.sketch = SketchMarks(moved);
    forEachPlaced(moved, [&](PlacedMark& m) {
        cv::circle(d.page, {static_cast<int>(std::lround(m.at->x())), static_cast<int>(std::lround(m.at->y()))}, dot,
                   cv::Scalar(30, 30, 30), cv::FILLED, cv::LINE_AA);
    });
    d.comparison = compareSketch(d.reference, d.fit, d.sketch);
    return d;
}

/// The first of them looks at the viewer, more or less.
MarkSheet someFace() {
    return realFaces().front();
}

} // namespace

TEST_CASE("A drawing that is wholly mended has every feature where the photograph has it, and half-way half-way") {
    const DotDrawing d = dotDrawing(someFace());
    const Mending all = mendingOf(d.comparison, d.reference, d.sketch, nullptr);
    const cv::Mat3b whole = mendedDrawing(d.page, all, 1), half = mendedDrawing(d.page, all, 0.5);
    int checked = 0;
    for (Mark m : d.sketch.seenMarks()) {
        const PicturePoint from = *d.sketch.seen(m), to = d.comparison.registration(*d.reference.seen(m));
        for (const auto& [page, share] : {std::pair{&whole, 1.0}, {&half, 0.5}}) {
            const PicturePoint wanted = from + share * (to - from);
            const auto found = darkAt(*page, wanted, 9);
            INFO(idOf(m) << " of " << share << ": wanted " << wanted.transpose());
            REQUIRE(found);
            CHECK((*found - wanted).norm() < 4);
            ++checked;
        }
    }
    CHECK(checked >= 30);
    // Where the mouth was drawn is bare paper again.
    CHECK(darkAt(d.page, *d.sketch.seen(Mark::MouthCornerL), 6));
    CHECK_FALSE(darkAt(whole, *d.sketch.seen(Mark::MouthCornerL), 6));
}

TEST_CASE("A drawing mended by nothing is as it was, and paper stays paper") {
    const DotDrawing d = dotDrawing(someFace());
    const Mending all = mendingOf(d.comparison, d.reference, d.sketch, nullptr);
    CHECK(cv::norm(d.page, cv::Mat3b(mendedDrawing(d.page, all, 0)), cv::NORM_INF) == 0);
    const cv::Mat3b whole = mendedDrawing(d.page, all, 1);
    const cv::Mat3b bare = paper(d.page.cols, d.page.rows);
    int paperPixels = 0, off = 0;
    for (int y = 0; y < whole.rows; y += 3)
        for (int x = 0; x < whole.cols; x += 3)
            if (whole(y, x)[1] > 110) {
                ++paperPixels;
                off += std::abs(whole(y, x)[1] - bare(y, x)[1]) > 6;
            }
    CHECK(off < paperPixels / 200);
}

TEST_CASE("One finding mended leaves the others as drawn") {
    const DotDrawing d = dotDrawing(someFace());
    const auto told = toldFindings(d.comparison);
    const auto mouth = std::find_if(told.begin(), told.end(), [](const Finding* f) { return f->id.starts_with("mouth"); });
    REQUIRE(mouth != told.end());
    const cv::Mat3b page = mendedDrawing(d.page, mendingOf(d.comparison, d.reference, d.sketch, *mouth), 1);
    const auto& by = (*mouth)->corrections[Mark::LipLine];
    REQUIRE(by);
    const PicturePoint lips = *d.sketch.seen(Mark::LipLine) + *by;
    REQUIRE(darkAt(page, lips, 9));
    CHECK((*darkAt(page, lips, 9) - lips).norm() < 4);
    for (Mark m : {Mark::NoseTip, Mark::PupilL, Mark::Chin}) {
        const PicturePoint at = *d.sketch.seen(m);
        REQUIRE(darkAt(page, at, 9));
        CHECK((*darkAt(page, at, 9) - at).norm() < 4);
    }
}

TEST_CASE("No stroke is doubled and none is lost, however far a feature is carried") {
    DotDrawing d = dotDrawing(someFace());
    // Upright lines across the sheet in place of dots.
    d.page = paper(d.page.cols, d.page.rows);
    for (int x = 40; x < d.page.cols - 40; x += 40)
        cv::line(d.page, {x, 0}, {x, d.page.rows}, cv::Scalar(30, 30, 30), 5);
    Mending all = mendingOf(d.comparison, d.reference, d.sketch, nullptr);
    for (MendedPlace& place : all.places)
        place.belongs = SketchPoint(place.drawn + 1.6 * (place.belongs - place.drawn));
    const cv::Mat3b mended = mendedDrawing(d.page, all, 1);
    const auto runs = [](const cv::Mat3b& page, int y) {
        int count = 0;
        for (int x = 1; x < page.cols; ++x)
            count += page(y, x)[1] < 110 && page(y, x - 1)[1] >= 110;
        return count;
    };
    int rows = 0;
    for (int y = 20; y < mended.rows; y += 25, ++rows)
        CHECK(runs(mended, y) == runs(d.page, 20));
    CHECK(rows > 20);
}

TEST_CASE("What the head hides moves nothing of what is drawn over it") {
    DotDrawing d = dotDrawing(someFace());
    // A dot beside the corner of the mouth, where no mark is.
    const PicturePoint corner = *d.sketch.seen(Mark::MouthCornerL), beside = corner + PicturePoint(30, 30);
    cv::circle(d.page, {static_cast<int>(beside.x()), static_cast<int>(beside.y())}, dot, cv::Scalar(30, 30, 30), cv::FILLED);
    const PicturePoint wanted =
        d.comparison.registration(PicturePoint(*d.reference.seen(Mark::MouthCornerL))) + (beside - corner);
    const auto isThere = [&] {
        const auto found = darkAt(mendedDrawing(d.page, mendingOf(d.comparison, d.reference, d.sketch, nullptr), 1), wanted, 16);
        return found && (*found - wanted).norm() < 12;
    };
    CHECK(isThere());
    // The far jaw's angle, behind it, far from where the photograph has it.
    d.sketch.marks[Mark::JawAngleL] = PlacedMark{PicturePoint(beside + PicturePoint(8, 8)), true};
    d.reference.marks[Mark::JawAngleL] = PlacedMark{PicturePoint(beside + PicturePoint(170, -80)), true};
    CHECK(isThere());
    // Were it seen, it would pull.
    d.sketch.marks[Mark::JawAngleL]->hidden = d.reference.marks[Mark::JawAngleL]->hidden = false;
    CHECK_FALSE(isThere());
}
