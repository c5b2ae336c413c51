#include "app/course/check/corrections_table.h"

#include "app/text/messages.h"
#include "app/widgets/theme.h"
#include "core/compare/compare.h"
#include "core/messages/mark_messages.h"

#include <QHeaderView>
#include <QSignalBlocker>
#include <algorithm>
#include <cmath>

namespace zokran {

namespace {

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
    const Pixels head = c.registeredView.inPicture(headHeight(c.sitter));
    std::vector<Correction> all;
    for (int i = 0; i < markCount; ++i) {
        const Mark m = markAt(i);
        const auto& p = c.placements[m];
        if (!p)
            continue;
        const SketchPoint way = *c.asSeen[m] - p->drawn;
        const Pixels length{way.norm()};
        all.push_back(
            {m, -100 * (Pixels{way.y()} / head), 100 * (Pixels{way.x()} / head), length, 100 * (length / head) > 2.5 * p->doubt});
    }
    std::sort(all.begin(), all.end(), [](const Correction& a, const Correction& b) { return a.length > b.length; });
    return all;
}

} // namespace

CorrectionsTable::CorrectionsTable(OpenStudy& opened) : QTableWidget(0, 4), opened_(opened) {
    setAccessibleName(tr("Corrections"));
    setHorizontalHeaderLabels({tr("Feature"), tr("up %"), tr("right %"), tr("mm")});
    horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    verticalHeader()->hide();
    setWordWrap(true);
    setEditTriggers(QAbstractItemView::NoEditTriggers);
    setSelectionBehavior(QAbstractItemView::SelectRows);
    setSelectionMode(QAbstractItemView::SingleSelection);
    setMinimumHeight(260);
    connect(this, &QTableWidget::itemSelectionChanged, this, [this] {
        if (currentItem())
            opened_.selection.marks.touch(Side::Sketch, markAt(item(currentRow(), 0)->data(Qt::UserRole).toInt()));
    });
}

void CorrectionsTable::showCorrections() {
    const QSignalBlocker shown(this);
    const std::vector<Correction> all = correctionsOf(*opened_.comparison());
    const Sketch* attempt = opened_.study().sketch();
    const auto perPixel = attempt ? attempt->page.perPixel({1.0 * attempt->marks.width}) : std::nullopt;
    // Rows are written over and not made anew, so that one chosen by the learner stays chosen.
    setRowCount(static_cast<int>(all.size()));
    for (int row = 0; row < rowCount(); ++row) {
        const Correction& c = all[static_cast<std::size_t>(row)];
        const QString cells[] = {qt(wordsFor(c.mark, learnersTranslator())), signedFigure(c.up), signedFigure(c.right),
                                 perPixel ? QString::asprintf("%.0f", (c.length * *perPixel).value) : QStringLiteral("–")};
        for (int column = 0; column < 4; ++column) {
            QTableWidgetItem* cell = item(row, column);
            if (!cell) {
                setItem(row, column, cell = new QTableWidgetItem);
                if (column)
                    cell->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
            }
            cell->setText(cells[column]);
            cell->setFont(typeFont(TypeSize::Caption, c.sure));
        }
        item(row, 0)->setToolTip(cells[0]);
        item(row, 0)->setData(Qt::UserRole, indexOf(c.mark));
        if (opened_.selection.marks.touched(Side::Sketch) == c.mark && currentRow() != row)
            setCurrentCell(row, 0);
    }
    resizeRowsToContents();
}

} // namespace zokran
