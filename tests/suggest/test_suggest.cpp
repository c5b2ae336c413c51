#include "cast/stand_in_camera.h"
#include "suggest/suggest.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>

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
        shot.pose = pose(5, 0, lean);
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
        CHECK(sum / 16 < 14);
        CHECK(apart(fitHead(found).view.facing(), viewOf(shot).rotation) < 14);
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
