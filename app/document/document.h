#pragma once

#include "logbook/logbook.h"

#include <QObject>
#include <QSize>
#include <QString>
#include <QTimer>
#include <QUndoStack>
#include <functional>
#include <optional>

namespace zokran {

/// The study on the bench as the learner made it, and the way back. Every change goes through
/// `edit`, can be undone, and is in the logbook within half a second. What follows from the study
/// is the Analysis's.
class Document : public QObject {
    Q_OBJECT

public:
    explicit Document(Logbook& logbook, QObject* parent = nullptr);

    Logbook& logbook() { return logbook_; }
    const Logbook& logbook() const { return logbook_; }
    QUndoStack& undoStack() { return undo_; }

    bool isOpen() const { return id_.has_value(); }
    std::optional<StudyId> id() const { return id_; }
    const Study& study() const { return study_; }

    /// Puts a study on the bench; the one before is saved first. Throws what the logbook throws,
    /// and then the bench is as it was.
    void open(StudyId id);
    /// Keeps a reference photograph as a study of its own, on the shelf.
    StudyId keepStudy(const QString& file, const QSize& size, std::optional<Pixels> focal,
                      const QString& sitter);
    /// Starts a study from a reference photograph and puts it on the bench.
    void startFrom(const QString& file, const QSize& size, std::optional<Pixels> focal,
                   const QString& sitter);
    /// Starts a study without a photograph: its reference is an empty sheet with these marks.
    void startFromReadings(const PhotoMarks& marks, const QString& sitter, const QString& readings);
    /// Takes a sketch into the study it was made for, on the bench or not; `took`: how long it was drawn at.
    void addAttempt(StudyId to, const QString& file, const QSize& size,
                    std::chrono::seconds took = std::chrono::seconds(0));

    /// Changes the study in a way that can be undone. Edits in a row with the same `merge` key that
    /// is not empty (dragging, nudging, typing) count as one.
    void edit(const QString& words, const QString& merge,
              const std::function<void(Study&)>& change);
    /// The edit under way, or just made, continues the one before, as in a drag.
    bool isFollowing() const { return following_; }

    /// Goes to a step of the course. It is kept with the study and is no change of it: undoing an
    /// edit goes back to the step where it was made.
    void goTo(const std::string& step);

    /// Saves what has changed; false when that failed, and then it is told why.
    bool saveNow();
    /// Why the last save failed; empty when it did not.
    const QString& saveTrouble() const { return saveTrouble_; }
    /// Gives up what could not be saved, to let the window close.
    void giveUp();
    /// Keeps the study on the bench as a new one, because its own is gone from the logbook; false when that failed.
    bool keepAsNew();
    /// Takes the study off the bench without saving it.
    void close();

    /// Fills what is kept beside a study for other programs.
    std::function<Computed()> computed;

    /// Runs what may fail on the disk; tells what went wrong and returns false.
    bool tryEdit(const std::function<void()>& act);

signals:
    /// Another study lies on the bench.
    void opened();
    /// The study has changed, or another is open.
    void changed();
    /// The step has changed and nothing else.
    void stepChanged();
    /// The logbook's file is gone from its folder, or the study from the logbook; what is on the bench is still there.
    void logbookGone(const QString& message);
    void studyGone(const QString& message);
    /// The kind of trouble that is told in place, never in a dialog.
    void troubled(const QString& message);

private:
    class Edit;
    void adopt(const Study& study, bool following);
    void saveSoon();

    Logbook& logbook_;
    QUndoStack undo_;
    std::optional<StudyId> id_;
    std::int64_t revision_ = 0;
    Study study_;
    bool following_ = false;
    bool unsaved_ = false;
    QString saveTrouble_;
    QTimer saveTimer_;
};

} // namespace zokran
