#include "app/progress/chart.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"
#include "core/messages/finding_messages.h"

#include <QPainter>
#include <algorithm>

namespace zokran {

namespace {

/// Bars for the findings that were to be mended most, in the earlier and the later half of the drawings.
class CameBack : public QWidget {
public:
    explicit CameBack(const ProgressData& from) {
        for (const auto& [id, counts] : from.progress.cameBack)
            rows_.push_back({qt(nameOfFinding(id, learnersTranslator())), counts[0], counts[1]});
        std::stable_sort(rows_.begin(), rows_.end(), [](const Row& a, const Row& b) {
            return a.early + a.late > b.early + b.late;
        });
        constexpr std::size_t most = 9;
        rows_.resize(std::min(most, rows_.size()));
        QStringList told;
        for (const Row& row : rows_)
            told << QString("%1: %2, %3").arg(row.name).arg(row.early).arg(row.late);
        setAccessibleDescription(told.join("; "));
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Theme& theme = Theme::current();
        painter.fillRect(rect(), theme.sheet);
        int most = 1;
        for (const Row& row : rows_)
            most = std::max({most, row.early, row.late});
        const double names = 230, left = 16 + names, wide = width() - left - 60, step = 48;
        double y = 24;
        for (const Row& row : rows_) {
            painter.setFont(typeFont(TypeSize::Text, true));
            painter.setPen(theme.text);
            painter.drawText(QRectF(16, y, names - 12, step - 8), Qt::AlignVCenter | Qt::TextWordWrap, row.name);
            for (const bool late : {false, true}) {
                const int count = late ? row.late : row.early;
                const QRectF bar(left, y + (late ? 19 : 2), wide * count / most, 15);
                painter.fillRect(bar, late ? QBrush(theme.chalk) : QBrush(theme.quiet, Qt::BDiagPattern));
                painter.setFont(typeFont(TypeSize::Caption));
                painter.drawText(QPointF(bar.right() + 6, bar.bottom() - 3), QString::number(count));
            }
            y += step;
        }
        painter.setFont(typeFont(TypeSize::Caption));
        painter.drawText(QPointF(left, height() - 14.0),
                         tr("hatched: the earlier half of your drawings; "
                                                               "full: the later half"));
    }

private:
    struct Row {
        QString name;
        int early, late;
    };
    std::vector<Row> rows_;
};

QWidget* drawCameBackChart(const ProgressData& data, const std::function<void(StudyId)>&) {
    if (data.progress.cameBack.empty())
        return tooFew(tr("Nothing to mend has been found yet."));
    return new CameBack(data);
}

} // namespace

const ProgressChart cameBackChart{"came-back", ZOKRAN_WORDS("What came back"),
                                  ZOKRAN_WORDS("What was to be mended, and whether it comes more seldom."), drawCameBackChart};

} // namespace zokran
