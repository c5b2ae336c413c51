#pragma once

#include "core/light/lit_solid.h"

#include <string>

namespace zokran {

/// A construction as other programs open it: triangles with a normal at each point, in ball radii, the head's
/// frame (x to the sitter's left, y up, z out of the face).

/// As Wavefront OBJ.
std::string objText(const LitSolid& solid);

/// As glTF 2.0 (Khronos), its numbers inside the file.
std::string gltfText(const LitSolid& solid);

} // namespace zokran
