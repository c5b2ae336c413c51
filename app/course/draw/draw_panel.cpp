#include "app/course/draw/draw_panel.h"

#include <QVBoxLayout>

namespace zokran {

DrawPanel::DrawPanel(Desk& desk, QWidget* parent) : StepPanel(desk, parent) {
    addHeading(tr("Draw on paper"));
    addText(
        tr("1.  Ball, side oval, brow line, centre line. Compare each with the form on the right "
           "sheet before the next."));
    addText(tr("2.  Step the thirds down the centre line and drop the chin."));
    addText(tr("3.  Features as plain lines first. They are cheap to move."));
    addText(tr("4.  Before any shading: photograph the sketch and check it here. A placement error "
               "never gets cheaper."));
    addText(
        tr("Photograph the sketch from straight above, in even light, the whole sheet in view."),
        "caption");
    addText(
        tr("Look up every few minutes, let neck and hand rest, and stop after about five heads. "
           "Sharpen charcoal pencils away from you. Charcoal dust and spray fixative belong out "
           "of the lungs: wipe, do not blow, and spray outdoors or by an open window. The makers' "
           "safety sheets have the last word."),
        "caption");
    column_->addStretch();
}

} // namespace zokran
