#include "app/shelf/shelf.h"

#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QImageReader>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr QSize cardPicture(248, 150);

/// A small upright copy of a picture, filling its half of the card round the head.
QImage thumbnail(const QString& file, const QSize& size) {
    QImageReader reader(file);
    reader.setAutoTransform(true);
    const QSize full = reader.size();
    if (full.isValid() && full.width() > 4 * size.width())
        reader.setScaledSize(full.scaled(3 * size, Qt::KeepAspectRatioByExpanding));
    const QImage image =
        reader.read().scaled(size, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation);
    return image.copy((image.width() - size.width()) / 2, (image.height() - size.height()) / 2,
                      size.width(), size.height());
}

} // namespace

Shelf::Shelf(StudySession& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName("bench");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 24, 24, 24);
    column->setSpacing(16);
    auto* heading = new QLabel(tr("Your studies"));
    heading->setProperty(typeProperty, "heading");
    column->addWidget(heading);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Your studies"));
    list_->setViewMode(QListView::IconMode);
    list_->setResizeMode(QListView::Adjust);
    list_->setMovement(QListView::Static);
    list_->setIconSize(cardPicture);
    list_->setGridSize({cardPicture.width() + 24, cardPicture.height() + 64});
    list_->setWordWrap(true);
    column->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    auto* start = new QPushButton(tr("&New study from a photograph…"));
    open_ = new QPushButton(tr("&Open on the bench"));
    open_->setProperty("role", "next");
    putAway_ = new QPushButton(tr("Put &away"));
    putBack_ = new QPushButton(tr("Put the last one &back"));
    row->addWidget(start);
    row->addStretch();
    row->addWidget(putBack_);
    row->addWidget(putAway_);
    row->addWidget(open_);
    column->addLayout(row);
    auto openCurrent = [this] {
        if (const auto* item = list_->currentItem())
            emit chosen(item->data(Qt::UserRole).toLongLong());
    };
    connect(open_, &QPushButton::clicked, this, openCurrent);
    connect(list_, &QListWidget::itemActivated, this, openCurrent);
    connect(start, &QPushButton::clicked, this, &Shelf::newStudy);
    connect(putAway_, &QPushButton::clicked, this, &Shelf::putAway);
    connect(putBack_, &QPushButton::clicked, this, [this] {
        session_.logbook().putAway(away_.back(), false);
        away_.pop_back();
        refresh();
    });
    refresh();
}

QIcon Shelf::iconFor(const StudySummary& study) const {
    QPixmap card(cardPicture);
    card.fill(Theme::current().hairline);
    QPainter painter(&card);
    const QSize half(cardPicture.width() / 2 - 1, cardPicture.height());
    auto paint = [&](const std::string& name, int x) {
        if (name.empty())
            return;
        const QString file = QString::fromStdString(session_.logbook().picturePath(name).string());
        painter.drawImage(x, 0, thumbnail(file, half));
    };
    painter.fillRect(QRect(half.width() + 2, 0, half.width(), half.height()),
                     Theme::current().bench);
    paint(study.referencePicture, 0);
    paint(study.sketchPicture, half.width() + 2);
    // The picture is the same whether chosen or not; the frame round it tells.
    QIcon icon(card);
    icon.addPixmap(card, QIcon::Selected);
    return icon;
}

void Shelf::putAway() {
    if (const auto* item = list_->currentItem()) {
        away_.push_back(item->data(Qt::UserRole).toLongLong());
        session_.logbook().putAway(away_.back(), true);
        refresh();
    }
}

void Shelf::refresh() {
    list_->clear();
    for (const StudySummary& study : session_.logbook().studies()) {
        QString text = QString::fromStdString(study.title);
        if (!study.sitter.empty())
            text += "\n" + QString::fromStdString(study.sitter);
        text +=
            "\n" + (study.sketchPicture.empty()
                        ? tr("not drawn yet")
                        : tr("drawn, %1").arg(QString::fromStdString(study.changed.substr(0, 10))));
        auto* item = new QListWidgetItem(iconFor(study), text, list_);
        item->setData(Qt::UserRole, QVariant::fromValue<qlonglong>(study.id));
        item->setTextAlignment(Qt::AlignHCenter);
    }
    if (list_->count())
        list_->setCurrentRow(0);
    open_->setEnabled(list_->count());
    putAway_->setEnabled(list_->count());
    putBack_->setVisible(!away_.empty());
}

} // namespace zokran
