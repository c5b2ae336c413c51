#include "tests/folder.h"

#include <cstdlib>
#include <fstream>
#include <iterator>

namespace zokran::test {

Folder::Folder() {
    std::string name = (std::filesystem::temp_directory_path() / "zokran-log-XXXXXX").string();
    path = ::mkdtemp(name.data());
}

Folder::~Folder() {
    std::filesystem::remove_all(path);
}

std::string contentOf(const std::filesystem::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

void put(const std::filesystem::path& file, const std::string& bytes) {
    std::ofstream(file, std::ios::binary) << bytes;
}

} // namespace zokran::test
