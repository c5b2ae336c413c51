#include "app/document/analysis.h"

#include "app/text/messages.h"
#include "cast/sitter.h"
#include "core/compare/on_page.h"
#include "core/construction/forms.h"
#include "core/construction/hair_shell.h"
#include "core/construction/lines.h"
#include "core/files/canon_file.h"
#include "core/files/comparison_file.h"
#include "core/files/fit_file.h"
#include "core/messages/trouble_messages.h"
#include "core/practice/drawing.h"

#include <algorithm>

namespace zokran {

namespace {

/// While a mark is dragged the comparison, and all that is said of it, follows at this distance, so that
/// the picture under the hand keeps up; ms.
constexpr int comparePause = 25;
/// After this long without a further nudge a mark counts as let go of, ms.
constexpr int settlePause = 250;
/// A mark of the head that has moved by less than this moves no line by a pixel.
constexpr BallRadii unseen{0.008};
/// Nor does a neck that bends by less than this.
constexpr Radians unseenBend{0.01};

} // namespace

Analysis::Analysis(Document& document, QObject* parent)
    : QObject(parent), document_(document), sitter_(document) {
    compareSoon_.setSingleShot(true);
    compareSoon_.setInterval(comparePause);
    connect(&compareSoon_, &QTimer::timeout, this, [this] {
        recompare();
        emit changed();
    });
    settleSoon_.setSingleShot(true);
    settleSoon_.setInterval(settlePause);
    connect(&settleSoon_, &QTimer::timeout, this, &Analysis::settle);
    connect(&document, &Document::changed, this, [this] {
        if (study_ != document_.id()) {
            study_ = document_.id();
            fit_.reset();
            fitted_ = {};
            comparedFrom_.reset();
        }
        refit();
        emit changed();
    });
    connect(&sitter_, &SitterShape::learnt, this, [this] {
        fitted_ = {};
        refit();
        emit changed();
    });
    document.computed = [this] {
        if (compareSoon_.isActive())
            recompare();
        return Computed{fit_ ? fitText(*fit_) : "",
                        comparison_ ? comparisonText(*comparison_, document_.study().marks(Side::Sketch), document_.study().tolerances) : "",
                        comparison_ ? figuresText(drawingOf(*comparison_)) : ""};
    };
    compared_.start();
}

bool Analysis::fitIsCurrent() const {
    return fit_ && settled_ && fitted_ == document_.study().reference;
}

void Analysis::refit() {
    const bool following = document_.isFollowing();
    if (!fitIsCurrent()) {
        const std::optional<Fit> before = std::move(fit_);
        comparedFrom_.reset();
        const PhotoMarks& marks = document_.study().reference;
        fit_.reset();
        nextBestMark_.reset();
        lacking_[0].clear();
        try {
            // While a mark is dragged the last fit is followed; otherwise the fit is sought from
            // scratch, so that no earlier mistake can hold it in the wrong place.
            FitOptions options;
            options.warmStart = following && before ? &*before : nullptr;
            options.sitter = &sitter_.shape();
            fit_ = fitHead(marks, options);
            nextBestMark_ = zokran::nextBestMark(marks, *fit_, &sitter_.shape());
            settled_ = !options.warmStart;
            if (settled_) {
                expression_ = expressionPlaces(marks, fit_->view, fit_->head);
                hairEdge_ = hairEdgePlaces(marks.lines[DrawnLine::Hair], fit_->view, fit_->head);
            }
        } catch (const BadInput& e) {
            lacking_[0] = qt(wordsFor(e, learnersTranslator()));
            settled_ = true;
        }
        fitted_ = marks;
    }
    // Keys never let go of a mark; a pause does it for them.
    if (!settled_)
        settleSoon_.start();
    if (following && fit_ && comparison_ && compared_.elapsed() < comparePause)
        compareSoon_.start();
    else
        recompare();
}

void Analysis::settle() {
    settleSoon_.stop();
    if (settled_)
        return;
    fitted_ = {};
    refit();
    emit changed();
}

void Analysis::recompare() {
    compareSoon_.stop();
    const Study& study = document_.study();
    ComparedFrom from{study.sketches, study.current, study.hold, study.tolerances};
    if (comparedFrom_ == from)
        return;
    comparedFrom_ = std::move(from);
    compared_.restart();
    comparison_.reset();
    round_.reset();
    pageTroubles_.reset();
    lacking_[1].clear();
    const Sketch* attempt = study.sketch();
    if (!attempt) {
        lacking_[1] = tr("there is no sketch yet");
        return;
    }
    if (!fit_) {
        lacking_[1] = tr("mark the reference first");
        return;
    }
    try {
        comparison_ =
            compareSketch(study.reference, *fit_, attempt->marks, optionsFor(*attempt));
    } catch (const BadInput& e) {
        lacking_[1] = qt(wordsFor(e, learnersTranslator()));
    }
}

const std::optional<Round>& Analysis::round() const {
    if (round_)
        return *round_;
    round_.emplace();
    const Study& study = document_.study();
    if (!comparison_ || study.current == 0)
        return *round_;
    const Sketch &earlier = study.sketches[study.current - 1], &now = *study.sketch();
    // By all features, whatever is held for the findings: so that size and place tell.
    const auto byAll = [&](const Sketch& a) {
        CompareOptions options = optionsFor(a);
        options.hold = Hold::All;
        return compareSketch(study.reference, *fit_, a.marks, options);
    };
    try {
        *round_ = roundBetween(byAll(earlier), byAll(now), optionsFor(earlier).perPixel,
                               optionsFor(now).perPixel);
    } catch (const BadInput&) {
        // The photograph before was not marked: there is no round to speak of.
    }
    return *round_;
}

CompareOptions Analysis::optionsFor(const Sketch& attempt) const {
    CompareOptions options;
    options.hold = document_.study().hold;
    options.perPixel = attempt.page.perPixel({1.0 * attempt.marks.width});
    options.tolerances = document_.study().tolerances;
    return options;
}

const std::vector<PlanTrouble>& Analysis::pageTroubles() const {
    if (!pageTroubles_) {
        pageTroubles_.emplace();
        const Sketch* attempt = document_.study().sketch();
        if (comparison_ && attempt && attempt->page.flat)
            try {
                pageTroubles_ = onPage(*comparison_, *fit_, attempt->page.flat->paper,
                                       *optionsFor(*attempt).perPixel)
                                    .troubles;
            } catch (const BadInput&) {
                // A head so small or so foreshortened that it says nothing of the page.
            }
    }
    return *pageTroubles_;
}

BustPose Analysis::bustUnder(const View& view) const {
    const Study& study = document_.study();
    // A plaster cast is one piece.
    const std::string name = qt(study.sitter).toLower().toStdString();
    const auto& casts = sitters();
    if (std::any_of(casts.begin(), casts.end(), [&](const Sitter& s) { return s.id == name; }))
        return {};
    BustPose bust = uprightBust(view.pose());
    const std::vector<PicturePoint>& body = study.reference.lines[DrawnLine::Shoulders];
    if (!body.empty() && fit_ && view.rotation == fit_->view.rotation)
        bust = withPitAt(bust, body[0], view);
    if (body.size() == 3 && fit_ && view.rotation == fit_->view.rotation)
        bust = withShouldersAt(bust, body[1], body[2], view);
    return bust;
}

const Construction& Analysis::construction(const std::string& canonId, const std::string& formId) const {
    const Study& study = document_.study();
    // Under a mark that is being dragged the skin follows in steps too small to see.
    const auto isSameHead = [&](const HeadMarks& head) {
        if (settled_)
            return head == fit_->head;
        for (int i = 0; i < markCount; ++i)
            if ((head[markAt(i)] - fit_->head[markAt(i)]).norm() > unseen.value)
                return false;
        return true;
    };
    const auto isSameBust = [&, bust = bustUnder(fit_->view)](const BustPose& made) {
        const Radians most = settled_ ? Radians{1e-6} : unseenBend;
        return made.isGuess == bust.isGuess && angleBetween(made.neck, bust.neck) < most &&
               angleBetween(made.shoulders, bust.shoulders) < most;
    };
    const double push = study.look.push;
    // A pushed head has no features of this sitter's any more.
    const ExpressionPlaces expression = push == 1 ? expression_ : ExpressionPlaces();
    const auto same = [&](const Made& made) {
        return made.canon == canonId && made.form == formId && made.look == study.look && isSameHead(made.head) &&
               made.expression == expression && made.hairEdge == hairEdge_ &&
               isSameBust(made.construction->subject().solid->bust());
    };
    if (const auto found = std::find_if(made_.begin(), made_.end(), same); found != made_.end())
        return *found->construction;
    std::optional<Canon> canon;
    const FormKind* form = forms().front();
    try {
        if (canonId != "sitter")
            canon = canonNamed(canonId);
        form = &formNamed(formId);
    } catch (const BadInput&) {
        // The canon's file has gone; the sitter's own levels always serve.
    }
    // Three of them lie on the bench at most; what is bent already serves for all.
    std::shared_ptr<const HeadSolid> solid;
    for (const Made& made : made_)
        if (isSameHead(made.head) && isSameBust(made.construction->subject().solid->bust()) && made.look.push == push)
            solid = made.construction->subject().solid;
    if (!solid)
        solid = std::make_shared<const HeadSolid>(push == 1 ? fit_->head : pushed(fit_->head, push), bustUnder(fit_->view));
    if (made_.size() > 2)
        made_.erase(made_.begin());
    made_.push_back({canonId, formId, study.look, fit_->head, expression, hairEdge_,
                     construct(*form, canon, std::move(solid), study.look, expression, hairEdge_)});
    return *made_.back().construction;
}

std::vector<GuideLine> Analysis::lines(Side side, Detail most) const {
    if (!fit_ || (side == Side::Sketch && !comparison_))
        return {};
    return linesSeenBy(side == Side::Reference ? fit_->view : comparison_->registeredView, most);
}

std::vector<GuideLine> Analysis::linesSeenBy(const View& view, Detail most) const {
    if (!fit_)
        return {};
    const Study& study = document_.study();
    std::vector<GuideLine> all =
        construction(study.canon, study.form)
            .lines(view, std::min(study.look.detail, most), study.switchedLines);
    if (most > Detail::Planes && !study.look.over.empty() && study.look.over != study.canon)
        for (GuideLine& line :
             construction(study.look.over, study.form).lines(view, Detail::Guides, study.switchedLines))
            if (const LineEntry* entry = lineNamed(line.id); entry && entry->level && !line.hidden) {
                line.kind = LineKind::Other;
                all.push_back(std::move(line));
            }
    return all;
}

std::vector<GuideLine> Analysis::linesOf(const std::string& form, const View& view, const std::set<std::string>& asked) const {
    if (!fit_)
        return {};
    return construction("sitter", form).lines(view, Detail::Guides, asked);
}

std::vector<GuideLine> Analysis::drawnHeadLines() const {
    const Comparison& c = *comparison_;
    const Study& study = document_.study();
    FormLook look = study.look;
    look.push = 1;
    const HeadMarks head = drawnHead(c);
    const Sketch* sketch = study.sketch();
    std::vector<HeadPoint> hair;
    if (sketch)
        hair = hairEdgePlaces(sketch->marks.lines[DrawnLine::Hair], c.sketchView, head);
    return construct(*forms().front(), std::nullopt, std::make_shared<const HeadSolid>(head, bustUnder(c.sketchView)), look, {},
                     hair.empty() ? hairEdge_ : hair)
        ->lines(c.sketchView, study.look.detail, study.switchedLines);
}

std::vector<GuideLine> Analysis::guessedLines() const {
    const Study& study = document_.study();
    if (!study.guess || !study.guess->hasBall())
        return {};
    // What is judged now is the form; the features come later.
    return guessForm(*study.guess)
        .lines(guessView(*study.guess, study.reference), Detail::Planes);
}

} // namespace zokran
