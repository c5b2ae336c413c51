#include "app/shelf/shelf.h"

#include "app/widgets/theme.h"
#include "app/widgets/words.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr QSize cardPicture(248, 150);
constexpr int idRole = Qt::UserRole, referenceRole = Qt::UserRole + 1,
              sketchRole = Qt::UserRole + 2, paintedRole = Qt::UserRole + 3;

QIcon iconFrom(const QPixmap& card) {
    // The picture is the same whether chosen or not; the frame round it tells.
    QIcon icon(card);
    icon.addPixmap(card, QIcon::Selected);
    return icon;
}

} // namespace

Shelf::Shelf(Desk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setObjectName("bench");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 24, 24, 24);
    column->setSpacing(16);
    auto* heading = new QLabel(tr("Your studies"));
    heading->setProperty(typeProperty, "heading");
    auto* top = new QHBoxLayout;
    top->setSpacing(16);
    column->addLayout(top);
    top->addWidget(heading);
    top->addStretch();
    top->addWidget(count_ = new QLabel);
    count_->setProperty(typeProperty, "caption");
    top->addWidget(find_ = new QLineEdit);
    find_->setAccessibleName(tr("Find a study"));
    find_->setPlaceholderText(tr("Find: title, sitter, notes, materials, mood, tags, date"));
    find_->setClearButtonEnabled(true);
    find_->setMinimumWidth(380);
    connect(find_, &QLineEdit::textChanged, this, &Shelf::fill);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Your studies"));
    list_->setViewMode(QListView::IconMode);
    list_->setResizeMode(QListView::Adjust);
    list_->setMovement(QListView::Static);
    list_->setUniformItemSizes(true);
    list_->setIconSize(cardPicture);
    list_->setGridSize({cardPicture.width() + 24, cardPicture.height() + 64});
    list_->setWordWrap(true);
    column->addWidget(list_, 1);
    buildButtons(column);
    paintSoon_.setSingleShot(true);
    paintSoon_.setInterval(30);
    connect(&paintSoon_, &QTimer::timeout, this, &Shelf::paintCards);
    connect(list_->verticalScrollBar(), &QScrollBar::valueChanged, &paintSoon_,
            qOverload<>(&QTimer::start));
    connect(&desk_.pictures, &Pictures::thumbnailArrived, &paintSoon_, qOverload<>(&QTimer::start));
}

void Shelf::buildButtons(QVBoxLayout* column) {
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
            emit chosen(item->data(idRole).toLongLong());
    };
    connect(open_, &QPushButton::clicked, this, openCurrent);
    connect(list_, &QListWidget::itemActivated, this, openCurrent);
    connect(start, &QPushButton::clicked, this, &Shelf::newStudy);
    connect(putAway_, &QPushButton::clicked, this, &Shelf::putAway);
    connect(putBack_, &QPushButton::clicked, this, [this] {
        desk_.document.attempt([&] {
            desk_.document.logbook().putAway(away_.back(), false);
            away_.pop_back();
        });
        refresh();
    });
}

void Shelf::putAway() {
    const auto* item = list_->currentItem();
    if (!item)
        return;
    const StudyId id = item->data(idRole).toLongLong();
    desk_.document.attempt([&] {
        desk_.document.logbook().putAway(id, true);
        away_.push_back(id);
    });
    refresh();
}

void Shelf::refresh() {
    known_.clear();
    desk_.document.attempt([&] {
        for (StudySummary& study : desk_.document.logbook().studies()) {
            const QString words = qt(study.title + " " + study.sitter + " " + study.words + " " +
                                     study.drawn.substr(0, 10))
                                      .toLower();
            known_.push_back({std::move(study), words});
        }
    });
    fill();
}

void Shelf::fill() {
    const QStringList wanted = find_->text().toLower().split(' ', Qt::SkipEmptyParts);
    QPixmap blank(cardPicture * devicePixelRatioF());
    blank.setDevicePixelRatio(devicePixelRatioF());
    blank.fill(Theme::current().hairline);
    const QIcon icon = iconFrom(blank);
    list_->setUpdatesEnabled(false);
    list_->clear();
    for (const auto& [study, words] : known_) {
        bool found = true;
        for (const QString& word : wanted)
            found = found && words.contains(word);
        if (!found)
            continue;
        QString text = qt(study.title);
        if (!study.sitter.empty())
            text += "\n" + qt(study.sitter);
        text += "\n" + (study.drawn.empty() ? tr("not drawn yet")
                                            : tr("drawn, %1").arg(qt(study.drawn.substr(0, 10))));
        auto* item = new QListWidgetItem(icon, text);
        item->setData(idRole, QVariant::fromValue<qlonglong>(study.id));
        item->setData(referenceRole, qt(study.referencePicture));
        item->setData(sketchRole, qt(study.sketchPicture));
        item->setTextAlignment(Qt::AlignHCenter);
        list_->addItem(item);
    }
    list_->setUpdatesEnabled(true);
    if (list_->count())
        list_->setCurrentRow(0);
    count_->setText(wanted.isEmpty() ? QString()
                                     : tr("%1 of %2").arg(list_->count()).arg(known_.size()));
    const bool any = list_->count() > 0, mayChange = !desk_.document.logbook().isLookOnly();
    open_->setEnabled(any);
    putAway_->setEnabled(any && mayChange);
    putBack_->setVisible(!away_.empty());
    paintCards();
}

void Shelf::paintCards() {
    const QRect sight =
        list_->viewport()->rect().adjusted(0, -cardPicture.height(), 0, cardPicture.height());
    const QSize half(cardPicture.width() / 2 - 1, cardPicture.height());
    const QSize dense = half * devicePixelRatioF();
    // From the first card in sight on; those further down are painted when they come.
    const int low = list_->count();
    int first = 0, last = low;
    while (first < last) {
        const int middle = (first + last) / 2;
        if (list_->visualItemRect(list_->item(middle)).bottom() < sight.top())
            first = middle + 1;
        else
            last = middle;
    }
    for (int row = first; row < low; ++row) {
        QListWidgetItem* item = list_->item(row);
        const QRect rect = list_->visualItemRect(item);
        if (rect.top() > sight.bottom())
            break;
        if (item->data(paintedRole).toBool() || !rect.intersects(sight))
            continue;
        const QString names[] = {item->data(referenceRole).toString(),
                                 item->data(sketchRole).toString()};
        QPixmap card(cardPicture * devicePixelRatioF());
        card.setDevicePixelRatio(devicePixelRatioF());
        card.fill(Theme::current().hairline);
        bool all = true;
        QPainter painter(&card);
        painter.fillRect(QRect(QPoint(half.width() + 2, 0), half), Theme::current().bench);
        for (int i : {0, 1}) {
            const QImage small = desk_.pictures.thumbnail(names[i], dense);
            if (!small.isNull())
                painter.drawImage(QRect(QPoint(i * (half.width() + 2), 0), half), small);
            else if (!names[i].isEmpty())
                all = false;
        }
        painter.end();
        item->setIcon(iconFrom(card));
        item->setData(paintedRole, all);
    }
}

} // namespace zokran
