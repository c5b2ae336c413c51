#pragma once

#include "app/background/background.h"
#include "logbook/logbook.h"

#include <QObject>

namespace zokran {

/// Chosen studies on a contact sheet, reference beside sketch, written as PDF off the UI thread.
class ContactSheet : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;

    /// Begins; one that is under way is given up first.
    void write(const Logbook& logbook, const std::string& title, const std::vector<StudySummary>& studies,
               const QString& file);
    void stop();
    bool isRunning() const { return work_.isRunning(); }

signals:
    void progressed(int percent);
    /// Written, or why not; given up: neither.
    void written(const QString& file);
    void failed(const QString& why);

private:
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
