#pragma once

#include "core/head/marks.h"

#include <atomic>
#include <filesystem>

namespace zokran {

/// Finds a face in a photograph and marks what can be found of it: dlib's frontal face detector and
/// its predictor of 68 points, tried at several turns of the picture so that a leaning head is
/// found too. The marks are suggestions: eyes, nose, mouth, brow and chin, with `noise` set to how
/// far such points are commonly off. Takes seconds; returns early, with no marks, once `cancelled`
/// is true. Throws BadInput, naming the file and the cause, when the picture cannot be read, no
/// face is found, or the predictor's file is missing (then it names the package that brings it).
MarkSheet suggestMarks(const std::filesystem::path& photo,
                       const std::atomic<bool>* cancelled = nullptr);

} // namespace zokran
