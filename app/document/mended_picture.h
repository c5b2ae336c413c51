#pragma once

#include "app/background/background.h"
#include "core/compare/mended_drawing.h"

#include <QImage>
#include <QObject>

namespace zokran {

/// The learner's drawing with its lines carried to where they belong. Made off the UI thread, of a copy of at most a million
/// pixels.
class MendedPicture : public QObject {
    Q_OBJECT

public:
    explicit MendedPicture(QObject* parent = nullptr);

    /// The drawing mended by `share`, 0 to 1. While it is being made, what was made of the same drawing before; null for nothing.
    QImage of(const QImage& drawing, const Mending& mending, double share);

    bool isBusy() const { return work_.isRunning(); }

signals:
    void changed();

private:
    struct Asked {
        qint64 drawing = 0; ///< the picture's key
        std::vector<MendedPlace> places;
        double share = 0;
    };
    Asked asked_;
    QImage made_; ///< of the drawing that was asked for last
    Background work_{Background::Newer::Replaces};
};

/// A copy of the drawing of at most so many pixels, mended. `mending`: in px of the drawing. Safe off the UI thread.
QImage mendedPicture(const QImage& drawing, Mending mending, double share, double mostPixels);

} // namespace zokran
