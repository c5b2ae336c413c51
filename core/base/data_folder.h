#pragma once

#include <filesystem>

namespace zokran {

/// Where canons, fonts and the demo lie: ZOKRAN_DATA when set, else beside the installed program
/// (../share/zokran from where it runs), else in the tree that the program lies in, such as in its build folder, else in
/// /usr/share/zokran.
std::filesystem::path dataFolder();

/// Where the manual's pages lie: beside the data where it is installed, in docs/ of the tree else.
std::filesystem::path manualFolder();

/// Where the learner's own canons lie: zokran/canons of XDG_DATA_HOME, or of ~/.local/share. It may
/// not be there yet.
std::filesystem::path ownCanonFolder();

} // namespace zokran
