#include "core/base/tone.h"
#include "core/light/tone_comparison.h"
#include "core/messages/tone_messages.h"
#include "core/page/find_heads.h"
#include "core/page/paper_tone.h"
#include "core/page/rectify.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cmath>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

std::uint8_t code(double luminance) {
    return static_cast<std::uint8_t>(std::lround(255 * displayOfLinear(std::clamp(luminance, 0.0, 1.0))));
}

/// A page of this luminance under a lamp that falls off, with a dark drawing in its middle; `chalk` light strokes on it.
cv::Mat1b tonedPage(double paper, bool chalk, double lampFallsBy = 0.35) {
    cv::Mat1b sheet(500, 400);
    cv::RNG rng(7);
    for (int y = 0; y < sheet.rows; ++y)
        for (int x = 0; x < sheet.cols; ++x) {
            double tone = paper;
            const double dx = x - 200.0, dy = y - 240.0;
            if (dx * dx + dy * dy < 110 * 110)
                tone *= (x + y) % 9 < 4 ? 0.25 : 1;
            if (chalk && std::abs(dx - 60) < 14 && std::abs(dy + 60) < 40)
                tone = 0.9;
            const double lamp = 0.95 - lampFallsBy * (x / 400.0) * (x / 400.0) - 0.15 * y / 500.0;
            sheet(y, x) = code(tone * lamp * (1 + rng.gaussian(0.02)));
        }
    return sheet;
}

/// A photograph of a head whose places have these values: soft spots on a middle ground, drawn where the view puts them.
struct Toned {
    HeadInPicture head;
    cv::Mat1b picture;
};

constexpr int toneSide = 800;

Toned tonedHead(const View& view, const std::map<std::string, double>& off = {}, double key = 1) {
    Toned made{{view, adultHeads().mean}, cv::Mat1b(toneSide, toneSide)};
    cv::Mat1f value(toneSide, toneSide, 1.0f);
    // The head itself in a middle tone.
    cv::circle(value, {static_cast<int>(view.centre.x()), static_cast<int>(view.centre.y() + 0.5 * view.scale)},
               static_cast<int>(1.6 * view.scale), cv::Scalar(0.6), -1);
    double step = 0.1;
    for (const TonePlace& place : tonePlaces())
        for (int s : {1, -1}) {
            if (s < 0 && !place.bothSides)
                continue;
            HeadPoint p = place.at(made.head.head);
            p.x() *= s;
            const PicturePoint at = place.kind == TonePlace::Kind::Beside
                                        ? PicturePoint(view.centre + view.scale * PicturePoint(p.x(), -p.y()))
                                        : view.project(p);
            step = std::fmod(step + 0.37, 0.8);
            const std::string id = std::string(place.id) + (place.bothSides ? (s > 0 ? "_l" : "_r") : "");
            const auto planted = off.find(id);
            const double tone = (place.kind == TonePlace::Kind::Detail ? 0.05 : 0.15 + step) + (planted == off.end() ? 0 : planted->second);
            cv::circle(value, {static_cast<int>(std::lround(at.x())), static_cast<int>(std::lround(at.y()))},
                       static_cast<int>(1.1 * place.radius.value * view.scale), cv::Scalar(tone), -1);
        }
    for (int y = 0; y < toneSide; ++y)
        for (int x = 0; x < toneSide; ++x)
            made.picture(y, x) = code(linearOfLightness(100 - key * 80 * (1 - std::clamp<double>(value(y, x), 0, 1))));
    return made;
}

View frontal() {
    View view = viewAt(pose(0, 0, 0));
    view.centre = view.principal = {400, 330};
    view.scale = 150;
    return view;
}

const TonePair& pairOf(const ToneComparison& tones, std::string_view place, int side) {
    for (const TonePair& pair : tones.pairs)
        if (pair.place->id == place && pair.side == side)
            return pair;
    throw std::logic_error("no such place");
}

} // namespace

TEST_CASE("White paper is told from toned paper with chalk, under a lamp that falls off") {
    for (const double paper : {0.9, 0.5, 0.3}) {
        INFO("paper " << paper);
        const PaperTone bare = paperToneOf(tonedPage(paper, false), PaperChoice::AsItShows);
        CHECK_FALSE(bare.hasChalk);
        CHECK(bare.luminance == 1);
        if (paper > 0.6)
            continue;
        const PaperTone toned = paperToneOf(tonedPage(paper, true), PaperChoice::AsItShows);
        CHECK(toned.hasChalk);
        CHECK(toned.luminance == Approx(paper / 0.9).margin(0.06));
        CHECK_FALSE(paperToneOf(tonedPage(paper, true), PaperChoice::White).hasChalk);
    }
    // The page's luminance is even, its chalk white.
    cv::Mat1f luminance;
    evenPage(tonedPage(0.3, true), PaperChoice::AsItShows, luminance);
    const auto about = [&](int x, int y) { return cv::mean(luminance(cv::Rect(x - 6, y - 6, 12, 12)))[0]; };
    CHECK(about(40, 40) == Approx(about(360, 460)).margin(0.03));
    CHECK(about(40, 40) == Approx(1 / 3.0).margin(0.05));
    CHECK(about(260, 180) > 0.93);
}

TEST_CASE("A page that is dark to its very edges is white paper, drawn over") {
    cv::Mat1b sheet(400, 400);
    for (int y = 0; y < 400; ++y)
        for (int x = 0; x < 400; ++x)
            sheet(y, x) = (x * 7 + y * 5) % 23 < 12 || std::hypot(x - 200, y - 200) < 60 ? 240 : 60;
    CHECK_FALSE(paperToneOf(sheet, PaperChoice::AsItShows).hasChalk);
}

TEST_CASE("Evened, toned paper keeps its tone and chalk stays lighter than it") {
    const cv::Mat1b even = evenedLight(tonedPage(0.3, true));
    const auto about = [&](int x, int y) { return cv::mean(even(cv::Rect(x - 6, y - 6, 12, 12)))[0]; };
    CHECK(about(40, 40) == Approx(about(360, 460)).margin(6));
    CHECK(about(260, 180) > about(40, 40) + 60);
    CHECK(about(200, 300) < about(40, 40) - 20);
    // What is found as a drawing is the drawing, not the page.
    const auto drawings = drawingsOn(tonedPage(0.3, true));
    REQUIRE(drawings.size() == 1);
    CHECK((drawings.front().high - drawings.front().low).maxCoeff() < 360);
}

TEST_CASE("A faithful drawing's values hold, in a paler key too") {
    const Toned photo = tonedHead(frontal());
    for (const double key : {1.0, 0.8}) {
        const Toned drawing = tonedHead(frontal(), {}, key);
        const auto tones = compareTones(photo.picture, photo.head, drawing.picture, drawing.head);
        REQUIRE(tones);
        CHECK(tones->isShaded);
        CHECK(tones->pairs.size() > 30);
        CHECK(tones->findings.empty());
        CHECK(std::is_sorted(tones->pairs.begin(), tones->pairs.end(),
                             [](const TonePair& a, const TonePair& b) { return a.seen < b.seen; }));
        CHECK_FALSE(verdictWords(*tones).empty());
    }
}

TEST_CASE("Places that a turned head or an open mouth moves elsewhere are left out") {
    const auto looksAt = [](double turn, std::string_view place, int side, bool mouthIsOpen = false) {
        View view = viewAt(pose(turn, 0, 0));
        view.centre = view.principal = {400, 330};
        view.scale = 150;
        const Toned photo = tonedHead(view);
        HeadInPicture open = photo.head;
        open.mouthIsOpen = mouthIsOpen;
        // An open mouth in the drawing alone is enough.
        const auto tones = compareTones(photo.picture, photo.head, photo.picture, open);
        REQUIRE(tones);
        return std::any_of(tones->pairs.begin(), tones->pairs.end(),
                           [&](const TonePair& pair) { return pair.place->id == place && pair.side == side; });
    };
    // In front of a neck that is seen from the side lies the background.
    CHECK(looksAt(20, "under_chin", 0));
    CHECK_FALSE(looksAt(25, "under_chin", 0));
    CHECK_FALSE(looksAt(-25, "under_chin", 0));
    CHECK(looksAt(30, "nose_tip", 0));
    CHECK_FALSE(looksAt(40, "nose_tip", 0));
    // The far cheek of a head turned a little is still seen, and that of one turned far is not; the near one always is.
    CHECK(looksAt(20, "cheek", 1));
    CHECK_FALSE(looksAt(40, "cheek", 1));
    CHECK(looksAt(40, "cheek", -1));
    for (const char* place : {"upper_lip", "parting", "lower_lip", "under_lip"}) {
        CHECK(looksAt(0, place, 0));
        CHECK_FALSE(looksAt(0, place, 0, true));
    }
    CHECK_FALSE(looksAt(0, "mouth_corner", 1, true));
    CHECK(looksAt(0, "nose_bridge", 0, true));
}

TEST_CASE("A place too light or too dark is named, with its side and its way") {
    const Toned photo = tonedHead(frontal());
    struct Case {
        const char *id, *place;
        int side;
        double off;
    };
    for (const Case& c : {Case{"cheek_l", "cheek", 1, -0.3}, Case{"forehead_r", "forehead", -1, -0.3},
                          Case{"under_lip", "under_lip", 0, 0.35}, Case{"temple_r", "temple", -1, 0.35}}) {
        INFO(c.id);
        const Toned drawing = tonedHead(frontal(), {{c.id, c.off}});
        const auto tones = compareTones(photo.picture, photo.head, drawing.picture, drawing.head);
        REQUIRE(tones);
        REQUIRE_FALSE(tones->findings.empty());
        const ToneFinding& first = tones->findings.front();
        CHECK(first.kind == ToneFinding::Kind::Place);
        CHECK(tones->pairs[first.pair].place->id == c.place);
        CHECK(tones->pairs[first.pair].side == c.side);
        CHECK((first.off > 0) == (c.off > 0));
        CHECK(pairOf(*tones, c.place, c.side).off() == Approx(c.off).margin(0.12));
        const std::string says = wordsFor(first, *tones, 5);
        CHECK(says.find(c.off > 0 ? "too light" : "too dark") != std::string::npos);
        CHECK(mendWords(first, *tones, 5).starts_with(c.off > 0 ? "Darken" : "Lighten"));
        if (c.side)
            CHECK(says.find(c.side > 0 ? ", right" : ", left") != std::string::npos);
    }
}

TEST_CASE("A timid drawing, a line drawing and a darkest dark in the wrong place are told") {
    const Toned photo = tonedHead(frontal());
    const Toned timid = tonedHead(frontal(), {}, 0.5);
    auto tones = compareTones(photo.picture, photo.head, timid.picture, timid.head);
    REQUIRE(tones);
    REQUIRE_FALSE(tones->findings.empty());
    CHECK(tones->findings.front().kind == ToneFinding::Kind::Timid);

    cv::Mat1b lines(toneSide, toneSide, std::uint8_t{250});
    cv::circle(lines, {400, 400}, 200, cv::Scalar(60), 2);
    tones = compareTones(photo.picture, photo.head, lines, photo.head);
    REQUIRE(tones);
    CHECK_FALSE(tones->isShaded);
    CHECK(tones->findings.empty());
    CHECK(verdictWords(*tones).find("line") != std::string::npos);

    // Half the head outside the picture leaves too few places.
    HeadInPicture away = photo.head;
    away.view.centre = {5000, 5000};
    CHECK_FALSE(compareTones(photo.picture, photo.head, photo.picture, away));
}

namespace {

/// A face parted into light and shadow by a level edge: in shadow is what lies to the left of `edge`, ball radii from the middle
/// of the face. `hatched`: the shadow is drawn in strokes.
HeadLuminance partedFace(double scale, PicturePoint centre, double edge, bool hatched, double lit = 0.75, double dark = 0.12) {
    View view = viewAt(pose(0, 0, 0));
    view.centre = view.principal = centre;
    view.scale = scale;
    cv::Mat1f luminance(700, 600);
    for (int y = 0; y < luminance.rows; ++y)
        for (int x = 0; x < luminance.cols; ++x) {
            const bool shadow = (x - centre.x()) / scale < edge;
            const bool between = hatched && (x + y) % 6 >= 4;
            luminance(y, x) = static_cast<float>(shadow && !between ? dark : lit);
        }
    return {luminance, view, adultHeads().mean};
}

} // namespace

TEST_CASE("How far a shadow's edge has crept is told with its way, and a faithful edge is left in peace") {
    const HeadLuminance photo = partedFace(150, {300, 250}, 0.05, false);
    // The drawing is smaller, lies elsewhere and is hatched.
    for (const double crept : {0.2, -0.2}) {
        const HeadLuminance drawing = partedFace(120, {280, 300}, 0.05 + crept, true);
        const auto shifts = shadowEdgeShifts(photo, drawing);
        INFO("crept by " << crept);
        REQUIRE(!shifts.empty());
        CHECK(shifts.front().intoLight == (crept > 0));
        CHECK(shifts.front().by.value == Approx(0.2).margin(0.05));
        CHECK((shifts.front().seenAt.x() - 300) / 150 == Approx(0.05 + crept / 2).margin(0.05));
        CHECK((shifts.front().drawnAt.x() - 280) / 120 == Approx(0.05 + crept / 2).margin(0.05));
    }
    CHECK(shadowEdgeShifts(photo, partedFace(120, {280, 300}, 0.05, true)).empty());
    CHECK(shadowEdgeShifts(photo, partedFace(120, {280, 300}, 0.09, true)).empty());
    // A paler drawing has its edge at the same place.
    CHECK(shadowEdgeShifts(photo, partedFace(120, {280, 300}, 0.05, true, 0.95, 0.4)).empty());
    // No edge in the photograph, or none in the drawing.
    CHECK(shadowEdgeShifts(partedFace(150, {300, 250}, 0.05, false, 0.5, 0.45), partedFace(120, {280, 300}, 0.3, true)).empty());
    CHECK(shadowEdgeShifts(photo, partedFace(120, {280, 300}, 0.3, true, 0.9, 0.88)).empty());
    // A dark patch away from the shadow is a tone, and no edge that has moved.
    HeadLuminance patched = partedFace(120, {280, 300}, 0.05, true);
    cv::circle(patched.luminance, {280 + 48, 300 + 70}, 14, cv::Scalar(0.12), cv::FILLED);
    CHECK(shadowEdgeShifts(photo, patched).empty());
}
