#include "app/course/check/findings_panel.h"

#include "app/widgets/theme.h"
#include "app/widgets/words.h"
#include "core/words/finding_words.h"
#include "core/words/mark_words.h"

#include <QComboBox>
#include <QHeaderView>
#include <QLabel>
#include <QTableWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

/// Findings are told apart by shape and word as well as by weight.
QString glyphFor(Severity severity) {
    return severity == Severity::Fix     ? QStringLiteral("◆")
           : severity == Severity::Watch ? QStringLiteral("◇")
                                         : QStringLiteral("○");
}

/// A figure with its sign; nothing is ever minus zero.
QString signedFigure(double value) {
    return std::abs(value) < 0.05 ? QStringLiteral("0.0") : QString::asprintf("%+.1f", value);
}

/// How far a mark is to go, as its arrow shows: the drawing's own pose and the feature's place
/// together.
struct Correction {
    Mark mark;
    double up = 0, right = 0; ///< on the paper, % of the head's height
    Pixels length;
    bool sure = false;
};

std::vector<Correction> correctionsOf(const Comparison& c) {
    const Pixels head{headHeight(c.sitter).value * c.registeredView.scale};
    std::vector<Correction> all;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto& p = c.placements[m];
        if (!p)
            continue;
        const SketchPoint way = *c.asSeen[m] - p->drawn;
        const Pixels length{way.norm()};
        all.push_back({m, -100 * way.y() / head.value, 100 * way.x() / head.value, length,
                       100 * (length / head) > 2.5 * p->doubt});
    }
    std::sort(all.begin(), all.end(),
              [](const Correction& a, const Correction& b) { return a.length > b.length; });
    return all;
}

} // namespace

FindingsPanel::FindingsPanel(Desk& desk, QWidget* parent) : StepPanel(desk, parent) {
    addHeading(tr("What the sketch says"));
    findings_ = new QWidget;
    findings_->setLayout(new QVBoxLayout);
    findings_->layout()->setContentsMargins(0, 0, 0, 0);
    findings_->layout()->setSpacing(8);
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
            desk_.document.edit(tr("Hold something else"), {}, [&](Study& s) {
                s.hold = static_cast<Hold>(hold_->currentData().toInt());
            });
    });
    addText(
        tr("Where each feature is to go, as the arrows show: up and right on the paper, in % of "
           "the head's height, and the whole way in mm. Bold: beyond the marks' own doubt."),
        "caption");
    column_->addWidget(table_ = new QTableWidget(0, 4), 1);
    table_->setAccessibleName(tr("Corrections"));
    table_->setHorizontalHeaderLabels({tr("Feature"), tr("up %"), tr("right %"), tr("mm")});
    table_->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->verticalHeader()->hide();
    table_->verticalHeader()->setDefaultSectionSize(22);
    table_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setSelectionMode(QAbstractItemView::SingleSelection);
    table_->setMinimumHeight(150);
    connect(table_, &QTableWidget::itemSelectionChanged, this, [this] {
        if (!refreshing_ && table_->currentItem())
            desk_.selection.touch(
                Side::Drawn,
                markAt(table_->item(table_->currentRow(), 0)->data(Qt::UserRole).toInt()));
    });
}

void FindingsPanel::showFindings() {
    QStringList lines;
    const auto& findings = desk_.comparison()->findings;
    if (std::any_of(findings.begin(), findings.end(),
                    [](const Finding& f) { return f.structural && f.severity == Severity::Fix; }))
        lines << "strong\t" + tr("Stop and mend before shading.");
    for (const Finding& f : findings) {
        lines << QString(f.severity == Severity::Fix     ? "strong"
                         : f.severity == Severity::Watch ? ""
                                                         : "caption") +
                     "\t" + glyphFor(f.severity) + "  " + qt(textOf(f, learnersBook()));
        if (const std::string measure = measureOf(f, learnersBook()); !measure.empty())
            lines << "caption\t" + tr("Would have caught it: %1").arg(qt(measure));
    }
    if (lines == shown_)
        return;
    shown_ = lines;
    QLayout* rows = findings_->layout();
    while (QLayoutItem* item = rows->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    for (const QString& line : lines) {
        auto* label = new QLabel(line.section('\t', 1));
        label->setWordWrap(true);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
        if (const QString type = line.section('\t', 0, 0); !type.isEmpty())
            label->setProperty(typeProperty, type);
        rows->addWidget(label);
    }
}

void FindingsPanel::showTable() {
    const std::vector<Correction> all = correctionsOf(*desk_.comparison());
    const Attempt* attempt = desk_.study().attempt();
    const auto perPixel =
        attempt ? attempt->page.perPixel({1.0 * attempt->marks.width}) : std::nullopt;
    // Rows are written over and not made anew, so that one chosen by the learner stays chosen.
    table_->setRowCount(static_cast<int>(all.size()));
    for (int row = 0; row < table_->rowCount(); ++row) {
        const Correction& c = all[static_cast<std::size_t>(row)];
        const QString cells[] = {qt(wordsFor(c.mark, learnersBook())), signedFigure(c.up),
                                 signedFigure(c.right),
                                 perPixel ? QString::asprintf("%.0f", (c.length * *perPixel).value)
                                          : QStringLiteral("–")};
        for (int column = 0; column < 4; ++column) {
            QTableWidgetItem* item = table_->item(row, column);
            if (!item) {
                table_->setItem(row, column, item = new QTableWidgetItem);
                if (column)
                    item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            }
            item->setText(cells[column]);
            item->setFont(typeFont(TypeSize::Caption, c.sure));
        }
        table_->item(row, 0)->setData(Qt::UserRole, indexOf(c.mark));
        if (desk_.selection.touched(Side::Drawn) == c.mark && table_->currentRow() != row)
            table_->setCurrentCell(row, 0);
    }
}

void FindingsPanel::showStudy() {
    hold_->setCurrentIndex(hold_->findData(int(desk_.study().hold)));
    if (!desk_.comparison())
        return;
    showFindings();
    showTable();
}

} // namespace zokran
