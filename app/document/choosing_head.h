#pragma once

#include "app/document/study_session.h"

namespace zokran {

/// The drawings on the sketch's page; none where it shows but one.
const std::vector<Framing>& severalHeads(StudySession& session);
/// Selects one of them, from 0; beyond the last: the whole page is one drawing.
void chooseHead(StudySession& session, std::size_t head);
/// The frame of the selected one, px of the page as it lies; nothing where none is selected.
std::optional<Framing> chosenHeadFrame(const StudySession& session);

} // namespace zokran
