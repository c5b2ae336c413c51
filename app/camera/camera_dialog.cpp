#include "app/camera/camera_dialog.h"

#include "app/text/messages.h"
#include "app/widgets/theme.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSettings>
#include <QShortcut>
#include <QVBoxLayout>

namespace zokran {

namespace {

/// When a picture is taken; in the order they are offered.
struct CaptureTime {
    const char* name; ///< in English, to be translated
    EaselCamera::When when;
    std::chrono::minutes every;
};
constexpr const char* whenKey = "camera_when";

const std::vector<CaptureTime>& captureTimes() {
    using When = EaselCamera::When;
    using std::chrono::minutes;
    static const std::vector<CaptureTime> all = {
        {QT_TRANSLATE_NOOP("CameraDialog", "when the hand has left the page and nothing moves"), When::WhenStill, minutes(0)},
        {QT_TRANSLATE_NOOP("CameraDialog", "by hand: the space bar"), When::ByHand, minutes(0)},
        {QT_TRANSLATE_NOOP("CameraDialog", "every minute"), When::ByClock, minutes(1)},
        {QT_TRANSLATE_NOOP("CameraDialog", "every 2 minutes"), When::ByClock, minutes(2)},
        {QT_TRANSLATE_NOOP("CameraDialog", "every 5 minutes"), When::ByClock, minutes(5)},
        {QT_TRANSLATE_NOOP("CameraDialog", "every 10 minutes"), When::ByClock, minutes(10)},
    };
    return all;
}

} // namespace

/// What the camera sees, the page's corners and edges drawn over it.
class CameraPreview : public QWidget {
public:
    explicit CameraPreview(const EaselCamera& camera) : camera_(camera) {
        setMinimumSize(420, 300);
        setAccessibleName(CameraDialog::tr("What the camera sees"));
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        const Theme& theme = Theme::current();
        painter.fillRect(rect(), theme.sheet);
        const QImage& picture = camera_.picture();
        if (picture.isNull())
            return;
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.setRenderHint(QPainter::Antialiasing);
        const QSize size = picture.size().scaled(this->size(), Qt::KeepAspectRatio);
        const QRect place(QPoint((width() - size.width()) / 2, (height() - size.height()) / 2), size);
        painter.drawImage(place, picture);
        if (!camera_.page())
            return;
        const double scale = 1.0 * size.width() / picture.width();
        QPolygonF page;
        for (const SketchPoint& corner : *camera_.page())
            page << QPointF(place.topLeft()) + scale * QPointF(corner.x(), corner.y());
        painter.setPen(QPen(theme.sheet, 4));
        painter.drawPolygon(page);
        painter.setPen(QPen(theme.chalk, 2));
        painter.drawPolygon(page);
        constexpr double ring = 6;
        for (const QPointF& corner : page)
            painter.drawEllipse(corner, ring, ring);
    }

private:
    const EaselCamera& camera_;
};

CameraDialog::CameraDialog(Document& document, QWidget* parent)
    : QDialog(parent), document_(document), cameras_(zokran::cameras()) {
    setWindowTitle(tr("The camera at the easel"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    column->addWidget(preview_ = new CameraPreview(camera_), 1);
    column->addWidget(status_ = new QLabel);
    status_->setObjectName("status");
    status_->setWordWrap(true);
    auto* form = new QFormLayout;
    column->addLayout(form);
    const auto box = [&](const QString& label, const char* name) {
        auto* chosen = new QComboBox;
        chosen->setObjectName(name);
        chosen->setAccessibleName(QString(label).remove('&'));
        form->addRow(label, chosen);
        return chosen;
    };
    which_ = box(tr("&Camera"), "which");
    for (const Camera& camera : cameras_)
        which_->addItem(camera.name);
    when_ = box(tr("A picture is &taken"), "when");
    for (const CaptureTime& time : captureTimes())
        when_->addItem(tr(time.name));
    becomes_ = box(tr("The picture &becomes"), "becomes");
    becomes_->addItem(tr("the sketch of this study"));
    becomes_->addItem(tr("a new reference"));
    becomes_->setCurrentIndex(document_.isOpen() && !document_.study().referencePicture.empty() ? 0 : 1);
    auto* caution =
        new QLabel(tr("What the camera sees stays on this computer, and only the pictures that are taken are kept. Closing this "
                      "window stops the camera."));
    caution->setWordWrap(true);
    caution->setProperty(typeProperty, "caption");
    column->addWidget(caution);
    auto* row = new QHBoxLayout;
    column->addLayout(row);
    auto* take = new QPushButton(tr("Take it &now"));
    take->setProperty("role", "next");
    take->setObjectName("take");
    auto* done = new QPushButton(tr("C&lose"));
    row->addStretch();
    row->addWidget(done);
    row->addWidget(take);
    take->setDefault(true);
    connect(take, &QPushButton::clicked, &camera_, &EaselCamera::take);
    // Wherever the focus stands: a hand with a pencil finds the space bar.
    auto* space = new QShortcut(QKeySequence(Qt::Key_Space), this);
    connect(space, &QShortcut::activated, &camera_, &EaselCamera::take);
    connect(done, &QPushButton::clicked, this, &QDialog::close);
    connect(which_, &QComboBox::currentIndexChanged, this, &CameraDialog::choose);
    const auto setWhen = [this](int index) {
        const CaptureTime& time = captureTimes()[static_cast<std::size_t>(std::max(0, index))];
        camera_.setWhen(time.when, time.every);
        QSettings().setValue(whenKey, index);
    };
    connect(when_, &QComboBox::currentIndexChanged, this, setWhen);
    connect(&camera_, &EaselCamera::seen, this, [this] {
        preview_->update();
        showState();
    });
    connect(&camera_, &EaselCamera::taken, this, &CameraDialog::keep);
    connect(&camera_, &EaselCamera::failed, this, [this](const QString& why) {
        trouble_ = why;
        showState();
    });
    const int kept = QSettings().value(whenKey, 0).toInt();
    when_->setCurrentIndex(kept >= 0 && kept < when_->count() ? kept : 0);
    setWhen(when_->currentIndex());
    choose(which_->currentIndex());
    take->setFocus();
}

void CameraDialog::choose(int camera) {
    trouble_.clear();
    camera_.stop();
    if (camera >= 0 && camera < static_cast<int>(cameras_.size()))
        camera_.watch(cameras_[static_cast<std::size_t>(camera)].make());
    showState();
}

void CameraDialog::keep(const QImage& picture) {
    const QString file = taken_.filePath(QString("camera-%1.png").arg(++count_));
    if (!picture.save(file)) {
        trouble_ = tr("A picture was taken, but it could not be kept: %1").arg(file);
        showState();
        return;
    }
    emit arrived(file, becomes_->currentIndex() == 0 && document_.isOpen() ? Side::Sketch : Side::Reference);
}

void CameraDialog::showState() {
    QString words;
    if (!trouble_.isEmpty())
        words = trouble_;
    else if (cameras_.empty())
        words = tr("No camera is connected. A telephone can send pictures instead, or a folder of scans can be watched.");
    else if (camera_.picture().isNull())
        words = tr("Waiting for the camera…");
    else if (!camera_.page())
        words = tr("No page is seen yet: let all four corners of the paper show, on something darker.");
    else if (!camera_.isStill())
        words = tr("The page is seen. Something moves.");
    else
        words = tr("The page is seen, and nothing moves.");
    if (count_ > 0)
        words += " " + tr("%n pictures are on the bench.", nullptr, count_);
    if (status_->text() != words)
        status_->setText(words);
}

} // namespace zokran
