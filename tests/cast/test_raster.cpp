#include "cast/pencil.h"
#include "cast/simulated_phone.h"
#include "cast/plaster_mesh.h"
#include "cast/bust.h"
#include "cast/raster.h"
#include "cast/stand_in_camera.h"
#include "tests/heads.h"

#include <atomic>
#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>

using namespace zokran;
using namespace zokran::test;

namespace {

/// One square in the plane z = `z`, facing the viewer.
PlasterMesh square(float half, float z) {
    PlasterMesh mesh;
    for (auto [x, y] : {std::pair{-half, -half}, {half, -half}, {half, half}, {-half, half}}) {
        mesh.points.emplace_back(x, y, z);
        mesh.normals.emplace_back(0.f, 0.f, 1.f);
    }
    mesh.parts.assign(4, PlasterMesh::Part::Skin);
    mesh.openness.assign(4, 1);
    mesh.triangles = {{0, 1, 2}, {0, 2, 3}};
    return mesh;
}

PlasterMesh joined(const PlasterMesh& a, const PlasterMesh& b) {
    PlasterMesh mesh = a;
    const auto first = static_cast<std::uint32_t>(a.points.size());
    mesh.points.insert(mesh.points.end(), b.points.begin(), b.points.end());
    mesh.normals.insert(mesh.normals.end(), b.normals.begin(), b.normals.end());
    for (const auto& t : b.triangles)
        mesh.triangles.push_back({t[0] + first, t[1] + first, t[2] + first});
    return mesh;
}

} // namespace

TEST_CASE("A square covers the pixels its corners project to") {
    View view = viewAt(pose(0, 0, 0));
    view.centre = view.principal;
    const Raster raster(square(0.5f, 0), view, 1000, 1000);
    int covered = 0;
    for (int y = 0; y < 1000; ++y)
        for (int x = 0; x < 1000; ++x)
            covered += raster.at(x, y).triangle != Raster::nothing;
    CHECK(covered == Approx(150 * 150).epsilon(0.01)); // 150 px to the ball radius
    CHECK(raster.at(500, 500).triangle != Raster::nothing);
    CHECK(raster.at(500, 420).triangle == Raster::nothing);
    // Twice as fine, twice as wide.
    CHECK(Raster(square(0.5f, 0), view, 1000, 1000, 2).width() == 2000);
}

TEST_CASE("What stands nearer is what is seen") {
    View view = viewAt(pose(0, 0, 0));
    view.centre = view.principal;
    const Raster raster(joined(square(0.5f, 0), square(0.2f, 0.6f)), view, 1000, 1000);
    CHECK(raster.at(500, 500).triangle >= 2); // the small one before
    CHECK(raster.at(440, 500).triangle < 2);
    CHECK(raster.at(500, 500).depth < raster.at(440, 500).depth);
}

TEST_CASE("A shadow falls behind what casts it, and softens at its edge") {
    const PlasterMesh mesh = joined(square(2.0f, -1), square(0.5f, 0.5f));
    const DepthMap map(mesh, {0, 0, 1}, 800);
    CHECK(map.reaches({0, 0, 0.5f}) == 1);
    CHECK(map.reaches({0, 0, -1}) == 0);
    CHECK(map.reaches({1, 0, -1}) == 1);
    CHECK(map.softly({0, 0, -1}, {0.3}, {0}) == 0);
    const float edge = map.softly({0.5f, 0, -1}, {0.3}, {0});
    CHECK(edge > 0);
    CHECK(edge < 1);
    CHECK(map.softly({1.5f, 0, -1}, {0.3}, {0}) == 1);
}

TEST_CASE("On a head, light reaches what a ray to it does not meet, drawn on one core or on all") {
    const auto mesh = meshOf(Bust(sitterNamed("halcyon")), MeshGrain::Coarse);
    const Eigen::Vector3d light = Eigen::Vector3d(-0.5, 0.6, 0.7).normalized();
    const DepthMap one(*mesh, light, 1024), all(*mesh, light, 1024, true);
    Random random(3);
    const Eigen::Vector3f d = light.cast<float>();
    int agree = 0, lit = 0, asked = 0;
    for (int i = 0; i < 300; ++i) {
        const auto v = static_cast<std::size_t>(random.between(0, static_cast<double>(mesh->points.size()) - 1));
        const Eigen::Vector3f from = mesh->points[v] + 0.02f * mesh->normals[v];
        CHECK(one.reaches(from) == all.reaches(from));
        CHECK(one.softly(from, {0.5}, {0.4}) == all.softly(from, {0.5}, {0.4}));
        if (mesh->normals[v].dot(d) < 0.15f)
            continue;
        // Moeller and Trumbore 1997, through every triangle.
        bool met = false;
        for (const auto& [a, b, c] : mesh->triangles) {
            const Eigen::Vector3f e1 = mesh->points[b] - mesh->points[a], e2 = mesh->points[c] - mesh->points[a];
            const Eigen::Vector3f p = d.cross(e2), t = from - mesh->points[a], q = t.cross(e1);
            const float det = e1.dot(p);
            if (std::abs(det) < 1e-12f)
                continue;
            const float u = t.dot(p) / det, w = d.dot(q) / det;
            if (u >= 0 && w >= 0 && u + w <= 1 && e2.dot(q) / det > 0.02f) {
                met = true;
                break;
            }
        }
        ++asked;
        lit += !met;
        agree += (one.reaches(from) == 1) == !met;
    }
    INFO(agree << " of " << asked << ", " << lit << " lit");
    CHECK(asked > 100);
    CHECK(lit > 0.3 * asked);
    CHECK(lit < 0.99 * asked);
    CHECK(agree > 0.93 * asked);
}

TEST_CASE("A broad light's share is what its samples say one by one") {
    // As the method's paper has it, with the wall's and the square's heights known: nothing of the map is used.
    const auto naive = [](float x, double above, double softness, double turn) {
        const auto share = [&](double radius) {
            int in = 0;
            for (int i = 0; i < 24; ++i) {
                const double r = radius * std::sqrt((i + 0.5) / 24), a = 2.399963 * i + turn;
                in += std::abs(x + r * std::cos(a)) < 0.5 && std::abs(r * std::sin(a)) < 0.5;
            }
            return in;
        };
        if (share(0.35 * softness) == 0)
            return 1.0;
        // Less the bias that keeps a surface from shading itself.
        return 1 - share(std::clamp(softness * (above - 0.012), 1.2 * 5.2 / 800, 0.5 * softness)) / 24.0;
    };
    for (const double above : {1.5, 0.3, 0.05}) {
        const DepthMap map(joined(square(2.0f, -1), square(0.5f, static_cast<float>(above - 1))), {0, 0, 1}, 800);
        for (const double softness : {0.1, 0.3, 0.8})
            for (const double turn : {0.0, 1.1, 4.0})
                for (float x = 0; x < 1.2f; x += 0.07f)
                    CHECK(std::abs(static_cast<double>(map.softly({x, 0, -1}, {softness}, {turn})) -
                                   naive(x, above, softness, turn)) < 1.5 / 24);
    }
}

TEST_CASE("Meshing can be called off") {
    const std::atomic<bool> stop{true};
    CHECK(meshOf(Bust(sitterNamed("halcyon")), MeshGrain::Fine, &stop) == nullptr);
}

TEST_CASE("Strokes follow a line, and a searching hand goes over it again") {
    cv::Mat1f line(400, 400, 0.0f);
    cv::line(line, {50, 200}, {350, 210}, cv::Scalar(1), 3);
    auto drawn = [&](double confidence) {
        cv::RNG rng(5);
        cv::Mat1f graphite(line.size(), 0.0f);
        drawStrokes(line, {"a hand", confidence, 1, 0}, 0.5, rng, graphite);
        return graphite;
    };
    const cv::Mat1f sure = drawn(1), searching = drawn(0);
    CHECK(cv::sum(sure)[0] > 100);
    CHECK(cv::sum(searching)[0] > 1.2 * cv::sum(sure)[0]);
    // Nothing lands far from the line.
    cv::Mat1f far = sure.clone();
    cv::line(far, {40, 200}, {360, 210}, cv::Scalar(0), 16);
    CHECK(cv::sum(far)[0] < 0.02 * cv::sum(sure)[0]);
}

TEST_CASE("A snapshot's homography carries the sheet's corners into the picture") {
    const cv::Mat3b sheet(500, 400, cv::Vec3b(240, 240, 240));
    for (unsigned seed : {1u, 2u, 3u}) {
        const Snapshot shot = snapshotOf(sheet, seed);
        CHECK(shot.picture.size() == sheet.size());
        for (auto [x, y] : {std::pair{0, 0}, {400, 0}, {0, 500}, {400, 500}}) {
            const cv::Vec3d q = shot.toPicture * cv::Vec3d(x, y, 1);
            CHECK(q[0] / q[2] > 0);
            CHECK(q[0] / q[2] < 400);
            CHECK(q[1] / q[2] > 0);
            CHECK(q[1] / q[2] < 500);
        }
    }
}
