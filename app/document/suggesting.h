#pragma once

#include "app/document/document.h"

#include <QFuture>
#include <atomic>

namespace zokran {

/// Looks for a face in the reference, off the UI thread, and places the marks it finds where none
/// are placed yet.
class Suggesting : public QObject {
    Q_OBJECT

public:
    explicit Suggesting(Document& document, QObject* parent = nullptr);
    ~Suggesting() override;

    bool isRunning() const { return running_; }
    /// Starts looking; called again meanwhile, it stops.
    void toggle();

signals:
    void changed();

private:
    Document& document_;
    bool running_ = false;
    std::atomic<bool> stop_{false};
    QFuture<void> work_;
};

} // namespace zokran
