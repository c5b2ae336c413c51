#include "app/progress/chart.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/base/translatable.h"

#include <QPainter>
#include <algorithm>

namespace zokran {

namespace {

/// How often each pose was drawn: turn across, tilt upwards.
class Poses : public QWidget {
public:
    explicit Poses(const ProgressData& from) : cells_(from.progress.poses) {
        QStringList never;
        for (const PoseCell& c : cells_)
            if (c.count == 0)
                never << QString("%1..%2/%3..%4")
                             .arg(lround(c.turnLow))
                             .arg(lround(c.turnHigh))
                             .arg(lround(c.tiltLow))
                             .arg(lround(c.tiltHigh));
        setAccessibleDescription(
            tr("Never drawn, turn/tilt: %1").arg(never.join(", ")));
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Theme& theme = Theme::current();
        painter.fillRect(rect(), theme.sheet);
        const QRectF area = QRectF(rect()).adjusted(96, 24, -24, -64);
        int most = 1;
        std::vector<Degrees> turns, tilts;
        for (const PoseCell& c : cells_) {
            most = std::max(most, c.count);
            turns.push_back(c.turnLow);
            tilts.push_back(c.tiltLow);
        }
        const auto unique = [](std::vector<Degrees>& v) {
            std::sort(v.begin(), v.end());
            v.erase(std::unique(v.begin(), v.end()), v.end());
        };
        unique(turns);
        unique(tilts);
        const double w = area.width() / static_cast<double>(turns.size()),
                     h = area.height() / static_cast<double>(tilts.size());
        for (const PoseCell& c : cells_) {
            const auto i = std::lower_bound(turns.begin(), turns.end(), c.turnLow) - turns.begin();
            const auto k = std::lower_bound(tilts.begin(), tilts.end(), c.tiltLow) - tilts.begin();
            const QRectF box(area.left() + w * static_cast<double>(i) + 2,
                             area.bottom() - h * static_cast<double>(k + 1) + 2, w - 4, h - 4);
            QColor fill = theme.ink;
            fill.setAlphaF(c.count ? 0.15f + 0.6f * static_cast<float>(c.count) / static_cast<float>(most) : 0);
            painter.setPen(QPen(c.count ? theme.hairline : theme.quiet, 1, c.count ? Qt::SolidLine : Qt::DashLine));
            painter.setBrush(fill);
            painter.drawRoundedRect(box, 4, 4);
            painter.setPen(theme.text);
            painter.setFont(typeFont(TypeSize::Heading, c.count > 0));
            painter.drawText(box, Qt::AlignCenter, c.count ? QString::number(c.count) : QStringLiteral("–"));
        }
        painter.setFont(typeFont(TypeSize::Text, true));
        painter.drawText(QRectF(area.left(), area.bottom() + 8, area.width() / 3, 24), Qt::AlignLeft, tr("to the left"));
        painter.drawText(QRectF(area.left(), area.bottom() + 8, area.width(), 24), Qt::AlignHCenter, tr("facing you"));
        painter.drawText(QRectF(area.left(), area.bottom() + 8, area.width(), 24), Qt::AlignRight, tr("to the right"));
        painter.drawText(QRectF(8, area.top(), 84, 24), Qt::AlignLeft, tr("chin up"));
        painter.drawText(QRectF(8, area.center().y() - 12, 84, 24), Qt::AlignLeft, tr("level"));
        painter.drawText(QRectF(8, area.bottom() - 24, 84, 24), Qt::AlignLeft, tr("chin down"));
    }

private:
    std::vector<PoseCell> cells_;
};

QWidget* drawPosesChart(const ProgressData& data, const std::function<void(StudyId)>&) {
    return new Poses(data);
}

} // namespace

const ProgressChart posesChart{"poses", ZOKRAN_WORDS("Poses drawn"),
                               ZOKRAN_WORDS("How often each tilt and turn; the dashed ones never."), drawPosesChart};

} // namespace zokran
