#pragma once

#include <QString>
#include <QUndoCommand>
#include <functional>

namespace zokran {

/// Something done in the place to practise, and how it is taken back. Either says whether it succeeded; what failed is
/// nothing to take back.
class PracticeCommand : public QUndoCommand {
public:
    PracticeCommand(const QString& words, std::function<bool()> act, std::function<bool()> back)
        : QUndoCommand(words), act_(std::move(act)), back_(std::move(back)) {}
    void redo() override { setObsolete(!act_()); }
    void undo() override { setObsolete(!back_()); }

private:
    std::function<bool()> act_, back_;
};

} // namespace zokran
