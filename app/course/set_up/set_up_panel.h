#pragma once

#include "app/course/step_panel.h"
#include "app/document/study_session.h"
#include "core/page/page_layout.h"

#include <vector>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QPushButton;

namespace zokran {

/// Whose head it is, the paper, and where the head is to stand on it.
class SetUpPanel : public StepPanel {
    Q_OBJECT

public:
    explicit SetUpPanel(StudySession& session, QWidget* parent = nullptr);

protected:
    void showStudy() override;

private:
    void buildNames();
    void buildReference();
    void buildPaper();
    void buildCompositions();
    void buildPhotograph();
    void showCompositions();
    void showReference();
    void frameByItself();
    void takeMore();

    StudySession& session_;
    QLineEdit *title_, *sitter_;
    QComboBox* paper_;
    QCheckBox *lying_, *guessFirst_, *findFaces_;
    QDoubleSpinBox *border_, *head_, *shown_, *lens_;
    /// What the thumbnails were drawn for.
    struct ShownFor {
        PaperSize paper;
        Millimetres border;
        PaperPoint corner, chin; ///< of the head
        std::string form;
        bool dark;
        bool operator==(const ShownFor&) const = default;
    };
    std::optional<ShownFor> shownFor_;
    std::vector<QPushButton*> compositions_;
    QPushButton* well_;
    QLabel *troubles_, *layOff_, *sameSitter_;
    QPushButton *turn_, *mirror_, *frame_, *more_;
};

/// Puts the head well on the paper: smaller where it is over-large, and where it has room.
void putWell(StudySession& session);

} // namespace zokran
