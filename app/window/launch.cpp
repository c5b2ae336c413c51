#include "app/window/launch.h"

#include "app/widgets/theme.h"
#include "app/widgets/words.h"
#include "app/window/bench.h"
#include "app/window/main_window.h"
#include "logbook/rescue.h"

#include <QDateTime>
#include <QDir>
#include <QFileDialog>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

Launch::Launch(std::filesystem::path folder, std::function<void(Logbook&)> fill)
    : folder_(std::move(folder)), fill_(std::move(fill)) {}

Launch::~Launch() = default;

void Launch::start() {
    open(Logbook::Access::Write);
}

bool Launch::open(Logbook::Access access) {
    QString note;
    try {
        std::unique_ptr<Logbook> logbook;
        try {
            logbook = std::make_unique<Logbook>(folder_, access);
        } catch (const DamagedLogbook&) {
            const Rescue rescued = rescue(folder_);
            note = tr("The logbook was damaged. %1 studies could be read and are here, %2 could "
                      "not. The damaged file is kept as %3.")
                       .arg(rescued.read)
                       .arg(rescued.lost)
                       .arg(qt(rescued.damagedFile.string()));
            logbook = std::make_unique<Logbook>(folder_, access);
        }
        if (fill_ && !logbook->isLookOnly())
            fill_(*logbook);
        if (logbook->isLookOnly())
            note = tr("You are only looking: nothing you change here is kept.");
        show(std::move(logbook), note);
        return true;
    } catch (const std::exception& e) {
        offer(QString::fromUtf8(e.what()));
        return false;
    }
}

void Launch::show(std::unique_ptr<Logbook> logbook, const QString& note) {
    window_.reset(); // looks at the logbook before
    logbook_ = std::move(logbook);
    window_ = std::make_unique<MainWindow>(*logbook_);
    window_->reopenLast();
    if (!note.isEmpty())
        window_->bench()->tell(note);
    window_->show();
    if (start_)
        start_->hide();
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
        const std::pair<QString, std::function<void()>> ways[] = {
            {tr("&Try again"), [this] { start(); }},
            {tr("Keep it in another &folder…"),
             [this] {
                 const QString chosen = QFileDialog::getExistingDirectory(
                     start_.get(), tr("A folder for your logbook"));
                 if (!chosen.isEmpty())
                     useFolder(chosen.toStdString());
             }},
            {tr("Work on a &copy of what can be read"), [this] { copyWhatCanBeRead(); }},
            {tr("Only &look, change nothing"), [this] { open(Logbook::Access::LookOnly); }}};
        for (const auto& [label, act] : ways) {
            auto* button = new QPushButton(label);
            connect(button, &QPushButton::clicked, this, act);
            column->addWidget(button);
        }
    }
    why_->setText(why);
    start_->show();
}

void Launch::useFolder(const std::filesystem::path& folder) {
    folder_ = folder;
    start();
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
