#include "app/window/manual.h"

#include "app/widgets/theme.h"
#include "core/base/data_folder.h"

#include <QFile>
#include <QHBoxLayout>
#include <QImage>
#include <QListWidget>
#include <QLocale>
#include <QTextBlock>
#include <QTextStream>
#include <QUrl>

namespace zokran {

namespace {

/// In the order they are read.
constexpr const char* names[] = {"index", "set-up", "block-in", "guides",   "measure",  "draw", "check",
                                 "light", "keep",   "shelf",    "practice", "progress", "words"};

/// In the learner's language where there is a page in it.
QString fileOf(const QString& page) {
    const std::string name = page.toStdString() + ".md";
    const auto translated = manualFolder() / QLocale().name().section('_', 0, 0).toStdString() / name;
    std::error_code error;
    return QString::fromStdString(
        (std::filesystem::exists(translated, error) ? translated : manualFolder() / name).string());
}

/// A page's own heading.
QString titleOf(const QString& page) {
    QFile file(fileOf(page));
    if (!file.open(QIODevice::ReadOnly))
        return page;
    return QTextStream(&file).readLine().section("# ", 1);
}

} // namespace

std::vector<std::pair<QString, QString>> manualPages() {
    std::vector<std::pair<QString, QString>> pages;
    for (const char* name : names)
        pages.emplace_back(name, titleOf(name));
    return pages;
}

QVariant ManualPage::loadResource(int type, const QUrl& name) {
    if (type != QTextDocument::ImageResource)
        return QTextBrowser::loadResource(type, name);
    const QImage image(source().resolved(name).toLocalFile());
    const int room = static_cast<int>((viewport()->width() - 40) * devicePixelRatioF());
    if (image.isNull() || room < 80)
        return image;
    QImage fitted = image.width() > room ? image.scaledToWidth(room, Qt::SmoothTransformation) : image;
    fitted.setDevicePixelRatio(devicePixelRatioF());
    return fitted;
}

void ManualPage::doSetSource(const QUrl& name, QTextDocument::ResourceType type) {
    QTextBrowser::doSetSource(name, type);
    // Of a page read after another, Qt 6.4 gives plain text the size and weight of the heading before it.
    QTextCursor cursor(document());
    for (QTextBlock block = document()->begin(); block.isValid(); block = block.next()) {
        if (block.blockFormat().headingLevel() > 0)
            continue;
        std::vector<QTextFragment> enlarged;
        for (auto at = block.begin(); !at.atEnd(); ++at)
            if (at.fragment().charFormat().hasProperty(QTextFormat::FontSizeAdjustment))
                enlarged.push_back(at.fragment());
        for (const QTextFragment& fragment : enlarged) {
            QTextCharFormat plain = fragment.charFormat();
            plain.clearProperty(QTextFormat::FontSizeAdjustment);
            plain.clearProperty(QTextFormat::FontWeight);
            cursor.setPosition(fragment.position());
            cursor.setPosition(fragment.position() + fragment.length(), QTextCursor::KeepAnchor);
            cursor.setCharFormat(plain);
        }
    }
}

void ManualPage::resizeEvent(QResizeEvent* event) {
    QTextBrowser::resizeEvent(event);
    if (event->size().width() != event->oldSize().width())
        reload();
}

Manual::Manual(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("Manual"));
    resize(920, 680);
    auto* row = new QHBoxLayout(this);
    row->addWidget(pages_ = new QListWidget);
    pages_->setAccessibleName(tr("Pages of the manual"));
    pages_->setFixedWidth(atType(200));
    row->addWidget(text_ = new ManualPage, 1);
    text_->setAccessibleName(tr("The page"));
    text_->document()->setDocumentMargin(16);
    text_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    for (const auto& [name, title] : manualPages()) {
        auto* item = new QListWidgetItem(title);
        item->setData(Qt::UserRole, name);
        pages_->addItem(item);
    }
    connect(pages_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item)
            text_->setSource(QUrl::fromLocalFile(fileOf(item->data(Qt::UserRole).toString())));
    });
    // A link followed in the text is shown in the list too.
    connect(text_, &QTextBrowser::sourceChanged, this, [this](const QUrl& url) {
        for (int i = 0; i < pages_->count(); ++i)
            if (url.fileName() == pages_->item(i)->data(Qt::UserRole).toString() + ".md")
                pages_->setCurrentRow(i);
    });
}

void Manual::openAt(const QString& page) {
    int at = 0;
    for (int i = 0; i < pages_->count(); ++i)
        if (pages_->item(i)->data(Qt::UserRole).toString() == page)
            at = i;
    pages_->setCurrentRow(at);
    show();
    raise();
    activateWindow();
    text_->setFocus();
}

QString Manual::page() const {
    return pages_->currentItem() ? pages_->currentItem()->data(Qt::UserRole).toString() : QString();
}

} // namespace zokran
