#pragma once

#include "app/document/selection/selection_state.h"
#include "logbook/study.h"

#include <optional>
#include <string>
#include <vector>

namespace zokran {

/// What of the check is looked at, and what the learner says before it is told.
class CheckState : public SelectionState {
public:
    using SelectionState::SelectionState;

    /// What looks wrong to the learner, the biggest first, while they are still saying it.
    const std::vector<Part>& selfAssessment() const { return selfAssessment_; }
    /// Names a part, or takes it back.
    void toggleAssessed(Part part) {
        if (std::erase(selfAssessment_, part) == 0)
            selfAssessment_.push_back(part);
        emit changed();
    }
    /// A drawing that was put aside has been looked at anew.
    bool lookedAgain() const { return lookedAgain_; }
    void lookAgain() { set(lookedAgain_, true); }

    /// The head of a page with several that is checked, px of that page; `picture` and `flat`: which page, and as it
    /// lay there.
    struct ChosenHead {
        std::string picture;
        std::optional<PageRectification> flat;
        Framing frame;
    };
    const std::optional<ChosenHead>& chosenHead() const { return chosenHead_; }
    void chooseHead(std::optional<ChosenHead> head) {
        chosenHead_ = std::move(head);
        emit changed();
    }
    /// Which finding is looked at, from 0.
    int finding() const { return finding_; }
    void showFinding(int index) { set(finding_, index); }

    /// Every mark and arrow lies on the checked sketch, not one finding.
    bool allNumbers() const { return allNumbers_; }
    void showAllNumbers(bool all) { set(allNumbers_, all); }

    void clear() override {
        finding_ = 0;
        selfAssessment_.clear();
        chosenHead_.reset();
        allNumbers_ = lookedAgain_ = false;
    }

private:
    int finding_ = 0;
    bool allNumbers_ = false, lookedAgain_ = false;
    std::vector<Part> selfAssessment_;
    std::optional<ChosenHead> chosenHead_;
};

} // namespace zokran
