#pragma once

#include "core/head/marks.h"
#include "core/page/framing.h"
#include "suggest/face_points.h"

#include <atomic>
#include <filesystem>

namespace zokran {

/// Finds the faces in a photograph, upright or leaning, and marks what can be found of each: eyes,
/// nose, mouth, brow and chin, the largest face first. The marks are suggestions, each with the
/// `noise` that was learned for it. With `framed` only that part of the photograph is searched, and so finer;
/// the marks are in px of the whole all the same. Takes seconds; returns early, with nothing, once `cancelled` is
/// true. Throws BadInput, naming the file and the cause, when the picture cannot be read, no face is
/// found, or a file of the predictor's is missing.
std::vector<MarkSheet> suggestMarks(const std::filesystem::path& photo,
                                    const std::atomic<bool>* cancelled = nullptr,
                                    const std::optional<Framing>& framed = {});

/// The marks as learned beside the points of a face, with `smiling` set where its lips stand apart. Throws
/// BadInput when heads/face_points.json of the data folder cannot be read.
MarkSheet marksOf(const FacePoints& face, int width, int height);

/// The points of a face as if each were the mark it lies nearest to, which none quite is.
MarkSheet rawMarks(const FacePoints& face, int width, int height);

} // namespace zokran
