#pragma once

#include "core/base/errors.h"
#include "core/base/units.h"

#include <filesystem>
#include <fmt/format.h>
#include <nlohmann/json.hpp>

namespace zokran {

/// Reads a UTF-8 JSON file and requires `"format": format, "version": 1`. Throws BadInput naming
/// the file and the cause: not JSON, nested deeper than 64, longer than 64 MB, a number beyond all sense.
nlohmann::json readJsonFile(const std::filesystem::path& file, const std::string& format);

/// Parses text the same way; `name` stands for the file in messages. Every version up to `newest` is taken; `longest`
/// in bytes.
nlohmann::json parseJson(const std::string& text, const std::string& name, const std::string& format, int newest = 1,
                         std::size_t longest = 64u << 20);

/// The text written for a JSON value: indented, one trailing newline; bytes that are no UTF-8 are replaced.
std::string jsonText(const nlohmann::ordered_json& value);

/// A quantity is written as a plain number; the key names its unit.
template <class Json, class Unit>
void to_json(Json& j, Quantity<Unit> quantity) {
    j = quantity.value;
}
template <class Json, class Over, class Under>
void to_json(Json& j, Ratio<Over, Under> ratio) {
    j = ratio.value;
}

/// Reads a JSON file and turns it into a value; whatever `convert` objects to is told with the name
/// of the file.
template <typename Convert>
auto readJson(const std::filesystem::path& file, const std::string& format, Convert convert) {
    const nlohmann::json j = readJsonFile(file, format);
    try {
        return convert(j);
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    }
}

} // namespace zokran
