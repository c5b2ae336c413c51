#include "core/page/paper.h"

#include "core/base/errors.h"
#include "core/base/quantity_text.h"

#include <algorithm>
#include <cctype>
#include <cmath>
#include <fmt/format.h>
#include <string>

namespace zokran {

namespace {

constexpr double inch = 25.4;

struct Named {
    std::string_view name;
    double width, height; ///< mm
};
// Those alike in shape stand in the order they are met most.
constexpr Named papers[] = {{"a4", 210, 297},
                            {"a3", 297, 420},
                            {"a5", 148, 210},
                            {"a2", 420, 594},
                            {"a6", 105, 148},
                            {"a1", 594, 841},
                            {"a0", 841, 1189},
                            {"9x12in", 9 * inch, 12 * inch},
                            {"11x14in", 11 * inch, 14 * inch},
                            {"14x17in", 14 * inch, 17 * inch},
                            {"18x24in", 18 * inch, 24 * inch},
                            {"letter", 8.5 * inch, 11 * inch},
                            {"legal", 8.5 * inch, 14 * inch},
                            {"tabloid", 11 * inch, 17 * inch},
                            {"imperial", 22 * inch, 30 * inch},
                            {"half-imperial", 15 * inch, 22 * inch},
                            {"quarter-imperial", 11 * inch, 15 * inch}};

constexpr std::string_view lying = "-landscape";

} // namespace

PaperSize paperNamed(std::string_view name) {
    std::string plain;
    for (const char c : name)
        plain += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
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

std::vector<std::string_view> paperNames() {
    std::vector<std::string_view> names;
    for (const Named& paper : papers)
        names.push_back(paper.name);
    return names;
}

std::string nameOf(const PaperSize& paper) {
    for (const Named& named : papers) {
        if (paper == PaperSize{{named.width}, {named.height}})
            return std::string(named.name);
        if (paper == PaperSize{{named.height}, {named.width}})
            return std::string(named.name) + std::string(lying);
    }
    return fmt::format("{:.0f}x{:.0f}", paper.width, paper.height);
}

PaperSize likelyPaper(double aspect, const PaperSize& usual) {
    // Sheets that shine from the side or curl a little look up to this much narrower.
    constexpr double sameShape = 0.04;
    const auto off = [&](const PaperSize& paper) {
        const double longer = std::max(paper.width, paper.height) / std::min(paper.width, paper.height);
        return std::abs(std::log(std::max(aspect, 1 / aspect) / longer));
    };
    PaperSize best = usual;
    if (off(usual) > sameShape)
        for (const Named& named : papers)
            if (const PaperSize paper{{named.width}, {named.height}}; off(paper) < off(best) - 1e-3)
                best = paper;
    if ((aspect > 1) != (best.width > best.height))
        std::swap(best.width, best.height);
    return best;
}

} // namespace zokran
