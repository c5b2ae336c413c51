#include "cast/sitter.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"

#include <charconv>
#include <fmt/ranges.h>

namespace zokran {

namespace {

constexpr std::string_view strangers = "someone-";

Sitter sitterFrom(const nlohmann::json& j) {
    Sitter sitter;
    sitter.id = j.at("id").get<std::string>();
    sitter.about = j.at("about").get<std::string>();
    Recipe& r = sitter.recipe;
    r.female = j.value("female", r.female);
    r.age = j.value("age", r.age);
    r.weight = j.value("weight", r.weight);
    r.african = j.value("african", 0.0);
    r.asian = j.value("asian", 0.0);
    r.caucasian = j.value("caucasian", 0.0);
    r.axes = j.value("axes", r.axes);
    Hair& h = sitter.hair;
    h.style = j.value("hair", h.style);
    h.mass = j.value("mass", h.mass);
    h.recession = j.value("recession", h.recession);
    h.beard = j.value("beard", h.beard);
    h.brows = j.value("brows", h.brows);
    h.parting = j.value("parting", h.parting);
    h.seed = j.value("seed", h.seed);
    return sitter;
}

} // namespace

const std::vector<Sitter>& sitters() {
    static const std::vector<Sitter> all =
        readJson(dataFolder() / "heads" / "sitters.json", "zokran-sitters",
                 [](const nlohmann::json& j) {
                     std::vector<Sitter> read;
                     for (const nlohmann::json& one : j.at("sitters"))
                         read.push_back(sitterFrom(one));
                     if (read.empty())
                         throw BadInput("nobody sits there");
                     return read;
                 });
    return all;
}

Sitter sitterNamed(const std::string& id) {
    unsigned seed = 0;
    if (id.starts_with(strangers)) {
        const char* end = id.data() + id.size();
        if (std::from_chars(id.data() + strangers.size(), end, seed).ptr == end)
            return someone(seed);
    }
    std::vector<std::string> ids;
    for (const Sitter& sitter : sitters()) {
        if (sitter.id == id)
            return sitter;
        ids.push_back(sitter.id);
    }
    throw BadInput(fmt::format("there is no head \"{}\" in the cast room; there is: {}", id,
                               fmt::join(ids, ", ")));
}

std::string aboutWords(const Sitter& sitter, const Translator& book) {
    return book.say(sitter.about, {{"age", std::to_string(static_cast<int>(sitter.recipe.age))}});
}

} // namespace zokran
