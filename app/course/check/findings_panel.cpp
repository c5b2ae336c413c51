#include "app/course/check/findings_panel.h"

#include "app/course/another_face_button.h"
#include "app/course/check/corrections_table.h"
#include "app/course/check/finding_scene.h"
#include "app/course/check/line_panel.h"
#include "app/course/sheet_button.h"
#include "app/course/telephone_button.h"
#include "app/document/expression_marking.h"
#include "app/document/marking.h"
#include "app/overlays/form_drawing.h"
#include "app/text/messages.h"
#include "app/widgets/collapsible_section.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "core/construction/ball_form.h"
#include "core/head/population.h"
#include "core/messages/finding_messages.h"
#include "core/messages/mark_messages.h"
#include "core/messages/plan_messages.h"
#include "core/messages/round_messages.h"
#include "core/messages/self_assessment_messages.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QRegularExpression>
#include <QShortcut>
#include <QStandardItemModel>
#include <QToolButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr QSize card(58, 58);

/// A small head from the front with an arrow where a finding is.
QPixmap cardOf(const Comparison& c, const Finding& finding, double density) {
    const View view = smallView({0}, {0}, card);
    static const BallForm form(ownSubject(std::make_shared<const HeadSolid>(adultHeads().mean)));
    constexpr std::string_view ids[] = {"ball", "face_edge", "jaw_line"};
    QPixmap pixmap = drawingOf(form.linesOf(view, ids, [](const LineEntry&) { return true; }), card,
                               density);
    const auto way = wayOf(c, finding);
    if (!way)
        return pixmap;
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto longest = longestWay(finding);
    // A place of the outline stands as far from the ball as it was drawn, where the card reaches so far.
    PicturePoint at = longest ? view.project(adultHeads().mean[longest->first])
                              : PicturePoint(view.centre + view.scale / c.sketchView.scale *
                                                               (way->first - c.sketchView.centre));
    at = at.cwiseMax(12).cwiseMin(PicturePoint(card.width() - 12, card.height() - 12));
    const SketchPoint by = way->second - way->first;
    const QPointF unit = by.norm() > 0 ? QPointF(by.x(), by.y()) / by.norm() : QPointF(1, 0);
    const QPointF tail(at.x() - 8 * unit.x(), at.y() - 8 * unit.y());
    const QPointF tip = tail + 18 * unit, side(-unit.y(), unit.x());
    painter.setPen(QPen(Theme::current().chalk, 2.4));
    painter.drawLine(tail, tip - 3 * unit);
    painter.setBrush(Theme::current().chalk);
    painter.setPen(Qt::NoPen);
    painter.drawPolygon(QPolygonF{tip, tip - 7 * unit + 4 * side, tip - 7 * unit - 4 * side});
    return pixmap;
}

void sayOrHide(QLabel* label, const QString& words) {
    label->setText(words);
    label->setVisible(!words.isEmpty());
}

QToolButton* arrowButton(Qt::ArrowType arrow, const QString& name) {
    auto* button = new QToolButton;
    button->setArrowType(arrow);
    button->setAccessibleName(name);
    button->setToolTip(name);
    button->setFixedSize(28, 28);
    button->setAutoRaise(true);
    return button;
}

} // namespace

FindingsPanel::FindingsPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    auto* top = new QHBoxLayout;
    top->addWidget(gate_ = new QLabel);
    gate_->setProperty(typeProperty, "strong");
    top->addStretch();
    top->addWidget(count_ = new QLabel);
    count_->setProperty(typeProperty, "caption");
    top->addWidget(back_ = arrowButton(Qt::LeftArrow, tr("The finding before (Page up)")));
    top->addWidget(on_ = arrowButton(Qt::RightArrow, tr("The next finding (Page down)")));
    // Not the buttons' own shortcuts, which only act once their press has been shown.
    for (const auto& [key, by] : {std::pair{Qt::Key_PageUp, -1}, {Qt::Key_PageDown, +1}}) {
        auto* keys = new QShortcut(key, this);
        connect(keys, &QShortcut::activated, this, [this, by = by] { stepFindings(session_, by); });
    }
    connect(back_, &QToolButton::clicked, this, [this] { stepFindings(session_, -1); });
    connect(on_, &QToolButton::clicked, this, [this] { stepFindings(session_, +1); });
    column_->addLayout(top);
    restsOn_ = addText({}, "caption");
    column_->addWidget(lookOver_ = new QPushButton(tr("&Look them over")));
    lookOver_->setToolTip(tr("From the most doubtful on: Enter when it is right, or drag it"));
    connect(lookOver_, &QPushButton::clicked, this, [this] { session_.selection.marks.lookOver(true); });
    column_->addWidget(another_ = new AnotherFaceButton(session_, Side::Sketch));
    headline_ = addText({}, "heading");
    body_ = addText({});
    measure_ = addText({}, "caption");
    strip_ = new QHBoxLayout;
    strip_->setSpacing(6);
    column_->addLayout(strip_);
    own_ = addText({});
    round_ = addText({});
    page_ = addText({});
    holds_ = addText({});
    laid_ = addText({}, "caption");

    auto* held = new CollapsibleSection(tr("What is held while laying over"));
    held->inside()->addWidget(hold_ = new QComboBox);
    hold_->setAccessibleName(tr("Hold still while laying over"));
    hold_->addItem(tr("All features"), int(Hold::All));
    hold_->addItem(tr("The eyes"), int(Hold::Eyes));
    hold_->addItem(tr("The ball"), int(Hold::Ball));
    hold_->addItem(tr("The page"), int(Hold::Page));
    connect(hold_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            session_.document.edit(tr("Hold something else"), {},
                                   [&](Study& s) { s.hold = static_cast<Hold>(hold_->currentData().toInt()); });
    });
    column_->addWidget(held);
    column_->addWidget(features_ = new QPushButton(tr("Eyebrows, lids and lips…")));
    features_->setToolTip(tr("Look over the rings on both sheets, or lay them"));
    connect(features_, &QPushButton::clicked, this, [this] { startExpression(session_); });
    auto* lines = new CollapsibleSection(tr("Lines as you drew them"));
    lines->inside()->addWidget(lines_ = new LineButtons(session_));
    column_->addWidget(lines);
    buildTolerances();

    numbers_ = new CollapsibleSection(tr("All numbers"));
    connect(numbers_, &CollapsibleSection::toggled, this, [this](bool open) { session_.selection.check.showAllNumbers(open); });
    auto* words = new QLabel(
        tr("Where each feature is to go, as the arrows show: up and right on the paper, in % of "
           "the head's height, and the whole way in mm. Bold: beyond the marks' own doubt."));
    words->setWordWrap(true);
    words->setProperty(typeProperty, "caption");
    numbers_->inside()->addWidget(words);
    numbers_->inside()->addWidget(table_ = new CorrectionsTable(session_));
    column_->addWidget(numbers_);
    column_->addWidget(new SheetButton(tr("Correction sheet…"), session_, correctionSheetKind, &StudySession::saveSheet));
    column_->addWidget(new TelephoneButton(session_));
    column_->addStretch();
}

void FindingsPanel::showWhatItRestsOn() {
    const std::vector<AnyMark> doubtful = marksToLookOver(session_);
    QStringList names;
    for (std::size_t i = 0; i < std::min<std::size_t>(3, doubtful.size()); ++i)
        names << nameOf(doubtful[i]);
    QString words;
    if (!doubtful.empty())
        words = tr("As far as I can see; %1 of my marks are doubtful. Look at these first: %2.")
                    .arg(QString::number(doubtful.size()), names.join(", "));
    else if (suggestionCount(session_, Side::Sketch) > 0)
        words = tr("As far as I can see. You have not looked my marks over; none is doubtful.");
    sayOrHide(restsOn_, words);
    lookOver_->setVisible(!doubtful.empty());
    another_->refresh();
}

void FindingsPanel::buildTolerances() {
    auto* fold = new CollapsibleSection(tr("What is worth mending"));
    auto* words = new QLabel(tr("Errors from here on are to be mended, and watched from about half."));
    words->setWordWrap(true);
    words->setProperty(typeProperty, "caption");
    fold->inside()->addWidget(words);
    auto* grid = new QGridLayout;
    grid->setColumnStretch(0, 1);
    fold->inside()->addLayout(grid);
    auto field = [&](const QString& name, const QString& suffix, auto set) {
        auto* box = addNumber(grid, name, leastTolerance, mostTolerance, suffix);
        box->setDecimals(1);
        box->setSingleStep(0.5);
        connect(box, &QDoubleSpinBox::valueChanged, this, [this, name, set](double value) {
            if (!refreshing_)
                session_.document.edit(tr("Choose what is worth mending"), "tolerance " + name,
                                       [&](Study& s) { set(s.tolerances, value); });
        });
        return box;
    };
    place_ = field(tr("A place, of the head"), tr(" %"),
                   [](Tolerances& t, double v) { t.place = v; });
    size_ = field(tr("A size, of itself"), tr(" %"), [](Tolerances& t, double v) { t.size = v; });
    angle_ = field(tr("An angle"), tr("°"), [](Tolerances& t, double v) { t.angle = {v}; });
    column_->addWidget(fold);
}

void FindingsPanel::showFinding() {
    const Comparison& c = *session_.comparison();
    const auto told = toldFindings(c);
    const Finding* shown = shownFinding(session_);
    const bool stop = std::any_of(told.begin(), told.end(), [](const Finding* f) {
        return f->structural && f->severity == Severity::Fix;
    });
    gate_->setText(stop          ? tr("■ Stop here first")
                   : told.empty() && placesCompared(c) < fewestToJudge ? tr("◇ Too few places to judge")
                   : told.empty() ? tr("● Placement holds")
                                  : tr("◇ Nearly there"));
    const int at = shown ? static_cast<int>(std::find(told.begin(), told.end(), shown) -
                                            told.begin())
                         : 0;
    count_->setText(told.empty() ? QString() : tr("%1 of %2").arg(at + 1).arg(told.size()));
    back_->setVisible(told.size() > 1);
    on_->setVisible(told.size() > 1);
    back_->setEnabled(at > 0);
    on_->setEnabled(at + 1 < static_cast<int>(told.size()));
    const Finding& said = shown ? *shown : c.findings.front();
    // What it is stands large; what to do about it, under it.
    const QString text = qt(textOf(said, learnersTranslator()));
    const auto cut = text.indexOf(QRegularExpression("[:.] "));
    headline_->setText(cut < 0 ? text : text.left(cut) + ".");
    sayOrHide(body_, cut < 0 ? QString() : capital(text.mid(cut + 2)));
    if (!shown && placesCompared(c) < fewestToJudge) {
        headline_->setText(tr("Nothing is off of the few places that are marked."));
        sayOrHide(body_, tr("Mark more of the sketch before you trust it."));
    }
    QStringList asides;
    if (const std::string doubt = shown ? doubtOf(said.figures, learnersTranslator()) : ""; !doubt.empty())
        asides << qt(doubt);
    const std::optional<Levels> school = schoolLevels(session_);
    if (const std::string numbers = shown ? handCheckWords(c, said, learnersTranslator(), school ? &*school : nullptr) : "";
        !numbers.empty())
        asides << qt(numbers);
    else if (const std::string measure = shown ? measureOf(said, learnersTranslator()) : ""; !measure.empty())
        asides << tr("Would have caught it: %1").arg(qt(measure));
    sayOrHide(measure_, asides.join(" "));
    const Sketch* attempt = session_.study().sketch();
    const std::string own = attempt && attempt->selfAssessment
                                ? selfAssessmentWords(answerTo(*attempt->selfAssessment, c), learnersTranslator())
                                : std::string();
    sayOrHide(own_, qt(own));
    const auto& round = session_.analysis.round();
    sayOrHide(round_, round ? qt(roundWords(*round, learnersTranslator())) : QString());
    QStringList page;
    for (PlanTrouble trouble : session_.analysis.pageTroubles())
        page << qt(wordsFor(trouble, learnersTranslator()));
    if (const auto kept = session_.layoutController.kept())
        page << qt(wordsFor(*kept, learnersTranslator()));
    sayOrHide(page_, page.isEmpty() ? QString() : tr("On the page: %1").arg(page.join(" ")));
    // That nothing is off is said of what was looked at, and of no more.
    sayOrHide(holds_, qt(shown ? praiseWords(c, learnersTranslator()) : scopeWords(c, learnersTranslator())));
    laid_->setText(shown ? qt(textOf(c.findings.back(), learnersTranslator())) : QString());
    showStrip(told);
    for (std::size_t i = 0; i < cards_.size(); ++i)
        cards_[i]->setChecked(static_cast<int>(i) == at);
}

void FindingsPanel::showStrip(const std::vector<const Finding*>& told) {
    QStringList from{Theme::current().id};
    for (const Finding* f : told)
        from << QString::fromStdString(f->id) + arrowLength(session_, *f);
    if (from == stripped_)
        return;
    stripped_ = from;
    while (QLayoutItem* item = strip_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    cards_.clear();
    constexpr std::size_t most = 4;
    for (std::size_t i = 0; i < std::min(told.size(), most); ++i) {
        auto* button = new QToolButton;
        button->setCheckable(true);
        button->setProperty("role", "card");
        button->setIcon(QIcon(cardOf(*session_.comparison(), *told[i], devicePixelRatioF())));
        button->setIconSize(card);
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setText(arrowLength(session_, *told[i]).section(' ', 0, 1));
        button->setAccessibleName(qt(textOf(*told[i], learnersTranslator())));
        strip_->addWidget(button);
        cards_.push_back(button);
        connect(button, &QToolButton::clicked, this, [this, i] { session_.selection.check.showFinding(static_cast<int>(i)); });
    }
    strip_->addStretch();
}

void FindingsPanel::showStudy() {
    // The ball can be held only where it is laid over both heads.
    const Sketch* shownAttempt = session_.study().sketch();
    const bool hasBalls = session_.study().reference.ball && shownAttempt && shownAttempt->marks.ball;
    auto* items = qobject_cast<QStandardItemModel*>(hold_->model());
    items->item(hold_->findData(int(Hold::Ball)))->setEnabled(hasBalls);
    hold_->setToolTip(hasBalls ? QString() : tr("To hold the ball, lay it over both heads first"));
    hold_->setCurrentIndex(hold_->findData(int(session_.study().hold)));
    lines_->showStudy();
    showWhatItRestsOn();
    showNumber(place_, session_.study().tolerances.place);
    showNumber(size_, session_.study().tolerances.size);
    showNumber(angle_, session_.study().tolerances.angle);
    if (!session_.comparison())
        return;
    numbers_->setOpen(session_.selection.check.allNumbers());
    showFinding();
    if (numbers_->isOpen())
        table_->showCorrections();
}

} // namespace zokran
