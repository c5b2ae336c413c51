// The step Light in the real window.

#include "app/course/light/light_scenes.h"
#include "app/overlays/named_places_overlay.h"
#include "app/overlays/outlines_overlay.h"
#include "app/overlays/picture_overlay.h"
#include "app/overlays/places_overlay.h"
#include "app/overlays/tones_overlay.h"
#include "app/widgets/light_ball.h"
#include "app/widgets/value_strip.h"
#include "tests/app/window_test.h"

#include <set>

namespace zokran::test {

class LightingTest : public WindowTest {
    Q_OBJECT

    LightBall* ball() { return window_->findChild<LightBall*>(); }
    const PlacesOverlay* places() { return drawn()->scene().find<PlacesOverlay>(); }
    /// The greys that cover more than a four-hundredth of the form's picture; the ground is none.
    std::set<QRgb> largeGreys() {
        const QImage picture = session().light.shaded()->picture;
        std::map<QRgb, int> counts;
        for (int y = 0; y < picture.height(); ++y)
            for (int x = 0; x < picture.width(); ++x)
                ++counts[picture.pixel(x, y)];
        std::set<QRgb> large;
        for (const auto& [grey, count] : counts)
            if (count > picture.width() * picture.height() / 400 && grey != qRgb(119, 119, 119))
                large.insert(grey);
        return large;
    }
    /// The greys of the shaded form.
    std::set<QRgb> greys() {
        const QImage& picture = session().light.shaded()->picture;
        std::set<QRgb> all;
        for (int y = 0; y < picture.height(); y += 2)
            for (int x = 0; x < picture.width(); x += 2)
                all.insert(picture.pixel(x, y));
        return all;
    }

    /// Goes to Light and shows the sketch on the right, by keys.
    QComboBox* showSketch() {
        goToStep("light");
        auto* shown = visibleNamed<QComboBox>("On the right");
        shown->setFocus();
        while (shown->currentText() != "Your sketch" && shown->currentIndex() + 1 < shown->count())
            QTest::keyClick(shown, Qt::Key_Down);
        return shown;
    }

private slots:
    void theShapesOfLightAndDarkLieOnThePictureAsOutlines() {
        openDemo();
        goToStep("light");
        QVERIFY(!seen()->scene().find<OutlinesOverlay>());
        tick("The shapes as outlines");
        const OutlinesOverlay* outlines = nullptr;
        QTRY_VERIFY((outlines = seen()->scene().find<OutlinesOverlay>()));
        // They are borders on the head, and not the picture's own edge.
        const View& view = session().fit()->view;
        int onHead = 0;
        for (const auto& line : outlines->lines())
            for (const PicturePoint& p : line) {
                QVERIFY(p.x() > 1 && p.y() > 1 && p.x() < study().reference.width - 1 && p.y() < study().reference.height - 1);
                onHead += (p - view.centre).norm() < view.outlineRadius().value;
            }
        QVERIFY(onHead > 200);
        // With two values there are fewer of them.
        const std::size_t usual = outlines->lines().size();
        clickOn(visibleNamed<QPushButton>("2 values"));
        QTRY_VERIFY((outlines = seen()->scene().find<OutlinesOverlay>()) && outlines->lines().size() < usual);
        tick("The shapes as outlines");
        QVERIFY(!seen()->scene().find<OutlinesOverlay>());
    }

    void lightAndShadowAreNamedOnTheFormAndOnThePhoto() {
        openDemo();
        goToStep("light");
        QVERIFY(places());
        tick("Name light and shadow");
        QTRY_VERIFY(seen()->scene().find<NamedPlacesOverlay>() && drawn()->scene().find<NamedPlacesOverlay>());
        const auto onForm = drawn()->scene().find<NamedPlacesOverlay>()->places,
                   onPhoto = seen()->scene().find<NamedPlacesOverlay>()->places;
        QVERIFY(!places()); // one thing at a time
        QCOMPARE(onForm.size(), onPhoto.size());
        QStringList names;
        const View& view = session().fit()->view;
        for (std::size_t i = 0; i < onForm.size(); ++i) {
            names << onForm[i].name;
            QCOMPARE(onPhoto[i].name, onForm[i].name);
            // The photograph's place is the form's: as far from the middle of the ball, in its radii, and in the same direction.
            const View& shaded = session().light.shaded()->view;
            const PicturePoint there = (onPhoto[i].at - view.centre) / view.scale,
                               here = (onForm[i].at - shaded.centre) / shaded.scale;
            QVERIFY2((there - here).norm() < 0.1, qPrintable(names.last()));
            QVERIFY2(anyLabelSays(names.last() + "</b>: "), said());
        }
        QVERIFY2(names.contains("halftone") && names.contains("core shadow"), qPrintable(names.join(", ")));
        QVERIFY2(anyLabelSays("(here: the "), said());
        // A head turned in the hand is no longer the one in the photograph.
        drawn()->setFocus();
        drag(drawn(), QPoint(drawn()->width() / 2, drawn()->height() / 2),
             QPoint(drawn()->width() / 2 + 60, drawn()->height() / 2));
        QVERIFY(drawn()->scene().find<NamedPlacesOverlay>());
        QVERIFY(!seen()->scene().find<NamedPlacesOverlay>());
        // A sphere on a table, on which they are learnt: each stands on the tone it names.
        auto* shown = visibleNamed<QComboBox>("On the right");
        shown->setFocus();
        while (shown->currentText() != "Sphere" && shown->currentIndex() + 1 < shown->count())
            QTest::keyClick(shown, Qt::Key_Down);

        std::map<QString, int> tones;
        const QImage& picture = session().light.shaded()->picture;
        for (const auto& place : drawn()->scene().find<NamedPlacesOverlay>()->places)
            tones[place.name] = qGray(picture.pixel(QPointF(place.at.x(), place.at.y()).toPoint()));
        QVERIFY(tones.contains("cast shadow") && tones.contains("core shadow") && tones.contains("halftone"));
        QVERIFY(tones["highlight"] > tones["halftone"]);
        QVERIFY(tones["halftone"] > tones["core shadow"]);
        QVERIFY(tones["light"] > tones["cast shadow"]);
        shown->setFocus();
        QTest::keyClick(shown, Qt::Key_Home);
        tick("Name light and shadow");
        QVERIFY(!drawn()->scene().find<NamedPlacesOverlay>());
        QVERIFY(places());
    }

    void valuesThatAreOffAreToldPlaceByPlaceOnBothSheets() {
        openDemo();
        for (const StudySummary& study : logbook_->studies())
            if (study.title == "Looking down from the gallery")
                openStudy(study.id);
        QComboBox* shown = showSketch();
        QListWidget* list = nullptr;
        QTRY_VERIFY_WITH_TIMEOUT((list = visibleNamed<QListWidget>("Values that are off, place by place")), 15000);
        // What was planted in it; the drawing is on toned paper, its lights in chalk.
        QVERIFY2(list->item(0)->text().contains("the eye socket, left: 2 values of 5 too light"), qPrintable(list->item(0)->text()));
        QVERIFY2(anyLabelSays("Darken it"), said());
        QVERIFY2(anyLabelSays("First: the eye socket, left"), said());
        const auto* onSeen = seen()->scene().find<TonesOverlay>();
        const auto* onDrawn = drawn()->scene().find<TonesOverlay>();
        QVERIFY(onSeen && onDrawn);
        QCOMPARE(onSeen->places.size(), onDrawn->places.size());
        QVERIFY(onDrawn->places.front().isChosen && onDrawn->places.front().darker);
        // The ring lies on the face as it was drawn: within the sitter's right eye.
        const auto eye = study().sketch()->marks.seen(Mark::InnerEyeR);
        QVERIFY(eye);
        QVERIFY((PicturePoint(*eye) - onDrawn->places.front().at).norm() < 60);
        if (list->count() > 1) {
            list->setFocus();
            QTest::keyClick(list, Qt::Key_Down);
            QCoreApplication::processEvents();
            QVERIFY(drawn()->scene().find<TonesOverlay>()->places[1].isChosen);
            QVERIFY(seen()->scene().find<TonesOverlay>()->places[1].isChosen);
        }
        // Another form on the right: no rings, the places of the form again.
        shown->setFocus();
        QTest::keyClick(shown, Qt::Key_Home);
        QTRY_VERIFY(!visibleNamed<QListWidget>("Values that are off, place by place"));
        QVERIFY(!seen()->scene().find<TonesOverlay>());
    }

    void edgesOfShadowsThatCreptBearTheirLettersOnBothSheets() {
        // One lamp and hardly a room; it was drawn with the lamp further to the side, so that the shadow has grown.
        Shot shot;
        shot.size = 1600; // more pixels than are compared
        shot.pose = poseFromDegrees({-20}, {6}, {0});
        shot.lightElevation = {25};
        shot.softness = {0.1};
        shot.fill = 0.1;
        const Bust head(sitterNamed("halcyon"));
        const MarkSheet truth = exactMarks(head, viewOf(shot), 1280, 1600);
        const auto write = [&](const char* name, double azimuth) {
            shot.lightAzimuth = {azimuth};
            std::ofstream(file(name).toStdString(), std::ios::binary) << encoded(photograph(head, shot), ".png");
        };
        write("head.png", -55);
        write("sketch.png", -80);
        openReference(file("head.png"));
        markAll(seen(), Side::Reference, truth);
        openSketch(file("sketch.png"));
        markAll(drawn(), Side::Sketch, truth);
        skipSaying();
        showSketch();
        QTRY_VERIFY_WITH_TIMEOUT(anyLabelSays("your shadow's edge has crept into the light, by "), 15000);
        QVERIFY2(anyLabelSays("A  "), said());
        QVERIFY(!anyLabelSays("your shadow's edge has drawn back"));
        QVERIFY2(anyLabelSays("but the edge of the shadow lies elsewhere"), said());
        QVERIFY(!anyLabelSays("The values hold: "));
        const auto* onSeen = seen()->scene().find<NamedPlacesOverlay>();
        const auto* onDrawn = drawn()->scene().find<NamedPlacesOverlay>();
        QVERIFY(onSeen && onDrawn);
        QCOMPARE(onSeen->places.size(), onDrawn->places.size());
        QCOMPARE(onSeen->places.front().name, QString("A"));
        // On the face, and where it lay in the light: brighter in the photograph than in the drawing.
        const auto at = onSeen->places.front().at;
        QVERIFY2(anyLabelSays("A  the nostril"), said());
        QVERIFY((PicturePoint(at.x(), at.y()) - *truth.seen(Mark::NoseBase)).norm() < 0.4 * truth.ball->radius.value);
        const QImage photo(file("head.png")), drawing(file("sketch.png"));
        const auto grey = [](const QImage& image, const auto& place) {
            return qGray(image.pixel(QPointF(place.x(), place.y()).toPoint()));
        };
        QVERIFY(grey(photo, at) > grey(drawing, onDrawn->places.front().at));
    }

    void aLineDrawingHasNoTonesToCompare() {
        openDemo();
        showSketch();
        QTRY_VERIFY_WITH_TIMEOUT(anyLabelSays("all line so far"), 15000);
        QVERIFY(!visibleNamed<QListWidget>("Values that are off, place by place"));
    }

    void theLightIsReadFromThePhotoAndUndone() {
        openDemo();
        goToStep("light");
        QVERIFY(!study().lighting);
        QVERIFY2(anyLabelSays("Where does the light come from?"), said());
        clickOn(nextButton());
        QTRY_VERIFY_WITH_TIMEOUT(study().lighting.has_value(), 10000);
        // The cast room lit it from the left, above: its picture is named so in its own file.
        QVERIFY2(anyLabelSays("from the front left"), said());
        QVERIFY2(anyLabelSays("read from the photo, ±"), said());
        QVERIFY2(anyLabelSays("Leave the paper bare first here"), said());
        QVERIFY(places() && places()->places.size() >= 8);
        undo();
        QVERIFY(!study().lighting);
    }

    void theHandleTurnsTheLightByMouseAndByKeys() {
        openDemo();
        goToStep("light");
        const QPoint middle(ball()->width() / 2, ball()->height() / 2);
        QTest::mousePress(ball(), Qt::LeftButton, {}, middle);
        for (int i = 1; i <= 6; ++i) {
            const QPointF at = middle + QPointF(5 * i, -2 * i);
            QMouseEvent move(QEvent::MouseMove, at, ball()->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, {});
            QApplication::sendEvent(ball(), &move);
        }
        QTest::mouseRelease(ball(), Qt::LeftButton, {}, middle + QPoint(30, -12));
        QVERIFY(study().lighting);
        const Degrees across = toDegrees(study().lighting->key.azimuth),
                      up = toDegrees(study().lighting->key.elevation);
        QVERIFY2(across > Degrees{40} && across < Degrees{90}, qPrintable(QString::number(across.value)));
        QVERIFY2(up > Degrees{10} && up < Degrees{50}, qPrintable(QString::number(up.value)));
        QVERIFY2(anyLabelSays("right"), said());
        undo(); // the whole drag
        QVERIFY(!study().lighting);
        ball()->setFocus();
        const Degrees before = toDegrees(session().light.lighting().key.azimuth);
        QTest::keyClick(ball(), Qt::Key_Right);
        QTest::keyClick(ball(), Qt::Key_Right, Qt::ShiftModifier);
        QCOMPARE(std::lround(toDegrees(study().lighting->key.azimuth).value - before.value), 20);
        QTest::keyClick(ball(), Qt::Key_Down);
        QVERIFY(study().lighting->key.elevation < Lighting{}.key.elevation);
    }

    void theHeadStandsInPlanesOfAFewValues() {
        openDemo();
        goToStep("light");
        auto* shown = visibleNamed<QComboBox>("On the right");
        QVERIFY(shown);
        QCOMPARE(shown->currentText(), QString("The head in planes"));
        const auto planes = largeGreys();
        QVERIFY2(planes.size() >= 3 && planes.size() <= 5, qPrintable(QString::number(planes.size())));
        const QImage all = session().light.shaded()->picture;
        shown->setFocus();
        QTest::keyClick(shown, Qt::Key_Down);
        QCOMPARE(shown->currentText(), QString("Its large planes"));
        QVERIFY(session().light.shaded()->picture != all);
        // What catches the light is named on the planes too, each where it lies on the head.
        const QRectF head(0.15 * all.width(), 0.1 * all.height(), 0.7 * all.width(), 0.75 * all.height());
        QVERIFY(!signedPlaces(session()).empty());
        for (const SignedPlace& place : signedPlaces(session()))
            QVERIFY(head.contains(QPointF(place.place.at.x(), place.place.at.y())));
    }

    void formAndPhotoComeInTheSameValues() {
        openDemo();
        goToStep("light");
        auto* shown = visibleNamed<QComboBox>("On the right");
        shown->setFocus();
        QTest::keyClick(shown, Qt::Key_Down);
        QTest::keyClick(shown, Qt::Key_Down);
        QCOMPARE(shown->currentText(), QString("The round form"));
        for (const int values : {2, 3, 10}) {
            clickOn(visibleNamed<QPushButton>(QString("%1 values").arg(values)));
            QCOMPARE(study().lighting->values, values);
            QTRY_VERIFY_WITH_TIMEOUT(!squintedOn(session(), Side::Reference).picture.isNull(), 5000);
            std::set<QRgb> photo;
            const QImage squinted = squintedOn(session(), Side::Reference).picture;
            for (int y = 0; y < squinted.height(); y += 3)
                for (int x = 0; x < squinted.width(); x += 3)
                    photo.insert(squinted.pixel(x, y));
            std::set<QRgb> form = greys();
            form.erase(qRgb(119, 119, 119)); // the ground
            QVERIFY2(int(form.size()) <= values && int(form.size()) >= 2, qPrintable(QString::number(form.size())));
            QVERIFY(int(photo.size()) <= values);
            for (QRgb grey : form) // one scale for both
                QVERIFY(values == 10 || photo.contains(grey) || photo.size() < 3);
            const auto* strip = window_->findChild<ValueStrip*>();
            QCOMPARE(strip->accessibleDescription().section(';', 0, 0).count('%'), values);
        }
        // The demo's sketches are all line.
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("all line so far"), said().constData(), 8000);
    }

    void basicFormsStandUnderTheSameLight() {
        openDemo();
        goToStep("light");
        QComboBox* shown = nullptr;
        for (QComboBox* box : window_->findChildren<QComboBox*>())
            if (box->isVisible() && box->findData("sphere") >= 0)
                shown = box;
        QVERIFY(shown);
        shown->setFocus();
        for (const char* form : {"sphere", "egg", "cube", "wedge", "cylinder", "ring"}) {
            while (shown->currentData().toString() != form)
                QTest::keyClick(shown, Qt::Key_Down);
            QCOMPARE(session().light.form(), std::string(form));
            QVERIFY2(greys().size() >= 3, form);
            QVERIFY(!places());
        }
        const QImage standing = session().light.shaded()->picture;
        tick("Standing on a table");
        QVERIFY(session().light.shaded()->picture != standing);
        // Turned in the hand it stays turned.
        const QImage before = session().light.shaded()->picture;
        const QPoint middle(drawn()->width() / 2, drawn()->height() / 2);
        drag(drawn(), middle, middle + QPoint(60, 0));
        QVERIFY(session().light.shaded()->picture != before);
        QVERIFY(session().selection.form.turned().turn.value != 0);
    }

    void beforeThereIsAFitTheBasicFormsServe() {
        photographs();
        openReference(file("head.png"));
        goToStep("light");
        QVERIFY2(anyLabelSays("block in the head first"), said());
        QVERIFY(!buttonSaying("Read it from the photo")->isEnabled());
    }

    void aSecondLightIsSwitchedOnTurnedAndTakenAway() {
        openDemo();
        goToStep("light");
        QTRY_VERIFY_WITH_TIMEOUT(session().light.shaded(), 20000);
        const QImage one = session().light.shaded()->picture;
        tick("A second light");
        QVERIFY(study().lighting && study().lighting->second);
        // It comes from the other side, and lights the form.
        QCOMPARE(study().lighting->second->from.azimuth, -study().lighting->key.azimuth);
        QTRY_VERIFY_WITH_TIMEOUT(session().light.shaded()->picture != one, 20000);
        undo();
        QVERIFY(!study().lighting || !study().lighting->second);
        QTRY_VERIFY_WITH_TIMEOUT(session().light.shaded()->picture == one, 20000);
    }
};

std::unique_ptr<QObject> makeLightingTest() {
    return std::make_unique<LightingTest>();
}

} // namespace zokran::test

#include "test_lighting.moc"
