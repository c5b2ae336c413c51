#pragma once

#include "app/document/document.h"
#include "app/document/sitter_shape.h"
#include "core/compare/rounds.h"
#include "core/construction/construction.h"
#include "core/fit/next_best_mark.h"
#include "core/page/plan.h"

#include <QElapsedTimer>
#include <QTimer>

namespace zokran {

/// What follows from the study on the bench: the fit, the comparison, the lines. A fit takes a
/// millisecond or two and a comparison a few, so both are made at once while a mark is under the
/// hand; only what is worked out from other studies is left to another thread. Nothing is worked
/// out twice from the same marks.
class Analysis : public QObject {
    Q_OBJECT

public:
    explicit Analysis(Document& document, QObject* parent = nullptr);

    const std::optional<Fit>& fit() const { return fit_; }
    const std::optional<Comparison>& comparison() const { return comparison_; }
    /// What the last round of work did, where the photograph before this one is compared too.
    const std::optional<Round>& round() const;
    /// What runs off the sheet, or sits badly on it, of the head as drawn; none where the page is not
    /// known.
    const std::vector<PlanTrouble>& pageTroubles() const;
    /// Why there is no fit or comparison yet, in one sentence; empty when there is one.
    const QString& lacking(Side side) const { return lacking_[side == Side::Reference ? 0 : 1]; }
    /// What the next mark would do for the reading; nothing before there is a fit.
    const std::optional<NextBestMark>& nextBestMark() const { return nextBestMark_; }
    int sharedWith() const { return sitter_.photographs(); }

    /// How neck and shoulders stand under the reference's head, with its fit.
    BustPose bust() const { return fit_ ? bustUnder(fit_->view) : BustPose(); }
    /// Places of the head on the edge of the hair as it was marked on the reference; empty where it was not.
    const std::vector<HeadPoint>& hairEdge() const { return hairEdge_; }

    /// The lines of the study's form and canon on the fitted head, or the same carried onto the
    /// sketch; those switched off are left out. A second canon's levels lie among them.
    /// `most` is how deep they go at the most.
    std::vector<GuideLine> lines(Side side, Detail most = Detail::Head) const;
    /// The same as another view shows them: the form turned in the hand.
    std::vector<GuideLine> linesSeenBy(const View& view, Detail most = Detail::Head) const;
    /// The lines of another first form than the study's on the fitted head, by its id; `asked`: of the lines that wait to be
    /// asked for those that are. None before there is a fit.
    std::vector<GuideLine> linesOf(const std::string& form, const View& view, const std::set<std::string>& asked = {}) const;
    /// The head the sketch shows: the sitter's, bent to the sketch's own marks, in its own pose. Needs
    /// a comparison.
    std::vector<GuideLine> drawnHeadLines() const;
    /// The construction as the learner guesses it.
    std::vector<GuideLine> guessedLines() const;

    /// A drag has ended: what only followed it is worked out from scratch.
    void settle();

signals:
    /// Fit or comparison have changed.
    void changed();

private:
    /// The construction by a canon on the fitted head; bent once and kept until the fit or the choice of lines changes.
    const Construction& construction(const std::string& canon, const std::string& form) const;
    /// How neck and shoulders stand under the head of the reference or of the drawing: as they were marked, or as a guess.
    BustPose bustUnder(const View& view) const;
    void refit();
    void recompare();
    CompareOptions optionsFor(const Sketch& attempt) const;
    bool fitIsCurrent() const;

    Document& document_;
    SitterShape sitter_;
    std::optional<Fit> fit_;
    std::optional<Comparison> comparison_;
    /// What follows from the comparison, once it was asked for.
    mutable std::optional<std::optional<Round>> round_;
    mutable std::optional<std::vector<PlanTrouble>> pageTroubles_;
    std::optional<NextBestMark> nextBestMark_;
    QString lacking_[2];
    std::optional<StudyId> study_;
    PhotoMarks fitted_;    ///< the marks the fit was made from ...
    bool settled_ = false; ///< ... from scratch
    ExpressionPlaces expression_;     ///< of the sitter, by the last fit that was settled
    std::vector<HeadPoint> hairEdge_; ///< likewise
    /// A construction and what it was made for.
    struct Made {
        std::string canon, form;
        FormLook look;
        HeadMarks head;
        ExpressionPlaces expression;
        std::vector<HeadPoint> hairEdge;
        std::shared_ptr<const Construction> construction;
    };
    mutable std::vector<Made> made_; ///< by the first canon, by the one over it, and of another form
    /// What the comparison was made from, beside the fit; nothing where that has changed since.
    struct ComparedFrom {
        std::vector<Sketch> sketches;
        std::size_t current = 0;
        Hold hold = Hold::All;
        Tolerances tolerances;
        bool operator==(const ComparedFrom&) const = default;
    };
    std::optional<ComparedFrom> comparedFrom_;
    QTimer compareSoon_, settleSoon_;
    QElapsedTimer compared_; ///< since the last comparison
};

} // namespace zokran
