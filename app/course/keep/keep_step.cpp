#include "app/course/keep/keep_panel.h"
#include "app/course/step.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class KeepStep : public Step {
public:
    explicit KeepStep(StudySession& session) : Step(session) {}
    std::string id() const override { return "keep"; }
    QString name() const override { return tr("Keep"); }
    QString lacks() const override;
    StepPanel* panel() override { return panelOf<KeepPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString KeepStep::lacks() const {
    return session_.study().notes.empty() ? tr("your notes") : QString();
}

Scene KeepStep::scene(Side side) {
    return side == Side::Reference ? scenes_.guided(false) : scenes_.drawn(true);
}

NextThing KeepStep::next() {
    return {tr("Write down what you noticed, then take the next head."),
            {tr("Open the next photograph…"), [this] { emit session_.choosePicture(Side::Reference); }}};
}

std::unique_ptr<Step> makeKeepStep(StudySession& session) {
    return std::make_unique<KeepStep>(session);
}

} // namespace zokran
