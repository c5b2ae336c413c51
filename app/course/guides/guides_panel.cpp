#include "app/course/guides/guides_panel.h"

#include "app/widgets/words.h"
#include "core/construction/forms.h"
#include "core/construction/lines.h"
#include "core/files/canon_file.h"
#include "core/words/line_words.h"
#include "core/words/sitter_words.h"

#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

namespace {

constexpr const char* ownLevels = "sitter";
/// Names longer than this take a row of their own.
constexpr int shortName = 14;

QString capital(QString name) {
    if (!name.isEmpty())
        name[0] = name[0].toUpper();
    return name;
}

} // namespace

GuidesPanel::GuidesPanel(Desk& desk, QWidget* parent) : StepPanel(desk, parent) {
    addHeading(tr("Guides"));
    buildSchools();
    buildLines();
    departures_ = addText({});
    addText(tr("± after a line's name: how far it may lie off, in % of the head's height."),
            "caption");
    column_->addStretch();
}

void GuidesPanel::buildSchools() {
    auto choice = [&](const QString& name) {
        auto* label = addText(name, "strong");
        auto* box = new QComboBox;
        column_->addWidget(box);
        label->setBuddy(box);
        box->setAccessibleName(QString(name).remove('&'));
        return box;
    };
    canon_ = choice(tr("&Levels by"));
    canon_->addItem(tr("This sitter, as fitted"), ownLevels);
    std::vector<std::string> troubles;
    canons_ = canons(&troubles);
    for (const Canon& canon : canons_)
        canon_->addItem(qt(learnersBook().say(canon.name)), qt(canon.id));
    for (const std::string& trouble : troubles)
        emit desk_.document.troubled(qt(trouble));
    about_ = addText({}, "caption");
    form_ = choice(tr("&First form"));
    for (const FormKind& form : forms())
        form_->addItem(qt(learnersBook().say(form.name)), qt(std::string(form.id)));
    connect(canon_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            desk_.document.edit(tr("Change the canon"), {}, [&](Study& s) {
                s.canon = canon_->currentData().toString().toStdString();
            });
    });
    connect(form_, &QComboBox::currentIndexChanged, this, [this] {
        if (!refreshing_)
            desk_.document.edit(tr("Change the first form"), {}, [&](Study& s) {
                s.form = form_->currentData().toString().toStdString();
            });
    });
}

void GuidesPanel::buildLines() {
    auto* grid = new QGridLayout;
    grid->setVerticalSpacing(0);
    int cell = 0;
    for (const LineEntry& line : lineTable()) {
        // What goes with another line is switched with it; a form's own outline always shows.
        if (!line.goesWith.empty() || !line.trace)
            continue;
        const QString name = capital(qt(wordsForLine(line.id, learnersBook())));
        auto* box = new QCheckBox(name);
        // Two to a row, but for those whose names are long.
        const bool wide = name.size() > shortName;
        if (wide && cell % 2)
            ++cell;
        grid->addWidget(box, cell / 2, cell % 2, 1, wide ? 2 : 1);
        cell += wide ? 2 : 1;
        lines_.emplace_back(line.id, box);
        connect(box, &QCheckBox::toggled, this, [this, id = std::string(line.id), name](bool on) {
            if (!refreshing_)
                desk_.document.edit(
                    on ? tr("Show: %1").arg(name) : tr("Hide: %1").arg(name), {}, [&](Study& s) {
                        on ? (void)s.hiddenLines.erase(id) : (void)s.hiddenLines.insert(id);
                    });
        });
    }
    column_->addLayout(grid);
}

void GuidesPanel::showStudy() {
    const Study& s = desk_.study();
    canon_->setCurrentIndex(std::max(0, canon_->findData(qt(s.canon))));
    form_->setCurrentIndex(std::max(0, form_->findData(qt(s.form))));
    const auto canon = std::find_if(canons_.begin(), canons_.end(),
                                    [&](const Canon& c) { return c.id == s.canon; });
    about_->setText(canon == canons_.end()
                        ? tr("Each line lies where this sitter's own features are.")
                        : tr("%1 A rule of thumb; what departs from it is the likeness.")
                              .arg(qt(learnersBook().say(canon->about))));
    for (auto& [id, box] : lines_)
        box->setChecked(!s.hiddenLines.contains(id));
    QStringList words;
    if (const auto& fit = desk_.fit())
        for (const std::string& more :
             {thirdsWords(*fit, learnersBook()), departureWords(*fit, learnersBook()),
              asymmetryWords(*fit, learnersBook()),
              sharedWords(desk_.analysis.sharedWith(), learnersBook())})
            if (!more.empty())
                words << qt(more);
    departures_->setText(words.join("\n\n"));
}

} // namespace zokran
