#include "app/course/draw/clock_face.h"

#include "app/widgets/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr int lengths[] = {5, 10, 20, 30, 0}; ///< minutes; 0 counts only
constexpr int largeTime = 44;                 ///< px, read from the easel

} // namespace

QString timeOf(const StudyClock& clock) {
    const auto spent = clock.spent(), limit = clock.limit();
    const auto shown = (limit.count() > 0 && !clock.isOver() ? limit - spent : spent).count();
    return QString("%1:%2").arg(shown / 60).arg(shown % 60, 2, 10, QChar('0'));
}

ClockFace::ClockFace(StudyClock& clock, TimedSitting& sitting, QWidget* parent)
    : QWidget(parent), clock_(clock), sitting_(sitting) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(time_ = new QLabel);
    QFont large = typeFont(TypeSize::Reading, true);
    large.setPixelSize(largeTime);
    time_->setFont(large);
    time_->setStyleSheet(QString("font-size: %1px;").arg(largeTime));
    time_->setAccessibleName(tr("Time"));
    column->addWidget(words_ = new QLabel);
    words_->setWordWrap(true);
    words_->setProperty(typeProperty, "caption");
    auto* row = new QHBoxLayout;
    row->setSpacing(2);
    column->addLayout(row);
    for (const int minutes : lengths) {
        auto* button = new QPushButton(minutes ? QString::number(minutes) : tr("Free"));
        button->setProperty("role", "line");
        button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        button->setAccessibleName(minutes ? tr("%n minutes", nullptr, minutes) : tr("Free"));
        button->setToolTip(minutes ? tr("Draw for %1 minutes").arg(minutes)
                                   : tr("Draw as long as it takes"));
        row->addWidget(button);
        lengths_.push_back(button);
        connect(button, &QPushButton::clicked, this,
                [this, minutes] { clock_.start(std::chrono::minutes(minutes)); });
    }
    auto* second = new QHBoxLayout;
    column->addLayout(second);
    second->addWidget(pause_ = new QPushButton);
    second->addWidget(more_ = new QPushButton(tr("One more &minute")));
    second->addWidget(rested_ = new QPushButton(tr("I have res&ted")));
    connect(pause_, &QPushButton::clicked, this,
            [this] { clock_.isRunning() ? clock_.pause() : clock_.resume(); });
    connect(more_, &QPushButton::clicked, this, [this] { clock_.oneMoreMinute(); });
    connect(rested_, &QPushButton::clicked, this, [this] { clock_.hadBreak(); });
    auto* third = new QHBoxLayout;
    column->addLayout(third);
    third->addWidget(next_ = new QPushButton(tr("Ne&xt head")));
    third->addWidget(end_ = new QPushButton(tr("&End the sitting")));
    connect(next_, &QPushButton::clicked, this, [this] { sitting_.next(); });
    connect(end_, &QPushButton::clicked, this, [this] { sitting_.end(); });
    connect(&clock_, &StudyClock::changed, this, &ClockFace::refresh);
    connect(&sitting_, &TimedSitting::changed, this, &ClockFace::refresh);
    refresh();
}

void ClockFace::refresh() {
    const bool set = clock_.isSet();
    const auto limit = clock_.limit();
    time_->setVisible(set);
    if (set)
        time_->setText(timeOf(clock_));
    QString words;
    if (!set && clock_.wantsBreak())
        words = tr("About five heads, or half an hour: a break now. Look into the distance, roll the "
                   "shoulders, open and close the hand, drink something.");
    else if (!set)
        words = tr("How long will you draw, in minutes? The time is kept with the sketch.");
    else if (const auto grace = sitting_.grace())
        words = sitting_.at() < sitting_.heads()
                    ? tr("The time is up. The next head comes in %1 seconds; photograph this one later.").arg(*grace)
                    : tr("The time is up, and the sitting with it.");
    else if (clock_.isOver())
        words = tr("The time is up. Photograph it as it is, or take one more minute.");
    else if (!clock_.isRunning())
        words = tr("Paused.");
    else if (clock_.wantsBreak())
        words = tr("Half an hour: put the pencil down at the next good place. Look up, stand up, shake out the hand.");
    else
        words = limit.count() ? tr("left of %1 minutes").arg(limit.count() / 60) : tr("so far");
    if (set && sitting_.isOn())
        words = tr("Head %1 of %2 · ").arg(sitting_.at()).arg(sitting_.heads()) + words;
    words_->setText(words);
    next_->setVisible(sitting_.isOn() && sitting_.at() < sitting_.heads());
    end_->setVisible(sitting_.isOn());
    for (QPushButton* button : lengths_)
        button->setVisible(!set);
    pause_->setVisible(set);
    pause_->setText(clock_.isRunning() ? tr("Pa&use") : tr("Go o&n"));
    more_->setVisible(set && clock_.isOver());
    rested_->setVisible(clock_.wantsBreak());
}

} // namespace zokran
