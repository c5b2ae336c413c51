#pragma once

#include "app/background/background.h"
#include "cast/stand_in_camera.h"

#include <QImage>
#include <QTemporaryDir>
#include <QTimer>
#include <QWidget>
#include <atomic>
#include <memory>
#include <optional>

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QProgressBar;
class QPushButton;
class QVBoxLayout;

namespace zokran {

class CastView;

/// The cast room: choose a sitter, walk round it, set light and lens, and take its picture, which
/// becomes the reference of a new study. Meshing and rendering run off the UI thread; of several
/// requests only the newest is delivered.
class CastRoom : public QWidget {
    Q_OBJECT

public:
    explicit CastRoom(QWidget* parent = nullptr);
    ~CastRoom() override;

    const Shot& shot() const { return shot_; }
    QString sitter() const;
    CastView* view() { return view_; }
    bool isTaking() const { return taking_; }
    /// A pose at random within the ranges set.
    void surprise();
    /// Turns the head to a pose.
    void stand(const Pose& pose);
    /// Puts a sitter up at random.
    void anotherSitter();
    /// Takes the picture at full size; called again meanwhile, it stops.
    void take();

signals:
    /// The picture lies in `file`, as the camera wrote it.
    void taken(const QString& file, const QString& sitter);
    void troubled(const QString& message);

protected:
    void showEvent(QShowEvent*) override;

private:
    void buildControls(QVBoxLayout* column);
    void readControls();
    void showPose();
    /// Renders again after a short delay and cancels the rendering under way.
    void look();
    void startLooking();

    Shot shot_;
    CastView* view_;
    QComboBox* sitter_;
    QLabel* about_;
    QDoubleSpinBox *turn_, *tilt_, *lean_, *lens_, *distance_, *azimuth_, *elevation_, *softness_,
        *fill_;
    QDoubleSpinBox *mostTurn_, *mostTilt_, *mostLean_;
    QPushButton* take_;
    QProgressBar* busy_;
    bool showing_ = false, taking_ = false, again_ = false;
    QTimer soon_;
    std::string meshedSitter_; ///< whose meshes these are
    std::shared_ptr<const PlasterMesh> coarse_, fine_;
    std::atomic<bool> stop_{false}, stopTaking_{false};
    QTemporaryDir taken_; ///< pictures lie here until the logbook has its copy
    Background looking_{Background::Newer::Joins}, takingWork_{Background::Newer::Joins};
};

} // namespace zokran
