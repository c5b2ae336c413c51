#pragma once

#include <QWidget>

class QLabel;
class QVBoxLayout;

namespace zokran {

/// What a step needs at the right of the bench, under the readings.
class StepPanel : public QWidget {
    Q_OBJECT

public:
    explicit StepPanel(QWidget* parent = nullptr);
    /// Shows the study as it is now.
    void refresh();

protected:
    virtual void showStudy() = 0;
    QLabel* addHeading(const QString& text);
    QLabel* addText(const QString& text, const char* type = nullptr);

    QVBoxLayout* column_;
    bool refreshing_ = false; ///< values are being shown, not typed
};

} // namespace zokran
