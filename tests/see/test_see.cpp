#include "cast/stand_in_camera.h"
#include "core/fit/fit.h"
#include "core/light/light.h"
#include "see/eyebrow_peak.h"
#include "see/face_marks.h"
#include "see/find_faces.h"
#include "see/suggest_marks.h"
#include "tests/folder.h"
#include "tests/heads.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <fstream>
#include <opencv2/core.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

cv::Mat pictureOf(const Shot& shot) {
    Picture picture = photograph(Bust(sitterNamed("halcyon")), shot);
    return cv::Mat(picture.height, picture.width, CV_8UC3, picture.bgr.data()).clone();
}

} // namespace

TEST_CASE("A face is found and marked, also when it leans far over") {
    FaceNetworks networks;
    for (double lean : {0.0, 50.0}) {
        Shot shot;
        shot.size = 640;
        shot.pose = pose(12, 0, lean);
        const MarkSheet truth =
            exactMarks(Bust(sitterNamed("halcyon")), viewOf(shot), 512, 640);
        const MarkSheet found = suggestMarks(networks, {pictureOf(shot)}).at(0).marks;
        INFO("lean " << lean);
        CHECK(found.width == 512);
        CHECK(found.seenMarks().size() == 16);
        REQUIRE(found.marks[Mark::NoseTip]->noise);
        CHECK(found.marks[Mark::NoseTip]->suggested);
        // Of what moves with the expression everything is marked too.
        for (const auto& placed : found.expression) {
            REQUIRE(placed);
            CHECK(placed->suggested);
            CHECK(placed->noise);
        }
        const auto at = [&](ExpressionMark m) { return *found.expression[m]->at; };
        const Eigen::Rotation2Dd upright(-toRadians(Degrees{lean}).value);
        CHECK((upright * (at(ExpressionMark::LidUpperL) - at(ExpressionMark::LidLowerL)).eval()).y() < 0);
        CHECK((upright * (at(ExpressionMark::LipUpper) - at(ExpressionMark::LipLower)).eval()).y() < 0);
        CHECK((upright * (at(ExpressionMark::BrowEndL) - at(ExpressionMark::BrowStartL)).eval()).x() > 0);
        CHECK((upright * (at(ExpressionMark::BrowEndR) - at(ExpressionMark::BrowStartR)).eval()).x() < 0);
        // The edge of the face runs from the sitter's right temple round the chin, outside all that was marked.
        const auto outline = suggestMarks(networks, {pictureOf(shot)}).at(0).outline;
        REQUIRE(outline.size() == 9);
        CHECK((upright * (outline[8] - outline[0]).eval()).x() > 100);
        CHECK((outline[4] - *found.seen(Mark::Chin)).norm() < 20);
        for (std::size_t i = 0; i < 4; ++i) {
            CHECK((upright * (outline[i + 1] - outline[i]).eval()).y() > 0);
            CHECK((upright * (outline[i] - outline[8 - i]).eval()).x() < 0);
        }
        for (const auto& [corner, mark] : {std::pair{2, Mark::MouthCornerR}, {1, Mark::OuterEyeR}})
            CHECK((upright * (outline[static_cast<std::size_t>(corner)] - *found.seen(mark)).eval()).x() < 0);
        // The head is some 320 px tall.
        double sum = 0;
        for (Mark m : found.seenMarks())
            sum += (*found.seen(m) - truth.marks[m]->at.value()).norm();
        CHECK(sum / 16 < 9);
        CHECK(apart(fitHead(found).view.facing(), viewOf(shot).facing()) < 12);
    }
}

TEST_CASE("Suggested marks lie nearer to the truth than the points they are made from") {
    // Plaster heads that the learning has not met. What holds on skin is asked of marks set by hand (test_skin_offsets.cpp).
    FaceNetworks networks;
    double before = 0, after = 0;
    int faces = 0;
    for (unsigned seed : {90001u, 90002u, 90003u, 90004u, 90005u, 90006u, 90007u, 90008u}) {
        Shot shot;
        shot.size = 420;
        shot.pose = pose(4.0 * (seed % 7) - 12, 3.0 * (seed % 5) - 6, 0);
        shot.lightElevation = {20};
        const Bust bust(someone(seed));
        Picture picture = photograph(bust, shot);
        const cv::Mat image(picture.height, picture.width, CV_8UC3, picture.bgr.data());
        const auto found = findFaces(networks, image);
        if (found.empty())
            continue;
        ++faces;
        const MarkSheet truth = exactMarks(bust, viewOf(shot), picture.width, picture.height);
        auto off = [&](const MarkSheet& sheet) {
            double sum = 0;
            for (Mark m : {Mark::Brow, Mark::NoseTip, Mark::NoseWingL, Mark::NoseWingR})
                sum += (*sheet.seen(m) - *truth.marks[m]->at).norm() / viewOf(shot).scale;
            return sum / 4;
        };
        before += off(uncorrectedMarks(found.front(), picture.width, picture.height));
        after += off(marksOf(found.front(), picture.width, picture.height));
    }
    REQUIRE(faces >= 6);
    CHECK(after < 0.95 * before);
    CHECK(after / faces < 0.075);
}

TEST_CASE("Faces turned and tilted far are found, and are read better from squares around the first") {
    struct Far {
        const char* head;
        double turn, tilt, lean, azimuth, elevation;
        bool certain; ///< else no detector is sure of it, and it is only offered
    };
    FaceNetworks networks;
    for (const Far& far : {Far{"bellwether", 57.1, -27.9, 26.8, -30, 23, false}, Far{"bellwether", 54, -29, 22.1, -32, 56, false},
                           Far{"leeward", -51, -31.5, 18.6, -43, 53, true}}) {
        Shot shot;
        shot.size = 800;
        shot.pose = pose(far.turn, far.tilt, far.lean);
        shot.lightAzimuth = {far.azimuth};
        shot.lightElevation = {far.elevation};
        const Bust bust(sitterNamed(far.head));
        Picture picture = photograph(bust, shot);
        const auto found = suggestMarks(networks, {cv::Mat(picture.height, picture.width, CV_8UC3, picture.bgr.data())});
        INFO(far.head << " turned by " << far.turn);
        REQUIRE(found.size() == 1);
        CHECK(found.front().certain == far.certain);
        const View view = viewOf(shot);
        const MarkSheet truth = exactMarks(bust, view, picture.width, picture.height);
        std::vector<double> off;
        for (Mark m : found.front().marks.seenMarks())
            if (truth.seen(m))
                off.push_back(50 * (*found.front().marks.seen(m) - *truth.seen(m)).norm() / view.scale);
        std::sort(off.begin(), off.end());
        // In per cent of two ball radii; before, two of these were not found and the third was off by 8.
        CHECK(off[off.size() / 2] < 5);
    }
}

TEST_CASE("The peak of an eyebrow is where this brow is highest, wherever the mesh has its stations") {
    FacePointArray points;
    points.fill(PicturePoint(0, 0));
    const auto layBrows = [&](double peak) {
        constexpr int upper[] = {300, 293, 334, 296, 336}, lower[] = {276, 283, 282, 295, 285};
        for (int i = 0; i < 5; ++i) {
            const double x = 200 - 25 * i; // from the end to the start, at the viewer's right
            const double y = 100 + 0.004 * (x - peak) * (x - peak);
            points[upper[i]] = {x, y - 6};
            points[lower[i]] = {x, y + 6};
        }
    };
    const OffsetFeatures front{Radians{0}, Radians{0}, Radians{0}, Pixels{150}, BallRadii{0}, BallRadii{0.1}};
    for (double peak : {130.0, 160.0}) {
        layBrows(peak);
        CHECK((eyebrowPeak(points, true, front) - PicturePoint(peak, 100)).norm() < 1);
    }
    // A chin held down lets the brow's end, which lies further back, rise in the picture: that is no other brow.
    layBrows(160);
    OffsetFeatures down = front;
    down.tilt = toRadians(Degrees{-20});
    CHECK(eyebrowPeak(points, true, down).x() < 150);
    // And a head that leans takes its brow along.
    const Eigen::Rotation2Dd lean(0.5);
    for (PicturePoint& p : points)
        p = lean * p;
    OffsetFeatures leant = front;
    leant.lean = Radians{0.5};
    CHECK((eyebrowPeak(points, true, leant) - PicturePoint(lean * Eigen::Vector2d(160, 100))).norm() < 1);
}

TEST_CASE("A mouth that stands open is told, and a closed one is not") {
    FaceNetworks networks;
    for (const double open : {0.0, 1.0}) {
        int told = 0, faces = 0;
        for (unsigned seed : {90011u, 90012u, 90013u}) {
            Sitter sitter = someone(seed);
            sitter.recipe.axes["face-mouth-open"] = open;
            sitter.recipe.axes["face-mouth-corner-puller"] = 0;
            Shot shot;
            shot.size = 420;
            shot.lightElevation = {20};
            const Picture picture = photograph(*meshOf(Bust(sitter), MeshGrain::Coarse), shot);
            cv::Mat image(picture.height, picture.width, CV_8UC3, const_cast<std::uint8_t*>(picture.bgr.data()));
            const auto found = findFaces(networks, image);
            if (found.empty())
                continue;
            ++faces;
            told += marksOf(found.front(), picture.width, picture.height).smiling;
        }
        INFO("open by " << open);
        REQUIRE(faces >= 2);
        CHECK(told == (open > 0 ? faces : 0));
    }
}

TEST_CASE("No face and no time are told apart") {
    FaceNetworks networks;
    CHECK(suggestMarks(networks, {cv::Mat(64, 64, CV_8UC3, cv::Scalar::all(128))}).empty());
    Shot shot;
    shot.size = 300;
    const std::atomic<bool> stop{true};
    CHECK(suggestMarks(networks, {pictureOf(shot)}, &stop).empty());
    CHECK(suggestMarks(networks, {pictureOf(shot)}).size() == 1);
}

TEST_CASE("No lamp behind the head is told of a portrait in the flat light of a studio") {
    FaceNetworks networks;
    const cv::Mat portrait = cv::imread((std::filesystem::path(ZOKRAN_TEST_DATA) / "see/portrait.jpg").string());
    const Fit fit = fitHead(suggestMarks(networks, {portrait}).at(0).marks);
    CHECK_FALSE(readLight(portrait, fit).has_value());
}

TEST_CASE("A large photograph is read with fewer pixels and marked in its own") {
    FaceNetworks networks;
    const auto file = std::filesystem::path(ZOKRAN_TEST_DATA) / "see/portrait.jpg";
    const cv::Mat portrait = cv::imread(file.string());
    cv::Mat large;
    cv::resize(portrait, large, {}, 10, 10, cv::INTER_CUBIC);
    const Folder folder;
    const auto largeFile = folder.path / "large.jpg";
    cv::imwrite(largeFile.string(), large);
    REQUIRE(searchedReduction(large.cols, large.rows) == 2);
    const SearchedPicture read{cv::imread(largeFile.string(), cv::IMREAD_REDUCED_COLOR_2), 2};
    CHECK(std::abs(read.pixels.cols * read.reduction - large.cols) < read.reduction);
    const MarkSheet whole = suggestMarks(networks, {large}).at(0).marks;
    const MarkSheet marks = suggestMarks(networks, read).at(0).marks;
    const double width = (*whole.seen(Mark::OuterEyeL) - *whole.seen(Mark::OuterEyeR)).norm();
    for (Mark m : whole.seenMarks())
        CHECK((*marks.seen(m) - *whole.seen(m)).norm() < 0.015 * width);
    // A part that is framed is told in px of the whole, too.
    const Framing half{PhotoPoint(0, 0), PhotoPoint(large.cols, large.rows * 0.75)};
    const MarkSheet framed = suggestMarks(networks, read, nullptr, half).at(0).marks;
    CHECK((*framed.seen(Mark::NoseTip) - *whole.seen(Mark::NoseTip)).norm() < 0.03 * width);
}
