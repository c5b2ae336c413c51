#include "core/head/canon.h"

#include "core/files/json_file.h"

#include <cmath>
#include <cstdlib>
#include <fmt/format.h>
#include <fmt/ranges.h>
#include <map>

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

BallRadii Canon::sidePlane() const {
    return {std::sqrt(1 - sideOval.value * sideOval.value)};
}

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

std::filesystem::path dataFolder() {
    const char* chosen = std::getenv("ZOKRAN_DATA");
    return chosen ? chosen : ZOKRAN_SOURCE_DATA_DIR;
}

Canon canonNamed(const std::string& id) {
    std::vector<std::string> known;
    std::error_code ignored;
    for (const auto& entry :
         std::filesystem::directory_iterator(dataFolder() / "canons", ignored)) {
        if (entry.path().extension() != ".json")
            continue;
        if (entry.path().stem() == id)
            return readCanon(entry.path());
        known.push_back(entry.path().stem());
    }
    throw BadInput(
        fmt::format("there is no canon \"{}\"; there is: {}", id, fmt::join(known, ", ")));
}

} // namespace zokran
