#include "core/base/json_file.h"
#include "core/files/marks_file.h"
#include "tests/heads.h"

#include <algorithm>
#include "logbook/logbook.h"

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
        // Each run of a test has its own, so that several may run at once.
        std::string name =
            (std::filesystem::temp_directory_path() / "zokran-test-cli-XXXXXX").string();
        return std::string(::mkdtemp(name.data()));
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
    REQUIRE(run("cast --turn 35 --tilt 20 --marks numbers.json").code == 0);
    nlohmann::json fit = nlohmann::json::parse(run("fit numbers.json").out);
    fit["shape"]["head"]["crown"][0] = 1e307;
    std::ofstream(folder() + "/huge-fit.json") << fit;
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
                                  "cast --size 64 --sketch-png bad.png --plant hat=1",
                                  "cast --size 64 --png bad.png --light nan,nan",
                                  "cast --size 64 --png bad.png --light nan nan",
                                  "cast --size 64 --png bad.png --fill inf",
                                  "cast --size 64 --sketch-png bad.png --straighten nan",
                                  "cast --size 64 --sketch-png bad.png --plant mouth_height=1e308",
                                  "cast --size 64 --sketch-png bad.png --plant mouth_height=nan",
                                  "cast --size 64 --sketch-png bad.png --hand -nan",
                                  "guides fit.json --canon thirds --push nan --svg bad.png",
                                  "guides huge-fit.json --canon thirds --svg bad.png",
                                  "plan --head-mm 1e300"}) {
        INFO(arguments);
        const Result r = run(arguments);
        CHECK(r.code == 2);
        CHECK(r.out.empty());
        CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
        CHECK_FALSE(std::filesystem::exists(folder() + "/bad.png"));
    }
    CHECK_THAT(run("guides huge-fit.json --canon thirds").err, Catch::Contains("huge-fit.json") && Catch::Contains("1e+307"));
    CHECK_THAT(run("cast --plant mouth_height=1e308").err, Catch::Contains("--plant") && Catch::Contains("1e308"));
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

TEST_CASE("fit takes other photographs of the same sitter, and is surer for them") {
    REQUIRE(run("cast --head meridian --turn 30 --marks a.json").code == 0);
    REQUIRE(run("cast --head meridian --turn -45 --tilt 12 --marks b.json").code == 0);
    REQUIRE(run("cast --head meridian --turn 70 --tilt -15 --marks c.json").code == 0);
    const auto alone = nlohmann::json::parse(run("fit a.json").out);
    const auto shared = nlohmann::json::parse(run("fit a.json b.json c.json").out);
    for (const char* angle : {"turn", "tilt"}) {
        CHECK(shared["pose"]["sigma"][angle].get<double>() <
              alone["pose"]["sigma"][angle].get<double>());
    }
    CHECK(shared["pose"]["turn"].get<double>() == Approx(30).margin(1.5));
    // Every mark carries how sure its place is.
    CHECK(shared["spread"].size() == markCount);
    CHECK(shared["spread"]["brow"].get<double>() > 0);
    CHECK(shared["asymmetries"].is_array());
    const Result bad = run("fit a.json nowhere.json");
    CHECK(bad.code == 2);
    CHECK_THAT(bad.err, Catch::Contains("nowhere.json"));
}

TEST_CASE("Marks may carry a noise of their own, a suggestion and a smile") {
    REQUIRE(run("cast --turn 20 --marks plain.json").code == 0);
    auto marks = nlohmann::json::parse(contentOf(folder() + "/plain.json"));
    marks["smiling"] = true;
    marks["marks"]["chin"]["noise_px"] = 12.5;
    marks["marks"]["chin"]["suggested"] = true;
    std::ofstream(folder() + "/rich.json") << marks.dump();
    CHECK(run("fit rich.json").code == 0);
    const MarkSheet sheet = readMarks(folder() + "/rich.json");
    CHECK(sheet.smiling);
    CHECK(sheet.marks[Mark::Chin]->suggested);
    CHECK(sheet.marks[Mark::Chin]->noise->value == Approx(12.5));
    CHECK(parseMarks(marksText(sheet), "again") == sheet);

    marks["marks"]["chin"]["suggested"] = "perhaps";
    std::ofstream(folder() + "/rich.json") << marks.dump();
    const Result wrong = run("fit rich.json");
    CHECK(wrong.code == 2);
    CHECK_THAT(wrong.err, Catch::Contains("rich.json") && Catch::Contains("chin") &&
                              Catch::Contains("suggested"));
    marks["marks"]["chin"]["suggested"] = false;
    marks["marks"]["chin"]["noise_px"] = -1;
    std::ofstream(folder() + "/rich.json") << marks.dump();
    CHECK_THAT(run("fit rich.json").err, Catch::Contains("noise_px"));
}

TEST_CASE("learn draws a course that the demo can read") {
    const Result r = run("learn --studies 3 --days 5 --seed 2 --size 100 --out course");
    REQUIRE(r.code == 0);
    const auto list = nlohmann::json::parse(contentOf(folder() + "/course/studies.json"));
    CHECK(list["format"] == "zokran-demo");
    REQUIRE(list["studies"].size() == 3);
    for (const auto& study : list["studies"])
        for (const char* key : {"reference", "reference_marks", "sketch", "sketch_marks"})
            CHECK(std::filesystem::exists(folder() + "/course/" + study[key].get<std::string>()));
    CHECK(run("learn --studies 0 --out course").code == 2);
    CHECK(run("learn --out /proc/nowhere").code == 2);
}

TEST_CASE("cast refuses what no camera and no hand can do") {
    for (const char* wrong : {"--softness 0", "--sketch-size 0.1", "--growth 2", "--fill -1",
                              "--sketch-right 4", "--head nobody", "--distance 5"}) {
        const Result r = run(fmt::format("cast {} --marks wrong.json", wrong));
        INFO(wrong);
        CHECK(r.code == 2);
        CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
        CHECK_FALSE(std::filesystem::exists(folder() + "/wrong.json"));
    }
}

TEST_CASE("The sketch's marks say what was planted") {
    REQUIRE(run("cast --turn 20 --size 100 --sketch-marks planted.json --straighten 0.3 "
                "--plant mouth_height=0.1 --growth 0.04 --sketch-size 0.8")
                .code == 0);
    const auto truth = nlohmann::json::parse(contentOf(folder() + "/planted.json"))["truth"];
    CHECK(truth["turn"].get<double>() == Approx(14));
    CHECK(truth["planted"]["straightened"].get<double>() == Approx(0.3));
    CHECK(truth["planted"]["mouth_height"].get<double>() == Approx(0.1));
    CHECK(truth["planted"]["growth"].get<double>() == Approx(0.04));
    CHECK(truth["planted"]["size"].get<double>() == Approx(0.8));
}

TEST_CASE("A nearer camera makes a larger head and stronger perspective") {
    REQUIRE(run("cast --lens 85 --distance 900 --marks near.json").code == 0);
    REQUIRE(run("cast --lens 85 --distance 1800 --marks far.json").code == 0);
    const MarkSheet near = readMarks(folder() + "/near.json"),
                    far = readMarks(folder() + "/far.json");
    CHECK(near.ball->radius.value == Approx(2 * far.ball->radius.value).epsilon(0.02));
    CHECK(near.focal->value == Approx(far.focal->value));
}

TEST_CASE("Canons, forms and heads are listed id, tab, name; the version is told") {
    const Result canons = run("canons"), forms = run("forms"), heads = run("cast --list");
    CHECK_THAT(canons.out, Catch::Contains("thirds\tThirds\n") && Catch::Contains("halves\t") &&
                               Catch::Contains("sitter\t"));
    CHECK_THAT(forms.out, Catch::StartsWith("ball\t") && Catch::Contains("\negg\t"));
    CHECK_THAT(heads.out, Catch::Contains("halcyon\ta young woman"));
    for (const Result& r : {canons, forms, heads}) {
        CHECK(r.code == 0);
        CHECK(r.err.empty());
    }
    CHECK(run("--version").code == 0);
    CHECK_FALSE(run("--version").out.empty());
    CHECK(run("guides --help").code == 0);
}

TEST_CASE("A fit's rotation is its pose's, the picture's size is told, and a form can be chosen") {
    REQUIRE(run("cast --turn 30 --tilt 10 --lean 5 --size 120 --marks h.json").code == 0);
    const Result fit = run("fit h.json > h-fit.json; cat h-fit.json");
    const auto f = nlohmann::json::parse(fit.out);
    Eigen::Matrix3d r;
    for (int i = 0; i < 9; ++i)
        r(i / 3, i % 3) = f["rotation"][i].get<double>();
    const Eigen::Matrix3d expected = headToView(poseFromDegrees({f["pose"]["turn"].get<double>()},
                                                                {f["pose"]["tilt"].get<double>()},
                                                                {f["pose"]["lean"].get<double>()}));
    CHECK((r - expected).norm() < 1e-9);
    CHECK(f["image"]["height"] == 120);
    const auto egg = nlohmann::json::parse(run("guides h-fit.json --canon halves --form egg").out);
    CHECK(egg["form"] == "egg");
    CHECK(egg["canon"] == "halves");
    const Result wrong = run("guides h-fit.json --canon thirds --form pyramid");
    CHECK(wrong.code == 2);
    CHECK_THAT(wrong.err, Catch::Contains("pyramid") && Catch::Contains("egg"));
}

TEST_CASE("Each finding carries where its marks would go") {
    REQUIRE(run("cast --turn 20 --size 120 --marks r.json --sketch-marks s.json "
                "--plant mouth_height=0.15 --sketch-png s.png")
                .code == 0);
    const auto j = nlohmann::json::parse(run("compare r.json s.json --mm-per-px 0.5").out);
    const auto& first = j["findings"][0];
    CHECK(first["id"] == "mouth_height");
    REQUIRE(first["corrections"].contains("lip_line"));
    CHECK(first["corrections"]["lip_line"][1].get<double>() > 2); // down the picture
    CHECK_FALSE(first["corrections"].contains("chin"));
}

TEST_CASE("Hair and neck are compared where both files have their lines, and a neck too thin is told with its ways") {
    REQUIRE(run("cast --turn 20 --size 200 --marks r.json --sketch-marks s.json --sketch-png s.png").code == 0);
    const auto withNeck = [](const std::string& name, double narrowed) {
        auto j = nlohmann::json::parse(contentOf(folder() + "/" + name));
        const double x = j["ball"]["cx"], y = j["ball"]["cy"], r = j["ball"]["r"];
        const double half = 0.6 * r * narrowed;
        j["lines"]["neck"] = {{{"x", x - half}, {"y", y + 1.5 * r}}, {{"x", x + half}, {"y", y + 1.5 * r}}};
        std::ofstream(folder() + "/neck-" + name) << j.dump();
    };
    withNeck("r.json", 1);
    withNeck("s.json", 0.7);
    const auto found = [](const Result& result) -> nlohmann::json {
        const auto j = nlohmann::json::parse(result.out);
        for (const auto& finding : j["findings"])
            if (finding["id"] == "neck_width")
                return finding;
        return nullptr;
    };
    const auto thin = found(run("compare neck-r.json neck-s.json"));
    REQUIRE(thin.is_object());
    CHECK(thin["text"].get<std::string>().find("too thin") != std::string::npos);
    REQUIRE(thin["outline"].size() == 2);
    // The side at the viewer's left goes further left.
    CHECK(thin["outline"][0][2].get<double>() < thin["outline"][0][0].get<double>());
    CHECK(thin["outline"][1][2].get<double>() > thin["outline"][1][0].get<double>());
    CHECK(thin["corrections"].empty());
    // Of a line that only one of them has nothing is said.
    CHECK(found(run("compare r.json neck-s.json")).is_null());
    // A line that nobody knows is refused by name.
    std::ofstream(folder() + "/odd.json")
        << R"({"format":"zokran-marks","version":1,"image":{"width":9,"height":9},"marks":{},"lines":{"whisker":[]}})";
    const Result odd = run("fit odd.json");
    CHECK(odd.code == 2);
    CHECK(odd.err.find("odd.json") != std::string::npos);
    CHECK(odd.err.find("whisker") != std::string::npos);
}

TEST_CASE("A short course of many heads ends") {
    CHECK(run("learn --studies 3 --days 1 --size 64 --out short").code == 0);
    const auto j = nlohmann::json::parse(contentOf(folder() + "/short/studies.json"));
    CHECK(j["studies"].size() == 3);
    CHECK(j["studies"][0]["step"] == "check");
}

namespace {

/// A head's marks and its fit, once for the verbs below.
void castAndFit() {
    REQUIRE(run("cast --head meridian --turn 30 --tilt 8 --light -40,40 --size 500 --png h.png "
                "--marks h.json").code == 0);
    const Result fit = run("fit h.json");
    REQUIRE(fit.code == 0);
    std::ofstream(folder() + "/h.fit") << fit.out;
}

} // namespace

TEST_CASE("sitter tells each division beside every canon, as guides by those canons have it") {
    castAndFit();
    const Result sitter = run("sitter h.fit");
    REQUIRE(sitter.code == 0);
    const auto j = nlohmann::json::parse(sitter.out);
    CHECK(j["format"] == "zokran-sitter");
    REQUIRE(j["rows"].size() > 12);
    bool nose = false;
    for (const auto& row : j["rows"]) {
        CHECK(row["sigma"].get<double>() > 0);
        CHECK(row["canons"].size() >= 7);
        if (row["what"] == "nose_base_below_eyes") {
            nose = true;
            CHECK(row["unit"] == "eye_width");
            CHECK(row["canons"]["eye-units"].get<double>() == Approx(1.5));
            const auto g = nlohmann::json::parse(run("guides h.fit --canon halves").out);
            const double eye = g["widths"]["eye"].get<double>();
            CHECK(row["canons"]["halves"].get<double>() ==
                  Approx((g["levels"]["eye"].get<double>() -
                          g["levels"]["nose_base"].get<double>()) / eye));
        }
    }
    CHECK(nose);
}

TEST_CASE("Every form is listed by its fixed id and drawn with its steps") {
    castAndFit();
    const Result forms = run("forms");
    for (const char* id : {"ball", "egg", "circle-and-half", "box", "envelope", "features", "grid",
                           "coordinates"}) {
        CHECK(forms.out.find(std::string(id) + "\t") != std::string::npos);
        const Result guides =
            run(fmt::format("guides h.fit --canon sitter --form {} --svg {}.svg", id, id));
        REQUIRE(guides.code == 0);
        const auto j = nlohmann::json::parse(guides.out);
        CHECK(j["form"] == id);
        CHECK(j["lines"].size() > 4);
        for (const auto& line : j["lines"])
            CHECK(line["step"].get<int>() >= 1);
        CHECK(contentOf(folder() + "/" + id + ".svg").ends_with("</svg>\n"));
    }
    for (const char* id : {"thirds", "quarters", "halves", "above-half", "circle-and-half",
                           "brow-halves", "eye-units", "upper-lids", "sitter"})
        CHECK(run("canons").out.find(std::string(id) + "\t") != std::string::npos);
}

TEST_CASE("measure, light and plan answer in JSON, and refuse in one line") {
    castAndFit();
    auto j = nlohmann::json::parse(run("measure h.json --ratio brow nose_base nose_base chin").out);
    CHECK(j["format"] == "zokran-measure");
    CHECK(j["value"].get<double>() > 0.5);
    CHECK(j["sigma"].get<double>() > 0);
    j = nlohmann::json::parse(run("measure h.json --plumb inner_eye_r --unit inner_eye_r outer_eye_r").out);
    CHECK(j["unit"] == "unit");
    CHECK(j["passes"].size() > 5);
    CHECK(j["passes"][3]["sigma"].get<double>() > 0);
    j = nlohmann::json::parse(run("measure h.json --triangulate pupil_r pupil_l chin").out);
    CHECK(j["at_a"]["value"].get<double>() > j["at_a"]["sigma"].get<double>());
    CHECK(j["at_b"]["value"].get<double>() > 20);
    j = nlohmann::json::parse(run("measure h.json --mirror inner_eye_r --fit h.fit").out);
    CHECK(j["value"].get<double>() > 2 * j["sigma"].get<double>());
    CHECK(j["twin"].size() == 2);
    CHECK(j["wrapped_ball_radii"].get<double>() == Approx(0.4).margin(0.15));
    j = nlohmann::json::parse(run("measure h.json --five-eyes brow --fit h.fit").out);
    CHECK(j["value"].get<double>() == Approx(5).margin(1));
    j = nlohmann::json::parse(run("measure h.json --double brow nose_base").out);
    CHECK(j["passes"][0]["by"].get<double>() <= j["passes"][1]["by"].get<double>());
    j = nlohmann::json::parse(run("light h.png h.fit").out);
    CHECK(j["format"] == "zokran-light");
    CHECK(j["azimuth"].get<double>() == Approx(-40).margin(20));
    REQUIRE(run("light h.fit --azimuth 30 --elevation 40 --steps 3 --png shade.png").code == 0);
    CHECK(contentOf(folder() + "/shade.png").starts_with("\x89PNG"));
    j = nlohmann::json::parse(run("plan --paper A4 --border 15 --head 110 --pose h.fit").out);
    CHECK(j["format"] == "zokran-plan");
    CHECK(std::hypot(j["places"]["chin"][0].get<double>() - j["places"]["crown"][0].get<double>(),
                     j["places"]["chin"][1].get<double>() - j["places"]["crown"][1].get<double>()) ==
          Approx(110).margin(0.01));
    for (const char* bad :
         {"measure h.json --angle brow", "measure h.json --angle brow nobody", "measure h.json",
          "measure h.json --mirror inner_eye_l", "measure h.json --mirror chin --fit h.fit",
          "measure h.json --ratio brow chin chin chin", "measure h.json --five-eyes brow",
          "light h.fit", "light nothere.png h.fit",
          "plan --paper A9 --border 1 --head 100", "plan --paper A4 --border 200 --head 100",
          "rectify h.png --paper A4", "rectify nothere.png --paper A4",
          "rectify h.png --paper A4 --corners 1,2,3", "sitter h.json"}) {
        INFO(bad);
        const Result refused = run(bad);
        CHECK(refused.code == 2);
        CHECK(refused.out.empty());
        CHECK(std::count(refused.err.begin(), refused.err.end(), '\n') == 1);
    }
}

TEST_CASE("rectify lays a sheet flat by its corners, true to size") {
    castAndFit();
    const Result flat =
        run("rectify h.png --paper A4 --corners 20,20,380,30,370,480,25,470 --png flat.png");
    REQUIRE(flat.code == 0);
    const auto j = nlohmann::json::parse(flat.out);
    CHECK(j["format"] == "zokran-page");
    CHECK(j["sure"] == 1.0);
    Eigen::Matrix3d h;
    for (int i = 0; i < 9; ++i)
        h(i / 3, i % 3) = j["homography"][i].get<double>();
    const Eigen::Vector3d corner = h * Eigen::Vector3d(370, 480, 1);
    CHECK(corner.x() / corner.z() == Approx(210));
    CHECK(corner.y() / corner.z() == Approx(297));
    CHECK(contentOf(folder() + "/flat.png").starts_with("\x89PNG"));
}

TEST_CASE("Sheets are written for a fit and for a sketch, and refused in one line") {
    REQUIRE(run("cast --turn 25 --tilt 10 --size 200 --png s-head.png --marks s-head.json "
                "--sketch-png s-sketch.png --sketch-marks s-sketch.json --straighten 0.5")
                .code == 0);
    const Result fit = run("fit s-head.json");
    std::ofstream(folder() + "/s-fit.json") << fit.out;
    const auto isPdf = [](const char* name) {
        return contentOf(folder() + "/" + name).starts_with("%PDF");
    };
    CHECK(run("sheet guide s-fit.json --head 120 --out guide.pdf").code == 0);
    CHECK(isPdf("guide.pdf"));
    CHECK(run("sheet grid s-head.png s-fit.json --paper A3 --out grid.pdf").code == 0);
    CHECK(isPdf("grid.pdf"));
    CHECK(run("sheet landmarks s-head.png s-fit.json --canon thirds --out land.svg").code == 0);
    CHECK(contentOf(folder() + "/land.svg").find("width=\"210mm\"") != std::string::npos);
    CHECK(run("sheet correction s-head.json s-sketch.json --picture s-sketch.png --mm-per-px 0.4 "
              "--out corr.pdf")
              .code == 0);
    CHECK(isPdf("corr.pdf"));
    for (const char* good : {"sheet steps s-fit.json --form egg --out more.pdf", "sheet values --out more.pdf", "sheet planes s-fit.json --values 3 --out more.pdf",
                             "sheet balls --seed 4 --paper letter --out more.pdf",
                             "sheet materials --form box --out more.pdf"}) {
        CAPTURE(good);
        std::filesystem::remove(folder() + "/more.pdf");
        CHECK(run(good).code == 0);
        CHECK(isPdf("more.pdf"));
    }
    for (const char* bad :
         {"sheet steps s-fit.json --form none --out x.pdf", "sheet balls --out x.svg",
          "sheet guide s-fit.json --out x.doc", "sheet guide s-head.json --out x.pdf",
          "sheet guide s-fit.json --paper A99 --out x.pdf", "sheet guide s-fit.json",
          "sheet grid none.png s-fit.json --out x.pdf", "sheet grid s-head.png s-fit.json --out x.svg",
          "sheet correction s-head.json s-sketch.json --picture s-fit.json --out x.pdf",
          "sheet correction s-head.json s-sketch.json --mm-per-px -1 --out x.pdf", "sheet"}) {
        const Result r = run(bad);
        CAPTURE(bad, r.err);
        CHECK(r.code == 2);
        CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
        CHECK_FALSE(std::filesystem::exists(folder() + "/x.pdf"));
    }
}

TEST_CASE("The stand-in scanner writes a scan that says its resolution") {
    REQUIRE(run("cast --size 120 --png scanned.png --marks scanned.json").code == 0);
    std::filesystem::create_directories(folder() + "/glass");
    const Result scan = run("scan scanned.png --into glass --paper A5 --dpi 150");
    REQUIRE(scan.code == 0);
    CHECK(scan.out == "glass/scan-0001.jpg\n");
    const std::string bytes = contentOf(folder() + "/glass/scan-0001.jpg");
    REQUIRE(bytes.size() > 1000);
    CHECK(bytes.substr(6, 4) == "JFIF");
    CHECK(bytes[13] == 1);
    CHECK(static_cast<unsigned char>(bytes[15]) == 150);
    CHECK(run("scan scanned.png --into glass").out == "glass/scan-0002.jpg\n");
    CHECK(run("scan scanned.png --into nowhere").code == 2);
    CHECK(run("scan scanned.png --into glass --dpi 20").code == 2);
}

TEST_CASE("What is worth mending is told by --tolerances, and each finding its doubt") {
    REQUIRE(run("cast --turn 20 --size 300 --png t-head.png --marks t-head.json --sketch-png "
                "t-sketch.png --sketch-marks t-sketch.json --plant mouth_height=0.12")
                .code == 0);
    const auto fixes = [](const std::string& arguments) {
        const auto j =
            nlohmann::json::parse(run("compare t-head.json t-sketch.json " + arguments).out);
        int count = 0;
        for (const auto& f : j["findings"]) {
            count += f["severity"] == "fix";
            if (f["id"] == "mouth_height")
                CHECK(f["doubt"].get<std::string>().starts_with("Give or take "));
        }
        return count;
    };
    CHECK(fixes("") > 0);
    CHECK(fixes("--tolerances 30 30 30") == 0);
    CHECK(fixes("--tolerances 1 2 2") >= fixes(""));
    CHECK(run("compare t-head.json t-sketch.json --tolerances 0 6 5").code == 2);
    CHECK(run("compare t-head.json t-sketch.json --tolerances 3 6").code == 2);
}

TEST_CASE("drill writes a task with its answer, progress reads a logbook, and both refuse in one line") {
    for (const char* kind : {"pose", "guides", "forms", "find"}) {
        CAPTURE(kind);
        const Result r = run(std::string("drill ") + kind + " --seed 3 --level 2 --png d.png --answer-png e.png");
        REQUIRE(r.code == 0);
        const auto j = nlohmann::json::parse(r.out);
        CHECK(j["format"] == "zokran-drill");
        CHECK(j["level"] == 2);
        CHECK_FALSE(j["answer"].empty());
        CHECK(contentOf(folder() + "/d.png").starts_with("\x89PNG"));
        const bool shown = contentOf(folder() + "/d.png") != contentOf(folder() + "/e.png");
        CHECK(shown);
    }
    // Of a photograph of one's own, with its marks; what they do not carry is refused.
    REQUIRE(run("cast --head halcyon --turn -30 --size 500 --png own.png --marks own.json").code == 0);
    const Result own = run("drill far-eye --photo own.png --marks own.json --png d.png");
    REQUIRE(own.code == 0);
    CHECK(nlohmann::json::parse(own.out)["answer"].contains("outer"));
    for (const char* bad : {"drill guides --photo own.png --marks own.json --png x.png", "drill pose --photo own.png --png x.png",
                            "drill juggling --png x.png", "drill pose --level 9 --png x.png", "drill pose",
                            "progress nowhere", "progress"}) {
        const Result r = run(bad);
        CAPTURE(bad, r.err);
        CHECK(r.code == 2);
        CHECK(std::count(r.err.begin(), r.err.end(), '\n') == 1);
    }
}

TEST_CASE("A study goes from one logbook to another in a bundle, and everything comes out as JSON") {
    castAndFit();
    // A logbook made by hand, as the window would.
    {
        Logbook book(folder() + "/book");
        Study study;
        study.title = "by the harbour";
        study.referencePicture = book.keepPicture(folder() + "/h.png");
        book.add(study);
        Logbook other(folder() + "/other");
    }
    auto j = nlohmann::json::parse(run("bundle export book 1 out.zokran").out);
    CHECK(j["written"] == 1);
    j = nlohmann::json::parse(run("bundle import other out.zokran").out);
    CHECK(j["taken"].size() == 1);
    CHECK(nlohmann::json::parse(run("bundle import other out.zokran").out)["known"] == 1);
    j = nlohmann::json::parse(run("export other").out);
    REQUIRE(j["studies"].size() == 1);
    CHECK(j["studies"][0]["study"]["title"] == "by the harbour");
    CHECK(contentOf(folder() + "/other/pictures/" + j["studies"][0]["study"]["reference"]["picture"].get<std::string>()) ==
          contentOf(folder() + "/h.png"));
    REQUIRE(run("thumbnail out.zokran small.png --size 64").code == 0);
    const std::string png = contentOf(folder() + "/small.png");
    REQUIRE(png.starts_with("\x89PNG"));
    CHECK(std::max(static_cast<unsigned char>(png[19]), static_cast<unsigned char>(png[23])) == 64);
    for (const char* bad : {"bundle export nowhere 1 x.zokran", "bundle export book 99 x.zokran",
                            "bundle export book one x.zokran", "bundle import other h.png", "bundle import other",
                            "bundle", "export nowhere", "thumbnail h.png x.png"}) {
        const Result refused = run(bad);
        INFO(bad << ": " << refused.err);
        CHECK(refused.code == 2);
        CHECK(std::count(refused.err.begin(), refused.err.end(), '\n') == 1);
    }
    CHECK_FALSE(std::filesystem::exists(folder() + "/x.zokran"));
    CHECK_FALSE(std::filesystem::exists(folder() + "/nowhere"));
}

TEST_CASE("tones names the place of a shaded drawing that is off, on white paper and on toned") {
    for (const char* paper : {"", " --toned"}) {
        INFO(paper);
        REQUIRE(run(std::string("cast --head meridian --size 700 --turn 15 --light -40,35 --png t.png --marks t.json --sketch-png "
                                "ts.png --sketch-marks ts.json --shaded --tone cheek_r=-0.4 --seed 6") + paper)
                    .code == 0);
        const Result told = run("tones t.png t.json ts.png ts.json");
        REQUIRE(told.code == 0);
        const auto j = nlohmann::json::parse(told.out);
        CHECK(j["shaded"] == true);
        CHECK(j["chalk"] == (paper[0] != 0));
        REQUIRE_FALSE(j["findings"].empty());
        CHECK(j["findings"][0]["place"] == "cheek_r");
        CHECK(j["findings"][0]["off"].get<double>() < -0.15);
        CHECK(j["places"].size() > 20);
    }
    CHECK(run("tones t.png t.json ts.png nowhere.json").code == 2);
    CHECK(run("cast --head meridian --sketch-png ts.png --shaded --tone hat=0.4").code == 2);
}

TEST_CASE("Marks and solids go to other programs and back") {
    castAndFit();
    REQUIRE(run("marks h.json h.csv").code == 0);
    REQUIRE(run("marks h.csv again.json --size 400 500").code == 0);
    const auto before = nlohmann::json::parse(contentOf(folder() + "/h.json")),
               after = nlohmann::json::parse(contentOf(folder() + "/again.json"));
    CHECK(after["image"]["width"] == 400);
    CHECK(after["marks"]["chin"]["x"].get<double>() ==
          Approx(before["marks"]["chin"]["x"].get<double>()).margin(2e-3));
    CHECK(run("marks --list").out.starts_with("crown\nhairline\nbrow\n"));
    REQUIRE(run("solid h.fit --out head.obj").code == 0);
    REQUIRE(run("solid h.fit --out head.gltf").code == 0);
    CHECK(contentOf(folder() + "/head.obj").find("\nf ") != std::string::npos);
    CHECK(nlohmann::json::parse(contentOf(folder() + "/head.gltf"))["asset"]["version"] == "2.0");
    for (const char* bad : {"marks h.json h.txt", "marks nothere.csv x.json", "marks", "solid h.fit --out head.stl",
                            "solid h.json --out x.obj"}) {
        INFO(bad);
        CHECK(run(bad).code == 2);
    }
}
