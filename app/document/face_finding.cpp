#include "app/document/face_finding.h"

#include "app/document/carried_marks.h"
#include "app/document/searched_picture.h"

#include <QTimer>
#include <algorithm>
#include <cmath>
#include <mutex>

namespace zokran {

namespace {

constexpr const char *guessFirstKey = "guess_first", *byItselfKey = "find_faces";
/// Air round a face's marks in its frame, as a share of their longer side: room for forehead, hair and ears.
constexpr double air = 0.9;

/// The noise of the marks of a face that is not certain grows by this factor.
constexpr double notCertain = 3;

bool isUntouched(const MarkSheet& sheet) {
    return !sheet.ball && std::none_of(sheet.marks.begin(), sheet.marks.end(), [](const auto& m) { return m; });
}

/// Every mark that is not placed, or is only suggested, is placed as found.
void suggest(MarkSheet& sheet, const MarkSheet& found) {
    const auto place = [](auto& marks, const auto& from) {
        auto next = from.begin();
        for (auto& placed : marks) {
            if (!placed || placed->suggested)
                placed = *next;
            ++next;
        }
    };
    place(sheet.marks, found.marks);
    place(sheet.expression, found.expression);
    for (DrawnLine line : allDrawnLines)
        if (!sheet.lines.has(line))
            sheet.lines[line] = found.lines[line];
}

} // namespace

struct FaceFinding::Worker {
    std::mutex mutex; ///< the networks serve one thread at a time
    std::optional<FaceNetworks> networks;
    /// The photograph that the last sketch was registered to: the next one of it is marked in half the time.
    std::filesystem::path referenceFile;
    std::optional<SketchReference> reference;

    void prepare() {
        if (!networks)
            networks.emplace();
    }
    /// Null when it was stopped.
    SketchReference* referenceOf(const std::filesystem::path& file, int width, int height,
                                 const std::atomic<bool>& stop) {
        if (!reference || referenceFile != file) {
            reference.reset();
            SketchReference looked(*networks, searchedPicture(file, searchedReduction(width, height)), &stop);
            if (stop) // and so not looked at to its end
                return nullptr;
            referenceFile = file;
            reference = std::move(looked);
        }
        return &*reference;
    }
};

FaceFinding::FaceFinding(Document& document, QObject* parent)
    : QObject(parent), document_(document),
      looksByItself_(document.logbook().remembered(byItselfKey) != "no"),
      guessesFirst_(document.logbook().remembered(guessFirstKey) == "yes"), state_(std::make_shared<Worker>()) {
    // Once the window stands, so that its start is no slower.
    constexpr int startedMs = 500;
    QTimer::singleShot(startedMs, this, &FaceFinding::prepare);
}

FaceFinding::~FaceFinding() {
    stop_ = true;
}

bool FaceFinding::mayStart() const {
    return !running_ && document_.isOpen() && !document_.logbook().isReadOnly();
}

void FaceFinding::prepare() {
    // What fails is told when a picture is to be looked at.
    if (looksByItself())
        work_.run(
            [state = state_](const Background::Stop&) {
                const std::lock_guard alone(state->mutex);
                state->prepare();
                return true;
            },
            [](bool) {});
}

void FaceFinding::run(Search search, std::function<void(const Found&)> done, bool tellsNone) {
    running_ = true;
    stop_ = false;
    emit changed();
    work_.run(
        [this, search = std::move(search)](const Background::Stop&) {
            const std::lock_guard alone(state_->mutex);
            state_->prepare();
            return search(*state_, stop_);
        },
        [this, done = std::move(done), tellsNone, id = document_.id()](const Found& found) {
            running_ = false;
            if (document_.id() == id && !stop_) {
                if (found.faces.empty() && tellsNone)
                    emit document_.troubled(tr("No face was found in this photograph. Place the marks by hand."));
                done(found);
            }
            emit changed();
        },
        [this](const QString& why) {
            running_ = false;
            emit document_.troubled(why);
            emit changed();
        });
}

void FaceFinding::startReference(bool tellsNone) {
    const auto file = document_.logbook().picturePath(document_.study().referencePicture);
    const Study& study = document_.study();
    run(
        [file, framed = study.framing, width = study.reference.width,
         height = study.reference.height](Worker& worker, const std::atomic<bool>& stop) {
            // The part that is framed may be small.
            const SearchedPicture photo = searchedPicture(file, framed ? 1 : searchedReduction(width, height));
            return Found{suggestMarks(*worker.networks, photo, &stop, framed)};
        },
        [this, tellsNone](const Found& found) { referenceFound(found.faces, tellsNone); }, tellsNone);
}

void FaceFinding::toggle() {
    if (running_)
        stop_ = true;
    else if (mayStart() && !document_.study().referencePicture.empty())
        startReference(true);
}

void FaceFinding::lookAtReference() {
    if (!mayStart() || !looksByItself() || document_.study().referencePicture.empty() || !isUntouched(document_.study().reference) ||
        document_.study().guess)
        return;
    const QString key = QString::fromStdString(document_.study().referencePicture);
    if (looked_.contains(key))
        return;
    looked_.insert(key);
    startReference(false);
}

void FaceFinding::referenceFound(const std::vector<SuggestedFace>& found, bool asked) {
    const Study& study = document_.study();
    faces_ = found;
    facesOf_ = document_.id();
    face_ = 0;
    isOpenQuestion_ = isWithheld_ = false;
    // A learner who began by hand meanwhile goes on by hand.
    if (found.empty() || (!asked && !isUntouched(study.reference)))
        return;
    const auto certain =
        std::count_if(found.begin(), found.end(), [](const SuggestedFace& f) { return f.certain; });
    const bool isGuessing = study.guess && !study.guess->committed;
    if (!asked && (guessesFirst() || isGuessing))
        isWithheld_ = true;
    else if (certain == 1 || (asked && found.size() == 1)) {
        face_ = static_cast<std::size_t>(
            std::find_if(found.begin(), found.end(), [&](const SuggestedFace& f) { return f.certain || certain == 0; }) -
            found.begin());
        mark(tr("Find the face"));
    } else
        isOpenQuestion_ = true;
}

void FaceFinding::showAfterGuess() {
    if (!isWithheld_ || facesOf_ != document_.id())
        return;
    isWithheld_ = false;
    const auto certain =
        std::count_if(faces_.begin(), faces_.end(), [](const SuggestedFace& f) { return f.certain; });
    if (faces_.size() == 1 && certain == 1)
        mark(tr("Find the face"));
    else
        isOpenQuestion_ = true;
    emit changed();
}

void FaceFinding::lookAtSketch(const QImage& page, const QString& name, const std::optional<Framing>& frame) {
    const Framing part = within(frame.value_or(Framing{PhotoPoint(0, 0), PhotoPoint(page.width(), page.height())}),
                                page.width(), page.height());
    const QString key = QString("%1 %2 %3").arg(name).arg(part.low.x()).arg(part.low.y());
    const Sketch* attempt = mayStart() && looksByItself() ? document_.study().sketch() : nullptr;
    if (!attempt || page.isNull() || !isUntouched(attempt->marks) || looked_.contains(key))
        return;
    looked_.insert(key);
    const auto photo = document_.logbook().picturePath(document_.study().referencePicture);
    run(
        [photo, page, part, tone = attempt->page.tone(), marks = static_cast<MarkSheet>(document_.study().reference)](
            Worker& worker, const std::atomic<bool>& stop) {
            SketchReference* reference = worker.referenceOf(photo, marks.width, marks.height, stop);
            if (!reference)
                return Found();
            reference->marks = marks;
            const QRect shown(QPoint(static_cast<int>(part.low.x()), static_cast<int>(part.low.y())),
                              QPoint(static_cast<int>(part.high.x()) - 1, static_cast<int>(part.high.y()) - 1));
            Found found = suggestSketchMarks(*worker.networks, matrixOf(page.copy(shown)), reference, &stop, tone);
            for (SuggestedFace& face : found.faces) {
                forEachPlaced(face.marks, [&](PlacedMark& m) { *m.at += PicturePoint(shown.x(), shown.y()); });
                // Of a face that is not certain every mark is to be looked at.
                if (!face.certain)
                    forEachPlaced(face.marks, [](PlacedMark& m) { *m.noise *= notCertain; });
            }
            return found;
        },
        [this, picture = attempt->picture](const Found& found) {
            const Sketch* now = document_.study().sketch();
            if (!now || now->picture != picture || !isUntouched(now->marks))
                return;
            onSketch_ = found;
            sketchFacesOf_ = picture;
            sketchFace_ = 0;
            if (!found.faces.empty())
                markSketch(tr("Find the marks on the sketch"));
        },
        false);
}

std::size_t FaceFinding::sketchFaceCount() const {
    const Sketch* sketch = document_.isOpen() ? document_.study().sketch() : nullptr;
    return sketch && sketch->picture == sketchFacesOf_ ? onSketch_.faces.size() : 0;
}

FaceFinding::SketchReading FaceFinding::sketchReading() const {
    const Sketch* sketch = document_.isOpen() ? document_.study().sketch() : nullptr;
    if (!sketch || sketch->picture != sketchFacesOf_)
        return SketchReading::NotLooked;
    if (!onSketch_.faces.empty())
        return SketchReading::Found;
    return onSketch_.anyUnlike ? SketchReading::Unlike : SketchReading::NoFace;
}

void FaceFinding::nextSketchFace() {
    if (sketchFaceCount() < 2)
        return;
    sketchFace_ = (sketchFace_ + 1) % onSketch_.faces.size();
    markSketch(tr("Another face"));
    emit changed();
}

void FaceFinding::markSketch(const QString& what) {
    document_.edit(what, {}, [&](Study& s) {
        const MarkSheet& marks = onSketch_.faces[sketchFace_].marks;
        suggest(s.sketch()->marks, s.current > 0 ? carriedMarks(s.sketches[s.current - 1], *s.sketch(), marks) : marks);
    });
}

const std::vector<SuggestedFace>& FaceFinding::faces() const {
    static const std::vector<SuggestedFace> none;
    return document_.isOpen() && facesOf_ == document_.id() ? faces_ : none;
}

bool FaceFinding::foundNone() const {
    return document_.isOpen() && facesOf_ == document_.id() && faces_.empty();
}

std::vector<Framing> FaceFinding::frames() const {
    std::vector<Framing> all;
    for (const SuggestedFace& face : faces()) {
        PicturePoint low = PicturePoint::Constant(1e300), high = -low;
        for (Mark m : face.marks.seenMarks()) {
            low = low.cwiseMin(*face.marks.seen(m));
            high = high.cwiseMax(*face.marks.seen(m));
        }
        const double room = air * (high - low).maxCoeff();
        all.push_back({PhotoPoint(low - PicturePoint(room, room)), PhotoPoint(high + PicturePoint(room, room))});
    }
    return all;
}

bool FaceFinding::asksForFace() const {
    return isOpenQuestion_ && !faces().empty() && isUntouched(document_.study().reference);
}

void FaceFinding::takeFace(std::size_t face) {
    if (face >= faces().size())
        return;
    const bool isFirst = isOpenQuestion_;
    isOpenQuestion_ = false;
    face_ = face;
    mark(isFirst ? tr("Find the face") : tr("Another face"));
    emit changed();
}

void FaceFinding::nextFace() {
    if (faces().size() > 1)
        takeFace((face_ + 1) % faces().size());
}

void FaceFinding::dismiss() {
    isOpenQuestion_ = false;
    emit changed();
}

void FaceFinding::remember(const char* key, bool on) {
    document_.tryEdit([&] { document_.logbook().remember(key, on ? "yes" : "no"); });
    emit changed();
}

void FaceFinding::lookByItself(bool on) {
    looksByItself_ = on;
    remember(byItselfKey, on);
}

void FaceFinding::guessFirst(bool first) {
    guessesFirst_ = first;
    remember(guessFirstKey, first);
}

void FaceFinding::mark(const QString& what) {
    const MarkSheet& found = faces_[face_].marks;
    document_.edit(what, {}, [&](Study& s) {
        suggest(s.reference, found);
        // What the learner ticked is never taken back, and whose mouth they marked they have judged themselves.
        if (const auto& lips = s.reference.marks[Mark::LipLine]; found.smiling && lips && lips->suggested)
            s.reference.smiling = true;
    });
}

} // namespace zokran
