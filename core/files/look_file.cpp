#include "core/files/look_file.h"

#include "core/base/json_file.h"

namespace zokran {

std::string lookText(const FormLook& look) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-look";
    j["version"] = 1;
    j["detail"] = static_cast<int>(look.detail);
    j["straights"] = look.straights;
    if (look.hair)
        j["hair"] = look.hair->value;
    j["push"] = look.push;
    j["over"] = look.over;
    return jsonText(j);
}

FormLook parseLook(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-look");
    try {
        FormLook look;
        auto within = [&](const char* key, double low, double high) {
            const double value = j.at(key).get<double>();
            if (!(value >= low && value <= high))
                throw BadInput(fmt::format("{}: \"{}\" must lie between {} and {}", name, key, low,
                                           high));
            return value;
        };
        look.detail = static_cast<Detail>(static_cast<int>(within("detail", 1, 3)));
        look.straights = static_cast<int>(within("straights", fewestStraights, mostStraights));
        if (j.contains("hair"))
            look.hair = BallRadii{within("hair", 0, mostHair.value)};
        look.push = within("push", 0, mostPush);
        look.over = j.at("over").get<std::string>();
        return look;
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    }
}

} // namespace zokran
