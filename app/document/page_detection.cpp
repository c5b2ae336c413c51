#include "app/document/page_detection.h"

#include "app/document/page_picture.h"
#include "core/base/errors.h"
#include "core/page/reproject.h"
#include "core/page/rectify.h"

namespace zokran {

namespace {

/// Where the study's last paper is remembered.
constexpr const char* paperKey = "paper";
/// A page at least this sure is laid flat without asking.
constexpr double sureEnough = 0.5;

} // namespace

PageDetection::PageDetection(Document& document, QObject* parent)
    : QObject(parent), document_(document) {
    connect(&document_, &Document::opened, this, &PageDetection::stop);
}

const std::optional<PageRectification>& PageDetection::flat() const {
    static const std::optional<PageRectification> none;
    const Sketch* attempt = document_.study().sketch();
    return attempt ? attempt->page.flat : none;
}

bool PageDetection::isAdjusting() const {
    return adjusting_ && adjusting_ == document_.id() && flat();
}

PaperSize PageDetection::usualPaper() const {
    const std::string last = document_.logbook().remembered(paperKey);
    try {
        return paperNamed(last.empty() ? "a4" : last);
    } catch (const BadInput&) {
        return paperNamed("a4");
    }
}

void PageDetection::look(const QImage& photograph) {
    stop();
    looking_ = true;
    emit changed();
    const std::string picture = document_.study().picture(Side::Sketch);
    using Seen = std::pair<std::optional<FoundPage>, std::optional<Millimetres>>;
    work_.run([photograph](const Background::Stop&) { return Seen(pageIn(photograph), scannedWidth(photograph)); },
              [this, picture](const Seen& seen) {
                  looking_ = false;
                  if (document_.study().picture(Side::Sketch) == picture)
                      found(seen.first, seen.second);
                  emit changed();
              },
              [this](const QString& why) {
                  looking_ = false;
                  emit document_.troubled(why);
                  emit changed();
              });
}

void PageDetection::stop() {
    work_.cancel();
    looking_ = false;
    adjusting_.reset();
    scaling_.reset();
    emit changed();
}

void PageDetection::found(const std::optional<FoundPage>& page,
                       const std::optional<Millimetres>& scanned) {
    const Sketch* attempt = document_.study().sketch();
    if (!attempt)
        return;
    if (!page) {
        if (scanned)
            document_.edit(tr("Scale by the scan's resolution"), {},
                           [&](Study& s) { s.sketch()->page.shownWidth = scanned; });
        return;
    }
    const int width = attempt->marks.width, height = attempt->marks.height;
    // Another photograph of one drawing shows the same sheet, whatever its corners make of it: else it would seem to grow.
    const Study& study = document_.study();
    const auto& before = study.current > 0 ? study.sketches[study.current - 1].page.flat : std::nullopt;
    const PaperSize paper = before ? turnedLike(page->corners, before->paper)
                                   : likelyPaper(aspectOf(page->corners, Pixels{1.0 * width}, Pixels{1.0 * height}), usualPaper());
    if (lay(tr("Lay the page flat"), {}, PageRectification{page->corners, paper, width, height, false}) &&
        page->sure < sureEnough)
        adjusting_ = document_.id();
}

bool PageDetection::lay(const QString& words, const QString& merge,
                     const std::optional<PageRectification>& flat) {
    const Sketch* attempt = document_.study().sketch();
    if (!attempt || attempt->page.flat == flat)
        return false;
    try {
        const SketchMarks moved = carried(attempt->marks, attempt->page.flat, flat);
        document_.edit(words, merge, [&](Study& s) {
            s.sketch()->marks = moved;
            s.sketch()->page.flat = flat;
        });
        return true;
    } catch (const BadInput&) {
        return false; // such as a corner dragged across the opposite edge: it stays where it was
    }
}

std::optional<PageDetection::KnownLength> PageDetection::knownLength() const {
    const Sketch* attempt = document_.study().sketch();
    if (!scaling_ || scaling_ != document_.id() || !attempt || flat())
        return std::nullopt;
    KnownLength known = known_;
    // As the study has it now, also after an undo.
    if (const auto perPixel = attempt->page.perPixel(Pixels{1.0 * attempt->marks.width}))
        known.length = Pixels{(known.to - known.from).norm()} * *perPixel;
    return known;
}

void PageDetection::layLength() {
    const Sketch* attempt = document_.study().sketch();
    if (!attempt || flat())
        return;
    const int width = attempt->marks.width, height = attempt->marks.height;
    constexpr Millimetres usual{100};
    known_ = {SketchPoint(0.25 * width, 0.5 * height), SketchPoint(0.75 * width, 0.5 * height), usual};
    scaling_ = document_.id();
    emit changed();
}

void PageDetection::setLength(const KnownLength& known, const QString& merge) {
    const Pixels between{(known.to - known.from).norm()};
    if (!knownLength() || !(between > Pixels{1}) || !(known.length > Millimetres{0}))
        return;
    known_ = known;
    document_.edit(tr("Scale by a known length"), merge, [&](Study& s) {
        s.sketch()->page.shownWidth = Pixels{1.0 * s.sketch()->marks.width} * (known.length / between);
    });
    emit changed();
}

void PageDetection::endLength(bool keep) {
    // Where nothing was moved and nothing typed, what stands there is the length all the same.
    if (const auto known = knownLength(); keep && known && !document_.study().sketch()->page.shownWidth)
        setLength(*known, {});
    scaling_.reset();
    emit changed();
}

void PageDetection::adjust() {
    scaling_.reset();
    const Sketch* attempt = document_.study().sketch();
    if (!attempt)
        return;
    if (!attempt->page.flat) {
        const int width = attempt->marks.width, height = attempt->marks.height;
        const double l = 0.08 * width, r = 0.92 * width, t = 0.08 * height, b = 0.92 * height;
        const PageCorners corners{SketchPoint(l, t), {r, t}, {r, b}, {l, b}};
        lay(tr("Lay the page flat"), {},
            PageRectification{corners, turnedLike(corners, usualPaper()), width, height, false});
    }
    adjusting_ = document_.id();
    emit changed();
}

void PageDetection::finish() {
    adjusting_.reset();
    emit changed();
}

void PageDetection::setCorner(std::size_t corner, const SketchPoint& at, const QString& merge) {
    if (!flat())
        return;
    PageRectification moved = *flat();
    moved.corners[corner] = at;
    moved.paper = turnedLike(moved.corners, moved.paper);
    lay(tr("Move the page's corner"), merge, moved);
}

void PageDetection::setPaper(const PaperSize& paper) {
    if (!flat())
        return;
    PageRectification changed = *flat();
    changed.paper = turnedLike(changed.corners, paper);
    lay(tr("Choose the paper"), {}, changed);
    document_.tryEdit([&] { document_.logbook().remember(paperKey, nameOf(paper)); });
}

void PageDetection::setEvened(bool evened) {
    if (!flat())
        return;
    PageRectification changed = *flat();
    changed.evened = evened;
    lay(evened ? tr("Even the light") : tr("Leave the light as it is"), {}, changed);
}

void PageDetection::setTone(PaperChoice tone) {
    if (!flat())
        return;
    PageRectification changed = *flat();
    changed.tone = tone;
    lay(tr("Say whether the paper is toned"), {}, changed);
}

void PageDetection::useWhole() {
    lay(tr("Use the photograph as it is"), {}, std::nullopt);
    adjusting_.reset();
    emit changed();
}

} // namespace zokran
