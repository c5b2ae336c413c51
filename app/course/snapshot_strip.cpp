#include "app/course/snapshot_strip.h"

#include "app/document/study_session.h"
#include "app/text/messages.h"
#include "app/widgets/theme.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QShortcut>

namespace zokran {

namespace {

constexpr QSize thumbnailSize(42, 54);

QString timeOf(const Sketch& sketch) {
    const QDateTime taken = QDateTime::fromString(qt(sketch.drawn), Qt::ISODate).toLocalTime();
    return taken.isValid() ? QLocale().toString(taken, QLocale::ShortFormat) : QString();
}

} // namespace

SnapshotStrip::SnapshotStrip(StudySession& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* line = new QHBoxLayout(this);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(4);
    const auto stepButton = [&](const QString& arrow, const QString& name, Qt::Key key, int by) {
        auto* button = new QPushButton(arrow);
        button->setProperty("role", "way");
        const QKeySequence keys(key);
        button->setAccessibleName(name);
        button->setToolTip(tr("%1: key %2").arg(name, keys.toString(QKeySequence::NativeText)));
        connect(button, &QPushButton::clicked, this, [this, by] { step(by); });
        auto* shortcut = new QShortcut(keys, this);
        connect(shortcut, &QShortcut::activated, this, [this, by] { step(by); });
        return button;
    };
    line->addWidget(earlier_ = stepButton(QStringLiteral("‹"), tr("The photograph before"), Qt::Key_Comma, -1));
    row_ = new QWidget;
    buttons_ = new QHBoxLayout(row_);
    buttons_->setContentsMargins(0, 0, 0, 0);
    buttons_->setSpacing(4);
    buttons_->addStretch();
    scroll_ = new QScrollArea;
    scroll_->setWidget(row_);
    scroll_->setWidgetResizable(true);
    scroll_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll_->setFocusPolicy(Qt::NoFocus);
    scroll_->setFixedHeight(thumbnailSize.height() + 22);
    line->addWidget(scroll_, 1);
    line->addWidget(later_ = stepButton(QStringLiteral("›"), tr("The photograph after"), Qt::Key_Period, 1));
    line->addSpacing(8);
    line->addWidget(word_ = new QLabel, 2);
    word_->setObjectName("snapshotWord");
    word_->setWordWrap(true);
    connect(&session_.pictures, &Pictures::thumbnailArrived, this, &SnapshotStrip::showThumbnails);
}

void SnapshotStrip::refresh(bool offered) {
    const Study& study = session_.study();
    const bool isShown = offered && study.sketches.size() > 1;
    setVisible(isShown);
    if (!isShown)
        return;
    while (photographs_.size() > study.sketches.size()) {
        delete photographs_.back();
        photographs_.pop_back();
    }
    while (photographs_.size() < study.sketches.size()) {
        const std::size_t photograph = photographs_.size();
        auto* button = new QPushButton;
        button->setCheckable(true);
        button->setProperty("role", "way");
        button->setIconSize(thumbnailSize);
        button->setFixedSize(thumbnailSize + QSize(10, 10));
        connect(button, &QPushButton::clicked, this, [this, photograph] { show(photograph); });
        buttons_->insertWidget(static_cast<int>(photograph), button);
        photographs_.push_back(button);
    }
    for (std::size_t i = 0; i < photographs_.size(); ++i) {
        const QString name = tr("Photograph %1 of %2").arg(i + 1).arg(photographs_.size());
        const QString time = timeOf(study.sketches[i]);
        photographs_[i]->setAccessibleName(name);
        photographs_[i]->setToolTip(time.isEmpty() ? name : tr("%1, %2").arg(name, time));
        photographs_[i]->setChecked(i == study.current);
    }
    earlier_->setEnabled(study.current > 0);
    later_->setEnabled(study.current + 1 < study.sketches.size());
    word_->setText(session_.history.word());
    word_->setVisible(!session_.history.word().isEmpty());
    showThumbnails();
    scroll_->ensureWidgetVisible(photographs_[std::min(study.current, photographs_.size() - 1)]);
}

void SnapshotStrip::showThumbnails() {
    const Study& study = session_.study();
    for (std::size_t i = 0; i < std::min(photographs_.size(), study.sketches.size()); ++i) {
        const QImage small =
            session_.pictures.thumbnail(qt(study.sketches[i].picture), std::nullopt, thumbnailSize * devicePixelRatioF());
        if (!small.isNull())
            photographs_[i]->setIcon(QPixmap::fromImage(small));
        photographs_[i]->setText(small.isNull() ? QString::number(i + 1) : QString());
    }
}

void SnapshotStrip::show(std::size_t photograph) {
    if (photograph != session_.study().current)
        session_.document.edit(tr("Look at another photograph of the drawing"), "photograph",
                               [photograph](Study& s) { s.current = photograph; });
    refresh(true);
}

void SnapshotStrip::step(int by) {
    const auto to = static_cast<long>(session_.study().current) + by;
    if (isVisible() && to >= 0 && to < static_cast<long>(session_.study().sketches.size()))
        show(static_cast<std::size_t>(to));
}

} // namespace zokran
