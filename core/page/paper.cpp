#include "core/page/paper.h"

#include "core/base/errors.h"

#include <cctype>
#include <fmt/format.h>
#include <string>

namespace zokran {

namespace {

constexpr double inch = 25.4;

struct Named {
    std::string_view name;
    double width, height; ///< mm
};
constexpr Named papers[] = {{"a0", 841, 1189},
                            {"a1", 594, 841},
                            {"a2", 420, 594},
                            {"a3", 297, 420},
                            {"a4", 210, 297},
                            {"a5", 148, 210},
                            {"a6", 105, 148},
                            {"letter", 8.5 * inch, 11 * inch},
                            {"legal", 8.5 * inch, 14 * inch},
                            {"tabloid", 11 * inch, 17 * inch},
                            {"imperial", 22 * inch, 30 * inch},
                            {"half-imperial", 15 * inch, 22 * inch},
                            {"quarter-imperial", 11 * inch, 15 * inch}};

} // namespace

PaperSize paperNamed(std::string_view name) {
    std::string plain;
    for (const char c : name)
        plain += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    constexpr std::string_view lying = "-landscape";
    const bool landscape = plain.ends_with(lying);
    const std::string stem = landscape ? plain.substr(0, plain.size() - lying.size()) : plain;
    for (const Named& paper : papers)
        if (paper.name == stem)
            return landscape ? PaperSize{{paper.height}, {paper.width}}
                             : PaperSize{{paper.width}, {paper.height}};
    const auto x = plain.find('x');
    try {
        if (x != std::string::npos && x > 0 && x + 1 < plain.size()) {
            std::size_t used = 0, rest = 0;
            const double w = std::stod(plain.substr(0, x), &used);
            const double h = std::stod(plain.substr(x + 1), &rest);
            if (used == x && rest == plain.size() - x - 1 && w >= 20 && h >= 20 && w <= 5000 &&
                h <= 5000)
                return {{w}, {h}};
        }
    } catch (const std::exception&) {
        // Told below like any other name that is none.
    }
    std::string known;
    for (const Named& paper : papers)
        known += fmt::format("{}{}", known.empty() ? "" : ", ", paper.name);
    throw BadInput(fmt::format("there is no paper \"{}\"; there is: {}, each with -landscape, or WxH "
                               "in mm from 20 to 5000",
                               name, known));
}

} // namespace zokran
