#pragma once

#include "app/document/document.h"

#include <QFuture>
#include <atomic>

namespace zokran {

/// Looks for a face in the reference, off the UI thread, and places the marks it finds where none
/// are placed yet.
class Suggesting : public QObject {
    Q_OBJECT

public:
    explicit Suggesting(Document& document, QObject* parent = nullptr);
    ~Suggesting() override;

    bool isRunning() const { return running_; }
    /// Starts looking; called again meanwhile, it stops.
    void toggle();
    /// How many faces the open study's reference was found to show; 0 before it was looked at.
    int faceCount() const;
    int face() const { return face_; } ///< the one marked, from 0
    /// Marks the next face instead; only marks not yet looked over change.
    void nextFace();

signals:
    void changed();

private:
    void mark(const QString& what);

    Document& document_;
    std::vector<MarkSheet> faces_; ///< of the study `facesOf_`
    std::optional<StudyId> facesOf_;
    int face_ = 0;
    bool running_ = false;
    std::atomic<bool> stop_{false};
    QFuture<void> work_;
};

} // namespace zokran
