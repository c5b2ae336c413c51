#pragma once

#include "core/view/pose.h"

#include <nlohmann/json_fwd.hpp>

namespace zokran {

/// `{"turn": deg, "tilt": deg, "lean": deg}`.
nlohmann::ordered_json poseJson(const Pose& pose);

} // namespace zokran
