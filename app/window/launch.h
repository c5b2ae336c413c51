#pragma once

#include "app/background/background.h"
#include "logbook/logbook.h"

#include <QString>
#include <QWidget>
#include <functional>
#include <memory>

class QComboBox;
class QLabel;
class QPushButton;

namespace zokran {

class MainWindow;

/// From a folder to a window, whatever state the folder is in. A logbook with damaged pages is
/// mended as far as it can be read, and said so. One that cannot be opened at all gets a window
/// that says why and offers what can be done: another folder, the last daily copy, a copy of what can
/// be read, only looking.
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
    void show(std::unique_ptr<Logbook> logbook, const QString& note, bool lost);
    void offer(const QString& why);
    void useFolder(const std::filesystem::path& folder);
    void copyWhatCanBeRead();
    /// Where the learner went on after this folder could not be opened; the next start goes there by itself.
    std::filesystem::path insteadOf(const std::filesystem::path& folder) const;
    /// What is open, in a folder of the learner's choice, after its own was deleted under it.
    void keepElsewhere();
    void restore(const std::filesystem::path& backup);
    /// Today's copy of the logbook, off the UI thread; and the last copy in the logbook's place.
    void keepCopy();
    void openWindow();
    /// The demo's logbook in place of the learner's own for as long as a walk takes.
    void walkThroughDemo();
    void backFromDemo();
    void goBackToCopy();

    std::filesystem::path folder_;
    std::function<void(Logbook&)> fill_;
    std::unique_ptr<Logbook> logbook_;
    std::unique_ptr<MainWindow> window_;
    std::unique_ptr<QWidget> start_;
    QLabel* why_ = nullptr;
    QPushButton *back_ = nullptr, *anew_ = nullptr;
    QComboBox* backups_ = nullptr; ///< the backups there are, the last made first
    Background copying_{Background::Newer::Joins};
    std::filesystem::path ownFolder_; ///< while walking through the demo
    std::function<void(Logbook&)> ownFill_;
};

} // namespace zokran
