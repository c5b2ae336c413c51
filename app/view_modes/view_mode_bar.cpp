#include "app/view_modes/view_mode_bar.h"

#include "app/view_modes/view_mode.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QShortcut>
#include <QSlider>
#include <QStandardItemModel>

namespace zokran {

ViewModeBar::ViewModeBar(StudySession& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    for (const auto& way : viewModes()) {
        auto* button = new QPushButton(way->name());
        button->setProperty("role", "way");
        button->setCheckable(true);
        const QKeySequence key(way->key());
        button->setToolTip(tr("%1: key %2").arg(way->name(), key.toString(QKeySequence::NativeText)));
        const auto chooseThis = [this, at = ways_.size()] { choose(at); };
        connect(button, &QPushButton::clicked, this, chooseThis);
        // Not the button's own shortcut, which only acts once its press has been shown.
        auto* keys = new QShortcut(key, this);
        connect(keys, &QShortcut::activated, this, chooseThis);
        row->addWidget(button);
        ways_.push_back(button);
        keys_.push_back(keys);
    }
    row->addWidget(list_ = new QComboBox);
    list_->setAccessibleName(tr("Way of looking"));
    for (const auto& way : viewModes())
        list_->addItem(way->name());
    connect(list_, &QComboBox::activated, this, [this](int at) { choose(static_cast<std::size_t>(at)); });
    row->addSpacing(8);
    row->addWidget(slider_ = new QSlider(Qt::Horizontal), 1);
    slider_->setRange(0, 100);
    slider_->setMinimumWidth(80);
    connect(slider_, &QSlider::valueChanged, this, [this](int value) { session_.viewMode.setAmount(value / 100.0); });
    row->addSpacing(12);
    row->addWidget(option_ = new QCheckBox);
    connect(option_, &QCheckBox::toggled, this, [this](bool on) { session_.viewMode.setOption(on); });
    row->addStretch();
}

void ViewModeBar::choose(std::size_t way) {
    const ViewMode& chosen = *viewModes()[way];
    session_.viewMode.choose(chosen.id(), chosen.usualAmount());
}

QSize ViewModeBar::minimumSizeHint() const {
    return {list_->minimumSizeHint().width() + widthOfControls(), std::max(ways_.front()->sizeHint().height(), list_->sizeHint().height())};
}

int ViewModeBar::widthOfControls() const {
    constexpr int gap = 20;
    return (slider_->isHidden() ? 0 : slider_->minimumWidth() + gap) +
           (option_->isHidden() ? 0 : option_->sizeHint().width() + gap);
}

void ViewModeBar::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fitToRoom();
}

void ViewModeBar::fitToRoom() {
    int wanted = widthOfControls();
    for (const QPushButton* button : ways_)
        wanted += button->sizeHint().width();
    const bool narrow = wanted > width();
    for (QPushButton* button : ways_)
        button->setVisible(!narrow);
    list_->setVisible(narrow);
}

void ViewModeBar::refresh(bool offered) {
    setVisible(offered);
    const ViewMode& now = currentViewMode(session_);
    for (std::size_t i = 0; i < ways_.size(); ++i) {
        const ViewMode& way = *viewModes()[i];
        const bool possible = offered && (session_.comparison() || !way.needsComparison());
        ways_[i]->setEnabled(possible);
        keys_[i]->setEnabled(possible);
        ways_[i]->setChecked(&way == &now);
    }
    slider_->setVisible(!now.slider().isEmpty());
    slider_->setAccessibleName(now.slider());
    slider_->setToolTip(now.slider());
    option_->setVisible(!now.option().isEmpty());
    option_->setText(now.option());
    option_->setAccessibleName(now.option());
    option_->setChecked(session_.viewMode.option());
    for (std::size_t i = 0; i < ways_.size(); ++i) {
        if (&*viewModes()[i] == &now)
            list_->setCurrentIndex(static_cast<int>(i));
        if (auto* model = qobject_cast<QStandardItemModel*>(list_->model()))
            model->item(static_cast<int>(i))->setEnabled(ways_[i]->isEnabled());
    }
    fitToRoom();
    const int value = static_cast<int>(std::lround(100 * session_.viewMode.amount()));
    if (slider_->value() != value)
        slider_->setValue(value);
}

} // namespace zokran
