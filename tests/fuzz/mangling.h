#pragma once

#include <random>
#include <string>
#include <vector>

namespace zokran::fuzz {

/// A number or word at which readers stumble.
const char* stumble(std::mt19937& random);

/// The bytes with one to four things wrong: bits and bytes changed, stretches left out, doubled, taken from others of the
/// corpus, numbers replaced by such as above.
std::string mangled(std::string bytes, const std::vector<std::string>& corpus, std::mt19937& random);

} // namespace zokran::fuzz
