#pragma once

#include "app/document/desk.h"

#include <QWidget>

class QLabel;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QPushButton;
class QVBoxLayout;

namespace zokran {

/// The studies, the last changed first, each with its reference beside its sketch.
class Shelf : public QWidget {
    Q_OBJECT

public:
    explicit Shelf(Desk& desk, QWidget* parent = nullptr);
    void refresh();

signals:
    void chosen(StudyId id);
    void newStudy();

private:
    void buildButtons(QVBoxLayout* column);
    /// Lays out the studies in which every word typed is found.
    void fill();
    /// Paints the cards in sight whose pictures have come.
    void paintCards();
    void putAway();

    Desk& desk_;
    /// A study, and the text it is looked for in, in small letters.
    struct Known {
        StudySummary study;
        QString words;
    };
    std::vector<Known> known_;
    QLineEdit* find_;
    QLabel* count_;
    QListWidget* list_;
    QPushButton *open_, *putAway_, *putBack_;
    QTimer paintSoon_;
    std::vector<StudyId> away_; ///< put away since the program started, the last at the end
};

} // namespace zokran
