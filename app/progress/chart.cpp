#include "app/progress/chart.h"

#include "app/widgets/theme.h"
#include "core/base/addresses.h"

#include <QChart>
#include <QChartView>
#include <QDateTime>
#include <QDateTimeAxis>
#include <QLabel>
#include <QLineSeries>
#include <QScatterSeries>
#include <QAreaSeries>
#include <QValueAxis>
#include <algorithm>
#include <cmath>

namespace zokran {

const std::vector<const ProgressChart*>& progressCharts() {
    static constexpr auto list = addressesOf(ZOKRAN_PROGRESS_CHARTS);
    static const std::vector<const ProgressChart*> all(list.begin(), list.end());
    return all;
}

QWidget* tooFew(const QString& words) {
    auto* label = new QLabel(words);
    label->setAlignment(Qt::AlignCenter);
    label->setWordWrap(true);
    label->setProperty(typeProperty, "heading");
    return label;
}

namespace {

constexpr double millisecondsADay = 86400e3;

void style(QAbstractAxis* axis, const QString& title) {
    const Theme& theme = Theme::current();
    axis->setTitleText(title);
    axis->setTitleFont(typeFont(TypeSize::Text, true));
    axis->setTitleBrush(theme.text);
    axis->setLabelsFont(typeFont(TypeSize::Text));
    axis->setLabelsColor(theme.text);
    axis->setGridLineColor(theme.hairline);
    axis->setLinePenColor(theme.quiet);
}

/// Round ends for an axis that holds these values.
std::pair<double, double> ends(const std::vector<double>& values) {
    const auto [low, high] = std::minmax_element(values.begin(), values.end());
    const double room = std::max(0.05 * (*high - *low), 0.5);
    // What cannot be below zero does not begin there.
    return {*low >= 0 ? std::max(0.0, *low - room) : *low - room, *high + room};
}

} // namespace

QWidget* chartOf(const PointsChart& points, const std::function<void(StudyId)>& open) {
    const Theme& theme = Theme::current();
    auto* chart = new QChart;
    chart->setBackgroundBrush(theme.sheet);
    chart->setBackgroundRoundness(4);
    chart->legend()->hide();
    const double unit = points.dates ? millisecondsADay : 1;
    auto [left, right] = ends(points.x);
    auto [low, high] = ends(points.y);
    if (points.diagonal) {
        left = low = std::min(left, low);
        right = high = std::max(right, high);
    }
    std::vector<QAbstractSeries*> all;
    if (points.line) {
        auto *above = new QLineSeries(chart), *below = new QLineSeries(chart);
        auto* line = new QLineSeries;
        constexpr int steps = 40;
        for (int i = 0; i <= steps; ++i) {
            const double x = left + (right - left) * i / steps, y = points.line->at(x),
                         half = points.line->bandAt(x);
            above->append(x * unit, y + half);
            below->append(x * unit, y - half);
            line->append(x * unit, y);
        }
        auto* band = new QAreaSeries(above, below);
        QColor pale = theme.ink;
        pale.setAlphaF(0.18f);
        band->setBrush(pale);
        band->setPen(Qt::NoPen);
        line->setPen(QPen(theme.ink, 2.5));
        all.insert(all.end(), {band, line});
    }
    if (points.diagonal) {
        auto* same = new QLineSeries;
        same->append(left, left);
        same->append(right, right);
        same->setPen(QPen(theme.text, 1.5, Qt::DashLine));
        all.push_back(same);
    }
    auto* dots = new QScatterSeries;
    dots->setMarkerSize(10);
    dots->setColor(theme.chalk);
    dots->setBorderColor(theme.sheet);
    for (std::size_t i = 0; i < points.x.size(); ++i)
        dots->append(points.x[i] * unit, points.y[i]);
    all.push_back(dots);
    for (QAbstractSeries* series : all)
        chart->addSeries(series);
    QAbstractAxis* across = nullptr;
    if (points.dates) {
        auto* axis = new QDateTimeAxis;
        axis->setFormat("d MMM");
        axis->setTickCount(6);
        axis->setRange(QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(left * unit)),
                       QDateTime::fromMSecsSinceEpoch(static_cast<qint64>(right * unit)));
        across = axis;
    } else {
        auto* axis = new QValueAxis;
        axis->setRange(left, right);
        axis->applyNiceNumbers();
        left = axis->min();
        right = axis->max();
        axis->setLabelFormat("%.0f");
        across = axis;
    }
    auto* up = new QValueAxis;
    up->setRange(low, high);
    up->applyNiceNumbers();
    up->setLabelFormat(high - low < 8 ? "%.1f" : "%.0f");
    style(across, points.across);
    style(up, points.up);
    chart->addAxis(across, Qt::AlignBottom);
    chart->addAxis(up, Qt::AlignLeft);
    for (QAbstractSeries* series : all) {
        series->attachAxis(across);
        series->attachAxis(up);
    }
    auto* view = new QChartView(chart);
    view->setRenderHint(QPainter::Antialiasing);
    QObject::connect(dots, &QScatterSeries::clicked, view, [points, open, unit](const QPointF& at) {
        std::size_t best = 0;
        double nearest = 1e300;
        for (std::size_t i = 0; i < points.x.size(); ++i)
            if (const double away = std::hypot(points.x[i] * unit - at.x(), points.y[i] - at.y());
                away < nearest) {
                nearest = away;
                best = i;
            }
        if (best < points.studies.size())
            open(points.studies[best]);
    });
    return view;
}

} // namespace zokran
