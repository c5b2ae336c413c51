#include "app/bench/bench.h"

#include "app/bench/guess_panel.h"
#include "app/bench/panels.h"
#include "app/bench/readings.h"
#include "app/study/picture_file.h"
#include "app/theme/theme.h"

#include <QFutureWatcher>
#include <QHBoxLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QShortcut>
#include <QSplitter>
#include <QStackedWidget>
#include <QStyle>
#include <QtConcurrentRun>
#include <algorithm>
#include <variant>

namespace zokran {

namespace {

constexpr int panelWidth = 304;
/// Fewer marks than this are too few to compare a sketch by.
constexpr int enoughSketchMarks = 8;

/// The head with its neck and some air, as far as the picture reaches; more at the sides where the
/// lines' names must keep off the face.
QRectF headFrame(const View& view, const QSizeF& picture, bool named = false) {
    const double r = view.outlineRadius().value;
    const PicturePoint middle = view.project(HeadPoint(0, -0.3, 0));
    const double half = named ? 2.0 : 1.55;
    const QRectF wanted(middle.x() - half * r, middle.y() - 1.9 * r, 2 * half * r, 3.8 * r);
    // Names may stand beside the picture, on the sheet.
    const double beside = named ? 0.25 * picture.width() : 0;
    const QRectF shown =
        wanted.intersected(QRectF({0, 0}, picture).adjusted(-beside, 0, beside, 0));
    return shown.width() > r && shown.height() > r ? shown : QRectF();
}

bool isWatchedMark(const Comparison& c, Mark m) {
    for (const Finding& f : c.findings)
        if (f.severity != Severity::Fine &&
            std::find(f.marks.begin(), f.marks.end(), m) != f.marks.end())
            return true;
    return false;
}

} // namespace

Bench::Bench(StudySession& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName("bench");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(8, 8, 16, 8);
    column->setSpacing(8);

    auto* band = new QHBoxLayout;
    band->setSpacing(4);
    for (int i = 0; i < stepCount; ++i) {
        auto* button = new QPushButton;
        button->setProperty("role", "step");
        button->setCheckable(true);
        const auto go = [this, i] { setStep(static_cast<Step>(i)); };
        connect(button, &QPushButton::clicked, this, go);
        // Not the button's own shortcut: that is forgotten whenever its text changes.
        auto* keys =
            new QShortcut(QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_1 + i)), this);
        connect(keys, &QShortcut::activated, this, go);
        band->addWidget(button);
        course_.push_back(button);
    }
    band->addStretch();
    column->addLayout(band);

    trouble_ = new QLabel;
    trouble_->setProperty(typeProperty, "strong");
    trouble_->setWordWrap(true);
    trouble_->hide();
    column->addWidget(trouble_);

    auto* middle = new QHBoxLayout;
    middle->setSpacing(16);
    sheets_ = new QSplitter;
    sheets_->setHandleWidth(5);
    sheets_->setChildrenCollapsible(false);
    auto addSheet = [&](Side side, SheetView*& view, QLabel*& caption) {
        auto* holder = new QWidget;
        auto* box = new QVBoxLayout(holder);
        box->setContentsMargins(0, 0, 0, 0);
        box->setSpacing(4);
        caption = new QLabel;
        caption->setProperty(typeProperty, "strong");
        // A long caption must not take width from the other sheet.
        caption->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
        box->addWidget(caption);
        box->addWidget(view = new SheetView(session_, side), 1);
        sheets_->addWidget(holder);
    };
    addSheet(Side::Seen, seen_, seenCaption_);
    addSheet(Side::Drawn, drawn_, drawnCaption_);
    for (int i : {0, 1})
        sheets_->setStretchFactor(i, 1);
    middle->addWidget(sheets_, 1);

    auto* right = new QWidget;
    right->setFixedWidth(panelWidth);
    auto* rightColumn = new QVBoxLayout(right);
    rightColumn->setContentsMargins(0, 0, 0, 0);
    rightColumn->setSpacing(16);
    rightColumn->addWidget(new Readings(session_));
    panels_ = new QStackedWidget;
    auto addPanel = [&](QWidget* panel) {
        auto* scroll = new QScrollArea;
        scroll->setWidgetResizable(true);
        scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        scroll->setWidget(panel);
        scroll->setFocusPolicy(Qt::NoFocus);
        panels_->addWidget(scroll);
    };
    addPanel(new SetUpPanel(session_));
    addPanel(new MarkPanel(session_, Side::Seen));
    addPanel(new GuidesPanel(session_));
    addPanel(new DrawPanel(session_));
    addPanel(new MarkPanel(session_, Side::Drawn));
    addPanel(new FindingsPanel(session_));
    addPanel(new KeepPanel(session_));
    addPanel(new GuessPanel(session_));
    rightColumn->addWidget(panels_, 1);
    middle->addWidget(right);
    column->addLayout(middle, 1);

    auto* nextRow = new QHBoxLayout;
    nextRow->setSpacing(12);
    nextText_ = new QLabel;
    nextText_->setProperty(typeProperty, "heading");
    nextText_->setWordWrap(true);
    nextText_->setMinimumHeight(44);
    nextRow->addWidget(nextText_, 1);
    busy_ = new QProgressBar;
    busy_->setRange(0, 0);
    busy_->setFixedWidth(120);
    busy_->setTextVisible(false);
    busy_->setAccessibleName(tr("Opening the picture"));
    busy_->hide();
    nextRow->addWidget(busy_);
    secondButton_ = new QPushButton;
    nextRow->addWidget(secondButton_);
    nextButton_ = new QPushButton;
    nextButton_->setProperty("role", "next");
    nextButton_->setObjectName("next");
    nextRow->addWidget(nextButton_);
    column->addLayout(nextRow);

    connect(nextButton_, &QPushButton::clicked, this, &Bench::doNext);
    connect(secondButton_, &QPushButton::clicked, this, [this] {
        if (!session_.isOpen())
            emit toCastRoom();
        else if (step_ == Step::Check)
            setStep(session_.comparison() ? Step::Keep : Step::Check);
        else if (session_.isGuessing())
            session_.dropGuess();
        else if (step_ == Step::BlockIn && offersGuess())
            session_.startGuess();
        else if (step_ == Step::BlockIn)
            setStep(Step::Guides);
    });
    connect(&session_, &StudySession::changed, this, &Bench::refresh);
    connect(&session_, &StudySession::touchedChanged, this, &Bench::refresh);
    connect(&session_, &StudySession::opened, this, [this] {
        trouble_->hide();
        seen_->fitWhole();
        drawn_->fitWhole();
        setStep(static_cast<Step>(std::clamp(session_.study().step, 0, stepCount - 1)));
    });
    connect(&session_, &StudySession::troubled, this, [this](const QString& message) {
        trouble_->setText(message);
        trouble_->show();
    });
    setStep(Step::SetUp);
}

void Bench::setStep(Step step) {
    step_ = step;
    if (session_.isOpen() && session_.study().step != static_cast<int>(step))
        session_.edit(tr("Go to another step"), "step",
                      [&](Study& s) { s.step = static_cast<int>(step); });
    refresh();
}

bool Bench::offersGuess() const {
    return !session_.study().guess && !session_.fit() && session_.placedCount(Side::Seen) == 0;
}

void Bench::toggleWide(Side side) {
    QWidget* other = sheets_->widget(side == Side::Seen ? 1 : 0);
    QWidget* self = sheets_->widget(side == Side::Seen ? 0 : 1);
    other->setVisible(!other->isVisible());
    self->show();
}

void Bench::setLinked(bool linked) {
    seen_->link(linked ? drawn_ : nullptr);
    drawn_->link(linked ? seen_ : nullptr);
}

void Bench::setOverlay(bool on) {
    overlay_ = on;
    refresh();
}

void Bench::takePicture(const QString& file, Side side, const QString& sitter) {
    using Result = std::variant<QImage, QString>;
    busy_->show();
    trouble_->hide();
    auto* watcher = new QFutureWatcher<Result>(this);
    connect(watcher, &QFutureWatcher<Result>::finished, this, [=, this] {
        watcher->deleteLater();
        busy_->hide();
        const Result result = watcher->result();
        if (const auto* why = std::get_if<QString>(&result)) {
            session_.tell(*why);
            return;
        }
        try {
            const QImage& picture = std::get<QImage>(result);
            if (side == Side::Seen) {
                session_.startFrom(file, picture, sitter);
            } else {
                session_.setSketch(file, picture);
                setStep(Step::Check);
            }
        } catch (const BadInput& e) {
            session_.tell(QString::fromStdString(e.what()));
        }
    });
    watcher->setFuture(QtConcurrent::run([file]() -> Result {
        try {
            return readPicture(file);
        } catch (const BadInput& e) {
            return QString::fromStdString(e.what());
        }
    }));
}

bool Bench::stepIsDone(Step step) const {
    const Study& s = session_.study();
    switch (step) {
    case Step::SetUp:
        return !s.referencePicture.empty();
    case Step::BlockIn:
    case Step::Guides:
        return session_.fit().has_value();
    case Step::Draw:
        return !s.sketchPicture.empty();
    case Step::Check:
        return session_.comparison().has_value();
    case Step::Keep:
        break;
    }
    return !s.notes.empty();
}

QString Bench::stepLacks(Step step) const {
    if (stepIsDone(step))
        return {};
    switch (step) {
    case Step::SetUp:
        return tr("a reference photograph");
    case Step::BlockIn:
    case Step::Guides:
        return tr("marks on the reference");
    case Step::Draw:
        return tr("a sketch");
    case Step::Check:
        return tr("marks on the sketch");
    case Step::Keep:
        break;
    }
    return tr("your notes");
}

void Bench::refreshCourse() {
    for (int i = 0; i < stepCount; ++i) {
        const auto step = static_cast<Step>(i);
        const bool done = session_.isOpen() && stepIsDone(step);
        course_[i]->setText(QString("%1  %2").arg(done            ? "●"
                                                  : step == step_ ? "◐"
                                                                  : "○",
                                                  nameOf(step)));
        course_[i]->setChecked(step == step_);
        const QString lacks = session_.isOpen() ? stepLacks(step) : QString();
        const QString keys = tr("Alt+%1").arg(i + 1);
        course_[i]->setToolTip(lacks.isEmpty() ? keys : tr("Still lacks %1. %2").arg(lacks, keys));
    }
}

SheetContent Bench::seenContent() const {
    SheetContent c;
    c.emptyText = tr("The photograph you draw from lies here.");
    const Study& s = session_.study();
    c.picture = session_.picture(Side::Seen);
    if (c.picture.isNull())
        return c;
    c.extent = c.picture.size();
    const bool guessing = session_.isGuessing();
    const bool marking = step_ == Step::BlockIn && !guessing;
    if (guessing) {
        const Guess& guess = *s.guess;
        const std::pair<GuessHandle, QString> words[] = {
            {GuessHandle::Lean, tr("lean")},   {GuessHandle::Tilt, tr("tilt")},
            {GuessHandle::Turn, tr("turn")},   {GuessHandle::Chin, tr("chin")},
            {GuessHandle::Width, tr("width")}, {GuessHandle::Size, tr("size")},
            {GuessHandle::Place, tr("move")}};
        for (const auto& [handle, word] : words)
            c.handles.push_back({handle, handleAt(guess, s.reference, handle), word});
    }
    if (step_ != Step::SetUp)
        c.lines = session_.lines(Side::Seen);
    if (guessing) // the features come later; what is judged now is the form
        std::erase_if(c.lines, [](const GuideLine& line) {
            return line.kind != LineKind::Construction && line.id != "chin_line";
        });
    c.labels = step_ == Step::Guides || step_ == Step::Draw;
    c.labelNotes = lineDoubts();
    if (session_.fit() && (!marking || !session_.next(Side::Seen)) && step_ != Step::SetUp)
        c.frame = headFrame(session_.fit()->view, c.extent, c.labels);
    if (!marking)
        return c;
    c.marks = s.reference.marks;
    c.ball = s.reference.ball;
    c.touched = session_.touched();
    if (const auto& fit = session_.fit()) {
        c.doubtful = fit->outliers;
        for (int i = 0; i < markCount; ++i)
            c.expected[markAt(i)] = fit->view.project(fit->head[markAt(i)]);
    }
    return c;
}

std::map<std::string, QString> Bench::lineDoubts() const {
    std::map<std::string, QString> notes;
    const auto& fit = session_.fit();
    if (!fit || session_.isGuessing())
        return notes;
    const std::pair<const char*, Mark> lines[] = {
        {"hairline", Mark::Hairline},  {"brow_line", Mark::Brow},
        {"eye_line", Mark::PupilL},    {"nose_base_line", Mark::NoseBase},
        {"mouth_line", Mark::LipLine}, {"chin_line", Mark::Chin}};
    for (const auto& [id, mark] : lines)
        if (fit->spread[mark])
            notes[id] = tr("±%1 %").arg(100 * fit->spread[mark]->value / fit->view.scale /
                                            headHeight(fit->head).value,
                                        0, 'f', 1);
    return notes;
}

SheetContent Bench::formAlone() const {
    SheetContent c;
    c.emptyText = tr("Here the construction will stand alone, turned like your sitter, for you to "
                     "copy on to paper.");
    const bool guessing = session_.isGuessing();
    if (!session_.fit() && !guessing)
        return c;
    c.lines = session_.lines(Side::Seen);
    std::erase_if(c.lines, [](const GuideLine& line) { return line.kind == LineKind::Guess; });
    // The paper is laid round the form with room for hair, neck and shoulders.
    const View view = guessing ? guessView(*session_.study().guess, session_.study().reference)
                               : session_.fit()->view;
    const double r = view.outlineRadius().value;
    const PicturePoint middle = view.project(HeadPoint(0, -0.35, 0));
    const PicturePoint corner = middle - PicturePoint(1.85 * r, 2.2 * r);
    for (GuideLine& line : c.lines)
        for (PicturePoint& p : line.points)
            p -= corner;
    c.extent = QSizeF(3.7 * r, 4.4 * r);
    return c;
}

SheetContent Bench::drawnContent() const {
    if (session_.picture(Side::Drawn).isNull() || step_ == Step::Draw)
        return formAlone();
    SheetContent c;
    c.picture = session_.picture(Side::Drawn);
    c.extent = c.picture.size();
    c.labels = false;
    const Study& s = session_.study();
    const auto& comparison = session_.comparison();
    if (step_ >= Step::Guides && overlay_)
        c.lines = session_.lines(Side::Drawn);
    if (comparison && step_ >= Step::Guides && !session_.next(Side::Drawn))
        c.frame = headFrame(comparison->registeredView, c.extent);
    if (step_ != Step::Check)
        return c;
    c.marks = s.sketch.marks;
    c.ball = s.sketch.ball;
    c.touched = session_.touched();
    c.smallMarks = !session_.next(Side::Drawn);
    if (comparison)
        for (int i = 0; i < markCount; ++i) {
            const Mark m = markAt(i);
            if (const auto& p = comparison->placements[m]) {
                // Pose drift and placement are mended together: the arrow ends where the reference
                // puts the feature.
                const PicturePoint belongs =
                    comparison->registeredView.project(comparison->sitter[m]);
                if ((belongs - p->drawn).norm() >
                    0.015 * headHeight(comparison->sitter).value * comparison->registeredView.scale)
                    c.arrows.push_back({p->drawn, belongs, m, isWatchedMark(*comparison, m)});
            }
        }
    return c;
}

void Bench::refresh() {
    refreshCourse();
    const bool sketchMarked = session_.isOpen() && session_.comparison() &&
                              session_.placedCount(Side::Drawn) >= enoughSketchMarks &&
                              !session_.next(Side::Drawn);
    const bool guessing = session_.isGuessing();
    int panel = guessing ? 7 : static_cast<int>(step_);
    if (step_ == Step::Check)
        panel = sketchMarked ? 5 : 4;
    else if (step_ == Step::Keep)
        panel = 6;
    panels_->setCurrentIndex(panel);
    if (auto* scroll = qobject_cast<QScrollArea*>(panels_->currentWidget()))
        static_cast<StepPanel*>(scroll->widget())->refresh();

    seen_->setUse(guessing                 ? SheetView::Use::Guess
                  : step_ == Step::BlockIn ? SheetView::Use::Mark
                                           : SheetView::Use::Look);
    drawn_->setUse(step_ == Step::Check ? SheetView::Use::Mark : SheetView::Use::Look);
    seen_->setContent(seenContent());
    drawn_->setContent(drawnContent());
    seenCaption_->setText(session_.isOpen() && !session_.study().sitter.empty()
                              ? tr("Seen: %1").arg(QString::fromStdString(session_.study().sitter))
                              : tr("Seen"));
    const bool form = drawn_->content().picture.isNull();
    drawnCaption_->setText(form && session_.isGuessing() ? tr("Your guess alone")
                           : form                        ? tr("The form alone")
                           : step_ == Step::Check && session_.comparison()
                               ? tr("Drawn: the photo's construction laid over it")
                               : tr("Drawn"));
    refreshNext();
}

void Bench::refreshNext() {
    secondButton_->hide();
    auto say = [&](const QString& text, const QString& button) {
        nextText_->setText(text);
        nextButton_->setText(button);
    };
    if (!session_.isOpen()) {
        secondButton_->setText(tr("To the cast room"));
        secondButton_->show();
        return say(tr("Choose a photograph of a head to draw from."), tr("Open a photograph…"));
    }
    switch (step_) {
    case Step::SetUp:
        return say(tr("Say how wide your paper is, then block in the head."), tr("Block in"));
    case Step::BlockIn:
        if (session_.isGuessing()) {
            secondButton_->setText(tr("Mark at once"));
            secondButton_->show();
            return say(tr("Pull the construction until it sits on the head, then stand by it."),
                       tr("This is my guess"));
        }
        if (session_.suggestionCount() > 0)
            return say(tr("Look each suggested mark over and drag what is off."),
                       tr("They are right"));
        if (offersGuess()) {
            secondButton_->setText(tr("Guess first"));
            secondButton_->show();
        }
        if (const auto next = session_.next(Side::Seen)) {
            if (session_.fit()) {
                secondButton_->setText(tr("On to the guides"));
                secondButton_->show();
            }
            return say(tr("Click the %1 on the photograph.")
                           .arg(QString::fromUtf8(wordsFor(*next).data())),
                       tr("Cannot see it"));
        }
        return say(session_.fit()
                       ? tr("The head is fitted. See the guides that turn with it.")
                       : tr("Too few marks can be seen: %1.").arg(session_.lacking(Side::Seen)),
                   tr("On to the guides"));
    case Step::Guides:
        return say(tr("Follow each guide round the head. Switch off what you do not need."),
                   tr("Draw it"));
    case Step::Draw:
        return say(tr("Copy the form on to paper, then the features as plain lines."),
                   tr("Open the sketch's photograph…"));
    case Step::Check: {
        if (session_.study().sketchPicture.empty())
            return say(tr("Photograph your sketch and open it here."),
                       tr("Open the sketch's photograph…"));
        if (const auto next = session_.next(Side::Drawn)) {
            return say(
                tr("Click the %1 on your sketch.").arg(QString::fromUtf8(wordsFor(*next).data())),
                tr("Cannot see it"));
        }
        if (!session_.comparison())
            return say(
                tr("The sketch cannot be compared yet: %1.").arg(session_.lacking(Side::Drawn)),
                tr("Block in"));
        return say(QString::fromStdString(session_.comparison()->findings.front().text),
                   tr("Keep it"));
    }
    case Step::Keep:
        break;
    }
    say(tr("Write down what you noticed, then take the next head."),
        tr("Open the next photograph…"));
}

void Bench::doNext() {
    if (!session_.isOpen() || step_ == Step::Keep)
        return emit choosePicture(Side::Seen);
    switch (step_) {
    case Step::SetUp:
        return setStep(Step::BlockIn);
    case Step::BlockIn:
        if (session_.isGuessing())
            return session_.commitGuess();
        if (session_.suggestionCount() > 0)
            return session_.confirmSuggestions();
        if (const auto next = session_.next(Side::Seen))
            return session_.hide(Side::Seen, *next);
        return setStep(Step::Guides);
    case Step::Guides:
        return setStep(Step::Draw);
    case Step::Draw:
        return emit choosePicture(Side::Drawn);
    case Step::Check:
        if (session_.study().sketchPicture.empty())
            return emit choosePicture(Side::Drawn);
        if (const auto next = session_.next(Side::Drawn))
            return session_.hide(Side::Drawn, *next);
        return setStep(session_.comparison() ? Step::Keep : Step::BlockIn);
    case Step::Keep:
        break;
    }
}

} // namespace zokran
