#include "core/files/canon_file.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"

#include <algorithm>
#include <fmt/format.h>
#include <fmt/ranges.h>

namespace zokran {

namespace {

/// A level is a number, or lies a share of the way between two other levels.
double resolve(const nlohmann::json& levels, const std::string& name, int depth = 0) {
    if (depth > 8)
        throw BadInput(fmt::format("the level \"{}\" is defined by itself", name));
    if (!levels.contains(name))
        throw BadInput(fmt::format("the level \"{}\" is missing", name));
    const nlohmann::json& level = levels[name];
    if (level.is_number())
        return level.get<double>();
    const double from = resolve(levels, level.at("from").get<std::string>(), depth + 1);
    const double to = resolve(levels, level.at("to").get<std::string>(), depth + 1);
    return from + level.at("share").get<double>() * (to - from);
}

} // namespace

Canon readCanon(const std::filesystem::path& file) {
    return readJson(file, "zokran-canon", [](const nlohmann::json& j) {
        Canon canon;
        canon.id = j.at("id").get<std::string>();
        canon.name = j.at("name").get<std::string>();
        canon.about = j.at("about").get<std::string>();
        canon.sideOval = {j.at("side_oval_radius").get<double>()};
        if (!(canon.sideOval.value > 0 && canon.sideOval.value < 1))
            throw BadInput("\"side_oval_radius\" must lie between 0 and 1");
        const nlohmann::json& l = j.at("levels");
        canon.levels = {{resolve(l, "crown")}, {resolve(l, "hairline")},  {resolve(l, "brow")},
                        {resolve(l, "eye")},   {resolve(l, "nose_base")}, {resolve(l, "mouth")},
                        {resolve(l, "chin")}};
        return canon;
    });
}

std::vector<Canon> canons(std::vector<std::string>* troubles) {
    std::vector<Canon> all;
    std::error_code ignored;
    for (const auto& entry :
         std::filesystem::directory_iterator(dataFolder() / "canons", ignored)) {
        if (entry.path().extension() != ".json")
            continue;
        try {
            all.push_back(readCanon(entry.path()));
        } catch (const BadInput& e) {
            if (troubles)
                troubles->push_back(e.what());
        }
    }
    std::sort(all.begin(), all.end(), [](const Canon& a, const Canon& b) { return a.id < b.id; });
    return all;
}

Canon canonNamed(const std::string& id) {
    // A canon's file bears its id.
    const std::filesystem::path file = dataFolder() / "canons" / (id + ".json");
    if (id.find('/') == std::string::npos && std::filesystem::exists(file))
        return readCanon(file);
    std::vector<std::string> known;
    for (const Canon& canon : canons())
        known.push_back(canon.id);
    throw BadInput(
        fmt::format("there is no canon \"{}\"; there is: {}", id, fmt::join(known, ", ")));
}

} // namespace zokran
