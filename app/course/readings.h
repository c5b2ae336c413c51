#pragma once

#include "app/document/open_study.h"
#include "core/messages/pose_messages.h"

#include <QWidget>

class QLabel;

namespace zokran {

/// Turn, tilt and lean in figures that can be read from a drawing board two metres away, each in
/// words too; beside them, once there is a sketch, what the sketch reads.
class Readings : public QWidget {
    Q_OBJECT

public:
    explicit Readings(OpenStudy& opened, QWidget* parent = nullptr);
    void refresh();

private:
    struct Row {
        Angle angle;
        QLabel *figure, *words, *drawn;
    };
    void show(const Row& row);
    QString remark() const;

    OpenStudy& opened_;
    std::vector<Row> rows_;
    QLabel* remark_;
};

} // namespace zokran
