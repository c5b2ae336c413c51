#pragma once

#include "app/document/desk.h"

namespace zokran {

/// The drawings on the sketch's page; none where it shows but one.
const std::vector<Framing>& severalHeads(Desk& desk);
/// Takes up one of them, from 0; beyond the last: the whole page is one drawing.
void chooseHead(Desk& desk, std::size_t head);
/// The one taken up on the page that lies there.
std::optional<Framing> headTakenUp(const Desk& desk);

} // namespace zokran
