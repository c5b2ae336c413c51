#include "tests/fuzz/mangling.h"

#include <algorithm>
#include <iterator>

namespace zokran::fuzz {

namespace {

/// Numbers and words at which readers stumble.
constexpr const char* stumbles[] = {"-1",  "0",    "1e308", "-1e309", "nan",      "1e-320",     "99999999999999999999",
                                    "null", "true", "[]",    "{}",     "\"\\ud800\"", "4294967296", "-0.0"};

} // namespace

const char* stumble(std::mt19937& random) {
    return stumbles[random() % std::size(stumbles)];
}

std::string mangled(std::string bytes, const std::vector<std::string>& corpus, std::mt19937& random) {
    const auto below = [&](std::size_t n) { return n ? random() % n : 0; };
    for (std::size_t round = 0, rounds = 1 + below(4); round < rounds; ++round) {
        const std::size_t at = below(bytes.size()), length = below(std::min<std::size_t>(64, bytes.size() - at) + 1);
        switch (below(8)) {
        case 0: // a bit turned
            if (!bytes.empty())
                bytes[at] = static_cast<char>(bytes[at] ^ (1 << below(8)));
            break;
        case 1: // a byte replaced
            if (!bytes.empty())
                bytes[at] = static_cast<char>(random());
            break;
        case 2: // cut short
            bytes.resize(at);
            break;
        case 3: // a stretch left out
            bytes.erase(at, length);
            break;
        case 4: // a stretch doubled
            bytes.insert(at, bytes.substr(at, length));
            break;
        case 5: { // a stretch of another
            const std::string& other = corpus[below(corpus.size())];
            const std::size_t from = below(other.size());
            bytes.replace(at, length, other.substr(from, below(256)));
            break;
        }
        case 6: { // a number or word replaced
            std::size_t digit = bytes.find_first_of("0123456789", at);
            if (digit == std::string::npos)
                break;
            const std::size_t end = bytes.find_first_not_of("0123456789.eE+-", digit);
            bytes.replace(digit, end == std::string::npos ? end : end - digit,
                          stumble(random));
            break;
        }
        default: // zeros or ones laid over
            bytes.replace(at, length, length, below(2) ? '\xff' : '\0');
        }
    }
    return bytes;
}

} // namespace zokran::fuzz
