#pragma once

#include "core/light/values.h"

#include <QWidget>
#include <optional>

namespace zokran {

/// The values as a strip from dark to light, its middle the middle of the scale, and over and under it how
/// much of the head lies in each: in the photograph above, in the sketch below.
class ValueStrip : public QWidget {
    Q_OBJECT

public:
    explicit ValueStrip(QWidget* parent = nullptr);
    void show(int values, const std::optional<ValueShares>& seen,
              const std::optional<ValueShares>& drawn);
    QSize sizeHint() const override { return {260, 92}; }
    QSize minimumSizeHint() const override { return {160, 92}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    int values_ = 5;
    std::optional<ValueShares> seen_, drawn_;
};

} // namespace zokran
