#include "app/overlays/expression_overlay.h"
#include "app/telephone/telephone_dialog.h"
#include "cast/stand_in_camera.h"
#include "core/messages/expression_messages.h"
#include "tests/app/tests.h"
#include "tests/app/window_test.h"
#include "tests/see/drawing_of.h"

#include <QHttpMultiPart>
#include <QNetworkAccessManager>
#include <QNetworkProxy>
#include <QNetworkReply>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

namespace zokran::test {

/// What the program sees by itself, on a photograph of a person (tests/data/see, see docs/sources.md).
class SeeingTest : public WindowTest {
    Q_OBJECT

    static cv::Mat portrait() {
        const cv::Mat whole = cv::imread(ZOKRAN_TEST_DATA "/see/portrait.jpg");
        cv::Mat larger;
        cv::resize(whole(cv::Rect(110, 0, 230, 250)), larger, {}, 2, 2, cv::INTER_CUBIC);
        return larger;
    }
    QString save(const cv::Mat& picture, const char* name) {
        cv::imwrite(file(name).toStdString(), picture);
        return file(name);
    }
    /// A photograph of a page, lying a little askew on a dark table, with the drawing on it.
    static cv::Mat pageWith(const cv::Mat& drawing) {
        cv::Mat page(1188, 840, CV_8UC1, cv::Scalar(242)), larger;
        cv::resize(drawing, larger, {}, 1.35, 1.35, cv::INTER_CUBIC);
        cv::min(larger, 242, larger);
        larger.copyTo(page(cv::Rect((840 - larger.cols) / 2, 200, larger.cols, larger.rows)));
        const cv::Point2f from[] = {{0, 0}, {839, 0}, {839, 1187}, {0, 1187}};
        const cv::Point2f to[] = {{130, 90}, {948, 118}, {925, 1290}, {98, 1262}};
        cv::Mat photo(1400, 1050, CV_8UC1, cv::Scalar(74));
        cv::warpPerspective(page, photo, cv::getPerspectiveTransform(from, to), photo.size(), cv::INTER_LINEAR,
                            cv::BORDER_TRANSPARENT);
        cv::cvtColor(photo, photo, cv::COLOR_GRAY2BGR);
        return photo;
    }
    /// The portrait as a drawing whose nose is 5 % of the face too long.
    cv::Mat withLongNose() {
        cv::Mat grey;
        cv::cvtColor(portrait(), grey, cv::COLOR_BGR2GRAY);
        // Where the portrait has the end of the nose, and how wide the face is, px: read off the picture.
        constexpr double width = 188;
        const cv::Point2d at(228, 262);
        return drawingOf(withMoved(grey, at, {0, 0.05 * width}, 0.08 * width, 0.17 * width),
                         DrawingFilter::Dodged);
    }
    /// The portrait and the drawing of it on the bench, both seen by the program.
    void openBoth() {
        openReference(save(portrait(), "portrait.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
        openSketch(save(pageWith(withLongNose()), "page.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().comparison(), 30000);
    }

public:
    SeeingTest() { findsFaces_ = true; }

private slots:
    void aPhotographIsMarkedWithoutAClickAndThatCanBeUndone() {
        openReference(save(portrait(), "portrait.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
        QCOMPARE(suggestionCount(session(), Side::Reference), 16);
        for (const auto& placed : study().reference.expression)
            QVERIFY(placed && placed->suggested);
        QVERIFY(std::abs(toDegrees(session().fit()->pose.turn).value) < 15);
        goToStep("block-in");
        QVERIFY2(anyLabelSays("I marked the face"), said());
        // One key each, from the most doubtful on.
        const Mark first = *askedMark(session(), Side::Reference);
        QVERIFY(anyLabelSays(qt(wordsFor(first))));
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_Return);
        QVERIFY(!study().reference.marks[first]->suggested);
        QCOMPARE(suggestionCount(session(), Side::Reference), 15);
        QVERIFY(*askedMark(session(), Side::Reference) != first);
        // A click beside the marks carries none of them off.
        const MarkSheet before = study().reference;
        click(seen(), QPoint(30, seen()->height() / 2));
        QVERIFY(static_cast<const MarkSheet&>(study().reference) == before);
        undo();
        undo();
        QVERIFY(!session().fit());
        QTest::qWait(600); // the picture is not looked at again by itself
        QCOMPARE(suggestionCount(session(), Side::Reference), 0);
        QVERIFY(!session().faces.isRunning());
        clickOn(buttonSaying("Suggest marks"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
    }

    void fromPhotographAndDrawingToTheFirstFindingInSixActs() {
        int acts = 0;
        openReference(save(portrait(), "portrait.png"));
        ++acts;
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
        const cv::Mat page = pageWith(withLongNose());
        openSketch(save(page, "page.png"));
        ++acts;
        QTRY_VERIFY_WITH_TIMEOUT(session().comparison(), 30000);
        QVERIFY(study().sketch()->page.flat); // found by itself
        QCOMPARE(stepId(), std::string("check"));
        // What looks wrong is asked first, and nothing on the screen gives the answer away.
        QVERIFY(anyLabelSays("Say it first"));
        QVERIFY2(!anyLabelSays("drawn:"), said());
        skipSaying();
        ++acts;
        QVERIFY2(anyLabelSays("The nose is too long"), said());
        QVERIFY(anyLabelSays("drawn:"));
        QVERIFY2(anyLabelSays("As far as I can see"), said());
        QVERIFY(acts <= 6);
        undo(); // what was said
        undo(); // the marks
        QVERIFY(!session().comparison());
        QCOMPARE(placedCount(session(), Side::Sketch), 0);
    }

    void ofADrawingThatShowsNoFaceYetItIsSaid() {
        openReference(save(portrait(), "portrait.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
        // A ball and two lines.
        cv::Mat begun(420, 300, CV_8UC1, cv::Scalar::all(245));
        cv::circle(begun, {150, 180}, 100, cv::Scalar::all(90), 2, cv::LINE_AA);
        cv::line(begun, {150, 80}, {165, 330}, cv::Scalar::all(90), 2, cv::LINE_AA);
        cv::line(begun, {55, 190}, {245, 170}, cv::Scalar::all(90), 2, cv::LINE_AA);
        openSketch(save(pageWith(begun), "page.png"));
        QTRY_VERIFY_WITH_TIMEOUT(anyLabelSays("No face could be read on this drawing"), 20000);
        QCOMPARE(placedCount(session(), Side::Sketch), 0);
        // It goes by hand, and the words give way to the count.
        QVERIFY2(anyLabelSays("Click the "), said());
        click(drawn(), QPoint(drawn()->width() / 2, drawn()->height() / 2));
        QCOMPARE(placedCount(session(), Side::Sketch), 1);
        QVERIFY2(!anyLabelSays("No face could be read on this drawing"), said());
    }

    void whatIsDoubtfulIsLookedOverFirst() {
        openBoth();
        skipSaying();
        QVERIFY(!buttonSaying("Look them over") || !marksToLookOver(session()).empty());
        // Two marks become doubtful, the chin more than the brow.
        session().document.edit("Doubt", {}, [](Study& s) {
            MarkSheet& sheet = s.marks(Side::Sketch);
            sheet.marks[Mark::Chin]->noise = Pixels{40};
            sheet.marks[Mark::Brow]->noise = Pixels{30};
        });
        QVERIFY2(anyLabelSays("Look at these first: chin, brow"), said());
        clickOn(buttonSaying("Look them over"));
        QVERIFY2(anyLabelSays("Does the ring sit where you drew the chin?"), said());
        drawn()->setFocus();
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(!study().marks(Side::Sketch).marks[Mark::Chin]->suggested);
        QVERIFY2(anyLabelSays("Does the ring sit where you drew the brow?"), said());
        // The second one is dragged right.
        const PicturePoint brow = *study().marks(Side::Sketch).seen(Mark::Brow);
        const QPoint from = spot(drawn(), brow);
        drag(drawn(), from, from + QPoint(0, -4));
        QVERIFY((*study().marks(Side::Sketch).seen(Mark::Brow) - brow).norm() > 1);
        QVERIFY(!study().marks(Side::Sketch).marks[Mark::Brow]->suggested);
        // It ends by itself: what is left would change nothing.
        QVERIFY2(anyLabelSays("As far as I can see"), said());
        QVERIFY(!anyLabelSays("Does the ring sit"));
        QVERIFY(suggestionCount(session(), Side::Sketch) > 8);
    }

    void eyebrowsAreLookedOverAsTheOtherMarksAre() {
        openBoth();
        skipSaying();
        using enum ExpressionMark;
        session().document.edit("Doubt", {}, [](Study& s) {
            MarkSheet& sheet = s.marks(Side::Sketch);
            sheet.expression[BrowPeakL]->noise = Pixels{60};
            sheet.expression[BrowEndR]->noise = Pixels{50};
            sheet.expression[BrowStartR]->noise = Pixels{40};
        });
        clickOn(buttonSaying("Look them over"));
        const auto sketch = [this]() -> const MarkSheet& { return study().marks(Side::Sketch); };
        const auto asksFor = [&](ExpressionMark m) {
            return anyLabelSays("Does the ring sit where you drew the " + qt(wordsFor(m))) &&
                   anyLabelSays("Next: " + qt(wordsFor(m)));
        };
        QVERIFY2(asksFor(BrowPeakL), said());
        // The same ring is selected on the photograph.
        QCOMPARE(seen()->scene().find<ExpressionOverlay>()->shown.taken, std::optional(BrowPeakL));
        // The arrows move it, and it stays the one that is asked for until Enter.
        drawn()->setFocus();
        const PicturePoint peak = *sketch().expression[BrowPeakL]->at;
        QTest::keyClick(drawn(), Qt::Key_Up);
        QTest::keyClick(drawn(), Qt::Key_Up);
        QCOMPARE(*sketch().expression[BrowPeakL]->at, PicturePoint(peak - PicturePoint(0, 2)));
        QVERIFY2(asksFor(BrowPeakL), said());
        QTest::keyClick(drawn(), Qt::Key_Return);
        QVERIFY(!sketch().expression[BrowPeakL]->suggested);
        // The next is right as it lies, and the one after it is not drawn.
        QVERIFY2(asksFor(BrowEndR), said());
        const PicturePoint end = *sketch().expression[BrowEndR]->at;
        clickOn(buttonSaying("It is right"));
        QVERIFY(!sketch().expression[BrowEndR]->suggested);
        QCOMPARE(*sketch().expression[BrowEndR]->at, end);
        QVERIFY2(asksFor(BrowStartR), said());
        clickOn(buttonSaying("Not drawn yet"));
        QVERIFY(sketch().expression[BrowStartR]->hidden);
        QVERIFY2(anyLabelSays("As far as I can see"), said());
        undo();
        QVERIFY(!sketch().expression[BrowStartR]->hidden);
        // Dragged, it is let go and done.
        QVERIFY2(asksFor(BrowStartR), said());
        const PicturePoint start = *sketch().expression[BrowStartR]->at;
        const QPoint from = spot(drawn(), start);
        drag(drawn(), from, from + QPoint(3, 0));
        QVERIFY((*sketch().expression[BrowStartR]->at - start).norm() > 0.5);
        QVERIFY2(anyLabelSays("As far as I can see"), said());
        // The next photograph begins with what the learner sees, and not with looking over.
        openSketch(save(pageWith(withLongNose()), "next.png"));
        QTRY_VERIFY_WITH_TIMEOUT(study().sketches.size() == 2 && session().comparison(), 30000);
        session().document.edit("Doubt", {}, [](Study& s) {
            for (auto& placed : s.marks(Side::Sketch).expression)
                if (placed && placed->at)
                    placed = PlacedMark{placed->at, false, true, Pixels{60}};
        });
        QVERIFY2(!anyLabelSays("Does the ring sit"), said());
    }

    void marksOfTheFirstPhotographAreCarriedToTheNext() {
        openBoth();
        skipSaying();
        session().document.edit("Confirm", {}, [](Study& s) {
            MarkSheet& sheet = s.marks(Side::Sketch);
            for (Mark m : {Mark::Chin, Mark::NoseBase, Mark::PupilL})
                sheet.marks[m] = PlacedMark{*sheet.marks[m]->at, false};
            sheet.marks[Mark::Crown] = PlacedMark{*sheet.marks[Mark::Brow]->at - PicturePoint(0, 200), false};
        });
        const MarkSheet before = study().marks(Side::Sketch);
        // The same page with the nose put right.
        cv::Mat grey;
        cv::cvtColor(portrait(), grey, cv::COLOR_BGR2GRAY);
        openSketch(save(pageWith(drawingOf(grey, DrawingFilter::Dodged)), "next.png"));
        QTRY_VERIFY_WITH_TIMEOUT(study().sketches.size() == 2 && session().comparison(), 30000);
        const MarkSheet& after = study().marks(Side::Sketch);
        QVERIFY(after.marks[Mark::Chin] && !after.marks[Mark::Chin]->suggested);
        QVERIFY(!after.marks[Mark::PupilL]->suggested);
        QVERIFY(after.marks[Mark::NoseBase]->suggested); // it has moved
        QVERIFY(after.marks[Mark::Crown]->suggested);    // it is not seen again
        QVERIFY((*after.seen(Mark::Crown) - *before.seen(Mark::Crown)).norm() < 30);
    }

    void aPageSentAgainByTelephoneIsJudgedInTenSecondsByOneKey() {
        QNetworkProxy::setApplicationProxy(QNetworkProxy::NoProxy);
        openBoth();
        skipSaying();
        press(Qt::Key_T, Qt::ControlModifier);
        auto* sheet = window_->findChild<TelephoneDialog*>();
        QVERIFY(sheet && !sheet->addresses().isEmpty());
        // The nose was put right; the mouth now hangs 5 % of the face too low.
        const MarkSheet& marks = study().reference;
        cv::Mat grey;
        cv::cvtColor(portrait(), grey, cv::COLOR_BGR2GRAY);
        const double width = 1.55 * (*marks.seen(Mark::OuterEyeL) - *marks.seen(Mark::OuterEyeR)).norm();
        const PicturePoint mouth = *marks.seen(Mark::LipLine);
        const QString page = save(pageWith(drawingOf(withMoved(grey, {mouth.x(), mouth.y()}, {0, 0.05 * width}, 0.16 * width, 0.28 * width),
                                                     DrawingFilter::Dodged)),
                                  "again.png");
        QFile file(page);
        QVERIFY(file.open(QIODevice::ReadOnly));
        auto* form = new QHttpMultiPart(QHttpMultiPart::FormDataType);
        QHttpPart part;
        part.setHeader(QNetworkRequest::ContentDispositionHeader, R"(form-data; name="taken"; filename="again.png")");
        part.setBody(file.readAll());
        form->append(part);
        QNetworkAccessManager network;
        QElapsedTimer since;
        since.start();
        QNetworkReply* reply = network.post(QNetworkRequest(sheet->addresses().first()), form);
        form->setParent(reply);
        QTRY_VERIFY_WITH_TIMEOUT(study().sketches.size() == 2 && session().comparison(), 10000);
        skipSaying(); // the one key
        QVERIFY2(anyLabelSays("mouth sit"), said()); // "The mouth sits" or "Nose and mouth sit too low"
        QVERIFY2(since.elapsed() < 10000, qPrintable(QString("%1 ms").arg(since.elapsed())));
        qInfo("from the telephone to the finding: %lld ms", static_cast<long long>(since.elapsed()));
        // What was mended is said beside it.
        QTRY_VERIFY2_WITH_TIMEOUT(anyLabelSays("nearer: nose"), said(), 5000);
    }

    void ofSeveralFacesOneIsChosenByItsNumber() {
        const cv::Mat one = portrait();
        cv::Mat small, group(500, 860, CV_8UC3, cv::Scalar(100, 110, 120));
        cv::resize(one, small, {}, 0.7, 0.7, cv::INTER_AREA);
        one.copyTo(group(cv::Rect(0, 0, one.cols, one.rows)));
        small.copyTo(group(cv::Rect(500, 60, small.cols, small.rows)));
        openReference(save(group, "group.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().faces.asksForFace(), 20000);
        QVERIFY2(anyLabelSays("Several faces are in this photograph"), said());
        QVERIFY(!session().fit());
        seen()->setFocus();
        QTest::keyClick(seen(), Qt::Key_2);
        QTRY_VERIFY(session().fit());
        QVERIFY(session().fit()->ball().centre.x() > 500);
        goToStep("block-in");
        clickOn(buttonSaying("Another face (2 of 2)"));
        QVERIFY(session().fit()->ball().centre.x() < 450);
    }

    void ofSeveralDrawnFacesTheOneThatWasPhotographedIsTaken() {
        // A drawing of two, the larger of whom is somebody else.
        const cv::Mat one = portrait();
        openReference(save(one, "portrait.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().fit(), 20000);
        Shot shot;
        shot.size = 700;
        shot.pose = poseFromDegrees({-25}, {10}, {0});
        const Picture other = photograph(Bust(sitterNamed("bellwether")), shot);
        const cv::Mat larger(other.height, other.width, CV_8UC3, const_cast<std::uint8_t*>(other.bgr.data()));
        const auto drawingFrom = [](const cv::Mat& photo) {
            cv::Mat grey;
            cv::cvtColor(photo, grey, cv::COLOR_BGR2GRAY);
            return drawingOf(grey, DrawingFilter::Dodged);
        };
        const cv::Mat drawn = drawingFrom(one), drawnOther = drawingFrom(larger);
        cv::Mat page(std::max(drawn.rows, drawnOther.rows), drawn.cols + drawnOther.cols, drawn.type(), cv::Scalar::all(240));
        drawnOther.copyTo(page(cv::Rect(0, 0, drawnOther.cols, drawnOther.rows)));
        drawn.copyTo(page(cv::Rect(drawnOther.cols, 0, drawn.cols, drawn.rows)));
        // They lean on one rail, which makes one drawing of them.
        cv::line(page, {40, page.rows - 60}, {page.cols - 40, page.rows - 60}, cv::Scalar::all(60), 12);
        openSketch(save(page, "page.png"));
        QTRY_VERIFY_WITH_TIMEOUT(session().faces.sketchFaceCount() == 2, 30000);
        QTRY_VERIFY2(study().sketch()->marks.seen(Mark::NoseTip), said());
        QVERIFY(study().sketch()->marks.seen(Mark::NoseTip)->x() > drawnOther.cols);
        skipSaying();
        clickOn(buttonSaying("Another face (1 of 2)"));
        QTRY_VERIFY(study().sketch()->marks.seen(Mark::NoseTip)->x() < drawnOther.cols);
        undo();
        QVERIFY(study().sketch()->marks.seen(Mark::NoseTip)->x() > drawnOther.cols);
    }

    void whoGuessesFirstSeesNothingBeforeTheGuessStands() {
        session().faces.guessFirst(true);
        QCOMPARE(logbook_->remembered("guess_first"), std::string("yes"));
        openReference(save(portrait(), "portrait.png"));
        QTRY_VERIFY_WITH_TIMEOUT(!session().faces.frames().empty(), 20000);
        goToStep("block-in");
        QVERIFY(!session().fit());
        QCOMPARE(placedCount(session(), Side::Reference), 0);
        QVERIFY(linesOn(seen()).empty());
        // The sheet is framed to the face all the same.
        QVERIFY(!seen()->scene().frame.isEmpty());
        QVERIFY(seen()->scene().frame.width() < 460);
        QCOMPARE(nextButton()->text(), QString("Guess first"));
        clickOn(nextButton());
        const QPoint middle = seen()->rect().center();
        drag(seen(), middle - QPoint(70, 20), middle + QPoint(70, -20));
        QCOMPARE(nextButton()->text(), QString("This is my guess"));
        QTest::qWait(350);
        clickOn(nextButton());
        QTRY_VERIFY(session().fit());
        QCOMPARE(suggestionCount(session(), Side::Reference), 16);
    }

    void wherePeopleMarkByHandNothingIsFoundByItself() {
        session().faces.lookByItself(false);
        openReference(save(portrait(), "portrait.png"));
        QTest::qWait(400);
        QVERIFY(!session().faces.isRunning());
        QCOMPARE(placedCount(session(), Side::Reference), 0);
        seen()->setFocus();
        goToStep("block-in");
        QVERIFY(anyLabelSays("Click the"));
    }
};

std::unique_ptr<QObject> makeSeeingTest() {
    return std::make_unique<SeeingTest>();
}

} // namespace zokran::test

#include "test_seeing.moc"
