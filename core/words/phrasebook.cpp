#include "core/words/phrasebook.h"

namespace zokran {

std::string Phrasebook::say(std::string_view english, std::initializer_list<Figure> figures) const {
    fmt::dynamic_format_arg_store<fmt::format_context> args;
    for (const Figure& f : figures)
        args.push_back(fmt::arg(f.name, f.value));
    try {
        return fmt::vformat(say(english), args);
    } catch (const fmt::format_error&) {
        return fmt::vformat(english, args);
    }
}

const Phrasebook& english() {
    static const Phrasebook book;
    return book;
}

} // namespace zokran
