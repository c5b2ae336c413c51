#include "app/progress/chart.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/construction/lines.h"
#include "core/base/translatable.h"
#include "core/construction/forms.h"
#include "core/head/population.h"
#include "core/messages/mark_messages.h"

#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <Eigen/Eigenvalues>
#include <cmath>

namespace zokran {

namespace {

/// Where each feature lands on average, on a head as most of them were held, with the ellipse that covers the
/// truth in 95 of 100. What may be chance is grey.
class BiasHead : public QWidget {
public:
    explicit BiasHead(const ProgressData& from) : bias_(from.progress.bias) {
        setMouseTracking(true);
        // An average pose; heads turned to either side do not cancel out to a front view.
        double turn = 0, tilt = 0;
        for (const LoggedDrawing& d : from.drawings) {
            turn += std::abs(inDegrees(d.drawing.seen.turn)) / static_cast<double>(from.drawings.size());
            tilt += inDegrees(d.drawing.seen.tilt) / static_cast<double>(from.drawings.size());
        }
        pose_ = poseFromDegrees({std::min(turn, 35.0)}, {tilt}, {0});
        form_ = construct(*forms().front(), std::nullopt, adultHeads().mean);
    }

protected:
    View view() const {
        View view;
        view.nearness = nearnessAt(usualDistance);
        view.scale = std::min(width() / 3.0, height() / 3.1);
        view.centre = view.principal = PicturePoint(width() / 2.0, height() * 0.43);
        view.face(headToView(pose_));
        return view;
    }

    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const Theme& theme = Theme::current();
        painter.fillRect(rect(), theme.sheet);
        const View view = this->view();
        for (const GuideLine& line : form_->lines(view, Detail::Guides)) {
            if (line.hidden || isOfBody(line.id))
                continue;
            QPolygonF polygon;
            for (const PicturePoint& p : line.points)
                polygon << QPointF(p.x(), p.y());
            QColor colour = theme.quiet;
            colour.setAlphaF(0.45f);
            painter.setPen(QPen(colour, 1));
            painter.drawPolyline(polygon);
        }
        const double head = (view.project(adultHeads().mean[Mark::Crown]) - view.project(adultHeads().mean[Mark::Chin])).norm();
        for (int i = 0; i < markCount; ++i) {
            const auto& b = bias_[markAt(i)];
            if (!b)
                continue;
            const PicturePoint at = view.project(adultHeads().mean[markAt(i)]);
            const QPointF from(at.x(), at.y());
            const QPointF to = from + QPointF(b->across.mean, -b->up.mean) * (head / 100);
            const bool told = b->up.excludesZero() || b->across.excludesZero();
            Eigen::Matrix2d covariance;
            covariance << b->varAcross, b->covariance, b->covariance, b->varUp;
            const Eigen::SelfAdjointEigenSolver<Eigen::Matrix2d> axes(covariance);
            painter.save();
            painter.translate(to);
            const Eigen::Vector2d along = axes.eigenvectors().col(1);
            painter.rotate(-std::atan2(along.y(), along.x()) * 180 / M_PI);
            QColor colour = told ? theme.chalk : theme.quiet;
            painter.setPen(QPen(colour, 1.4, told ? Qt::SolidLine : Qt::DotLine));
            colour.setAlphaF(0.15f);
            painter.setBrush(colour);
            const double reach = b->reach * head / 100;
            painter.drawEllipse(QPointF(0, 0), reach * std::sqrt(std::max(0.0, axes.eigenvalues()(1))),
                                reach * std::sqrt(std::max(0.0, axes.eigenvalues()(0))));
            painter.restore();
            painter.setPen(QPen(told ? theme.chalk : theme.quiet, told ? 2.4 : 1.2));
            painter.drawLine(from, to);
            painter.setBrush(theme.sheet);
            painter.drawEllipse(from, 3, 3);
        }
    }

    void mouseMoveEvent(QMouseEvent* event) override {
        const View view = this->view();
        for (int i = 0; i < markCount; ++i)
            if (const auto& b = bias_[markAt(i)]) {
                const PicturePoint at = view.project(adultHeads().mean[markAt(i)]);
                if (std::hypot(at.x() - event->position().x(), at.y() - event->position().y()) < 8) {
                    QToolTip::showText(event->globalPosition().toPoint(),
                                       tr("%1: up %2 % (%3 to %4), across %5 % (%6 to %7)")
                                           .arg(qt(wordsFor(markAt(i), learnersTranslator())))
                                           .arg(decimal(b->up.mean, 1)).arg(decimal(b->up.low, 1)).arg(decimal(b->up.high, 1))
                                           .arg(decimal(b->across.mean, 1)).arg(decimal(b->across.low, 1)).arg(decimal(b->across.high, 1)));
                    return;
                }
            }
    }

private:
    PerMark<std::optional<FeatureBias>> bias_;
    Pose pose_;
    std::unique_ptr<Construction> form_;
};

QWidget* drawBiasChart(const ProgressData& data, const std::function<void(StudyId)>&) {
    for (int i = 0; i < markCount; ++i)
        if (data.progress.bias[markAt(i)])
            return new BiasHead(data);
    return tooFew(tr("Too few drawings yet: four of each feature are needed."));
}

} // namespace

const ProgressChart biasChart{
    "bias", ZOKRAN_WORDS("Where features land"),
    ZOKRAN_WORDS("From the ring, where it belongs, to where it lands on average, with the ellipse of its doubt. "
                 "Dotted and grey may be chance."),
    drawBiasChart};

} // namespace zokran
