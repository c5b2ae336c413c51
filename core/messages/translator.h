#pragma once

#include "core/base/translatable.h"

#include <fmt/args.h>
#include <fmt/format.h>
#include <initializer_list>
#include <string>
#include <string_view>

namespace zokran {

/// What the figures in a sentence are called, and what stands in for them.
struct Figure {
    const char* name;
    std::string value;
};

/// Says the sentences of the core in a language. They are written in English in core/messages, with
/// figures in braces, such as "lower it {amount}"; the program's window says them in the learner's.
class Translator {
public:
    virtual ~Translator() = default;
    /// The sentence in this language; itself when it has none.
    virtual std::string say(std::string_view english) const { return std::string(english); }
    /// What separates whole numbers from decimals in this language.
    virtual std::string decimalPoint() const { return "."; }
    /// The same with figures put in, their numbers as this language writes them. A translation whose braces are wrong gives way to the English.
    std::string say(std::string_view english, std::initializer_list<Figure> figures) const;
};

/// The sentences as they are written.
const Translator& english();

} // namespace zokran
