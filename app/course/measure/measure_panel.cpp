#include "app/course/measure/measure_panel.h"

#include "app/document/marking.h"
#include "app/document/measuring.h"
#include "app/widgets/collapsible_section.h"
#include "app/widgets/line_button.h"
#include "app/text/messages.h"
#include "app/widgets/fields.h"
#include "core/messages/mark_messages.h"
#include "core/messages/measure_messages.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

MeasurePanel::MeasurePanel(OpenStudy& opened, QWidget* parent) : StepPanel(parent), opened_(opened) {
    auto* grid = new QGridLayout;
    grid->setSpacing(2);
    // Two columns of one width, however long a name is in a language.
    grid->setColumnStretch(0, 1);
    grid->setColumnStretch(1, 1);
    column_->addLayout(grid);
    for (const MeasureKind* kind : measureKinds()) {
        auto* button = new LineButton(qt(learnersTranslator().say(kind->name)));
        button->setCheckable(true);
        button->setToolTip(qt(learnersTranslator().say(kind->about)));
        const int at = static_cast<int>(kinds_.size());
        grid->addWidget(button, at / 2, at % 2);
        kinds_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, kind] {
            opened_.selection.measuring.setCurrent({std::string(kind->id), {}, false});
        });
    }
    about_ = addText({}, "caption");
    told_ = addText({}, "strong");
    buildGuessing();
    column_->addWidget(list_ = new QListWidget, 1);
    list_->setAccessibleName(tr("Measurements"));
    list_->setMinimumHeight(96);
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    connect(list_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (!refreshing_)
            opened_.selection.measuring.select(row);
    });
    column_->addWidget(name_ = new QLineEdit);
    useStudyUndo(name_);
    name_->setAccessibleName(tr("Name of the measurement"));
    name_->setPlaceholderText(tr("Give it a name"));
    connect(name_, &QLineEdit::textEdited, this, [this](const QString& text) {
        nameMeasurement(opened_, static_cast<std::size_t>(list_->currentRow()), text.toStdString());
    });
    auto* row = new QHBoxLayout;
    row->addWidget(unit_ = new QPushButton(tr("As the &unit")));
    row->addWidget(remove_ = new QPushButton(tr("Take it &away")));
    column_->addLayout(row);
    column_->addWidget(usual_ = new QPushButton(tr("The nearer &eye as the unit")));
    connect(remove_, &QPushButton::clicked, this,
            [this] { removeMeasurement(opened_, static_cast<std::size_t>(list_->currentRow())); });
    connect(unit_, &QPushButton::clicked, this, [this] { makeUnit(opened_, static_cast<std::size_t>(list_->currentRow())); });
    connect(usual_, &QPushButton::clicked, this, [this] { usualUnit(opened_); });
    buildByKeys();
}

void MeasurePanel::buildGuessing() {
    column_->addWidget(guessFirst_ = new QCheckBox(tr("&Guess the number first")));
    connect(guessFirst_, &QCheckBox::clicked, this, [this](bool on) { opened_.selection.measuring.guessFirst(on); });
    column_->addWidget(guides_ = new QCheckBox(tr("Guides &underneath")));
    guides_->setToolTip(tr("Ends take hold of them, as they do of marks"));
    connect(guides_, &QCheckBox::clicked, this, [this](bool on) { opened_.selection.measuring.snapToGuides(on); });
    column_->addWidget(guessing_ = new QWidget);
    auto* row = new QHBoxLayout(guessing_);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(guess_ = new QDoubleSpinBox, 1);
    guess_->setAccessibleName(tr("What you think it is"));
    guess_->setRange(-180, 1000);
    auto* say = new QPushButton(tr("That is my &guess"));
    auto* tell = new QPushButton(tr("&Tell me"));
    row->addWidget(say);
    row->addWidget(tell);
    connect(say, &QPushButton::clicked, this, [this] {
        guessNumber(opened_, static_cast<std::size_t>(opened_.selection.measuring.awaitingGuess()), guess_->value());
    });
    connect(tell, &QPushButton::clicked, this, [this] {
        guessNumber(opened_, static_cast<std::size_t>(opened_.selection.measuring.awaitingGuess()), std::nullopt);
    });
}

void MeasurePanel::showGuessing() {
    guessFirst_->setChecked(opened_.selection.measuring.guessesFirst());
    guides_->setChecked(opened_.selection.measuring.snapsToGuides());
    guides_->setEnabled(opened_.fit().has_value());
    const int waits = opened_.selection.measuring.awaitingGuess();
    const auto& measures = opened_.study().measures;
    const bool asked = waits >= 0 && waits < static_cast<int>(measures.size());
    guessing_->setVisible(asked);
    if (!asked)
        return;
    const Measurement& m = measures[static_cast<std::size_t>(waits)];
    if (const auto reading = readingOn(opened_, m, m.onSketch ? Side::Sketch : Side::Reference)) {
        const bool angle = reading->unit == ReadingUnit::Angle;
        guess_->setDecimals(angle ? 0 : 2);
        guess_->setSingleStep(angle ? 1 : 0.1);
        guess_->setSuffix(angle                                   ? tr("°")
                          : reading->unit == ReadingUnit::Length ? tr(" eyes")
                                                                 : QString());
    }
}

void MeasurePanel::buildByKeys() {
    auto* fold = new CollapsibleSection(tr("By names, without the mouse"));
    constexpr int mostEnds = 4;
    for (int i = 0; i < mostEnds; ++i) {
        auto* end = new QComboBox;
        end->setAccessibleName(tr("End %1").arg(i + 1));
        for (Mark m : markingOrder())
            end->addItem(qt(wordsFor(m, learnersTranslator())), indexOf(m));
        end->setCurrentIndex(i);
        fold->inside()->addWidget(end);
        ends_.push_back(end);
    }
    fold->inside()->addWidget(lay_ = new QPushButton(tr("&Lay it")));
    connect(lay_, &QPushButton::clicked, this, [this] {
        const std::string kind = opened_.selection.measuring.current().kind;
        opened_.selection.measuring.setCurrent({kind, {}, false});
        for (const QComboBox* end : ends_)
            if (end->isVisibleTo(this))
                putEnd(opened_, Side::Reference, {markAt(end->currentData().toInt()), {0, 0}});
        closeShape(opened_);
    });
    column_->addWidget(fold);
    column_->addStretch();
}

QString MeasurePanel::lineOf(const Measurement& m) const {
    const QString name =
        m.name.empty() ? qt(learnersTranslator().say(measureKindNamed(m.kind).name)) : qt(m.name);
    const auto seen = readingOn(opened_, m, Side::Reference), drawn = readingOn(opened_, m, Side::Sketch);
    const auto said = [](const std::optional<Reading>& r) {
        if (!r)
            return QStringLiteral("–");
        return r->clearances.empty() ? qt(numberWords(*r, learnersTranslator()))
                                     : qt(passWords(*r, learnersTranslator())).section("; ", 0, 0);
    };
    QStringList ends;
    for (const Anchor& a : m.anchors)
        if (a.mark)
            ends << qt(wordsFor(*a.mark, learnersTranslator()));
    const QString between = ends.isEmpty() ? QString() : " (" + ends.join(", ") + ")";
    const int waits = opened_.selection.measuring.awaitingGuess();
    if (waits >= 0 && &m == &opened_.study().measures[static_cast<std::size_t>(waits)])
        return tr("%1%2\nwhat do you think?").arg(name, between);
    if (!opened_.study().sketch())
        return seen ? tr("%1%2\nseen %3").arg(name, between, said(seen)) : name + between;
    // Where a unit lacks the line under the sheets says which corner to click.
    if (!seen && !drawn)
        return name + between;
    return tr("%1%2\nseen %3 · drawn %4").arg(name, between, said(seen), said(drawn));
}

void MeasurePanel::showList() {
    const auto& measures = opened_.study().measures;
    const int count = static_cast<int>(measures.size());
    while (list_->count() > count)
        delete list_->takeItem(list_->count() - 1);
    while (list_->count() < count)
        list_->addItem(QString());
    for (int i = 0; i < count; ++i) {
        const QString line = lineOf(measures[static_cast<std::size_t>(i)]);
        if (list_->item(i)->text() != line)
            list_->item(i)->setText(line);
    }
    for (QWidget* widget : std::initializer_list<QWidget*>{list_, unit_, remove_})
        widget->setVisible(count > 0);
    const int taken = std::min(opened_.selection.measuring.selected(), count - 1);
    if (list_->currentRow() != taken)
        list_->setCurrentRow(taken);
    QStringList told;
    name_->setVisible(taken >= 0);
    if (taken >= 0 && taken != opened_.selection.measuring.awaitingGuess()) {
        const Measurement& m = measures[static_cast<std::size_t>(taken)];
        const auto seen = readingOn(opened_, m, Side::Reference), drawn = readingOn(opened_, m, Side::Sketch);
        for (const auto& [reading, where] :
             {std::pair{&seen, tr("On the photo: %1.")}, {&drawn, tr("On your sketch: %1.")}})
            if (*reading && !(*reading)->clearances.empty())
                told << where.arg(qt(passWords(**reading, learnersTranslator())));
        if (const auto& reading = m.onSketch ? drawn : seen; reading && !reading->secondary.empty())
            told << tr("Also: %1.").arg(qt(secondaryWords(*reading, learnersTranslator())));
        if (m.guessed && (m.onSketch ? drawn : seen))
            told << qt(guessedWords(*m.guessed, m.onSketch ? *drawn : *seen, learnersTranslator()));
        if (openEnd(opened_, Side::Reference) || openEnd(opened_, Side::Sketch))
            told << tr("It is not compared before its ends are set on both sheets.");
        if (seen && drawn && seen->clearances.empty()) {
            const Sketch* attempt = opened_.study().sketch();
            std::optional<Millimetres> unit;
            if (const auto page = attempt->page.perPixel({1.0 * attempt->marks.width}))
                unit = *unitOn(opened_, Side::Sketch) * *page;
            told << qt(differenceWords(*seen, *drawn, unit, learnersTranslator()));
        }
    }
    if (taken >= 0)
        if (const QString name = qt(measures[static_cast<std::size_t>(taken)].name);
            name_->text() != name)
            name_->setText(name);
    told_->setText(told.join(" "));
    told_->setVisible(!told.isEmpty());
    remove_->setEnabled(taken >= 0);
    unit_->setEnabled(taken >= 0 &&
                      measures[static_cast<std::size_t>(taken)].anchors.size() >= 2);
    usual_->setVisible(!opened_.study().unit.empty());
}

void MeasurePanel::showStudy() {
    const MeasureKind& kind = measureKindNamed(opened_.selection.measuring.current().kind);
    for (std::size_t i = 0; i < kinds_.size(); ++i)
        kinds_[i]->setChecked(measureKinds()[i] == &kind);
    about_->setText(qt(learnersTranslator().say(kind.about)));
    const std::size_t ends = kind.ends ? kind.ends : ends_.size();
    for (std::size_t i = 0; i < ends_.size(); ++i)
        ends_[i]->setVisible(i < ends);
    showGuessing();
    lay_->setEnabled(opened_.document.isOpen() && !opened_.study().referencePicture.empty());
    showList();
}

} // namespace zokran
