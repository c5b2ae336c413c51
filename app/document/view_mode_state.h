#pragma once

#include "app/document/mended_picture.h"
#include "app/document/plaster_heads.h"

#include <QHash>
#include <QImage>
#include <QObject>
#include <QTimer>
#include <map>
#include <string>

namespace zokran {

/// As many pixels are quick to paint at any angle.
inline constexpr double mostShownPixels = 1e6;
/// A copy of at most so many pixels. Safe off the UI thread.
QImage shrunk(const QImage& of, double mostPixels = mostShownPixels);

/// How the learner looks at the two sheets just now; kept nowhere.
class ViewModeState : public QObject {
    Q_OBJECT

public:
    explicit ViewModeState(QObject* parent = nullptr);

    /// The mode's id; each is a file of app/view_modes/modes.
    const std::string& mode() const { return mode_; }
    /// `usualAmount`: where its slider stands when it is chosen for the first time.
    void choose(const std::string& mode, double usualAmount = 0.5);
    /// Of a mode with a slider, 0 to 1.
    double amount() const;
    void setAmount(double amount);
    /// Of a mode with an option: whether it is on.
    bool option() const { return option_; }
    void setOption(bool on);
    /// Of a mode that alternates: which of the two is shown. Where the desktop wants nothing to move,
    /// choosing the mode again changes it.
    bool beat() const { return beat_; }
    void startBeating();

    PlasterHeads plaster;
    MendedPicture mended;

    /// The shrunk copy, kept.
    QImage small(const QImage& of);

signals:
    void changed();

private:
    std::string mode_ = "side-by-side";
    std::map<std::string, double> amounts_; ///< of each mode
    bool option_ = false;
    bool beat_ = false;
    QTimer timer_;
    QHash<qint64, QImage> small_; ///< by the picture's key
};

} // namespace zokran
