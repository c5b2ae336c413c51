#include "app/bench/panels.h"

#include "app/bench/guess_panel.h"
#include "app/bench/mark_diagram.h"
#include "app/bench/words.h"
#include "app/theme/theme.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Findings are told apart by shape and word as well as by weight.
QString glyphFor(Severity severity) {
    switch (severity) {
    case Severity::Fix:
        return QStringLiteral("◆");
    case Severity::Watch:
        return QStringLiteral("◇");
    case Severity::Fine:
        break;
    }
    return QStringLiteral("○");
}

/// A figure with its sign; nothing is ever minus zero.
QString signedFigure(double value) {
    return std::abs(value) < 0.05 ? QStringLiteral("0.0") : QString::asprintf("%+.1f", value);
}

} // namespace

StepPanel::StepPanel(StudySession& session, QWidget* parent)
    : QWidget(parent), session_(session), column_(new QVBoxLayout(this)) {
    column_->setContentsMargins(0, 0, 0, 0);
    column_->setSpacing(8);
    connect(&session, &StudySession::changed, this, [this] {
        if (!isVisible())
            return;
        refresh();
    });
}

QLabel* StepPanel::addText(const QString& text, const char* type) {
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    if (type)
        label->setProperty(typeProperty, type);
    column_->addWidget(label);
    return label;
}

QLabel* StepPanel::addHeading(const QString& text) {
    return addText(text, "heading");
}

// ---------------------------------------------------------------------------------------- Set up

SetUpPanel::SetUpPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("Set up"));
    auto field = [&](const QString& name, QWidget* widget) {
        auto* label = addText(name, "strong");
        label->setBuddy(widget);
        widget->setAccessibleName(QString(name).remove('&'));
        column_->addWidget(widget);
    };
    field(tr("&Title"), title_ = new QLineEdit);
    field(tr("&Sitter"), sitter_ = new QLineEdit);
    sitter_->setPlaceholderText(tr("Whose head it is"));
    field(tr("Width that the &photo of your sketch shows"), paper_ = new QDoubleSpinBox);
    paper_->setRange(0, 2000);
    paper_->setDecimals(0);
    paper_->setSuffix(tr(" mm"));
    paper_->setSpecialValueText(tr("not known"));
    addText(tr("With the width known, corrections come in millimetres on your paper. A4 upright is "
               "210 mm wide; add what shows of the table."),
            "caption");
    addText(
        tr("Draw a border first and mark crown and chin inside it. Leave room for hair, neck and "
           "shoulders: a head of about half the sheet's height sits well."));
    addText(tr("Photographs of people stay on this machine. Zokran sends nothing anywhere."),
            "caption");
    column_->addStretch();
    auto edit = [this](const QString& words, const QString& key, auto change) {
        if (!refreshing_)
            session_.edit(words, key, change);
    };
    connect(title_, &QLineEdit::textEdited, this, [=](const QString& text) {
        edit(tr("Rename the study"), "title", [&](Study& s) { s.title = text.toStdString(); });
    });
    connect(sitter_, &QLineEdit::textEdited, this, [=](const QString& text) {
        edit(tr("Name the sitter"), "sitter", [&](Study& s) { s.sitter = text.toStdString(); });
    });
    connect(paper_, &QDoubleSpinBox::valueChanged, this, [=](double mm) {
        edit(tr("Set the paper's width"), "paper", [&](Study& s) { s.paperWidthMm = mm; });
    });
}

void SetUpPanel::refresh() {
    refreshing_ = true;
    const Study& s = session_.study();
    auto show = [](QLineEdit* field, const std::string& text) {
        if (field->text().toStdString() != text)
            field->setText(QString::fromStdString(text));
    };
    show(title_, s.title);
    show(sitter_, s.sitter);
    paper_->setValue(s.paperWidthMm);
    setEnabled(session_.isOpen());
    refreshing_ = false;
}

// --------------------------------------------------------------------------------------- Marking

MarkPanel::MarkPanel(StudySession& session, Side side, QWidget* parent)
    : StepPanel(session, parent), side_(side) {
    state_ = addText({}, "caption");
    next_ = addHeading({});
    where_ = addText({});
    column_->addWidget(diagram_ = new MarkDiagram);
    auto* row = new QHBoxLayout;
    auto* hidden = new QPushButton(tr("&Cannot see it"));
    hidden->setToolTip(tr("Space"));
    auto* ball = new QPushButton(tr("&Lay the ball"));
    ball->setToolTip(tr("Lay the ball over the cranium and drag it into place"));
    row->addWidget(hidden);
    row->addWidget(ball);
    column_->addLayout(row);
    column_->addWidget(suggest_ = new QPushButton);
    suggest_->setToolTip(tr("Look for a face and mark it; then look each mark over"));
    suggest_->setVisible(side == Side::Seen);
    connect(suggest_, &QPushButton::clicked, &session_, &StudySession::suggest);
    column_->addWidget(guess_ = new QPushButton(tr("&Guess by hand")));
    guess_->setToolTip(tr("Lay the construction on the head and turn it by hand"));
    guess_->setVisible(side == Side::Seen);
    connect(guess_, &QPushButton::clicked, &session_, &StudySession::startGuess);
    guessWords_ = addText({});
    column_->addWidget(smiling_ = new QCheckBox(tr("S&miling, or the mouth open")));
    smiling_->setToolTip(tr("Mouth, chin and the wings of the nose then count for less"));
    smiling_->setVisible(side == Side::Seen);
    connect(smiling_, &QCheckBox::toggled, this, [this](bool on) {
        if (!refreshing_)
            session_.edit(on ? tr("The sitter smiles") : tr("The sitter does not smile"), {},
                          [&](Study& s) { s.reference.smiling = on; });
    });
    column_->addWidget(list_ = new QListWidget, 1);
    list_->setMinimumHeight(120);
    list_->setAccessibleName(tr("All marks"));
    list_->setToolTip(tr("Choose a mark to place it again"));
    connect(hidden, &QPushButton::clicked, this, [this] {
        if (const auto next = session_.next(side_))
            session_.hide(side_, *next);
    });
    connect(ball, &QPushButton::clicked, this, [this] {
        session_.edit(tr("Lay the ball"), {}, [&](Study& s) {
            MarkSheet& sheet = s.marks(side_);
            if (sheet.ball) {
                sheet.ball.reset();
                return;
            }
            // The fit knows where the cranium is; without one the middle of the sheet must do.
            sheet.ball =
                side_ == Side::Seen && session_.fit()
                    ? session_.fit()->ball()
                    : BallCircle{{sheet.width / 2.0, sheet.height * 0.4}, {sheet.height * 0.2}};
        });
    });
    connect(list_, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) {
        session_.choose(markAt(item->data(Qt::UserRole).toInt()));
    });
    connect(list_, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) {
        const Mark mark = markAt(item->data(Qt::UserRole).toInt());
        if (!session_.study().marks(side_).marks[mark])
            session_.choose(mark);
        else
            session_.touch(mark);
    });
}

void MarkPanel::setSide(Side side) {
    side_ = side;
    refresh();
}

void MarkPanel::refresh() {
    const auto next = session_.next(side_);
    const MarkSheet& sheet = session_.study().marks(side_);
    const int placed = session_.placedCount(side_);
    suggest_->setText(session_.isSuggesting() ? tr("Looking for a face… stop")
                                              : tr("S&uggest marks"));
    suggest_->setEnabled(session_.isSuggesting() || next);
    refreshing_ = true;
    smiling_->setChecked(sheet.smiling);
    refreshing_ = false;
    const QString guessed = side_ == Side::Seen ? guessInWords(session_) : QString();
    guessWords_->setText(guessed);
    guessWords_->setVisible(!guessed.isEmpty());
    state_->setText(tr("%1 of %2 marks").arg(placed).arg(markCount));
    diagram_->show(next);
    if (next) {
        next_->setText(tr("Next: %1").arg(markName(*next)));
        QString where = QString::fromUtf8(whereToFind(*next).data());
        const auto& telling = session_.telling();
        if (side_ == Side::Seen && telling && telling->mark == *next)
            where += telling->doubtLeft < hardlyWorth
                         ? tr(" It would take %1 % off the doubt of the reading.")
                               .arg(std::lround(100 * (1 - telling->doubtLeft)))
                         : tr(" More marks hardly sharpen the reading now; you may go on.");
        where_->setText(where);
    } else {
        next_->setText(tr("Every mark is placed"));
        where_->setText(
            tr("Drag a mark to move it; the arrow keys nudge the last one by a pixel."));
    }
    const std::vector<Mark>& order = StudySession::order();
    while (list_->count() < static_cast<int>(order.size()))
        list_->addItem(new QListWidgetItem);
    // Only what changed is touched: this runs for every step of a drag.
    for (int row = 0; row < list_->count(); ++row) {
        const Mark m = order[row];
        const auto& mark = sheet.marks[m];
        QString state = QStringLiteral("·");
        QString doubt;
        if (mark && mark->hidden)
            state = QStringLiteral("–");
        else if (mark)
            state = mark->suggested ? QStringLiteral("?") : QStringLiteral("✓");
        if (side_ == Side::Seen && session_.fit()) {
            const auto& outliers = session_.fit()->outliers;
            if (std::find(outliers.begin(), outliers.end(), m) != outliers.end())
                doubt = tr("  (doubtful)");
        }
        if (mark && mark->hidden)
            doubt = tr("  (not seen)");
        else if (mark && mark->suggested)
            doubt = tr("  (suggested)");
        QListWidgetItem* item = list_->item(row);
        const QString text = state + "  " + markName(m) + doubt;
        const QFont font = typeFont(TypeSize::Text, m == next);
        if (item->text() != text || item->font() != font) {
            item->setText(text);
            item->setData(Qt::UserRole, indexOf(m));
            item->setFont(font);
        }
        if (m == next)
            list_->setCurrentItem(item);
    }
}

// ---------------------------------------------------------------------------------------- Guides

GuidesPanel::GuidesPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("Guides"));
    auto* label = addText(tr("&Levels by"), "strong");
    column_->addWidget(canon_ = new QComboBox);
    label->setBuddy(canon_);
    canon_->setAccessibleName(tr("Levels by"));
    canon_->addItem(tr("This sitter, as fitted"), "sitter");
    try {
        const Canon thirds = canonNamed("thirds");
        canon_->addItem(QString::fromStdString(thirds.name), "thirds");
    } catch (const BadInput& e) {
        session_.tell(QString::fromStdString(e.what()));
    }
    about_ = addText({}, "caption");
    const std::pair<const char*, QString> lines[] = {
        {"ball", tr("Ball")},
        {"side_oval", tr("Side ovals")},
        {"centre_line", tr("Centre line")},
        {"brow_line", tr("Brow line")},
        {"hairline", tr("Hairline")},
        {"eye_line", tr("Eye line")},
        {"nose_base_line", tr("Nose base")},
        {"mouth_line", tr("Mouth")},
        {"chin_line", tr("Chin")},
        {"jaw_line", tr("Jaw")},
        {"ear", tr("Ears")},
        {"neck", tr("Neck")},
        {"face_edge", tr("Far edge of the face")},
        {"wing_plumb", tr("Inner eye over nose wing")},
        {"corner_plumb", tr("Pupil over mouth corner")},
    };
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(0);
    int cell = 0;
    for (const auto& [id, name] : lines) {
        auto* box = new QCheckBox(name);
        // Two to a row, but for the plumb lines, whose names are long.
        const bool wide =
            std::string_view(id).ends_with("plumb") || std::string_view(id) == "face_edge";
        grid->addWidget(box, cell / 2, cell % 2, 1, wide ? 2 : 1);
        cell += wide ? 2 : 1;
        lines_.emplace_back(id, box);
        connect(box, &QCheckBox::toggled, this, [this, id = std::string(id), name](bool on) {
            if (refreshing_)
                return;
            session_.edit(
                on ? tr("Show: %1").arg(name) : tr("Hide: %1").arg(name), {}, [&](Study& s) {
                    // The crossing lines on the side plane come and go with its oval.
                    for (const std::string& line :
                         id == "side_oval"
                             ? std::vector<std::string>{id, "side_level", "side_plumb"}
                             : std::vector<std::string>{id})
                        on ? (void)s.hiddenLines.erase(line) : (void)s.hiddenLines.insert(line);
                });
        });
    }
    column_->addLayout(grid);
    departures_ = addText({});
    addText(tr("± after a line's name: how far it may lie off, in % of the head's height."),
            "caption");
    column_->addStretch();
    connect(canon_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            session_.edit(tr("Change the canon"), {}, [&](Study& s) {
                s.canon = canon_->currentData().toString().toStdString();
            });
    });
}

void GuidesPanel::refresh() {
    refreshing_ = true;
    const Study& s = session_.study();
    canon_->setCurrentIndex(std::max(0, canon_->findData(QString::fromStdString(s.canon))));
    about_->setText(
        s.canon == "sitter"
            ? tr("Each line lies where this sitter's own features are.")
            : tr("Three equal steps down the face: hairline to brow, brow to nose base, "
                 "nose base to chin. A rule of thumb; what departs from it is the "
                 "likeness."));
    for (auto& [id, box] : lines_)
        box->setChecked(!s.hiddenLines.contains(id));
    QString words;
    if (session_.fit()) {
        const Levels sitter = levelsOf(session_.fit()->head);
        const double third = sitter.brow.value - sitter.noseBase.value;
        const double lower = sitter.noseBase.value - sitter.chin.value;
        const double percent = 100 * (lower / third - 1);
        words =
            std::abs(percent) < 4
                ? tr("In this sitter brow to nose base and nose base to chin are about equal.")
            : percent > 0
                ? tr("In this sitter the step from nose base to chin is %1 % longer than the one "
                     "from brow to nose base.")
                      .arg(std::lround(percent))
                : tr("In this sitter the step from nose base to chin is %1 % shorter than the one "
                     "from brow to nose base.")
                      .arg(std::lround(-percent));
    }
    if (session_.fit())
        for (const QString& more :
             {departureWords(*session_.fit()), asymmetryWords(*session_.fit()),
              sharedWords(session_.sharedWith())})
            if (!more.isEmpty())
                words += "\n\n" + more;
    departures_->setText(words);
    refreshing_ = false;
}

// ------------------------------------------------------------------------------------------ Draw

DrawPanel::DrawPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("Draw on paper"));
    addText(
        tr("1.  Ball, side oval, brow line, centre line. Compare each with the form on the right "
           "sheet before the next."));
    addText(tr("2.  Step the thirds down the centre line and drop the chin."));
    addText(tr("3.  Features as plain lines first. They are cheap to move."));
    addText(tr("4.  Before any shading: photograph the sketch and check it here. A placement error "
               "never gets cheaper."));
    addText(
        tr("Photograph the sketch from straight above, in even light, the whole sheet in view."),
        "caption");
    addText(
        tr("Look up every few minutes, let neck and hand rest, and stop after about five heads. "
           "Sharpen charcoal pencils away from you. Charcoal dust and spray fixative belong out "
           "of the lungs: wipe, do not blow, and spray outdoors or by an open window. The makers' "
           "safety sheets have the last word."),
        "caption");
    column_->addStretch();
}

// ----------------------------------------------------------------------------------------- Check

FindingsPanel::FindingsPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("What the sketch says"));
    findings_ = new QWidget;
    findings_->setLayout(new QVBoxLayout);
    findings_->layout()->setContentsMargins(0, 0, 0, 0);
    findings_->layout()->setSpacing(10);
    column_->addWidget(findings_);
    auto* label = addText(tr("&Hold still while laying over"), "strong");
    column_->addWidget(hold_ = new QComboBox);
    label->setBuddy(hold_);
    hold_->setAccessibleName(tr("Hold still while laying over"));
    hold_->addItem(tr("All features"), int(Hold::All));
    hold_->addItem(tr("The eyes"), int(Hold::Eyes));
    hold_->addItem(tr("The ball"), int(Hold::Ball));
    hold_->addItem(tr("The page"), int(Hold::Page));
    connect(hold_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            session_.edit(tr("Hold something else"), {}, [&](Study& s) {
                s.hold = static_cast<Hold>(hold_->currentData().toInt());
            });
    });
    addText(tr("Every mark once turn and tilt are taken out, the furthest off first. Up and across "
               "are % "
               "of the head's height, + for too high and too far right."),
            "caption");
    column_->addWidget(table_ = new QTableWidget(0, 5), 1);
    table_->setAccessibleName(tr("Placements"));
    table_->setHorizontalHeaderLabels(
        {tr("Feature"), tr("up %"), tr("across %"), tr("eyes"), tr("mm")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(22);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setMinimumHeight(150);
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        if (!refreshing_ && table_->currentItem())
            session_.touch(
                markAt(table_->item(table_->currentRow(), 0)->data(Qt::UserRole).toInt()));
    });
}

void FindingsPanel::refresh() {
    refreshing_ = true;
    hold_->setCurrentIndex(hold_->findData(int(session_.study().hold)));
    QLayout* rows = findings_->layout();
    while (QLayoutItem* item = rows->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    auto say = [&](const QString& text, const char* type) {
        auto* label = new QLabel(text);
        label->setWordWrap(true);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
        if (type)
            label->setProperty(typeProperty, type);
        rows->addWidget(label);
    };
    const auto& comparison = session_.comparison();
    table_->setRowCount(0);
    if (!comparison) {
        say(session_.lacking(Side::Drawn), nullptr);
        refreshing_ = false;
        return;
    }
    const bool stop =
        std::any_of(comparison->findings.begin(), comparison->findings.end(),
                    [](const Finding& f) { return f.structural && f.severity == Severity::Fix; });
    if (stop)
        say(tr("Stop and mend before shading."), "strong");
    for (const Finding& f : comparison->findings) {
        QString text = glyphFor(f.severity) + "  " + QString::fromStdString(f.text);
        say(text, f.severity == Severity::Fix     ? "strong"
                  : f.severity == Severity::Watch ? nullptr
                                                  : "caption");
        if (!f.measure.empty())
            say(tr("Would have caught it: %1").arg(QString::fromStdString(f.measure)), "caption");
    }
    std::vector<Mark> marks;
    for (int i = 0; i < markCount; ++i)
        if (comparison->placements[markAt(i)])
            marks.push_back(markAt(i));
    auto off = [&](Mark m) {
        const Placement& p = *comparison->placements[m];
        return std::hypot(p.up, p.across);
    };
    std::sort(marks.begin(), marks.end(), [&](Mark a, Mark b) { return off(a) > off(b); });
    for (Mark m : marks) {
        const Placement& p = *comparison->placements[m];
        const int row = table_->rowCount();
        table_->insertRow(row);
        auto cell = [&](int column, const QString& text) {
            auto* item = new QTableWidgetItem(text);
            item->setFont(typeFont(TypeSize::Caption, off(m) > 2.5 * p.doubt));
            if (column)
                item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            else
                item->setData(Qt::UserRole, indexOf(m));
            table_->setItem(row, column, item);
        };
        cell(0, markName(m));
        cell(1, signedFigure(p.up));
        cell(2, signedFigure(p.across));
        cell(3, QString::asprintf("%.2f", p.eyeWidths));
        cell(4, p.onPaper ? QString::asprintf("%.0f", p.onPaper->value) : QStringLiteral("–"));
    }
    refreshing_ = false;
}

// ------------------------------------------------------------------------------------------ Keep

KeepPanel::KeepPanel(StudySession& session, QWidget* parent) : StepPanel(session, parent) {
    addHeading(tr("Keep"));
    summary_ = addText({});
    auto* label = addText(tr("&Notes"), "strong");
    column_->addWidget(notes_ = new QPlainTextEdit, 1);
    label->setBuddy(notes_);
    notes_->setAccessibleName(tr("Notes"));
    notes_->setPlaceholderText(tr("What did you notice? What will you measure first next time?"));
    notes_->setTabChangesFocus(true);
    addText(tr("A drawing is changeable and likeness comes late. An error is information: the ones "
               "that come back are the ones worth practising."),
            "caption");
    connect(notes_, &QPlainTextEdit::textChanged, this, [this] {
        if (!refreshing_)
            session_.edit(tr("Write notes"), "notes",
                          [&](Study& s) { s.notes = notes_->toPlainText().toStdString(); });
    });
}

void KeepPanel::refresh() {
    refreshing_ = true;
    const QString text = QString::fromStdString(session_.study().notes);
    if (notes_->toPlainText() != text)
        notes_->setPlainText(text);
    const auto& comparison = session_.comparison();
    if (!comparison) {
        summary_->setText(tr("There is no comparison to keep yet."));
    } else {
        const Finding& first = comparison->findings.front();
        QString words = tr("First to mend: %1").arg(QString::fromStdString(first.text));
        if (first.severity == Severity::Fine)
            words = QString::fromStdString(first.text);
        if (std::abs(comparison->straightening) > 0.1)
            words +=
                "\n\n" + (comparison->straightening > 0
                              ? tr("The pose was straightened by %1 %: people draw the head they "
                                   "know and not the head they see.")
                                    .arg(std::lround(100 * comparison->straightening))
                              : tr("The pose was exaggerated by %1 %.")
                                    .arg(std::lround(-100 * comparison->straightening)));
        summary_->setText(words);
    }
    refreshing_ = false;
}

} // namespace zokran
