#include "core/files/solid_file.h"

#include "core/base/json_file.h"

#include <cstring>

namespace zokran {

namespace {

std::string base64(const std::string& bytes) {
    static constexpr char digits[] = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    std::string text;
    for (std::size_t i = 0; i < bytes.size(); i += 3) {
        unsigned value = 0;
        for (std::size_t k = 0; k < 3; ++k)
            value = value << 8 | (i + k < bytes.size() ? static_cast<unsigned char>(bytes[i + k]) : 0u);
        for (std::size_t k = 0; k < 4; ++k)
            text += i + k <= bytes.size() ? digits[value >> (18 - 6 * k) & 63] : '=';
    }
    return text;
}

/// A triangle's corners counter-clockwise as seen from where its normals point: other programs go by that.
std::array<std::uint32_t, 3> outward(const LitSolid& solid, const LitSolid::Triangle& t) {
    auto [a, b, c] = t.corners;
    const HeadPoint &p = solid.points[a], &q = solid.points[b], &r = solid.points[c];
    const Eigen::Vector3d normal = solid.normals[a] + solid.normals[b] + solid.normals[c];
    if ((q - p).cross(r - p).dot(normal) < 0)
        std::swap(b, c);
    return {a, b, c};
}

template <typename Number>
void append(std::string& bytes, Number number) {
    // glTF wants little-endian, as every machine this runs on has it.
    char raw[sizeof number];
    std::memcpy(raw, &number, sizeof number);
    bytes.append(raw, sizeof number);
}

} // namespace

std::string objText(const LitSolid& solid) {
    std::string text = "# Zokran: a head's construction, ball radii\no construction\n";
    for (const HeadPoint& p : solid.points)
        text += fmt::format("v {:.6f} {:.6f} {:.6f}\n", p.x(), p.y(), p.z());
    for (const Eigen::Vector3d& n : solid.normals)
        text += fmt::format("vn {:.5f} {:.5f} {:.5f}\n", n.x(), n.y(), n.z());
    for (const LitSolid::Triangle& t : solid.triangles) {
        const auto corners = outward(solid, t);
        text += fmt::format("f {0}//{0} {1}//{1} {2}//{2}\n", corners[0] + 1, corners[1] + 1,
                            corners[2] + 1);
    }
    return text;
}

std::string gltfText(const LitSolid& solid) {
    std::string bytes;
    Eigen::Vector3f low = Eigen::Vector3f::Constant(1e9f), high = -low;
    for (const HeadPoint& p : solid.points) {
        const Eigen::Vector3f at = p.cast<float>();
        low = low.cwiseMin(at);
        high = high.cwiseMax(at);
        for (int axis = 0; axis < 3; ++axis)
            append(bytes, at[axis]);
    }
    const std::size_t normalsAt = bytes.size();
    for (const Eigen::Vector3d& n : solid.normals)
        for (int axis = 0; axis < 3; ++axis)
            append(bytes, static_cast<float>(n[axis]));
    const std::size_t indicesAt = bytes.size();
    for (const LitSolid::Triangle& t : solid.triangles)
        for (const std::uint32_t corner : outward(solid, t))
            append(bytes, corner);
    constexpr int floats = 5126, unsignedInts = 5125, vertices = 34962, indices = 34963;
    using Json = nlohmann::ordered_json;
    Json j;
    j["asset"] = {{"version", "2.0"}, {"generator", "Zokran"}};
    j["scene"] = 0;
    j["scenes"] = {{{"nodes", {0}}}};
    j["nodes"] = {{{"mesh", 0}, {"name", "construction"}}};
    j["meshes"] = {{{"primitives", {{{"attributes", {{"POSITION", 0}, {"NORMAL", 1}}}, {"indices", 2}}}}}};
    Json positions{{"bufferView", 0}, {"componentType", floats}, {"count", solid.points.size()}, {"type", "VEC3"}};
    positions["min"] = {low.x(), low.y(), low.z()};
    positions["max"] = {high.x(), high.y(), high.z()};
    j["accessors"] = Json::array();
    j["accessors"].push_back(std::move(positions));
    j["accessors"].push_back(
        {{"bufferView", 1}, {"componentType", floats}, {"count", solid.normals.size()}, {"type", "VEC3"}});
    j["accessors"].push_back({{"bufferView", 2},
                              {"componentType", unsignedInts},
                              {"count", 3 * solid.triangles.size()},
                              {"type", "SCALAR"}});
    const auto view = [&](std::size_t from, std::size_t to, int target) {
        return Json{{"buffer", 0}, {"byteOffset", from}, {"byteLength", to - from}, {"target", target}};
    };
    j["bufferViews"] = {view(0, normalsAt, vertices), view(normalsAt, indicesAt, vertices),
                        view(indicesAt, bytes.size(), indices)};
    j["buffers"] = Json::array();
    j["buffers"].push_back({{"byteLength", bytes.size()},
                            {"uri", "data:application/octet-stream;base64," + base64(bytes)}});
    return jsonText(j);
}

} // namespace zokran
