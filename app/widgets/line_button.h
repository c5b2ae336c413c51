#pragma once

#include <QLabel>
#include <QPushButton>

namespace zokran {

/// A button that is a line or two of text, as wide as there is room and as high as the text needs.
class LineButton : public QPushButton {
    Q_OBJECT

public:
    explicit LineButton(const QString& text, QWidget* parent = nullptr);
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {80, heightForWidth(width())}; }

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    QLabel* label_;
};

} // namespace zokran
