#pragma once

#include <QDialog>
#include <functional>
#include <optional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace zokran {

/// Something that can be found by its name and done.
struct Command {
    QString name;
    QString kind; ///< such as "Study" or "Manual"; shown beside it and searched too
    QString keys; ///< its shortcut, empty where it has none
    std::function<void()> act;
};

/// One field into which a few letters are typed, and what they may mean below it: Up and Down choose, Enter does it.
class CommandFinder : public QDialog {
    Q_OBJECT

public:
    CommandFinder(std::vector<Command> commands, QWidget* parent);
    /// What was chosen; none where it was closed.
    const Command* chosen() const { return chosen_ < 0 ? nullptr : &commands_[static_cast<std::size_t>(chosen_)]; }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void find(const QString& words);
    void take();

    std::vector<Command> commands_;
    int chosen_ = -1;
    QLineEdit* words_;
    QListWidget* found_;
};

/// How well a name, or else its kind, answers what was typed, 0 best; nothing where a word of it is in neither. Case and accents
/// count for nothing.
std::optional<int> rankOf(const QString& name, const QString& typed, const QString& kind = {});

} // namespace zokran
