#include "app/window/walk.h"

#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <algorithm>

namespace zokran {

namespace {

/// A place where one stops and looks round.
struct Stop {
    const char* step; ///< of the course; empty off the bench
    Place place;
    const char* words; ///< in English, to be translated
};

constexpr Stop all[] = {
    {"block-in", Place::Workspace,
     ZOKRAN_WORDS("This is the bench: a head that was seen, and what was drawn of it. Along the top the steps, at "
                  "the foot the next thing to do.")},
    {"block-in", Place::Workspace,
     ZOKRAN_WORDS("Block in: the marks on the photograph. From them the turn, tilt and lean are read, at the upper "
                  "right, each with its doubt.")},
    {"guides", Place::Workspace,
     ZOKRAN_WORDS("Guides: the construction sits on the head, hidden lines dashed. Point at a line and it lights up "
                  "on both sheets.")},
    {"measure", Place::Workspace,
     ZOKRAN_WORDS("Measure: the pencil held out, on both sheets alike. One eye is the unit.")},
    {"draw", Place::Workspace,
     ZOKRAN_WORDS("Draw: on paper. The form shows one step at a time, and a quiet clock keeps the time if you like.")},
    {"check", Place::Workspace,
     ZOKRAN_WORDS("Check: the sketch was photographed. One thing to mend first, where it belongs, and how far on your "
                  "paper.")},
    {"", Place::Library, ZOKRAN_WORDS("The shelf keeps every study. Nothing leaves this machine.")},
    {"", Place::CastRoom,
     ZOKRAN_WORDS("The cast room: plaster heads that hold still in any pose and light, for days without a sitter.")},
    {"", Place::Progress,
     ZOKRAN_WORDS("Progress: what many drawings say together, and what to practise. Now a photograph of your own: then "
                  "follow the blue button.")},
};

} // namespace

Walk::Walk(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 0, 16, 8);
    row->setSpacing(12);
    row->addWidget(text_ = new QLabel, 1);
    text_->setWordWrap(true);
    text_->setProperty(typeProperty, "strong");
    text_->setMinimumHeight(44);
    auto* leaving = new QPushButton(tr("&Leave the walk"));
    row->addWidget(leaving);
    row->addWidget(back_ = new QPushButton(tr("Bac&k")));
    row->addWidget(next_ = new QPushButton);
    connect(leaving, &QPushButton::clicked, this, &Walk::leave);
    connect(back_, &QPushButton::clicked, this, [this] { goTo(stop_ - 1); });
    connect(next_, &QPushButton::clicked, this, [this] { goTo(stop_ + 1); });
    row->addWidget(own_ = new QPushButton(tr("&Open a photograph of yours…")));
    own_->setProperty("role", "next");
    connect(own_, &QPushButton::clicked, this, [this] {
        leave();
        emit ownPhotograph();
    });
    hide();
}

int Walk::stops() {
    return static_cast<int>(std::size(all));
}

void Walk::begin() {
    goTo(0);
    next_->setFocus();
}

void Walk::leave() {
    stop_ = -1;
    hide();
    emit left();
}

void Walk::goTo(int stop) {
    if (stop >= stops())
        return leave();
    stop_ = std::max(0, stop);
    const Stop& here = all[stop_];
    text_->setText(tr("%1 of %2. %3").arg(stop_ + 1).arg(stops()).arg(qt(learnersTranslator().say(here.words))));
    back_->setEnabled(stop_ > 0);
    own_->setVisible(stop_ + 1 == stops());
    next_->setText(stop_ + 1 < stops() ? tr("Go o&n") : tr("&Done"));
    show();
    emit at(here.step, here.place);
}

} // namespace zokran
