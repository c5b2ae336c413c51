#pragma once

#include "app/document/study_session.h"
#include "app/overlays/warped_overlay.h"
#include "app/sheet/scene.h"

namespace zokran {

/// Lays the reference over the sketch's picture, under what else lies on the sheet. Of `how` the
/// strength and the reach count.
void layReference(StudySession& session, Scene& drawn, WarpedOverlay::Shown how);

} // namespace zokran
