#pragma once

#include "app/document/selection/selection_state.h"
#include "core/base/units.h"

#include <optional>

namespace zokran {

/// How the construction is looked at where it stands alone.
class FormViewState : public SelectionState {
public:
    using SelectionState::SelectionState;

    /// How far it is turned by hand out of the sitter's pose.
    struct Turned {
        Radians turn, tilt;
        bool operator==(const Turned&) const = default;
    };
    const Turned& turned() const { return turned_; }
    void turn(const Turned& by) { set(turned_, by); }

    /// The step of drawing it that is shown, from 1; 0 for all of it.
    int step() const { return step_; }
    void showStep(int step) { set(step_, step); }

    /// How much of it the animation of its drawing has drawn, 0 to 1; nothing while that does not play.
    const std::optional<double>& animatedShare() const { return animatedShare_; }
    void animate(std::optional<double> share) { set(animatedShare_, share); }

    void clear() override {
        turned_ = {};
        step_ = 0;
        animatedShare_.reset();
    }

private:
    Turned turned_;
    int step_ = 0;
    std::optional<double> animatedShare_;
};

} // namespace zokran
