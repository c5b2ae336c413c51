// A page in its file, and files that are none.

#include "core/base/errors.h"
#include "core/files/page_file.h"
#include "core/page/reproject.h"
#include "core/page/find_page.h"
#include "core/page/rectify.h"
#include "core/messages/paper_messages.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;

namespace {

Page flatPage() {
    Page page;
    page.flat = PageRectification{{SketchPoint(10.5, 20), {900, 30}, {910, 1300}, {-5, 1290}},
                         {{210}, {297}}, 1000, 1400, true};
    return page;
}

} // namespace

TEST_CASE("A page comes back from its file as it was, flat or not") {
    CHECK(parsePage(pageText(flatPage()), "x") == flatPage());
    Page plain;
    plain.shownWidth = Millimetres{239};
    CHECK(parsePage(pageText(plain), "x") == plain);
    CHECK(parsePage(pageText(Page{}), "x") == Page{});
    // Laid flat, the paper's width counts and not what the photograph showed.
    Page both = flatPage();
    both.shownWidth = Millimetres{500};
    CHECK(both.perPixel({1000})->value == Approx(0.21));
    CHECK(plain.perPixel({1000})->value == Approx(0.239));
    CHECK_FALSE(Page{}.perPixel({1000}));
}

TEST_CASE("A page's file that makes no sheet is refused, naming what is wrong") {
    const std::string head = R"({"format":"zokran-page","version":1,)";
    const std::pair<const char*, const char*> bad[] = {
        {R"("corners":[[1,2]],"paper_mm":[210,297],"photo_px":[10,10]})", "corners"},
        {R"("corners":[[0,0],[9,0],[9,9],["x",9]],"paper_mm":[210,297],"photo_px":[10,10]})", "corners"},
        {R"("corners":[[0,0],[9,0],[9,9],[0,9]],"photo_px":[10,10]})", "paper_mm"},
        {R"("corners":[[0,0],[9,0],[9,9],[0,9]],"paper_mm":[0,297],"photo_px":[10,10]})", "paper_mm"},
        {R"("corners":[[0,0],[9,0],[9,9],[0,9]],"paper_mm":[210,297]})", "photo_px"},
        {R"("corners":[[0,0],[1e9,0],[9,9],[0,9]],"paper_mm":[210,297],"photo_px":[10,10]})", "corners"},
        // Against the clock, and all on one line.
        {R"("corners":[[0,0],[0,9],[9,9],[9,0]],"paper_mm":[210,297],"photo_px":[10,10]})", "corners"},
        {R"("corners":[[0,0],[1,1],[2,2],[3,3]],"paper_mm":[210,297],"photo_px":[10,10]})", "corners"},
        {R"("shown_width_mm":-3})", "shown_width_mm"}};
    for (const auto& [text, names] : bad) {
        CAPTURE(text);
        CHECK_THROWS_AS(parsePage(head + text, "page.json"), BadInput);
        CHECK_THROWS_WITH(parsePage(head + text, "page.json"), Catch::Contains(names));
    }
}

TEST_CASE("A scan that the sheet fills to its edges shows no page to be laid flat, or asks") {
    cv::RNG random(8);
    for (int i = 0; i < 6; ++i) {
        cv::Mat3b scan(1400, 1000, cv::Vec3b(244, 246, 248));
        for (int k = 0; k < 12; ++k)
            cv::ellipse(scan, {random.uniform(250, 750), random.uniform(300, 1100)},
                        {random.uniform(20, 220), random.uniform(20, 300)}, random.uniform(0, 180), 0,
                        random.uniform(120, 360), cv::Scalar(80, 80, 84), 3, cv::LINE_AA);
        const auto page = findPage(scan);
        CHECK((!page || page->sure < 0.5));
    }
}

TEST_CASE("Every paper has words and a size, and finds itself by its shape") {
    for (const std::string_view name : paperNames()) {
        const PaperSize paper = paperNamed(name);
        CHECK(nameOf(paper) == name);
        const std::string words = paperWords(name);
        CAPTURE(words);
        CHECK(words.find(fmt::format("{:.0f} by {:.0f} mm", paper.width.value, paper.height.value)) !=
              std::string::npos);
        CHECK(likelyPaper(paper.width / paper.height, paper) == paper);
        // Turned on its side in the picture it is turned on its side in fact.
        const PaperSize lying{paper.height, paper.width};
        CHECK(likelyPaper(paper.height / paper.width, paper) == lying);
        const PageCorners wide{SketchPoint(0, 0), {300, 0}, {300, 200}, {0, 200}};
        CHECK(turnedLike(wide, paper).width >= turnedLike(wide, paper).height);
    }
    CHECK(paperWords("a4") == "A4, 210 by 297 mm");
    CHECK(paperWords("9x12in") == "Sketchbook 9 by 12 inches, 229 by 305 mm");
}

TEST_CASE("A flat page keeps the photograph's fineness, within bounds") {
    const PageCorners corners{SketchPoint(100, 100), {1100, 100}, {1100, 1500}, {100, 1500}};
    const PageRectification flat{corners, {{210}, {297}}, 1300, 1700, false};
    const auto [width, height] = flatSize(flat);
    CHECK(std::max(width - 1000, height - 1400) >= -2);
    CHECK(1.0 * height / width == Approx(297.0 / 210).epsilon(2e-3));
    // Corners a whole country away make no picture that fills the memory.
    const PageCorners huge{SketchPoint(0, 0), {9e5, 0}, {9e5, 9e5}, {0, 9e5}};
    const auto [w, h] = flatSize({huge, {{210}, {297}}, 1000, 1000, false});
    CHECK(std::max(w, h) <= 12001);
}
