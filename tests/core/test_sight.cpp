// A head is read along the line of sight to it, wherever it stands in the picture. The heads are
// the canonical face of another project, a development set, and eight generated heads of the prior's own mesh.

#include "benchmarks/unseen_heads.h"
#include "core/fit/guess.h"
#include "core/view/lens.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <opencv2/calib3d.hpp>

using namespace zokran;
using namespace zokran::benchmarks;
using namespace zokran::test;

namespace {

constexpr Pixels width{6000}, height{4000};

/// A head at one of nine places of a 3:2 frame, column and row from -1 to 1.
View placed(int column, int row, Millimetres lens, const Pose& p, double radius = 400) {
    View v;
    v.principal = {width.value / 2, height.value / 2};
    v.centre = v.principal + PicturePoint(column * 0.33 * width.value, row * 0.28 * height.value);
    v.scale = radius;
    v.nearness = radius / focalOf(lens, width, height).value;
    v.face(headToView(p));
    return v;
}

MarkSheet inWholePicture(const UnseenHead& head, const View& v, double noise,
                         std::mt19937& random) {
    MarkSheet sheet = sit(head, v, noise, random).marks;
    sheet.width = static_cast<int>(width.value);
    sheet.height = static_cast<int>(height.value);
    return sheet;
}

/// The same marks in a picture cut out of the whole one.
MarkSheet cropped(MarkSheet sheet, const PicturePoint& corner, int w, int h) {
    sheet.width = w;
    sheet.height = h;
    for (auto& m : sheet.marks)
        if (m && m->at)
            *m->at -= corner;
    return sheet;
}

double farthest(const Pose& a, const Pose& b) {
    return degrees(std::max({abs(wrapped(a.turn - b.turn)), abs(wrapped(a.tilt - b.tilt)),
                             abs(wrapped(a.lean - b.lean))}));
}

} // namespace

TEST_CASE("The sight axes look at the ball's centre, as OpenCV's camera sees it") {
    for (const auto& [column, row] : {std::pair{-1, 1}, {1, 0}, {0, 0}, {1, 1}}) {
        const View v = placed(column, row, {26}, pose(20, -10, 5));
        // From the camera the ball's centre lies along this ray.
        const double f = v.focal().value;
        const cv::Mat camera =
            (cv::Mat_<double>(3, 3) << f, 0, v.principal.x(), 0, f, v.principal.y(), 0, 0, 1);
        std::vector<cv::Point2d> in{{v.centre.x(), v.centre.y()}}, out;
        cv::undistortPoints(in, out, camera, cv::noArray());
        const Eigen::Vector3d ray(out[0].x, -out[0].y, -1); // view axes: y up, z to the viewer
        CHECK((v.sight() * ray.normalized() + Eigen::Vector3d::UnitZ()).norm() < 1e-9);
        CHECK(degrees(v.pose().turn) == Approx(20));
        CHECK(degrees(v.pose().tilt) == Approx(-10));
        CHECK(degrees(v.pose().lean) == Approx(5));
    }
}

TEST_CASE("A head that faces its camera from the edge of the picture is read as facing") {
    // Seen against the camera's axis this head is turned by the angle it stands off it.
    const View v = placed(1, 0, {26}, pose(0, 0, 0));
    CHECK(degrees(poseOf(v.rotation).turn) < -20);
    CHECK(abs(v.pose().turn).value < 1e-9);
}

TEST_CASE("Cropping a photograph changes no angle, wherever the head stands", "[long]") {
    std::mt19937 random(61);
    Random turns(62);
    std::vector<UnseenHead> heads = generatedHeads();
    heads.push_back(canonicalFace());
    for (double lens : {24.0, 50.0})
        for (bool lensKnown : {false, true})
            for (std::size_t h = 0; h < heads.size(); h += 2)
                for (int place = 0; place < 9; ++place) {
                    const View v = placed(place % 3 - 1, place / 3 - 1, {lens},
                                          pose(turns.between(-45, 45), turns.between(-20, 20),
                                               turns.between(-20, 20)));
                    MarkSheet whole = inWholePicture(heads[h], v, 0.004, random);
                    if (lensKnown)
                        whole.focal = v.focal();
                    const PicturePoint corner = v.centre - PicturePoint(700, 760);
                    const Fit all = fitHead(whole),
                              cut = fitHead(cropped(whole, corner, 1400, 1700));
                    CHECK(farthest(all.pose, cut.pose) < 0.01);
                    // What is laid on the whole photograph lies on the crop, moved by its corner.
                    CHECK((all.view.project(all.head[Mark::Chin]) - corner -
                           cut.view.project(cut.head[Mark::Chin]))
                              .norm() < 0.5);
                }
}

TEST_CASE("A head at the edge of a wide-angle picture is read about as well as in its middle") {
    std::mt19937 random(63);
    Random turns(64);
    std::vector<double> middle, edge;
    for (const UnseenHead& head : generatedHeads())
        for (int i = 0; i < 6; ++i) {
            const Pose p =
                pose(turns.between(-40, 40), turns.between(-18, 18), turns.between(-15, 15));
            for (int off : {0, 1}) {
                const View v = placed(off, off, {26}, p);
                const View front = placed(0, 0, {26}, pose(0, 0, 0));
                MarkSheet sheet = inWholePicture(head, v, 0.004, random);
                MarkSheet frontal = inWholePicture(head, front, 0, random);
                sheet.focal = frontal.focal = v.focal();
                (off ? edge : middle)
                    .push_back(apart(fitHead(sheet).view.facing() *
                                         fitHead(frontal).view.facing().transpose(),
                                     v.facing()));
            }
        }
    std::sort(edge.begin(), edge.end());
    std::sort(middle.begin(), middle.end());
    CHECK(quantile(middle, 0.5) < 3.5);
    CHECK(quantile(edge, 0.5) < quantile(middle, 0.5) + 2);
    CHECK(quantile(edge, 0.9) < quantile(middle, 0.9) + 3);
}

TEST_CASE("The lens is what the standard says: by the diagonal") {
    // CIPA DCG-001 (from memory): 43.27 mm is the diagonal of 36 by 24 mm. A 50 mm lens on the full
    // frame itself is 50 mm long, in whatever pixels the frame has.
    CHECK(focalOf({50}, {3600}, {2400}).value == Approx(5000).epsilon(1e-4));
    CHECK(focalOf({50}, {2400}, {3600}).value == Approx(5000).epsilon(1e-4));
    // The same lens seen through a 4:5 crop of equal diagonal is the same lens.
    CHECK(equivalentOf(focalOf({85}, {800}, {1000}), {800}, {1000}).value == Approx(85));
}

TEST_CASE("A guess moved about the picture keeps its angles, with a lens and without") {
    MarkSheet sheet;
    sheet.width = 6000;
    sheet.height = 4000;
    for (bool lensKnown : {false, true}) {
        if (lensKnown)
            sheet.focal = focalOf({26}, width, height);
        Guess g;
        g.pose = pose(30, -10, 5);
        for (const PicturePoint& at : {PicturePoint(3000, 2000), PicturePoint(5200, 700)}) {
            g.ball = {at, {400}};
            const Pose read = guessView(g, sheet).pose();
            CHECK(farthest(read, g.pose) < 1e-6);
            CHECK((guessView(g, sheet).project({0, 0, 0}) - at).norm() < 1e-6);
        }
    }
}
