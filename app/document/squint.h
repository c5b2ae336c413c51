#pragma once

#include "app/document/study_session.h"

namespace zokran {

/// A side's picture as half-shut eyes see it, in the values of the light and by its head's own size and range; the head's
/// shares are known once it is placed. Empty while it is being made.
HeadLight::Squinted squintedOn(StudySession& session, Side side);

} // namespace zokran
