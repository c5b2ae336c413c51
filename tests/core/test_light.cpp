// Light on solids, against a ray that is sent by hand from each pixel to the light; places, values.

#include "core/base/errors.h"
#include "core/base/tone.h"
#include "core/head/population.h"
#include "core/light/light_regions.h"
#include "core/light/light_terms.h"
#include "core/light/values.h"
#include "core/messages/light_messages.h"
#include "core/page/paper_tone.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>
#include <set>

using namespace zokran;
using namespace zokran::test;

namespace {

using Eigen::Vector3d;

constexpr int pictureSide = 300;

View lookAt(const Pose& pose, double radii = 4.2) {
    View view;
    view.scale = pictureSide / radii;
    view.nearness = 1.0 / 12;
    view.centre = view.principal = PicturePoint(pictureSide / 2.0, pictureSide / 2.0);
    view.face(headToView(pose));
    return view;
}

LightDirection light(double azimuth, double elevation) {
    return {toRadians(Degrees{azimuth}), toRadians(Degrees{elevation})};
}

const BasicForm& form(std::string_view id) {
    for (const BasicForm& f : basicForms())
        if (f.id == id)
            return f;
    throw BadInput("no such form");
}

/// The ray through a pixel, in the head frame: from the camera on.
std::pair<Vector3d, Vector3d> rayOf(const View& view, double x, double y) {
    // The camera stands 1 / nearness before the ball's plane.
    const Vector3d eye(0, 0, 1 / view.nearness);
    const Vector3d through((x - view.centre.x()) / view.scale, (view.centre.y() - y) / view.scale, 0);
    const Eigen::Matrix3d back = view.rotation.transpose();
    return {back * eye, (back * (through - eye)).normalized()};
}

/// Where a ray first meets the unit sphere; nothing where it passes.
std::optional<Vector3d> onSphere(const Vector3d& from, const Vector3d& way) {
    const double b = from.dot(way), c = from.squaredNorm() - 1, d = b * b - c;
    if (d < 0 || -b - std::sqrt(d) < 1e-6)
        return std::nullopt;
    return from + (-b - std::sqrt(d)) * way;
}

/// A box about the origin, by its half edges.
std::optional<Vector3d> onBox(const Vector3d& from, const Vector3d& way, double half, Vector3d* normal) {
    double enter = 1e-6, leave = 1e9;
    int axis = -1;
    for (int i = 0; i < 3; ++i) {
        double a = (-half - from[i]) / way[i], b = (half - from[i]) / way[i];
        if (a > b)
            std::swap(a, b);
        if (a > enter) {
            enter = a;
            axis = i;
        }
        leave = std::min(leave, b);
    }
    if (axis < 0 || enter > leave)
        return std::nullopt;
    *normal = Vector3d::Zero();
    (*normal)[axis] = way[axis] < 0 ? 1 : -1;
    return from + enter * way;
}

} // namespace

TEST_CASE("A direction of light goes to a vector and back") {
    Random random(12);
    for (int i = 0; i < 200; ++i) {
        const LightDirection l = light(random.between(-180, 180), random.between(-89, 89));
        const LightDirection back = lightFrom(towardsLight(l));
        CHECK(back.azimuth.value == Approx(l.azimuth.value).margin(1e-9));
        CHECK(back.elevation.value == Approx(l.elevation.value).margin(1e-9));
    }
    CHECK(towardsLight(light(90, 0)).x() == Approx(1)); // from the viewer's right
    CHECK(towardsLight(light(0, 90)).y() == Approx(1)); // from above
    CHECK(towardsLight(light(0, 0)).z() == Approx(1));  // from the viewer
}

TEST_CASE("Sphere and cube on a table are lit as a ray to the light has it, pixel by pixel") {
    for (const auto& [id, foot] : {std::pair{"sphere", 1.0}, {"cube", 0.75}})
        for (const LightDirection& from : {light(-50, 40), light(30, 60), light(70, 25)}) {
            const bool sphere = std::string_view(id) == "sphere";
            const View view = lookAt(pose(25, -30, 0));
            const DepthBuffer buffer(litForm(form(id), true), view, pictureSide, pictureSide);
            const Shading shading(buffer, {from});
            const Vector3d l = view.facing().transpose() * towardsLight(from);
            int judged = 0, same = 0, tones = 0, close = 0;
            for (int y = 0; y < pictureSide; y += 3)
                for (int x = 0; x < pictureSide; x += 3) {
                    const auto [eye, way] = rayOf(view, x, y);
                    Vector3d normal;
                    std::optional<Vector3d> at =
                        sphere ? onSphere(eye, way) : onBox(eye, way, 0.75, &normal);
                    if (at && sphere)
                        normal = *at;
                    if (!at && way.y() < 0) {
                        at = eye + way * ((-foot - eye.y()) / way.y());
                        normal = {0, 1, 0};
                    }
                    if (!at || at->norm() > 3.5)
                        continue;
                    const double cosine = normal.dot(l);
                    Vector3d unused;
                    const bool shaded = sphere ? onSphere(*at + 1e-3 * normal, l).has_value()
                                               : onBox(*at + 1e-3 * normal, l, 0.75, &unused).has_value();
                    const Zone zone = shading.at(x, y).zone;
                    const bool lit = cosine > 0 && !shaded;
                    ++judged;
                    same += lit == (zone == Zone::Light || zone == Zone::Half);
                    if (lit) {
                        ++tones;
                        close += std::abs(shading.at(x, y).light - (0.1 + 0.9 * cosine)) < 0.03;
                    }
                }
            INFO(id << ": " << same << " of " << judged << ", " << close << " of " << tones);
            CHECK(judged > 3000);
            CHECK(same > 0.985 * judged); // all but the shadows' very edges
            CHECK(close > 0.96 * tones);
        }
}

TEST_CASE("Beyond the terminator there is a core, and light thrown back beyond it") {
    const View view = lookAt(pose(0, 0, 0));
    const DepthBuffer buffer(litForm(form("sphere"), false), view, pictureSide, pictureSide);
    const Shading shading(buffer, {light(-60, 0)});
    // Along the equator from the light's side to the far one.
    std::vector<Zone> zones;
    float darkest = 1, last = 1;
    for (int x = 0; x < pictureSide; ++x)
        if (buffer.spot(x, pictureSide / 2).there()) {
            const Shading::Tone tone = shading.at(x, pictureSide / 2);
            if (zones.empty() || zones.back() != tone.zone)
                zones.push_back(tone.zone);
            darkest = std::min(darkest, tone.light);
            last = tone.light;
        }
    CHECK(zones == std::vector{Zone::Light, Zone::Half, Zone::Core, Zone::Reflected});
    CHECK(last > 1.15f * darkest);
}

TEST_CASE("The terms of light are pointed at where a sphere has them") {
    // A sphere with the light from the right, a little above: all is known from the normal alone.
    const Lighting lighting{light(70, 20)};
    View view = lookAt(pose(0, -22, 0));
    view.nearness = 1e-6;
    const DepthBuffer buffer(litForm(form("sphere"), true), view, pictureSide, pictureSide);
    const Shading shading(buffer, lighting);
    const auto places = lightTermPlaces(buffer, shading, lighting);
    const Vector3d lamp = towardsLight(lighting.key), half = (lamp + Vector3d::UnitZ()).normalized();
    std::set<LightTerm> named;
    for (const LightTermPlace& place : places) {
        INFO(nameOf(place.term));
        named.insert(place.term);
        CHECK((view.project(place.onSolid) - place.at).norm() < 1.5);
        const Vector3d normal = view.rotation * place.onSolid; // of a unit sphere
        const double cosine = normal.dot(lamp);
        switch (place.term) {
        case LightTerm::Highlight:
            CHECK(normal.dot(half) > 0.96);
            break;
        case LightTerm::Light:
            CHECK(cosine > 0.5);
            break;
        case LightTerm::Halftone:
            CHECK(cosine > 0);
            CHECK(cosine < 0.5);
            break;
        case LightTerm::FormShadow:
            CHECK(cosine < 0);
            break;
        case LightTerm::CoreShadow:
            CHECK(cosine < 0);
            CHECK(cosine > -0.5);
            break;
        case LightTerm::ReflectedLight:
            CHECK(cosine < -0.4);
            break;
        case LightTerm::CastShadow:
            // On the table, on the other side of the sphere from the lamp.
            CHECK(place.onSolid.norm() > 1.01);
            CHECK(normal.x() < 0);
            break;
        }
        for (const LightTermPlace& other : places)
            if (&other != &place)
                CHECK((other.at - place.at).norm() > 0.29 * view.scale);
    }
    for (const LightTerm term : {LightTerm::Highlight, LightTerm::Light, LightTerm::Halftone, LightTerm::CoreShadow,
                                 LightTerm::ReflectedLight, LightTerm::CastShadow}) {
        INFO(nameOf(term));
        CHECK(named.count(term));
    }
    // With the lamp behind the viewer there is no shadow of the form to name.
    const Lighting frontal{light(0, 0)};
    const Shading flat(buffer, frontal);
    for (const LightTermPlace& place : lightTermPlaces(buffer, flat, frontal))
        CHECK((place.term == LightTerm::Highlight || place.term == LightTerm::Light || place.term == LightTerm::Halftone ||
               place.term == LightTerm::CastShadow));
}

TEST_CASE("A second light fills the shadows of the first") {
    const View view = lookAt(pose(0, 0, 0));
    const DepthBuffer buffer(litHead(adultHeads().mean), view, pictureSide, pictureSide);
    const auto dark = [&](const Lighting& lighting) {
        int count = 0;
        for (const std::uint8_t value : Shading(buffer, lighting).picture(3, 255))
            count += value < 60;
        return count;
    };
    const int alone = dark({light(-60, 30)});
    CHECK(dark({light(-60, 30), SecondLight{light(60, 30), 0.6}}) < 0.4 * alone);
}

TEST_CASE("The nose throws its shadow away from the light, on to the other cheek") {
    const HeadMarks& head = adultHeads().mean;
    const View view = lookAt(pose(0, 0, 0), 3);
    const DepthBuffer buffer(litHead(head), view, pictureSide, pictureSide);
    for (const double side : {-1.0, 1.0}) {
        const Shading shading(buffer, {light(55 * side, 35)});
        int on = 0, off = 0;
        // Below the eyes, beside the nose, as far as the mouth's corner.
        for (int y = 0; y < pictureSide; ++y)
            for (int x = 0; x < pictureSide; ++x) {
                const Eigen::Vector3f at = buffer.spot(x, y).at;
                if (!buffer.spot(x, y).there() || at.y() > head[Mark::NoseRoot].y() - 0.15 || at.y() < head[Mark::LipLine].y() ||
                    std::abs(at.x()) > 0.3)
                    continue;
                if (shading.at(x, y).zone == Zone::Cast)
                    ++(at.x() * side > 0 ? on : off);
            }
        CHECK(off > 60);
        CHECK(off > 8 * on);
    }
}

TEST_CASE("The places that catch the light and those that stay dark are the ones teachers name") {
    // Light from above in front: nose, forehead, cheekbones, lower lip, chin against sockets, nose base,
    // upper lip, under the lip, under the chin. Common practice, no source.
    const HeadMarks& head = adultHeads().mean;
    const View view = lookAt(pose(0, 0, 0));
    const DepthBuffer buffer(litHead(head), view, pictureSide, pictureSide);
    const FaceRegions net(buffer.solid(), head);
    const auto told = lightAndDark(litPlaces(buffer, Shading(buffer, {light(-15, 60)}), net));
    // What comes next is darker than the first and is none of them, nor of those that stay dark.
    CHECK_FALSE(told.next.empty());
    for (const LitPlace& next : told.next) {
        CHECK(next.caught() <= told.light.back().caught());
        for (const auto* others : {&told.light, &told.dark})
            for (const LitPlace& other : *others) {
                const bool same = other.place == next.place && other.side == next.side;
                CHECK_FALSE(same);
            }
    }
    std::set<std::string_view> lights, darks;
    for (const LitPlace& place : told.light)
        lights.insert(place.place->id);
    for (const LitPlace& place : told.dark)
        darks.insert(place.place->id);
    CHECK(lights.contains("nose"));
    CHECK((lights.contains("forehead") || lights.contains("brow_bone")));
    CHECK(lights.contains("cheekbone"));
    CHECK(darks.contains("under_chin"));
    CHECK(darks.contains("nose_foot"));
    for (std::string_view id : {"nose", "forehead", "chin"})
        CHECK_FALSE(darks.contains(id));
    // From the other side the same places, mirrored.
    const auto order = [&](double azimuth, int side) {
        std::vector<std::string> all;
        for (const LitPlace& place : litPlaces(buffer, Shading(buffer, {light(azimuth, 30)}), net))
            all.push_back(std::string(place.place->id) + std::to_string(side * place.side));
        std::sort(all.begin(), all.begin() + 6);
        all.resize(6);
        return all;
    };
    CHECK(order(-50, 1) == order(50, -1));
    // From behind nothing of the face is light.
    CHECK(lightAndDark(litPlaces(buffer, Shading(buffer, {light(180, 10)}), net)).light.empty());
}

TEST_CASE("Shares of values are those of a histogram over the mask") {
    cv::Mat1b grey(100, 200), mask(100, 200, std::uint8_t{0});
    for (int y = 0; y < grey.rows; ++y)
        for (int x = 0; x < grey.cols; ++x)
            grey(y, x) = x < 100 ? 255 : x < 150 ? 119 : 10; // white, L* 50, nearly black
    mask(cv::Rect(50, 0, 150, 100)) = 255;
    const auto shares = valueShares(grey, mask, 3);
    REQUIRE(shares);
    CHECK((*shares)[0] == Approx(1.0 / 3));
    CHECK((*shares)[1] == Approx(1.0 / 3));
    CHECK((*shares)[2] == Approx(1.0 / 3));
    CHECK_FALSE(valueShares(grey, cv::Mat1b(100, 200, std::uint8_t{0}), 3));
    CHECK_THROWS_AS(valueShares(grey, mask, 1), BadInput);
    CHECK_THROWS_AS(valueShares(grey, mask, 11), BadInput);
}

TEST_CASE("What a drawing's values lack is said, and nothing where they agree") {
    const ValueShares photo{0.15, 0.2, 0.3, 0.2, 0.15};
    CHECK(valueTrouble(photo, photo) == ValueTrouble::None);
    CHECK(valueTrouble(photo, {0.1, 0.15, 0.3, 0.25, 0.2}) == ValueTrouble::None);
    CHECK(valueTrouble(photo, {0, 0, 0.0, 0.01, 0.99}) == ValueTrouble::NotShaded);
    CHECK(valueTrouble(photo, {0, 0.05, 0.35, 0.3, 0.3}) == ValueTrouble::Timid);
    CHECK(valueTrouble({0.02, 0.05, 0.4, 0.3, 0.23}, {0.3, 0.3, 0.2, 0.1, 0.1}) == ValueTrouble::Heavy);
    CHECK(valueTrouble(photo, {0.35, 0.05, 0.05, 0.05, 0.5}) == ValueTrouble::MiddleMissing);
    for (ValueTrouble t : {ValueTrouble::NotShaded, ValueTrouble::Timid, ValueTrouble::Heavy,
                           ValueTrouble::MiddleMissing})
        CHECK_FALSE(wordsFor(t).empty());
    CHECK(wordsFor(ValueTrouble::None).empty());
}

TEST_CASE("A drawing's paper counts as white, in whatever light it was photographed") {
    for (const int paper : {150, 190, 235}) {
        cv::Mat1b page(100, 100, static_cast<std::uint8_t>(paper));
        const double half = linearOfDisplay(paper / 255.0) / 2;
        const auto pencil = static_cast<std::uint8_t>(std::lround(255 * displayOfLinear(half)));
        page(cv::Rect(20, 20, 20, 20)) = pencil;
        const cv::Mat1b white = relativeGrey(page, PaperChoice::AsItShows);
        CHECK(white(0, 0) >= 254);
        CHECK(white(30, 30) == Approx(255 * displayOfLinear(0.5)).margin(2));
    }
}

TEST_CASE("Where a light stands is said in words") {
    CHECK(wordsFor(light(0, 0)) == "from the front, level");
    CHECK(wordsFor(light(-40, 30)) == "from the front left, from above");
    CHECK(wordsFor(light(80, 60)) == "from the right side, from high above");
    CHECK(wordsFor(light(120, -30)) == "from behind on the right, from below");
}
