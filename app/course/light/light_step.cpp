#include "app/course/light/light_panel.h"
#include "app/course/light/light_scenes.h"
#include "app/course/step.h"
#include "app/overlays/named_places_overlay.h"
#include "app/overlays/outlines_overlay.h"
#include "app/overlays/picture_overlay.h"
#include "app/overlays/places_overlay.h"
#include "app/overlays/tones_overlay.h"
#include "app/text/messages.h"
#include "core/messages/light_messages.h"
#include "core/messages/tone_messages.h"

namespace zokran {

namespace {

/// How the form turns from the light, in a few values; the photograph and the sketch in the same.
class LightStep : public Step {
public:
    explicit LightStep(StudySession& session)
        : Step(session), turnTool_(session.selection.form), layTool_(session.selection.form, false) {}
    std::string id() const override { return "light"; }
    QString name() const override { return tr("Light"); }
    QString lacks() const override { return session_.study().lighting ? QString() : tr("where the light stands"); }
    StepPanel* panel() override { return panelOf<LightPanel>(panel_); }
    Scene scene(Side side) override;
    NextThing next() override;

private:
    Scene pictured(Side side);
    /// Rings where the drawing's value is off, on either sheet.
    void layTones(Scene& scene, Side side);
    Scene shadedForm();

    TurnTool turnTool_, layTool_;
    StepPanel* panel_ = nullptr;
    std::shared_ptr<ScaledPicture> scaled_ = std::make_shared<ScaledPicture>(),
                                   squinted_[2] = {std::make_shared<ScaledPicture>(),
                                                   std::make_shared<ScaledPicture>()};
};

} // namespace

void LightStep::layTones(Scene& scene, Side side) {
    const ToneComparison* tones = tonesOn(session_);
    if (!tones || scene.picture.isNull())
        return;
    std::vector<TonesOverlay::Shown> shown;
    for (std::size_t i = 0; i < shownTones(*tones); ++i) {
        const ToneFinding& finding = tones->findings[i];
        if (finding.kind == ToneFinding::Kind::Timid)
            continue;
        const TonePair& pair = tones->pairs[finding.pair];
        const bool seen = side == Side::Reference;
        shown.push_back({seen ? pair.seenAt : pair.drawnAt, seen ? pair.seenRadius : pair.drawnRadius, static_cast<int>(i) + 1,
                         finding.off > 0, i == session_.tones.chosen()});
    }
    scene.lay<TonesOverlay>(std::move(shown));
    std::vector<NamedPlacesOverlay::Shown> edges;
    for (const ShadowEdgeShift& shift : tones->shadowEdges)
        edges.push_back({side == Side::Reference ? shift.seenAt : shift.drawnAt, shadowEdgeSign(edges.size())});
    if (!edges.empty())
        scene.lay<NamedPlacesOverlay>(std::move(edges));
}

Scene LightStep::pictured(Side side) {
    Scene scene = scenes_.headPicture(side);
    if (scene.picture.isNull())
        return scene;
    if (session_.light.squints())
        if (const QImage squinted = squintedOn(session_, side).picture; !squinted.isNull())
            scene.overlays.front() =
                std::make_shared<const PictureOverlay>(squinted, squinted_[side == Side::Reference ? 0 : 1],
                                                       scene.extent);
    if (session_.light.outlines())
        if (const auto outlines = squintedOn(session_, side).outlines)
            scene.lay<OutlinesOverlay>(outlines);
    layTones(scene, side);
    if (side == Side::Reference) {
        std::vector<NamedPlacesOverlay::Shown> named;
        for (const NamedTerm& term : namedTerms(session_))
            if (term.inPhoto)
                named.push_back({*term.inPhoto, term.name});
        if (!named.empty())
            scene.lay<NamedPlacesOverlay>(std::move(named));
    }
    return scene;
}

Scene LightStep::shadedForm() {
    const bool head = session_.light.showsHead();
    const auto& shaded = session_.light.shaded();
    if (!shaded)
        return scenes_.fittedFormAlone();
    Scene scene;
    scene.extent = shaded->picture.size();
    scene.frame = scenes_.headFrame(shaded->view, scene.extent);
    scene.lay<PictureOverlay>(shaded->picture, scaled_);
    scene.caption = head ? tr("The form under this light") : tr("Turn it in the hand");
    scene.tools = {head ? &turnTool_ : &layTool_};
    if (const auto terms = namedTerms(session_); !terms.empty()) {
        std::vector<NamedPlacesOverlay::Shown> named;
        for (const NamedTerm& term : terms)
            named.push_back({term.at, term.name});
        scene.lay<NamedPlacesOverlay>(std::move(named));
    } else if (head) {
        std::vector<PlacesOverlay::Shown> shown;
        for (const SignedPlace& place : signedPlaces(session_))
            shown.push_back({place.place.at, place.sign, place.dark});
        scene.lay<PlacesOverlay>(std::move(shown));
    }
    return scene;
}

Scene LightStep::scene(Side side) {
    if (side == Side::Reference)
        return pictured(side);
    return session_.light.form() == "sketch" ? pictured(side) : shadedForm();
}

NextThing LightStep::next() {
    const Action keep = goTo(tr("Keep it"), "keep");
    if (!session_.fit())
        return {tr("The light falls on the form: block in the head first, or try a basic form."),
                goTo(tr("Block in"), "block-in"), keep};
    if (const ToneComparison* tones = tonesOn(session_)) {
        const int values = session_.light.lighting().values;
        const std::string verdict = verdictWords(*tones, learnersTranslator());
        if (!verdict.empty())
            return {qt(verdict), keep};
        const ToneFinding& first = tones->findings.front();
        return {tr("First: %1. %2").arg(qt(wordsFor(first, *tones, values, learnersTranslator())),
                                        qt(mendWords(first, *tones, values, learnersTranslator()))),
                keep};
    }
    if (!session_.study().lighting)
        return {tr("Where does the light come from? Say it to yourself; then read it, or drag the "
                   "handle on the ball until form and photo agree."),
                {tr("Read it"), [this] { session_.light.read(session_.picture(Side::Reference)); }},
                keep};
    const auto places = signedPlaces(session_);
    const auto dark = std::find_if(places.begin(), places.end(),
                                   [](const SignedPlace& place) { return place.dark; });
    if (!places.empty() && !places.front().dark && dark != places.end())
        return {tr("Leave the paper bare first here: %1. The deepest tone: %2.")
                    .arg(qt(wordsFor(places.front().place, learnersTranslator())),
                         qt(wordsFor(dark->place, learnersTranslator()))),
                keep};
    return {tr("Draw it in these values, then compare."), keep};
}

std::unique_ptr<Step> makeLightStep(StudySession& session) {
    return std::make_unique<LightStep>(session);
}

} // namespace zokran
