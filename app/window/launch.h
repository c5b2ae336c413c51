#pragma once

#include "logbook/logbook.h"

#include <QString>
#include <QWidget>
#include <functional>
#include <memory>

class QLabel;
class QPushButton;

namespace zokran {

class MainWindow;

/// From a folder to a window, whatever state the folder is in. A logbook with damaged pages is
/// mended as far as it can be read, and said so. One that cannot be opened at all gets a window
/// that says why and offers what can be done: another folder, a copy of what can be read, only
/// looking.
class Launch : public QObject {
    Q_OBJECT

public:
    /// `fill` is run on every logbook that was opened for writing, as to lay the demo in.
    Launch(std::filesystem::path folder, std::function<void(Logbook&)> fill = {});
    ~Launch() override;

    /// Opens the folder and shows a window of one kind or the other.
    void start();
    /// Null while there is none.
    MainWindow* window() const { return window_.get(); }
    QWidget* startWindow() const { return start_.get(); }

private:
    bool open(Logbook::Access access);
    void show(std::unique_ptr<Logbook> logbook, const QString& note);
    void offer(const QString& why);
    void useFolder(const std::filesystem::path& folder);
    void copyWhatCanBeRead();

    std::filesystem::path folder_;
    std::function<void(Logbook&)> fill_;
    std::unique_ptr<Logbook> logbook_;
    std::unique_ptr<MainWindow> window_;
    std::unique_ptr<QWidget> start_;
    QLabel* why_ = nullptr;
};

} // namespace zokran
