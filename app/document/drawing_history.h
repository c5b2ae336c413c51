#pragma once

#include "app/background/background.h"
#include "app/document/analysis.h"
#include "core/compare/snapshots.h"

#include <chrono>

namespace zokran {

/// What the photographs of the drawing on the bench say together, up to the one that is looked at. They are compared off the
/// UI thread, each once as long as its marks and the reading of the reference stay.
class DrawingHistory : public QObject {
    Q_OBJECT

public:
    DrawingHistory(Document& document, Analysis& analysis, QObject* parent = nullptr);

    /// Nothing while it is being worked out, or where fewer than two photographs can be compared.
    const std::optional<DrawingTimeline>& timeline() const { return timeline_; }
    /// Which photograph of the study a snapshot of the timeline is, from 0.
    std::size_t photographOf(std::size_t snapshot) const { return photographs_.at(snapshot); }
    /// The one sentence worth saying now; empty where there is none, or where the learner wants none. A new one waits until
    /// the last has stood for `pause`.
    const QString& word() const { return word_; }
    static constexpr std::chrono::minutes pause{3};

    /// The learner wants to be told when the drawing drifts. Remembered; so at first.
    bool tells() const;
    void setTells(bool on);

    using Clock = std::function<std::chrono::steady_clock::time_point()>;
    /// For tests: another clock than the machine's.
    void setClock(Clock clock) { clock_ = std::move(clock); }

signals:
    void changed();

private:
    void look();
    void compare();
    void say();

    /// A photograph that was compared, and what it was compared from.
    struct Compared {
        Sketch sketch;
        std::optional<DrawingSnapshot> snapshot; ///< nothing where it is not marked far enough
    };
    struct Asked {
        std::optional<StudyId> study;
        PhotoMarks reference;
        std::vector<Sketch> sketches; ///< up to the one that is looked at
        Tolerances tolerances;
        bool operator==(const Asked&) const = default;
    };
    Document& document_;
    Analysis& analysis_;
    Asked asked_;
    std::vector<Compared> compared_;
    std::optional<DrawingTimeline> timeline_;
    std::vector<std::size_t> photographs_;
    QString word_;
    std::optional<std::chrono::steady_clock::time_point> said_;
    Clock clock_ = std::chrono::steady_clock::now;
    QTimer soon_, later_;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
