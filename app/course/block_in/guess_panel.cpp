#include "app/course/block_in/guess_panel.h"

#include "app/document/marking.h"
#include "app/widgets/fields.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace zokran {

GuessPanel::GuessPanel(OpenStudy& opened, QWidget* parent) : StepPanel(parent), opened_(opened) {
    addHeading(tr("Guess first"));
    addText(tr("Judge the head before anything is measured. Drag the ball out over "
               "the cranium, then turn it under your hand; being wrong is how the eye learns."));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setColumnStretch(0, 1);
    column_->addLayout(grid);
    auto field = [&](const QString& name, double low, double high, const QString& suffix,
                     auto change) {
        auto* box = addNumber(grid, name, low, high, suffix);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, name, change](double value) {
            if (refreshing_ || !isGuessing(opened_))
                return;
            Guess guess = *opened_.study().guess;
            change(guess, value);
            setGuess(opened_, tr("Turn the construction"), "guess " + name, guess);
        });
        return box;
    };
    auto degrees = [](double value) { return toRadians(Degrees{value}); };
    turn_ = field(tr("&Turn, + to the right"), -90, 90, tr("°"),
                  [=](Guess& g, double v) { g.pose.turn = degrees(v); });
    tilt_ = field(tr("T&ilt, + chin up"), -90, 90, tr("°"),
                  [=](Guess& g, double v) { g.pose.tilt = degrees(v); });
    lean_ = field(tr("&Lean, + to the right"), -180, 180, tr("°"),
                  [=](Guess& g, double v) { g.pose.lean = degrees(v); });
    lean_->setWrapping(true);
    width_ = field(tr("&Width of the head to its length"), 50, 95, tr(" %"),
                   [](Guess& g, double v) { g.sidePlane = {v / 100}; });
    chin_ = field(tr("Brow to &chin, to the ball's radius"), 70, 220, tr(" %"),
                  [](Guess& g, double v) { g.chin = {-v / 100}; });
    addText(tr("On the ball: turn and tilt.  Along its rim: lean.  Its middle: move.  Its edge: size.  "
               "The chin: drop it."),
            "caption");
    addText(tr("Keys on the photograph: arrows turn and tilt by a degree, comma and full stop lean, "
               "W A S D move, [ and ] size, C drops the chin, with Shift by more; Enter stands by "
               "the guess."),
            "caption");
    column_->addStretch();
}

void GuessPanel::showStudy() {
    if (!isGuessing(opened_))
        return;
    const Guess& guess = *opened_.study().guess;
    showNumber(turn_, inDegrees(guess.pose.turn));
    showNumber(tilt_, inDegrees(guess.pose.tilt));
    showNumber(lean_, inDegrees(guess.pose.lean));
    showNumber(width_, 100 * guess.sidePlane);
    showNumber(chin_, -100 * guess.chin);
}

} // namespace zokran
