#include "app/document/carrying.h"

#include <QtConcurrent>

namespace zokran {

Carrying::Carrying(const Logbook& logbook, QObject* parent)
    : QObject(parent), folder_(logbook.folder()) {}

Carrying::~Carrying() {
    stop();
    work_.waitForFinished();
}

void Carrying::stop() {
    stop_ = true;
}

GoesOn Carrying::goesOn() {
    return [this, last = -1](double share) mutable {
        if (const int percent = static_cast<int>(100 * share); percent != last) {
            last = percent;
            emit progressed(percent);
        }
        return !stop_;
    };
}

/// `work` runs off the UI thread; what it returns tells the outcome on it.
void Carrying::run(std::function<std::function<void()>()> work) {
    if (running_)
        return;
    running_ = true;
    stop_ = false;
    work_ = QtConcurrent::run([this, work = std::move(work)] {
        std::function<void()> outcome;
        try {
            outcome = work();
        } catch (const std::exception& e) {
            outcome = [this, why = QString::fromUtf8(e.what())] { emit failed(why); };
        }
        QMetaObject::invokeMethod(this, [this, outcome = std::move(outcome)] {
            running_ = false;
            outcome();
            emit ended();
        });
    });
}

void Carrying::take(const QString& bundle) {
    run([this, bundle]() -> std::function<void()> {
        Logbook logbook(folder_);
        const Imported imported = importBundle(logbook, bundle.toStdString(), goesOn());
        return [this, imported] { emit taken(imported); };
    });
}

void Carrying::write(const std::vector<StudyId>& studies, const QString& bundle) {
    run([this, studies, bundle]() -> std::function<void()> {
        const Logbook logbook(folder_, Logbook::Access::Beside);
        if (!exportBundle(logbook, studies.empty() ? logbook.allReadable() : studies, bundle.toStdString(),
                          goesOn()))
            return [] {};
        return [this, bundle] { emit written(bundle); };
    });
}

} // namespace zokran
