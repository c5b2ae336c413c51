#include "app/practice/drill_page.h"

#include "app/document/cast_picture.h"
#include "app/practice/drill_view.h"
#include "app/practice/own_heads.h"
#include "app/practice/practice_command.h"
#include "app/text/messages.h"
#include "app/widgets/theme.h"
#include "core/base/translatable.h"

#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QStandardItemModel>
#include <QUndoStack>
#include <cmath>

namespace zokran {

namespace {

constexpr int panelWidth = 288, scrollBarAir = 8; // px

QString questionOf(const DrillTask& task) {
    std::string words = learnersTranslator().say(task.question);
    for (const auto& [name, value] : task.figures)
        if (const auto at = words.find("{" + name + "}"); at != std::string::npos)
            words.replace(at, name.size() + 2, value);
    return qt(words);
}

} // namespace

DrillPage::DrillPage(Document& document, QUndoStack& undo, QWidget* beneath, QWidget* parent)
    : QWidget(parent), document_(document), undo_(undo), beneath_(beneath) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(16);
    row->addWidget(view_ = new DrillView, 1);
    auto* panel = new QWidget;
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setFixedWidth(atType(panelWidth));
    scroll->setWidget(panel);
    row->addWidget(scroll);
    auto* side = new QVBoxLayout(panel);
    side->setContentsMargins(0, 0, scrollBarAir, 0);
    side->setSpacing(8);
    buildChoice(side);
    const auto label = [&](const char* type) {
        auto* text = new QLabel;
        text->setWordWrap(true);
        text->setProperty(typeProperty, type);
        side->addWidget(text);
        return text;
    };
    level_ = label("caption");
    question_ = label("heading");
    form_ = new QFormLayout;
    side->addLayout(form_);
    side->addWidget(answer_ = new QPushButton(tr("&Answer")));
    answer_->setProperty("role", "next");
    result_ = label("strong");
    side->addWidget(next_ = new QPushButton(tr("&Next task")));
    side->addWidget(lay_ = new QPushButton(tr("Lay this s&tudy on the bench")));
    connect(lay_, &QPushButton::clicked, this, [this] { emit studyWanted(study_); });
    side->addSpacing(16);
    side->addWidget(beneath_);
    side->addStretch();
    connect(answer_, &QPushButton::clicked, this, &DrillPage::answer);
    connect(next_, &QPushButton::clicked, this, &DrillPage::ask);
    connect(view_, &DrillView::placed, this, [this](const PicturePoint& at) {
        std::size_t wanted = 0;
        for (const DrillField& field : task_->fields)
            wanted += field.kind == DrillField::Kind::Place;
        if (answered_)
            return;
        if (places_.size() == wanted)
            places_.pop_back(); // the last one again
        places_.push_back(at);
        showPlaces();
    });
    question_->setText(tr("A minute each, with the answer at once."));
    answer_->hide();
    next_->hide();
    lay_->hide();
    askOfOwn(false);
}

void DrillPage::buildChoice(QVBoxLayout* column) {
    auto* about = new QLabel(tr("A drill of a &minute"));
    about->setProperty(typeProperty, "heading");
    column->addWidget(about);
    column->addWidget(list_ = new QComboBox);
    about->setBuddy(list_);
    list_->setAccessibleName(tr("Drill"));
    for (const Drill* drill : drills()) {
        list_->addItem(qt(learnersTranslator().say(drill->name)));
        list_->setItemData(list_->count() - 1, qt(learnersTranslator().say(drill->about)), Qt::ToolTipRole);
    }
    list_->setCurrentIndex(-1);
    list_->setMaxVisibleItems(list_->count());
    list_->installEventFilter(this);
    connect(list_, &QComboBox::activated, this,
            [this](int index) { choose(std::string(drills()[static_cast<std::size_t>(index)]->id)); });
    auto* heads = new QLabel(tr("with heads of"));
    heads->setProperty(typeProperty, "caption");
    column->addWidget(heads);
    auto* row = new QVBoxLayout; // one above the other: in some languages they are long
    row->setSpacing(2);
    column->addLayout(row);
    for (const auto& [button, name, own] :
         {std::tuple{&fromCast_, tr("the cast &room"), false}, {&fromOwn_, tr("m&y own studies"), true}}) {
        *button = new QPushButton(name);
        (*button)->setCheckable(true);
        (*button)->setProperty("role", "place");
        // Room for the name in bold, as the chosen one has it.
        constexpr int air = 26; // px
        (*button)->setMinimumWidth(QFontMetrics(typeFont(TypeSize::Text, true)).horizontalAdvance(QString(name).remove('&')) +
                                   air);
        row->addWidget(*button, 0, Qt::AlignLeft);
        connect(*button, &QPushButton::clicked, this, [this, own = own] { askOfOwn(own); });
    }
}

void DrillPage::askOfOwn(bool own) {
    const bool turned = own != own_;
    own_ = own;
    fromCast_->setChecked(!own);
    fromOwn_->setChecked(own);
    auto* items = qobject_cast<QStandardItemModel*>(list_->model());
    for (std::size_t i = 0; i < drills().size(); ++i)
        items->item(static_cast<int>(i))->setEnabled(!own || drills()[i]->ofStudied);
    if (own && !drill_.empty() && !drillNamed(drill_).ofStudied)
        drill_.clear();
    refreshList();
    if (!turned)
        return;
    if (!drill_.empty())
        return ask();
    work_.cancel(); // what is being made is not wanted any more
    making_ = false;
    task_.reset();
    showTask();
    question_->setText(tr("A minute each, with the answer at once."));
}

std::vector<AskedTask> DrillPage::historyOf(const std::string& drill) const {
    std::vector<AskedTask> history;
    document_.tryEdit([&] {
        for (const Logbook::DrillAnswer& a : document_.logbook().drillAnswers())
            if (a.kind == drill)
                history.push_back({static_cast<std::uint32_t>(a.seed), a.level, a.held});
    });
    return history;
}

void DrillPage::refreshList() {
    int chosen = -1;
    for (std::size_t i = 0; i < drills().size(); ++i)
        if (drills()[i]->id == drill_)
            chosen = static_cast<int>(i);
    list_->setCurrentIndex(chosen);
}

void DrillPage::choose(const std::string& drill) {
    drill_ = drill;
    if (own_ && !drillNamed(drill).ofStudied)
        askOfOwn(false);
    else
        ask();
    refreshList();
}

void DrillPage::begin() {
    if (drill_.empty() && !making_)
        choose(std::string(drills().front()->id));
}

void DrillPage::ask() {
    work_.cancel();
    making_ = true;
    task_.reset();
    showTask();
    own_ ? askOfStudies() : askOfCast();
}

void DrillPage::askOfCast() {
    const std::vector<AskedTask> history = historyOf(drill_);
    // Fresh ones go on where the logbook ends, so that nobody meets one twice by chance.
    const NextTask next = nextTask(history, 1000u + static_cast<std::uint32_t>(history.size()), hardestDrill);
    work_.run([next, drill = &drillNamed(drill_)](const Background::Stop&) { return taskOf(*drill, next.seed, next.level); },
              [this, next](const DrillTask& task) { arrived(task, next.again, 0); }, [this](const QString& why) { failed(why); });
}

void DrillPage::askOfStudies() {
    const Logbook& book = document_.logbook();
    work_.run([drill = &drillNamed(drill_), folder = book.folder(), looksOnly = book.isReadOnly()](
                  const Background::Stop& stop) { return nextOwnTask(folder, looksOnly, *drill, [&] { return !stop; }); },
              [this](const std::optional<OwnTask>& own) {
                  own ? arrived(own->task, own->again, own->study) : arrived(std::nullopt, false, 0);
              },
              [this](const QString& why) { failed(why); });
}

void DrillPage::failed(const QString& why) {
    emit document_.troubled(why);
    arrived(std::nullopt, false, 0);
}

void DrillPage::arrived(std::optional<DrillTask> task, bool again, StudyId study) {
    making_ = false;
    task_ = std::move(task);
    study_ = study;
    showTask();
    if (!task_) {
        question_->setText(drill_ == findDrill.id ? tr("None of your drawings is marked far enough yet, with something to mend.")
                                                  : tr("None of your studies has the marks yet that this drill asks for."));
        return;
    }
    level_->setText(again ? tr("Level %1 of %2, once more").arg(task_->level).arg(hardestDrill)
                          : tr("Level %1 of %2").arg(task_->level).arg(hardestDrill));
}

void DrillPage::showTask() {
    answered_ = false;
    places_.clear();
    entries_.clear();
    while (form_->rowCount() > 0)
        form_->removeRow(0);
    result_->clear();
    next_->hide();
    lay_->hide();
    answer_->setVisible(task_.has_value());
    if (!task_) {
        question_->setText({});
        level_->clear();
        view_->show({});
        view_->showPlaces({}, false);
        return;
    }
    question_->setText(questionOf(*task_));
    view_->show(asQImage(task_->picture));
    int place = 0;
    for (std::size_t i = 0; i < task_->fields.size(); ++i) {
        const DrillField& field = task_->fields[i];
        const QString name = qt(learnersTranslator().say(field.name));
        Entry entry{i};
        if (field.kind == DrillField::Kind::Number) {
            entry.number = new QDoubleSpinBox;
            entry.number->setRange(field.low, field.high);
            entry.number->setSingleStep(field.step);
            entry.number->setDecimals(field.step < 1 ? 2 : 0);
            entry.number->setSuffix(QString::fromUtf8(field.suffix));
            entry.number->setAccessibleName(name);
            form_->addRow(name, entry.number);
        } else if (field.kind == DrillField::Kind::Choice) {
            entry.choice = new QComboBox;
            for (const std::string& choice : field.choices)
                entry.choice->addItem(qt(learnersTranslator().say(choice)));
            entry.choice->setAccessibleName(name);
            entry.choice->installEventFilter(this);
            form_->addRow(name, entry.choice);
        } else {
            const bool several = task_->fields.size() > 1;
            ++place;
            auto* words = new QLabel(several ? tr("%1: %2. Click it on the picture.").arg(place).arg(name)
                                             : tr("%1. Click it on the picture.").arg(name));
            words->setWordWrap(true);
            form_->addRow(words);
        }
        entries_.push_back(entry);
    }
    showPlaces();
    if (place > 0)
        view_->setFocus();
    else if (!entries_.empty())
        (entries_.front().number ? static_cast<QWidget*>(entries_.front().number) : entries_.front().choice)->setFocus();
}

void DrillPage::keyPressEvent(QKeyEvent* event) {
    const bool isEnter =
        (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && !beneath_->isAncestorOf(QApplication::focusWidget());
    if (isEnter && answer_->isVisible() && answer_->isEnabled())
        answer();
    else if (isEnter && next_->isVisible())
        ask();
    else
        QWidget::keyPressEvent(event);
}

bool DrillPage::eventFilter(QObject* watched, QEvent* event) {
    // A drill is chosen in the open list only: each one passed on the way would be set up, and take the keys when it is.
    if (watched == list_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Up || key->key() == Qt::Key_Down || (!key->text().isEmpty() && key->text().front().isPrint()))
            return list_->showPopup(), true;
        return QWidget::eventFilter(watched, event);
    }
    // A choice is made by its number.
    if (auto* box = qobject_cast<QComboBox*>(watched); box && event->type() == QEvent::KeyPress) {
        const int number = static_cast<QKeyEvent*>(event)->key() - Qt::Key_1;
        if (number >= 0 && number < std::min(9, box->count())) {
            box->setCurrentIndex(number);
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void DrillPage::showPlaces() {
    std::size_t wanted = 0;
    for (const DrillField& field : task_->fields)
        wanted += field.kind == DrillField::Kind::Place;
    view_->showPlaces(places_, !answered_ && wanted > 0, places_.size() == wanted);
    answer_->setEnabled(places_.size() == wanted);
}

void DrillPage::answer() {
    if (!task_ || answered_)
        return;
    double worst = 0;
    std::size_t place = 0;
    QStringList told;
    for (const Entry& entry : entries_) {
        const DrillField& field = task_->fields[entry.field];
        const QString name = qt(learnersTranslator().say(field.name));
        Given given;
        if (entry.number) {
            given.number = entry.number->value();
            const int places = field.step < 1 ? 2 : 0;
            const QString unit = QString::fromUtf8(field.suffix);
            told << tr("%1: you said %2, it is %3.")
                        .arg(name, decimal(given.number, places) + unit, decimal(field.right + 0.0, places) + unit);
        } else if (entry.choice) {
            given.number = entry.choice->currentIndex();
            told << tr("It is: %1.").arg(qt(learnersTranslator().say(field.choices[static_cast<std::size_t>(field.right)])));
        } else {
            given.place = places_[place++];
            told << tr("%1: %2 pixels off, up to %3 count.")
                        .arg(name)
                        .arg(std::lround((given.place - field.place).norm()))
                        .arg(std::lround(field.tolerance));
        }
        worst = std::max(worst, missOf(field, given));
    }
    const bool held = worst <= 1;
    const Logbook::DrillAnswer kept{now(), own_ ? ownKind(drillNamed(drill_)) : drill_, task_->seed, task_->level, worst, held};
    const QString words = (held ? tr("Near enough. ") : tr("Not yet; it comes again. ")) + told.join(" ");
    if (document_.logbook().isReadOnly())
        return showAnswer(words);
    undo_.push(new PracticeCommand(
        tr("Answer a drill"), [this, kept, words] { return keep(kept, words, false); },
        [this, kept, words] { return keep(kept, words, true); }));
}

bool DrillPage::keep(const Logbook::DrillAnswer& answer, const QString& told, bool back) {
    const bool done =
        document_.tryEdit([&] { back ? document_.logbook().takeBack(answer) : document_.logbook().keepAnswer(answer); });
    const bool lies = task_ && task_->seed == answer.seed && task_->level == answer.level &&
                      (own_ ? ownKind(drillNamed(task_->kind)) : task_->kind) == answer.kind;
    if (lies && back && done) {
        showTask();
        answer_->setFocus(); // not a box for numbers, which would take the keys of redoing for its own
    } else if (lies && !back)
        showAnswer(told);
    return done;
}

void DrillPage::showAnswer(const QString& told) {
    answered_ = true;
    result_->setText(told);
    view_->show(asQImage(task_->answer));
    view_->showPlaces(places_, false);
    answer_->hide();
    next_->show();
    next_->setFocus();
    lay_->setVisible(study_ != 0);
}

} // namespace zokran
