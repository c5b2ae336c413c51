#pragma once

#include "core/head/marks.h"
#include "suggest/face_points.h"

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

/// The marks as learned beside the points of a face. Throws BadInput when heads/face_points.json of
/// the data folder cannot be read.
MarkSheet marksOf(const FacePoints& face, int width, int height);

/// The points of a face as if each were the mark it lies nearest to, which none quite is.
MarkSheet rawMarks(const FacePoints& face, int width, int height);

} // namespace zokran
