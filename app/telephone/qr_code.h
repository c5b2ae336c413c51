#pragma once

#include <QWidget>

namespace zokran {

/// A text as a QR code (ISO/IEC 18004, by libqrencode), dark on white whatever the theme, with the quiet zone that readers
/// need.
class QrCode : public QWidget {
    Q_OBJECT

public:
    explicit QrCode(QWidget* parent = nullptr);
    void show(const QString& text);

    QSize sizeHint() const override { return {300, 300}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QImage modules_; ///< one pixel a module, without the quiet zone
};

} // namespace zokran
