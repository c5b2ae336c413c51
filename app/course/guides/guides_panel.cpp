#include "app/course/guides/guides_panel.h"

#include "app/course/guides/sitter_fold.h"
#include "app/widgets/collapsible_section.h"
#include "app/overlays/form_drawing.h"
#include "app/text/messages.h"
#include "core/base/json_file.h"
#include "core/construction/forms.h"
#include "core/construction/lines.h"
#include "core/files/canon_file.h"
#include "core/fit/sitter_table.h"
#include "core/messages/division_messages.h"
#include "core/messages/line_messages.h"

#include <QButtonGroup>
#include <QCheckBox>
#include <QComboBox>
#include <QFileDialog>
#include <QGridLayout>
#include <QInputDialog>
#include <QLabel>
#include <QPushButton>
#include <QSlider>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

namespace {

constexpr const char* ownLevels = "sitter";
/// Names longer than this take a row of their own.
constexpr int shortName = 14;
constexpr QSize schoolIcon(112, 64);
constexpr double hairSteps = 100; // to a ball radius

} // namespace

GuidesPanel::GuidesPanel(OpenStudy& opened, QWidget* parent) : StepPanel(parent), opened_(opened) {
    addHeading(tr("Guides"));
    buildDepth();
    buildSchools();
    likeness_ = addText({});
    buildLines();
    buildMore();
    column_->addWidget(sitter_ = new SitterFold(opened_));
    addText(tr("Point at a line: beside its name stands how far it may lie off, in % of the head's height."),
            "caption");
    column_->addStretch();
}

void GuidesPanel::changeLook(const QString& words, const QString& merge,
                             const std::function<void(FormLook&)>& change) {
    if (!refreshing_)
        opened_.document.edit(words, merge, [&](Study& s) { change(s.look); });
}

void GuidesPanel::buildDepth() {
    auto* row = new QHBoxLayout;
    row->setSpacing(4);
    depth_ = new QButtonGroup(this);
    const std::pair<QString, QString> names[] = {{tr("Planes"), tr("Ball and planes")},
                                                 {tr("Guides"), tr("With guides")},
                                                 {tr("Head"), tr("Planes of the head")}};
    int id = 1;
    for (const auto& [name, whole] : names) {
        auto* button = new QPushButton(QString("%1 %2").arg(id).arg(name));
        button->setCheckable(true);
        button->setProperty("role", "step");
        button->setToolTip(whole);
        button->setAccessibleName(whole);
        row->addWidget(button, 1);
        depth_->addButton(button, id++);
    }
    connect(depth_, &QButtonGroup::idClicked, this, [this](int depth) {
        changeLook(tr("Change the depth of detail"), {},
                   [&](FormLook& look) { look.detail = static_cast<Detail>(depth); });
    });
    column_->addLayout(row);
}

void GuidesPanel::buildSchools() {
    auto choice = [&](QVBoxLayout* column, const QString& name) {
        auto* label = new QLabel(name);
        column->addWidget(label);
        auto* box = new QComboBox;
        column->addWidget(box);
        label->setBuddy(box);
        box->setAccessibleName(QString(name).remove('&'));
        return box;
    };
    canon_ = choice(column_, tr("&Levels by"));
    canon_->setIconSize(schoolIcon);
    about_ = addText({}, "caption");
    form_ = choice(column_, tr("&First form"));
    for (const FormKind* form : forms())
        form_->addItem(qt(learnersTranslator().say(form->name)), qt(std::string(form->id)));
    formAbout_ = addText({}, "caption");
    connect(canon_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            opened_.document.edit(tr("Change the canon"), {},
                                  [&](Study& s) { s.canon = canon_->currentData().toString().toStdString(); });
    });
    connect(form_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            opened_.document.edit(tr("Change the first form"), {},
                                  [&](Study& s) { s.form = form_->currentData().toString().toStdString(); });
    });
}

void GuidesPanel::fillSchools() {
    std::vector<std::string> troubles;
    canons_ = canons(&troubles);
    for (const std::string& trouble : troubles)
        emit opened_.document.troubled(qt(trouble));
    const double density = devicePixelRatioF();
    canon_->clear();
    over_->clear();
    over_->addItem(tr("none"), QString());
    canon_->addItem(schoolDrawing(std::nullopt, schoolIcon, density), tr("This sitter"), ownLevels);
    over_->addItem(tr("This sitter"), ownLevels);
    for (const Canon& canon : canons_) {
        const QString name = qt(learnersTranslator().say(canon.name));
        canon_->addItem(schoolDrawing(canon, schoolIcon, density), name, qt(canon.id));
        over_->addItem(name, qt(canon.id));
    }
}

void GuidesPanel::buildLines() {
    auto* fold = new CollapsibleSection(tr("Lines"));
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(0);
    int cell = 0;
    for (const LineEntry& line : lineTable()) {
        // What goes with another line is switched with it; a form's own outline always shows.
        if (!line.goesWith.empty() || !line.trace)
            continue;
        const QString name = capital(qt(wordsForLine(line.id, learnersTranslator())));
        auto* box = new QCheckBox(name);
        // Two to a row, but for those whose names are long.
        const bool wide = name.size() > shortName;
        if (wide && cell % 2)
            ++cell;
        grid->addWidget(box, cell / 2, cell % 2, 1, wide ? 2 : 1);
        cell += wide ? 2 : 1;
        lines_.emplace_back(line.id, box);
        connect(box, &QCheckBox::toggled, this,
                [this, id = std::string(line.id), asked = line.onlyWhenAsked, name](bool on) {
                    if (refreshing_)
                        return;
                    opened_.document.edit(on ? tr("Show: %1").arg(name) : tr("Hide: %1").arg(name), {}, [&](Study& s) {
                        if (on == asked)
                            s.switchedLines.insert(id);
                        else
                            s.switchedLines.erase(id);
                    });
                });
    }
    fold->inside()->addLayout(grid);
    column_->addWidget(fold);
}

void GuidesPanel::buildMore() {
    auto* fold = new CollapsibleSection(tr("More of the form"));
    auto slider = [&](const QString& name, int low, int high, QLabel** label = nullptr) {
        auto* words = new QLabel(name);
        auto* made = new QSlider(Qt::Horizontal);
        made->setRange(low, high);
        made->setPageStep(std::max(1, (high - low) / 6));
        made->setAccessibleName(QString(name).remove('&'));
        words->setBuddy(made);
        fold->inside()->addWidget(words);
        fold->inside()->addWidget(made);
        if (label)
            *label = words;
        return made;
    };
    auto* overName = new QLabel(tr("A &second school over it, dotted"));
    over_ = new QComboBox;
    overName->setBuddy(over_);
    over_->setAccessibleName(tr("A second school over it"));
    fold->inside()->addWidget(overName);
    fold->inside()->addWidget(over_);
    hair_ = slider(tr("Mass of the &hair"), 0, static_cast<int>(hairSteps * mostHair.value));
    straights_ = slider(tr("S&traights of the envelope"), fewestStraights, mostStraights,
                        &straightsName_);
    auto* own = new QPushButton(tr("Keep this sitter as a school…"));
    auto* take = new QPushButton(tr("Add a school from a file…"));
    fold->inside()->addWidget(own);
    fold->inside()->addWidget(take);
    column_->addWidget(fold);
    connect(over_, &QComboBox::currentIndexChanged, this, [this] {
        changeLook(tr("Lay a second school over it"), {}, [&](FormLook& look) {
            look.over = over_->currentData().toString().toStdString();
        });
    });
    connect(hair_, &QSlider::valueChanged, this, [this](int value) {
        changeLook(tr("Change the hair's mass"), "hair",
                   [&](FormLook& look) { look.hair = BallRadii{value / hairSteps}; });
    });
    connect(straights_, &QSlider::valueChanged, this, [this](int value) {
        changeLook(tr("Change the straights"), "straights",
                   [&](FormLook& look) { look.straights = value; });
    });
    connect(own, &QPushButton::clicked, this, &GuidesPanel::keepSitterAsCanon);
    connect(take, &QPushButton::clicked, this, &GuidesPanel::takeCanon);
}

void GuidesPanel::takeCanon() {
    const QString file = QFileDialog::getOpenFileName(this, tr("Add a school from a file"), {},
                                                      tr("Schools (*.json)"));
    if (file.isEmpty())
        return;
    opened_.document.tryEdit([&] { keepCanon(file.toStdString()); });
    canons_.clear();
    refresh();
}

void GuidesPanel::keepSitterAsCanon() {
    if (!opened_.fit())
        return;
    bool sure = false;
    const QString name = QInputDialog::getText(this, tr("Keep this sitter as a school"), tr("What is the school called?"),
                                               QLineEdit::Normal, qt(opened_.study().sitter), &sure);
    if (!sure || name.trimmed().isEmpty())
        return;
    opened_.document.tryEdit([&] { keepOwnCanon(name.trimmed().toStdString(), measuresOf(opened_.fit()->head)); });
    canons_.clear();
    refresh();
}

void GuidesPanel::showStudy() {
    const Study& s = opened_.study();
    // A school that has come by dropping its file is looked for too.
    if (canons_.empty() || (s.canon != ownLevels && canon_->findData(qt(s.canon)) < 0))
        fillSchools();
    canon_->setCurrentIndex(std::max(0, canon_->findData(qt(s.canon))));
    over_->setCurrentIndex(std::max(0, over_->findData(qt(s.look.over))));
    form_->setCurrentIndex(std::max(0, form_->findData(qt(s.form))));
    depth_->button(static_cast<int>(s.look.detail))->setChecked(true);
    const auto canon = std::find_if(canons_.begin(), canons_.end(),
                                    [&](const Canon& c) { return c.id == s.canon; });
    about_->setText(canon == canons_.end()
                        ? tr("Each line lies where this sitter's own features are.")
                        : qt(learnersTranslator().say(canon->about)));
    for (const FormKind* form : forms())
        if (form->id == s.form)
            formAbout_->setText(qt(learnersTranslator().say(form->about)));
    for (auto& [id, box] : lines_) {
        const LineEntry* line = lineNamed(id);
        box->setChecked(line->onlyWhenAsked == s.switchedLines.contains(id));
        box->setEnabled(line->detail <= s.look.detail);
    }
    hair_->setValue(static_cast<int>(std::lround(
        hairSteps * s.look.hair.value_or(usualHair).value)));
    straights_->setValue(s.look.straights);
    straights_->setEnabled(s.form == "envelope");
    straightsName_->setEnabled(s.form == "envelope");
    // The likeness in three sentences: what a school would not have told.
    QStringList words;
    if (opened_.fit() && canon != canons_.end())
        for (const std::string& line : likenessWords(sitterTable(*opened_.fit(), {*canon}), canon->id, learnersTranslator()))
            words << capital(qt(line));
    likeness_->setText(words.join("\n"));
    likeness_->setVisible(!words.isEmpty());
    sitter_->refresh(canons_);
}

} // namespace zokran
