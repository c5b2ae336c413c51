#include "app/practice/plan_page.h"

#include "app/document/fresh_eyes.h"
#include "app/practice/practice_command.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/base/atomic_file.h"
#include "logbook/drawings.h"

#include <QCheckBox>
#include <QDate>
#include <QDateTime>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QSpinBox>
#include <QUndoStack>
#include <cmath>

namespace zokran {

namespace {

constexpr const char* key = "plan";
constexpr int headAcross = 15, headDown = 19;

Day dayFrom(const QDate& date) {
    return {std::chrono::year{date.year()}, std::chrono::month{static_cast<unsigned>(date.month())},
            std::chrono::day{static_cast<unsigned>(date.day())}};
}

} // namespace

Day todayHere() {
    return dayFrom(QDate::currentDate());
}

HeadsFilling::HeadsFilling(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    setAccessibleName(tr("Heads of the plan"));
}

void HeadsFilling::show(int goal, int done, int today) {
    goal_ = goal;
    done_ = done;
    today_ = today;
    setAccessibleDescription(tr("%1 of %2 drawn").arg(done).arg(goal));
    updateGeometry();
    update();
}

QSize HeadsFilling::sizeHint() const {
    return {260, heightForWidth(260)};
}

int HeadsFilling::heightForWidth(int width) const {
    const int columns = std::max(1, width / headAcross);
    return ((goal_ + columns - 1) / columns) * headDown + 2;
}

void HeadsFilling::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const Theme& theme = Theme::current();
    const int columns = std::max(1, width() / headAcross);
    for (int i = 0; i < goal_; ++i) {
        const QRectF head((i % columns) * headAcross + 2, (i / columns) * headDown + 2, headAcross - 5,
                          headDown - 5);
        const bool done = i < done_, today = !done && i < done_ + today_;
        painter.setPen(QPen(done || today ? theme.chalk : theme.hairline, today ? 1.8 : 1));
        painter.setBrush(done ? QBrush(theme.chalk) : Qt::NoBrush);
        // A ball with a chin.
        QPainterPath path;
        path.moveTo(head.left(), head.top() + head.width() / 2);
        path.arcTo(QRectF(head.topLeft(), QSizeF(head.width(), head.width())), 180, -180);
        path.quadTo(QPointF(head.right(), head.bottom() - 3), QPointF(head.center().x(), head.bottom()));
        path.quadTo(QPointF(head.left(), head.bottom() - 3), QPointF(head.left(), head.top() + head.width() / 2));
        painter.drawPath(path);
    }
}

PlanPage::PlanPage(Document& document, const StudyClock& clock, TimedSitting& sitting, QUndoStack& undo, QWidget* parent)
    : QWidget(parent), clock_(clock), sitting_(sitting), undo_(undo), document_(document) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    const auto label = [&](const char* type) {
        auto* text = new QLabel;
        text->setWordWrap(true);
        text->setProperty(typeProperty, type);
        column->addWidget(text);
        return text;
    };
    label("heading")->setText(tr("Plan of heads"));
    words_ = label("strong");
    when_ = label("caption");
    column->addWidget(next_ = new QPushButton(tr("&Next head")));
    next_->setProperty("role", "next");
    column->addWidget(heads_ = new HeadsFilling);
    auto* grid = new QGridLayout;
    grid->setColumnStretch(0, 1);
    column->addLayout(grid);
    const auto number = [&](const QString& name, int low, int high, int value) {
        auto* box = new QSpinBox;
        box->setRange(low, high);
        box->setValue(value);
        auto* text = new QLabel(name);
        text->setBuddy(box);
        box->setAccessibleName(QString(name).remove('&'));
        const int row = grid->rowCount();
        grid->addWidget(text, row, 0);
        grid->addWidget(box, row, 1);
        return box;
    };
    goal_ = number(tr("&Heads"), 1, 1000, 100);
    days_ = number(tr("in so many &days"), 1, 365, 10);
    label("text")->setText(tr("Days off"));
    auto* off = new QGridLayout;
    off->setHorizontalSpacing(8);
    off->setVerticalSpacing(2);
    column->addLayout(off);
    constexpr int toARow = 4;
    for (int day = 1; day <= 7; ++day) {
        auto* box = new QCheckBox(QLocale().dayName(day, QLocale::ShortFormat).left(2));
        box->setAccessibleName(tr("%1 off").arg(QLocale().dayName(day)));
        box->setToolTip(QLocale().dayName(day));
        off->addWidget(box, (day - 1) / toARow, (day - 1) % toARow);
        off_.push_back(box);
    }
    auto* row = new QHBoxLayout;
    column->addLayout(row);
    row->addWidget(begin_ = new QPushButton);
    row->addWidget(give_up_ = new QPushButton(tr("Put it &away")));
    column->addWidget(calendar_ = new QPushButton(tr("Into my &calendar…")));
    column->addWidget(spread_ = new QPushButton(tr("&Spread of its heads…")));
    buildSitting(column);
    column->addStretch();
    connect(spread_, &QPushButton::clicked, this, &PlanPage::saveSpread);
    connect(&sheet_, &ContactSheet::failed, &document_, &Document::troubled);
    connect(&sheet_, &ContactSheet::written, this,
            [this](const QString& file) { when_->setText(tr("Saved: %1").arg(file)); });
    connect(begin_, &QPushButton::clicked, this, &PlanPage::begin);
    connect(next_, &QPushButton::clicked, this, &PlanPage::nextHead);
    connect(calendar_, &QPushButton::clicked, this, &PlanPage::saveCalendar);
    connect(give_up_, &QPushButton::clicked, this, [this] { keep(tr("Put the plan of heads away"), ""); });
    showChosen();
}

void PlanPage::buildSitting(QVBoxLayout* column) {
    auto* heading = new QLabel(tr("A timed sitting"));
    heading->setProperty(typeProperty, "heading");
    column->addWidget(heading);
    auto* row = new QHBoxLayout;
    column->addLayout(row);
    const auto number = [&](const QString& name, int low, int high, int value, const QString& suffix) {
        auto* box = new QSpinBox;
        box->setRange(low, high);
        box->setValue(value);
        box->setSuffix(suffix);
        box->setAccessibleName(name);
        row->addWidget(box, 1);
        return box;
    };
    sittingHeads_ = number(tr("Heads of the sitting"), 1, 20, 5, tr(" heads"));
    sittingMinutes_ = number(tr("Minutes for each"), 1, 60, 10, tr(" min each"));
    auto* start = new QPushButton(tr("B&egin the sitting"));
    column->addWidget(start);
    connect(start, &QPushButton::clicked, this,
            [this] { sitting_.begin(sittingHeads_->value(), std::chrono::minutes(sittingMinutes_->value())); });
    column->addWidget(again_ = new QPushButton);
    connect(again_, &QPushButton::clicked, this, [this] {
        if (!waiting_.empty())
            emit lookAgain(waiting_.front());
    });
}

void PlanPage::showWaiting() {
    waiting_.clear();
    document_.tryEdit([&] { waiting_ = waitingForFreshEyes(document_.logbook(), clock_); });
    again_->setVisible(!waiting_.empty());
    again_->setText(tr("&Look again: %n drawings put aside", nullptr, static_cast<int>(waiting_.size())));
}

void PlanPage::saveSpread() {
    const auto known = plan();
    if (!known)
        return;
    std::vector<StudySummary> heads;
    document_.tryEdit([&] {
        heads = document_.logbook().studies();
        std::erase_if(heads, [&](const StudySummary& s) {
            return s.drawn.empty() || dayFrom(dayHere(s.drawn)) < known->start;
        });
        std::stable_sort(heads.begin(), heads.end(), [](const StudySummary& a, const StudySummary& b) {
            return a.drawn < b.drawn;
        });
    });
    if (heads.empty()) {
        emit document_.troubled(tr("No head of the plan is drawn yet."));
        return;
    }
    QSettings settings;
    const QString file =
        QFileDialog::getSaveFileName(this, tr("Save the spread"),
                                     settings.value("folder").toString() + "/plan.pdf", tr("Documents (*.pdf)"));
    if (!file.isEmpty())
        sheet_.write(document_.logbook(),
                     tr("%1 of %2 heads").arg(heads.size()).arg(known->goal).toStdString(), heads, file);
}

std::optional<HeadPlan> PlanPage::plan() const {
    std::optional<HeadPlan> plan;
    document_.tryEdit([&] { plan = parsePlan(document_.logbook().remembered(key)); });
    return plan;
}

void PlanPage::keep(const QString& words, const std::string& text) {
    std::string before;
    document_.tryEdit([&] { before = document_.logbook().remembered(key); });
    const auto write = [this](const std::string& plan) {
        const bool kept = document_.tryEdit([&] { document_.logbook().remember(key, plan); });
        showChosen();
        refresh();
        return kept;
    };
    undo_.push(new PracticeCommand(words, [write, text] { return write(text); },
                                   [write, before] { return write(before); }));
}

void PlanPage::showChosen() {
    if (const auto known = plan()) {
        goal_->setValue(known->goal);
        days_->setValue(known->days);
        for (std::size_t i = 0; i < off_.size(); ++i)
            off_[i]->setChecked(known->off.contains(static_cast<unsigned>(i + 1)));
    }
}

void PlanPage::begin() {
    HeadPlan wanted;
    // Goals and days may change on the way; what is drawn already counts.
    const auto before = plan();
    wanted.start = before ? before->start : todayHere();
    wanted.goal = goal_->value();
    wanted.days = days_->value();
    for (std::size_t i = 0; i < off_.size(); ++i)
        if (off_[i]->isChecked())
            wanted.off.insert(static_cast<unsigned>(i + 1));
    if (wanted.off.size() == off_.size()) {
        emit document_.troubled(tr("Every day is a day off; leave one to draw."));
        return;
    }
    keep(before ? tr("Change the plan of heads") : tr("Begin a plan of heads"), planText(wanted));
}

std::vector<Day> PlanPage::drawnDays() const {
    std::vector<Day> days;
    document_.tryEdit([&] {
        for (const Logbook::DrawnFigures& row :
             firstOfEachHead(document_.logbook().drawnFigures(), [](const auto& drawn) { return drawn.study; }))
            days.push_back(dayFrom(
                QDateTime::fromString(qt(row.drawn), Qt::ISODateWithMs).toLocalTime().date()));
    });
    return days;
}

void PlanPage::saveCalendar() {
    const auto known = plan();
    if (!known)
        return;
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(
        this, tr("Save the plan"), settings.value("folder").toString() + "/heads.ics",
        tr("Calendars (*.ics)"));
    if (file.isEmpty())
        return;
    document_.tryEdit([&] {
        writeAtomically(file.toStdString(), calendarText(*known, planStatus(*known, drawnDays(), todayHere()), todayHere(),
                                                         tr("Draw %1 heads").arg("{count}").toStdString()));
    });
}

void PlanPage::refresh() {
    const auto known = plan();
    showWaiting();
    begin_->setText(known ? tr("&Change it") : tr("&Begin today"));
    give_up_->setVisible(known.has_value());
    calendar_->setVisible(known.has_value());
    spread_->setVisible(known.has_value());
    heads_->setVisible(known.has_value());
    if (!known) {
        words_->setText(tr("Many heads in few days, about five a sitting: a hundred in ten is the classic."));
        when_->setText(tr("Any goal will do; a smaller one that is kept is worth more."));
        return;
    }
    const PlanStatus standing = planStatus(*known, drawnDays(), todayHere());
    const int left = standing.today ? std::max(0, standing.today->due - standing.today->done) : 0;
    heads_->show(known->goal, standing.done, left);
    if (standing.done >= known->goal)
        words_->setText(tr("All %n heads are drawn. Look at the first and the last side by side.", nullptr, known->goal));
    else if (standing.over)
        words_->setText(tr("%n heads are drawn, and the days are over. Take more days, or begin anew.", nullptr, standing.done));
    else if (!standing.today)
        words_->setText(tr("A day off. %1 of %2 are drawn.").arg(standing.done).arg(known->goal));
    else if (left == 0)
        words_->setText(tr("Today's heads are done: %1 of %2 in all.").arg(standing.done).arg(known->goal));
    else
        words_->setText(tr("%1 more today; %2 of %3 are drawn.").arg(left).arg(standing.done).arg(known->goal));
    when_->setText(tr("Until %1. About five to a sitting; then rest eyes, neck and hand.")
                       .arg(qt(textOf(standing.days.back().day))));
}

} // namespace zokran
