#pragma once

#include "app/document/plaster_heads.h"
#include "app/background/background.h"

#include <QHash>
#include <QImage>
#include <QObject>
#include <QTimer>
#include <string>

namespace zokran {

/// A copy of at most a million pixels, quick to paint at any angle. Safe off the UI thread.
QImage shrunk(const QImage& of);

/// How the learner looks at the two sheets just now; kept nowhere.
class ViewModeState : public QObject {
    Q_OBJECT

public:
    explicit ViewModeState(QObject* parent = nullptr);

    /// The way's id; each is a file of app/view_modes/ways.
    const std::string& way() const { return way_; }
    void choose(const std::string& way);
    /// Of a way with a slider, 0 to 1.
    double amount() const { return amount_; }
    void setAmount(double amount);
    /// Of a way that alternates: which of the two is shown. Where the desktop wants nothing to move,
    /// choosing the way again changes it.
    bool beat() const { return beat_; }
    void startBeating();

    PlasterHeads plaster;

    /// The shrunk copy, kept.
    QImage small(const QImage& of);
    /// That copy as half-shut eyes see it; null while it is being made.
    QImage squinted(const QImage& of);

signals:
    void changed();

private:
    std::string way_ = "side-by-side";
    double amount_ = 0.5;
    bool beat_ = false;
    QTimer timer_;
    QHash<qint64, QImage> small_, squinted_; ///< by the picture's key
    Background work_{Background::Newer::Joins};
};

} // namespace zokran
