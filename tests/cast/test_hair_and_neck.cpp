// Errors of the outline on plaster heads: the mesh's own edge, taken from its points, stands for what a learner marks.

#include "cast/plaster_mesh.h"
#include "cast/stand_in_camera.h"
#include "core/compare/findings.h"
#include "core/construction/ball_form.h"
#include "core/construction/hair_shell.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <numbers>

using namespace zokran;
using namespace zokran::test;

namespace {

/// Hair and neck as they stand against the wall, in the picture.
DrawnLines edgesOf(const PlasterMesh& mesh, const Bust& bust, const View& view) {
    const double lean = view.pose().lean.value;
    const Eigen::Vector2d right(std::cos(lean), std::sin(lean)), up(std::sin(lean), -std::cos(lean));
    const double chin = bust.marks()[Mark::Chin].y();
    PicturePoint top(0, 0), left(0, 0), far(0, 0), neckLeft(0, 0), neckRight(0, 0);
    double highest = -1e9, least = 1e9, most = -1e9, neckLeast = 1e9, neckMost = -1e9;
    for (std::size_t i = 0; i < mesh.points.size(); ++i) {
        const HeadPoint p = mesh.points[i].cast<double>();
        const PicturePoint at = view.project(p);
        const double x = right.dot(at), y = up.dot(at);
        if (p.y() > 0.1) { // above the ears
            if (y > highest)
                highest = y, top = at;
            if (x < least)
                least = x, left = at;
            if (x > most)
                most = x, far = at;
        }
        if (mesh.parts[i] == PlasterMesh::Part::Skin && p.y() > chin - 0.42 && p.y() < chin - 0.3 && p.norm() < 2.1) {
            if (x < neckLeast)
                neckLeast = x, neckLeft = at;
            if (x > neckMost)
                neckMost = x, neckRight = at;
        }
    }
    DrawnLines lines;
    lines[DrawnLine::Hair] = {left, top, far};
    lines[DrawnLine::Neck] = {neckLeft, neckRight};
    return lines;
}

/// A head with its marks and edges as a steady hand marks them: half a per cent of its height off.
MarkSheet marked(const Bust& bust, const PlasterMesh& mesh, const View& view, Random& random) {
    MarkSheet sheet = exactMarks(bust, view, 800, 1000);
    sheet.focal.reset();
    sheet.ball.reset();
    const double noise = 0.005 * view.scale * headHeight(bust.marks()).value;
    sheet.noise = Pixels{noise};
    for (auto& mark : sheet.marks)
        if (mark->at)
            *mark->at += PicturePoint(random.normal(noise), random.normal(noise));
    sheet.lines = edgesOf(mesh, bust, view);
    for (auto& line : sheet.lines)
        for (PicturePoint& at : line)
            at += PicturePoint(random.normal(2 * noise), random.normal(2 * noise));
    return sheet;
}

/// From the pose seen to the pose drawn.
const std::pair<Pose, Pose> drawings[] = {{pose(20, 5, 3), pose(20, 5, 8)},
                                          {pose(-30, 0, 0), pose(-18, 2, 0)},
                                          {pose(50, -10, -5), pose(38, -10, 3)},
                                          {pose(0, 0, 0), pose(0, 0, 0)},
                                          {pose(75, 0, 0), pose(75, 0, 0)}};

View seenIn(const Pose& as) {
    Shot shot;
    shot.pose = as;
    return viewOf(shot);
}

/// The findings whose id begins so.
std::vector<Finding> told(const Comparison& c, const std::string& id) {
    std::vector<Finding> all;
    std::copy_if(c.findings.begin(), c.findings.end(), std::back_inserter(all),
                 [&](const Finding& f) { return f.id.starts_with(id); });
    return all;
}

} // namespace

TEST_CASE("Hair that adds nothing and a thin neck are told, and neither where it holds", "[long]") {
    Random random(5);
    int drawn = 0, falsely = 0, flat = 0, flatTold = 0, necks = 0, neckTold = 0, mended = 0, stillTold = 0;
    for (const Sitter& sitter : sitters()) {
        Sitter withoutHair = sitter;
        withoutHair.hair.mass = 0;
        const Bust bust(sitter), bare(withoutHair);
        const auto mesh = meshOf(bust, MeshGrain::Coarse), bareMesh = meshOf(bare, MeshGrain::Coarse);
        for (const auto& [a, b] : drawings) {
            const View seen = seenIn(a), sheet = seenIn(b);
            const PhotoMarks photo(marked(bust, *mesh, seen, random));
            const Fit fit = fitHead(photo);
            const auto compared = [&](const MarkSheet& sketch) { return compareSketch(photo, fit, SketchMarks(sketch)); };
            // As it is, the pose straightened or not.
            const MarkSheet faithful = marked(bust, *mesh, sheet, random);
            const Comparison good = compared(faithful);
            ++drawn;
            falsely += !told(good, "hair_").empty() || !told(good, "neck_").empty();

            // The hair left off: told where that is more than a hand could be off by.
            const MarkSheet flattened = marked(bare, *bareMesh, sheet, random);
            const auto outOf = [&](const DrawnLines& lines) {
                double sum = 0;
                for (const PicturePoint& at : lines[DrawnLine::Hair])
                    sum += (at - sheet.centre).norm() / sheet.scale / 3;
                return sum;
            };
            const bool samePose = angleBetween(headToView(a), headToView(b)) < toRadians(Degrees{8});
            if (samePose && outOf(edgesOf(*mesh, bust, sheet)) - outOf(edgesOf(*bareMesh, bare, sheet)) > 0.1) {
                ++flat;
                const Comparison c = compared(flattened);
                const std::vector<Finding> findings = told(c, "hair_");
                flatTold += !findings.empty() && std::all_of(findings.begin(), findings.end(),
                                                             [](const Finding& f) { return f.figures.amount < 0; });
                // Done as they say, they are told no more.
                if (!findings.empty()) {
                    MarkSheet again = flattened;
                    for (const Finding& finding : findings)
                        for (std::size_t i = 0; i < 3; ++i) {
                            REQUIRE((flattened.lines[DrawnLine::Hair][i] - finding.outline[i].drawn).norm() < 1e-9);
                            again.lines[DrawnLine::Hair][i] += finding.outline[i].belongs - finding.outline[i].drawn;
                        }
                    ++mended;
                    stillTold += !told(compared(again), "hair_").empty();
                }
            }

            // The neck three tenths narrower or wider than it was marked.
            for (const double by : {0.7, 1.3}) {
                MarkSheet other = faithful;
                auto& neck = other.lines[DrawnLine::Neck];
                const PicturePoint middle = (neck[0] + neck[1]) / 2;
                for (PicturePoint& at : neck)
                    at = middle + by * (at - middle);
                const Comparison c = compared(other);
                const std::vector<Finding> findings = told(c, "neck_width");
                ++necks;
                neckTold += !findings.empty() && (findings.front().figures.amount < 0) == (by < 1);
            }
        }
    }
    INFO("falsely " << falsely << " of " << drawn << "; hair " << flatTold << " of " << flat << ", still told " << stillTold
                    << " of " << mended << "; neck " << neckTold << " of " << necks);
    CHECK(drawn == 70);
    CHECK(falsely <= 2);
    CHECK(flat >= 10);
    CHECK(flatTold >= 0.9 * flat);
    CHECK(stillTold <= 0.05 * mended);
    CHECK(neckTold >= 0.9 * necks);
}

TEST_CASE("Hair whose edge was marked in one picture is known better in others than an egg of usual thickness") {
    // Where each sitter's own mesh stands furthest out, by direction from the ball's middle: from the temples over the top.
    const auto edge = [](const PlasterMesh& mesh, const View& view, int count) {
        std::vector<PicturePoint> furthest(static_cast<std::size_t>(count), view.centre);
        for (const Eigen::Vector3f& p : mesh.points) {
            const PicturePoint from = view.project(p.cast<double>()) - view.centre;
            const double angle =
                std::atan2(from.x(), -from.y()) / std::numbers::pi + 0.5; // 0 at the viewer's left, 1 at the right
            const int at = static_cast<int>(std::lround(angle * (count - 1)));
            if (at >= 0 && at < count && from.norm() > (furthest[static_cast<std::size_t>(at)] - view.centre).norm())
                furthest[static_cast<std::size_t>(at)] = view.centre + from;
        }
        return furthest;
    };
    const View front = viewAt(pose(-10, 0, 0));
    double shellOff = 0, eggOff = 0;
    int counted = 0;
    for (const Sitter& sitter : sitters()) {
        const Bust bust(sitter);
        const auto mesh = surfaceOf(bust, MeshGrain::Coarse);
        const auto solid = std::make_shared<const HeadSolid>(bust.marks());
        const auto known = hairEdgePlaces(edge(*mesh, front, 9), front, bust.marks());
        for (const double turn : {15.0, 40.0, -40.0}) {
            const View view = viewAt(pose(turn, 5, 0));
            const auto off = [&](const std::vector<HeadPoint>& hair) {
                Subject subject = ownSubject(solid);
                subject.hairEdge = hair;
                std::vector<PicturePoint> line;
                constexpr std::string_view wanted[] = {"hair"};
                for (const GuideLine& l :
                     BallForm(std::move(subject)).linesOf(view, wanted, [](const LineEntry&) { return true; }))
                    line.insert(line.end(), l.points.begin(), l.points.end());
                double sum = 0;
                for (const PicturePoint& at : edge(*mesh, view, 9)) {
                    double least = 1e9;
                    for (const PicturePoint& p : line)
                        least = std::min(least, (p - at).norm());
                    sum += least / view.scale / 9;
                }
                return sum;
            };
            shellOff += off(known);
            eggOff += off({});
            ++counted;
        }
    }
    INFO(shellOff / counted << " ball radii off, an egg " << eggOff / counted);
    CHECK(shellOff < 0.85 * eggOff);
}
