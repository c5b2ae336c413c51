#pragma once

#include "app/background/background.h"
#include "app/document/document.h"
#include "see/suggest_marks.h"

#include <QImage>
#include <QSet>
#include <atomic>
#include <functional>

namespace zokran {

/// Finds the faces of the reference and of the sketch off the UI thread, and places the marks it finds where the
/// learner has placed none. Each picture is looked at by itself once; after that, only when asked. Whatever it places
/// is one edit and can be undone.
class FaceFinding : public QObject {
    Q_OBJECT

public:
    explicit FaceFinding(Document& document, QObject* parent = nullptr);
    ~FaceFinding() override;

    /// Reads the networks ahead of the first picture.
    void prepare();

    bool isRunning() const { return running_; }
    /// Looks at the reference because the learner asks for it; called again meanwhile, it stops.
    void toggle();
    /// Looks at the reference by itself, unless it was looked at before or anything is marked.
    void lookAtReference();
    /// Looks at the sketch's page by itself, or at the one head of it in `frame` (px of the page); `name` is that of
    /// its picture.
    void lookAtSketch(const QImage& page, const QString& name, const std::optional<Framing>& frame);

    /// The faces found in the open study's reference, the largest first; empty before it was looked at.
    const std::vector<SuggestedFace>& faces() const;
    /// The same as frames with some air, px of the photograph.
    std::vector<Framing> frames() const;
    /// Several faces were found, or a doubtful one, and none is marked: the learner is to choose.
    bool asksForFace() const;
    /// The open study's reference was looked at and shows no face.
    bool foundNone() const;
    std::size_t face() const { return face_; } ///< the one marked, from 0
    /// Marks this face; only marks not yet looked over change.
    void takeFace(std::size_t face);
    void nextFace();
    /// None of them is to be marked.
    void dismiss();

    /// How many faces were found in the open study's sketch, and which of them is marked, from 0.
    std::size_t sketchFaceCount() const;
    std::size_t sketchFace() const { return sketchFace_; }
    /// What looking at the open study's sketch came to; NotLooked also while it is being looked at.
    enum class SketchReading { NotLooked, Found, NoFace, Unlike };
    SketchReading sketchReading() const;
    /// Marks the next face of the sketch instead; only marks not yet looked over change.
    void nextSketchFace();

    /// Pictures are looked at without being asked. Remembered; so at first.
    bool looksByItself() const { return looksByItself_; }
    void lookByItself(bool on);
    /// The learner guesses first: what was found is not shown before the guess stands. Remembered.
    bool guessesFirst() const { return guessesFirst_; }
    void guessFirst(bool first);
    /// The guess stands: what was found meanwhile is placed.
    void showAfterGuess();

signals:
    void changed();

private:
    using Found = SketchSuggestions;
    /// What the one worker alone uses; it lives as long as the last piece of work.
    struct Worker;
    using Search = std::function<Found(Worker&, const std::atomic<bool>&)>;
    /// Runs the search on the worker's thread and hands its result over on this one, unless it was stopped or another
    /// study lies there by then.
    void run(Search search, std::function<void(const Found&)> done, bool tellsNone);
    void startReference(bool tellsNone);
    void referenceFound(const std::vector<SuggestedFace>& found, bool asked);
    void mark(const QString& what);
    void markSketch(const QString& what);
    bool mayStart() const;
    /// Stores a setting for the next start.
    void remember(const char* key, bool on);

    Document& document_;
    bool looksByItself_, guessesFirst_;
    std::vector<SuggestedFace> faces_; ///< of the study `facesOf_`
    std::optional<StudyId> facesOf_;
    std::size_t face_ = 0;
    Found onSketch_; ///< of the picture `sketchFacesOf_`, the most likely first
    std::string sketchFacesOf_;
    std::size_t sketchFace_ = 0;
    bool isOpenQuestion_ = false; ///< several or a doubtful one, and none taken
    bool isWithheld_ = false;     ///< found, and not shown before the guess stands
    QSet<QString> looked_;        ///< pictures looked at by itself
    bool running_ = false;
    std::atomic<bool> stop_{false};
    std::shared_ptr<Worker> state_;
    Background work_{Background::Newer::Joins};
};

} // namespace zokran
