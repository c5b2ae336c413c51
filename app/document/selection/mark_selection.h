#pragma once

#include "app/document/selection/selection_state.h"
#include "core/head/any_mark.h"
#include "logbook/study.h"

#include <array>
#include <optional>

namespace zokran {

/// Which mark is asked for, touched or moved, each side for itself.
class MarkSelection : public SelectionState {
public:
    using SelectionState::SelectionState;

    /// The mark asked for by name, to be placed next.
    std::optional<Mark> chosen(Side side) const { return at(side).chosen; }
    void choose(Side side, std::optional<Mark> mark) {
        at(side).chosen = mark;
        emit changed();
    }
    /// The mark placed or touched last.
    std::optional<Mark> touched(Side side) const { return at(side).touched; }
    /// The touched mark if it was touched by a press or in the list: the arrow keys move it, whatever is asked for.
    std::optional<Mark> keyboardTarget(Side side) const { return at(side).isKeyboardTarget ? touched(side) : std::nullopt; }
    void touch(Side side, std::optional<Mark> mark) {
        at(side).touched = mark;
        at(side).isKeyboardTarget = true;
        emit changed();
    }
    /// After a mark was placed: nothing is asked for by name, and this one was touched last.
    void placed(Side side, std::optional<Mark> mark) {
        at(side).chosen.reset();
        if (at(side).touched != mark)
            at(side).isKeyboardTarget = false;
        at(side).touched = mark;
    }

    /// Eyebrows, lids and lips are being marked, and the ring selected last.
    struct ExpressionRing {
        Side side;
        ExpressionMark mark;
        bool operator==(const ExpressionRing&) const = default;
    };
    bool marksExpression() const { return marksExpression_; }
    void markExpression(bool on) {
        marksExpression_ = on;
        expression_.reset();
        emit changed();
    }
    const std::optional<ExpressionRing>& expression() const { return expression_; }
    void selectExpression(Side side, ExpressionMark mark) { set(expression_, std::optional(ExpressionRing{side, mark})); }

    /// The learner looks over what the program saw on the sketch.
    bool looksOver() const { return looksOver_; }
    void lookOver(bool on) {
        looksOver_ = on;
        held_.reset();
        emit changed();
    }
    /// The mark that is being moved as it is looked over: it stays the one that is asked for until it is let go.
    const std::optional<AnyMark>& held() const { return held_; }
    void hold(const std::optional<AnyMark>& mark) { set(held_, mark); }

    void clear() override {
        sides_ = {};
        looksOver_ = marksExpression_ = false;
        expression_.reset();
        held_.reset();
    }

private:
    struct OfSide {
        std::optional<Mark> chosen, touched;
        bool isKeyboardTarget = false;
    };
    OfSide& at(Side side) { return sides_[side == Side::Reference ? 0 : 1]; }
    const OfSide& at(Side side) const { return sides_[side == Side::Reference ? 0 : 1]; }

    std::array<OfSide, 2> sides_;
    bool looksOver_ = false, marksExpression_ = false;
    std::optional<ExpressionRing> expression_;
    std::optional<AnyMark> held_;
};

} // namespace zokran
