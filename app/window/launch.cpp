#include "app/window/launch.h"

#include "app/library/demo.h"
#include "app/text/language.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "app/window/workspace.h"
#include "app/window/main_window.h"
#include "app/window/walk.h"
#include "logbook/backup.h"
#include "logbook/recovery.h"

#include <QApplication>
#include <QComboBox>
#include <QCryptographicHash>
#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

Launch::Launch(std::filesystem::path folder, std::function<void(Logbook&)> fill)
    : folder_(std::move(folder)), fill_(std::move(fill)) {}

Launch::~Launch() {
    copying_.wait();
}

namespace {

/// The key under which it is remembered where the learner went on instead of a folder.
QString insteadKey(const std::filesystem::path& folder) {
    const QByteArray path = QByteArray::fromStdString(std::filesystem::absolute(folder).lexically_normal().string());
    return "instead/" + QString::fromLatin1(QCryptographicHash::hash(path, QCryptographicHash::Sha1).toHex());
}

/// A backup in words: when it was made and what it holds.
QString wordsFor(const Backup& backup) {
    const QDate day = QDate::fromString(qt(backup.day), Qt::ISODate);
    const QString when = day.isValid() ? QLocale().toString(day, QLocale::LongFormat) : qt(backup.day);
    return backup.isReadable
               ? tr("%1: %2 studies, saved %3 times").arg(when).arg(backup.studies).arg(backup.saves)
               : tr("%1: cannot be read").arg(when);
}

} // namespace

std::filesystem::path Launch::insteadOf(const std::filesystem::path& folder) const {
    return QSettings().value(insteadKey(folder)).toString().toStdString();
}

void Launch::start() {
    // Where the first folder is gone altogether an empty logbook would be begun there.
    std::error_code ignored;
    if (const auto instead = insteadOf(folder_); !instead.empty() && !std::filesystem::exists(folder_ / "logbook.sqlite", ignored) &&
                                                 std::filesystem::exists(instead / "logbook.sqlite", ignored))
        folder_ = instead;
    open(Logbook::Access::Write);
}

bool Launch::open(Logbook::Access access) {
    QString note;
    int lost = 0;
    try {
        std::unique_ptr<Logbook> logbook;
        try {
            logbook = std::make_unique<Logbook>(folder_, access);
        } catch (const DamagedLogbook&) {
            const Recovery recovered = recover(folder_);
            lost = recovered.lost;
            note = tr("The logbook was damaged. %n studies could be read and are here, %1 could not. The damaged file is kept "
                      "as %2.",
                      nullptr, recovered.read)
                       .arg(recovered.lost)
                       .arg(qt(recovered.damagedFile.string()));
            logbook = std::make_unique<Logbook>(folder_, access);
        }
        if (fill_ && !logbook->isReadOnly())
            fill_(*logbook);
        if (logbook->isReadOnly())
            note = tr("You are only looking: nothing you change here is kept.");
        show(std::move(logbook), note, lost > 0);
        return true;
    } catch (const std::exception& e) {
        const std::filesystem::path instead = insteadOf(folder_);
        std::error_code ignored;
        if (access == Logbook::Access::Write && !instead.empty() && instead != folder_ &&
            insteadOf(instead) != folder_ && std::filesystem::exists(instead / "logbook.sqlite", ignored)) {
            const QString why = QString::fromUtf8(e.what());
            folder_ = instead;
            if (!open(access))
                return false;
            window_->tell(tr("You go on in %1, as last time, because your first logbook cannot be opened. %2")
                              .arg(qt(instead.string()), why));
            return true;
        }
        offer(QString::fromUtf8(e.what()));
        return false;
    }
}

void Launch::show(std::unique_ptr<Logbook> logbook, const QString& note, bool lost) {
    window_.reset(); // looks at the logbook before
    logbook_ = std::move(logbook);
    openWindow();
    if (!note.isEmpty() && lost && !backupsIn(folder_).empty())
        window_->tell(note, Action{tr("Go back to the last daily backup"), [this] {
                                     // Not from within the window that this takes away.
                                     QMetaObject::invokeMethod(this, &Launch::goBackToCopy, Qt::QueuedConnection);
                                 }});
    else if (!note.isEmpty())
        window_->tell(note);
    if (!logbook_->isReadOnly())
        keepCopy();
    if (start_)
        start_->hide();
}

void Launch::openWindow() {
    window_ = std::make_unique<MainWindow>(*logbook_);
    window_->reopenLast();
    window_->show();
    // Once, to somebody whose logbook is still empty.
    if (!QSettings().value("welcomed").toBool() && !window_->session().document.isOpen()) {
        QSettings().setValue("welcomed", true);
        window_->tell(tr("Welcome. A walk round the bench, with the demo's heads, takes three minutes."),
                      Action{tr("Take the &walk"), [this] { QMetaObject::invokeMethod(this, &Launch::walkThroughDemo, Qt::QueuedConnection); }});
    }
    connect(window_.get(), &MainWindow::otherFolderWanted, this, &Launch::keepElsewhere, Qt::QueuedConnection);
    connect(window_->walk(), &Walk::left, this, &Launch::backFromDemo, Qt::QueuedConnection);
    // Queued: the menu that asks belongs to the window that goes.
    connect(
        window_.get(), &MainWindow::languageChosen, this,
        [this](const std::string& code) {
            if (!window_->session().document.saveNow())
                return; // it says why, and stays
            speak(*qApp, code);
            const QByteArray place = window_->saveGeometry();
            window_.reset();
            openWindow();
            window_->restoreGeometry(place);
        },
        Qt::QueuedConnection);
}

void Launch::walkThroughDemo() {
    const std::filesystem::path own = folder_;
    const auto fill = fill_;
    window_.reset();
    folder_ = own / "demo";
    fill_ = fillWithDemo;
    if (open(Logbook::Access::Write) && window_) {
        ownFolder_ = own;
        ownFill_ = fill;
        window_->walk()->begin();
    }
}

void Launch::backFromDemo() {
    if (ownFolder_.empty())
        return;
    window_.reset();
    folder_ = std::exchange(ownFolder_, {});
    fill_ = ownFill_;
    open(Logbook::Access::Write);
}

void Launch::keepCopy() {
    copying_.run([folder = folder_, day = QDate::currentDate().toString(Qt::ISODate).toStdString()](
                     const Background::Stop&) { return backUp(folder, day); },
                 [](bool) {},
                 [this](const QString& why) {
                     if (window_)
                         window_->tell(tr("Today's copy of the logbook could not be made. %1").arg(why));
                 });
}

void Launch::goBackToCopy() {
    const auto copies = backupsIn(folder_);
    if (copies.empty())
        return;
    const int chosen = backups_ && start_ && start_->isVisible() ? backups_->currentIndex() : 0;
    restore(copies[static_cast<std::size_t>(std::clamp(chosen, 0, static_cast<int>(copies.size()) - 1))].file);
}

void Launch::restore(const std::filesystem::path& backup) {
    try {
        window_.reset();
        logbook_.reset();
        copying_.wait(); // it reads the file that is to go
        const auto aside = restoreBackup(folder_, backup);
        QSettings().remove(insteadKey(folder_));
        if (open(Logbook::Access::Write))
            window_->tell(aside.empty()
                              ? tr("The copy of %1 is in place.").arg(qt(backup.stem().string()).section('-', -3))
                              : tr("The copy of %1 is in place. What stood there before is kept as %2.")
                                    .arg(qt(backup.stem().string()).section('-', -3), qt(aside.string())));
    } catch (const std::exception& e) {
        offer(QString::fromUtf8(e.what()));
    }
}

void Launch::keepElsewhere() {
    const QString chosen = QFileDialog::getExistingDirectory(window_.get(), tr("A folder for your logbook"));
    if (chosen.isEmpty() || !window_)
        return;
    Document& document = window_->session().document;
    if (document.tryEdit([&] {
            logbook_->copyTo(chosen.toStdString());
            Logbook copy(chosen.toStdString());
            if (document.id())
                copy.save(*document.id(), document.study(), {}, copy.load(*document.id()).revision);
        })) {
        document.giveUp();
        window_.reset();
        logbook_.reset();
        useFolder(chosen.toStdString());
    }
}

void Launch::offer(const QString& why) {
    if (!start_) {
        start_ = std::make_unique<QWidget>();
        start_->setObjectName("bench");
        start_->setAttribute(Qt::WA_StyledBackground);
        start_->setWindowTitle(tr("Zokran"));
        start_->resize(720, 420);
        auto* column = new QVBoxLayout(start_.get());
        column->setContentsMargins(40, 40, 40, 40);
        column->setSpacing(16);
        auto* heading = new QLabel(tr("Your logbook cannot be opened"));
        heading->setProperty(typeProperty, "heading");
        column->addWidget(heading);
        column->addWidget(why_ = new QLabel);
        why_->setWordWrap(true);
        why_->setTextInteractionFlags(Qt::TextSelectableByMouse);
        auto* calm = new QLabel(tr("Nothing has been changed or lost by trying."));
        calm->setProperty(typeProperty, "caption");
        column->addWidget(calm);
        column->addStretch();
        const QString backWords = tr("Go back to a daily &backup:"), anewWords = tr("Begin a &new, empty logbook here");
        const std::pair<QString, std::function<void()>> ways[] = {
            {tr("&Try again"), [this] { start(); }},
            {tr("Keep it in another &folder…"),
             [this] {
                 const QString chosen = QFileDialog::getExistingDirectory(
                     start_.get(), tr("A folder for your logbook"));
                 if (!chosen.isEmpty())
                     useFolder(chosen.toStdString());
             }},
            {backWords, [this] { goBackToCopy(); }},
            {anewWords,
             [this] {
                 try {
                     Logbook::beginAnew(folder_);
                     start();
                 } catch (const std::exception& e) {
                     offer(QString::fromUtf8(e.what()));
                 }
             }},
            {tr("Work on a &copy of what can be read"), [this] { copyWhatCanBeRead(); }},
            {tr("Only &look, change nothing"), [this] { open(Logbook::Access::ReadOnly); }}};
        for (const auto& [label, act] : ways) {
            auto* button = new QPushButton(label);
            // The action may delete this window and its button, so it is copied before it runs.
            connect(button, &QPushButton::clicked, this, [act = act] { act(); });
            column->addWidget(button);
            if (label == backWords) {
                back_ = button;
                column->addWidget(backups_ = new QComboBox);
                backups_->setAccessibleName(tr("The daily backups, the last one first"));
            } else if (label == anewWords)
                anew_ = button;
        }
    }
    why_->setText(breakable(why));
    const auto copies = backupsIn(folder_);
    backups_->clear();
    for (const Backup& backup : copies)
        backups_->addItem(wordsFor(backup));
    back_->setVisible(!copies.empty());
    backups_->setVisible(!copies.empty());
    // Only where nothing is lost by it.
    std::error_code ignored;
    anew_->setVisible(!std::filesystem::exists(folder_ / "logbook.sqlite", ignored) ||
                      std::filesystem::file_size(folder_ / "logbook.sqlite", ignored) == 0);
    start_->show();
}

void Launch::useFolder(const std::filesystem::path& folder) {
    const QString key = insteadKey(folder_);
    folder_ = folder;
    if (open(Logbook::Access::Write))
        QSettings().setValue(key, qt(folder.string()));
}

void Launch::copyWhatCanBeRead() {
    try {
        // Beside the folder that fails there may be no room or no right; the home has both.
        const std::filesystem::path copy =
            QDir::homePath().toStdString() + "/zokran-copy-" +
            QDateTime::currentDateTime().toString("yyyy-MM-dd-HHmmss").toStdString();
        std::filesystem::create_directories(copy);
        // Entry by entry: what could only be read there must be writable here.
        for (const auto& entry : std::filesystem::recursive_directory_iterator(folder_)) {
            const auto target = copy / std::filesystem::relative(entry.path(), folder_);
            if (entry.is_symlink())
                continue;
            if (entry.is_directory()) {
                std::filesystem::create_directories(target);
            } else if (entry.is_regular_file()) {
                std::filesystem::copy_file(entry.path(), target);
                std::filesystem::permissions(target, std::filesystem::perms::owner_write,
                                             std::filesystem::perm_options::add);
            }
        }
        useFolder(copy);
    } catch (const std::exception& e) {
        offer(QString::fromUtf8(e.what()));
    }
}

} // namespace zokran
