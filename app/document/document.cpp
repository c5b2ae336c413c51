#include "app/document/document.h"

#include "app/text/messages.h"
#include "core/messages/trouble_messages.h"

#include <QFileInfo>
#include <QImage>
#include <QTemporaryDir>
#include <QUndoCommand>

namespace zokran {

namespace {

/// A save follows a change within this time, milliseconds.
constexpr int saveDelay = 400;

Sketch attemptFrom(const std::string& picture, const QSize& size, const Page& page,
                    std::chrono::seconds took) {
    Sketch attempt;
    attempt.picture = picture;
    attempt.marks.width = size.width();
    attempt.marks.height = size.height();
    attempt.page = page;
    attempt.drawn = now();
    attempt.took = took;
    return attempt;
}

void putLast(Study& study, Sketch attempt) {
    study.sketches.push_back(std::move(attempt));
    study.current = study.sketches.size() - 1;
}

} // namespace

/// One change of the study, kept as the study before and after it.
class Document::Edit : public QUndoCommand {
public:
    Edit(Document& document, const QString& words, const QString& merge, Study before, Study after)
        : QUndoCommand(words), document_(document), merge_(merge), before_(std::move(before)),
          after_(std::move(after)) {}

    void undo() override { document_.adopt(before_, false); }
    void redo() override { document_.adopt(after_, document_.following_); }
    int id() const override { return merge_.isEmpty() ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* later = static_cast<const Edit*>(other);
        if (later->merge_ != merge_)
            return false;
        after_ = later->after_;
        return true;
    }

private:
    Document& document_;
    QString merge_;
    Study before_, after_;
};

Document::Document(Logbook& logbook, QObject* parent) : QObject(parent), logbook_(logbook) {
    saveTimer_.setSingleShot(true);
    saveTimer_.setInterval(saveDelay);
    connect(&saveTimer_, &QTimer::timeout, this, &Document::saveNow);
}

bool Document::tryEdit(const std::function<void()>& act) {
    try {
        act();
        return true;
    } catch (const BadInput& e) {
        emit troubled(qt(wordsFor(e, learnersTranslator())));
    } catch (const std::exception& e) {
        emit troubled(qt(wordsFor(e, learnersTranslator())));
    }
    return false;
}

void Document::open(StudyId id) {
    if (!saveNow())
        throw StorageError(saveTrouble_.toStdString());
    const StoredStudy stored = logbook_.load(id);
    if (!logbook_.isReadOnly()) {
        logbook_.lookAt(id);
        logbook_.remember("open_study", std::to_string(id));
    }
    id_ = id;
    revision_ = stored.revision;
    undo_.clear();
    study_ = stored.study;
    study_.openedSteps.insert(study_.step);
    unsaved_ = false;
    following_ = false;
    emit opened();
    emit changed();
}

StudyId Document::keepStudy(const QString& file, const QSize& size, std::optional<Pixels> focal,
                            const QString& sitter) {
    Study study;
    study.title = QFileInfo(file).completeBaseName().toStdString();
    study.sitter = sitter.toStdString();
    study.referencePicture = logbook_.keepPicture(file.toStdString());
    study.reference.width = size.width();
    study.reference.height = size.height();
    study.reference.focal = focal;
    study.step = "block-in";
    study.tolerances = study_.tolerances; // as the learner last chose
    return logbook_.add(study);
}

void Document::startFrom(const QString& file, const QSize& size, std::optional<Pixels> focal,
                         const QString& sitter) {
    open(keepStudy(file, size, focal, sitter));
}

void Document::startFromReadings(const PhotoMarks& marks, const QString& sitter, const QString& readings) {
    QTemporaryDir folder;
    const QString file = folder.filePath("sitter.png");
    QImage sheet(marks.width, marks.height, QImage::Format_RGB32);
    sheet.fill(QColor(236, 231, 221));
    if (!folder.isValid() || !sheet.save(file))
        throw StorageError(tr("The page for the sitter could not be written.").toStdString());
    Study study;
    study.title = tr("A sitter who was there").toStdString();
    study.sitter = sitter.toStdString();
    study.referencePicture = logbook_.keepPicture(file.toStdString());
    study.reference = marks;
    study.notes = readings.toStdString();
    study.step = "guides";
    study.tolerances = study_.tolerances; // as the learner last chose
    open(logbook_.add(study));
}

void Document::addAttempt(StudyId to, const QString& file, const QSize& size,
                          std::chrono::seconds took) {
    const std::string name = logbook_.keepPicture(file.toStdString());
    if (id_ == to) {
        edit(tr("Take in a sketch"), {},
             [&](Study& s) { putLast(s, attemptFrom(name, size, s.nextPage, took)); });
        goTo("check");
        return;
    }
    // The bench has moved on meanwhile; the sketch goes where it belongs all the same.
    StoredStudy other = logbook_.load(to);
    putLast(other.study, attemptFrom(name, size, other.study.nextPage, took));
    logbook_.save(to, other.study, {}, other.revision);
    emit troubled(
        tr("The sketch was put with \"%1\", for which it was opened.").arg(qt(other.study.title)));
}

void Document::edit(const QString& words, const QString& merge,
                    const std::function<void(Study&)>& change) {
    Study after = study_;
    change(after);
    if (after == study_)
        return;
    following_ = !merge.isEmpty();
    undo_.push(new Edit(*this, words, merge, study_, std::move(after)));
    following_ = false;
}

void Document::adopt(const Study& study, bool following) {
    // What was undone was seen all the same.
    const auto opened = std::move(study_.openedSteps);
    study_ = study;
    study_.openedSteps.insert(opened.begin(), opened.end());
    following_ = following;
    saveSoon();
    emit changed();
    following_ = false;
}

void Document::goTo(const std::string& step) {
    if (study_.step == step)
        return;
    study_.step = step;
    study_.openedSteps.insert(step);
    if (id_)
        saveSoon();
    emit stepChanged();
}

void Document::saveSoon() {
    unsaved_ = true;
    // Not restarted by every step of a long drag: that too is saved as it goes.
    if (!saveTimer_.isActive())
        saveTimer_.start();
}

bool Document::saveNow() {
    saveTimer_.stop();
    if (!id_ || !unsaved_ || logbook_.isReadOnly())
        return true;
    try {
        const Saved saved =
            logbook_.save(*id_, study_, computed ? computed() : Computed{}, revision_);
        unsaved_ = false;
        saveTrouble_.clear();
        revision_ = saved.revision;
        if (saved.keptApart) {
            id_ = saved.id;
            logbook_.remember("open_study", std::to_string(saved.id));
            emit troubled(tr("Another window changed this study meanwhile. Yours is kept apart "
                             "from it, as a study of its own; both are on the shelf."));
        }
        return true;
    } catch (const MissingLogbook& e) {
        saveTrouble_ = QString::fromUtf8(e.what());
        emit logbookGone(tr("The last change cannot be saved: %1. It is still here.").arg(saveTrouble_));
        return false;
    } catch (const MissingStudy&) {
        saveTrouble_ = tr("This study was deleted by another window or program. It is still here.");
        emit studyGone(saveTrouble_);
        return false;
    } catch (const std::exception& e) {
        // What is on the bench is kept; the next change tries again.
        saveTrouble_ = QString::fromUtf8(e.what());
        emit troubled(tr("The last change is not saved yet. %1").arg(saveTrouble_));
        return false;
    }
}

bool Document::keepAsNew() {
    return tryEdit([&] {
        id_ = logbook_.add(study_);
        revision_ = logbook_.load(*id_).revision;
        logbook_.remember("open_study", std::to_string(*id_));
        unsaved_ = false;
        saveTrouble_.clear();
    });
}

void Document::close() {
    saveTimer_.stop();
    giveUp();
    id_.reset();
    undo_.clear();
    study_ = {};
    emit opened();
    emit changed();
}

void Document::giveUp() {
    unsaved_ = false;
    saveTrouble_.clear();
}

} // namespace zokran
