#include "app/course/draw/other_views.h"

#include "app/overlays/form_drawing.h"

#include <QGridLayout>
#include <QToolButton>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr QSize small(86, 92);
/// Turns and tilts, degrees: chin up, level and chin down, to both sides as far as the profile.
constexpr std::pair<double, double> views[] = {
    {-55, 25}, {-15, 28}, {30, 25}, {-90, 0},  {-40, 0},  {40, 0},
    {90, 0},   {0, -25},  {55, -22}, {-30, -28}, {15, 40}, {-15, -42}};

} // namespace

OtherViews::OtherViews(OpenStudy& opened, QWidget* parent)
    : CollapsibleSection(tr("This head at other turns"), parent), opened_(opened) {
    auto* grid = new QGridLayout;
    grid->setSpacing(4);
    for (const auto& [turn, tilt] : views) {
        auto* button = new QToolButton;
        button->setIconSize(small);
        button->setFixedSize(small + QSize(8, 8));
        button->setAutoRaise(true);
        const QString words = tr("turn %1°, tilt %2°").arg(turn).arg(tilt);
        button->setToolTip(words);
        button->setAccessibleName(words);
        const auto at = static_cast<int>(buttons_.size());
        grid->addWidget(button, at / 3, at % 3);
        buttons_.push_back(button);
        connect(button, &QToolButton::clicked, this, [this, turn = turn, tilt = tilt] {
            if (!opened_.fit())
                return;
            const Pose pose = opened_.fit()->pose;
            opened_.selection.form.turn({toRadians(Degrees{turn}) - pose.turn, toRadians(Degrees{tilt}) - pose.tilt});
        });
    }
    inside()->addLayout(grid);
    soon_.setSingleShot(true);
    soon_.setInterval(60);
    connect(&soon_, &QTimer::timeout, this, &OtherViews::draw);
    connect(this, &CollapsibleSection::toggled, this, [this] { refresh(); });
}

void OtherViews::refresh() {
    const Study& s = opened_.study();
    const auto& fit = opened_.fit();
    if (!isOpen() || !fit ||
        (drawnHead_ == fit->head && drawnLook_ == s.look && drawnForm_ == s.form &&
         drawnCanon_ == s.canon))
        return;
    soon_.start();
}

void OtherViews::draw() {
    const auto& fit = opened_.fit();
    if (!fit)
        return;
    const Study& s = opened_.study();
    drawnHead_ = fit->head;
    drawnLook_ = s.look;
    drawnForm_ = s.form;
    drawnCanon_ = s.canon;
    for (std::size_t i = 0; i < buttons_.size(); ++i) {
        const auto& [turn, tilt] = views[i];
        const View view = smallView({turn}, {tilt}, small);
        buttons_[i]->setIcon(QIcon(
            drawingOf(opened_.analysis.linesSeenBy(view), small, devicePixelRatioF())));
    }
}

} // namespace zokran
