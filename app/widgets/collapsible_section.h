#pragma once

#include <QToolButton>
#include <QWidget>

class QVBoxLayout;

namespace zokran {

/// A plain word with something folded away under it.
class CollapsibleSection : public QWidget {
    Q_OBJECT

public:
    explicit CollapsibleSection(const QString& title, QWidget* parent = nullptr);
    /// Where what is folded away goes.
    QVBoxLayout* inside() { return inside_; }
    bool isOpen() const { return button_->isChecked(); }
    void setOpen(bool open) { button_->setChecked(open); }

signals:
    void toggled(bool open);

private:
    QToolButton* button_;
    QWidget* body_;
    QVBoxLayout* inside_;
};

} // namespace zokran
