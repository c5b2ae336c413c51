#include "app/course/draw/draw_panel.h"
#include "app/course/step.h"
#include "app/widgets/words.h"
#include "core/construction/forms.h"

#include <algorithm>

namespace zokran {

namespace {

class DrawStep : public Step {
public:
    explicit DrawStep(Desk& desk) : Step(desk) {}
    std::string id() const override { return "draw"; }
    QString name() const override { return tr("Draw"); }
    QString lacks() const override;
    StepPanel* panel() override { return panelOf<DrawPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString DrawStep::lacks() const {
    return desk_.study().attempts.empty() ? tr("a sketch") : QString();
}

Scene DrawStep::scene(Side side) {
    return side == Side::Seen ? scenes_.guided(true) : scenes_.fittedFormAlone(true);
}

NextThing DrawStep::next() {
    const Deed photograph{tr("Open the sketch's photograph…"),
                          [this] { emit desk_.choosePicture(Side::Drawn); }};
    if (!desk_.fit())
        return {tr("Draw what you see; block in now, or when it is drawn."), photograph,
                Deed{tr("Block in"), [this] { desk_.document.goTo("block-in"); }}};
    const FormKind* form = forms().front();
    for (const FormKind* each : forms())
        if (each->id == desk_.study().form)
            form = each;
    const int step = desk_.selection.formStep(), last = static_cast<int>(form->steps.size());
    if (step == 0)
        return {tr("Copy the form on to paper, one step after another."), photograph,
                Deed{tr("First step"), [this] { desk_.selection.showFormStep(1); }}};
    const QString words =
        qt(learnersBook().say(form->steps[static_cast<std::size_t>(std::min(step, last)) - 1].words));
    if (step >= last)
        return {words, photograph};
    return {words, {tr("Next step"), [this, step] { desk_.selection.showFormStep(step + 1); }},
            photograph};
}

std::unique_ptr<Step> makeDrawStep(Desk& desk) {
    return std::make_unique<DrawStep>(desk);
}

} // namespace zokran
