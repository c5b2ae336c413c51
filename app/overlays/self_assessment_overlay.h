#pragma once

#include "app/sheet/overlay.h"

namespace zokran {

/// What the learner says looks wrong: a numbered ring on each part, the biggest first.
class SelfAssessmentOverlay : public Overlay {
public:
    struct Place {
        PicturePoint at;
        int number = 1;
    };
    explicit SelfAssessmentOverlay(std::vector<Place> p) : places(std::move(p)) {}
    void paint(const Canvas& canvas) const override;

    const std::vector<Place> places;
};

} // namespace zokran
