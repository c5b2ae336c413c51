#include "app/window/workspace.h"

#include "app/course/readings.h"
#include "app/course/snapshot_strip.h"
#include "app/overlays/lines_overlay.h"
#include "app/view_modes/view_mode.h"
#include "app/view_modes/view_mode_bar.h"
#include "app/widgets/settled_button.h"
#include "app/widgets/theme.h"
#include "app/window/sheet_caption.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>
#include <QShortcut>
#include <QSplitter>
#include <QStackedWidget>
#include <algorithm>

namespace zokran {

namespace {

/// The panel's width, px, and where the window is small.
constexpr int panelWidth = 304, leastPanelWidth = 256;

QLabel* labelOf(const char* type) {
    auto* label = new QLabel;
    label->setProperty(typeProperty, type);
    return label;
}

} // namespace

Workspace::Workspace(StudySession& session, QWidget* parent) : QWidget(parent), session_(session), steps_(course(session)) {
    setObjectName("bench");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 16, 8);
    column->setSpacing(8);
    buildCourse(column);
    buildSheets(column);
    buildNext(column);
    connect(&session_, &StudySession::changed, this, &Workspace::refresh);
    // The course follows from the study and what is computed from it alone.
    connect(&session_.analysis, &Analysis::changed, this, &Workspace::refreshCourse);
    connect(&session_.document, &Document::stepChanged, this, &Workspace::refreshCourse);
    connect(&session_.document, &Document::opened, this, &Workspace::refreshCourse);
    connect(&session_.document, &Document::opened, this, [this] {
        seen_->fitWhole();
        drawn_->fitWhole();
    });
    connect(&session_.document, &Document::stepChanged, this, &Workspace::beginStep);
    connect(&session_.document, &Document::opened, this, &Workspace::beginStep);
    connect(&session_.pictures, &Pictures::busyChanged, this, [this] { busy_->setVisible(session_.pictures.decoding() > 0); });
    refreshCourse();
    refresh();
}

Workspace::~Workspace() {
    QSettings().setValue("panes", sheets_->saveState());
}

void Workspace::buildCourse(QVBoxLayout* column) {
    auto* band = new QHBoxLayout;
    band->setSpacing(4);
    for (const auto& step : steps_) {
        auto* button = new QPushButton;
        button->setProperty("role", "step");
        button->setCheckable(true);
        const auto go = [this, id = step->id()] {
            session_.document.goTo(id);
            refreshCourse(); // where it was there already: the click has unchecked the button
        };
        connect(button, &QPushButton::clicked, this, go);
        // Not the button's own shortcut: that is forgotten whenever its text changes.
        const auto key = static_cast<Qt::Key>(Qt::Key_1 + course_.size());
        auto* keys = new QShortcut(QKeySequence(Qt::ALT | key), this);
        connect(keys, &QShortcut::activated, this, go);
        band->addWidget(button);
        course_.push_back(button);
    }
    band->addStretch();
    column->addLayout(band);
}

void Workspace::buildSheets(QVBoxLayout* column) {
    auto* middle = new QHBoxLayout;
    middle->setSpacing(16);
    sheets_ = new QSplitter;
    sheets_->setHandleWidth(5);
    sheets_->setChildrenCollapsible(false);
    for (const auto& [side, view, caption] :
         {std::tuple{Side::Reference, &seen_, &seenCaption_}, {Side::Sketch, &drawn_, &drawnCaption_}}) {
        auto* holder = new QWidget;
        auto* box = new QVBoxLayout(holder);
        box->setContentsMargins(0, 0, 0, 0);
        box->setSpacing(4);
        box->addWidget(*caption = new SheetCaption);
        (*caption)->setProperty(typeProperty, "strong");
        // A long caption must not take width from the other sheet.
        (*caption)->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
        const QString name = side == Side::Reference ? tr("Seen: the reference") : tr("Drawn: the sketch");
        box->addWidget(*view = new SheetView(name), 1);
        // A line highlighted on one sheet is highlighted on the other.
        connect(*view, &SheetView::lineHighlighted, &session_.selection.lines, &LineState::highlight);
        connect(*view, &SheetView::changedAlone, this, [this] {
            refreshCourse();
            refresh();
        });
        connect(&session_.selection.lines, &LineState::highlightChanged, *view,
                [this, sheet = *view] { sheet->highlightLine(session_.selection.lines.highlighted()); });
        (*caption)->setSheet(*view);
        sheets_->addWidget(holder);
        sheets_->setStretchFactor(sheets_->count() - 1, 1);
    }
    sheets_->restoreState(QSettings().value("panes").toByteArray());
    auto* left = new QVBoxLayout;
    left->setSpacing(4);
    left->addWidget(sheets_, 1);
    left->addWidget(snapshots_ = new SnapshotStrip(session_));
    left->addWidget(viewModeBar_ = new ViewModeBar(session_));
    middle->addLayout(left, 2); // the panel is as wide as it may be unless the window is small

    auto* right = new QWidget;
    right->setMinimumWidth(atType(leastPanelWidth));
    right->setMaximumWidth(atType(panelWidth));
    auto* rightColumn = new QVBoxLayout(right);
    rightColumn->setContentsMargins(0, 0, 0, 0);
    rightColumn->setSpacing(16);
    rightColumn->addWidget(readings_ = new Readings(session_));
    rightColumn->addWidget(panels_ = new QStackedWidget, 1);
    middle->addWidget(right, 1);
    column->addLayout(middle, 1);
}

void Workspace::buildNext(QVBoxLayout* column) {
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    row->addWidget(nextText_ = labelOf("heading"), 1);
    nextText_->setWordWrap(true);
    nextText_->setMinimumHeight(44);
    row->addWidget(busy_ = new QProgressBar);
    busy_->setRange(0, 0);
    busy_->setFixedWidth(120);
    busy_->setTextVisible(false);
    busy_->setAccessibleName(tr("Opening the picture"));
    busy_->hide();
    row->addWidget(secondButton_ = new SettledButton);
    row->addWidget(nextButton_ = new SettledButton);
    nextButton_->setProperty("role", "next");
    nextButton_->setObjectName("next");
    column->addLayout(row);
    // The action may change what comes next and replace itself, so it is copied before it runs.
    connect(nextButton_, &QPushButton::clicked, this, [this] {
        if (const auto act = next_.action.act)
            act();
    });
    connect(secondButton_, &QPushButton::clicked, this, [this] {
        if (next_.other) {
            const auto act = next_.other->act;
            act();
        }
    });
}

Step& Workspace::step() const {
    const std::string& wanted = session_.study().step;
    const auto at = std::find_if(steps_.begin(), steps_.end(),
                                 [&](const auto& step) { return step->id() == wanted; });
    return at == steps_.end() ? *steps_.front() : **at;
}

void Workspace::toggleWide(Side side) {
    QWidget* other = sheets_->widget(side == Side::Reference ? 1 : 0);
    QWidget* self = sheets_->widget(side == Side::Reference ? 0 : 1);
    other->setVisible(!other->isVisible());
    self->show();
}

void Workspace::setLinked(bool linked) {
    seen_->link(linked ? drawn_ : nullptr);
    drawn_->link(linked ? seen_ : nullptr);
}

void Workspace::setOverlay(bool on) {
    overlay_ = on;
    refresh();
}

void Workspace::refresh() {
    refreshPanel();
    readings_->refresh();
    // While a mark is dragged, what stands elsewhere waits until it is let go; a view mode may show it on both sheets.
    const bool isPlain = &currentViewMode(session_) == viewModes().front().get();
    if (isPlain && seen_->isChangedAlone()) {
        showScene(sceneOf(Side::Reference), seen_, seenCaption_);
    } else if (isPlain && drawn_->isChangedAlone()) {
        showScene(sceneOf(Side::Sketch), drawn_, drawnCaption_);
    } else {
        Scene seen = sceneOf(Side::Reference), drawn = sceneOf(Side::Sketch);
        viewModeBar_->refresh(step().offersLooking());
        snapshots_->refresh(step().offersLooking());
        if (step().offersLooking())
            currentViewMode(session_).change(session_, seen, drawn);
        showScene(std::move(seen), seen_, seenCaption_);
        showScene(std::move(drawn), drawn_, drawnCaption_);
    }
    refreshNext();
}

Scene Workspace::sceneOf(Side side) const {
    Scene scene = step().scene(side);
    if (side == Side::Sketch && !overlay_ && !scene.picture.isNull())
        std::erase_if(scene.overlays,
                      [](const auto& overlay) { return dynamic_cast<const LinesOverlay*>(overlay.get()) != nullptr; });
    return scene;
}

void Workspace::showScene(Scene scene, SheetView* view, SheetCaption* caption) {
    caption->setText(scene.caption);
    view->show(std::move(scene));
}

void Workspace::refreshCourse() {
    if (seen_->isChangedAlone() || drawn_->isChangedAlone())
        return; // a mark is being dragged
    const Step& now = step();
    for (std::size_t i = 0; i < steps_.size(); ++i) {
        const Step& s = *steps_[i];
        const bool open = session_.document.isOpen();
        const QString lacks = open ? s.lacks() : QString();
        course_[i]->setText(QString("%1  %2").arg(open && s.isDone() ? "●" : &s == &now ? "◐" : "○", s.name()));
        course_[i]->setChecked(&s == &now);
        // Wide enough for the step that is open, whose name is bold; Qt asks for room for the plain one.
        constexpr int padding = 24; // px, the style's, both sides
        course_[i]->setMinimumWidth(
            QFontMetrics(typeFont(TypeSize::Text, true)).horizontalAdvance(course_[i]->text()) + padding);
        const QString keys = tr("Alt+%1").arg(i + 1);
        course_[i]->setToolTip(lacks.isEmpty() ? keys : tr("Still lacks %1. %2").arg(lacks, keys));
    }
}

void Workspace::refreshPanel() {
    StepPanel* panel = step().panel();
    if (!shown_.contains(panel)) {
        auto* scroll = new QScrollArea;
        scroll->setWidgetResizable(true);
        scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        scroll->setWidget(panel);
        scroll->setFocusPolicy(Qt::NoFocus);
        panels_->addWidget(scroll);
        shown_[panel] = scroll;
    }
    const bool isShownAnew = panels_->currentWidget() != shown_[panel];
    panels_->setCurrentWidget(shown_[panel]);
    panel->refresh();
    // A panel that was left before it had been laid out keeps heights that were never right.
    if (isShownAnew && panel->layout())
        panel->layout()->invalidate();
}

void Workspace::beginStep() {
    if (auto* scroll = qobject_cast<QScrollArea*>(panels_->currentWidget()))
        scroll->verticalScrollBar()->setValue(0);
    seen_->frameAnew();
    drawn_->frameAnew();
    // The sheet that has tools; the photograph where both have, or none.
    const bool worksOnDrawn = seen_->scene().tools.empty() && !drawn_->scene().tools.empty();
    if (isVisible())
        (worksOnDrawn ? drawn_ : seen_)->setFocus();
}

void Workspace::refreshNext() {
    if (session_.document.isOpen())
        next_ = step().next();
    else
        next_ = {tr("Choose a photograph of a head to draw from."),
                 {tr("Open a photograph…"), [this] { emit session_.choosePicture(Side::Reference); }},
                 Action{tr("To the cast room"), [this] { emit session_.toCastRoom(); }}};
    nextText_->setText(next_.sentence);
    // The other way never moves to the place where the blue button was.
    QSizePolicy place = nextButton_->sizePolicy();
    place.setRetainSizeWhenHidden(true);
    nextButton_->setSizePolicy(place);
    nextButton_->setVisible(next_.action.act != nullptr);
    nextButton_->setMeaning(next_.action.label, next_.sentence);
    secondButton_->setVisible(next_.other.has_value());
    if (next_.other)
        secondButton_->setMeaning(next_.other->label, next_.sentence);
}

} // namespace zokran
