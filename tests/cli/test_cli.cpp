#include "core/files/json_file.h"
#include "core/files/marks_file.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cstdio>
#include <fstream>
#include <nlohmann/json.hpp>
#include <sys/wait.h>

using namespace zokran;
using namespace zokran::test;

namespace {

struct Result {
    int code;
    std::string out, err;
};

std::string folder() {
    static const std::string path = [] {
        const auto p = std::filesystem::temp_directory_path() / "zokran-test-cli";
        std::filesystem::remove_all(p);
        std::filesystem::create_directories(p);
        return p.string();
    }();
    return path;
}

std::string contentOf(const std::string& file) {
    std::ifstream in(file);
    return {std::istreambuf_iterator<char>(in), {}};
}

Result run(const std::string& arguments) {
    const std::string out = folder() + "/out", err = folder() + "/err";
    const int status = std::system(
        fmt::format("cd {} && {} {} >{} 2>{}", folder(), ZOKRAN_CLI, arguments, out, err).c_str());
    return {WIFEXITED(status) ? WEXITSTATUS(status) : -1, contentOf(out), contentOf(err)};
}

} // namespace

TEST_CASE("cast, fit, guides and compare run into one another") {
    const Result cast = run("cast --turn 35 --tilt 15 --lean -10 --size 120 --png head.png "
                            "--marks head.json --sketch-png sketch.jpg --sketch-marks sketch.json "
                            "--straighten 0.4 --light 30,40");
    REQUIRE(cast.code == 0);
    CHECK(cast.err.empty());
    CHECK(contentOf(folder() + "/head.png").starts_with("\x89PNG"));
    CHECK(contentOf(folder() + "/sketch.jpg").starts_with("\xff\xd8"));
    const auto marks = nlohmann::json::parse(contentOf(folder() + "/head.json"));
    CHECK(marks["truth"]["lean"].get<double>() == Approx(-10));

    const Result fit = run("fit head.json");
    REQUIRE(fit.code == 0);
    const auto f = nlohmann::json::parse(fit.out);
    CHECK(f["format"] == "zokran-fit");
    CHECK(f["pose"]["turn"].get<double>() == Approx(35).margin(0.5));
    CHECK(f["pose"]["tilt"].get<double>() == Approx(15).margin(0.5));
    CHECK(f["pose"]["lean"].get<double>() == Approx(-10).margin(0.5));
    CHECK(f["pose"]["sigma"]["turn"].get<double>() > 0);
    std::ofstream(folder() + "/fit.json") << fit.out;

    const Result guides = run("guides fit.json --canon thirds --svg lines.svg");
    REQUIRE(guides.code == 0);
    CHECK(nlohmann::json::parse(guides.out)["lines"].size() > 20);
    CHECK(contentOf(folder() + "/lines.svg").starts_with("<svg"));
    CHECK(run("guides fit.json --canon sitter").code == 0);

    const Result compare = run("compare head.json sketch.json --mm-per-px 0.5 --hold all");
    REQUIRE(compare.code == 0);
    const auto c = nlohmann::json::parse(compare.out);
    CHECK(c["findings"][0]["id"] == "turn");
    CHECK(c["findings"][0]["rank"] == 1);
    CHECK(c["findings"][0]["severity"] == "fix");
    CHECK(c["straightening"].get<double>() == Approx(0.4).margin(0.08));
    CHECK(c["placements"]["chin"].contains("mm"));
}

TEST_CASE("Bad input ends with 2, one line on stderr and nothing written") {
    std::ofstream(folder() + "/text.json") << "no";
    std::ofstream(folder() + "/few.json")
        << R"({"format":"zokran-marks","version":1,"image":{"width":9,"height":9},
               "marks":{"brow":{"x":1,"y":2}}})";
    for (const char* arguments : {"",
                                  "fit",
                                  "fit nowhere.json",
                                  "fit text.json",
                                  "fit few.json",
                                  "fit .",
                                  "dance",
                                  "suggest few.json",
                                  "suggest nowhere.jpg",
                                  "guides text.json --canon thirds",
                                  "guides fit.json --canon ninths",
                                  "compare few.json few.json",
                                  "compare few.json few.json --hold nose",
                                  "compare few.json few.json --mm-per-px -1",
                                  "cast --head nobody --png bad.png",
                                  "cast --size 9 --png bad.png",
                                  "cast --turn 999 --png bad.png",
                                  "cast --lens 1 --png bad.png",
                                  "cast --turn nan --png bad.png",
                                  "cast --size 64 --png /nowhere/bad.png",
                                  "cast --size 64 --sketch-png bad.png --plant mouth_height",
                                  "cast --size 64 --sketch-png bad.png --plant hat=1"}) {
        INFO(arguments);
        const Result r = run(arguments);
        CHECK(r.code == 2);
        CHECK(r.out.empty());
        CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
        CHECK_FALSE(std::filesystem::exists(folder() + "/bad.png"));
    }
    CHECK_THAT(run("fit few.json").err,
               Catch::Contains("few.json") && Catch::Contains("3 more marks are needed"));
}

TEST_CASE("Help teaches the commands") {
    const Result help = run("--help");
    CHECK(help.code == 0);
    for (const char* word :
         {"fit", "guides", "compare", "cast", "suggest", "turn + =", "A first round"})
        CHECK_THAT(help.out, Catch::Contains(word));
    CHECK_THAT(run("cast --help").out, Catch::Contains("--plant"));
}
