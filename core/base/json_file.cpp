#include "core/base/json_file.h"

#include <cerrno>
#include <cmath>
#include <cstring>
#include <fstream>

namespace zokran {

namespace {

/// None of our files nests deeper than eight or is longer than some megabytes; a file that does is
/// no file of ours, and reading on would cost memory and stack without end.
constexpr int deepest = 64;
constexpr std::size_t longest = 64u << 20;
/// No length in px or mm, angle, share or count of ours comes near it; its square still is a number.
constexpr double largestNumber = 1e12;

/// Refuses what is nested too deep and numbers beyond sense, while the text is read.
class Inspection : public nlohmann::json::json_sax_t {
public:
    explicit Inspection(const std::string& name) : name_(name) {}

    bool null() override { return true; }
    bool boolean(bool) override { return true; }
    bool number_integer(number_integer_t value) override { return number(static_cast<double>(value)); }
    bool number_unsigned(number_unsigned_t value) override { return number(static_cast<double>(value)); }
    bool number_float(number_float_t value, const string_t&) override { return number(value); }
    bool string(string_t&) override { return true; }
    bool binary(binary_t&) override { return true; }
    bool key(string_t&) override { return true; }
    bool start_object(std::size_t) override { return begin(); }
    bool end_object() override { return end(); }
    bool start_array(std::size_t) override { return begin(); }
    bool end_array() override { return end(); }
    bool parse_error(std::size_t, const std::string&, const nlohmann::json::exception&) override {
        throw BadInput(fmt::format("{}: this is not JSON", name_));
    }

private:
    bool number(double value) const {
        if (!(std::abs(value) < largestNumber))
            throw BadInput(fmt::format("{}: it holds a number beyond all sense, {}", name_, value));
        return true;
    }
    bool begin() {
        if (++depth_ > deepest)
            throw BadInput(fmt::format("{}: the JSON is nested deeper than {}", name_, deepest));
        return true;
    }
    bool end() {
        --depth_;
        return true;
    }

    const std::string& name_;
    int depth_ = 0;
};

} // namespace

nlohmann::json parseJson(const std::string& text, const std::string& name, const std::string& format, int newest,
                         std::size_t most) {
    if (text.size() > most)
        throw BadInput(fmt::format("{}: the file is longer than {} MB", name, most >> 20));
    nlohmann::json j;
    try {
        // Looked at before it is built: the parser's own callback looks through a whole list again for each of its items.
        Inspection inspection(name);
        nlohmann::json::sax_parse(text, &inspection);
        j = nlohmann::json::parse(text);
    } catch (const nlohmann::json::exception&) {
        throw BadInput(fmt::format("{}: this is not JSON", name));
    }
    if (!j.is_object() || !j.contains("format") || j["format"] != format)
        throw BadInput(fmt::format("{}: expected \"format\": \"{}\"", name, format));
    const auto version = j.find("version");
    if (version == j.end() || !version->is_number_integer() || *version < 1 || *version > newest)
        throw BadInput(fmt::format("{}: expected \"version\": {}", name, newest));
    return j;
}

nlohmann::json readJsonFile(const std::filesystem::path& file, const std::string& format) {
    std::error_code error;
    if (std::filesystem::is_directory(file, error))
        throw BadInput(fmt::format("{}: this is a folder", file.string()));
    std::ifstream in(file, std::ios::binary);
    if (!in)
        throw BadInput(fmt::format("{}: {}", file.string(), std::strerror(errno)));
    std::string text;
    char part[65536];
    while (text.size() <= longest && (in.read(part, sizeof part), in.gcount() > 0))
        text.append(part, static_cast<std::size_t>(in.gcount()));
    return parseJson(text, file.string(), format);
}

std::string jsonText(const nlohmann::ordered_json& value) {
    return value.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

} // namespace zokran
