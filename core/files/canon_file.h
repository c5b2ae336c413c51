#pragma once

#include "core/construction/canon.h"

#include <filesystem>
#include <vector>

namespace zokran {

/// Reads a canon. Throws BadInput naming the file and the cause.
Canon readCanon(const std::filesystem::path& file);

/// Every canon in the data folder, by id. One that cannot be read is left out and named in
/// `troubles`, when given.
std::vector<Canon> canons(std::vector<std::string>* troubles = nullptr);

/// The canon with this id. Throws BadInput listing the ids there are.
Canon canonNamed(const std::string& id);

} // namespace zokran
