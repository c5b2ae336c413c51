#include "app/telephone/telephone_dialog.h"

#include "app/telephone/qr_code.h"
#include "app/text/messages.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QNetworkInterface>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace zokran {

namespace {

constexpr const char* allowedKey = "telephone";

/// IPv4 addresses of this machine within networks that are nobody else's (RFC 1918, RFC 3927); its own where it has none.
std::vector<std::string> localAddresses() {
    std::vector<std::string> found;
    for (const QHostAddress& address : QNetworkInterface::allAddresses())
        for (const char* network : {"10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16"})
            if (address.isInSubnet(QHostAddress::parseSubnet(network)))
                found.push_back(address.toString().toStdString());
    if (found.empty())
        found.emplace_back("127.0.0.1");
    return found;
}

} // namespace

TelephoneDialog::TelephoneDialog(Document& document, QWidget* parent) : QDialog(parent), document_(document) {
    setWindowTitle(tr("Take it with the telephone"));
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    const auto text = [&](const QString& words, const char* type = nullptr) {
        auto* label = new QLabel(words);
        label->setWordWrap(true);
        if (type)
            label->setProperty("type", type);
        column->addWidget(label);
        return label;
    };
    text(tr("Point the telephone's camera at the code, or type the address into its browser. It must be in the same network."));
    column->addWidget(code_ = new QrCode, 1);
    address_ = text({});
    address_->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    column->addWidget(which_ = new QComboBox);
    which_->setAccessibleName(tr("Address in which network"));
    auto* label = new QLabel(tr("The picture &becomes"));
    column->addWidget(label);
    column->addWidget(becomes_ = new QComboBox);
    label->setBuddy(becomes_);
    becomes_->setAccessibleName(tr("The picture becomes"));
    becomes_->setObjectName("becomes");
    becomes_->addItem(tr("the sketch of this study"));
    becomes_->addItem(tr("a new reference"));
    becomes_->setCurrentIndex(document_.isOpen() && !document_.study().referencePicture.empty() ? 0 : 1);
    status_ = text(tr("Waiting for a picture…"));
    status_->setObjectName("status");
    text(tr("The picture comes straight to this computer and goes nowhere else. It passes through the network unencrypted, so "
            "others in it could see it pass. Closing this window closes the door."),
         "caption");
    auto* never = new QCheckBox(tr("&Never listen for a telephone"));
    column->addWidget(never);
    connect(never, &QCheckBox::toggled, this, [this](bool on) {
        allow(!on);
        if (on)
            close();
    });
    auto* done = new QPushButton(tr("&Close"));
    done->setDefault(true);
    column->addWidget(done);
    connect(done, &QPushButton::clicked, this, &QDialog::close);
    try {
        server_ = std::make_unique<UploadServer>(
            localAddresses(), [translator = &learnersTranslator()](const char* english) { return translator->say(english); },
            [this](std::string bytes, PictureFormat format) {
                // From the server's thread to this one; what is still on its way when the sheet closes is dropped.
                QMetaObject::invokeMethod(
                    this,
                    [this, bytes = QByteArray::fromStdString(bytes), extension = QString(extensionOf(format).data())] {
                        take(bytes, extension);
                    },
                    Qt::QueuedConnection);
            });
    } catch (const UploadError& e) {
        status_->setText(tr("No telephone can be listened for: %1.").arg(e.what()));
    }
    for (const QString& address : addresses())
        which_->addItem(address.section('/', 2, 2));
    which_->setVisible(which_->count() > 1);
    connect(which_, &QComboBox::currentIndexChanged, this, &TelephoneDialog::showAddress);
    showAddress();
    // Labels that wrap say how high they are only for a width.
    constexpr int width = 460;
    setMinimumSize(width, column->heightForWidth(width));
    resize(minimumSize());
}

TelephoneDialog::~TelephoneDialog() = default;

QStringList TelephoneDialog::addresses() const {
    QStringList all;
    if (server_)
        for (const std::string& url : server_->urls())
            all << QString::fromStdString(url);
    return all;
}

bool TelephoneDialog::isAllowed() {
    return QSettings().value(allowedKey, true).toBool();
}

void TelephoneDialog::allow(bool on) {
    QSettings().setValue(allowedKey, on);
}

void TelephoneDialog::showAddress() {
    const QString address = addresses().value(std::max(0, which_->currentIndex()));
    code_->show(address);
    // In groups, to be typed.
    QString typed = address;
    for (qsizetype at = typed.lastIndexOf('/') + 9; at < typed.size() && at > 9; at += 9)
        typed.insert(at, QChar(0x200B)); // may break here
    address_->setText(typed);
}

void TelephoneDialog::take(const QByteArray& bytes, const QString& extension) {
    QFile file(received_.filePath(QString("telephone-%1%2").arg(++count_).arg(extension)));
    if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size()) {
        status_->setText(tr("A picture came, but it could not be kept: %1.").arg(file.errorString()));
        return;
    }
    file.close();
    status_->setText(tr("%n pictures are on the bench.", nullptr, count_));
    emit arrived(file.fileName(), becomes_->currentIndex() == 0 && document_.isOpen() ? Side::Sketch : Side::Reference);
}

} // namespace zokran
