#pragma once

#include "app/document/analysis.h"
#include "app/document/document.h"
#include "app/document/face_finding.h"
#include "app/document/selection.h"

namespace zokran {

/// The open study, what is computed from it, what is selected in it, and the search for faces in its pictures: what a tool needs,
/// and what marking and measuring work on. Files, devices and requests to the window are in `StudySession`.
class OpenStudy : public QObject {
    Q_OBJECT

public:
    explicit OpenStudy(Logbook& logbook, QObject* parent = nullptr);

    Document document;
    Analysis analysis;
    Selection selection;
    FaceFinding faces;

    const Study& study() const { return document.study(); }
    const std::optional<Fit>& fit() const { return analysis.fit(); }
    const std::optional<Comparison>& comparison() const { return analysis.comparison(); }

signals:
    /// Something that is to be seen has changed.
    void changed();
};

} // namespace zokran
