#include "app/document/suggesting.h"

#include "suggest/suggest.h"

#include <QtConcurrentRun>

namespace zokran {

Suggesting::Suggesting(Document& document, QObject* parent)
    : QObject(parent), document_(document) {}

Suggesting::~Suggesting() {
    stop_ = true;
    work_.waitForFinished();
}

void Suggesting::toggle() {
    if (running_) {
        stop_ = true;
        return;
    }
    if (!document_.isOpen() || document_.study().referencePicture.empty())
        return;
    running_ = true;
    stop_ = false;
    emit changed();
    const auto file = document_.logbook().picturePath(document_.study().referencePicture);
    work_ = QtConcurrent::run([this, file, id = document_.id()] {
        MarkSheet found;
        QString trouble;
        try {
            found = suggestMarks(file, &stop_);
        } catch (const std::exception& e) {
            trouble = QString::fromUtf8(e.what());
        }
        QMetaObject::invokeMethod(this, [this, found, trouble, id] {
            running_ = false;
            if (!trouble.isEmpty())
                emit document_.troubled(trouble);
            else if (document_.id() == id && !stop_)
                document_.edit(tr("Suggest marks"), {}, [&](Study& s) {
                    for (Mark m : found.seenMarks())
                        if (!s.reference.marks[m])
                            s.reference.marks[m] = found.marks[m];
                });
            emit changed();
        });
    });
}

} // namespace zokran
