// Schools and first forms, against their own rules, published canons, and OpenCV.

#include "core/base/data_folder.h"
#include "core/construction/forms.h"
#include "core/construction/forms/envelope.h"
#include "core/construction/forms/own_lines.h"
#include "core/construction/lines.h"
#include "core/files/canon_file.h"
#include "core/files/fit_file.h"
#include "core/files/look_file.h"
#include "core/fit/sitter_table.h"
#include "core/messages/division_messages.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cstdlib>
#include <fstream>
#include <map>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>
#include <unistd.h>

using namespace zokran;
using namespace zokran::test;
using enum Mark;

namespace {

/// Where OpenCV's pinhole camera puts a point of the head.
PicturePoint byOpenCv(const View& view, const HeadPoint& p) {
    const double f = view.focal().value;
    const cv::Mat camera =
        (cv::Mat_<double>(3, 3) << f, 0, view.principal.x(), 0, f, view.principal.y(), 0, 0, 1);
    const PicturePoint off = (view.centre - view.principal) / view.scale;
    const Eigen::Vector3d v =
        view.rotation * p + Eigen::Vector3d(off.x(), -off.y(), -1 / view.nearness);
    std::vector<cv::Point3d> in{{v.x(), -v.y(), -v.z()}};
    std::vector<cv::Point2d> out;
    cv::projectPoints(in, cv::Vec3d(0, 0, 0), cv::Vec3d(0, 0, 0), camera, cv::noArray(), out);
    return {out[0].x, out[0].y};
}

double distanceTo(const std::vector<GuideLine>& lines, std::string_view id, const PicturePoint& at) {
    double nearest = 1e9;
    for (const GuideLine& line : lines)
        if (line.id == id)
            for (std::size_t k = 1; k < line.points.size(); ++k) {
                const PicturePoint a = line.points[k - 1], d = line.points[k] - a;
                const double t = std::clamp((at - a).dot(d) / d.squaredNorm(), 0.0, 1.0);
                nearest = std::min(nearest, (a + t * d - at).norm());
            }
    return nearest;
}

/// A home of its own for canons that are kept.
struct OwnFolder {
    std::filesystem::path path = std::filesystem::temp_directory_path() / ("zokran-own-canons-" + std::to_string(getpid()));
    OwnFolder() {
        std::filesystem::remove_all(path);
        setenv("XDG_DATA_HOME", path.c_str(), 1);
    }
    ~OwnFolder() {
        unsetenv("XDG_DATA_HOME");
        std::filesystem::remove_all(path);
    }
};

} // namespace

TEST_CASE("Each school obeys its own rule") {
    // The rules as they are taught (common practice, no source), written out here once more.
    auto levels = [](const char* id) { return canonNamed(id).levels; };
    const auto same = [](BallRadii a, BallRadii b) {
        return std::abs((a - b).value) < 1e-3 * (1 + 4.0 / 3);
    };
    for (const char* id : {"thirds", "quarters", "halves", "above-half", "circle-and-half",
                           "brow-halves", "eye-units", "upper-lids"}) {
        INFO(id);
        const Levels l = levels(id);
        CHECK(l.crown.value == Approx(1));
        CHECK(l.chin.value == Approx(-4.0 / 3));
        const Widths w = canonNamed(id).widths;
        CHECK(5 * w.eye.value == Approx(w.head.value)); // five eyes across
        CHECK(w.gap.value == Approx(w.eye.value));      // one eye between
        CHECK(w.nose.value == Approx(w.gap.value));     // the nose as wide as that
        CHECK(w.mouth.value == Approx(w.gap.value + w.eye.value)); // corners under the pupils
    }
    Levels l = levels("thirds");
    CHECK(same(l.hairline - l.brow, l.brow - l.noseBase));
    CHECK(same(l.brow - l.noseBase, l.noseBase - l.chin));
    l = levels("quarters");
    CHECK(same(l.crown - l.hairline, l.hairline - l.eye));
    CHECK(same(l.hairline - l.eye, l.eye - l.noseBase));
    CHECK(same(l.eye - l.noseBase, l.noseBase - l.chin));
    l = levels("halves");
    CHECK(same(l.crown - l.eye, l.eye - l.chin));
    CHECK(same(l.eye - l.noseBase, l.noseBase - l.chin));
    CHECK(same(l.noseBase - l.mouth, l.mouth - l.chin));
    l = levels("above-half");
    CHECK(l.eye > (l.crown + l.chin) / 2);
    CHECK(l.eye - l.chin > l.crown - l.eye);
    CHECK(same(l.eye - l.noseBase, l.noseBase - l.chin));
    CHECK(same(l.noseBase - l.mouth, l.mouth - l.chin));
    CHECK(l.earTop > l.eye);
    l = levels("circle-and-half");
    CHECK(same(l.crown - l.noseBase, 2 * (l.noseBase - l.chin)));
    CHECK(same(l.crown - l.eye, l.eye - l.chin));
    l = levels("brow-halves");
    CHECK(same(l.brow - l.noseBase, l.noseBase - l.chin));
    CHECK(same(l.noseBase - l.lowerLip, l.lowerLip - l.chin));
    CHECK(same(3 * (l.hairline - l.eye), l.crown - l.eye));
    // The upper lid's highest place lies 0.05 ball radii above the corners on most people (usualExpressionPlaces).
    l = levels("upper-lids");
    CHECK(same(l.eye + BallRadii{0.05}, (l.crown + l.chin) / 2));
    CHECK(same((l.eye + BallRadii{0.05}) - l.noseBase, l.noseBase - l.chin));
    CHECK(canonNamed("upper-lids").widths.brow.value == Approx(canonNamed("upper-lids").widths.eye.value));
    l = levels("eye-units");
    CHECK(same(l.eye - l.noseBase, 1.5 * canonNamed("eye-units").widths.eye));
}

TEST_CASE("Where they match, the schools say what the neoclassical canons say") {
    // Farkas, Hreczko, Kolar and Munro, Vertical and horizontal proportions of the face in young
    // adult North American Caucasians: revision of neoclassical canons, Plast. Reconstr. Surg. 75
    // (1985), from memory.
    const Levels thirds = canonNamed("thirds").levels, halves = canonNamed("halves").levels;
    const Widths width = canonNamed("thirds").widths;
    // Two-section canon of head and face: v-en = en-gn.
    CHECK((halves.crown - halves.eye).value == Approx((halves.eye - halves.chin).value));
    // Three lower sections of the four-section canon: tr-g = g-sn = sn-gn.
    CHECK((thirds.hairline - thirds.brow).value == Approx((thirds.brow - thirds.noseBase).value));
    CHECK((thirds.brow - thirds.noseBase).value == Approx((thirds.noseBase - thirds.chin).value));
    // Orbital canon: en-en = en-ex. Orbitonasal canon: en-en = al-al.
    CHECK(width.gap.value == Approx(width.eye.value));
    CHECK(width.nose.value == Approx(width.gap.value));
    // Nasoaural canon: the ear is as long as the nose, here from brow to nose base.
    CHECK((thirds.earTop - thirds.earBase).value ==
          Approx((thirds.brow - thirds.noseBase).value));
    // The naso-oral canon, ch-ch = 1.5 al-al, is none of the schools': theirs hangs on the pupils.
    CHECK(width.mouth.value == Approx(2 * width.nose.value));
}

TEST_CASE("Wrapped lines pass through the sitter's own marks at any pose, projected by OpenCV") {
    Random random(97);
    const std::pair<const char*, std::vector<Mark>> lines[] = {
        {"brow_line", {Brow}},
        {"nose_base_line", {NoseBase}},
        {"mouth_line", {LipLine}},
        {"eye_line", {InnerEyeL, InnerEyeR, OuterEyeL, OuterEyeR}},
        {"chin_line", {Chin}}};
    std::map<std::string, std::vector<double>> off;
    for (int i = 0; i < 200; ++i) {
        const HeadMarks head = random.head();
        const View view = viewAt(
            pose(random.between(-80, 80), random.between(-45, 45), random.between(-60, 60)));
        const auto drawn = sitterForm(head)->lines(view);
        const double height = headHeight(head).value * view.scale;
        for (const auto& [id, marks] : lines)
            for (Mark m : marks)
                off[id].push_back(distanceTo(drawn, id, byOpenCv(view, head[m])) / height);
    }
    for (auto& [id, list] : off) {
        std::sort(list.begin(), list.end());
        INFO(id << " median " << list[list.size() / 2] << " 95th " << list[list.size() * 19 / 20]
                << " worst " << list.back());
        CHECK(list[list.size() * 19 / 20] < 0.003);
        CHECK(list.back() < 0.007); // at every one of them, however odd the head
    }
}

TEST_CASE("The box's edges run to the vanishing points of its directions") {
    Random random(31);
    for (int i = 0; i < 60; ++i) {
        const View view = viewAt(
            pose(random.between(-70, 70), random.between(-50, 50), random.between(-40, 40)), 9);
        const auto box = construct(formNamed("box"), std::nullopt, adultHeads().mean)->lines(view);
        const double f = view.focal().value;
        int found = 0;
        for (const GuideLine& line : box) {
            if (line.id != "vanishing")
                continue;
            const PicturePoint a = line.points.front(), b = line.points.back();
            // The image of the point at infinity along an axis of the head, K R e in homogeneous
            // form, lies on the line through a and b, near or far.
            double nearest = 1e9;
            for (int axis = 0; axis < 3; ++axis) {
                const Eigen::Vector3d e = view.rotation.col(axis);
                const Eigen::Vector3d point(f * e.x() - view.principal.x() * e.z(),
                                            -f * e.y() - view.principal.y() * e.z(), -e.z());
                const Eigen::Vector3d through =
                    Eigen::Vector3d(a.x(), a.y(), 1).cross(Eigen::Vector3d(b.x(), b.y(), 1));
                nearest = std::min(nearest, std::abs(through.dot(point)) /
                                                (through.head<2>().norm() * f));
            }
            CHECK(nearest < 1e-9 * 1000);
            ++found;
        }
        CHECK(found >= 4); // one face in sight has four edges, three have nine
    }
}

TEST_CASE("The box's corners and the oval's axes lie where OpenCV puts them") {
    const View view = viewAt(pose(35, -20, 10), 8);
    const HeadMarks& head = adultHeads().mean;
    const auto box = construct(formNamed("box"), std::nullopt, head)->lines(view);
    for (double x : {-usualSidePlane.value, usualSidePlane.value})
        for (double y : {head[Crown].y(), head[Chin].y()})
            for (double z : {head[Back].z(), head[NoseBase].z()})
                CHECK(distanceTo(box, "box", byOpenCv(view, {x, y, z})) < 1e-6);
    // The side oval, fitted by OpenCV through points OpenCV projected.
    const BallForm form(ownSubject(std::make_shared<const HeadSolid>(head)));
    const Circle oval = form.sideOval(-1);
    std::vector<cv::Point2f> points;
    for (int i = 0; i < 60; ++i) {
        const PicturePoint p = byOpenCv(view, oval.at({0.1047 * i}));
        points.emplace_back(static_cast<float>(p.x()), static_cast<float>(p.y()));
    }
    const cv::RotatedRect fitted = cv::fitEllipseDirect(points);
    const Ellipse ours = imageOf(oval, view);
    CHECK(2 * ours.a.value == Approx(std::max(fitted.size.width, fitted.size.height)).epsilon(1e-3));
    CHECK(2 * ours.b.value == Approx(std::min(fitted.size.width, fitted.size.height)).epsilon(1e-3));
}

TEST_CASE("The envelope encloses the head, closer with each further straight") {
    Random random(41);
    for (int i = 0; i < 12; ++i) {
        const View view = viewAt(
            pose(random.between(-90, 90), random.between(-50, 50), random.between(-60, 60)));
        const BallForm head(ownSubject(std::make_shared<const HeadSolid>(random.head())));
        const std::vector<PicturePoint> outline = headOutline(head, view);
        const std::vector<PicturePoint> hull = convexHull(outline);
        // OpenCV's hull of the same points has the same area.
        std::vector<cv::Point2f> points, theirs;
        for (const PicturePoint& p : outline)
            points.emplace_back(static_cast<float>(p.x()), static_cast<float>(p.y()));
        cv::convexHull(points, theirs);
        CHECK(areaOf(hull) == Approx(cv::contourArea(theirs)).epsilon(1e-4));
        double before = 1e18;
        for (int straights = fewestStraights; straights <= mostStraights; ++straights) {
            const std::vector<PicturePoint> envelope = envelopeOf(hull, straights);
            CHECK(envelope.size() == static_cast<std::size_t>(straights));
            std::vector<cv::Point2f> polygon;
            for (const PicturePoint& p : envelope)
                polygon.emplace_back(static_cast<float>(p.x()), static_cast<float>(p.y()));
            for (std::size_t k = 0; k < points.size(); k += 17)
                CHECK(cv::pointPolygonTest(polygon, points[k], true) > -0.05);
            const double share = areaOf(envelope) / areaOf(hull) - 1;
            CHECK(share < before);
            before = share;
        }
        CHECK(before < 0.03); // fourteen straights leave three parts in a hundred at most
    }
}

TEST_CASE("Pushed half, the sitter lies half-way to the average; pushed once, nothing moves") {
    Random random(5);
    const HeadMarks head = random.head();
    CHECK((pushed(head, 1)[Chin] - head[Chin]).norm() < 1e-12);
    CHECK((pushed(head, 0)[NoseTip] - adultHeads().mean[NoseTip]).norm() < 1e-12);
    CHECK((2 * pushed(head, 0.5)[Back] - head[Back] - adultHeads().mean[Back]).norm() < 1e-12);
}

TEST_CASE("The sitter's table is as sure as it says, on shaken marks of heads off the mean") {
    Random random(77);
    int within = 0, all = 0;
    const std::vector<Canon> none;
    for (int i = 0; i < 40; ++i) {
        const HeadMarks head = random.head();
        const View view =
            viewAt(pose(random.between(-40, 40), random.between(-20, 20), random.between(-20, 20)));
        const MarkSheet marks = random.shaken(sheetOf(head, view), 3.5);
        const Fit fit = fitHead(marks);
        const auto [levels, widths] = measuresOf(head);
        for (const SitterRow& row : sitterTable(fit, none)) {
            CHECK(row.sigma > 0);
            const double truth = row.division->number(levels, widths);
            within += std::abs(row.sitter - truth) < 2 * row.sigma;
            ++all;
        }
    }
    const double share = static_cast<double>(within) / all;
    INFO(share);
    CHECK(share > 0.90);
    CHECK(share < 0.999);
}

TEST_CASE("The likeness is told in the sitter's own numbers against the rule") {
    HeadMarks head = adultHeads().mean;
    for (const auto& [mark, sign] : {std::pair{InnerEyeL, 1}, {OuterEyeL, 1}, {PupilL, 1},
                                     {InnerEyeR, -1}, {OuterEyeR, -1}, {PupilR, -1}})
        head[mark].x() += 0.06 * sign;
    const Fit fit = fitHead(sheetOf(head, viewAt(pose(5, 0, 0))));
    const auto told = likenessWords(sitterTable(fit, {canonNamed("thirds")}), "thirds");
    REQUIRE_FALSE(told.empty());
    CHECK(told.size() <= 3);
    bool wide = false;
    for (const std::string& line : told)
        wide = wide || (line.find("eyes set wide") != std::string::npos &&
                        line.find("rule 1.00 eyes") != std::string::npos);
    CHECK(wide);
}

TEST_CASE("A school of one's own is kept, found and refused by name where it will not do") {
    OwnFolder folder;
    const Canon own = keepOwnCanon("Grandmother Ilse", measuresOf(adultHeads().mean));
    CHECK(own.id == "grandmother-ilse");
    const Canon back = canonNamed("grandmother-ilse");
    CHECK(back.levels.crown.value == Approx(1));
    CHECK(back.levels.chin.value == Approx(-4.0 / 3));
    const Levels l = levelsOf(adultHeads().mean);
    CHECK((back.levels.eye - back.levels.chin) / (back.levels.crown - back.levels.chin) ==
          Approx((l.eye - l.chin) / (l.crown - l.chin)));
    CHECK_THROWS_WITH(keepOwnCanon("Thirds", measuresOf(adultHeads().mean)),
                      Catch::Contains("program's own"));
    CHECK_THROWS_WITH(keepOwnCanon("??", measuresOf(adultHeads().mean)), Catch::Contains("??"));
    const auto file = std::filesystem::temp_directory_path() / "zokran-upside.json";
    std::ofstream(file) << R"({"format":"zokran-canon","version":1,"id":"upside","name":"x",
        "about":"","side_oval_radius":0.6,"levels":{"crown":1,"chin":-1.3,"brow":-0.5,
        "hairline":0.5,"eye":-0.2,"nose_base":-0.6,"mouth":-0.9}})";
    CHECK_THROWS_WITH(keepCanon(file), Catch::Contains("zokran-upside.json") &&
                                           Catch::Contains("one below the other"));
    std::filesystem::remove(file);
}

TEST_CASE("A school whose file is changed or taken away is read again") {
    OwnFolder folder;
    keepOwnCanon("Grandmother Ilse", measuresOf(adultHeads().mean));
    const BallRadii mouth = canonNamed("grandmother-ilse").levels.mouth;
    Levels higher = levelsOf(adultHeads().mean);
    higher.mouth += BallRadii{0.05};
    keepOwnCanon("Grandmother Ilse", {higher, measuresOf(adultHeads().mean).second});
    CHECK(canonNamed("grandmother-ilse").levels.mouth > mouth + BallRadii{0.04});
    std::filesystem::remove(ownCanonFolder() / "grandmother-ilse.json");
    CHECK_THROWS_WITH(canonNamed("grandmother-ilse"), Catch::Contains("there is no canon"));
    // A link to nothing is no reason to say nothing.
    std::filesystem::create_symlink(folder.path / "gone", ownCanonFolder() / "lost.json");
    std::vector<std::string> troubles;
    canons(&troubles);
    REQUIRE(troubles.size() == 1);
    CHECK(troubles.front().find("lost.json") != std::string::npos);
}

TEST_CASE("How the construction is wanted comes back as it went, and nonsense is refused") {
    FormLook look;
    look.detail = Detail::Head;
    look.straights = 12;
    look.hair = BallRadii{0.25};
    look.push = 1.5;
    look.over = "halves";
    CHECK(parseLook(lookText(look), "here") == look);
    CHECK_THROWS_WITH(parseLook(R"({"format":"zokran-look","version":1,"detail":7,"straights":9,
        "push":1,"over":""})", "here"), Catch::Contains("here") && Catch::Contains("detail"));
}

TEST_CASE("Every step of every form draws something, and every line belongs to a step") {
    const View view = viewAt(pose(30, 10, 0));
    for (const FormKind* form : forms()) {
        INFO(form->id);
        const auto lines =
            construct(*form, std::nullopt, adultHeads().mean)->lines(view, Detail::Guides);
        const int steps = static_cast<int>(form->steps.size());
        REQUIRE(steps >= 2);
        std::vector<int> drawn(static_cast<std::size_t>(steps) + 1, 0);
        for (const GuideLine& line : lines) {
            REQUIRE(line.step >= 1);
            REQUIRE(line.step <= steps);
            ++drawn[static_cast<std::size_t>(line.step)];
        }
        CHECK(drawn[1] > 0);
    }
}
