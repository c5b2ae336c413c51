#include "app/course/draw/approach.h"
#include "app/course/draw/draw_panel.h"
#include "app/course/step.h"
#include "app/text/messages.h"

#include <algorithm>

namespace zokran {

namespace {

class DrawStep : public Step {
public:
    explicit DrawStep(StudySession& session) : Step(session) {}
    std::string id() const override { return "draw"; }
    QString name() const override { return tr("Draw"); }
    QString lacks() const override;
    StepPanel* panel() override { return panelOf<DrawPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;
    EaselPage easel() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString DrawStep::lacks() const {
    return session_.study().sketches.empty() ? tr("a sketch") : QString();
}

Scene DrawStep::scene(Side side) {
    const Approach& approach = approachOf(session_.study());
    return side == Side::Reference ? approach.seen(session_, scenes_) : approach.beside(session_, scenes_);
}

EaselPage DrawStep::easel() {
    const std::vector<QString> steps = session_.fit() ? approachOf(session_.study()).steps(session_) : std::vector<QString>();
    const int step = session_.selection.form.step(), last = static_cast<int>(steps.size());
    EaselPage page{step == 0 ? next().sentence : steps[static_cast<std::size_t>(std::min(step, last)) - 1]};
    if (step < last)
        page.on = [this, step] { session_.selection.form.showStep(step + 1); };
    if (step > 0)
        page.back = [this, step] { session_.selection.form.showStep(step - 1); };
    return page;
}

NextThing DrawStep::next() {
    const Action photograph{tr("Open the sketch's photograph…"), [this] { emit session_.choosePicture(Side::Sketch); }};
    if (!session_.fit())
        return {tr("Draw what you see; block in now, or when it is drawn."), photograph,
                Action{tr("Block in"), [this] { session_.document.goTo("block-in"); }}};
    const std::vector<QString> steps = approachOf(session_.study()).steps(session_);
    const int step = session_.selection.form.step(), last = static_cast<int>(steps.size());
    if (const int watched = scenes_.animatedStep(); watched > 0 && watched <= last)
        return {steps[static_cast<std::size_t>(watched) - 1], photograph};
    if (step == 0)
        return {tr("Draw it on paper, one step after another."), photograph,
                Action{tr("First step"), [this] { session_.selection.form.showStep(1); }}};
    const QString& words = steps[static_cast<std::size_t>(std::min(step, last)) - 1];
    if (step >= last)
        return {words, photograph};
    return {words, {tr("Next step"), [this, step] { session_.selection.form.showStep(step + 1); }}, photograph};
}

std::unique_ptr<Step> makeDrawStep(StudySession& session) {
    return std::make_unique<DrawStep>(session);
}

} // namespace zokran
