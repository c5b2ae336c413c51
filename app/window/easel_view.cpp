#include "app/window/easel_view.h"

#include "app/course/draw/clock_face.h"
#include "app/course/step.h"
#include "app/sheet/sheet_view.h"
#include "app/widgets/theme.h"
#include "app/window/workspace.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr int sentenceSize = 40, clockSize = 64; ///< px of type that is read from two metres

void setLarge(QLabel* label, int px) {
    QFont font = typeFont(TypeSize::Reading, true);
    font.setPixelSize(px);
    label->setFont(font);
    label->setStyleSheet(QString("font-size: %1px;").arg(px));
}

} // namespace

EaselView::EaselView(Workspace& bench, QWidget* parent) : QWidget(parent, Qt::Window), workspace_(bench) {
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName("bench");
    setWindowTitle(tr("Easel view"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(24, 24, 24, 24);
    row->setSpacing(32);
    row->addWidget(sheet_ = new SheetView(tr("From the easel")), 3);
    sheet_->setFocusPolicy(Qt::NoFocus);
    auto* column = new QVBoxLayout;
    column->setSpacing(16);
    row->addLayout(column, 2);
    column->addWidget(clock_ = new QLabel);
    setLarge(clock_, clockSize);
    clock_->setAccessibleName(tr("Time"));
    column->addStretch();
    column->addWidget(sentence_ = new QLabel);
    sentence_->setObjectName("easelSentence");
    sentence_->setWordWrap(true);
    setLarge(sentence_, sentenceSize);
    column->addStretch();
    auto* keys = new QLabel(tr("Space: on. Backspace: back. Escape: to the bench."));
    keys->setProperty(typeProperty, "caption");
    keys->setWordWrap(true);
    column->addWidget(keys);
    StudySession& session = workspace_.session();
    connect(&session, &StudySession::changed, this, &EaselView::refresh);
    connect(&session.clock, &StudyClock::changed, this, &EaselView::refresh);
    refresh();
    setFocus();
}

void EaselView::refresh() {
    const EaselPage page = workspace_.step().easel();
    Scene scene = workspace_.step().scene(page.side);
    // From the easel nothing is clicked.
    scene.tools.clear();
    sheet_->show(std::move(scene));
    sentence_->setText(page.sentence);
    const StudyClock& clock = workspace_.session().clock;
    clock_->setVisible(clock.isSet());
    if (clock.isSet())
        clock_->setText(timeOf(clock));
}

void EaselView::keyPressEvent(QKeyEvent* event) {
    const auto act = [](const std::function<void()>& way) {
        if (way)
            way();
    };
    const EaselPage page = workspace_.step().easel();
    switch (event->key()) {
    case Qt::Key_Space:
    case Qt::Key_PageDown:
    case Qt::Key_Right:
    case Qt::Key_Down:
        return act(page.on);
    case Qt::Key_Backspace:
    case Qt::Key_PageUp:
    case Qt::Key_Left:
    case Qt::Key_Up:
        return act(page.back);
    case Qt::Key_Escape:
    case Qt::Key_F11:
        close();
        return;
    default:
        QWidget::keyPressEvent(event);
    }
}

} // namespace zokran
