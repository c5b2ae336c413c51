#pragma once

#include "core/files/marks_file.h"

#include <fstream>
#include <nlohmann/json.hpp>

namespace zokran::test {

/// The marks found in 28 photographs of people, see docs/sources.md.
inline std::vector<MarkSheet> realFaces() {
    std::ifstream file(ZOKRAN_TEST_DATA "/faces.json");
    std::vector<MarkSheet> sheets;
    const nlohmann::json all = nlohmann::json::parse(file);
    for (const auto& face : all.at("faces"))
        sheets.push_back(parseMarks(face.dump(), "faces.json"));
    return sheets;
}

} // namespace zokran::test
