// Sheets measured on paper: rendered by poppler and by librsvg, which had no part in making them.

#include "core/compare/finding_lines.h"
#include "core/print/sheet_elements.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"
#include "core/base/tone.h"
#include "tests/folder.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;
using namespace zokran::test;

namespace {

constexpr double dots = 10; ///< px to the millimetre of what is rendered: 254 dpi

/// The first sheet of a file as an independent renderer shows it, grey.
cv::Mat1b rendered(const Folder& folder, const std::string& file) {
    const std::string to = folder.file("shown");
    const std::string command =
        file.ends_with(".svg")
            ? fmt::format("rsvg-convert -d 254 -p 254 -b white -o {}.png {}", to, file)
            : fmt::format("pdftoppm -r 254 -singlefile -png {} {}", file, to);
    REQUIRE(std::system(command.c_str()) == 0);
    return cv::imread(to + ".png", cv::IMREAD_GRAYSCALE);
}

/// The box of what is printed within a part of a sheet, mm.
cv::Rect2d inked(const cv::Mat1b& sheet, const cv::Rect2d& part) {
    const cv::Rect px(cv::Point(static_cast<int>(part.x * dots), static_cast<int>(part.y * dots)),
                      cv::Size(static_cast<int>(part.width * dots),
                               static_cast<int>(part.height * dots)));
    cv::Mat1b dark;
    cv::compare(sheet(px & cv::Rect({0, 0}, sheet.size())), 200, dark, cv::CMP_LT);
    const cv::Rect box = cv::boundingRect(dark);
    return {part.x + box.x / dots, part.y + box.y / dots, box.width / dots, box.height / dots};
}

} // namespace

TEST_CASE("Bar and lines lie to a fifth of a millimetre where they are said to, in PDF and SVG") {
    const Folder folder;
    for (const char* paperName : {"a4", "letter"}) {
        const PaperSize paper = paperNamed(paperName);
        PrintSheet sheet{paper, {}};
        addBar(sheet, english());
        sheet.line({{50, 60}, {170, 60}}, {0.4}, graphite);
        sheet.line({{50, 60}, {50, 200}}, {0.4}, graphite);
        for (const char* name : {"s.pdf", "s.svg"}) {
            writeSheet(sheet, folder.file(name));
            const cv::Mat1b shown = rendered(folder, folder.file(name));
            CAPTURE(paperName, name, shown.cols, shown.rows);
            CHECK(std::abs(shown.cols / dots - paper.width.value) < 0.2);
            CHECK(std::abs(shown.rows / dots - paper.height.value) < 0.2);
            // The bar alone, left of its words; its line is a quarter of a millimetre wide.
            const cv::Rect2d bar = inked(shown, {5, paper.height.value - 12, 108.5, 4});
            CHECK(std::abs(bar.x + 0.125 - sheetMargin.value) < 0.2);
            CHECK(std::abs(bar.width - 0.25 - 100) < 0.2);
            const cv::Rect2d corner = inked(shown, {40, 50, 140, 160});
            CHECK(std::abs(corner.x + 0.2 - 50) < 0.2);
            CHECK(std::abs(corner.y + 0.2 - 60) < 0.2);
            CHECK(std::abs(corner.width - 0.4 - 120) < 0.2);
            CHECK(std::abs(corner.height - 0.4 - 140) < 0.2);
        }
    }
}

TEST_CASE("The numbers of a grid stand beside it, and none upon another") {
    std::vector<GuideLine> grid;
    for (int i = 0; i < 4; ++i) {
        GuideLine across, down;
        across.points = {{40, 40 + 20.0 * i}, {100, 40 + 20.0 * i}};
        down.points = {{40 + 20.0 * i, 40}, {40 + 20.0 * i, 100}};
        across.label = down.label = std::to_string(i);
        grid.insert(grid.end(), {across, down});
    }
    const PrintSheet sheet = guideSheet(grid, paperNamed("a4"));
    std::vector<PaperPoint> numbers;
    for (const auto& item : sheet.items)
        if (const auto* text = std::get_if<PrintText>(&item); text && text->text.size() == 1)
            numbers.push_back(text->at);
    REQUIRE(numbers.size() == 8);
    for (std::size_t i = 0; i < numbers.size(); ++i) {
        CHECK((numbers[i].x() < 38 || numbers[i].y() < 39)); // mm: off the lines, whose corner lies at (40, 40)
        for (std::size_t k = 0; k < i; ++k)
            CHECK((numbers[i] - numbers[k]).norm() > 4);
    }
}

TEST_CASE("A planned head stands on the sheet as high as it was planned") {
    const Folder folder;
    const PhotoMarks marks = sheetOf(adultHeads().mean, viewAt(pose(0, 0, 0)));
    const Fit fit = fitHead(marks);
    const PaperSize paper = paperNamed("a4");
    const PagePlan plan = planPage(paper, {10}, {140}, &fit);
    // Crown and chin alone, as the plan's view has them, drawn on the form's own sheet.
    std::vector<GuideLine> ends(2);
    for (const auto& [i, m] : {std::pair{0, Mark::Crown}, {1, Mark::Chin}}) {
        const PicturePoint p = plan.view.project(fit.head[m]);
        ends[static_cast<std::size_t>(i)].points = {p - PicturePoint(20, 0), p + PicturePoint(20, 0)};
    }
    PrintSheet sheet = guideSheet(ends, paper);
    writeSheet(sheet, folder.file("g.pdf"));
    const cv::Mat1b shown = rendered(folder, folder.file("g.pdf"));
    const cv::Rect2d head = inked(shown, {10, 10, 190, 270});
    CHECK(std::abs(head.height - 0.22 - 140) < 0.2);
    CHECK(std::abs(head.y + 0.11 - plan.crown.y()) < 0.2);
    CHECK(std::abs(head.x + head.width / 2 - plan.crown.x()) < 0.4);
    // And the form itself fills the sheet's middle with ink.
    const auto form = sitterForm(fit.head);
    writeSheet(guideSheet(form->lines(plan.view), paper), folder.file("f.pdf"));
    const cv::Rect2d all = inked(rendered(folder, folder.file("f.pdf")), {5, 5, 200, 275});
    CHECK(all.height > 140);
    CHECK(all.width > 90);
}

TEST_CASE("A correction sheet shows arrows as long as its words say, true to size") {
    const Folder folder;
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(5, 0, 0)));
    const Fit fit = fitHead(reference);
    SketchMarks sketch = static_cast<const MarkSheet&>(reference);
    constexpr double mmPerPx = 0.35;
    for (Mark m : {Mark::MouthCornerL, Mark::MouthCornerR, Mark::LipLine})
        *sketch.marks[m]->at += PicturePoint(0, -30); // 10.5 mm too high
    const Comparison c =
        compareSketch(reference, fit, sketch, {.perPixel = MillimetresPerPixel{mmPerPx}});
    const auto form = sitterForm(fit.head);
    const LinesSeenBy lines = [&](const View& view) { return form->lines(view); };
    const PrintSheet sheet = correctionSheet(c, lines, {}, MillimetresPerPixel{mmPerPx}, "Mend",
                                             paperNamed("a4"));
    const FindingLines on = linesOn(c, *toldFindings(c).front(), lines);
    const double way = mmPerPx * (on.way->second - on.way->first).norm();
    // Of all that is printed one thing is an arrow's head: its tip and the shaft's beginning.
    double length = 0;
    bool told = false;
    for (const auto& item : sheet.items) {
        if (const auto* path = std::get_if<PrintPath>(&item);
            path && path->filled && path->lines.front().size() == 3)
            for (const auto& other : sheet.items)
                if (const auto* shaft = std::get_if<PrintPath>(&other);
                    shaft && !shaft->filled && shaft->lines.front().size() == 2 && length == 0 &&
                    shaft->width == Millimetres{0.6})
                    length = (path->lines.front()[0] - shaft->lines.front()[0]).norm();
        if (const auto* text = std::get_if<PrintText>(&item))
            told = told || text->text == fmt::format("{:.0f} mm", way);
    }
    CHECK(length == Approx(way).epsilon(1e-6));
    CHECK(told);
    writeSheet(sheet, folder.file("c.svg"));
    writeSheet(sheet, folder.file("c.pdf"));
    // The two renderers agree about where the ink lies.
    const cv::Rect2d whole(5, 5, 200, 280);
    const cv::Rect2d pdf = inked(rendered(folder, folder.file("c.pdf")), whole);
    const cv::Rect2d svg = inked(rendered(folder, folder.file("c.svg")), whole);
    CHECK(std::abs(pdf.x - svg.x) < 0.2);
    CHECK(std::abs(pdf.height - svg.height) < 0.3);
    // Nothing runs over the sheet's edge.
    for (const auto& item : sheet.items)
        if (const auto* text = std::get_if<PrintText>(&item))
            CHECK(text->at.x() + (text->stands == PrintText::Stands::Left ? widthOf(*text).value : 0) <
                  208);
}

TEST_CASE("A head too large for the paper is printed at a round ratio, and says so") {
    const PhotoMarks reference = sheetOf(adultHeads().mean, viewAt(pose(5, 0, 0)));
    const Fit fit = fitHead(reference);
    const SketchMarks sketch = static_cast<const MarkSheet&>(reference);
    const Comparison c = compareSketch(reference, fit, sketch, {});
    const auto form = sitterForm(fit.head);
    const LinesSeenBy lines = [&](const View& view) { return form->lines(view); };
    const auto says = [&](std::optional<MillimetresPerPixel> perPixel, const char* words) {
        const PrintSheet sheet = correctionSheet(c, lines, {}, perPixel, "x", paperNamed("a4"));
        return std::any_of(sheet.items.begin(), sheet.items.end(), [&](const auto& item) {
            const auto* text = std::get_if<PrintText>(&item);
            return text && text->text.find(words) != std::string::npos;
        });
    };
    CHECK(says(MillimetresPerPixel{0.3}, "True to size"));
    CHECK(says(MillimetresPerPixel{0.6}, "At 1 to 2"));
    CHECK(says(MillimetresPerPixel{1.0}, "At 1 to 3"));
    CHECK(says(std::nullopt, "Not to size"));
}

TEST_CASE("Fonts lie in the PDF itself; what cannot be written is refused in one line") {
    const Folder folder;
    PrintSheet sheet{paperNamed("a5"), {}};
    addBar(sheet, english());
    writeSheet(sheet, folder.file("f.pdf"));
    REQUIRE(std::system(fmt::format("pdffonts {} > {}", folder.file("f.pdf"), folder.file("fonts"))
                            .c_str()) == 0);
    const std::string fonts = contentOf(folder.file("fonts"));
    CHECK(fonts.find("OpenSans") != std::string::npos);
    CHECK(fonts.find("yes yes") != std::string::npos); // embedded, as a subset
    CHECK_THROWS_WITH(writeSheet(sheet, folder.file("f.doc")), Catch::Contains("f.doc"));
    CHECK_THROWS_AS(writeSheet(sheet, folder.file("no/such/f.pdf")), StorageError);
    std::vector<PrintSheet> two(2, sheet);
    CHECK_THROWS_AS(writeSheets(two, folder.file("f.svg")), BadInput);
    CHECK_NOTHROW(writeSheets(two, folder.file("two.pdf")));
    const PrintText words{{0, 0}, "The mouth sits too high: lower it nine millimetres", {4},
                          false, graphite};
    const auto lines = broken(words, {40});
    CHECK(lines.size() > 1);
    for (const std::string& line : lines) {
        PrintText one = words;
        one.text = line;
        CHECK(widthOf(one) <= Millimetres{40});
    }
}

TEST_CASE("Value strips are equal in lightness on the rendered page, and odd ones have a middle") {
    const Folder folder;
    for (const char* paperName : {"a4", "letter"}) {
        writeSheet(valuesSheet(paperNamed(paperName)), folder.file("v.pdf"));
        const cv::Mat1b shown = rendered(folder, folder.file("v.pdf"));
        // Down the sheet the strips are where rows of one grey run far across.
        std::vector<std::vector<double>> strips;
        for (int y = 0; y < shown.rows; y += 20) {
            std::vector<double> values;
            int run = 0, last = -1;
            for (int x = 130; x < shown.cols; ++x) {
                const int grey = shown(y, x);
                if (grey == last && grey < 250) {
                    if (++run == 100)
                        values.push_back(lightnessOfLinear(linearOfDisplay(grey / 255.0)));
                } else {
                    run = 0;
                }
                last = grey;
            }
            if (values.size() >= 3 && (strips.empty() || strips.back() != values))
                strips.push_back(values);
        }
        REQUIRE(strips.size() == 3);
        for (std::size_t i = 0; i < 3; ++i) {
            const std::vector<double>& s = strips[i];
            CAPTURE(paperName, i, s.size());
            CHECK(s.size() == (i == 0 ? 3u : i == 1 ? 5u : 10u));
            for (std::size_t k = 0; k < s.size(); ++k)
                CHECK(s[k] == Approx(100 * (static_cast<double>(k) + 0.5) / static_cast<double>(s.size()))
                                  .margin(0.7));
        }
    }
}

TEST_CASE("Twelve balls: the answers cross where each turned ball's middle falls, the tasks are bare") {
    const Folder folder;
    const PaperSize paper = paperNamed("a4");
    const auto sheets = ballSheets(7, paper);
    const std::vector<Pose> poses = ballPoses(7);
    REQUIRE(sheets.size() == 2);
    REQUIRE(poses.size() == 12);
    CHECK(ballPoses(8) != poses);
    std::vector<cv::Mat1b> shown;
    for (const PrintSheet& sheet : sheets) {
        writeSheet(sheet, folder.file("b.pdf"));
        shown.push_back(rendered(folder, folder.file("b.pdf")).clone());
    }
    // The circles of the tasks, each found on the rendered page, not by the program that drew them.
    std::vector<cv::Vec3f> circles;
    cv::Mat1b small;
    cv::resize(shown[0], small, {}, 0.25, 0.25, cv::INTER_AREA);
    cv::HoughCircles(small, circles, cv::HOUGH_GRADIENT, 1, 80, 100, 40, 40, 120);
    REQUIRE(circles.size() == 12);
    std::sort(circles.begin(), circles.end(), [](const cv::Vec3f& a, const cv::Vec3f& b) {
        const int rowA = static_cast<int>(a[1] / 140), rowB = static_cast<int>(b[1] / 140);
        return rowA != rowB ? rowA < rowB : a[0] < b[0];
    });
    int met = 0, bare = 0;
    for (std::size_t i = 0; i < 12; ++i) {
        // The front of the ball: R = Rz(-lean) Ry(turn) Rx(-tilt) on (0, 0, 1), from 15 radii away.
        const Pose& p = poses[i];
        const double t = p.tilt.value, u = p.turn.value, l = -p.lean.value;
        const Eigen::Vector3d n(std::sin(u) * std::cos(t), std::sin(t), std::cos(u) * std::cos(t));
        const Eigen::Vector3d m(std::cos(l) * n.x() - std::sin(l) * n.y(),
                                std::sin(l) * n.x() + std::cos(l) * n.y(), n.z());
        const double r = 4.0 * circles[i][2], grow = std::sqrt(1 - 1 / 225.0) / (1 - m.z() / 15);
        const cv::Point at(static_cast<int>(4 * circles[i][0] + r * grow * m.x()),
                           static_cast<int>(4 * circles[i][1] - r * grow * m.y()));
        const auto ink = [&](const cv::Mat1b& sheet, int reach) {
            const cv::Rect part(at.x - reach, at.y - reach, 2 * reach, 2 * reach);
            double least = 0;
            cv::minMaxLoc(sheet(part & cv::Rect({0, 0}, sheet.size())), &least);
            return least < 180;
        };
        met += ink(shown[1], 10); // a millimetre
        bare += !ink(shown[0], 10);
    }
    CHECK(met == 12);
    CHECK(bare == 12);
}

TEST_CASE("The head in planes is printed in the values of its light, within the page") {
    const View view = viewAt(pose(25, -5, 3));
    const Fit fit = fitHead(sheetOf(adultHeads().mean, view));
    for (const int values : {2, 5}) {
        const Lighting lighting{{toRadians(Degrees{-40}), toRadians(Degrees{35})}, {}, values};
        const PaperSize paper = paperNamed("a4");
        const PrintSheet sheet = planesSheet(fit, uprightBust(fit.pose), lighting, paper);
        int pictures = 0;
        std::size_t edges = 0;
        for (const auto& item : sheet.items) {
            if (const auto* picture = std::get_if<PrintPicture>(&item)) {
                ++pictures;
                CHECK(picture->corner.x() >= 0);
                CHECK(picture->corner.x() + picture->width.value <= paper.width.value);
                CHECK(picture->corner.y() + picture->height.value <= paper.height.value);
                std::set<std::uint8_t> greys;
                for (std::size_t i = 0; i < picture->pixels.size(); i += 4)
                    greys.insert(picture->pixels[i]);
                greys.erase(255); // the paper
                CHECK(static_cast<int>(greys.size()) == values);
            }
            if (const auto* path = std::get_if<PrintPath>(&item))
                edges = std::max(edges, path->lines.size());
        }
        CHECK(pictures == 2);
        CHECK(edges > 300);
    }
}

TEST_CASE("Steps and materials fit on their page, for every first form and paper") {
    const Fit fit = fitHead(sheetOf(adultHeads().mean, viewAt(pose(30, 8, -5))));
    for (const char* paperName : {"a4", "letter", "a5"})
        for (const FormKind* form : forms()) {
            const PaperSize paper = paperNamed(paperName);
            const auto lines = construct(*form, std::nullopt, fit.head)->lines(fit.view, Detail::Guides);
            for (const PrintSheet& sheet :
                 {stepsSheet(*form, lines, fit.view, paper), materialsSheet(*form, paper)}) {
                CAPTURE(paperName, form->id);
                int texts = 0;
                for (const auto& item : sheet.items)
                    if (const auto* text = std::get_if<PrintText>(&item)) {
                        ++texts;
                        CHECK(text->at.y() < paper.height.value - 3);
                        CHECK(text->at.x() + (text->stands == PrintText::Stands::Left
                                                  ? widthOf(*text).value
                                                  : 0) <
                              paper.width.value - 3);
                    }
                CHECK(texts > static_cast<int>(form->steps.size()));
            }
        }
}
