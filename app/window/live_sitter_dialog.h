#pragma once

#include "app/background/background.h"
#include "core/fit/pencil_readings.h"

#include <QDialog>
#include <QTimer>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace zokran {

/// A sitter who is there, or a mirror: what a pencil held out tells of the head is typed in place of a photograph, and
/// the form is fitted to it.
class LiveSitterDialog : public QDialog {
    Q_OBJECT

public:
    explicit LiveSitterDialog(QWidget* parent = nullptr);

signals:
    /// A head was read: its marks on an empty sheet of their size, the sitter's name, and the readings in words.
    void read(const PhotoMarks& marks, const QString& sitter, const QString& readings);

private:
    void fit();
    void showHead();
    std::vector<PencilReading> readings() const;
    QString inWords() const;

    struct Row {
        const PencilReadingKind* kind;
        QDoubleSpinBox* value;
    };
    std::vector<Row> rows_;
    QComboBox* nearer_;
    QLineEdit* sitter_;
    QLabel *preview_, *told_;
    QPushButton* lay_;
    std::optional<ReadHead> head_;
    QTimer soon_;
    Background fitting_{Background::Newer::Replaces};
};

} // namespace zokran
