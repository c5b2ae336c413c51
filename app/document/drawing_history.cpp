#include "app/document/drawing_history.h"

#include "app/text/messages.h"
#include "core/messages/snapshot_messages.h"

#include <QSettings>
#include <algorithm>

namespace zokran {

namespace {

constexpr int settled = 300; ///< ms without a change before the photographs are compared anew
constexpr const char* tellsKey = "tells_drift";

/// Whether two pages tell their scale in the same way, so that a size on the one can be set against the other: by a sheet of
/// one size, either way up, or both by what the whole picture is said to show.
bool isScaledAlike(const Page& a, const Page& b) {
    if (a.flat.has_value() != b.flat.has_value())
        return false;
    if (!a.flat)
        return true;
    const auto sides = [](const PaperSize& paper) { return std::minmax({paper.width, paper.height}); };
    return sides(a.flat->paper) == sides(b.flat->paper);
}

} // namespace

DrawingHistory::DrawingHistory(Document& document, Analysis& analysis, QObject* parent)
    : QObject(parent), document_(document), analysis_(analysis) {
    for (QTimer* timer : {&soon_, &later_})
        timer->setSingleShot(true);
    soon_.setInterval(settled);
    connect(&soon_, &QTimer::timeout, this, &DrawingHistory::compare);
    connect(&later_, &QTimer::timeout, this, &DrawingHistory::say);
    connect(&analysis, &Analysis::changed, this, &DrawingHistory::look);
    connect(&document, &Document::opened, this, [this] {
        said_.reset();
        word_.clear();
    });
}

bool DrawingHistory::tells() const {
    return QSettings().value(tellsKey, true).toBool();
}

void DrawingHistory::setTells(bool on) {
    QSettings().setValue(tellsKey, on);
    said_.reset();
    say();
}

void DrawingHistory::look() {
    const Study& study = document_.study();
    Asked wanted;
    if (study.sketches.size() > 1 && study.current < study.sketches.size() && analysis_.fit()) {
        const auto last = study.sketches.begin() + static_cast<long>(study.current) + 1;
        wanted = {document_.id(), study.reference, {study.sketches.begin(), last}, study.tolerances};
    }
    if (wanted == asked_)
        return;
    if (wanted.study != asked_.study || wanted.reference != asked_.reference || wanted.tolerances != asked_.tolerances)
        compared_.clear();
    asked_ = std::move(wanted);
    timeline_.reset();
    work_.cancel();
    soon_.start();
}

void DrawingHistory::compare() {
    if (asked_.sketches.size() < 2 || !analysis_.fit())
        return say();
    const auto compareAll = [asked = asked_, known = compared_, fit = *analysis_.fit()](const Background::Stop& stop) {
        std::vector<Compared> all;
        for (const Sketch& sketch : asked.sketches) {
            const auto before = std::find_if(known.begin(), known.end(), [&](const Compared& c) { return c.sketch == sketch; });
            if (before != known.end()) {
                all.push_back(*before);
                continue;
            }
            if (stop)
                break;
            Compared compared{sketch, {}};
            CompareOptions options;
            options.perPixel = sketch.page.perPixel({1.0 * sketch.marks.width});
            options.tolerances = asked.tolerances;
            try {
                compared.snapshot = DrawingSnapshot{compareSketch(asked.reference, fit, sketch.marks, options),
                                                isScaledAlike(sketch.page, asked.sketches.front().page) ? options.perPixel : std::nullopt};
            } catch (const BadInput&) {
                // A photograph that is not marked yet is no snapshot that could be compared.
            }
            all.push_back(std::move(compared));
        }
        return all;
    };
    work_.run(compareAll, [this](std::vector<Compared> all) {
        compared_ = std::move(all);
        std::vector<DrawingSnapshot> snapshots;
        photographs_.clear();
        for (std::size_t i = 0; i < compared_.size(); ++i)
            if (compared_[i].snapshot) {
                snapshots.push_back(*compared_[i].snapshot);
                photographs_.push_back(i);
            }
        if (snapshots.size() > 1)
            timeline_ = timelineOf(snapshots);
        say();
    });
}

void DrawingHistory::say() {
    QString now;
    if (tells() && timeline_ && analysis_.fit())
        now = qt(wordWhileDrawing(*timeline_, analysis_.fit()->pose, learnersTranslator()));
    const auto time = clock_();
    if (now != word_ && !now.isEmpty() && said_ && time - *said_ < pause) {
        // The last one has not stood long enough; this one, or what is true by then, is said after it.
        later_.start(std::chrono::duration_cast<std::chrono::milliseconds>(pause - (time - *said_)));
        now = word_;
    } else if (now != word_ && !now.isEmpty()) {
        said_ = time;
    }
    word_ = now;
    emit changed();
}

} // namespace zokran
