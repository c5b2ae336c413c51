#include "app/window/live_sitter_dialog.h"

#include "app/overlays/form_drawing.h"
#include "app/text/messages.h"
#include "app/widgets/fields.h"
#include "core/construction/ball_form.h"
#include "core/head/bust_pose.h"
#include "core/messages/pose_messages.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>
#include <cmath>

namespace zokran {

namespace {

constexpr QSize previewSize(300, 375);
constexpr double mostEyes = 20, mostSlant = 90;

} // namespace

LiveSitterDialog::LiveSitterDialog(QWidget* parent) : QDialog(parent) {
    setWindowTitle(tr("A sitter who is there"));
    auto* columns = new QHBoxLayout(this);
    columns->setSpacing(20);
    auto* left = new QVBoxLayout;
    columns->addLayout(left, 1);
    const auto text = [](QVBoxLayout* to, const QString& words, const char* type) {
        auto* label = new QLabel(words);
        label->setWordWrap(true);
        label->setProperty("type", type);
        to->addWidget(label);
        return label;
    };
    text(left,
         tr("Hold the pencil out at arm's length, one eye shut. Take the nearer eye's width as one, and type what you "
            "read; leave out what you cannot see. Five readings serve, ten serve well."),
         "caption");
    auto* top = new QGridLayout;
    left->addLayout(top);
    auto* nearerLabel = new QLabel(tr("The &nearer half of the face"));
    top->addWidget(nearerLabel, 0, 0);
    top->addWidget(nearer_ = new QComboBox, 0, 1);
    nearerLabel->setBuddy(nearer_);
    nearer_->addItem(tr("on your left"));
    nearer_->addItem(tr("neither: it faces me"));
    nearer_->addItem(tr("on your right"));
    nearer_->setCurrentIndex(1);
    auto* sitterLabel = new QLabel(tr("&Who sits"));
    top->addWidget(sitterLabel, 1, 0);
    top->addWidget(sitter_ = new QLineEdit, 1, 1);
    sitterLabel->setBuddy(sitter_);
    sitter_->setObjectName("sitter");

    auto* inside = new QWidget;
    auto* grid = new QGridLayout(inside);
    grid->setColumnStretch(0, 1);
    grid->setVerticalSpacing(4);
    for (const PencilReadingKind& kind : pencilReadingKinds()) {
        const bool isLength = kind.unit == PencilReadingKind::Unit::Eyes;
        const int row = static_cast<int>(rows_.size());
        const QString name = qt(learnersTranslator().say(kind.name));
        auto* label = new QLabel(name);
        label->setWordWrap(true);
        auto* value = new DecimalBox;
        // Its least value stands for nothing read.
        value->setRange(isLength ? 0 : -mostSlant - 1, isLength ? mostEyes : mostSlant);
        value->setSpecialValueText(tr("not read"));
        value->setValue(value->minimum());
        value->setDecimals(isLength ? 2 : 0);
        value->setSingleStep(isLength ? 0.1 : 1);
        value->setSuffix(isLength ? tr(" eyes") : tr("°"));
        value->setAccessibleName(name);
        label->setBuddy(value);
        if (!isLength)
            value->setToolTip(kind.isDown ? tr("Above 0 where its foot lies to your right")
                                          : tr("Above 0 where it rises to your right"));
        grid->addWidget(label, row, 0);
        grid->addWidget(value, row, 1);
        rows_.push_back({&kind, value});
        connect(value, &QDoubleSpinBox::valueChanged, this, [this, value](double now) {
            // From "not read" the first step goes to a sensible number.
            if (value->property("wasUnread").toBool() && now < value->minimum() + 1.5 && value->decimals() == 0)
                value->setValue(0);
            value->setProperty("wasUnread", value->value() <= value->minimum());
            soon_.start();
        });
        value->setProperty("wasUnread", true);
    }
    auto* scroll = new QScrollArea;
    scroll->setWidget(inside);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    left->addWidget(scroll, 1);

    auto* right = new QVBoxLayout;
    columns->addLayout(right);
    right->addWidget(preview_ = new QLabel);
    preview_->setFixedSize(previewSize);
    preview_->setAccessibleName(tr("The head as read"));
    told_ = text(right, {}, "strong");
    told_->setFixedWidth(previewSize.width());
    right->addStretch();
    right->addWidget(lay_ = new QPushButton(tr("&Lay it on the bench")));
    lay_->setProperty("role", "next");
    auto* leave = new QPushButton(tr("C&lose"));
    right->addWidget(leave);
    connect(leave, &QPushButton::clicked, this, &QDialog::close);
    connect(lay_, &QPushButton::clicked, this, [this] {
        if (!head_)
            return;
        emit read(head_->marks, sitter_->text(), inWords());
        close();
    });
    connect(nearer_, &QComboBox::activated, this, [this] { soon_.start(); });
    soon_.setSingleShot(true);
    soon_.setInterval(60);
    connect(&soon_, &QTimer::timeout, this, &LiveSitterDialog::fit);
    resize(820, 620);
    showHead();
}

std::vector<PencilReading> LiveSitterDialog::readings() const {
    std::vector<PencilReading> all;
    for (const Row& row : rows_)
        if (row.value->value() > row.value->minimum())
            all.push_back({row.kind->id, row.value->value()});
    return all;
}

QString LiveSitterDialog::inWords() const {
    QStringList lines{tr("Read off with the pencil:")};
    for (const Row& row : rows_)
        if (row.value->value() > row.value->minimum())
            lines << tr("%1: %2").arg(row.value->accessibleName(), row.value->text());
    return lines.join('\n');
}

void LiveSitterDialog::fit() {
    const auto taken = readings();
    if (static_cast<int>(taken.size()) < fewestReadings) {
        fitting_.cancel();
        head_.reset();
        return showHead();
    }
    fitting_.run([taken, nearer = static_cast<NearerSide>(nearer_->currentIndex())](
                     const Background::Stop&) { return headOfReadings(taken, nearer); },
                 [this](const ReadHead& head) {
                     head_ = head;
                     showHead();
                 },
                 [this](const QString& why) {
                     head_.reset();
                     showHead();
                     told_->setText(why);
                 });
}

void LiveSitterDialog::showHead() {
    lay_->setEnabled(head_.has_value());
    if (!head_) {
        const int missing = fewestReadings - static_cast<int>(readings().size());
        preview_->setPixmap({});
        told_->setText(missing > 0 ? tr("%1 more readings, and the head stands here.").arg(missing) : QString());
        return;
    }
    View view = head_->view;
    view.centre = view.principal = PicturePoint(previewSize.width() / 2.0, 0.36 * previewSize.height());
    view.scale = previewSize.height() / 4.0;
    const BallForm form(ownSubject(std::make_shared<const HeadSolid>(head_->head, uprightBust(view.pose()))));
    preview_->setPixmap(drawingOf(form.lines(view), previewSize, devicePixelRatioF()));
    QStringList words;
    for (Angle angle : angles)
        words << qt(figureFor(angleOf(view.pose(), angle)) + " " +
                    wordsFor(angle, angleOf(view.pose(), angle), learnersTranslator()));
    const auto rounded = [](Radians angle) { return std::lround(std::abs(inDegrees(angle))); };
    told_->setText(tr("%1.\nGive or take %2° of turn and %3° of tilt.")
                       .arg(words.join(", "))
                       .arg(rounded(head_->sigma.turn))
                       .arg(rounded(head_->sigma.tilt)));
    if (head_->doubtful)
        for (const Row& row : rows_)
            if (row.kind->id == *head_->doubtful)
                told_->setText(told_->text() + "\n" +
                               tr("\"%1\" goes with no such head: measure it again.").arg(row.value->accessibleName()));
}

} // namespace zokran
