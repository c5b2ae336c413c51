// Formats that other programs read and write: solids as OBJ and glTF, marks as CSV and .pts. Read back by readers
// written here from the formats' own descriptions (Wavefront OBJ; glTF 2.0, Khronos; RFC 4648), not by the writers.

#include "core/files/marks_table.h"
#include "core/files/solid_file.h"
#include "core/head/population.h"
#include "tests/heads.h"

#include <catch2/catch.hpp>
#include <cstring>
#include <nlohmann/json.hpp>
#include <sstream>

using namespace zokran;
using namespace zokran::test;

namespace {

std::string fromBase64(const std::string& text) {
    static const std::string digits = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string bytes;
    unsigned value = 0;
    int bits = 0;
    for (const char c : text) {
        if (c == '=')
            break;
        value = value << 6 | static_cast<unsigned>(digits.find(c));
        bits += 6;
        if (bits >= 8) {
            bits -= 8;
            bytes += static_cast<char>(value >> bits & 255);
        }
    }
    return bytes;
}

template <typename Number>
Number at(const std::string& bytes, std::size_t offset) {
    Number number;
    REQUIRE(offset + sizeof number <= bytes.size());
    std::memcpy(&number, bytes.data() + offset, sizeof number);
    return number;
}

/// Six times the volume that triangles enclose; above zero where they face outwards.
double volume6(const std::vector<HeadPoint>& points, const std::vector<std::array<std::size_t, 3>>& triangles) {
    double sum = 0;
    for (const auto& [a, b, c] : triangles)
        sum += points[a].dot(points[b].cross(points[c]));
    return sum;
}

} // namespace

TEST_CASE("A cube in OBJ has its points, normals and triangles, counted from one, and its volume") {
    const LitSolid cube = litForm(basicForms()[2], false);
    std::istringstream in(objText(cube));
    std::vector<HeadPoint> points;
    std::vector<std::array<std::size_t, 3>> triangles;
    std::size_t normals = 0;
    for (std::string line; std::getline(in, line);) {
        std::istringstream row(line);
        std::string kind;
        row >> kind;
        if (kind == "v") {
            double x, y, z;
            REQUIRE(row >> x >> y >> z);
            points.emplace_back(x, y, z);
        } else if (kind == "vn") {
            double x, y, z;
            REQUIRE(row >> x >> y >> z);
            CHECK(std::hypot(x, y, z) == Approx(1).margin(1e-3));
            ++normals;
        } else if (kind == "f") {
            std::array<std::size_t, 3> corners{};
            for (std::size_t& corner : corners) {
                std::string cell;
                REQUIRE(row >> cell);
                corner = std::stoul(cell) - 1;
                CHECK(cell == std::to_string(corner + 1) + "//" + std::to_string(corner + 1));
                REQUIRE(corner < points.size());
            }
            triangles.push_back(corners);
        }
    }
    CHECK(points.size() == cube.points.size());
    CHECK(normals == points.size());
    CHECK(triangles.size() == cube.triangles.size());
    double side = 0;
    for (const HeadPoint& p : points)
        side = std::max(side, 2 * p.cwiseAbs().maxCoeff());
    CHECK(volume6(points, triangles) / 6 == Approx(side * side * side).epsilon(0.01));
}

TEST_CASE("A head in glTF holds together: buffers, views and accessors as the format has them") {
    const LitSolid head = litHead(adultHeads().mean);
    const auto j = nlohmann::json::parse(gltfText(head));
    CHECK(j["asset"]["version"] == "2.0");
    const std::string uri = j["buffers"][0]["uri"];
    const std::string prefix = "data:application/octet-stream;base64,";
    REQUIRE(uri.starts_with(prefix));
    const std::string bytes = fromBase64(uri.substr(prefix.size()));
    CHECK(bytes.size() == j["buffers"][0]["byteLength"].get<std::size_t>());
    const auto& primitive = j["meshes"][0]["primitives"][0];
    const auto accessor = [&](int index) { return j["accessors"][static_cast<std::size_t>(index)]; };
    const auto viewAt = [&](const nlohmann::json& of) { return j["bufferViews"][of["bufferView"].get<std::size_t>()]; };
    const auto positions = accessor(primitive["attributes"]["POSITION"]), indices = accessor(primitive["indices"]);
    REQUIRE(positions["componentType"] == 5126);
    REQUIRE(indices["componentType"] == 5125);
    REQUIRE(positions["count"] == head.points.size());
    REQUIRE(indices["count"] == 3 * head.triangles.size());
    std::vector<HeadPoint> points;
    const std::size_t from = viewAt(positions)["byteOffset"];
    CHECK(from % 4 == 0);
    for (std::size_t i = 0; i < head.points.size(); ++i) {
        HeadPoint p;
        for (int axis = 0; axis < 3; ++axis) {
            p[axis] = at<float>(bytes, from + 12 * i + 4 * static_cast<std::size_t>(axis));
            CHECK(p[axis] >= positions["min"][static_cast<std::size_t>(axis)].get<double>() - 1e-6);
            CHECK(p[axis] <= positions["max"][static_cast<std::size_t>(axis)].get<double>() + 1e-6);
        }
        CHECK((p - head.points[i]).norm() < 1e-5);
        points.push_back(p);
    }
    const std::size_t first = viewAt(indices)["byteOffset"];
    std::vector<std::array<std::size_t, 3>> triangles(head.triangles.size());
    for (std::size_t i = 0; i < triangles.size(); ++i)
        for (std::size_t k = 0; k < 3; ++k) {
            triangles[i][k] = at<std::uint32_t>(bytes, first + 4 * (3 * i + k));
            REQUIRE(triangles[i][k] < points.size());
        }
    CHECK(volume6(points, triangles) > 0); // counter-clockwise from outside, as glTF has it
    for (const auto& view : j["bufferViews"])
        CHECK(view["byteOffset"].get<std::size_t>() + view["byteLength"].get<std::size_t>() <= bytes.size());
}

TEST_CASE("Marks come back from CSV and .pts where they were, and hidden ones stay hidden") {
    MarkSheet sheet = sheetOf(adultHeads().mean, viewAt(pose(35, 10, 4)));
    sheet.marks[Mark::EarTopR] = PlacedMark{std::nullopt, true};
    sheet.marks[Mark::Back].reset();
    for (const char* ending : {".csv", ".pts"}) {
        INFO(ending);
        const bool csv = std::string(ending) == ".csv";
        const MarkSheet back = parseAnyMarks(csv ? marksCsv(sheet) : marksPts(sheet), ending, "x");
        for (int i = 0; i < markCount; ++i) {
            const auto was = sheet.seen(markAt(i)), is = back.seen(markAt(i));
            REQUIRE(was.has_value() == is.has_value());
            if (was)
                CHECK((*was - *is).norm() < 2e-3);
        }
        CHECK(back.width > 0);
        CHECK(back.marks[Mark::EarTopR]->hidden);
    }
}

TEST_CASE("A table of marks that is none is refused with its line or its count") {
    const auto refused = [](const std::string& text, const char* ending, const char* why) {
        CHECK_THROWS_WITH(parseAnyMarks(text, ending, "marks.x"), Catch::Contains(why) && Catch::Contains("marks.x"));
    };
    refused("mark,x,y,hidden\nelbow,1,2,0\n", ".csv", "line 2");
    refused("brow,1,2,0\nbrow,1,2,0\n", ".csv", "twice");
    refused("brow,,,0\n", ".csv", "no place");
    refused("brow,1e9,2,0\n", ".csv", "no place in a picture");
    refused("brow,nan,2,0\n", ".csv", "no place in a picture");
    refused("mark,x,y,hidden\n", ".csv", "no mark that is seen");
    refused("version: 1\nn_points: 68\n{\n1 2\n}\n", ".pts", "68 points where 25");
    refused("version: 1\nn_points: 25\n{\n1 2\n3 4\n}\n", ".pts", "");
    refused("version: 1\nn_points: many\n{\n", ".pts", "needs a number");
    refused("x", ".txt", ".json, .csv and .pts");
}
