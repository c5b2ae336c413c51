#pragma once

namespace zokran {

/// What the window can show, in the order of its buttons at the far left.
enum class Place { Bench, Shelf, CastRoom, Practice, Progress };

} // namespace zokran
