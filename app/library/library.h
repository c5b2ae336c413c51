#pragma once

#include "app/background/background.h"
#include "app/document/bundle_transfer.h"
#include "app/document/document.h"
#include "app/document/photo_intake.h"
#include "app/document/pictures.h"
#include "app/library/library_finder.h"
#include "app/print/contact_sheet.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QProgressBar;
class QPushButton;
class QVBoxLayout;

namespace zokran {

class SettledButton;

/// The studies, each with its reference beside its sketch, found by typing and by what they show.
class Library : public QWidget {
    Q_OBJECT

public:
    Library(Document& document, Pictures& pictures, PhotoIntake& intake, QWidget* parent = nullptr);
    void refresh();
    /// Takes the studies of a bundle in.
    void takeBundle(const QString& file);
    /// Writes the chosen studies, or the whole logbook, to a bundle.
    void saveBundle(bool whole);

signals:
    void chosen(StudyId id);
    void newStudy();
    void folderWanted();

private:
    void buildFinding(QVBoxLayout* column);
    void buildButtons(QVBoxLayout* column);
    void buildWork(QVBoxLayout* column);
    /// Fills the boxes to choose by with what there is.
    void fillChoices();
    /// Lays out what is wished for.
    void fill();
    /// Reads the studies of the chosen place, shelf or put away, into the finder.
    void readStudies();
    /// Writes the cards' words anew without touching the cards themselves: what was chosen stays chosen.
    void tellCardsAnew();
    /// Compares, off the UI thread, the drawings whose figures are not known yet, and shows them then.
    void compareWhatIsNot();
    void showChosen();
    /// Paints the cards in sight whose pictures have come.
    void paintCards();
    void showIntake();
    void showWork(const QString& words);
    void connectCarrying();
    static constexpr int idRole = Qt::UserRole; ///< of a card
    std::vector<StudyId> chosenIds() const;
    void putAway(bool away);
    void eraseChosen();
    void saveContactSheet();

    Document& document_;
    Pictures& pictures_;
    PhotoIntake& intake_;
    LibraryFinder finder_;
    QLineEdit* find_;
    QComboBox *which_, *sitter_, *held_, *finding_, *order_;
    QLabel* count_;
    QLabel* empty_; ///< what is said where no card lies
    QListWidget* list_;
    SettledButton* putAway_;
    QPushButton *open_, *putBack_, *erase_, *contact_, *bundle_;
    bool isCompared_ = false; ///< what could be compared in this session was
    Background comparing_{Background::Newer::Replaces};
    QWidget* work_;
    QLabel* workWords_;
    QProgressBar* workDone_;
    ContactSheet sheet_;
    BundleTransfer carrying_;
    QTimer paintSoon_;
    std::vector<StudyId> away_; ///< put away last, together
};

} // namespace zokran
