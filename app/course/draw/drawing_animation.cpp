#include "app/course/draw/drawing_animation.h"

#include "app/text/messages.h"
#include "core/base/atomic_file.h"
#include "core/construction/forms.h"
#include "core/files/guides_file.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHideEvent>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QSignalBlocker>
#include <QSlider>
#include <QSpinBox>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr int tick = 66; ///< ms between two pictures
constexpr int alongSteps = 1000;
constexpr int savedHeight = 900; ///< px of a moving drawing

} // namespace

DrawingAnimation::DrawingAnimation(StudySession& session, QWidget* parent)
    : CollapsibleSection(tr("Watch it put down"), parent), session_(session) {
    auto* words = new QLabel(tr("The form, stroke by stroke, on the photo and alone. Draw along on your paper."));
    words->setWordWrap(true);
    words->setProperty("type", "caption");
    inside()->addWidget(words);
    inside()->addWidget(play_ = new QPushButton);
    connect(play_, &QPushButton::clicked, this, &DrawingAnimation::playOrPause);
    auto* rows = new QFormLayout;
    along_ = new QSlider(Qt::Horizontal);
    along_->setRange(0, alongSteps);
    along_->setPageStep(alongSteps / 20);
    along_->setAccessibleName(tr("How far it is put down"));
    connect(along_, &QSlider::valueChanged, this, [this](int value) {
        timer_.stop();
        session_.selection.form.animate(1.0 * value / alongSteps);
    });
    rows->addRow(tr("How f&ar"), along_);
    seconds_ = new QSpinBox;
    seconds_->setRange(10, 900);
    seconds_->setSingleStep(10);
    seconds_->setValue(60);
    seconds_->setSuffix(tr(" s"));
    seconds_->setAccessibleName(tr("Seconds until all of it stands there"));
    rows->addRow(tr("&Lasting"), seconds_);
    inside()->addLayout(rows);
    inside()->addWidget(save_ = new QPushButton(tr("Save it as a moving drawing…")));
    connect(save_, &QPushButton::clicked, this, &DrawingAnimation::save);
    connect(this, &CollapsibleSection::toggled, this, [this](bool open) {
        if (!open)
            stop();
    });
    timer_.setInterval(tick);
    connect(&timer_, &QTimer::timeout, this, &DrawingAnimation::advance);
}

void DrawingAnimation::refresh(bool offered) {
    setVisible(offered && session_.fit());
    showPlaying();
}

void DrawingAnimation::showPlaying() {
    const auto& share = session_.selection.form.animatedShare();
    if (!share)
        timer_.stop();
    play_->setText(timer_.isActive() ? tr("Hold still") : share && *share < 1 ? tr("Go on") : tr("Begin"));
    const QSignalBlocker quiet(along_);
    along_->setValue(static_cast<int>(std::lround(share.value_or(0) * alongSteps)));
}

void DrawingAnimation::playOrPause() {
    if (timer_.isActive())
        timer_.stop();
    else {
        timer_.start();
        if (const auto& share = session_.selection.form.animatedShare(); !share || *share >= 1)
            session_.selection.form.animate(0.0);
    }
    showPlaying();
}

void DrawingAnimation::advance() {
    const double next = session_.selection.form.animatedShare().value_or(0) + tick / 1000.0 / seconds_->value();
    if (next >= 1)
        timer_.stop();
    session_.selection.form.animate(std::min(1.0, next));
    showPlaying();
}

void DrawingAnimation::stop() {
    timer_.stop();
    session_.selection.form.animate(std::nullopt);
}

void DrawingAnimation::hideEvent(QHideEvent* event) {
    CollapsibleSection::hideEvent(event);
    if (!event->spontaneous())
        stop();
}

void DrawingAnimation::save() {
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(this, tr("Save it as a moving drawing"),
                                                      settings.value("folder").toString() + "/" + tr("the way there") + ".svg",
                                                      tr("Moving drawings (*.svg)"));
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    session_.document.tryEdit([&] {
        const View& view = session_.fit()->view;
        const double radius = view.outlineRadius().value, scale = savedHeight / (3.8 * radius);
        std::vector<GuideLine> lines = session_.analysis.linesSeenBy(view);
        for (GuideLine& line : lines)
            for (PicturePoint& p : line.points)
                p = scale * (p - view.centre + PicturePoint(1.9, 1.55) * radius);
        std::vector<std::string> steps;
        for (const FormStep& step : formNamed(session_.study().form).steps)
            steps.push_back(learnersTranslator().say(step.words));
        writeAtomically(file.toStdString(),
                        movingGuidesSvg(lines, Pixels{scale * radius}, steps, savedHeight, savedHeight, seconds_->value()));
        emit session_.fileSaved(file);
    });
}

} // namespace zokran
