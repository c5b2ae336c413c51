#include "app/course/keep/keep_panel.h"

#include "app/course/sheet_button.h"
#include "app/text/messages.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "core/construction/forms.h"
#include "core/messages/finding_messages.h"
#include "core/messages/snapshot_messages.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QVBoxLayout>
#include <cmath>

namespace zokran {

namespace {

/// A pose drawn straighter or more turned by less than this share is as good as right.
constexpr double hardlyStraighter = 0.1;

} // namespace

KeepPanel::KeepPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    addHeading(tr("Keep"));
    summary_ = addText({});
    attemptLabel_ = addText(tr("S&ketch on the bench"), "strong");
    column_->addWidget(attempt_ = new QComboBox);
    attemptLabel_->setBuddy(attempt_);
    attempt_->setAccessibleName(tr("Sketch on the bench"));
    cameLabel_ = addText(tr("How it came about"), "strong");
    came_ = addText({});
    auto* label = addText(tr("&Notes"), "strong");
    column_->addWidget(notes_ = new QPlainTextEdit);
    label->setBuddy(notes_);
    notes_->setAccessibleName(tr("Notes"));
    constexpr int notesHeight = 112; // px: the diary is to be in sight under it
    notes_->setFixedHeight(atType(notesHeight));
    notes_->setPlaceholderText(tr("What did you notice? What will you measure first next time?"));
    notes_->setTabChangesFocus(true);
    notes_->setUndoRedoEnabled(false);
    useStudyUndo(notes_);
    buildDiary();
    column_->addWidget(new SheetButton(tr("Correction sheet…"), session_, correctionSheetKind, &StudySession::saveSheet));
    addText(tr("A drawing is changeable and likeness comes late. An error is information: the ones "
               "that come back are the ones worth practising."),
            "caption");
    column_->addStretch();
    connect(notes_, &QPlainTextEdit::textChanged, this, [this] {
        if (!refreshing_)
            session_.document.edit(tr("Write notes"), "notes", [&](Study& s) { s.notes = notes_->toPlainText().toStdString(); });
    });
    connect(attempt_, &QComboBox::currentIndexChanged, this, [this](int index) {
        if (!refreshing_ && index >= 0)
            session_.document.edit(tr("Lay another sketch on the bench"), {},
                                   [&](Study& s) { s.current = static_cast<std::size_t>(index); });
    });
}

void KeepPanel::buildDiary() {
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    column_->addLayout(grid);
    const auto line = [&](const QString& name, const QString& example, const char* key,
                          std::string Diary::*kept) {
        auto* label = new QLabel(name);
        auto* edit = new QLineEdit;
        useStudyUndo(edit);
        label->setBuddy(edit);
        edit->setAccessibleName(QString(name).remove('&'));
        edit->setPlaceholderText(example);
        const int row = grid->rowCount();
        grid->addWidget(label, row, 0);
        grid->addWidget(edit, row, 1);
        diary_.push_back({kept, edit});
        connect(edit, &QLineEdit::textEdited, this, [this, key, kept](const QString& text) {
            session_.document.edit(tr("Write the diary"), key, [&](Study& s) { s.diary.*kept = text.toStdString(); });
        });
    };
    line(tr("&Materials"), tr("2B, grey paper"), "materials", &Diary::materials);
    line(tr("M&ood"), tr("of the day, in a word"), "mood", &Diary::mood);
    line(tr("Ta&gs"), tr("words, a space between"), "tags", &Diary::tags);
    auto* label = new QLabel(tr("Meas&ured"));
    measured_ = new QComboBox;
    measured_->addItems({tr("not said"), tr("before it was drawn"), tr("after it was drawn"), tr("not at all")});
    label->setBuddy(measured_);
    measured_->setAccessibleName(tr("Measured"));
    const int row = grid->rowCount();
    grid->addWidget(label, row, 0);
    grid->addWidget(measured_, row, 1);
    connect(measured_, &QComboBox::activated, this, [this](int index) {
        session_.document.edit(tr("Write the diary"), {}, [&](Study& s) { s.diary.measured = static_cast<Measured>(index); });
    });
    took_ = addText({}, "caption");
}

QString KeepPanel::summary() const {
    const auto& comparison = session_.comparison();
    if (!comparison)
        return tr("There is no comparison to keep yet.");
    const Finding& first = comparison->findings.front();
    // What is off was said in the check; here stands what to take along to the next head.
    QString words = first.severity == Severity::Fine
                        ? qt(textOf(first, learnersTranslator()))
                        : tr("To watch on the next head: the %1.").arg(qt(nameOfFinding(first.id, learnersTranslator())));
    if (const std::string measure = first.severity == Severity::Fine ? "" : measureOf(first, learnersTranslator());
        !measure.empty())
        words += " " + tr("Measure it before the features: %1").arg(qt(measure));
    const double straighter = comparison->straightening;
    if (std::abs(straighter) > hardlyStraighter)
        words +=
            "\n\n" +
            (straighter > 0
                 ? tr("The pose was straightened by %1 %: people draw the head they "
                      "know and not the head they see.")
                       .arg(std::lround(100 * straighter))
                 : tr("The pose was exaggerated by %1 %.").arg(std::lround(-100 * straighter)));
    return words;
}

void KeepPanel::showStudy() {
    const Study& s = session_.study();
    if (notes_->toPlainText() != qt(s.notes))
        notes_->setPlainText(qt(s.notes));
    summary_->setText(summary());
    for (const Entry& entry : diary_)
        if (const QString text = qt(s.diary.*entry.kept); entry.edit->text() != text)
            entry.edit->setText(text);
    measured_->setCurrentIndex(static_cast<int>(s.diary.measured));
    const auto took = s.sketch() ? s.sketch()->took : std::chrono::seconds(0);
    QStringList told;
    for (const FormKind* form : forms())
        if (form->id == s.form)
            told << tr("First form: %1.").arg(qt(learnersTranslator().say(form->name)));
    if (took.count() > 0)
        told << tr("Drawn in %1 min %2 s.").arg(took.count() / 60).arg(took.count() % 60);
    took_->setText(told.join(" "));
    const bool several = s.sketches.size() > 1;
    attemptLabel_->setVisible(several);
    attempt_->setVisible(several);
    attempt_->clear();
    for (std::size_t i = 0; i < s.sketches.size(); ++i)
        attempt_->addItem(
            tr("Sketch %1, %2").arg(i + 1).arg(qt(s.sketches[i].drawn.substr(0, 10))));
    attempt_->setCurrentIndex(static_cast<int>(s.current));
    QStringList came;
    if (const auto& timeline = session_.history.timeline())
        for (const FindingOnset& onset : timeline->onsets)
            came << qt(
                wordsFor(FindingOnset{onset.finding, session_.history.photographOf(onset.snapshot)}, learnersTranslator()));
    cameLabel_->setVisible(!came.isEmpty());
    came_->setVisible(!came.isEmpty());
    came_->setText(came.join('\n'));
}

} // namespace zokran
