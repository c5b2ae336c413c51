#pragma once

#include <QElapsedTimer>
#include <QPushButton>

namespace zokran {

/// A button that stands for one thing after another. A click within `settlingMs` of a change of what it stands for was
/// meant for the thing before, such as the second click of a double one, and does nothing.
class SettledButton : public QPushButton {
    Q_OBJECT

public:
    explicit SettledButton(const QString& label = {}, QWidget* parent = nullptr);

    /// `meaning` tells two things apart that have the same label, such as what it is done to.
    void setMeaning(const QString& label, const QString& meaning);

    /// 300 for a learner; 0 for a test that has waited for what it clicks on.
    static int settlingMs;

protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    bool isSettled() const;

    QString meaning_;
    QElapsedTimer changed_;
};

} // namespace zokran
