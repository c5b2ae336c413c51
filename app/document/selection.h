#pragma once

#include "app/document/selection/check_state.h"
#include "app/document/selection/form_view_state.h"
#include "app/document/selection/line_state.h"
#include "app/document/selection/mark_selection.h"
#include "app/document/selection/measuring_state.h"

#include <array>

namespace zokran {

/// What the learner points at or has chosen to see, topic by topic.
struct Selection {
    MarkSelection marks;
    FormViewState form;
    MeasuringState measuring;
    CheckState check;
    LineState lines;

    std::array<SelectionState*, 5> states() { return {&marks, &form, &measuring, &check, &lines}; }
};

} // namespace zokran
