#include "app/widgets/value_strip.h"

#include "app/widgets/theme.h"
#include "core/base/tone.h"

#include <QPainter>
#include <cmath>

namespace zokran {

ValueStrip::ValueStrip(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    setAccessibleName(tr("How much of the head lies in each value"));
}

void ValueStrip::show(int values, const std::optional<ValueShares>& seen,
                      const std::optional<ValueShares>& drawn) {
    values_ = values;
    seen_ = seen;
    drawn_ = drawn;
    QStringList told;
    for (const auto& [shares, line] :
         {std::pair{&seen_, tr("photo: %1")}, {&drawn_, tr("sketch: %1")}})
        if (*shares) {
            QStringList parts;
            for (double share : **shares)
                parts << tr("%1 %").arg(std::lround(100 * share));
            told << line.arg(parts.join(", "));
        }
    setAccessibleDescription(told.join("; "));
    setToolTip(told.isEmpty() ? QString() : tr("From dark to light, %1").arg(told.join("; ")));
    update();
}

void ValueStrip::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& theme = Theme::current();
    painter.setFont(typeFont(TypeSize::Caption));
    constexpr double bar = 26;
    const double wide = 1.0 * width() / values_, top = (height() - bar) / 2;
    for (int i = 0; i < values_; ++i) {
        const int grey = static_cast<int>(
            std::lround(255 * displayOfLinear(linearOfLightness(lightnessOfValue(i, values_)))));
        const QRectF box(i * wide, top, wide + 0.5, bar);
        painter.fillRect(box, QColor(grey, grey, grey));
        for (const auto& [shares, above] : {std::pair{&seen_, true}, {&drawn_, false}}) {
            if (!*shares)
                continue;
            const double share = (**shares)[static_cast<std::size_t>(i)];
            const QString words = QString::number(std::lround(100 * share));
            constexpr double room = 16, line = 14;
            const double high = room * share;
            const QRectF column(box.left() + 2, above ? top - high : top + bar, box.width() - 4, high);
            painter.fillRect(column, above ? theme.ink : theme.text);
            const QRectF where(box.left(), above ? column.top() - line : column.bottom(), box.width(),
                               line);
            painter.setPen(above ? theme.ink : theme.text);
            painter.drawText(where, Qt::AlignCenter, words);
        }
    }
    painter.setPen(QPen(theme.hairline, 1));
    painter.drawRect(QRectF(0.5, top, width() - 1, bar));
}

} // namespace zokran
