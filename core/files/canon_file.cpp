#include "core/files/canon_file.h"

#include "core/base/atomic_file.h"
#include "core/base/data_folder.h"
#include "core/base/json_file.h"

#include <algorithm>
#include <cctype>
#include <fmt/format.h>
#include <fstream>
#include <map>
#include <mutex>
#include <sstream>

namespace zokran {

namespace {

/// A level is a number, or lies a share of the way between two other levels, or so many eye-widths
/// above another.
double resolve(const nlohmann::json& levels, const std::string& name, BallRadii eye,
               int depth = 0) {
    if (depth > 8)
        throw BadInput(fmt::format("the level \"{}\" is defined by itself", name));
    if (!levels.contains(name))
        throw BadInput(fmt::format("the level \"{}\" is missing", name));
    const nlohmann::json& level = levels[name];
    if (level.is_number())
        return level.get<double>();
    const double from = resolve(levels, level.at("from").get<std::string>(), eye, depth + 1);
    if (level.contains("eye_widths"))
        return from + level["eye_widths"].get<double>() * eye.value;
    const double to = resolve(levels, level.at("to").get<std::string>(), eye, depth + 1);
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
        if (!(canon.sideOval > BallRadii{0} && canon.sideOval < BallRadii{1}))
            throw BadInput("\"side_oval_radius\" must lie between 0 and 1");
        // Widths are in eye-widths; what a file leaves out is what most schools say.
        const nlohmann::json widths = j.value("widths", nlohmann::json::object());
        auto eyes = [&](const char* name, double usual) {
            const double n = widths.value(name, usual);
            if (!(n > 0 && n < 20))
                throw BadInput(fmt::format("the width \"{}\" must lie between 0 and 20", name));
            return n;
        };
        const BallRadii head = 2 * canon.sidePlane(), eye = head / eyes("eyes_across", 5);
        canon.widths = {head,
                        eye,
                        eyes("gap", 1) * eye,
                        eyes("nose", 1) * eye,
                        eyes("mouth", 2) * eye,
                        eyes("brow", 1.25) * eye};
        const nlohmann::json& l = j.at("levels");
        auto level = [&](const char* name) {
            const double y = resolve(l, name, eye);
            if (!(std::abs(y) < 3))
                throw BadInput(fmt::format("the level \"{}\" lies off the head", name));
            return BallRadii{y};
        };
        Levels& at = canon.levels;
        at = {level("crown"), level("hairline"), level("brow"), level("eye"), level("nose_base"),
              level("mouth"), level("chin"),     {},            {},           {}};
        at.lowerLip = l.contains("lower_lip") ? level("lower_lip")
                                              : at.mouth + lowerLipShare * (at.chin - at.mouth);
        at.earTop = l.contains("ear_top") ? level("ear_top") : at.brow;
        at.earBase = l.contains("ear_base") ? level("ear_base") : at.noseBase;
        const BallRadii down[] = {at.crown,    at.hairline, at.brow,     at.eye,
                                  at.noseBase, at.mouth,    at.lowerLip, at.chin};
        for (std::size_t i = 1; i < std::size(down); ++i)
            if (!(down[i] < down[i - 1]))
                throw BadInput("its levels do not come one below the other");
        return canon;
    });
}

namespace {

/// The canon of a file, read again only where the file has changed: the window asks for one with every picture of a finding.
Canon cachedCanon(const std::filesystem::path& file) {
    struct Read {
        std::filesystem::file_time_type changed;
        std::uintmax_t size;
        Canon canon;
    };
    static std::mutex mutex;
    static std::map<std::filesystem::path, Read> cache;
    std::error_code error;
    const auto changed = std::filesystem::last_write_time(file, error);
    const std::uintmax_t size = error ? 0 : std::filesystem::file_size(file, error);
    if (error)
        return readCanon(file); // which tells why it cannot be read
    const std::lock_guard lock(mutex);
    if (const auto known = cache.find(file);
        known != cache.end() && known->second.changed == changed && known->second.size == size)
        return known->second.canon;
    return cache.insert_or_assign(file, Read{changed, size, readCanon(file)}).first->second.canon;
}

} // namespace

std::vector<Canon> canons(std::vector<std::string>* troubles) {
    std::vector<Canon> all;
    for (const std::filesystem::path& folder : {dataFolder() / "canons", ownCanonFolder()}) {
        std::error_code ignored;
        for (const auto& entry : std::filesystem::directory_iterator(folder, ignored)) {
            if (entry.path().extension() != ".json")
                continue;
            try {
                Canon canon = cachedCanon(entry.path());
                // A school's own file has the last word on its id.
                if (std::none_of(all.begin(), all.end(),
                                 [&](const Canon& c) { return c.id == canon.id; }))
                    all.push_back(std::move(canon));
            } catch (const BadInput& e) {
                if (troubles)
                    troubles->push_back(e.what());
            }
        }
    }
    std::sort(all.begin(), all.end(), [](const Canon& a, const Canon& b) { return a.id < b.id; });
    return all;
}

Canon canonNamed(const std::string& id) {
    std::string known;
    for (const Canon& canon : canons()) {
        if (canon.id == id)
            return canon;
        known += fmt::format("{}{}", known.empty() ? "" : ", ", canon.id);
    }
    throw BadInput(fmt::format("there is no canon \"{}\"; there is: {}", id, known));
}

namespace {

/// Writes a canon's text into the learner's own folder.
Canon kept(const Canon& canon, const std::string& text, const std::string& named) {
    const bool plain = !canon.id.empty() && canon.id.size() < 60 && canon.id != "sitter" &&
                       std::all_of(canon.id.begin(), canon.id.end(), [](unsigned char c) {
                           return std::islower(c) || std::isdigit(c) || c == '-';
                       });
    if (!plain)
        throw BadInput(fmt::format("{}: a canon's id is of small letters, digits and hyphens, and "
                                   "not \"sitter\"",
                                   named));
    if (std::filesystem::exists(dataFolder() / "canons" / (canon.id + ".json")))
        throw BadInput(fmt::format("{}: \"{}\" is a school of the program's own", named, canon.id));
    std::filesystem::create_directories(ownCanonFolder());
    writeAtomically(ownCanonFolder() / (canon.id + ".json"), text);
    return canon;
}

} // namespace

Canon keepCanon(const std::filesystem::path& file) {
    const Canon canon = readCanon(file);
    std::ifstream in(file, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    return kept(canon, text.str(), file.string());
}

Canon keepOwnCanon(const std::string& name, const std::pair<Levels, Widths>& measures) {
    Canon canon;
    canon.name = name;
    for (const char c : name)
        if (std::isalnum(static_cast<unsigned char>(c)))
            canon.id += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
        else if (!canon.id.empty() && canon.id.back() != '-')
            canon.id += '-';
    while (canon.id.ends_with('-'))
        canon.id.pop_back();
    const auto& [levels, widths] = measures;
    nlohmann::ordered_json j;
    j["format"] = "zokran-canon";
    j["version"] = 1;
    j["id"] = canon.id;
    j["name"] = name;
    j["about"] = "A school of your own, taken from a sitter.";
    j["side_oval_radius"] = usualSideOval;
    auto put = [&, &levels = levels](const char* key, BallRadii y) {
        j["levels"][key] = 1 - (levels.crown - y) / (levels.crown - levels.chin) * (1 - usualChin.value);
    };
    put("crown", levels.crown);
    put("hairline", levels.hairline);
    put("brow", levels.brow);
    put("eye", levels.eye);
    put("nose_base", levels.noseBase);
    put("mouth", levels.mouth);
    put("lower_lip", levels.lowerLip);
    put("chin", levels.chin);
    put("ear_top", levels.earTop);
    put("ear_base", levels.earBase);
    j["widths"] = {{"eyes_across", widths.head / widths.eye},
                   {"gap", widths.gap / widths.eye},
                   {"nose", widths.nose / widths.eye},
                   {"mouth", widths.mouth / widths.eye},
                   {"brow", widths.brow / widths.eye}};
    return kept(canon, jsonText(j), name);
}

} // namespace zokran
