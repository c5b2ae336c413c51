// Thousands of mark files, good and bad: what is read is fitted or refused, never anything else.

#include "core/base/json_file.h"
#include "core/construction/forms.h"
#include "core/files/fit_file.h"
#include "core/files/marks_file.h"
#include "core/messages/trouble_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// How a file is spoilt.
enum class Spoilt {
    Not,
    Mirrored,
    OnOneSpot,
    Scattered,
    OnOneLine,
    Huge,
    Tiny,
    SomeFarOut,
    Count,
};

std::string number(double x) {
    return fmt::format("{:.12g}", x);
}

std::string markFile(Random& random, Spoilt how) {
    View view =
        viewAt(pose(random.between(-90, 90), random.between(-90, 90), random.between(-180, 180)),
               random.between(3, 25));
    view.centre = view.principal;
    auto maybe = [&](double share, const std::string& value) {
        return random.between(0, 1) < share ? value : std::string("null");
    };
    std::string text =
        R"({"format":"zokran-marks","version":1,"image":{"width":1000,"height":1000},)";
    text += fmt::format(R"("camera":{{"focal_px":{}}},)",
                        maybe(0.5, number(std::pow(10, random.between(-2, 5)))));
    text +=
        fmt::format(R"("noise_px":{},)", maybe(0.3, number(std::pow(10, random.between(-5, 3)))));
    text += fmt::format(
        R"("ball":{},)",
        maybe(0.3, fmt::format(R"({{"cx":{},"cy":{},"r":{}}})", number(random.between(0, 1000)),
                               number(random.between(0, 1000)),
                               number(std::pow(10, random.between(-2, 4))))));
    std::string marks;
    for (int i = 0; i < markCount; ++i) {
        if (random.between(0, 1) < 0.4)
            continue;
        const Mark m = how == Spoilt::Mirrored ? mirrored(markAt(i)) : markAt(i);
        PicturePoint p = view.project(adultHeads().mean[m]);
        switch (how) {
        case Spoilt::OnOneSpot:
            p = {500, 500};
            break;
        case Spoilt::Scattered:
            p = {random.between(0, 1000), random.between(0, 1000)};
            break;
        case Spoilt::OnOneLine:
            p.y() = p.x();
            break;
        case Spoilt::Huge:
            p *= 1e4;
            break;
        case Spoilt::Tiny:
            p *= 1e-9;
            break;
        case Spoilt::SomeFarOut:
            if (random.between(0, 1) < 0.3)
                p = {random.normal(1e5), random.normal(1e5)};
            break;
        default:
            break;
        }
        marks += fmt::format(R"({}"{}":{{"x":{},"y":{},"hidden":{}}})", marks.empty() ? "" : ",",
                             idOf(markAt(i)), maybe(0.995, number(p.x())), number(p.y()),
                             random.between(0, 1) < 0.1);
    }
    return text + fmt::format(R"("marks":{{{}}}}})", marks);
}

} // namespace

TEST_CASE("A fit of a spoilt file is finite to the last number, or refused in one line", "[long]") {
    Random random(101);
    int fitted = 0, refused = 0;
    for (int i = 0; i < 1600; ++i) {
        const auto how = static_cast<Spoilt>(i % static_cast<int>(Spoilt::Count));
        const std::string text = markFile(random, how);
        INFO(text);
        try {
            const Fit fit = fitHead(parseMarks(text, "spoilt.json"));
            // Numbers that are not finite are written as null.
            const std::string out = fitText(fit);
            CHECK(out.find("null") == std::string::npos);
            for (const GuideLine& line : sitterForm(fit.head)->lines(fit.view))
                for (const PicturePoint& p : line.points)
                    { UNSCOPED_INFO(line.id); REQUIRE(p.allFinite()); }
            ++fitted;
        } catch (const BadInput& e) {
            CHECK(wordsFor(e).find('\n') == std::string::npos);
            CHECK(wordsFor(e).size() > 15);
            ++refused;
        }
    }
    CHECK(fitted > 400);
    CHECK(refused > 200);
}

TEST_CASE("Text cut off or flipped at any place is read or refused") {
    Random random(102);
    const std::string good = markFile(random, Spoilt::Not);
    int refused = 0;
    for (int i = 0; i < 1500; ++i) {
        std::string bad = good;
        const auto at = static_cast<std::size_t>(random.between(0, double(good.size())));
        if (i % 2)
            bad.resize(at);
        else
            bad[at] = static_cast<char>(random.between(1, 255));
        try {
            const MarkSheet sheet = parseMarks(bad, "bad.json");
            CHECK(sheet.width > 0);
        } catch (const BadInput& e) {
            ++refused;
            CHECK_THAT(e.what(), Catch::StartsWith("bad.json: "));
        }
    }
    CHECK(refused > 750);
}

TEST_CASE("A mirrored face is not taken for a good one") {
    // Left for right: only a head that faces away would look like that, and its nose is seen.
    const View view = viewAt(pose(35, 10, 0));
    MarkSheet right = sheetOf(adultHeads().mean, view), wrong = right;
    for (int i = 0; i < markCount; ++i)
        wrong.marks[markAt(i)] = right.marks[mirrored(markAt(i))];
    CHECK(apart(fitHead(right).view.facing(), view.facing()) < 0.2);
    try {
        fitHead(wrong);
        FAIL("was fitted");
    } catch (const BadInput& e) {
        CHECK_THAT(wordsFor(e), Catch::Contains("are left and right swapped?"));
    }
}
