#include "app/course/block_in/guess_panel.h"
#include "app/course/face_choice.h"
#include "app/course/mark_panel.h"
#include "app/course/step.h"
#include "app/document/marking.h"
#include "app/overlays/ball_overlay.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/tools/ball_tool.h"
#include "app/tools/guess_tool.h"
#include "app/tools/mark_tool.h"
#include "app/text/messages.h"
#include "core/construction/forms.h"
#include "core/messages/mark_messages.h"
#include "core/messages/pose_messages.h"

namespace zokran {

namespace {

/// A committed guess stays in sight under what was measured, by its main lines.
std::vector<GuideLine> asOldGuess(const std::vector<GuideLine>& lines) {
    std::vector<GuideLine> kept;
    for (GuideLine line : lines)
        if (!line.hidden && (line.id == "ball" || line.id == "brow_line" ||
                             line.id == "centre_line" || line.id == "chin_line")) {
            line.kind = LineKind::Guess;
            line.id = "guess";
            kept.push_back(std::move(line));
        }
    return kept;
}

class BlockInStep : public Step {
public:
    explicit BlockInStep(StudySession& session)
        : Step(session), ballTool_(session, Side::Reference), markTool_(session, Side::Reference), guessTool_(session),
          faceChoice_(session.faces) {}
    std::string id() const override { return "block-in"; }
    QString name() const override { return tr("Block in"); }
    QString lacks() const override;
    StepPanel* panel() override;
    Scene scene(Side side) override;
    NextThing next() override;

private:
    Scene guessing(Side side);
    /// In words, an angle that few marks give and few heads have; empty where there is none.
    QString oddReading() const;
    /// The face that was found and is not marked, with its air; the sheet shows it from the first guess on.
    std::optional<QRectF> faceFrame() const;
    BallTool ballTool_;
    MarkTool markTool_;
    GuessTool guessTool_;
    FaceChoice faceChoice_;
    std::optional<StudyId> framed_; ///< the study whose photograph is shown by its head
    StepPanel *markPanel_ = nullptr, *guessPanel_ = nullptr;
};

} // namespace

QString BlockInStep::oddReading() const {
    // Sitters are seldom held further than this (common practice, no source); a mark clicked in another's place soon leads beyond it.
    constexpr Degrees mostTilt{35}, mostLean{45};
    constexpr std::size_t fewMarks = 10;
    const auto& fit = session_.fit();
    if (!fit || session_.study().reference.seenMarks().size() >= fewMarks)
        return {};
    for (const auto& [angle, most] : {std::pair{Angle::Tilt, mostTilt}, {Angle::Lean, mostLean}})
        if (const Radians value = angleOf(fit->pose, angle); abs(toDegrees(value)) > most)
            return qt(figureFor(value) + " " + wordsFor(angle, value, learnersTranslator()));
    return {};
}

QString BlockInStep::lacks() const {
    return session_.fit() ? QString() : tr("marks on the reference");
}

StepPanel* BlockInStep::panel() {
    if (isGuessing(session_))
        return guessPanel_ ? guessPanel_ : guessPanel_ = new GuessPanel(session_);
    return markPanel_ ? markPanel_ : markPanel_ = new MarkPanel(session_, Side::Reference);
}

Scene BlockInStep::guessing(Side side) {
    const Study& study = session_.study();
    const std::vector<GuideLine> lines = session_.analysis.guessedLines();
    if (side == Side::Sketch) {
        if (!study.guess->hasBall()) {
            Scene scene;
            scene.caption = tr("Your guess alone");
            scene.emptyText = tr("Lay the ball over the cranium; your construction stands here then.");
            return scene;
        }
        Scene scene = scenes_.formAlone(lines, guessView(*study.guess, study.reference));
        scene.caption = tr("Your guess alone");
        return scene;
    }
    Scene scene = scenes_.picture(Side::Reference);
    if (scene.picture.isNull())
        return scene;
    if (const auto frame = faceFrame())
        scene.frame = *frame;
    else if (study.guess->hasBall())
        scene.frame = scenes_.seenFrame(guessView(*study.guess, study.reference), scene.extent);
    scene.lay<LinesOverlay>(lines);
    scene.tools = {&guessTool_};
    return scene;
}

std::optional<QRectF> BlockInStep::faceFrame() const {
    const std::vector<Framing> frames = session_.faces.frames();
    if (frames.size() != 1 || session_.study().framing)
        return std::nullopt;
    const Framing& f = frames.front();
    return QRectF(QPointF(f.low.x(), f.low.y()), QPointF(f.high.x(), f.high.y()));
}

Scene BlockInStep::scene(Side side) {
    if (isGuessing(session_))
        return guessing(side);
    if (side == Side::Sketch)
        return scenes_.drawn(false);
    Scene scene = scenes_.picture(Side::Reference);
    if (scene.picture.isNull())
        return scene;
    if (faceChoice_.isOn()) {
        faceChoice_.layOn(scene);
        return scene;
    }
    const Study& study = session_.study();
    // Ball and planes show whether the marks make a head; guides would only lie in the marks' way.
    std::vector<GuideLine> lines = session_.analysis.lines(Side::Reference, Detail::Planes);
    if (study.guess) {
        const auto old = asOldGuess(session_.analysis.guessedLines());
        lines.insert(lines.end(), old.begin(), old.end());
    }
    if (!lines.empty())
        scene.lay<LinesOverlay>(std::move(lines));
    if (study.reference.ball)
        scene.lay<BallOverlay>(*study.reference.ball);
    MarksShown shown{study.reference.marks, study.reference.expression};
    shown.touched = session_.selection.marks.touched(Side::Reference);
    if (suggestionCount(session_, Side::Reference) && !shown.touched)
        shown.touched = askedMark(session_, Side::Reference);
    if (const auto& fit = session_.fit()) {
        shown.doubtful = fit->setAside();
        for (int i = 0; i < markCount; ++i)
            shown.expected[markAt(i)] = fit->view.project(fit->head[markAt(i)]);
        // A study that is marked already is opened on its head, and stays there; while the first marks are sought the
        // whole photograph may hold the next one.
        if (!markToPlace(session_, Side::Reference) || suggestionCount(session_, Side::Reference))
            framed_ = session_.document.id();
        if (framed_ && framed_ == session_.document.id())
            scene.frame = scenes_.seenFrame(fit->view, scene.extent);
    } else if (const auto frame = faceFrame())
        scene.frame = *frame;
    markTool_.showCandidate(shown);
    scene.lay<MarksOverlay>(std::move(shown));
    scene.tools = {&ballTool_, &markTool_};
    return scene;
}

NextThing BlockInStep::next() {
    if (isGuessing(session_))
        return {session_.study().guess->hasBall() ? tr("Turn it under your hand until it sits on the head, then stand by it.")
                                                  : tr("Drag the ball out over the cranium, from one side of it to the other."),
                // Before there is a ball there is no guess to stand by.
                session_.study().guess->hasBall() ? Action{tr("This is my guess"), [this] { commitGuess(session_); }} : Action{},
                Action{tr("Mark at once"), [this] { dropGuess(session_); }}};
    if (faceChoice_.isOn())
        return faceChoice_.next();
    if (const std::vector<Mark> seen = suggestionsOnReference(session_); !seen.empty())
        return {tr("I marked the face. Is the %1 right? Enter, or drag it; %2 to look at.")
                    .arg(qt(wordsFor(seen.front(), learnersTranslator())))
                    .arg(seen.size()),
                {tr("They are right"), [this] { confirmSuggestions(session_, Side::Reference); }}};
    if (offersGuess(session_) && session_.faces.guessesFirst())
        return {tr("Guess first: lay the construction on the head and turn it until it sits."),
                {tr("Guess first"), [this] { startGuess(session_); }},
                Action{tr("Mark at once"), [this] { dropGuess(session_); }}};
    const Action onward = goTo(tr("On to the guides"), "guides");
    if (const auto mark = markToPlace(session_, Side::Reference)) {
        const QString click = tr("Click the %1 on the photograph.").arg(qt(sidedWordsFor(*mark, learnersTranslator())));
        NextThing next{click, {}};
        if (const QString odd = oddReading(); !odd.isEmpty())
            next.sentence = tr("So far this reads %1. Few heads are held so: look whether each mark sits where it should. "
                               "Else click the %2.")
                                .arg(odd, qt(sidedWordsFor(*mark, learnersTranslator())));
        if (offersGuess(session_))
            next.other = Action{tr("Guess first"), [this] { startGuess(session_); }};
        else {
            next.other = Action{tr("Cannot see it"), [this, mark] { hideMark(session_, Side::Reference, *mark); }};
            if (session_.fit())
                next.action = onward;
        }
        return next;
    }
    return {session_.fit() ? tr("The head is fitted. See the guides that turn with it.")
                           : tr("Too few marks can be seen: %1.").arg(session_.analysis.lacking(Side::Reference)),
            onward,
            // A photograph that is opened goes on to its marks at once; the page is planned when the learner wants to.
            session_.study().openedSteps.contains("set-up") ? std::nullopt : std::optional(goTo(tr("Plan the page"), "set-up"))};
}

std::unique_ptr<Step> makeBlockInStep(StudySession& session) {
    return std::make_unique<BlockInStep>(session);
}

} // namespace zokran
