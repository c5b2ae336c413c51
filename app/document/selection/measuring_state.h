#pragma once

#include "app/document/selection/selection_state.h"
#include "logbook/study.h"

namespace zokran {

/// The measurement under way, and the one selected in the list.
class MeasuringState : public SelectionState {
public:
    using SelectionState::SelectionState;

    /// Its kind, and the ends placed so far.
    const Measurement& current() const { return current_; }
    void setCurrent(const Measurement& measurement) {
        current_ = measurement;
        emit changed();
    }
    /// The measurement selected in the list, from 0; -1 for none.
    int selected() const { return selected_; }
    void select(int measure) { set(selected_, measure); }

    /// Before a new measurement's number is told the learner says what they think it is.
    bool guessesFirst() const { return guessesFirst_; }
    void guessFirst(bool first) { set(guessesFirst_, first); }

    /// The guides lie under what is measured, and its ends snap to them.
    bool snapsToGuides() const { return snapsToGuides_; }
    void snapToGuides(bool on) { set(snapsToGuides_, on); }

    /// The measurement whose number waits for a guess, from 0; -1 for none.
    int awaitingGuess() const { return awaitingGuess_; }
    void awaitGuess(int measure) { set(awaitingGuess_, measure); }

    /// The two wishes stay: they are the learner's way of measuring.
    void clear() override {
        current_ = {"stick", {}, false};
        selected_ = awaitingGuess_ = -1;
    }

private:
    Measurement current_{"stick", {}, false};
    int selected_ = -1, awaitingGuess_ = -1;
    bool guessesFirst_ = false, snapsToGuides_ = false;
};

} // namespace zokran
