#include "app/course/guides/sitter_fold.h"

#include "app/overlays/form_drawing.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/fit/sitter_table.h"
#include "core/messages/division_messages.h"
#include "core/messages/sitter_messages.h"

#include <QHeaderView>
#include <QLabel>
#include <QSlider>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

constexpr int pushSteps = 20; // to a whole likeness
constexpr QSize drawingSize(280, 150);

} // namespace

SitterFold::SitterFold(OpenStudy& opened, QWidget* parent)
    : CollapsibleSection(tr("This sitter against the schools"), parent), opened_(opened), words_(new QLabel),
      drawing_(new QLabel),
      push_(new QSlider(Qt::Horizontal)), table_(new QTableWidget) {
    auto* name = new QLabel(tr("&Push the likeness: half, true, double"));
    name->setWordWrap(true);
    name->setBuddy(push_);
    inside()->addWidget(name);
    push_->setRange(0, 2 * pushSteps);
    push_->setPageStep(pushSteps / 2);
    push_->setTickInterval(pushSteps / 2);
    push_->setTickPosition(QSlider::TicksBelow);
    push_->setAccessibleName(tr("Push the likeness"));
    inside()->addWidget(push_);
    drawing_->setAccessibleName(tr("This sitter's levels, and the school's dashed"));
    inside()->addWidget(drawing_);
    words_->setWordWrap(true);
    inside()->addWidget(words_);
    table_->setColumnCount(3);
    table_->setHorizontalHeaderLabels({tr("Division"), tr("Sitter"), tr("School")});
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::ResizeToContents);
    table_->verticalHeader()->hide();
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionMode(QAbstractItemView::NoSelection);
    table_->setWordWrap(true);
    table_->setShowGrid(false);
    table_->setTabKeyNavigation(false);
    table_->setMinimumHeight(300);
    table_->setAccessibleName(tr("Divisions of this sitter beside the school's"));
    inside()->addWidget(table_);
    connect(push_, &QSlider::valueChanged, this, [this](int value) {
        if (!refreshing_)
            opened_.document.edit(tr("Push the likeness"), "push", [&](Study& s) {
                s.look.push = static_cast<double>(value) / pushSteps;
            });
    });
    connect(this, &CollapsibleSection::toggled, this, [this] { fill(); });
}

void SitterFold::refresh(const std::vector<Canon>& schools) {
    schools_ = schools;
    refreshing_ = true;
    push_->setValue(static_cast<int>(std::lround(opened_.study().look.push * pushSteps)));
    refreshing_ = false;
    fill();
}

void SitterFold::fill() {
    if (!isOpen())
        return;
    const auto& fit = opened_.fit();
    push_->setEnabled(fit.has_value());
    if (!fit) {
        words_->setText(tr("Mark the reference first; the sitter is measured from the marks."));
        table_->setRowCount(0);
        return;
    }
    QStringList words;
    for (const std::string& more :
         {thirdsWords(*fit, learnersTranslator()), departureWords(*fit, learnersTranslator()),
          asymmetryWords(*fit, learnersTranslator()),
          sharedWords(opened_.analysis.sharedWith(), learnersTranslator())})
        if (!more.empty())
            words << qt(more);
    words_->setText(words.join("\n\n"));
    const std::vector<SitterRow> rows = sitterTable(*fit, schools_);
    const std::string& canon = opened_.study().canon;
    const auto school = std::find_if(schools_.begin(), schools_.end(),
                                     [&](const Canon& c) { return c.id == canon; });
    drawing_->setPixmap(sitterDrawing(
        fit->head, school == schools_.end() ? std::nullopt : std::optional(*school), drawingSize,
        devicePixelRatioF()));
    table_->setRowCount(static_cast<int>(rows.size()));
    table_->horizontalHeaderItem(2)->setText(canon == "sitter" ? tr("Adults") : tr("School"));
    int at = 0;
    for (const SitterRow& row : rows) {
        const auto rule = row.canons.find(canon);
        const double beside = rule == row.canons.end() ? row.usual : rule->second;
        QString own = qt(divisionNumber(*row.division, row.sitter, learnersTranslator()));
        if (row.sigma > 0)
            own += row.division->unit == "eye_width"
                       ? tr(" ±%1").arg(decimal(row.sigma, 2))
                       : tr(" ±%1").arg(decimal(100 * row.sigma, 1));
        const QString cells[] = {qt(wordsForDivision(row.division->id, learnersTranslator())), own,
                                 qt(divisionNumber(*row.division, beside, learnersTranslator()))};
        for (int column = 0; column < 3; ++column) {
            auto* item = new QTableWidgetItem(cells[column]);
            // What departs by more than the doubt is set in bold.
            if (column == 1 && std::abs(row.sitter - beside) > 2 * row.sigma &&
                std::abs(row.sitter - beside) > 0.7 * row.spread)
                item->setFont(typeFont(TypeSize::Text, true));
            if (column > 0)
                item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            table_->setItem(at, column, item);
        }
        ++at;
    }
    table_->resizeRowsToContents();
}

} // namespace zokran
