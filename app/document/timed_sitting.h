#pragma once

#include "app/document/study_clock.h"

#include <set>

namespace zokran {

/// A sitting of timed studies: when one's time is over, and a little grace after it, the next reference is
/// laid on the bench by itself. What each took is kept for when its sketch comes in.
class TimedSitting : public QObject {
    Q_OBJECT

public:
    TimedSitting(Document& document, StudyClock& clock, QObject* parent = nullptr);

    using Seconds = StudyClock::Seconds;
    static constexpr Seconds usualGrace{20};
    /// `grace`: after its time a head stays so long, to put the pencil down or ask for another minute.
    void begin(int heads, Seconds each, Seconds grace = usualGrace);
    void end();
    /// Keeps the time of the head on the bench and asks for the next one, or ends after the last.
    void next();

    bool isOn() const { return heads_ > 0; }
    int at() const { return at_; } ///< from 1
    int heads() const { return heads_; }
    /// Seconds until the next head is laid by itself; nothing while there is time left.
    std::optional<int> grace() const;
    bool wasShown(StudyId study) const { return shown_.count(study) > 0; }

signals:
    void changed();
    /// A head that has not been drawn is wanted on the bench.
    void headWanted();

private:
    Document& document_;
    StudyClock& clock_;
    int heads_ = 0, at_ = 0;
    Seconds each_{0}, grace_{0};
    bool waiting_ = false; ///< for the head asked for
    std::set<StudyId> shown_;
};

} // namespace zokran
