#include "app/window/command_finder.h"

#include "app/widgets/theme.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

namespace {

constexpr int most = 60; ///< of what is found is listed
constexpr int placeRole = Qt::UserRole;

/// Small letters without their accents.
QString plain(const QString& text) {
    QString letters;
    for (const QChar c : text.normalized(QString::NormalizationForm_KD).toLower())
        if (c.category() != QChar::Mark_NonSpacing)
            letters += c;
    return letters;
}

} // namespace

std::optional<int> rankOf(const QString& name, const QString& typed, const QString& kind) {
    const QString in = plain(name), of = plain(kind);
    int rank = 0;
    for (const QString& word : plain(typed).split(' ', Qt::SkipEmptyParts)) {
        const qsizetype at = in.indexOf(word);
        if (at < 0 && !of.contains(word))
            return std::nullopt;
        // Best where the name begins so, then where a word of it does, then within one; last where only its kind is called so.
        rank += at < 0 ? 3 : at == 0 ? 0 : in[at - 1].isLetterOrNumber() ? 2 : 1;
    }
    return rank;
}

CommandFinder::CommandFinder(std::vector<Command> commands, QWidget* parent) : QDialog(parent), commands_(std::move(commands)) {
    setWindowTitle(tr("Find"));
    auto* column = new QVBoxLayout(this);
    column->addWidget(words_ = new QLineEdit);
    words_->setPlaceholderText(tr("Type a few letters: an action, a place, a study, a mark, a line, a page of the manual"));
    words_->setAccessibleName(tr("What to find"));
    words_->setClearButtonEnabled(true);
    column->addWidget(found_ = new QListWidget, 1);
    found_->setAccessibleName(tr("Found"));
    found_->setFocusPolicy(Qt::NoFocus);
    found_->setAlternatingRowColors(false);
    words_->installEventFilter(this);
    connect(words_, &QLineEdit::textChanged, this, &CommandFinder::find);
    connect(words_, &QLineEdit::returnPressed, this, &CommandFinder::take);
    connect(found_, &QListWidget::itemClicked, this, [this] { take(); });
    constexpr int width = 620, height = 440;
    resize(atType(width), atType(height));
    find({});
}

void CommandFinder::find(const QString& words) {
    std::vector<std::pair<int, int>> ranked; // the rank, and which
    for (std::size_t i = 0; i < commands_.size(); ++i)
        if (const auto rank = rankOf(commands_[i].name, words, commands_[i].kind))
            ranked.emplace_back(*rank, static_cast<int>(i));
    std::stable_sort(ranked.begin(), ranked.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
    found_->clear();
    for (const auto& [rank, at] : ranked) {
        if (found_->count() >= most)
            break;
        const Command& command = commands_[static_cast<std::size_t>(at)];
        QString text = command.name + QStringLiteral("   ·   ") + command.kind;
        if (!command.keys.isEmpty())
            text += QStringLiteral("   ·   ") + command.keys;
        auto* item = new QListWidgetItem(text);
        item->setData(placeRole, at);
        found_->addItem(item);
    }
    if (found_->count() == 0) {
        auto* item = new QListWidgetItem(tr("Nothing is called so."));
        item->setFlags(Qt::NoItemFlags);
        item->setData(placeRole, -1);
        found_->addItem(item);
    }
    found_->setCurrentRow(0);
}

void CommandFinder::take() {
    const QListWidgetItem* item = found_->currentItem();
    if (!item || item->data(placeRole).toInt() < 0)
        return;
    chosen_ = item->data(placeRole).toInt();
    accept();
}

bool CommandFinder::eventFilter(QObject* watched, QEvent* event) {
    if (watched == words_ && event->type() == QEvent::KeyPress)
        switch (const int key = static_cast<QKeyEvent*>(event)->key()) {
        case Qt::Key_Down:
        case Qt::Key_Up:
            found_->setCurrentRow(std::clamp(found_->currentRow() + (key == Qt::Key_Down ? 1 : -1), 0, found_->count() - 1));
            return true;
        default:
            break;
        }
    return QDialog::eventFilter(watched, event);
}

} // namespace zokran
