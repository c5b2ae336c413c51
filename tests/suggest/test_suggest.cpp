#include "cast/stand_in_camera.h"
#include "suggest/suggest.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <opencv2/core.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

std::filesystem::path photographAs(const char* name, const Shot& shot) {
    const auto file = std::filesystem::temp_directory_path() / name;
    std::ofstream(file, std::ios::binary)
        << encoded(photograph(Bust(sitterNamed("halcyon")), shot), ".png");
    return file;
}

} // namespace

TEST_CASE("A face is found and marked, also when it leans far over") {
    for (double lean : {0.0, 50.0}) {
        Shot shot;
        shot.size = 640;
        shot.pose = pose(12, 0, lean);
        const MarkSheet truth =
            exactMarks(Bust(sitterNamed("halcyon")), viewOf(shot), 512, 640);
        const MarkSheet found = suggestMarks(photographAs("zokran-suggest.png", shot)).at(0);
        INFO("lean " << lean);
        CHECK(found.width == 512);
        CHECK(found.seenMarks().size() == 16);
        REQUIRE(found.marks[Mark::NoseTip]->noise);
        CHECK(found.marks[Mark::NoseTip]->suggested);
        // The head is some 320 px tall.
        double sum = 0;
        for (Mark m : found.seenMarks())
            sum += (*found.seen(m) - truth.marks[m]->at.value()).norm();
        CHECK(sum / 16 < 9);
        CHECK(apart(fitHead(found).view.facing(), viewOf(shot).facing()) < 12);
    }
}

TEST_CASE("Suggested marks lie nearer to the truth than the points they are made from") {
    // Heads that the learning has not met, under the tones of living people.
    double before = 0, after = 0;
    int faces = 0;
    for (unsigned seed : {90001u, 90002u, 90003u, 90004u, 90005u, 90006u, 90007u, 90008u}) {
        Shot shot;
        shot.size = 420;
        shot.pose = pose(4.0 * (seed % 7) - 12, 3.0 * (seed % 5) - 6, 0);
        shot.lightElevation = {20};
        shot.tones.skin = {0.45, 0.30, 0.22};
        shot.tones.hair = shot.tones.brow = {0.05, 0.035, 0.03};
        shot.tones.eye = {0.7, 0.68, 0.66};
        shot.tones.iris = {0.05, 0.04, 0.03};
        const Bust bust(someone(seed));
        Picture picture = photograph(bust, shot);
        const cv::Mat image(picture.height, picture.width, CV_8UC3, picture.bgr.data());
        const auto found = findFaces(image, 640);
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
        before += off(rawMarks(found.front(), picture.width, picture.height));
        after += off(marksOf(found.front(), picture.width, picture.height));
    }
    REQUIRE(faces >= 6);
    CHECK(after < 0.8 * before);
    CHECK(after / faces < 0.075);
}

TEST_CASE("A mouth that stands open is told, and a closed one is not") {
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
            const auto found = findFaces(image, 640);
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

TEST_CASE("No face, no picture and no time are told apart") {
    const auto file = std::filesystem::temp_directory_path() / "zokran-no-face.png";
    std::ofstream(file, std::ios::binary)
        << encoded({64, 64, std::vector<std::uint8_t>(3 * 64 * 64, 128)}, ".png");
    CHECK_THROWS_WITH(suggestMarks(file), Catch::Contains("no face was found") &&
                                              Catch::Contains("zokran-no-face.png"));
    std::ofstream(file) << "words";
    CHECK_THROWS_WITH(suggestMarks(file), Catch::Contains("not a picture"));
    CHECK_THROWS_WITH(suggestMarks("/nowhere/face.jpg"), Catch::Contains("/nowhere/face.jpg"));
    Shot shot;
    shot.size = 128;
    const std::atomic<bool> stop{true};
    CHECK(suggestMarks(photographAs("zokran-stop.png", shot), &stop).empty());
}
