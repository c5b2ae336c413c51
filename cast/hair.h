#pragma once

#include "cast/bust.h"
#include "cast/plaster_mesh.h"

#include <string>
#include <vector>

namespace zokran {

/// Ways of wearing the hair, the list that a sitter's `style` is one of.
std::vector<std::string> hairStyles();

/// Hair and beard as one shell over the scalp: every direction from the ball's middle has one
/// height. Empty for a bald, shaven sitter. Points, normals, parts and triangles are filled in,
/// openness is not. Throws BadInput when the style is not known.
PlasterMesh hairOf(const Bust& bust, MeshGrain grain);

} // namespace zokran
