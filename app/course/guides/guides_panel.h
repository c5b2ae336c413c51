#pragma once

#include "app/course/step_panel.h"
#include "app/document/open_study.h"
#include "core/construction/canon.h"

#include <vector>

class QButtonGroup;
class QCheckBox;
class QComboBox;
class QSlider;

namespace zokran {

class CollapsibleSection;
class SitterFold;

/// Which lines lie on the sheets: by which school, from which first form, how deep.
class GuidesPanel : public StepPanel {
    Q_OBJECT

public:
    explicit GuidesPanel(OpenStudy& opened, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildSchools();
    void buildDepth();
    void buildLines();
    void buildMore();
    void fillSchools();
    void changeLook(const QString& words, const QString& merge,
                    const std::function<void(FormLook&)>& change);
    void takeCanon();
    void keepSitterAsCanon();

    OpenStudy& opened_;
    std::vector<Canon> canons_;
    QComboBox *canon_, *over_, *form_;
    QLabel *about_, *formAbout_, *likeness_, *straightsName_;
    QButtonGroup* depth_;
    QSlider *straights_, *hair_;
    SitterFold* sitter_;
    std::vector<std::pair<std::string, QCheckBox*>> lines_;
};

} // namespace zokran
