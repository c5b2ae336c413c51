#pragma once

#include "core/construction/canon.h"

#include <filesystem>
#include <vector>

namespace zokran {

/// Reads a canon. Throws BadInput naming the file and the cause.
Canon readCanon(const std::filesystem::path& file);

/// Every canon in the data folder and in the learner's own, by id. One that cannot be read is left out and named in
/// `troubles`, when given.
std::vector<Canon> canons(std::vector<std::string>* troubles = nullptr);

/// The canon with this id. Throws BadInput listing the ids there are.
Canon canonNamed(const std::string& id);

/// Takes a canon's file into the learner's own folder, where it is found from then on. Throws
/// BadInput naming the file and the cause.
Canon keepCanon(const std::filesystem::path& file);

/// Keeps a head's own levels and widths as a canon of the learner's, under a name; they are scaled so
/// that the crown is at 1 and the chin at -4/3, as in every canon. Throws BadInput where the name has
/// no letter, or is a school of the program's own.
Canon keepOwnCanon(const std::string& name, const std::pair<Levels, Widths>& measures);

} // namespace zokran
