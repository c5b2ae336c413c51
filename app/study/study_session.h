#pragma once

#include "app/study/course.h"
#include "core/compare/compare.h"
#include "core/fit/fit.h"
#include "core/fit/next_mark.h"
#include "core/head/guides.h"
#include "logbook/logbook.h"

#include <QElapsedTimer>
#include <QFuture>
#include <QImage>
#include <QObject>
#include <QTimer>
#include <QUndoStack>
#include <atomic>
#include <functional>
#include <optional>

namespace zokran {

/// The study on the bench: what the learner put in, what follows from it, and the way back. Every
/// change goes through `edit`, which can be undone, is fitted and compared at once, and is in the
/// logbook within half a second.
class StudySession : public QObject {
    Q_OBJECT

public:
    explicit StudySession(Logbook& logbook, QObject* parent = nullptr);
    ~StudySession() override;

    Logbook& logbook() { return logbook_; }
    QUndoStack& undoStack() { return undo_; }

    bool isOpen() const { return id_.has_value(); }
    std::optional<StudyId> id() const { return id_; }
    const Study& study() const { return study_; }

    /// Puts a study on the bench; the one before is saved first.
    void open(StudyId id);
    /// Starts a study from a reference photograph and puts it on the bench.
    void startFrom(const QString& file, const QImage& picture, const QString& sitter = {});
    /// Takes the sketch's photograph into the study on the bench.
    void setSketch(const QString& file, const QImage& picture);

    /// Changes the study in a way that can be undone. Edits in a row with the same `merge` key that
    /// is not empty (dragging, nudging, typing) count as one.
    void edit(const QString& words, const QString& merge,
              const std::function<void(Study&)>& change);

    // What follows from the study.
    const QImage& picture(Side side) const { return side == Side::Seen ? seen_ : drawn_; }
    const std::optional<Fit>& fit() const { return fit_; }
    const std::optional<Comparison>& comparison() const { return comparison_; }
    /// Why there is no fit or comparison yet, in one sentence; empty when there is one.
    QString lacking(Side side) const;
    /// The lines on the fitted head, or the same carried onto the sketch.
    std::vector<GuideLine> lines(Side side) const;

    // Guided marking.
    static const std::vector<Mark>& order();
    /// The mark to place next on a sheet: the one chosen, or the one that tells most about the
    /// pose, or the first not placed yet.
    std::optional<Mark> next(Side side) const;
    /// On the reference, what the next mark would do for the reading; nothing before there is a
    /// fit.
    const std::optional<TellingMark>& telling() const { return telling_; }
    void choose(std::optional<Mark> mark);
    void place(Side side, Mark mark, const PicturePoint& at, const QString& merge = {});
    void hide(Side side, Mark mark);
    // The guess that comes before the measuring.
    /// The construction is being turned by hand: at block-in, with a guess not committed yet.
    bool isGuessing() const { return study_.guess && !study_.guess->committed && atBlockIn(); }
    /// Lays the construction on the reference to be turned by hand, or takes up the old guess
    /// again.
    void startGuess();
    void setGuess(const QString& words, const QString& merge, const Guess& guess);
    /// Stands by the guess; what follows is measuring.
    void commitGuess();
    void dropGuess();

    /// How many other photographs of this sitter sharpen the reading.
    int sharedWith() const { return sharedWith_; }
    /// Takes the sitter's other studies into account anew; after the sitter was named.
    void readSitter();

    /// Stands by the suggested marks: all of them, or one.
    void confirmSuggestions(std::optional<Mark> only = {});
    int suggestionCount() const;

    /// Looks for a face in the reference, off the UI thread, and places the marks it finds where
    /// none are placed yet. Called again while looking, it stops.
    void suggest();
    bool isSuggesting() const { return suggesting_; }
    /// The mark placed or touched last, which the arrow keys nudge.
    std::optional<Mark> touched() const { return touched_; }
    void touch(std::optional<Mark> mark);
    int placedCount(Side side) const;

    /// The line under the pointer, lit on both sheets.
    QString litLine() const { return litLine_; }
    void light(const QString& line);

    /// The kind of trouble that is told in place, never in a dialog.
    void tell(const QString& trouble) { emit troubled(trouble); }
    void saveNow();
    /// A drag has ended: what only followed it is computed from scratch.
    void settle();

signals:
    void opened();
    void changed();
    void lit();
    void touchedChanged();
    void troubled(const QString& message);

private:
    friend class StudyEdit;
    bool atBlockIn() const { return study_.step == static_cast<int>(Step::BlockIn); }
    void adopt(const Study& study);
    void loadPictures();
    void recompute();
    void recompare();

    Logbook& logbook_;
    QUndoStack undo_;
    std::optional<StudyId> id_;
    Study study_;
    QImage seen_, drawn_;
    QString seenName_, drawnName_;
    std::optional<Fit> fit_;
    std::optional<Comparison> comparison_;
    QString lacking_[2];
    ShapeKnowledge sitter_; ///< what the sitter's other studies say of the shape
    int sharedWith_ = 0;
    std::string sitterRead_; ///< whose they are
    std::optional<TellingMark> telling_;
    std::optional<Mark> chosen_, touched_;
    QString litLine_;
    bool suggesting_ = false;
    std::atomic<bool> stopSuggesting_{false};
    QFuture<void> suggestion_;
    bool following_ = false; ///< the edit under way continues the one before, as in a drag
    QTimer saveSoon_, compareSoon_;
    QElapsedTimer compared_; ///< since the last comparison
};

} // namespace zokran
