#include "app/course/mark_panel.h"

#include "app/course/another_face_button.h"
#include "app/course/check/line_panel.h"
#include "app/course/mark_diagram.h"
#include "app/document/marking.h"
#include "app/text/messages.h"
#include "app/widgets/collapsible_section.h"
#include "app/widgets/theme.h"
#include "core/messages/guess_messages.h"
#include "core/messages/mark_messages.h"

#include <QCheckBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace zokran {

MarkPanel::MarkPanel(StudySession& session, Side side, QWidget* parent) : StepPanel(parent), session_(session), side_(side) {
    state_ = addText({}, "caption");
    next_ = addHeading({});
    where_ = addText({});
    // Three lines, so that nothing moves from one mark to the next.
    where_->setMinimumHeight(3 * where_->fontMetrics().lineSpacing());
    where_->setAlignment(Qt::AlignTop);
    column_->addWidget(diagram_ = new MarkDiagram);
    auto* row = new QHBoxLayout;
    auto* hidden =
        new QPushButton(side == Side::Reference ? tr("&Cannot see it") : tr("Not drawn &yet"));
    hidden->setToolTip(tr("Space"));
    auto* ball = new QPushButton(tr("&Lay the ball"));
    ball->setToolTip(tr("Lay the ball over the cranium and drag it into place"));
    row->addWidget(hidden);
    row->addWidget(ball);
    column_->addLayout(row);
    column_->addWidget(hair_ = new QPushButton(tr("Hair co&vers ears and hairline")));
    hair_->setToolTip(tr("Neither ears nor hairline are asked for any more"));
    connect(hair_, &QPushButton::clicked, this, [this] { coverByHair(session_); });
    if (side == Side::Reference)
        buildReferenceOnly();
    else
        buildSketchOnly();
    column_->addWidget(list_ = new QListWidget, 1);
    list_->setMinimumHeight(120);
    list_->setAccessibleName(tr("All marks"));
    list_->setToolTip(tr("Choose a mark to place it again"));
    for (Mark m : markingOrder())
        (new QListWidgetItem(list_))->setData(Qt::UserRole, indexOf(m));
    connect(hidden, &QPushButton::clicked, this, [this] {
        if (const auto looked = side_ == Side::Sketch ? lookedOverMark(session_) : std::nullopt)
            hideMark(session_, side_, *looked);
        else if (const auto next = askedMark(session_, side_))
            hideMark(session_, side_, *next);
    });
    connect(ball, &QPushButton::clicked, this, [this] { layBall(session_, side_); });
    auto markOf = [](const QListWidgetItem* item) {
        return markAt(item->data(Qt::UserRole).toInt());
    };
    connect(list_, &QListWidget::itemActivated, this,
            [=, this](QListWidgetItem* item) { session_.selection.marks.choose(side_, markOf(item)); });
    connect(list_, &QListWidget::itemClicked, this, [=, this](QListWidgetItem* item) {
        const Mark mark = markOf(item);
        if (session_.study().marks(side_).marks[mark])
            session_.selection.marks.touch(side_, mark);
        else
            session_.selection.marks.choose(side_, mark);
    });
}

void MarkPanel::buildReferenceOnly() {
    column_->addWidget(suggest_ = new QPushButton);
    suggest_->setToolTip(tr("Look for a face and mark it; then look each mark over"));
    connect(suggest_, &QPushButton::clicked, this, [this] { session_.faces.toggle(); });
    column_->addWidget(another_ = new AnotherFaceButton(session_, side_));
    column_->addWidget(guess_ = new QPushButton(tr("&Guess by hand")));
    guess_->setToolTip(tr("Lay the construction on the head and turn it by hand"));
    connect(guess_, &QPushButton::clicked, this, [this] { startGuess(session_); });
    guessWords_ = addText({});
    column_->addWidget(smiling_ = new QCheckBox(tr("S&miling, or the mouth open")));
    smiling_->setToolTip(tr("Mouth, chin and the wings of the nose then count for less"));
    connect(smiling_, &QCheckBox::toggled, this, [this](bool on) {
        if (!refreshing_)
            session_.document.edit(on ? tr("The sitter smiles") : tr("The sitter does not smile"), {},
                                   [&](Study& s) { s.reference.smiling = on; });
    });
}

void MarkPanel::buildSketchOnly() {
    column_->addWidget(another_ = new AnotherFaceButton(session_, side_));
    column_->addWidget(rest_ = new QPushButton(tr("That is &all I have drawn")));
    rest_->setToolTip(tr("Judge what is marked and leave out the rest, as for a bare block-in"));
    connect(rest_, &QPushButton::clicked, this, [this] { leaveRest(session_); });
    column_->addWidget(page_ = new QPushButton);
    page_->setToolTip(tr("Put the paper's corners right and say which paper it is"));
    connect(page_, &QPushButton::clicked, this, [this] { session_.page.adjust(); });
    column_->addWidget(length_ = new QPushButton(tr("&Scale it by a known length")));
    length_->setToolTip(tr("For a sketch that fills no page: something on it you can measure with a ruler"));
    connect(length_, &QPushButton::clicked, this, [this] { session_.page.layLength(); });
    auto* lines = new CollapsibleSection(tr("Lines as you drew them"));
    lines->inside()->addWidget(lines_ = new LineButtons(session_));
    column_->addWidget(lines);
}

void MarkPanel::showNext() {
    const auto next = askedMark(session_, side_);
    diagram_->show(next);
    const auto& covered = marksUnderHair();
    hair_->setVisible(side_ == Side::Reference && next && std::find(covered.begin(), covered.end(), *next) != covered.end());
    if (side_ == Side::Sketch && !session_.study().sketch()) {
        next_->setText(tr("There is no sketch yet"));
        where_->setText(tr("Open its photograph; the marks are found on it, or placed by hand."));
        return;
    }
    if (const auto looked = side_ == Side::Sketch && !next ? lookedOverMark(session_) : std::nullopt) {
        next_->setText(tr("Next: %1").arg(nameOf(*looked)));
        where_->setText(tr("Compare it with the photograph, where the same ring is taken up."));
        return;
    }
    if (!next) {
        next_->setText(tr("Every mark is placed"));
        where_->setText(
            tr("Drag a mark to move it; the arrow keys nudge the last one by a pixel."));
        return;
    }
    next_->setText(tr("Next: %1").arg(qt(wordsFor(*next, learnersTranslator()))));
    QString where = qt(whereToFind(*next, learnersTranslator()));
    const auto& telling = session_.analysis.nextBestMark();
    if (side_ == Side::Reference && telling && telling->mark == *next)
        where += telling->doubtLeft < hardlyWorth
                     ? tr(" It would take %1 % off the doubt of the reading.")
                           .arg(std::lround(100 * (1 - telling->doubtLeft)))
                     : tr(" More marks hardly sharpen the reading now; you may go on.");
    where_->setText(where);
}

void MarkPanel::showList() {
    const auto next = askedMark(session_, side_);
    const MarkSheet& sheet = session_.study().marks(side_);
    // Only what changed is touched: this runs for every step of a drag.
    for (int row = 0; row < list_->count(); ++row) {
        const Mark m = markingOrder()[static_cast<std::size_t>(row)];
        const auto& mark = sheet.marks[m];
        QString state = QStringLiteral("·"), doubt;
        if (mark && mark->hidden)
            state = QStringLiteral("–");
        else if (mark)
            state = mark->suggested ? QStringLiteral("○") : QStringLiteral("✓");
        if (side_ == Side::Reference && session_.fit()) {
            const std::vector<Mark> doubted = session_.fit()->setAside();
            if (std::find(doubted.begin(), doubted.end(), m) != doubted.end())
                doubt = tr("  (doubtful)");
        }
        if (mark && mark->hidden)
            doubt = side_ == Side::Reference ? tr("  (not seen)") : tr("  (not drawn)");
        else if (mark && mark->suggested)
            doubt = tr("  (suggested)");
        QListWidgetItem* item = list_->item(row);
        const QString text = state + "  " + qt(wordsFor(m, learnersTranslator())) + doubt;
        const QFont font = typeFont(TypeSize::Text, m == next);
        if (item->text() != text || item->font() != font) {
            item->setText(text);
            item->setFont(font);
        }
        if (m == next)
            list_->setCurrentItem(item);
    }
}

void MarkPanel::showStudy() {
    QString state = tr("%1 of %2 marks").arg(placedCount(session_, side_)).arg(markCount);
    if (side_ == Side::Reference && session_.faces.foundNone() && placedCount(session_, side_) == 0)
        state = tr("No face was found in this photograph. Place the marks by hand.");
    if (side_ == Side::Sketch && placedCount(session_, side_) == 0) {
        if (session_.faces.sketchReading() == FaceFinding::SketchReading::NoFace)
            state = tr("No face could be read on this drawing, or none in its photograph: too little is drawn yet, or the head is "
                       "turned too far. Place the marks by hand.");
        if (session_.faces.sketchReading() == FaceFinding::SketchReading::Unlike)
            state = tr("The face that was found on this drawing is unlike the photographed one, or was read wrongly. Place the marks "
                       "by hand.");
    }
    state_->setText(state);
    another_->refresh();
    if (side_ == Side::Reference) {
        suggest_->setText(session_.faces.isRunning() ? tr("Looking for a face… stop") : tr("S&uggest marks"));
        suggest_->setEnabled(session_.faces.isRunning() || markToPlace(session_, side_));
        smiling_->setChecked(session_.study().reference.smiling);
        const auto& guess = session_.study().guess;
        const bool told = guess && guess->committed && session_.fit();
        guessWords_->setText(told ? qt(guessWords(*guess, *session_.fit(), learnersTranslator())) : QString());
        guessWords_->setVisible(told);
    }
    if (side_ == Side::Sketch) {
        const auto& flat = session_.page.flat();
        page_->setText(flat ? tr("&Page laid flat: %1 by %2 mm…").arg(lround(flat->paper.width)).arg(lround(flat->paper.height))
                            : tr("Lay the &page flat…"));
        page_->setEnabled(session_.study().sketch());
        length_->setVisible(session_.study().sketch() && !flat);
        rest_->setEnabled(session_.comparison().has_value());
        lines_->showStudy();
    }
    showNext();
    showList();
}

} // namespace zokran
