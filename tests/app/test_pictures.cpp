#include "app/widgets/fields.h"
#include "app/window/live_sitter_dialog.h"
#include "core/head/population.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"

#include <QBuffer>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QImageWriter>
#include <QMimeData>
#include <QProgressBar>
#include <QSignalSpy>
#include <QtEndian>
#include <exiv2/exiv2.hpp>

namespace zokran::test {

class PictureTest : public WindowTest {
    Q_OBJECT

    static QByteArray bigEndian(quint32 value) {
        QByteArray bytes(4, 0);
        qToBigEndian(value, bytes.data());
        return bytes;
    }
    /// PNG's check sum of a chunk (ISO 15948, annex D).
    static QByteArray pngSum(const QByteArray& chunk) {
        quint32 sum = 0xffffffff;
        for (const char c : chunk) {
            sum ^= static_cast<unsigned char>(c);
            for (int k = 0; k < 8; ++k)
                sum = sum & 1 ? 0xedb88320 ^ (sum >> 1) : sum >> 1;
        }
        return bigEndian(sum ^ 0xffffffff);
    }
    /// A JPEG with enough in it to be longer than a few kilobytes.
    static QByteArray textured(int width, int height, bool progressive) {
        QImage image(width, height, QImage::Format_RGB32);
        for (int y = 0; y < height; ++y)
            for (int x = 0; x < width; ++x)
                image.setPixel(x, y, qRgb((x * 7 + y * 3) % 256, (x ^ y) % 256, (x * y) % 256));
        QByteArray bytes;
        QBuffer buffer(&bytes);
        QImageWriter writer(&buffer, "jpeg");
        writer.setProgressiveScanWrite(progressive);
        writer.setQuality(90);
        writer.write(image);
        return bytes;
    }
    void write(const char* name, const QByteArray& bytes) {
        QFile out(file(name));
        QVERIFY(out.open(QIODevice::WriteOnly));
        QCOMPARE(out.write(bytes), bytes.size());
    }

private slots:
    void aPointIsADecimalPointInEveryLanguage() {
        for (const QLocale& locale : {QLocale(QLocale::German), QLocale(QLocale::English)}) {
            DecimalBox box;
            box.setLocale(locale);
            box.setRange(0, 20);
            box.setSuffix(" eyes");
            box.show();
            box.setFocus();
            box.selectAll();
            QTest::keyClicks(&box, "1.7");
            QCOMPARE(box.value(), 1.7);
        }
    }

    void aSitterWhoIsThereIsReadWithThePencil() {
        press(Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
        auto* sheet = window_->findChild<LiveSitterDialog*>();
        QVERIFY(sheet && sheet->isVisible());
        QVERIFY(says(sheet, "5 more readings"));
        QVERIFY(!buttonIn(sheet, "Lay it on the bench")->isEnabled());
        // The head of the mean adult, turned so that the sitter's right half is nearer, as a pencil reads it.
        View view;
        view.nearness = 1 / usualDistance.value;
        view.face(headToView(poseFromDegrees({30}, {0}, {4})));
        auto* nearer = sheet->findChild<QComboBox*>();
        nearer->setFocus();
        QTest::keyClick(nearer, Qt::Key_Up);
        QCOMPARE(nearer->currentIndex(), 0);
        int typed = 0;
        for (const PencilReadingKind& kind : pencilReadingKinds())
            for (QDoubleSpinBox* box : sheet->findChildren<QDoubleSpinBox*>())
                if (box->accessibleName() == kind.name) {
                    box->setFocus();
                    box->selectAll();
                    const double value = *readingOf(kind, view, adultHeads().mean, NearerSide::ViewersLeft);
                    QTest::keyClicks(box, QLocale().toString(value, 'f', box->decimals()));
                    ++typed;
                }
        QCOMPARE(typed, static_cast<int>(pencilReadingKinds().size()));
        QTRY_VERIFY(buttonIn(sheet, "Lay it on the bench")->isEnabled());
        QVERIFY(says(sheet, "turned to your right"));
        auto* name = sheet->findChild<QLineEdit*>("sitter");
        QVERIFY(name);
        name->setFocus();
        QTest::keyClicks(name, "Marit");
        clickOn(buttonIn(sheet, "Lay it on the bench"));
        QVERIFY(!sheet->isVisible());
        waitForPictures();
        QCOMPARE(study().sitter, std::string("Marit"));
        QVERIFY(session().fit());
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value - 30) < 10);
        QVERIFY(!linesOn(seen()).empty());
        QVERIFY(qt(study().notes).contains("eyes"));
    }

    void badPicturesAreToldInPlaceAndChangeNothing_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<QString>("cause");
        QImage grey(40, 30, QImage::Format_RGB32);
        grey.fill(Qt::gray);
        QByteArray jpeg;
        QBuffer buffer(&jpeg);
        buffer.open(QIODevice::WriteOnly);
        grey.save(&buffer, "JPG");
        QTest::newRow("no image") << QByteArray("just words") << "not a picture";
        QTest::newRow("truncated") << jpeg.left(jpeg.size() / 2) << "cut short";
        QTest::newRow("empty") << QByteArray() << "not a picture";
        QTest::newRow("no size") << QByteArray("P5 0 0 255\n") << "picture";
        QTest::newRow("far too wide")
            << QByteArray("P5 31000 2 255\n") + QByteArray(62000, 'x') << "31000";
        // Only the header is there: a picture of 15,900 px a side is refused before it is decoded.
        QTest::newRow("too many pixels")
            << QByteArray::fromHex("89504e470d0a1a0a0000000d49484452") + bigEndian(15900) +
                   bigEndian(15900) + QByteArray::fromHex("0806000000") +
                   pngSum(QByteArray("IHDR") + bigEndian(15900) + bigEndian(15900) +
                          QByteArray::fromHex("0806000000")) +
                   bigEndian(0) + QByteArray("IDAT") + pngSum("IDAT")
            << "too large";
        for (bool progressive : {false, true})
            for (int percent : {20, 60, 97}) {
                const QByteArray whole = textured(900, 700, progressive);
                QTest::addRow("cut at %d %%, %s", percent, progressive ? "progressive" : "baseline")
                    << whole.left(whole.size() * percent / 100) << "cut short";
            }
    }

    void badPicturesAreToldInPlaceAndChangeNothing() {
        QFETCH(QByteArray, bytes);
        QFETCH(QString, cause);
        openDemo();
        const Study before = study();
        QFile bad(file("bad.jpg"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write(bytes);
        bad.close();
        openReference(bad.fileName());
        QTRY_VERIFY(anyLabelSays("bad.jpg"));
        QVERIFY2(anyLabelSays(cause), said());
        QVERIFY(study() == before);
        QCOMPARE(int(logbook_->studies().size()), 43);
    }

    void aRotatedPhotographStandsUpright() {
        // A JPEG of 40 by 20 whose EXIF says: turn a quarter clockwise to view.
        QImage wide(40, 20, QImage::Format_RGB32);
        wide.fill(Qt::white);
        QByteArray jpeg;
        QBuffer buffer(&jpeg);
        buffer.open(QIODevice::WriteOnly);
        wide.save(&buffer, "JPG");
        const QByteArray exif = QByteArray::fromHex(
            "ffe100224578696600004d4d002a00000008000101120003000000010006000000000000");
        jpeg.insert(2, exif);
        QFile rotated(file("rotated.jpg"));
        QVERIFY(rotated.open(QIODevice::WriteOnly));
        rotated.write(jpeg);
        rotated.close();
        openReference(rotated.fileName());
        QTRY_VERIFY(session().document.isOpen());
        QCOMPARE(seen()->scene().picture.size(), QSize(20, 40));
        QCOMPARE(study().reference.height, 40);
    }

    void theLensIsReadFromExifUnlessThePictureWasCropped() {
        QImage photo(400, 300, QImage::Format_RGB32);
        photo.fill(Qt::white);
        for (const int recordedWidth : {400, 4000}) {
            const QString name = file("lens.jpg");
            photo.save(name, "JPG");
            auto image = Exiv2::ImageFactory::open(name.toStdString());
            image->exifData()["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{85};
            image->exifData()["Exif.Photo.PixelXDimension"] = std::uint32_t(recordedWidth);
            image->exifData()["Exif.Photo.PixelYDimension"] = std::uint32_t{300};
            image->writeMetadata();
            openReference(name);
            QTRY_VERIFY(study().reference.width == 400 &&
                        study().reference.focal.has_value() == (recordedWidth == 400));
            // 85 mm against a diagonal of 43.27 mm; the picture's diagonal is 500 px.
            if (study().reference.focal)
                QVERIFY(std::abs(study().reference.focal->value - 982.2) < 0.5);
        }
    }

    void aStudyStartedByDroppingAPictureOnTheBench() {
        photographs();
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(file("head.png"))});
        QDragEnterEvent enter({300, 300}, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &enter);
        QVERIFY(enter.isAccepted());
        QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(window_.get(), &drop);
        QTRY_VERIFY(session().document.isOpen());
        QCOMPARE(study().title, std::string("head"));
    }

    void aJpegWithAFilmBehindItsEndIsHealthy() {
        for (bool progressive : {false, true}) {
            write("motion.jpg", textured(300, 200, progressive) + QByteArray(90000, '\x5a'));
            openReference(file("motion.jpg"));
            QCOMPARE(seen()->scene().picture.size(), QSize(300, 200));
            QVERIFY(!anyLabelSays("cut short"));
        }
    }

    void aVeryLargeJpegIsBroughtDownAndItsLensWithIt() {
        QImage huge(9000, 7000, QImage::Format_Grayscale8);
        huge.fill(200);
        huge.save(file("huge.jpg"), "JPG");
        {
            auto image = Exiv2::ImageFactory::open(file("huge.jpg").toStdString());
            image->readMetadata();
            image->exifData()["Exif.Photo.FocalLengthIn35mmFilm"] = std::uint16_t{50};
            image->writeMetadata();
        }
        openReference(file("huge.jpg"));
        const QSize size = seen()->scene().picture.size();
        QVERIFY(size.width() < 9000 && 1.0 * size.width() * size.height() < 51e6);
        QCOMPARE(study().reference.width, size.width());
        const double wanted = 50 / 43.27 * std::hypot(size.width(), size.height());
        QVERIFY(std::abs(study().reference.focal->value - wanted) < 1);
    }

    void theWindowLivesWhileALargePhotographIsOpened() {
        write("large.jpg", textured(6000, 4000, false));
        QSignalSpy busy(&session().pictures, &Pictures::busyChanged);
        int beats = 0; // of the window while the picture is being decoded
        bool shown = false;
        QTimer beat;
        connect(&beat, &QTimer::timeout, this, [&] {
            if (session().pictures.decoding() == 0)
                return;
            ++beats;
            shown = shown || visibleNamed<QProgressBar>("Opening the picture");
        });
        session().takePicture(file("large.jpg"), Side::Reference);
        QVERIFY(!session().document.isOpen()); // at once nothing has happened yet but the asking
        beat.start(2);
        QTRY_VERIFY_WITH_TIMEOUT(!seen()->scene().picture.isNull(), 20000);
        QVERIFY(busy.count() >= 2);
        QVERIFY(shown);
        QVERIFY2(beats > 5, qPrintable(QString::number(beats)));
        QCOMPARE(seen()->scene().picture.size(), QSize(6000, 4000));
    }
};

std::unique_ptr<QObject> makePictureTest() {
    return std::make_unique<PictureTest>();
}

} // namespace zokran::test

#include "test_pictures.moc"
