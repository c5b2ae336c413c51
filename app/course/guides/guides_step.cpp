#include "app/course/guides/guides_panel.h"
#include "app/course/step.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

class GuidesStep : public Step {
public:
    explicit GuidesStep(StudySession& session) : Step(session) {}
    std::string id() const override { return "guides"; }
    QString name() const override { return tr("Guides"); }
    QString lacks() const override;
    bool countsWhenOpened() const override { return true; }
    StepPanel* panel() override { return panelOf<GuidesPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    StepPanel* panel_ = nullptr;
};

} // namespace

QString GuidesStep::lacks() const {
    return session_.fit() ? QString() : tr("marks on the reference");
}

Scene GuidesStep::scene(Side side) {
    return side == Side::Reference ? scenes_.guided(true) : scenes_.drawn(true);
}

NextThing GuidesStep::next() {
    if (!session_.fit())
        return {tr("The guides follow from the marks on the head: %1.").arg(session_.analysis.lacking(Side::Reference)),
                goTo(tr("Block in"), "block-in")};
    return {tr("Follow each guide round the head. Switch off what you do not need."),
            goTo(tr("Draw it"), "draw")};
}

std::unique_ptr<Step> makeGuidesStep(StudySession& session) {
    return std::make_unique<GuidesStep>(session);
}

} // namespace zokran
