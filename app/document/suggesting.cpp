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
    work_ = QtConcurrent::run([this, file, id = document_.id(), framed = document_.study().framing] {
        std::vector<MarkSheet> found;
        QString trouble;
        try {
            found = suggestMarks(file, &stop_, framed);
        } catch (const std::exception& e) {
            trouble = QString::fromUtf8(e.what());
        }
        QMetaObject::invokeMethod(this, [this, found, trouble, id] {
            running_ = false;
            if (!trouble.isEmpty())
                emit document_.troubled(trouble);
            else if (document_.id() == id && !stop_ && !found.empty()) {
                faces_ = found;
                facesOf_ = id;
                face_ = 0;
                mark(tr("Suggest marks"));
            }
            emit changed();
        });
    });
}

int Suggesting::faceCount() const {
    return document_.isOpen() && facesOf_ == document_.id() ? static_cast<int>(faces_.size()) : 0;
}

void Suggesting::nextFace() {
    if (faceCount() < 2)
        return;
    face_ = (face_ + 1) % faceCount();
    mark(tr("Another face"));
    emit changed();
}

void Suggesting::mark(const QString& what) {
    const MarkSheet& found = faces_[static_cast<std::size_t>(face_)];
    document_.edit(what, {}, [&](Study& s) {
        for (int i = 0; i < markCount; ++i) {
            auto& placed = s.reference.marks[markAt(i)];
            if (!placed || placed->suggested)
                placed = found.marks[markAt(i)];
        }
        // What the learner ticked is never taken back, and whose mouth they marked they have judged themselves.
        if (const auto& lips = s.reference.marks[Mark::LipLine]; found.smiling && lips && lips->suggested)
            s.reference.smiling = true;
    });
}

} // namespace zokran
