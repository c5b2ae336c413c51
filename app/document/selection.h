#pragma once

#include "core/head/any_mark.h"
#include "logbook/study.h"

#include <QObject>
#include <QString>
#include <optional>

namespace zokran {

/// What the learner points at or has taken up, each side for itself; kept nowhere.
class Selection : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;

    /// The mark asked for by name, to be placed next.
    std::optional<Mark> chosen(Side side) const { return chosen_[index(side)]; }
    void choose(Side side, std::optional<Mark> mark) {
        chosen_[index(side)] = mark;
        emit changed();
    }
    /// The mark placed or touched last.
    std::optional<Mark> touched(Side side) const { return touched_[index(side)]; }
    /// Of these only one that was touched, by a press or in the list: the arrows move it, whatever is asked for.
    std::optional<Mark> takenUp(Side side) const { return isTakenUp_[index(side)] ? touched(side) : std::nullopt; }
    void touch(Side side, std::optional<Mark> mark) {
        touched_[index(side)] = mark;
        isTakenUp_[index(side)] = true;
        emit changed();
    }
    /// After a mark was placed: nothing is asked for by name, and this one was touched last.
    void placed(Side side, std::optional<Mark> mark) {
        chosen_[index(side)].reset();
        if (touched_[index(side)] != mark)
            isTakenUp_[index(side)] = false;
        touched_[index(side)] = mark;
    }
    /// The line under the pointer, lit on both sheets.
    const QString& litLine() const { return lit_; }
    void light(const QString& line) {
        if (line == lit_)
            return;
        lit_ = line;
        emit lit();
    }
    /// How far the form alone is turned out of the sitter's pose by the hand.
    struct Turned {
        Radians turn, tilt;
        bool operator==(const Turned&) const = default;
    };
    const Turned& turned() const { return turned_; }
    void turn(const Turned& by) {
        if (by == turned_)
            return;
        turned_ = by;
        emit changed();
    }
    /// The step of drawing the form that is shown, from 1; 0 for all of it.
    int formStep() const { return formStep_; }
    void showFormStep(int step) {
        formStep_ = step;
        emit changed();
    }
    /// How far the form is put down while it is watched, 0 to 1; nothing while it is not.
    const std::optional<double>& putDownShare() const { return putDownShare_; }
    void showPutDown(std::optional<double> share) {
        if (share == putDownShare_)
            return;
        putDownShare_ = share;
        emit changed();
    }
    /// What looks wrong to the learner, the biggest first, while they are still saying it.
    const std::vector<Part>& selfAssessment() const { return selfAssessment_; }
    /// Says it, or takes it back.
    void say(Part part) {
        if (std::erase(selfAssessment_, part) == 0)
            selfAssessment_.push_back(part);
        emit changed();
    }
    /// The measurement under way: its kind, and the ends put down so far.
    const Measurement& laying() const { return laying_; }
    void lay(const Measurement& laying) {
        laying_ = laying;
        emit changed();
    }
    /// The measurement taken up in the list, from 0; -1 for none.
    int measure() const { return measure_; }
    void takeUp(int measure) {
        if (measure == measure_)
            return;
        measure_ = measure;
        emit changed();
    }
    /// Before a new measurement's number is told the learner says what they think it is.
    bool guessesFirst() const { return guessesFirst_; }
    void guessFirst(bool first) {
        guessesFirst_ = first;
        emit changed();
    }
    /// The guides lie under what is measured, and take hold of its ends.
    bool measuresOnGuides() const { return measuresOnGuides_; }
    void measureOnGuides(bool on) {
        measuresOnGuides_ = on;
        emit changed();
    }
    /// The measurement whose number waits for a guess, from 0; -1 for none.
    int unguessed() const { return unguessed_; }
    void waitForGuess(int measure) {
        unguessed_ = measure;
        emit changed();
    }
    /// A drawing that was put aside has been looked at anew.
    bool lookedAgain() const { return lookedAgain_; }
    void lookAgain() {
        lookedAgain_ = true;
        emit changed();
    }
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
    /// A line being laid over a drawn one, px of its side's picture; it is not judged before it stands.
    struct LineAnnotation {
        DrawnLine line;
        Side side;
        std::vector<PicturePoint> at;
        int width, height; ///< px of the picture as it lies; laid otherwise meanwhile, the points mean nothing
        /// A ring was pressed, moved or left by Space, or the line lay there before: not merely proposed.
        bool isLookedAt = false;
    };
    const std::optional<LineAnnotation>& lineAnnotation() const { return lineAnnotation_; }
    void annotateLine(std::optional<LineAnnotation> annotation) {
        lineAnnotation_ = std::move(annotation);
        emit changed();
    }
    /// Eyebrows, lids and lips are being marked, and the ring taken up last.
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
    void takeUpExpression(Side side, ExpressionMark mark) {
        if (expression_ == ExpressionRing{side, mark})
            return;
        expression_ = ExpressionRing{side, mark};
        emit changed();
    }
    /// The learner looks over what the program saw on the sketch.
    bool looksOver() const { return looksOver_; }
    void lookOver(bool on) {
        looksOver_ = on;
        held_.reset();
        emit changed();
    }
    /// The mark that is being moved as it is looked over: it stays the one that is asked for until it is let go.
    const std::optional<AnyMark>& held() const { return held_; }
    void hold(const std::optional<AnyMark>& mark) {
        if (mark == held_)
            return;
        held_ = mark;
        emit changed();
    }
    /// Which finding of the check is looked at, from 0.
    int finding() const { return finding_; }
    void showFinding(int index) {
        finding_ = index;
        emit changed();
    }
    /// Every mark and arrow lies on the checked sketch, not one finding.
    bool allNumbers() const { return allNumbers_; }
    void showAllNumbers(bool all) {
        if (all == allNumbers_)
            return;
        allNumbers_ = all;
        emit changed();
    }
    void clear() {
        finding_ = 0;
        selfAssessment_.clear();
        chosenHead_.reset();
        lineAnnotation_.reset();
        laying_ = {"stick", {}, false};
        measure_ = unguessed_ = -1;
        allNumbers_ = lookedAgain_ = looksOver_ = marksExpression_ = false;
        expression_.reset();
        held_.reset();
        turned_ = {};
        formStep_ = 0;
        putDownShare_.reset();
        for (auto* list : {&chosen_, &touched_})
            for (auto& mark : *list)
                mark.reset();
        light({});
    }

signals:
    void changed();
    void lit();

private:
    static std::size_t index(Side side) { return side == Side::Reference ? 0 : 1; }
    std::optional<Mark> chosen_[2], touched_[2];
    bool isTakenUp_[2] = {false, false};
    QString lit_;
    Turned turned_;
    int formStep_ = 0, finding_ = 0;
    std::optional<double> putDownShare_;
    bool allNumbers_ = false, lookedAgain_ = false, looksOver_ = false, marksExpression_ = false;
    std::optional<ExpressionRing> expression_;
    std::optional<AnyMark> held_;
    std::vector<Part> selfAssessment_;
    std::optional<ChosenHead> chosenHead_;
    std::optional<LineAnnotation> lineAnnotation_;
    Measurement laying_{"stick", {}, false};
    int measure_ = -1, unguessed_ = -1;
    bool guessesFirst_ = false, measuresOnGuides_ = false;
};

} // namespace zokran
