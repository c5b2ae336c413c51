#include "app/document/bundle_transfer.h"

#include "app/text/messages.h"

namespace zokran {

BundleTransfer::BundleTransfer(const Logbook& logbook, QObject* parent)
    : QObject(parent), folder_(logbook.folder()) {}

BundleTransfer::~BundleTransfer() {
    stop();
}

void BundleTransfer::stop() {
    stop_ = true;
}

GoesOn BundleTransfer::goesOn(const Background::Stop& stop) {
    return [this, &stop, last = -1](double share) mutable {
        if (const int percent = static_cast<int>(100 * share); percent != last) {
            last = percent;
            emit progressed(percent);
        }
        return !stop_ && !stop;
    };
}

template <class Work, class Done>
void BundleTransfer::run(Work work, Done done) {
    if (running_)
        return;
    running_ = true;
    stop_ = false;
    work_.run(
        std::move(work),
        [this, done](const auto& result) {
            running_ = false;
            done(result);
            emit ended();
        },
        [this](const QString& why) {
            running_ = false;
            emit failed(why);
            emit ended();
        });
}

void BundleTransfer::take(const QString& bundle) {
    run(
        [this, bundle](const Background::Stop& stop) {
            Logbook logbook(folder_);
            return importBundle(logbook, bundle.toStdString(), goesOn(stop));
        },
        [this](const Imported& imported) { emit taken(imported); });
}

void BundleTransfer::write(const std::vector<StudyId>& studies, const QString& bundle) {
    struct Outcome {
        bool isWritten = false;
        std::vector<std::string> lost;
    };
    run(
        [this, studies, bundle](const Background::Stop& stop) {
            const Logbook logbook(folder_, Logbook::Access::ReadOnlyShared);
            Outcome outcome;
            outcome.isWritten = exportBundle(logbook, studies.empty() ? logbook.allReadable() : studies,
                                             bundle.toStdString(), goesOn(stop), &outcome.lost);
            return outcome;
        },
        [this, bundle](const Outcome& outcome) {
            if (!outcome.isWritten)
                return;
            emit written(bundle);
            if (!outcome.lost.empty())
                emit failed(tr("%n pictures were left out, for they are gone from the logbook. The first: %1", nullptr,
                               static_cast<int>(outcome.lost.size()))
                                .arg(qt(outcome.lost.front())));
        });
}

} // namespace zokran
