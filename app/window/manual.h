#pragma once

#include <QDialog>
#include <QTextBrowser>
#include <utility>
#include <vector>

class QListWidget;

namespace zokran {

/// A page of the manual; pictures as wide as there is room.
class ManualPage : public QTextBrowser {
    Q_OBJECT

public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override;
    void doSetSource(const QUrl& name, QTextDocument::ResourceType type) override;
    void resizeEvent(QResizeEvent* event) override;
};

/// The pages by their file's name, and what each is called.
std::vector<std::pair<QString, QString>> manualPages();

/// The manual, beside the window and not in its way.
class Manual : public QDialog {
    Q_OBJECT

public:
    explicit Manual(QWidget* parent = nullptr);
    /// The page of this name; the first where there is none.
    void openAt(const QString& page);
    QString page() const;

private:
    QListWidget* pages_;
    ManualPage* text_;
};

} // namespace zokran
