#include "app/view_modes/view_mode_bar.h"

#include "app/view_modes/view_mode.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QPushButton>
#include <QShortcut>
#include <QSlider>

namespace zokran {

ViewModeBar::ViewModeBar(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    for (const auto& way : viewModes()) {
        auto* button = new QPushButton(way->name());
        button->setProperty("role", "way");
        button->setCheckable(true);
        const QKeySequence key(way->key());
        button->setToolTip(tr("%1: key %2").arg(way->name(), key.toString(QKeySequence::NativeText)));
        const auto choose = [this, id = way->id(), usual = way->usualAmount()] { desk_.viewMode.choose(id, usual); };
        connect(button, &QPushButton::clicked, this, choose);
        // Not the button's own shortcut, which only acts once its press has been shown.
        auto* keys = new QShortcut(key, this);
        connect(keys, &QShortcut::activated, this, choose);
        row->addWidget(button);
        ways_.push_back(button);
        keys_.push_back(keys);
    }
    row->addSpacing(8);
    row->addWidget(slider_ = new QSlider(Qt::Horizontal), 1);
    slider_->setRange(0, 100);
    slider_->setMinimumWidth(80);
    connect(slider_, &QSlider::valueChanged, this,
            [this](int value) { desk_.viewMode.setAmount(value / 100.0); });
    row->addSpacing(12);
    row->addWidget(option_ = new QCheckBox);
    connect(option_, &QCheckBox::toggled, this, [this](bool on) { desk_.viewMode.setOption(on); });
    row->addStretch();
}

void ViewModeBar::refresh(bool offered) {
    setVisible(offered);
    const ViewMode& now = currentViewMode(desk_);
    for (std::size_t i = 0; i < ways_.size(); ++i) {
        const ViewMode& way = *viewModes()[i];
        const bool possible = offered && (desk_.comparison() || !way.needsComparison());
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
    option_->setChecked(desk_.viewMode.option());
    const int value = static_cast<int>(std::lround(100 * desk_.viewMode.amount()));
    if (slider_->value() != value)
        slider_->setValue(value);
}

} // namespace zokran
