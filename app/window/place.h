#pragma once

namespace zokran {

/// What the window can show, in the order of its buttons at the far left.
enum class Place { Workspace, Library, CastRoom, Practice, Progress };

} // namespace zokran
