#include "core/messages/translator.h"

#include <cctype>

namespace zokran {

namespace {

/// The points between two digits as this one.
std::string withDecimalPoint(std::string value, const std::string& point) {
    for (std::size_t i = 1; i + 1 < value.size(); ++i)
        if (value[i] == '.' && std::isdigit(static_cast<unsigned char>(value[i - 1])) &&
            std::isdigit(static_cast<unsigned char>(value[i + 1])))
            value.replace(i, 1, point);
    return value;
}

} // namespace

std::string Translator::say(std::string_view english, std::initializer_list<Figure> figures) const {
    fmt::dynamic_format_arg_store<fmt::format_context> args;
    for (const Figure& f : figures)
        args.push_back(fmt::arg(f.name, decimalPoint() == "." ? f.value : withDecimalPoint(f.value, decimalPoint())));
    try {
        return fmt::vformat(say(english), args);
    } catch (const fmt::format_error&) {
        return fmt::vformat(english, args);
    }
}

const Translator& english() {
    static const Translator translator;
    return translator;
}

} // namespace zokran
