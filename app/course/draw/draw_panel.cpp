#include "app/course/draw/draw_panel.h"

#include "app/course/draw/approach.h"
#include "app/course/draw/clock_face.h"
#include "app/course/draw/drawing_animation.h"
#include "app/course/draw/other_views.h"
#include "app/course/sheet_button.h"
#include "app/course/telephone_button.h"
#include "app/text/messages.h"
#include "app/widgets/line_button.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

DrawPanel::DrawPanel(StudySession& session, QWidget* parent) : StepPanel(parent), session_(session) {
    column_->addWidget(clock_ = new ClockFace(session_.clock, session_.sitting));
    addHeading(tr("Draw on paper"));
    auto* label = new QLabel(tr("&Going about it"));
    column_->addWidget(label);
    column_->addWidget(approach_ = new QComboBox);
    label->setBuddy(approach_);
    approach_->setAccessibleName(tr("Going about it"));
    for (const auto& approach : approaches())
        approach_->addItem(approach->name(), qt(approach->id()));
    connect(approach_, &QComboBox::activated, this, [this](int index) {
        const Approach& chosen = *approaches()[static_cast<std::size_t>(index)];
        if (chosen.id() == session_.study().approach)
            return;
        session_.document.edit(tr("Go about it otherwise"), {}, [&](Study& s) { s.approach = chosen.id(); });
        session_.selection.form.showStep(0);
    });
    about_ = addText({}, "caption");
    steps_ = new QVBoxLayout;
    steps_->setSpacing(2);
    column_->addLayout(steps_);
    column_->addWidget(new SheetButton(tr("Print the form to trace…"), session_, guideSheetKind, &StudySession::printSheet));
    column_->addWidget(animation_ = new DrawingAnimation(session_));
    addText(tr("Before any shading: photograph the sketch and check it here. A placement error never "
               "gets cheaper. From straight above, in even light, the whole page in view."));
    column_->addWidget(new TelephoneButton(session_));
    auto* camera = new QPushButton(tr("Watch with a camera…"));
    camera->setToolTip(tr("A camera over the easel takes a picture whenever the hand has left the page"));
    connect(camera, &QPushButton::clicked, &session_, &StudySession::toCamera);
    column_->addWidget(camera);
    column_->addWidget(views_ = new OtherViews(session_));
    auto* care = new CollapsibleSection(tr("Care for hand, eyes and lungs"));
    auto* words = new QLabel(
        tr("Look up every few minutes, let neck and hand rest, and stop after about five heads. "
           "Sharpen charcoal pencils away from you. Charcoal dust and spray fixative belong out "
           "of the lungs: wipe, do not blow, and spray outdoors or by an open window. The makers' "
           "safety sheets have the last word."));
    words->setWordWrap(true);
    words->setProperty("type", "caption");
    care->inside()->addWidget(words);
    column_->addWidget(care);
    column_->addStretch();
}

void DrawPanel::buildSteps(const std::vector<QString>& words) {
    for (QPushButton* button : buttons_)
        delete button;
    buttons_.clear();
    words_ = words;
    int number = 1;
    for (const QString& step : words) {
        auto* button = new LineButton(QString("%1.  %2").arg(number).arg(step));
        button->setCheckable(true);
        steps_->addWidget(button);
        buttons_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, number] {
            FormViewState& form = session_.selection.form;
            form.showStep(form.step() == number ? 0 : number);
        });
        ++number;
    }
}

void DrawPanel::showStudy() {
    const Approach& approach = approachOf(session_.study());
    approach_->setCurrentIndex(approach_->findData(qt(approach.id())));
    about_->setText(approach.about());
    if (const auto words = approach.steps(session_); words != words_)
        buildSteps(words);
    const int watched = Scenes(session_).animatedStep(), shown = watched > 0 ? watched : session_.selection.form.step();
    for (std::size_t i = 0; i < buttons_.size(); ++i)
        buttons_[i]->setChecked(shown == static_cast<int>(i) + 1);
    // Of the other ways the steps are not the form's.
    animation_->refresh(approach.id() == approaches().front()->id());
    views_->refresh();
    clock_->refresh();
}

} // namespace zokran
