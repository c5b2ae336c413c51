#pragma once

#include "app/background/background.h"
#include "logbook/bundle.h"

#include <QObject>
#include <QString>
#include <atomic>

namespace zokran {

/// Carries studies to bundles and from them, off the UI thread, with a logbook of its own. One at a time.
class BundleTransfer : public QObject {
    Q_OBJECT

public:
    explicit BundleTransfer(const Logbook& logbook, QObject* parent = nullptr);
    ~BundleTransfer() override;

    void take(const QString& bundle);
    /// None: every study, put away or not.
    void write(const std::vector<StudyId>& studies, const QString& bundle);
    /// What is in stays in; a bundle half written is not left behind.
    void stop();
    bool isRunning() const { return running_; }

signals:
    void progressed(int percent);
    void taken(const Imported& imported);
    void written(const QString& bundle);
    void failed(const QString& why);
    /// After any of these, and when it was stopped.
    void ended();

private:
    /// `work` runs off the UI thread, and `done` with its result on it.
    template <class Work, class Done>
    void run(Work work, Done done);
    GoesOn goesOn(const Background::Stop& stop);

    std::filesystem::path folder_;
    bool running_ = false;
    std::atomic<bool> stop_{false};
    Background work_{Background::Newer::Joins};
};

} // namespace zokran
