#pragma once

#include "app/bench/words.h"
#include "app/study/study_session.h"

#include <QWidget>

class QLabel;

namespace zokran {

/// Turn, tilt and lean in figures that can be read from a drawing board two metres away, each in
/// words too; beside them, once there is a sketch, what the sketch reads.
class Readings : public QWidget {
    Q_OBJECT

public:
    explicit Readings(StudySession& session, QWidget* parent = nullptr);

private:
    void refresh();

    struct Row {
        Angle angle;
        QLabel *figure, *words, *drawn;
    };
    StudySession& session_;
    std::vector<Row> rows_;
    QLabel* lacking_;
};

} // namespace zokran
