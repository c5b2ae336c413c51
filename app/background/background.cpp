#include "app/background/background.h"

#include "app/text/messages.h"
#include "core/messages/trouble_messages.h"

#include <QPointer>
#include <algorithm>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <thread>
#include <vector>

namespace zokran {

namespace {

/// Threads that work off what is queued, for the whole program. They stay: networks and solvers keep memory for each.
class Threads {
public:
    static Threads& all() {
        static Threads threads;
        return threads;
    }

    void add(std::function<void()> task, int priority) {
        {
            const std::lock_guard lock(mutex_);
            const auto later = std::find_if(queue_.begin(), queue_.end(),
                                            [&](const Task& t) { return t.priority < priority; });
            queue_.insert(later, Task{std::move(task), priority});
        }
        added_.notify_one();
    }

    Threads(const Threads&) = delete;
    Threads& operator=(const Threads&) = delete;

private:
    Threads() {
        constexpr unsigned least = 4; // some wait for the disk
        for (unsigned i = 0; i < std::max(least, std::thread::hardware_concurrency()); ++i)
            threads_.emplace_back([this] { work(); });
    }
    ~Threads() {
        {
            const std::lock_guard lock(mutex_);
            isOver_ = true;
        }
        added_.notify_all();
        for (std::thread& thread : threads_)
            thread.join();
    }
    void work() {
        for (;;) {
            std::function<void()> task;
            {
                std::unique_lock lock(mutex_);
                added_.wait(lock, [&] { return isOver_ || !queue_.empty(); });
                if (queue_.empty())
                    return;
                task = std::move(queue_.front().run);
                queue_.pop_front();
            }
            task();
        }
    }

    struct Task {
        std::function<void()> run;
        int priority;
    };
    std::mutex mutex_;
    std::condition_variable added_;
    std::deque<Task> queue_; ///< the highest priority first, and of one priority the oldest
    bool isOver_ = false;
    std::vector<std::thread> threads_;
};

} // namespace

struct Background::Request {
    std::function<void(const Stop&)> work;
    std::function<void()> done;
    Failed failed;
    Stop stop{false};
    QString trouble; ///< why it failed
};

/// What the threads and the owner share.
struct Background::Shared {
    std::mutex mutex;
    std::condition_variable ended;
    int unfinished = 0;
    std::deque<std::shared_ptr<Request>> finished; ///< to be delivered
    std::vector<std::shared_ptr<Request>> wanted;  ///< the owner's thread alone uses it
};

Background::Background(Newer newer, QObject* parent) : QObject(parent), newer_(newer), shared_(std::make_shared<Shared>()) {
    connect(this, &Background::arrived, this, &Background::deliver, Qt::QueuedConnection);
}

Background::~Background() {
    cancel();
    wait();
}

void Background::cancel() {
    for (const auto& request : shared_->wanted)
        request->stop = true;
    shared_->wanted.clear();
    wanted_ = 0;
}

void Background::wait() {
    std::unique_lock lock(shared_->mutex);
    shared_->ended.wait(lock, [&] { return shared_->unfinished == 0; });
}

void Background::start(std::function<void(const Stop&)> work, std::function<void()> done, Failed failed, int priority) {
    if (newer_ == Newer::Replaces)
        cancel();
    auto request = std::make_shared<Request>();
    request->work = std::move(work);
    request->done = std::move(done);
    request->failed = std::move(failed);
    shared_->wanted.push_back(request);
    ++wanted_;
    {
        const std::lock_guard lock(shared_->mutex);
        ++shared_->unfinished;
    }
    const auto task = [this, shared = shared_, request] {
        try {
            if (!request->stop)
                request->work(request->stop);
        } catch (const std::exception& e) {
            request->trouble = qt(wordsFor(e, learnersTranslator()));
        } catch (...) {
            request->trouble = tr("Something went wrong that has no name.");
        }
        {
            const std::lock_guard lock(shared->mutex);
            shared->finished.push_back(request);
        }
        // While this is still counted as unfinished the owner waits, and so it is there.
        emit arrived();
        const std::lock_guard lock(shared->mutex);
        --shared->unfinished;
        shared->ended.notify_all();
    };
    Threads::all().add(task, priority);
}

void Background::deliver() {
    for (;;) {
        std::shared_ptr<Request> request;
        {
            const std::lock_guard lock(shared_->mutex);
            if (shared_->finished.empty())
                return;
            request = std::move(shared_->finished.front());
            shared_->finished.pop_front();
        }
        if (request->stop)
            continue;
        std::erase(shared_->wanted, request);
        --wanted_;
        // What is told may take this object away.
        const QPointer<Background> alive(this);
        if (request->trouble.isEmpty())
            request->done();
        else if (request->failed)
            request->failed(request->trouble);
        if (!alive)
            return;
    }
}

} // namespace zokran
