#include "app/course/measure/measure_panel.h"
#include "app/course/step.h"
#include "app/document/measuring.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/overlays/measures_overlay.h"
#include "app/tools/measure_tool.h"
#include "app/text/messages.h"
#include "core/messages/mark_messages.h"
#include "core/messages/measure_messages.h"

namespace zokran {

namespace {

/// What practitioners measure with a pencil held out, on the photograph and on the sketch alike.
class MeasureStep : public Step {
public:
    explicit MeasureStep(StudySession& session)
        : Step(session), seenTool_(session, Side::Reference), drawnTool_(session, Side::Sketch) {}
    std::string id() const override { return "measure"; }
    QString name() const override { return tr("Measure"); }
    QString lacks() const override { return session_.study().measures.empty() ? tr("a measurement") : QString(); }
    StepPanel* panel() override { return panelOf<MeasurePanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    MeasureTool seenTool_, drawnTool_;
    StepPanel* panel_ = nullptr;
};

} // namespace

Scene MeasureStep::scene(Side side) {
    if (side == Side::Sketch && !session_.study().sketch())
        return scenes_.fittedFormAlone();
    Scene scene = scenes_.headPicture(side);
    if (scene.picture.isNull())
        return scene;
    if (session_.selection.measuring.snapsToGuides())
        scene.lay<LinesOverlay>(session_.analysis.lines(side));
    MarksShown marks{session_.study().marks(side).marks};
    marks.small = true;
    scene.lay<MarksOverlay>(std::move(marks));
    std::vector<MeasuresOverlay::Shown> shown;
    const auto& measures = session_.study().measures;
    for (std::size_t i = 0; i < measures.size(); ++i)
        if (auto reading = readingOn(session_, measures[i], side)) {
            const QString number = static_cast<int>(i) == session_.selection.measuring.awaitingGuess() ? tr("?")
                                   : reading->clearances.empty()
                                       ? qt(shortNumber(*reading, learnersTranslator()))
                                       : qt(learnersTranslator().say(measureKindNamed(measures[i].kind).name));
            shown.push_back({std::move(*reading), number, static_cast<int>(i) == session_.selection.measuring.selected()});
        }
    const Measurement& laying = session_.selection.measuring.current();
    std::vector<PicturePoint> ends;
    if (laying.onSketch == (side == Side::Sketch))
        for (const Anchor& a : laying.anchors)
            if (const auto at = placeOf(session_, a, laying.onSketch, side))
                ends.push_back(*at);
    MeasureTool& tool = side == Side::Reference ? seenTool_ : drawnTool_;
    const auto open = openPlace(session_, side);
    const auto held = tool.placeHeldByKeys();
    scene.lay<MeasuresOverlay>(std::move(shown), std::move(ends), held ? held : open ? open->expected : std::nullopt,
                               held.has_value());
    scene.tools = {&tool};
    return scene;
}

NextThing MeasureStep::next() {
    const Action draw = goTo(tr("Draw it"), "draw");
    for (Side side : {Side::Reference, Side::Sketch})
        if (const auto corner = missingUnitCorner(session_, side)) {
            const QString name = qt(sidedWordsFor(*corner, learnersTranslator()));
            return {side == Side::Reference
                        ? tr("The nearer eye is the unit. Click its corner on the photograph: the %1.").arg(name)
                        : tr("The nearer eye is the unit. Click its corner on your sketch: the %1.").arg(name),
                    {},
                    draw};
        }
    if (!unitOn(session_, Side::Reference))
        return {tr("The nearer eye is the unit: mark its two corners first."),
                goTo(tr("Block in"), "block-in"), draw};
    const Measurement& laying = session_.selection.measuring.current();
    const MeasureKind& kind = measureKindNamed(laying.kind);
    const QString name = qt(learnersTranslator().say(kind.name));
    if (kind.ends == 0 && laying.anchors.size() > 2)
        return {tr("Click the next corner, or close the shape."), {tr("Close it"), [this] { closeShape(session_); }}, draw};
    if (session_.selection.measuring.awaitingGuess() >= 0)
        return {tr("What do you think it is? Say a number, then look."),
                {tr("Tell me"),
                 [this] { guessNumber(session_, static_cast<std::size_t>(session_.selection.measuring.awaitingGuess()), {}); }},
                draw};
    for (Side side : {Side::Reference, Side::Sketch})
        if (openEnd(session_, side))
            return {side == Side::Sketch
                        ? tr("Now set the same place on your sketch. The ring shows where it is expected; look where it is.")
                        : tr("Now set the same place on the photograph. The ring shows where it is expected; look where it is."),
                    {},
                    draw};
    if (laying.anchors.empty())
        if (const auto telling = nextMeasurement(session_)) {
            QStringList ends;
            for (const Anchor& end : telling->anchors)
                ends << qt(wordsFor(*end.mark, learnersTranslator()));
            return {tr("Worth measuring next: %1 (%2).")
                        .arg(qt(learnersTranslator().say(measureKindNamed(telling->kind).name)), ends.join(", ")),
                    {tr("Lay it"), [this, m = *telling] { layWhole(session_, m); }},
                    draw};
        }
    if (laying.anchors.empty())
        return {tr("%1: click where it begins; marks take hold of it.").arg(name), draw};
    return {tr("%1: click its next end.").arg(name), draw};
}

std::unique_ptr<Step> makeMeasureStep(StudySession& session) {
    return std::make_unique<MeasureStep>(session);
}

} // namespace zokran
