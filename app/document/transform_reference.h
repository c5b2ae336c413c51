#pragma once

#include "app/document/study_session.h"
#include "core/head/reference_transform.h"

namespace zokran {

/// Mirrors the reference or turns it by a quarter, with all its marks, off the UI thread; the photograph as it
/// came stays in the logbook, and undoing goes back to it. Where a sketch was drawn from it already that is
/// told instead.
void transformReference(StudySession& session, ReferenceTransform how);

} // namespace zokran
