#include "app/bench/guess_panel.h"

#include "app/theme/fields.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <cmath>

namespace zokran {

namespace {

/// Differences smaller than these are as good as none to the eye.
constexpr Degrees hardlyOff{3};
constexpr double hardlyLarger = 0.06, hardlyLonger = 0.08;

} // namespace

GuessPanel::GuessPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("Guess first"));
    addText(tr("Judge the head before anything is measured. Pull the diamonds on the photograph "
               "until the construction sits on the head; being wrong is how the eye learns."));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setColumnStretch(0, 1);
    column_->addLayout(grid);
    auto field = [&](const QString& name, double low, double high, const QString& suffix,
                     auto change) {
        auto* box = addNumber(grid, name, low, high, suffix);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, name, change](double value) {
            if (refreshing_ || !session_.isGuessing())
                return;
            Guess guess = *session_.study().guess;
            change(guess, value);
            session_.setGuess(tr("Turn the construction"), "guess " + name, guess);
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
    addText(tr("Centre line: turn.  Brow line: tilt.  Crown: lean.  Side oval: width.  Chin: drop "
               "it.  The ball's middle moves it, its edge sizes it."),
            "caption");
    addText(tr("Keys on the photograph: arrows turn and tilt by a degree, comma and full stop "
               "lean, with Shift by ten; Enter stands by the guess."),
            "caption");
    column_->addStretch();
}

void GuessPanel::refresh() {
    if (!session_.isGuessing())
        return;
    refreshing_ = true;
    const Guess& guess = *session_.study().guess;
    turn_->setValue(toDegrees(guess.pose.turn).value);
    tilt_->setValue(toDegrees(guess.pose.tilt).value);
    lean_->setValue(toDegrees(guess.pose.lean).value);
    width_->setValue(100 * guess.sidePlane.value);
    chin_->setValue(-100 * guess.chin.value);
    refreshing_ = false;
}

QString guessInWords(const StudySession& session) {
    const auto& guess = session.study().guess;
    if (!guess || !guess->committed || !session.fit())
        return {};
    const Fit& fit = *session.fit();
    const GuessError e = errorOf(*guess, fit);
    QStringList words;
    auto rounded = [](Radians r) { return std::lround(std::abs(toDegrees(r).value)); };
    auto off = [](Radians r) { return std::abs(toDegrees(r).value) >= hardlyOff.value; };
    if (off(e.turn)) {
        // Said as too little or too much where the head is clearly turned, else by its direction.
        const bool turned = std::abs(toDegrees(fit.pose.turn).value) > 5;
        const bool less = (e.turn.value > 0) != (fit.pose.turn.value > 0);
        words << (turned ? less ? GuessPanel::tr("turned %1° too little").arg(rounded(e.turn))
                                : GuessPanel::tr("turned %1° too far").arg(rounded(e.turn))
                  : e.turn.value > 0
                      ? GuessPanel::tr("turned %1° too far to the right").arg(rounded(e.turn))
                      : GuessPanel::tr("turned %1° too far to the left").arg(rounded(e.turn)));
    }
    if (off(e.tilt))
        words << (e.tilt.value > 0 ? GuessPanel::tr("chin %1° too high").arg(rounded(e.tilt))
                                   : GuessPanel::tr("chin %1° too low").arg(rounded(e.tilt)));
    if (off(e.lean))
        words << (e.lean.value > 0
                      ? GuessPanel::tr("leaning %1° too far right").arg(rounded(e.lean))
                      : GuessPanel::tr("leaning %1° too far left").arg(rounded(e.lean)));
    if (std::abs(e.size) > hardlyLarger)
        words << (e.size > 0
                      ? GuessPanel::tr("ball %1 % too large").arg(std::lround(100 * e.size))
                      : GuessPanel::tr("ball %1 % too small").arg(std::lround(-100 * e.size)));
    if (std::abs(e.chin.value) > hardlyLonger)
        words << (e.chin.value > 0 ? GuessPanel::tr("chin too short")
                                   : GuessPanel::tr("chin too long"));
    return words.isEmpty()
               ? GuessPanel::tr("Your guess was as good as the measuring.")
               : GuessPanel::tr("Your guess, against the fit: %1.").arg(words.join(", "));
}

} // namespace zokran
