#include "cast/bust_model.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <fstream>
#include <unordered_map>
#include <zlib.h>

namespace zokran {

namespace {

/// Reads little-endian numbers one after another, never past the end.
class Reader {
public:
    explicit Reader(std::string bytes) : bytes_(std::move(bytes)) {}

    template <typename T>
    std::vector<T> take(std::size_t count) {
        static_assert(std::is_trivially_copyable_v<T>);
        if (count > (bytes_.size() - at_) / sizeof(T))
            throw BadInput("it is too short");
        std::vector<T> values(count);
        if (count > 0)
            std::memcpy(values.data(), bytes_.data() + at_, count * sizeof(T));
        at_ += count * sizeof(T);
        return values;
    }

private:
    std::string bytes_;
    std::size_t at_ = 0;
};

std::string inflated(const std::filesystem::path& file, std::size_t size) {
    std::ifstream in(file, std::ios::binary);
    if (!in)
        throw BadInput("it cannot be opened");
    const std::string packed(std::istreambuf_iterator<char>(in), {});
    std::string bytes(size, '\0');
    uLongf length = size;
    if (uncompress(reinterpret_cast<Bytef*>(bytes.data()), &length,
                   reinterpret_cast<const Bytef*>(packed.data()), packed.size()) != Z_OK ||
        length != size)
        throw BadInput("it is damaged");
    return bytes;
}

constexpr std::size_t most = 60000; ///< vertices or quads: they are numbered in 16 bits

std::size_t countIn(const nlohmann::json& j, const char* name) {
    const auto n = j.at(name).get<std::size_t>();
    if (n > most)
        throw BadInput(fmt::format("\"{}\" is over {}", name, most));
    return n;
}

} // namespace

Refinement::Refinement(std::size_t vertices, std::vector<std::array<std::uint32_t, 4>> quads)
    : vertices_(vertices), quads_(std::move(quads)), valence_(vertices), borders_(vertices) {
    std::unordered_map<std::uint64_t, std::uint32_t> known;
    std::vector<std::array<std::uint32_t, 4>> sides(quads_.size());
    for (std::uint32_t q = 0; q < quads_.size(); ++q)
        for (int k = 0; k < 4; ++k) {
            const std::uint32_t a = quads_[q][k], b = quads_[q][(k + 1) % 4];
            const auto key = static_cast<std::uint64_t>(std::min(a, b)) << 32 | std::max(a, b);
            const auto [at, fresh] =
                known.try_emplace(key, static_cast<std::uint32_t>(edges_.size()));
            if (fresh)
                edges_.push_back({{a, b}, {q, q}});
            else
                edges_[at->second].faces[1] = q;
            sides[q][k] = at->second;
        }
    for (const Edge& e : edges_)
        for (std::uint32_t v : e.ends) {
            ++valence_[v];
            borders_[v] = static_cast<std::uint16_t>(borders_[v] + (e.faces[0] == e.faces[1]));
        }
    const auto firstEdge = static_cast<std::uint32_t>(vertices_);
    const auto firstFace = static_cast<std::uint32_t>(vertices_ + edges_.size());
    for (std::uint32_t q = 0; q < quads_.size(); ++q)
        for (int k = 0; k < 4; ++k)
            refined_.push_back({quads_[q][k], firstEdge + sides[q][k], firstFace + q,
                                firstEdge + sides[q][(k + 3) % 4]});
}

BustPoints Refinement::operator()(const BustPoints& coarse) const {
    using Vecf = Eigen::Vector3f;
    BustPoints fine(vertices(), Vecf::Zero());
    const std::size_t firstEdge = vertices_, firstFace = vertices_ + edges_.size();
    std::vector<Vecf> faces(vertices_, Vecf::Zero()), middles(vertices_, Vecf::Zero());
    std::vector<int> around(vertices_, 0);
    for (std::size_t q = 0; q < quads_.size(); ++q) {
        Vecf& middle = fine[firstFace + q];
        for (std::uint32_t v : quads_[q])
            middle += coarse[v] / 4;
        for (std::uint32_t v : quads_[q]) {
            faces[v] += middle;
            ++around[v];
        }
    }
    for (std::size_t e = 0; e < edges_.size(); ++e) {
        const Edge& edge = edges_[e];
        const Vecf middle = (coarse[edge.ends[0]] + coarse[edge.ends[1]]) / 2;
        const bool border = edge.faces[0] == edge.faces[1];
        fine[firstEdge + e] = border ? middle
                                     : Vecf((2 * middle + fine[firstFace + edge.faces[0]] +
                                             fine[firstFace + edge.faces[1]]) /
                                            4);
        // A vertex on a border follows the border alone.
        for (std::uint32_t v : edge.ends)
            if (border || borders_[v] == 0)
                middles[v] += middle;
    }
    for (std::size_t v = 0; v < vertices_; ++v) {
        const auto n = static_cast<float>(valence_[v]);
        if (borders_[v] == 2)
            fine[v] = (middles[v] + 2 * coarse[v]) / 4;
        else if (borders_[v] > 0 || around[v] == 0)
            fine[v] = coarse[v];
        else
            fine[v] = (faces[v] / static_cast<float>(around[v]) + 2 * middles[v] / n +
                       (n - 3) * coarse[v]) /
                      n;
    }
    return fine;
}

BustModel::BustModel(BustPoints base, std::vector<std::array<std::uint32_t, 4>> quads)
    : base_(std::move(base)), once_(base_.size(), std::move(quads)),
      twice_(once_.vertices(), once_.quads()) {}

BustModel BustModel::read(const std::string& folder) {
    const std::filesystem::path at = folder;
    return readJson(at / "bust.json", "zokran-bust", [&](const nlohmann::json& j) {
        const std::size_t vertices = countIn(j, "vertices"), count = countIn(j, "quads");
        const std::size_t bytes = j.at("bytes").get<std::size_t>();
        if (bytes > 64u << 20)
            throw BadInput("\"bytes\" is over 64 MB");
        try {
            Reader reader(inflated(at / "bust.bin", bytes));
            BustPoints base;
            for (const auto& p : reader.take<std::array<std::int16_t, 3>>(vertices))
                base.push_back(Eigen::Vector3f(p[0], p[1], p[2]) / 10);
            std::vector<std::array<std::uint32_t, 4>> quads;
            for (const auto& q : reader.take<std::array<std::uint16_t, 4>>(count)) {
                if (*std::max_element(q.begin(), q.end()) >= vertices)
                    throw BadInput("a quad has a corner that is not there");
                quads.push_back({q[0], q[1], q[2], q[3]});
            }
            const std::size_t skin = countIn(j.at("parts"), "skin"),
                              eyes = countIn(j.at("parts"), "eyes");
            if (skin + eyes > count)
                throw BadInput("its parts are more than the whole");
            const auto eyesFrom = quads.end() - static_cast<std::ptrdiff_t>(eyes);
            const std::vector<std::array<std::uint32_t, 4>> eyeQuads(eyesFrom, quads.end());
            quads.erase(eyesFrom, quads.end());
            BustModel model(std::move(base), std::move(quads));
            model.outside_ = skin;
            for (const auto& quad : eyeQuads)
                for (std::uint32_t v : quad)
                    model.eyes_[model.base_[v].x() > 0 ? 0 : 1].push_back(v);
            for (auto& eye : model.eyes_) {
                std::sort(eye.begin(), eye.end());
                eye.erase(std::unique(eye.begin(), eye.end()), eye.end());
            }
            for (const auto& [name, moved] :
                 j.at("targets").get<std::vector<std::pair<std::string, std::size_t>>>()) {
                Target target;
                target.vertices = reader.take<std::uint16_t>(moved);
                target.by = reader.take<std::array<std::int16_t, 3>>(moved);
                for (std::uint16_t v : target.vertices)
                    if (v >= vertices)
                        throw BadInput(fmt::format("{} moves a vertex that is not there", name));
                model.names_[name] = static_cast<int>(model.targets_.size());
                model.targets_.push_back(std::move(target));
            }
            auto numbered = [&](const nlohmann::json& name) {
                return name.is_null() ? -1 : model.names_.at(name.get<std::string>());
            };
            for (const auto& [name, pair] : j.at("axes").items())
                model.axes_[name] = {numbered(pair.at(0)), numbered(pair.at(1))};
            auto checked = [&](const nlohmann::json& list) {
                auto found = list.get<std::vector<std::uint32_t>>();
                if (found.empty() || *std::max_element(found.begin(), found.end()) >= vertices)
                    throw BadInput("a mark stands on a vertex that is not there");
                return found;
            };
            for (const auto& [name, list] : j.at("marks").items())
                model.places_[name] = checked(list);
            for (const auto& [name, list] : j.at("curves").items())
                model.curves_[name] = checked(list);
            // The ears are what the targets of their shape move.
            model.ofEar_.assign(vertices, false);
            constexpr int clearly = 12; // tenths of a millimetre
            for (const char* shape : {"ear-wing-out", "ear-lobe-max"}) {
                const Target& t =
                    model.targets_.at(static_cast<std::size_t>(model.names_.at(shape)));
                for (std::size_t i = 0; i < t.vertices.size(); ++i)
                    if (std::abs(t.by[i][0]) + std::abs(t.by[i][1]) + std::abs(t.by[i][2]) >
                        clearly)
                        model.ofEar_[t.vertices[i]] = true;
            }
            return model;
        } catch (const std::out_of_range&) {
            throw BadInput("it names a target that is not there");
        } catch (const BadInput& e) {
            throw BadInput(fmt::format("bust.bin beside it: {}", e.what()));
        }
    });
}

const BustModel& BustModel::ours() {
    static const BustModel model = read((dataFolder() / "heads").string());
    return model;
}

const std::vector<std::uint32_t>& BustModel::place(const std::string& name) const {
    return places_.at(name);
}

void BustModel::add(const Target& target, double weight, BustPoints& points) const {
    const auto w = static_cast<float>(weight / 10);
    for (std::size_t i = 0; i < target.vertices.size(); ++i)
        points[target.vertices[i]] +=
            w * Eigen::Vector3f(target.by[i][0], target.by[i][1], target.by[i][2]);
}

BustPoints BustModel::shaped(const Recipe& recipe) const {
    BustPoints points = base_;
    auto mix = [&](const std::string& target, double weight) {
        if (weight != 0)
            add(targets_[static_cast<std::size_t>(names_.at(target))], weight, points);
    };
    // The model knows three ages, 11, 25 and 80 years, and goes straight between them.
    constexpr double child = 11, young = 25, old = 80;
    const double grown = std::clamp((recipe.age - child) / (young - child), -0.25, 1.0);
    const double aged = std::clamp((recipe.age - young) / (old - young), 0.0, 1.1);
    const std::pair<const char*, double> ages[] = {
        {"child", 1 - grown}, {"young", grown - aged}, {"old", aged}};
    const std::pair<const char*, double> sexes[] = {{"female", recipe.female},
                                                    {"male", 1 - recipe.female}};
    const double whole = std::max(recipe.african + recipe.asian + recipe.caucasian, 1e-9);
    const std::pair<const char*, double> origins[] = {{"african", recipe.african / whole},
                                                      {"asian", recipe.asian / whole},
                                                      {"caucasian", recipe.caucasian / whole}};
    const std::pair<const char*, double> weights[] = {
        {"min", std::max(-recipe.weight, 0.0)},
        {"average", 1 - std::abs(recipe.weight)},
        {"max", std::max(recipe.weight, 0.0)}};
    for (const auto& [age, a] : ages)
        for (const auto& [sex, s] : sexes) {
            for (const auto& [origin, o] : origins)
                mix(fmt::format("{}-{}-{}", origin, sex, age), a * s * o);
            for (const auto& [weight, w] : weights)
                mix(fmt::format("{}-{}-{}", weight, sex, age), a * s * w);
        }
    for (const auto& [name, amount] : recipe.axes) {
        const auto axis = axes_.find(name);
        if (axis == axes_.end())
            throw BadInput(fmt::format("there is no axis \"{}\" in the model of the head", name));
        // An axis with one target runs backwards as well.
        const auto [less, more] = axis->second;
        const bool backwards = amount < 0 && less >= 0;
        add(targets_[static_cast<std::size_t>(backwards ? less : more)],
            backwards ? -amount : amount, points);
    }
    return points;
}

} // namespace zokran
