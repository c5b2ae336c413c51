#pragma once

#include "core/compare/snapshots.h"
#include "core/messages/translator.h"

namespace zokran {

/// A drift in one or two sentences: how far it has gone, and what to do. `seen`: the reference's pose.
std::string wordsFor(const DrawingDrift& drift, const Pose& seen, const Translator& translator = english());

/// The one thing worth saying while a drawing grows: its surest drift, or else that what was mended holds; empty where there
/// is nothing to say.
std::string wordWhileDrawing(const DrawingTimeline& timeline, const Pose& seen, const Translator& translator = english());

/// Since which photograph a finding has been there, such as "height of the mouth: since photograph 3".
std::string wordsFor(const FindingOnset& onset, const Translator& translator = english());

} // namespace zokran
