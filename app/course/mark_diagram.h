#pragma once

#include "core/head/marks.h"

#include <QWidget>
#include <optional>

namespace zokran {

/// A small head from the front and from the side that shows where a mark lies.
class MarkDiagram : public QWidget {
    Q_OBJECT

public:
    explicit MarkDiagram(QWidget* parent = nullptr);
    void show(std::optional<Mark> mark);

    QSize sizeHint() const override { return {260, 150}; }
    QSize minimumSizeHint() const override { return {220, 140}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    std::optional<Mark> mark_;
};

} // namespace zokran
