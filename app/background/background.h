#pragma once

#include <QObject>
#include <QString>
#include <atomic>
#include <functional>
#include <memory>
#include <optional>
#include <type_traits>
#include <utility>

namespace zokran {

/// Work off the UI thread for one owner, whose member it is: all such work shares one pool of threads. What the work
/// throws is told on the UI thread; work that was cancelled tells nothing and its result is dropped. When the owner
/// goes, its work is told to stop and waited for, so that the work may use what belongs to the owner.
class Background : public QObject {
    Q_OBJECT

public:
    /// What becomes of a request when another comes while it is under way.
    enum class Newer {
        Replaces, ///< the older one is told to stop, and its result is dropped
        Joins     ///< both are done
    };
    /// True once the work is no longer wanted; to be looked at from time to time.
    using Stop = std::atomic<bool>;
    /// Told why the work failed, in one line.
    using Failed = std::function<void(const QString&)>;

    explicit Background(Newer newer, QObject* parent = nullptr);
    ~Background() override;

    /// Runs `work(stop)` on another thread and then `done(result)` on this one. Of requests that wait those of a higher
    /// priority come first.
    template <class Work, class Done>
    void run(Work work, Done done, Failed failed = {}, int priority = 0) {
        using Result = std::invoke_result_t<Work, const Stop&>;
        auto result = std::make_shared<std::optional<Result>>();
        start([work = std::move(work), result](const Stop& stop) mutable { result->emplace(work(stop)); },
              [done = std::move(done), result]() mutable { done(std::move(**result)); }, std::move(failed), priority);
    }
    /// Drops every request.
    void cancel();
    /// Whether a request that was not cancelled is waiting or under way.
    bool isRunning() const { return wanted_ > 0; }
    /// Waits until nothing of it runs any more; results wait for the event loop.
    void wait();

signals:
    /// Results have arrived; for itself alone.
    void arrived();

private:
    struct Shared;
    struct Request;
    void deliver();
    void start(std::function<void(const Stop&)> work, std::function<void()> done, Failed failed, int priority);

    Newer newer_;
    int wanted_ = 0; ///< requests neither cancelled nor delivered
    std::shared_ptr<Shared> shared_;
};

} // namespace zokran
