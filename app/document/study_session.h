#pragma once

#include "app/document/drawing_history.h"
#include "app/document/head_light.h"
#include "app/document/heads_on_page.h"
#include "app/document/layout_controller.h"
#include "app/document/open_study.h"
#include "app/document/page_detection.h"
#include "app/document/photo_intake.h"
#include "app/document/pictures.h"
#include "app/document/study_clock.h"
#include "app/document/timed_sitting.h"
#include "app/document/tone_reading.h"
#include "app/document/view_mode_state.h"

namespace zokran {

/// The open study with everything that belongs to it while it is open: pictures, page, light, tones, clock and history, and the
/// requests of a step to the window as signals.
class StudySession : public OpenStudy {
    Q_OBJECT

public:
    explicit StudySession(Logbook& logbook, QObject* parent = nullptr);

    Pictures pictures;
    PageDetection page;
    HeadsOnPage heads;
    ViewModeState viewMode;
    HeadLight light;
    ToneReading tones;
    LayoutController layoutController;
    StudyClock clock;
    PhotoIntake intake;
    DrawingHistory history;
    TimedSitting sitting;
    Background background{Background::Newer::Joins}; ///< for work without an owner of its own

    /// What is looked at and marked: the photograph, or the sketch's page laid flat. Null while it is
    /// being made.
    QImage picture(Side side);
    /// The photograph as it came.
    QImage photograph(Side side) { return pictures.picture(pictureName(side)); }
    QString pictureName(Side side) const;

    /// Decodes a picture off the UI thread; then it becomes a new study, or a sketch of the study `of`, or else of
    /// the one that lies on the bench now.
    void takePicture(const QString& file, Side side, const QString& sitter = {}, std::optional<StudyId> of = {});
    /// Looks for faces in what lies on the bench, each picture once, where nothing is marked.
    void lookForFaces();

signals:
    /// A picture was read and is a part of a study now.
    void pictureTaken();
    /// The learner asked for a picture to be chosen.
    void choosePicture(Side side);
    /// A sheet is to be saved as a file, or shown and printed, by the id of its kind.
    void saveSheet(const char* kind);
    void printSheet(const char* kind);
    /// A file the learner asked for was written.
    void fileSaved(const QString& file);
    /// The learner wants to send a picture by telephone.
    void toTelephone();
    /// The learner wants a camera to look at the easel.
    void toCamera();
    /// The learner wants a plaster head for a sitter.
    void toCastRoom();
    /// What lies on the bench is put aside.
    void toShelf();
};

} // namespace zokran
