#pragma once

#include "core/head/marks.h"
#include "core/view/pose.h"

#include <filesystem>
#include <optional>
#include <string>
#include <utility>
#include <vector>

namespace zokran {

/// What truly stands behind a rendered picture, written by the stand-in camera.
struct Truth {
    Pose pose;
    std::vector<std::pair<std::string, double>> planted = {}; ///< errors of a sketch, by name
};

/// Reads `zokran-marks`. Throws BadInput naming the file and the cause: not JSON, another format, a
/// mark without numbers, a number that is not finite, a picture without a size. Names of marks that
/// are not known are refused, so that a misspelt one is not silently lost.
MarkSheet readMarks(const std::filesystem::path& file);

/// The same from text; `name` stands for the file in messages.
MarkSheet parseMarks(const std::string& text, const std::string& name);

/// The text of a `zokran-marks` file. Reading it back gives an equal sheet.
std::string marksText(const MarkSheet& sheet, const std::optional<Truth>& truth = std::nullopt);

} // namespace zokran
