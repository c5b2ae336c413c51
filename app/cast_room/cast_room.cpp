#include "app/cast_room/cast_room.h"

#include "app/document/cast_picture.h"
#include "app/cast_room/cast_view.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "app/text/messages.h"
#include "core/base/atomic_file.h"

#include <QComboBox>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFile>
#include <QGridLayout>
#include <QLabel>
#include <QProgressBar>
#include <QPushButton>
#include <QRandomGenerator>
#include <QScrollArea>
#include <QStandardPaths>
#include <QVBoxLayout>
#include <cmath>

namespace zokran {

namespace {

/// Rendered heights, px: while the head is being turned, at rest, and taken.
constexpr int quickHeight = 420, restHeight = 820, takenHeight = 1600;

} // namespace

CastRoom::CastRoom(QWidget* parent) : QWidget(parent) {
    shot_.pose = poseFromDegrees({28}, {8}, {-4});
    auto* page = new QVBoxLayout(this);
    page->setContentsMargins(8, 8, 16, 8);
    page->setSpacing(8);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(16);
    middle->addWidget(view_ = new CastView, 1);
    auto* controls = new QWidget;
    auto* column = new QVBoxLayout(controls);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    buildControls(column);
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFixedWidth(atType(304));
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(controls);
    middle->addWidget(scroll);
    page->addLayout(middle, 1);

    auto* nextRow = new QHBoxLayout;
    nextRow->setSpacing(12);
    auto* next = new QLabel(tr("Turn the head until it is worth drawing, then take its picture."));
    next->setProperty(typeProperty, "heading");
    next->setWordWrap(true);
    next->setMinimumHeight(44);
    nextRow->addWidget(next, 1);
    busy_ = new QProgressBar;
    busy_->setRange(0, 0);
    busy_->setFixedWidth(120);
    busy_->setTextVisible(false);
    busy_->setAccessibleName(tr("Taking the picture"));
    busy_->hide();
    nextRow->addWidget(busy_);
    auto* surprise = new QPushButton(tr("S&urprise me"));
    surprise->setToolTip(tr("A pose at random within the ranges at the right"));
    connect(surprise, &QPushButton::clicked, this, &CastRoom::surprise);
    nextRow->addWidget(surprise);
    take_ = new QPushButton(tr("&Take the picture"));
    take_->setProperty("role", "next");
    connect(take_, &QPushButton::clicked, this, &CastRoom::take);
    nextRow->addWidget(take_);
    page->addLayout(nextRow);

    connect(view_, &CastView::turned, this, [this](Degrees turn, Degrees tilt, Degrees lean) {
        auto added = [](Radians angle, Degrees by) { return wrapped(angle + toRadians(by)); };
        shot_.pose = {added(shot_.pose.turn, turn), added(shot_.pose.tilt, tilt),
                      added(shot_.pose.lean, lean)};
        showPose();
        look();
    });
    soon_.setSingleShot(true);
    connect(&soon_, &QTimer::timeout, this, &CastRoom::startLooking);
    showPose();
}

CastRoom::~CastRoom() {
    stop_ = stopTaking_ = true;
}

void CastRoom::buildControls(QVBoxLayout* column) {
    auto say = [&](const QString& text, const char* type) {
        auto* label = new QLabel(text);
        label->setProperty(typeProperty, type);
        label->setWordWrap(true);
        column->addWidget(label);
        return label;
    };
    say(tr("Cast room"), "heading");
    auto* name = say(tr("S&itter"), "strong");
    column->addWidget(sitter_ = new QComboBox);
    name->setBuddy(sitter_);
    sitter_->setAccessibleName(tr("Sitter"));
    for (const Sitter& sitter : sitters()) {
        sitter_->addItem(capital(qt(sitter.id)), qt(sitter.id));
    }
    sitter_->setCurrentIndex(sitter_->findData("halcyon"));
    about_ = say({}, "caption");
    auto* stranger = new QPushButton(tr("Someone ne&w"));
    stranger->setToolTip(tr("A head of nobody who exists, as often as you like"));
    column->addWidget(stranger, 0, Qt::AlignLeft);
    connect(stranger, &QPushButton::clicked, this, [this] {
        const int seed = QRandomGenerator::global()->bounded(1, 100000);
        sitter_->addItem(tr("Someone %1").arg(seed), QString("someone-%1").arg(seed));
        sitter_->setCurrentIndex(sitter_->count() - 1);
    });
    auto tellAbout = [this] {
        about_->setText(
            qt(aboutWords(sitterNamed(sitter_->currentData().toString().toStdString()), learnersTranslator())));
    };
    connect(sitter_, &QComboBox::currentIndexChanged, this, [this, tellAbout] {
        tellAbout();
        look();
    });
    tellAbout();

    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(4);
    grid->setColumnStretch(0, 1);
    column->addLayout(grid);
    auto heading = [&](const QString& text) {
        auto* label = new QLabel(text);
        label->setProperty(typeProperty, "strong");
        label->setContentsMargins(0, 8, 0, 0);
        grid->addWidget(label, grid->rowCount(), 0, 1, 2);
    };
    auto field = [&](const QString& text, double low, double high, const QString& suffix,
                     double value) {
        auto* box = addNumber(grid, text, low, high, suffix);
        box->setValue(value);
        return box;
    };
    auto watched = [&](QDoubleSpinBox* box) {
        connect(box, &QDoubleSpinBox::valueChanged, this, &CastRoom::readControls);
        return box;
    };
    heading(tr("Pose"));
    turn_ = watched(field(tr("Tu&rn, + to the right"), -180, 180, tr("°"), 0));
    tilt_ = watched(field(tr("Ti&lt, + chin up"), -180, 180, tr("°"), 0));
    lean_ = watched(field(tr("Lea&n, + to the right"), -180, 180, tr("°"), 0));
    heading(tr("Light and lens"));
    azimuth_ = watched(field(tr("Light from the si&de"), -180, 180, tr("°"), -40));
    elevation_ = watched(field(tr("Light from a&bove"), -90, 90, tr("°"), 45));
    softness_ = watched(field(tr("S&oftness"), 2, 150, tr(" %"), 50));
    fill_ = watched(field(tr("Light of the roo&m"), 0, 200, tr(" %"), 100));
    lens_ = watched(field(tr("L&ens"), 28, 200, tr(" mm"), 85));
    distance_ = watched(field(tr("Dist&ance"), 50, 400, tr(" cm"), 50));
    distance_->setSpecialValueText(tr("as framed"));
    distance_->setToolTip(tr("As framed, the head takes half the picture whatever the lens"));
    heading(tr("Surprises within"));
    mostTurn_ = field(tr("Turn up to"), 0, 90, tr("°"), 65);
    mostTilt_ = field(tr("Tilt up to"), 0, 80, tr("°"), 30);
    mostLean_ = field(tr("Lean up to"), 0, 180, tr("°"), 20);
    say(tr("Drag the head to turn it, with Shift to lean it; or use the arrow keys, comma and full "
           "stop. The plaster heads are invented and hold still."),
        "caption");
    column->addStretch();
}

QString CastRoom::sitter() const {
    return sitter_->currentText();
}

void CastRoom::showPose() {
    showing_ = true;
    turn_->setValue(inDegrees(shot_.pose.turn));
    tilt_->setValue(inDegrees(shot_.pose.tilt));
    lean_->setValue(inDegrees(shot_.pose.lean));
    showing_ = false;
}

void CastRoom::readControls() {
    if (showing_)
        return;
    shot_.pose = poseFromDegrees({turn_->value()}, {tilt_->value()}, {lean_->value()});
    shot_.lightAzimuth = {azimuth_->value()};
    shot_.lightElevation = {elevation_->value()};
    shot_.softness = {softness_->value() / 100};
    shot_.fill = fill_->value() / 100;
    shot_.lens = {lens_->value()};
    const bool framed = distance_->value() <= distance_->minimum();
    shot_.distance = {framed ? 0 : 10 * distance_->value()};
    look();
}

void CastRoom::surprise() {
    auto within = [](double most) {
        return (2 * QRandomGenerator::global()->generateDouble() - 1) * most;
    };
    shot_.pose = poseFromDegrees({within(mostTurn_->value())}, {within(mostTilt_->value())},
                                 {within(mostLean_->value())});
    showPose();
    look();
}

void CastRoom::stand(const Pose& pose) {
    shot_.pose = pose;
    showPose();
    look();
}

void CastRoom::anotherSitter() {
    const int now = sitter_->currentIndex(), count = sitter_->count();
    const int by = 1 + QRandomGenerator::global()->bounded(std::max(1, count - 1));
    sitter_->setCurrentIndex((now + by) % count);
}

void CastRoom::showEvent(QShowEvent*) {
    if (view_->picture().isNull())
        look();
}

void CastRoom::look() {
    if (!isVisible())
        return;
    stop_ = true;
    again_ = true;
    if (!looking_.isRunning())
        soon_.start(0);
}

void CastRoom::startLooking() {
    if (looking_.isRunning()) {
        soon_.start(5);
        return;
    }
    again_ = false;
    stop_ = false;
    const std::string id = sitter_->currentData().toString().toStdString();
    if (id != meshedSitter_) {
        meshedSitter_ = id;
        coarse_ = fine_ = nullptr;
    }
    looking_.run(
        [this, id, shot = shot_, coarse = coarse_, fine = fine_](const Background::Stop&) mutable {
            auto deliver = [&](const QImage& image) {
                QMetaObject::invokeMethod(this, [this, id, image, coarse, fine] {
                    if (id == meshedSitter_) {
                        coarse_ = coarse;
                        fine_ = fine;
                    }
                    if (!image.isNull() && id == meshedSitter_)
                        view_->show(image);
                });
            };
            auto render = [&](const PlasterMesh& mesh, int height) {
                shot.size = height;
                const Picture picture = photograph(mesh, shot, &stop_);
                return asQImage(picture);
            };
            // A quick look first, which is never cancelled, so that the head follows the hand; the
            // fine one when the hand rests.
            if (!coarse)
                coarse = meshOf(Bust(sitterNamed(id)), MeshGrain::Coarse);
            shot.size = quickHeight;
            deliver(asQImage(photograph(*coarse, shot)));
            if (!stop_ && !fine)
                fine = meshOf(Bust(sitterNamed(id)), MeshGrain::Fine, &stop_);
            if (!stop_ && fine)
                deliver(render(*fine, restHeight));
            return true;
        },
        [this](bool) {
            if (again_)
                soon_.start(1);
        },
        [this](const QString& why) { emit troubled(why); });
}

void CastRoom::take() {
    if (taking_) {
        stopTaking_ = true;
        return;
    }
    taking_ = true;
    stopTaking_ = false;
    busy_->show();
    take_->setText(tr("S&top"));
    const std::string id = sitter_->currentData().toString().toStdString();
    const QString name = sitter();
    Shot shot = shot_;
    shot.size = takenHeight;
    const auto mesh = meshedSitter_ == id ? fine_ : nullptr;
    const auto shoot = [this, id, name, shot, mesh](const Background::Stop&) {
        const Picture picture = mesh ? photograph(*mesh, shot, &stopTaking_)
                                     : photograph(Bust(sitterNamed(id)), shot, &stopTaking_);
        QString file;
        if (!picture.bgr.empty()) {
            // A folder of our own, that nobody else can guess or write to.
            if (!taken_.isValid())
                throw StorageError(taken_.errorString().toStdString());
            file = taken_.filePath(QString("%1 at %2°.jpg").arg(name).arg(std::lround(inDegrees(shot.pose.turn))));
            writeAtomically(file.toStdString(), cameraJpeg(picture, shot));
        }
        return file;
    };
    const auto end = [this] {
        taking_ = false;
        busy_->hide();
        take_->setText(tr("&Take the picture"));
    };
    takingWork_.run(
        shoot,
        [this, name, end](const QString& file) {
            end();
            // A picture that was ready just as it was stopped is dropped too: who stops wants none.
            if (stopTaking_)
                QFile::remove(file);
            else if (!file.isEmpty())
                emit taken(file, name);
        },
        [this, end](const QString& why) {
            end();
            emit troubled(why);
        });
}

} // namespace zokran
