#pragma once

#include "app/document/desk.h"

#include <QWidget>

class QLabel;
class QVBoxLayout;

namespace zokran {

/// What a step needs at the right of the bench, under the readings.
class StepPanel : public QWidget {
    Q_OBJECT

public:
    explicit StepPanel(Desk& desk, QWidget* parent = nullptr);
    /// Shows the study as it is now.
    void refresh();

protected:
    virtual void showStudy() = 0;
    QLabel* addHeading(const QString& text);
    QLabel* addText(const QString& text, const char* type = nullptr);

    Desk& desk_;
    QVBoxLayout* column_;
    bool refreshing_ = false; ///< values are being shown, not typed
};

} // namespace zokran
