#pragma once

#include "app/course/step_panel.h"
#include "app/document/page_detection.h"

class QDoubleSpinBox;

namespace zokran {

/// How long the known length is on the paper.
class LengthPanel : public StepPanel {
    Q_OBJECT

public:
    explicit LengthPanel(PageDetection& page, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    PageDetection& page_;
    QDoubleSpinBox* length_;
};

} // namespace zokran
