#pragma once

#include "app/document/document.h"

#include <QElapsedTimer>
#include <QTimer>
#include <chrono>

namespace zokran {

/// The quiet clock beside a drawing. It runs for the study it was started for, is remembered every few
/// seconds, and so survives a closed window and a killed program: then it stands where it was last known to
/// run. It never rings.
class StudyClock : public QObject {
    Q_OBJECT

public:
    explicit StudyClock(Document& document, QObject* parent = nullptr);

    using Seconds = std::chrono::seconds;
    /// Begins anew for the study on the bench; without a limit it only counts.
    void start(Seconds limit);
    void pause();
    void resume();
    void oneMoreMinute();
    /// The drawing is done: how long it took, or had taken when it was set aside; the clock is reset.
    Seconds finish();
    /// The drawing is done but comes in later: what it took is kept until then.
    void putByForLater();

    /// For the study on the bench; another's clock does not show.
    bool isSet() const { return study_ && study_ == document_.id(); }
    bool isRunning() const { return isSet() && running_.isValid(); }
    Seconds spent() const;
    Seconds limit() const { return limit_; }
    /// The time is up; drawing on is allowed.
    bool isOver() const { return limit_.count() > 0 && spent() >= limit_; }
    /// Heads and time drawn since the last break, with the drawing under way: a break is offered after five or half an hour.
    bool wantsBreak() const;
    void hadBreak();
    /// When the learner last came back from a break, as the logbook writes a moment; empty where never.
    std::string rested() const;

signals:
    /// A second has passed, or something was pressed.
    void changed();

private:
    std::string keyOf(StudyId study) const;
    void remember() const;
    void recall();

    Document& document_;
    std::optional<StudyId> study_;
    Seconds limit_{0}, before_{0}; ///< before the clock was last set going
    QElapsedTimer running_;        ///< invalid while paused
    int heads_ = 0;
    /// Since the last break, of finished drawings; less than zero where the drawing under way was begun before the break.
    Seconds drawn_{0};
    QTimer tick_;
    int ticks_ = 0;
};

} // namespace zokran
