#pragma once

#include "app/background/background.h"
#include "app/document/document.h"
#include "core/page/find_page.h"


namespace zokran {

/// Lays the page in the sketch's photograph flat: looks for it off the UI thread, and lets the learner
/// put its corners right. Marks that lie on the picture already keep their places on the drawing.
class PageDetection : public QObject {
    Q_OBJECT

public:
    explicit PageDetection(Document& document, QObject* parent = nullptr);

    /// Looks for the page of the sketch on the bench, of which this is the photograph. A page surely
    /// seen is laid flat; of a doubtful one the corners are shown to be put right; where there is none
    /// the photograph stays as it is, scaled by its resolution when that is a scanner's.
    void look(const QImage& photograph);
    bool isLooking() const { return looking_; }
    /// What is being looked for is not wanted any more.
    void stop();

    /// The corners are being put right: the photograph lies on the sheet, not the flat page.
    bool isAdjusting() const;
    /// Starts correcting the corners; without a page yet, those of a sheet in the middle of the picture.
    void adjust();
    /// The corners are right.
    void finish();
    void setCorner(std::size_t corner, const SketchPoint& at, const QString& merge);
    void setPaper(const PaperSize& paper);
    void setEvened(bool evened);
    void setTone(PaperChoice tone);
    /// Takes the photograph as it came.
    void useWhole();

    const std::optional<PageRectification>& flat() const;

    /// Something on the drawing whose length the learner knows, by which a sketch that fills no page is scaled.
    struct KnownLength {
        SketchPoint from, to;
        Millimetres length;
    };
    /// It is being laid; nothing while it is not, or where a page is laid flat and tells the scale.
    std::optional<KnownLength> knownLength() const;
    /// Starts it, across the middle of the picture and as long as the picture is said to show there.
    void layLength();
    /// Lays it otherwise: the drawing is scaled by it. One of no length changes nothing.
    void setLength(const KnownLength& known, const QString& merge);
    /// Done with it; `keep`: the length that stands there is right.
    void endLength(bool keep);

signals:
    void changed();

private:
    /// Lays the page flat another way; false where the corners make no sheet.
    bool lay(const QString& words, const QString& merge, const std::optional<PageRectification>& flat);
    void found(const std::optional<FoundPage>& page, const std::optional<Millimetres>& scanned);
    PaperSize usualPaper() const;

    Document& document_;
    std::optional<StudyId> adjusting_; ///< the study whose page is being put right
    std::optional<StudyId> scaling_;   ///< the study that is being scaled by a known length
    KnownLength known_;
    bool looking_ = false;
    Background work_{Background::Newer::Replaces};
};

} // namespace zokran
