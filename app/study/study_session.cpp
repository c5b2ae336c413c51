#include "app/study/study_session.h"

#include "app/study/lens_data.h"
#include "app/study/picture_file.h"
#include "core/files/comparison_file.h"
#include "core/files/fit_file.h"
#include "suggest/suggest.h"

#include <QFileInfo>
#include <QUndoCommand>
#include <QtConcurrentRun>
#include <algorithm>

namespace zokran {

namespace {

/// A save follows a change within this time, milliseconds.
constexpr int saveDelay = 400;
/// The comparison takes several milliseconds; while a mark is dragged it follows the fit at this
/// distance, so that the picture under the hand keeps up.
constexpr int comparePause = 80;

} // namespace

/// One change of the study, kept as the study before and after it.
class StudyEdit : public QUndoCommand {
public:
    StudyEdit(StudySession& session, const QString& words, const QString& merge, Study before,
              Study after)
        : QUndoCommand(words), session_(session), merge_(merge), before_(std::move(before)),
          after_(std::move(after)) {}

    void undo() override { session_.adopt(before_); }
    void redo() override { session_.adopt(after_); }
    int id() const override { return merge_.isEmpty() ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* later = static_cast<const StudyEdit*>(other);
        if (later->merge_ != merge_)
            return false;
        after_ = later->after_;
        return true;
    }

private:
    StudySession& session_;
    QString merge_;
    Study before_, after_;
};

StudySession::StudySession(Logbook& logbook, QObject* parent) : QObject(parent), logbook_(logbook) {
    saveSoon_.setSingleShot(true);
    saveSoon_.setInterval(saveDelay);
    connect(&saveSoon_, &QTimer::timeout, this, &StudySession::saveNow);
    compareSoon_.setSingleShot(true);
    compareSoon_.setInterval(comparePause);
    connect(&compareSoon_, &QTimer::timeout, this, [this] {
        recompare();
        emit changed();
    });
    compared_.start();
}

StudySession::~StudySession() {
    stopSuggesting_ = true;
    suggestion_.waitForFinished();
    saveNow();
}

void StudySession::open(StudyId id) {
    saveNow();
    const Study study = logbook_.load(id);
    id_ = id;
    undo_.clear();
    compareSoon_.stop();
    chosen_.reset();
    touched_.reset();
    study_ = study;
    readSitter();
    loadPictures();
    recompute();
    logbook_.remember("open_study", std::to_string(id));
    emit opened();
    emit changed();
}

void StudySession::startFrom(const QString& file, const QImage& picture, const QString& sitter) {
    saveNow();
    Study study;
    study.title = QFileInfo(file).completeBaseName().toStdString();
    study.sitter = sitter.toStdString();
    study.referencePicture = logbook_.keepPicture(file.toStdString());
    study.reference.width = picture.width();
    study.reference.height = picture.height();
    study.reference.focal = focalFromExif(file, picture.size());
    study.step = 1;
    open(logbook_.add(study));
}

void StudySession::setSketch(const QString& file, const QImage& picture) {
    const std::string name = logbook_.keepPicture(file.toStdString());
    edit(tr("Take in a sketch"), {}, [&](Study& s) {
        s.sketchPicture = name;
        s.sketch = MarkSheet{};
        s.sketch.width = picture.width();
        s.sketch.height = picture.height();
    });
}

void StudySession::edit(const QString& words, const QString& merge,
                        const std::function<void(Study&)>& change) {
    Study after = study_;
    change(after);
    if (after == study_)
        return;
    following_ = !merge.isEmpty();
    undo_.push(new StudyEdit(*this, words, merge, study_, std::move(after)));
    following_ = false;
}

void StudySession::adopt(const Study& study) {
    study_ = study;
    if (study_.sitter != sitterRead_)
        readSitter();
    loadPictures();
    recompute();
    // Not restarted by every step of a long drag: that too is saved as it goes.
    if (!saveSoon_.isActive())
        saveSoon_.start();
    emit changed();
}

void StudySession::loadPictures() {
    auto load = [&](const std::string& name, QString& loaded, QImage& image) {
        const QString wanted = QString::fromStdString(name);
        if (wanted == loaded)
            return;
        loaded = wanted;
        image = {};
        if (wanted.isEmpty())
            return;
        try {
            image = readPicture(QString::fromStdString(logbook_.picturePath(name).string()));
        } catch (const BadInput& e) {
            tell(QString::fromStdString(e.what()));
        }
    };
    load(study_.referencePicture, seenName_, seen_);
    load(study_.sketchPicture, drawnName_, drawn_);
}

void StudySession::recompute() {
    const std::optional<Fit> before = std::move(fit_);
    fit_.reset();
    telling_.reset();
    lacking_[0].clear();
    try {
        // While a mark is dragged the last fit is followed, unless it has lost its way; otherwise
        // the fit is sought from scratch, so that no earlier mistake can hold it in the wrong
        // place.
        FitOptions options;
        options.warmStart = following_ && before ? &*before : nullptr;
        options.sitter = &sitter_;
        fit_ = fitHead(study_.reference, options);
        telling_ = mostTelling(study_.reference, *fit_, &sitter_);
    } catch (const BadInput& e) {
        lacking_[0] = QString::fromStdString(e.what());
    }
    if (following_ && fit_ && comparison_ && compared_.elapsed() < comparePause)
        compareSoon_.start();
    else
        recompare();
}

void StudySession::recompare() {
    compareSoon_.stop();
    compared_.restart();
    comparison_.reset();
    lacking_[1].clear();
    if (study_.sketchPicture.empty()) {
        lacking_[1] = tr("there is no sketch yet");
        return;
    }
    if (!fit_) {
        lacking_[1] = tr("mark the reference first");
        return;
    }
    try {
        CompareOptions options;
        options.hold = study_.hold;
        if (study_.paperWidthMm > 0)
            options.perPixel = Millimetres{study_.paperWidthMm / study_.sketch.width};
        comparison_ = compareSketch(study_.reference, *fit_, study_.sketch, options);
    } catch (const BadInput& e) {
        lacking_[1] = QString::fromStdString(e.what());
    }
}

QString StudySession::lacking(Side side) const {
    return lacking_[side == Side::Seen ? 0 : 1];
}

std::vector<GuideLine> StudySession::lines(Side side) const {
    if (side == Side::Seen && isGuessing())
        return guideLines(guessForm(*study_.guess), guessView(*study_.guess, study_.reference));
    if (!fit_ || (side == Side::Drawn && !comparison_))
        return {};
    std::optional<HeadForm> form;
    try {
        if (study_.canon != "sitter")
            form = canonForm(canonNamed(study_.canon), fit_->head);
    } catch (const BadInput&) {
        // The canon's file has gone; the sitter's own levels always serve.
    }
    if (!form)
        form = sitterForm(fit_->head);
    std::vector<GuideLine> all =
        guideLines(*form, side == Side::Seen ? fit_->view : comparison_->registeredView);
    if (side == Side::Seen && study_.guess && atBlockIn()) {
        // The committed guess stays in sight under what was measured.
        for (GuideLine& line :
             guideLines(guessForm(*study_.guess), guessView(*study_.guess, study_.reference)))
            if (!line.hidden && (line.id == "ball" || line.id == "brow_line" ||
                                 line.id == "centre_line" || line.id == "chin_line")) {
                line.kind = LineKind::Guess;
                line.id = "guess";
                all.push_back(std::move(line));
            }
    }
    std::erase_if(all, [&](const GuideLine& line) {
        std::string_view id = line.id;
        if (id.ends_with("_l") || id.ends_with("_r"))
            id.remove_suffix(2);
        return study_.hiddenLines.contains(std::string(id));
    });
    return all;
}

const std::vector<Mark>& StudySession::order() {
    using enum Mark;
    // The long distances first, which settle the pose; then what refines the sitter.
    static const std::vector<Mark> order{Brow,         Chin,      NoseBase, OuterEyeR, OuterEyeL,
                                         InnerEyeR,    InnerEyeL, NoseTip,  LipLine,   MouthCornerR,
                                         MouthCornerL, EarTopR,   EarBaseR, EarTopL,   EarBaseL,
                                         JawAngleR,    JawAngleL, Hairline, Crown,     NoseRoot,
                                         NoseWingR,    NoseWingL, PupilR,   PupilL,    Back};
    return order;
}

std::optional<Mark> StudySession::next(Side side) const {
    if (study_.picture(side).empty())
        return std::nullopt;
    if (chosen_)
        return chosen_;
    // Once the head is fitted the mark that tells most about it comes first.
    if (side == Side::Seen && telling_)
        return telling_->mark;
    for (Mark m : order())
        if (!study_.marks(side).marks[m])
            return m;
    return std::nullopt;
}

void StudySession::choose(std::optional<Mark> mark) {
    chosen_ = mark;
    emit changed();
}

void StudySession::place(Side side, Mark mark, const PicturePoint& at, const QString& merge) {
    chosen_.reset();
    touched_ = mark;
    const QString name = QString::fromUtf8(wordsFor(mark).data());
    edit(tr("Place the %1").arg(name), merge, [&](Study& s) {
        s.marks(side).marks[mark] = PlacedMark{at, false};
    });
}

void StudySession::hide(Side side, Mark mark) {
    chosen_.reset();
    edit(tr("Cannot see the %1").arg(QString::fromUtf8(wordsFor(mark).data())), {}, [&](Study& s) {
        s.marks(side).marks[mark] = PlacedMark{std::nullopt, true};
    });
}

void StudySession::startGuess() {
    Guess guess = study_.guess.value_or(firstGuess(study_.reference));
    guess.committed = false;
    setGuess(tr("Guess first"), {}, guess);
}

void StudySession::setGuess(const QString& words, const QString& merge, const Guess& guess) {
    edit(words, merge, [&](Study& s) { s.guess = withinReach(guess); });
}

void StudySession::commitGuess() {
    if (!isGuessing())
        return;
    // The guessed ball stays the guess's: it must not bend the measuring it is held against.
    edit(tr("Commit the guess"), {}, [](Study& s) { s.guess->committed = true; });
}

void StudySession::dropGuess() {
    edit(tr("Take the guess away"), {}, [](Study& s) { s.guess.reset(); });
}

void StudySession::readSitter() {
    sitter_ = {};
    sharedWith_ = 0;
    sitterRead_ = study_.sitter;
    for (StudyId other : logbook_.studiesOf(study_.sitter)) {
        if (other == id_)
            continue;
        try {
            const MarkSheet sheet = logbook_.load(other).reference;
            sitter_ += shapeTold(sheet, fitHead(sheet));
            ++sharedWith_;
        } catch (const BadInput&) {
            // A study not marked yet says nothing of the sitter.
        }
    }
}

void StudySession::confirmSuggestions(std::optional<Mark> only) {
    edit(tr("Confirm suggested marks"), {}, [&](Study& s) {
        for (int i = 0; i < markCount; ++i)
            if (auto& m = s.reference.marks[markAt(i)]; m && (!only || *only == markAt(i))) {
                m->suggested = false;
                m->noise.reset();
            }
    });
}

int StudySession::suggestionCount() const {
    const auto& marks = study_.reference.marks;
    return static_cast<int>(
        std::count_if(marks.begin(), marks.end(), [](const auto& m) { return m && m->suggested; }));
}

void StudySession::suggest() {
    if (suggesting_) {
        stopSuggesting_ = true;
        return;
    }
    if (!id_ || study_.referencePicture.empty())
        return;
    suggesting_ = true;
    stopSuggesting_ = false;
    emit changed();
    const auto file = logbook_.picturePath(study_.referencePicture);
    suggestion_ = QtConcurrent::run([this, file, id = *id_] {
        MarkSheet found;
        QString trouble;
        try {
            found = suggestMarks(file, &stopSuggesting_);
        } catch (const std::exception& e) {
            trouble = QString::fromUtf8(e.what());
        }
        QMetaObject::invokeMethod(this, [this, found, trouble, id] {
            suggesting_ = false;
            if (!trouble.isEmpty())
                tell(trouble);
            else if (id_ == id && !stopSuggesting_)
                edit(tr("Suggest marks"), {}, [&](Study& s) {
                    for (Mark m : found.seenMarks())
                        if (!s.reference.marks[m])
                            s.reference.marks[m] = found.marks[m];
                });
            emit changed();
        });
    });
}

void StudySession::touch(std::optional<Mark> mark) {
    touched_ = mark;
    emit touchedChanged();
}

int StudySession::placedCount(Side side) const {
    const auto& marks = study_.marks(side).marks;
    return static_cast<int>(
        std::count_if(marks.begin(), marks.end(), [](const auto& m) { return m.has_value(); }));
}

void StudySession::light(const QString& line) {
    if (line == litLine_)
        return;
    litLine_ = line;
    emit lit();
}

void StudySession::settle() {
    recompute();
    emit changed();
}

void StudySession::saveNow() {
    saveSoon_.stop();
    if (!id_)
        return;
    if (compareSoon_.isActive())
        recompare();
    try {
        logbook_.save(
            *id_, study_,
            {fit_ ? fitText(*fit_) : "", comparison_ ? comparisonText(*comparison_) : ""});
    } catch (const BadInput& e) {
        // What is on the bench is kept; the next change tries again.
        tell(QString::fromStdString(e.what()));
    }
}

} // namespace zokran
