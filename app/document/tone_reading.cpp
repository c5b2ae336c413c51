#include "app/document/tone_reading.h"

#include "app/document/view_mode_state.h"

#include <opencv2/core.hpp>

namespace zokran {

namespace {

cv::Mat matOf(const QImage& rgb) {
    return {rgb.height(), rgb.width(), CV_8UC4, const_cast<uchar*>(rgb.constBits()),
            static_cast<std::size_t>(rgb.bytesPerLine())};
}

HeadInPicture scaled(HeadInPicture head, double by) {
    head.view.centre *= by;
    head.view.principal *= by;
    head.view.scale *= by;
    return head;
}

} // namespace

ToneReading::ToneReading(Document& document, Analysis& analysis, QObject* parent)
    : QObject(parent), document_(document), analysis_(analysis) {
    connect(&document_, &Document::opened, this, [this] {
        reader_.cancel();
        wanted_.reset();
        compared_.reset();
        chosen_ = 0;
    });
}

void ToneReading::choose(std::size_t finding) {
    if (finding == chosen_)
        return;
    chosen_ = finding;
    emit changed();
}

const ToneComparison* ToneReading::compared(const QImage& photo, const QImage& drawing) {
    const auto& fit = analysis_.fit();
    const auto& comparison = analysis_.comparison();
    const Sketch* sketch = document_.study().sketch();
    if (!fit || !comparison || !sketch || photo.isNull() || drawing.isNull()) {
        wanted_.reset();
        compared_.reset();
        return nullptr;
    }
    const HeadInPicture seen{fit->view, fit->head, document_.study().reference.smiling},
        drawn{comparison->sketchView, drawnHead(*comparison), sketch->marks.smiling};
    const Wanted wanted{photo.cacheKey(), drawing.cacheKey(), seen.head, drawn.head, seen.view.centre, drawn.view.centre,
                        seen.view.facing(), drawn.view.facing(), seen.view.scale, drawn.view.scale, sketch->page.tone(),
                        seen.mouthIsOpen || drawn.mouthIsOpen};
    if (wanted_ != wanted) {
        wanted_ = wanted;
        const double seenWidth = document_.study().reference.width, drawnWidth = sketch->marks.width;
        reader_.run(
            [=, paper = wanted.paper](const Background::Stop&) {
                const QImage a = shrunk(photo).convertToFormat(QImage::Format_RGB32),
                             b = shrunk(drawing).convertToFormat(QImage::Format_RGB32);
                return compareTones(matOf(a), scaled(seen, a.width() / seenWidth), matOf(b),
                                    scaled(drawn, b.width() / drawnWidth), paper);
            },
            [this, seenWidth, drawnWidth, photo, drawing](std::optional<ToneComparison> made) {
                if (made) {
                    // Places in px of the pictures as they are marked.
                    const double seenBy = seenWidth / shrunk(photo).width(), drawnBy = drawnWidth / shrunk(drawing).width();
                    for (TonePair& pair : made->pairs) {
                        pair.seenAt *= seenBy;
                        pair.drawnAt *= drawnBy;
                        pair.seenRadius *= seenBy;
                        pair.drawnRadius *= drawnBy;
                    }
                    for (ShadowEdgeShift& shift : made->shadowEdges) {
                        shift.seenAt *= seenBy;
                        shift.drawnAt *= drawnBy;
                    }
                }
                compared_ = std::move(made);
                chosen_ = 0;
                emit changed();
            });
    }
    return compared_ ? &*compared_ : nullptr;
}

} // namespace zokran
