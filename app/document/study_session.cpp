#include "app/document/study_session.h"

#include "app/text/messages.h"

namespace zokran {

StudySession::StudySession(Logbook& logbook, QObject* parent)
    : OpenStudy(logbook, parent), pictures(logbook.folder(), !logbook.isReadOnly()), page(document),
      light(document, analysis, selection.form), tones(document, analysis), layoutController(document, analysis), clock(document),
      intake(document, pictures), history(document, analysis), sitting(document, clock) {
    connect(&viewMode, &ViewModeState::changed, this, &StudySession::changed);
    connect(&page, &PageDetection::changed, this, &StudySession::changed);
    connect(&heads, &HeadsOnPage::changed, this, &StudySession::changed);
    connect(&light, &HeadLight::changed, this, &StudySession::changed);
    connect(&tones, &ToneReading::changed, this, &StudySession::changed);
    connect(&history, &DrawingHistory::changed, this, &StudySession::changed);
    connect(&pictures, &Pictures::arrived, this, [this](const QString& name) {
        if (const QString why = pictures.trouble(name); !why.isEmpty())
            emit document.troubled(why);
        emit changed();
    });
    connect(this, &StudySession::changed, this, &StudySession::lookForFaces);
    connect(&document, &Document::opened, this, [this] {
        for (SelectionState* state : selection.states())
            state->clear();
        viewMode.choose("side-by-side");
        pictures.keepOnly({pictureName(Side::Reference), pictureName(Side::Sketch)});
    });
}

void StudySession::lookForFaces() {
    faces.lookAtReference();
    const Sketch* attempt = study().sketch();
    // The drawing is registered to the photograph, so that is marked first.
    if (!attempt || !fit() || page.isLooking() || page.isAdjusting() || !attempt->marks.seenMarks().empty())
        return;
    const QImage drawing = picture(Side::Sketch);
    if (drawing.isNull() || heads.isLookingAt(drawing))
        return;
    const auto& drawings = heads.of(drawing);
    const auto& chosen = selection.check.chosenHead();
    const bool isChosen = chosen && chosen->picture == attempt->picture && chosen->flat == attempt->page.flat;
    if (heads.isLookingAt(drawing) || (drawings.size() > 1 && !isChosen))
        return;
    faces.lookAtSketch(drawing, pictureName(Side::Sketch), isChosen ? std::optional(chosen->frame) : std::nullopt);
}

QString StudySession::pictureName(Side side) const {
    return qt(study().picture(side));
}

QImage StudySession::picture(Side side) {
    const Sketch* attempt = study().sketch();
    if (side == Side::Sketch && attempt && attempt->page.flat)
        return pictures.flat(pictureName(side), *attempt->page.flat);
    return photograph(side);
}

void StudySession::takePicture(const QString& file, Side side, const QString& sitter, std::optional<StudyId> of) {
    const std::optional<StudyId> forStudy = of ? of : document.id();
    pictures.decode(file, [=, this](const ReadPicture& read, const QString& trouble) {
        if (!trouble.isEmpty()) {
            emit document.troubled(trouble);
            return;
        }
        document.tryEdit([&] {
            selection.marks.lookOver(false); // what was looked over is another picture's
            emit pictureTaken();
            if (side == Side::Reference || !forStudy)
                document.startFrom(file, read.image.size(), read.focal, sitter);
            else
                document.addAttempt(*forStudy, file, read.image.size(),
                                    document.id() == forStudy ? clock.finish() : std::chrono::seconds(0));
            if (side == Side::Reference || document.id() == forStudy)
                pictures.put(pictureName(side), read.image);
            if (side == Side::Sketch && document.id() == forStudy && study().sketch())
                page.look(read.image);
            emit changed();
        });
    });
}

} // namespace zokran
