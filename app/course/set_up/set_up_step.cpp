#include "app/course/set_up/set_up_panel.h"
#include "app/course/step.h"

#include <QCoreApplication>

namespace zokran {

namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("SetUpStep", text);
}

class SetUpStep : public Step {
public:
    explicit SetUpStep(Desk& desk) : Step(desk) {}
    std::string id() const override { return "set-up"; }
    QString name() const override { return tr("Set up"); }
    QString lacks() const override;
    StepPanel* panel() override { return panelOf<SetUpPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString SetUpStep::lacks() const {
    return desk_.study().referencePicture.empty() ? tr("a reference photograph") : QString();
}

Scene SetUpStep::scene(Side side) {
    return side == Side::Seen ? scenes_.picture(side) : scenes_.drawn(false);
}

NextThing SetUpStep::next() {
    return {tr("Say how wide your paper is, then block in the head."),
            goTo(tr("Block in"), "block-in")};
}

std::unique_ptr<Step> makeSetUpStep(Desk& desk) {
    return std::make_unique<SetUpStep>(desk);
}

} // namespace zokran
