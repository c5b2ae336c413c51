#include "app/library/library.h"

#include "app/library/card_text.h"
#include "app/document/fresh_eyes.h"
#include "app/widgets/settled_button.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/messages/finding_messages.h"
#include "core/practice/drawing.h"
#include "logbook/drawings.h"

#include <QComboBox>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMessageBox>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollBar>
#include <QSettings>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr QSize cardPicture(248, 150);
constexpr int referenceRole = Qt::UserRole + 1,
              sketchRole = Qt::UserRole + 2, paintedRole = Qt::UserRole + 3;

/// Does something once, when a box is about to be used by mouse or keys.
class BeforeUse : public QObject {
public:
    BeforeUse(QComboBox* box, std::function<void()> act) : QObject(box), act_(std::move(act)) {
        box->installEventFilter(this);
    }

protected:
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::FocusIn || event->type() == QEvent::MouseButtonPress ||
            event->type() == QEvent::Wheel)
            act_();
        return false;
    }

private:
    std::function<void()> act_;
};

/// Fills a box with ids and what they are called; what was chosen stays chosen.
void fillBox(QComboBox* box, const QString& any, const std::vector<std::string>& ids,
             const std::function<QString(const std::string&)>& name) {
    const QString before = box->currentData().toString();
    box->clear();
    box->addItem(any, QString());
    for (const std::string& id : ids)
        box->addItem(name(id), qt(id));
    box->setCurrentIndex(std::max(0, box->findData(before)));
}

QString findingName(const std::string& id) {
    return qt(nameOfFinding(id, learnersTranslator()));
}

QIcon iconFrom(const QPixmap& card) {
    // The picture is the same whether chosen or not; the frame round it tells.
    QIcon icon(card);
    icon.addPixmap(card, QIcon::Selected);
    return icon;
}

} // namespace

Library::Library(Document& document, Pictures& pictures, PhotoIntake& intake, QWidget* parent)
    : QWidget(parent), document_(document), pictures_(pictures), intake_(intake), carrying_(document.logbook()) {
    setObjectName("bench");
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 24, 24, 24);
    column->setSpacing(12);
    buildFinding(column);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Your studies"));
    list_->setViewMode(QListView::IconMode);
    list_->setResizeMode(QListView::Adjust);
    list_->setMovement(QListView::Static);
    list_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    list_->setUniformItemSizes(true);
    list_->setIconSize(cardPicture);
    list_->setGridSize({cardPicture.width() + 24, cardPicture.height() + 64});
    list_->setWordWrap(true);
    column->addWidget(list_, 1);
    auto* middle = new QVBoxLayout(list_->viewport());
    middle->addWidget(empty_ = new QLabel, 0, Qt::AlignCenter);
    empty_->setProperty(typeProperty, "heading");
    empty_->setAttribute(Qt::WA_TransparentForMouseEvents);
    buildWork(column);
    buildButtons(column);
    paintSoon_.setSingleShot(true);
    paintSoon_.setInterval(30);
    connect(&paintSoon_, &QTimer::timeout, this, &Library::paintCards);
    connect(list_->verticalScrollBar(), &QScrollBar::valueChanged, &paintSoon_,
            qOverload<>(&QTimer::start));
    connect(list_, &QListWidget::itemSelectionChanged, this, &Library::showChosen);
    connect(&pictures_, &Pictures::thumbnailArrived, &paintSoon_, qOverload<>(&QTimer::start));
}

void Library::buildFinding(QVBoxLayout* column) {
    auto* heading = new QLabel(tr("Your studies"));
    heading->setProperty(typeProperty, "heading");
    auto* top = new QHBoxLayout;
    top->setSpacing(16);
    column->addLayout(top);
    top->addWidget(heading);
    top->addWidget(count_ = new QLabel);
    count_->setProperty(typeProperty, "caption");
    top->addWidget(find_ = new QLineEdit);
    find_->setAccessibleName(tr("Find a study"));
    find_->setPlaceholderText(tr("Find: title, sitter, notes, materials, mood, tags, date"));
    find_->setClearButtonEnabled(true);
    find_->setMinimumWidth(240);
    find_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(find_, &QLineEdit::textChanged, this, &Library::fill);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    column->addLayout(row);
    const auto box = [&](const QString& name, const QStringList& choices) {
        auto* made = new QComboBox;
        made->setAccessibleName(name);
        made->setToolTip(name);
        made->addItems(choices);
        made->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        made->setMinimumContentsLength(9);
        made->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row->addWidget(made, 1);
        return made;
    };
    which_ = box(tr("On the shelf, or put away"), {tr("On the shelf"), tr("Put away")});
    sitter_ = box(tr("Sitter"), {});
    held_ = box(tr("How the head is held"),
                {tr("Any pose"), tr("From the front"), tr("Three-quarter"), tr("Profile"), tr("Looking up"),
                 tr("Looking down")});
    finding_ = box(tr("What is to be mended"), {});
    new BeforeUse(finding_, [this] {
        if (finding_->property("filled").toBool())
            return;
        finding_->setProperty("filled", true);
        fillBox(finding_, tr("Any error"), finder_.findings(), findingName);
    });
    order_ = box(tr("Order"), {tr("Last changed first"), tr("Last drawn first"), tr("By title"), tr("By sitter")});
    top->addWidget(contact_ = new QPushButton(tr("&Contact sheet…")));
    top->addWidget(bundle_ = new QPushButton(tr("Save as a &bundle…")));
    connect(contact_, &QPushButton::clicked, this, &Library::saveContactSheet);
    connect(bundle_, &QPushButton::clicked, this, [this] { saveBundle(false); });
    connect(which_, &QComboBox::activated, this, &Library::refresh);
    for (QComboBox* other : {sitter_, held_, finding_, order_})
        connect(other, &QComboBox::activated, this, &Library::fill);
}

void Library::buildButtons(QVBoxLayout* column) {
    auto* row = new QHBoxLayout;
    const auto button = [&](const QString& text, const auto& act) {
        auto* made = new QPushButton(text);
        row->addWidget(made);
        connect(made, &QPushButton::clicked, this, act);
        return made;
    };
    button(tr("&New from a photograph…"), [this] { emit newStudy(); });
    button(tr("A whole &folder…"), [this] { emit folderWanted(); });
    row->addStretch();
    putBack_ = button(tr("Put the last one &back"), [this] {
        document_.tryEdit([&] {
            for (StudyId id : which_->currentIndex() == 0 ? away_ : chosenIds())
                document_.logbook().putAway(id, false);
            away_.clear();
        });
        refresh();
    });
    // After a click it stands for the next study.
    row->addWidget(putAway_ = new SettledButton(tr("Put &away")));
    connect(putAway_, &QPushButton::clicked, this, [this] { putAway(true); });
    erase_ = button(tr("&Delete for good…"), [this] { eraseChosen(); });
    const auto openCurrent = [this] {
        if (const auto* item = list_->currentItem())
            emit chosen(item->data(idRole).toLongLong());
    };
    open_ = button(tr("&Open on the bench"), openCurrent);
    open_->setProperty("role", "next");
    // Either these or those are shown.
    putBack_->hide();
    erase_->hide();
    column->addLayout(row);
    connect(list_, &QListWidget::itemActivated, this, openCurrent);
}

std::vector<StudyId> Library::chosenIds() const {
    std::vector<StudyId> ids;
    for (const QListWidgetItem* item : list_->selectedItems())
        ids.push_back(item->data(idRole).toLongLong());
    return ids;
}

void Library::putAway(bool away) {
    const std::vector<StudyId> ids = chosenIds();
    document_.tryEdit([&] {
        for (StudyId id : ids)
            document_.logbook().putAway(id, away);
        away_ = ids;
    });
    refresh();
}

void Library::eraseChosen() {
    const std::vector<StudyId> ids = chosenIds();
    if (ids.empty())
        return;
    QMessageBox ask(QMessageBox::Warning, tr("Delete for good"),
                    tr("%n studies with their sketches, marks and notes are deleted for good. This cannot be undone.", nullptr,
                       static_cast<int>(ids.size())),
                    QMessageBox::NoButton, this);
    ask.setInformativeText(tr("Pictures that no other study shows are deleted from the logbook with them; the "
                              "files they came from are not touched."));
    auto* erase = ask.addButton(tr("Delete for good"), QMessageBox::DestructiveRole);
    auto* keep = ask.addButton(tr("Keep them"), QMessageBox::RejectRole);
    ask.setDefaultButton(keep);
    ask.setEscapeButton(keep);
    ask.exec();
    if (ask.clickedButton() != erase)
        return;
    document_.tryEdit([&] {
        for (StudyId id : ids) {
            if (document_.id() == id)
                throw BadInput(tr("One of them lies on the bench; open another study first.").toStdString());
            document_.logbook().erase(id);
        }
    });
    refresh();
}

void Library::readStudies() {
    document_.tryEdit([&] {
        finder_.fill(
            document_.logbook().studies(which_->currentIndex() == 0 ? Logbook::Shelved::OnShelf : Logbook::Shelved::PutAway));
    });
}

void Library::refresh() {
    readStudies();
    fillChoices();
    fill();
    compareWhatIsNot();
}

void Library::fillChoices() {
    fillBox(sitter_, tr("Any sitter"), finder_.sitters(), [](const std::string& s) { return qt(s); });
    // Every drawing's figures have to be read for it: only when somebody asks.
    const std::string chosen = finding_->currentData().toString().toStdString();
    fillBox(finding_, tr("Any error"), chosen.empty() ? std::vector<std::string>() : std::vector{chosen},
            findingName);
    finding_->setProperty("filled", false);
}

void Library::fill() {
    LibraryFilter filter;
    filter.words = find_->text();
    filter.sitter = sitter_->currentData().toString().toStdString();
    filter.finding = finding_->currentData().toString().toStdString();
    filter.held = static_cast<HeadPoseClass>(held_->currentIndex());
    filter.order = static_cast<ShelfOrder>(order_->currentIndex());
    QPixmap blank(cardPicture * devicePixelRatioF());
    blank.setDevicePixelRatio(devicePixelRatioF());
    blank.fill(Theme::current().hairline);
    const QIcon icon = iconFrom(blank);
    list_->setUpdatesEnabled(false);
    list_->clear();
    for (const StudySummary* study : finder_.find(filter)) {
        auto* item = new QListWidgetItem(icon, cardText(*study));
        item->setData(idRole, QVariant::fromValue<qlonglong>(study->id));
        item->setData(referenceRole, qt(study->referencePicture));
        item->setData(sketchRole, qt(study->sketchPicture));
        item->setTextAlignment(Qt::AlignHCenter);
        QStringList told;
        if (!study->sitter.empty())
            told << qt(study->sitter);
        if (!study->drawn.empty())
            told << tr("drawn %1").arg(QLocale().toString(dayHere(study->drawn), QLocale::ShortFormat));
        item->setToolTip(told.join(", "));
        list_->addItem(item);
    }
    list_->setUpdatesEnabled(true);
    if (list_->count())
        list_->setCurrentRow(0);
    const bool all = list_->count() == static_cast<int>(finder_.size());
    empty_->setVisible(list_->count() == 0);
    empty_->setText(finder_.size() > 0          ? tr("No study is like that.")
                    : which_->currentIndex() > 0 ? tr("Nothing is put away.")
                                                 : tr("No study yet. Begin with a photograph, or in the cast room."));
    count_->setText(all ? QString() : tr("%1 of %2").arg(list_->count()).arg(finder_.size()));
    showChosen();
    paintCards();
}

void Library::showChosen() {
    const int chosen = static_cast<int>(list_->selectedItems().size());
    const bool mayChange = !document_.logbook().isReadOnly(), shelf = which_->currentIndex() == 0;
    open_->setEnabled(chosen == 1 && shelf);
    open_->setVisible(shelf);
    putAway_->setVisible(shelf);
    putAway_->setEnabled(chosen > 0 && mayChange);
    QString ids;
    for (const StudyId id : chosenIds())
        ids += QString::number(id) + " ";
    putAway_->setMeaning(chosen > 1 ? tr("Put %1 &away").arg(chosen) : tr("Put &away"), ids);
    putBack_->setVisible(shelf ? !away_.empty() : true);
    putBack_->setEnabled(mayChange && (shelf || chosen > 0));
    putBack_->setText(!shelf              ? tr("Put &back")
                      : away_.size() > 1 ? tr("Put the last %1 &back").arg(away_.size())
                                         : tr("Put the last one &back"));
    erase_->setVisible(!shelf);
    erase_->setEnabled(chosen > 0 && mayChange);
    contact_->setEnabled(list_->count() > 0);
    bundle_->setEnabled(chosen > 0);
}

void Library::paintCards() {
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
        const StudySummary* study = finder_.study(item->data(idRole).toLongLong());
        const QString names[] = {item->data(referenceRole).toString(),
                                 item->data(sketchRole).toString()};
        QPixmap card(cardPicture * devicePixelRatioF());
        card.setDevicePixelRatio(devicePixelRatioF());
        card.fill(Theme::current().hairline);
        bool all = true;
        QPainter painter(&card);
        painter.fillRect(QRect(QPoint(half.width() + 2, 0), half), Theme::current().bench);
        for (int i : {0, 1}) {
            const QImage small = pictures_.thumbnail(names[i], i == 0 && study ? study->frame : std::nullopt, dense);
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
