#include "app/document/open_study.h"

namespace zokran {

OpenStudy::OpenStudy(Logbook& logbook, QObject* parent)
    : QObject(parent), document(logbook), analysis(document), faces(document) {
    // The analysis answers every change of the study; what is shown follows the analysis.
    connect(&analysis, &Analysis::changed, this, &OpenStudy::changed);
    connect(&document, &Document::stepChanged, this, &OpenStudy::changed);
    for (SelectionState* state : selection.states())
        connect(state, &SelectionState::changed, this, &OpenStudy::changed);
    connect(&faces, &FaceFinding::changed, this, &OpenStudy::changed);
}

} // namespace zokran
