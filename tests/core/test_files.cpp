#include "core/base/atomic_file.h"
#include "core/base/json_file.h"
#include "core/files/comparison_file.h"
#include "core/files/fit_file.h"
#include "core/files/marks_file.h"
#include "core/fit/fit.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <fstream>
#include <sstream>

using namespace zokran;
using namespace zokran::test;

namespace {

std::filesystem::path scratch(const std::string& name) {
    const auto folder = std::filesystem::temp_directory_path() / "zokran-test-files";
    std::filesystem::create_directories(folder);
    return folder / name;
}

std::string contentOf(const std::filesystem::path& file) {
    std::ifstream in(file);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}

} // namespace

TEST_CASE("Marks come back as they were written") {
    MarkSheet sheet = sheetOf(adultHeads().mean, viewAt(pose(33, -12, 5)));
    sheet.focal = Pixels{1234.5};
    sheet.noise = Pixels{2.5};
    sheet.ball = BallCircle{{400, 380}, {150}};
    sheet.marks[Mark::Back].reset();
    sheet.marks[Mark::Crown] = PlacedMark{std::nullopt, true};
    CHECK(parseMarks(marksText(sheet), "text") == sheet);
    const std::string withTruth = marksText(sheet, Truth{pose(33, -12, 5)});
    CHECK(nlohmann::json::parse(withTruth)["truth"]["turn"].get<double>() == Approx(33));
    CHECK(parseMarks(withTruth, "text") == sheet);
}

TEST_CASE("Bad marks are refused with the file's name and the cause") {
    const std::string head = R"({"format":"zokran-marks","version":1,)";
    const std::string image = R"("image":{"width":800,"height":600},)";
    const std::pair<std::string, std::string> bad[] = {
        {"", "not JSON"},
        {"{\"format\":", "not JSON"},
        {"[]", "zokran-marks"},
        {R"({"format":"zokran-fit","version":1})", "zokran-marks"},
        {R"({"format":"zokran-marks","version":2})", "version"},
        {head + R"("marks":{}})", "width"},
        {head + R"("image":{"width":0,"height":5},"marks":{}})", "width"},
        {head + R"("image":{"width":5,"height":1e9},"marks":{}})", "height"},
        {head + image + R"("nothing":1})", "marks"},
        {head + image + R"("marks":[]})", "marks"},
        {head + image + R"("marks":{"nose":{"x":1,"y":2}}})", "nose"},
        {head + image + R"("marks":{"brow":{"x":1}}})", "brow"},
        {head + image + R"("marks":{"brow":7}})", "brow"},
        {head + image + R"("marks":{"brow":{"x":"a","y":2}}})", "brow"},
        {head + image + R"("marks":{"brow":{"x":1e999,"y":2}}})", "JSON"},
        {head + image + R"("marks":{"brow":{"x":NaN,"y":2}}})", "JSON"},
        {head + image + R"("marks":{"brow":{"x":1,"y":2,"hidden":3}}})", "hidden"},
        {head + image + R"("ball":{"cx":1,"cy":2,"r":0},"marks":{}})", "ball"},
        {head + image + R"("camera":{"focal_px":-5},"marks":{}})", "focal_px"},
        {head + image + R"("noise_px":"much","marks":{}})", "noise_px"},
    };
    for (const auto& [text, cause] : bad) {
        INFO(text);
        std::ofstream(scratch("bad.json")) << text;
        try {
            readMarks(scratch("bad.json"));
            FAIL("was accepted");
        } catch (const BadInput& e) {
            CHECK_THAT(e.what(), Catch::Contains("bad.json") && Catch::Contains(cause));
            CHECK_THAT(e.what(), !Catch::Contains("\n"));
        }
    }
    CHECK_THROWS_WITH(readMarks("/nowhere/marks.json"), Catch::Contains("/nowhere/marks.json"));
    CHECK_THROWS_WITH(readMarks(std::filesystem::temp_directory_path()), Catch::Contains("folder"));
}

TEST_CASE("A fit comes back with the view and the head it was written with") {
    const Fit fit = fitHead(sheetOf(adultHeads().mean, viewAt(pose(33, -12, 5))));
    std::ofstream(scratch("fit.json")) << fitText(fit);
    const Fit back = readFit(scratch("fit.json"));
    CHECK(apart(back.view.rotation, fit.view.rotation) < 1e-6);
    for (int i = 0; i < markCount; ++i)
        CHECK((back.view.project(back.head[markAt(i)]) - fit.view.project(fit.head[markAt(i)]))
                  .norm() < 1e-6);
    const auto j = nlohmann::json::parse(fitText(fit));
    CHECK(j["pose"]["turn"].get<double>() == Approx(33).margin(0.4));
    CHECK(j["rotation"].size() == 9);
    CHECK(j["residuals"].contains("brow"));
    CHECK(j["outliers"].empty());

    auto broken = j;
    broken["rotation"][0] = 7;
    std::ofstream(scratch("broken.json")) << broken;
    CHECK_THROWS_WITH(readFit(scratch("broken.json")), Catch::Contains("not a rotation"));
    broken = j;
    broken["shape"]["head"].erase("brow");
    std::ofstream(scratch("broken.json")) << broken;
    CHECK_THROWS_WITH(readFit(scratch("broken.json")), Catch::Contains("brow"));
}

TEST_CASE("Writing is all or nothing") {
    const auto file = scratch("whole.txt");
    writeAtomically(file, "first");
    writeAtomically(file, "second");
    CHECK(contentOf(file) == "second");
    CHECK_FALSE(std::filesystem::exists(file.string() + ".part"));
    CHECK_THROWS_WITH(writeAtomically("/nowhere/x.json", "a"), Catch::Contains("/nowhere/x.json"));
    // A device is written to as it is, and a link is followed; neither is replaced.
    const auto device = scratch("device"), link = scratch("link");
    for (const auto& old : {device, link})
        std::filesystem::remove(old);
    std::filesystem::create_symlink("/dev/full", device);
    CHECK_THROWS_WITH(writeAtomically(device, "lost"), Catch::Contains("No space left"));
    CHECK(std::filesystem::is_symlink(device));
    std::filesystem::create_symlink("whole.txt", link);
    writeAtomically(link, "third");
    CHECK(contentOf(file) == "third");
    CHECK(std::filesystem::is_symlink(link));
    for (const auto& entry : std::filesystem::directory_iterator(file.parent_path()))
        CHECK_FALSE(entry.path().filename().string().starts_with(".zokran-"));
    // A name that is taken is left to whom it belongs.
    const auto names = [](int n) { return "taken-" + std::to_string(n); };
    for (int n = 1; n <= 5; ++n)
        std::filesystem::remove(scratch(names(n)));
    writeAtomically(scratch(names(1)), "theirs");
    CHECK(writeUnderFreeName(file.parent_path(), names, "ours") == names(2));
    CHECK(contentOf(scratch(names(1))) == "theirs");
    CHECK(plainFileName("a/b\\c\nd\x7f.jpg") == "a_b_c_d_.jpg");
    CHECK(plainFileName(std::string(300, 'x') + ".jpeg").size() == 120);
    CHECK(plainFileName(std::string(300, 'x') + ".jpeg").ends_with(".jpeg"));
    CHECK(plainFileName("\xc3\xa4\xff\xc0\x80") == "\xc3\xa4___");
    CHECK(plainFileName("..") == "_");
}

TEST_CASE("A comparison's file keeps to the contract") {
    const View view = viewAt(pose(40, 15, -5));
    const MarkSheet reference = sheetOf(adultHeads().mean, view);
    MarkSheet sketch = reference;
    for (Mark m : {Mark::LipLine, Mark::MouthCornerL, Mark::MouthCornerR})
        *sketch.marks[m]->at += PicturePoint(0, -20);
    const Fit fit = fitHead(reference);
    CompareOptions options;
    const auto without =
        nlohmann::json::parse(comparisonText(compareSketch(reference, fit, sketch, options), sketch, options.tolerances));
    options.perPixel = MillimetresPerPixel{0.4};
    const auto with =
        nlohmann::json::parse(comparisonText(compareSketch(reference, fit, sketch, options), sketch, options.tolerances));
    for (const auto& j : {without, with}) {
        CHECK(j["format"] == "zokran-comparison");
        CHECK(j["version"] == 1);
        CHECK(j["registration"]["scale"].get<double>() == Approx(1).margin(0.03));
        CHECK(j["registration"].contains("rotation"));
        for (const char* which : {"reference_pose", "sketch_pose"})
            for (const char* angle : {"turn", "tilt", "lean"})
                CHECK(j[which][angle].is_number());
        CHECK(j["reference_pose"]["turn"].get<double>() == Approx(40).margin(0.5));
        CHECK(j["straightening"].is_number());
        for (const auto& [id, placement] : j["placements"].items()) {
            CHECK(markNamed(id));
            CHECK(placement["up"].is_number());
            CHECK(placement["across"].is_number());
            CHECK(placement.contains("mm"));
        }
        int rank = 0;
        for (const auto& finding : j["findings"]) {
            CHECK(finding["rank"] == ++rank);
            const std::string severity = finding["severity"];
            CHECK((severity == "fix" || severity == "watch" || severity == "fine"));
            CHECK_FALSE(finding["text"].get<std::string>().empty());
        }
        CHECK(rank >= 2);
    }
    CHECK(without["look_over"].empty());
    sketch.marks[Mark::Chin]->suggested = true;
    sketch.marks[Mark::Chin]->noise = Pixels{200};
    const auto doubtful =
        nlohmann::json::parse(comparisonText(compareSketch(reference, fit, sketch, options), sketch, options.tolerances));
    CHECK(doubtful["look_over"] == nlohmann::json::array({"chin"}));
    CHECK(without["placements"]["lip_line"]["mm"].is_null());
    CHECK(with["placements"]["lip_line"]["mm"].get<double>() == Approx(8).margin(1));
    CHECK(with["placements"]["lip_line"]["up"].get<double>() > 3);
}

TEST_CASE("A fit's file offers the other reading when there is one") {
    Fit fit = fitHead(sheetOf(adultHeads().mean, viewAt(pose(5, 5, 0))));
    CHECK_FALSE(nlohmann::json::parse(fitText(fit)).contains("rival"));
    fit.rival = pose(-5, -20, 0);
    CHECK(nlohmann::json::parse(fitText(fit))["rival"]["tilt"].get<double>() == Approx(-20));
    fit.outliers = {Mark::EarBaseL};
    CHECK(nlohmann::json::parse(fitText(fit))["outliers"][0] == "ear_base_l");
}

TEST_CASE("JSON that nests without end or has none is refused at once") {
    const std::string deep(100000, '['), close(100000, ']');
    for (const char* key : {"format", "version", "marks"}) {
        const std::string text = R"({"format":"zokran-marks","version":1,"image":{"width":8,)"
                                 R"("height":8},")" +
                                 std::string(key) + "\":" + deep + close + "}";
        CHECK_THROWS_WITH(parseMarks(text, "deep.json"),
                          Catch::StartsWith("deep.json: ") && Catch::Contains("nested deeper"));
        CHECK_THROWS_AS(parseMarks(text.substr(0, 60000), "deep.json"), BadInput);
    }
    const std::string objects = [] {
        std::string s;
        for (int i = 0; i < 50000; ++i)
            s += "{\"a\":";
        return s;
    }();
    CHECK_THROWS_AS(parseMarks(objects, "deep.json"), BadInput);
    CHECK_THROWS_WITH(readMarks("/dev/zero"),
                      Catch::Contains("/dev/zero") && Catch::Contains("MB"));
}
