#include "app/course/check/self_assessment_panel.h"
#include "app/course/check/stage.h"
#include "app/document/marking.h"
#include "app/overlays/self_assessment_overlay.h"
#include "app/tools/self_assessment_tool.h"
#include "app/text/messages.h"

namespace zokran {

namespace {

/// Before anything is told, the learner says what looks wrong.
class SelfAssessmentStage : public CheckStage {
public:
    explicit SelfAssessmentStage(StudySession& session) : CheckStage(session), tool_(session) {}
    bool isOn() const override {
        const Sketch* attempt = session_.study().sketch();
        return attempt && !attempt->selfAssessment;
    }
    StepPanel* panel() override { return panel_ ? panel_ : panel_ = new SelfAssessmentPanel(session_.selection.check); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    SelfAssessmentTool tool_;
    StepPanel* panel_ = nullptr;
};

/// The middle of the marks of a part that are placed; of the whole and its turn, the crown's place.
PicturePoint placeOf(Part part, const MarkSheet& marks, const Comparison& c) {
    PicturePoint sum(0, 0);
    int count = 0;
    for (Mark m : marks.seenMarks())
        if (partOf(m) == part) {
            sum += *marks.seen(m);
            ++count;
        }
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& placed = marks.expression[expressionMarkAt(i)];
            part == Part::Brows && placed && placed->usable() && partOf(expressionMarkAt(i)) == part) {
            sum += *placed->at;
            ++count;
        }
    if (count)
        return sum / count;
    const PicturePoint beside(part == Part::Whole ? -0.5 : 0.5, 0);
    return c.registeredView.project(c.sitter[Mark::Crown]) + beside * c.registeredView.scale;
}

} // namespace

Scene SelfAssessmentStage::scene(Side side) {
    Scene scene = scenes_.picture(side);
    if (scene.picture.isNull())
        return scene;
    const Comparison& c = *session_.comparison();
    scene.frame = scenes_.headFrame(side == Side::Reference ? session_.fit()->view : c.registeredView);
    if (side == Side::Sketch) {
        std::vector<SelfAssessmentOverlay::Place> places;
        for (Part part : session_.selection.check.selfAssessment())
            places.push_back({placeOf(part, session_.study().marks(side), c), static_cast<int>(places.size()) + 1});
        scene.lay<SelfAssessmentOverlay>(std::move(places));
        scene.tools = {&tool_};
    }
    return scene;
}

NextThing SelfAssessmentStage::next() {
    const bool any = !session_.selection.check.selfAssessment().empty();
    return {any ? tr("Anything else? Then see what the measuring says.")
                : tr("Point at what looks wrong to you, the biggest first."),
            {any ? tr("Show the check") : tr("Skip: show the check"),
             [this] { commitSelfAssessment(session_, session_.selection.check.selfAssessment()); }}};
}

std::unique_ptr<CheckStage> makeSelfAssessmentStage(StudySession& session) {
    return std::make_unique<SelfAssessmentStage>(session);
}

} // namespace zokran
