#include "app/work/background.h"

#include "app/widgets/words.h"
#include "core/words/trouble_words.h"

#include <QThread>
#include <QThreadPool>
#include <algorithm>
#include <condition_variable>
#include <mutex>
#include <vector>

namespace zokran {

namespace {

/// One pool for all; its threads stay, for networks and solvers keep memory for each.
QThreadPool& pool() {
    static QThreadPool threads;
    [[maybe_unused]] static const bool isSetUp = [] {
        threads.setMaxThreadCount(std::max(4, QThread::idealThreadCount()));
        threads.setExpiryTimeout(-1);
        return true;
    }();
    return threads;
}

} // namespace

/// What the work's threads and the owner's share.
struct Background::Shared {
    std::mutex mutex;
    std::condition_variable ended;
    int unfinished = 0;
    std::vector<std::shared_ptr<Stop>> stops; ///< of requests not ended; the owner's thread alone uses it
};

Background::Background(Newer newer, QObject* parent) : QObject(parent), newer_(newer), shared_(std::make_shared<Shared>()) {}

Background::~Background() {
    cancel();
    wait();
}

void Background::cancel() {
    for (const auto& stop : shared_->stops)
        *stop = true;
    shared_->stops.clear();
    wanted_ = 0;
}

void Background::wait() {
    std::unique_lock lock(shared_->mutex);
    shared_->ended.wait(lock, [&] { return shared_->unfinished == 0; });
}

void Background::start(std::function<void(const Stop&)> work, std::function<void()> done, Failed failed, int priority) {
    if (newer_ == Newer::Replaces)
        cancel();
    auto stop = std::make_shared<Stop>(false);
    shared_->stops.push_back(stop);
    ++wanted_;
    {
        const std::lock_guard lock(shared_->mutex);
        ++shared_->unfinished;
    }
    pool().start(
        [this, shared = shared_, stop, work = std::move(work), done = std::move(done), failed = std::move(failed)] {
            QString trouble;
            try {
                if (!*stop)
                    work(*stop);
            } catch (const std::exception& e) {
                trouble = qt(wordsFor(e, learnersBook()));
            } catch (...) {
                trouble = tr("Something went wrong that has no name.");
            }
            // Posted while this is still counted as unfinished, so that the owner is there.
            QMetaObject::invokeMethod(
                this,
                [this, stop, done, failed, trouble] {
                    if (*stop)
                        return;
                    std::erase(shared_->stops, stop);
                    --wanted_;
                    if (trouble.isEmpty())
                        done();
                    else if (failed)
                        failed(trouble);
                },
                Qt::QueuedConnection);
            const std::lock_guard lock(shared->mutex);
            --shared->unfinished;
            shared->ended.notify_all();
        },
        priority);
}

} // namespace zokran
