// A picture sent by a telephone, in the real window: the page is fetched and answered as a browser does.

#include "app/telephone/qr_code.h"
#include "app/telephone/telephone_dialog.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QHttpMultiPart>
#include <QNetworkAccessManager>
#include <QNetworkProxy>
#include <QNetworkReply>
#include <zbar.h>

namespace zokran::test {

class TelephoneTest : public WindowTest {
    Q_OBJECT

    QNetworkAccessManager* network_ = nullptr;

    TelephoneDialog* sheet() { return window_->findChild<TelephoneDialog*>(); }
    void openSheet() {
        press(Qt::Key_T, Qt::ControlModifier);
        QTRY_VERIFY(sheet() && sheet()->isVisible());
        QVERIFY2(!sheet()->addresses().isEmpty(), said());
    }
    QString told(QNetworkReply* reply) {
        const bool ended = QTest::qWaitFor([&] { return reply->isFinished(); }, 5000);
        const QString all = ended ? QString::fromUtf8(reply->readAll()) : QString();
        reply->deleteLater();
        return all;
    }
    QString page(const QString& url) { return told(network_->get(QNetworkRequest(url))); }
    QString send(const QString& url, const QString& name) {
        auto* form = new QHttpMultiPart(QHttpMultiPart::FormDataType);
        QHttpPart part;
        part.setHeader(QNetworkRequest::ContentDispositionHeader, R"(form-data; name="taken"; filename="../../x.png")");
        QFile picture(file(qPrintable(name)));
        [&] { QVERIFY(picture.open(QIODevice::ReadOnly)); }();
        part.setBody(picture.readAll());
        form->append(part);
        QNetworkReply* reply = network_->post(QNetworkRequest(url), form);
        form->setParent(reply);
        return told(reply);
    }

private slots:
    void initTestCase() {
        QNetworkProxy::setApplicationProxy(QNetworkProxy::NoProxy);
        network_ = new QNetworkAccessManager(this);
    }

    void aPhotographAndTheSketchOfItComeByTelephone() {
        photographs();
        openSheet();
        const QString url = sheet()->addresses().first();
        QVERIFY2(page(url).contains("Take a picture"), "the page opens");
        // Another library reads the code as it is painted.
        auto* code = sheet()->findChild<QrCode*>();
        const QImage shown = code->grab().toImage().convertToFormat(QImage::Format_Grayscale8);
        std::vector<uchar> pixels;
        for (int y = 0; y < shown.height(); ++y)
            pixels.insert(pixels.end(), shown.constScanLine(y), shown.constScanLine(y) + shown.width());
        zbar::Image picture(shown.width(), shown.height(), "Y800", pixels.data(), pixels.size());
        zbar::ImageScanner scanner;
        QCOMPARE(scanner.scan(picture), 1);
        QCOMPARE(QString::fromStdString(picture.symbol_begin()->get_data()), url);
        QCOMPARE(code->accessibleName(), url);
        QVERIFY(send(url, "head.png").contains("It is on the bench."));
        QTRY_VERIFY(!study().referencePicture.empty());
        QTRY_VERIFY(!seen()->scene().picture.isNull());
        QVERIFY(!study().sketch());
        // With a reference on the bench the next one is its sketch; the learner says so.
        auto* becomes = sheet()->findChild<QComboBox*>("becomes");
        QVERIFY(becomes);
        becomes->setFocus();
        QTest::keyClick(becomes, Qt::Key_Home);
        QVERIFY(send(url, "sketch.png").contains("It is on the bench."));
        QTRY_VERIFY(study().sketch());
        QTRY_VERIFY(!drawn()->scene().picture.isNull());
        QVERIFY2(QRegularExpression("2 pictures are on the bench").match(sheet()->findChild<QLabel*>("status")->text()).hasMatch(),
                 qPrintable(sheet()->findChild<QLabel*>("status")->text()));
        // Once the sheet is closed nobody listens.
        sheet()->close();
        QTRY_VERIFY(!sheet());
        QVERIFY(page(url).isEmpty());
    }

    void listeningIsSwitchedOffForGoodAndAllowedAgain() {
        openDemo();
        goToStep("draw");
        clickOn(buttonSaying("Take it with the telephone"));
        QTRY_VERIFY(sheet() && sheet()->isVisible());
        const QString url = sheet()->addresses().first();
        sheet()->findChild<QCheckBox*>()->click();
        QTRY_VERIFY(!sheet());
        QVERIFY(page(url).isEmpty());
        press(Qt::Key_T, Qt::ControlModifier);
        QVERIFY(!sheet());
        QVERIFY2(anyLabelSays("You switched listening for a telephone off"), said());
        clickOn(buttonSaying("Allow it again"));
        QTRY_VERIFY(sheet() && sheet()->isVisible());
        QVERIFY(sheet()->addresses().first() != url); // another path each time
    }
};

std::unique_ptr<QObject> makeTelephoneTest() {
    return std::make_unique<TelephoneTest>();
}

} // namespace zokran::test

#include "test_telephone.moc"
