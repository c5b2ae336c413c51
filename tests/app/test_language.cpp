// The window in other languages: every string of the sources has its German, nothing is cut off when all words grow
// by a third, and a right-to-left desktop does not break the bench. And what a screen reader is told.

#include "app/text/language.h"
#include "app/window/launch.h"
#include "app/window/manual.h"
#include "app/window/walk.h"
#include "tests/app/window_test.h"

#include <QAccessible>
#include <QAbstractSpinBox>
#include <QDirIterator>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QScrollBar>
#include <QSet>
#include <QTextBlock>

namespace zokran::test {

namespace {

/// What C++ makes of the literals that stand behind one another.
QString literal(const QString& source) {
    QString text;
    bool in = false;
    for (int i = 0; i < source.size(); ++i) {
        const QChar c = source[i];
        if (c == '"')
            in = !in;
        else if (in && c == '\\')
            text += source[++i] == 'n' ? QChar('\n') : source[i];
        else if (in)
            text += c;
    }
    return text;
}

/// Every string of the sources that is meant for the learner, and the file it stands in.
QMap<QString, QString> sourceStrings() {
    const QRegularExpression one(
        R"re((?:\btr|ZOKRAN_WORDS|translate\(\s*"[^"]*",)\(?\s*((?:"(?:[^"\\]|\\.)*"\s*)+))re");
    QMap<QString, QString> strings;
    for (const char* folder : {"app", "core", "cast", "logbook"}) {
        QDirIterator all(QString(ZOKRAN_SOURCE) + "/" + folder, {"*.cpp", "*.h"}, QDir::Files,
                         QDirIterator::Subdirectories);
        while (all.hasNext()) {
            QFile file(all.next());
            if (!file.open(QIODevice::ReadOnly))
                continue;
            auto found = one.globalMatch(QString::fromUtf8(file.readAll()));
            while (found.hasNext())
                strings[literal(found.next().captured(1))] = file.fileName();
        }
    }
    // The sitters of the cast room are told in words of their own.
    for (const Sitter& sitter : sitters())
        strings[QString::fromStdString(sitter.about)] = "sitters.json";
    return strings;
}

/// Afterwards English again, also where a check fails.
struct EnglishAfterwards {
    ~EnglishAfterwards() {
        speak(*qApp, "en");
        qApp->setLayoutDirection(Qt::LeftToRight);
    }
};

QStringList figuresOf(const QString& text) {
    QStringList all;
    auto found = QRegularExpression(R"(%\d|\{\w+\})").globalMatch(text);
    while (found.hasNext())
        all << found.next().captured(0);
    all.sort();
    return all;
}

} // namespace

class LanguageTest : public WindowTest {
    Q_OBJECT

    void reopenIn(const char* language) {
        window_.reset();
        speak(*qApp, language);
        openWindow();
    }
    /// Shows every step and place in turn.
    void everyView(const std::function<void(const QString&)>& look) {
        const auto& steps = window_->workspace()->steps();
        for (const auto& step : steps) {
            goToStep(step->id());
            QTest::qWait(60); // what was just laid out settles
            look("step " + QString::fromStdString(step->id()));
        }
        for (int place = 2; place <= 5; ++place) {
            press(static_cast<Qt::Key>(Qt::Key_0 + place), Qt::ControlModifier);
            if (place == 5)
                QTRY_VERIFY_WITH_TIMEOUT(!window_->progress()->isWorking(), 20000);
            QTest::qWait(60);
            look("place " + QString::number(place));
        }
        press(Qt::Key_1, Qt::ControlModifier);
    }
    /// Words that are shown and cut off, in what is in sight.
    QStringList cutOff() {
        QStringList cut;
        for (const QWidget* w : window_->findChildren<QWidget*>()) {
            if (!w->isVisible() || w->visibleRegion().isEmpty())
                continue;
            // Out of sight at the side of a panel, which does not scroll sideways.
            if (w->visibleRegion().boundingRect().width() + 1 < w->width() && w->minimumSizeHint().width() > 0 &&
                (qobject_cast<const QAbstractButton*>(w) || qobject_cast<const QLabel*>(w)))
                cut << "beside the panel: " + QString(w->metaObject()->className()) + " " + w->property("text").toString();
            const auto* button = qobject_cast<const QPushButton*>(w);
            const auto* label = qobject_cast<const QLabel*>(w);
            if (button && !button->text().isEmpty() &&
                button->width() + 1 < button->fontMetrics().horizontalAdvance(QString(button->text()).remove('&')))
                cut << "button " + button->text();
            if (label && !label->wordWrap() && label->sizePolicy().horizontalPolicy() != QSizePolicy::Ignored &&
                label->width() + 1 < label->sizeHint().width())
                cut << "label " + label->text();
            if (label && label->wordWrap() && label->height() + 1 < label->heightForWidth(label->width()) &&
                !qobject_cast<const QScrollArea*>(label->parentWidget()->parentWidget()))
                cut << "wrapped " + label->text();
        }
        return cut;
    }

    /// The columns of a control's picture between those of its border that hold anything but its ground.
    static int inkOf(QWidget& control) {
        const QImage picture = control.grab().toImage();
        constexpr int border = 5;
        int first = -1, last = -1;
        for (int x = border; x < picture.width() - border; ++x)
            for (int y = border; y < picture.height() - border; ++y)
                // The ground is one colour along each row but where words stand.
                if (picture.pixel(x, y) != picture.pixel(picture.width() - border - 1, y)) {
                    first = first < 0 ? x : first;
                    last = x;
                }
        return first < 0 ? 0 : last - first;
    }
    /// Controls in sight whose words are cut off in some state: at rest, under the pointer, with the focus, checked or both. A
    /// twin of each is pictured as wide as it is and again with room to spare.
    QStringList cutOffInSomeState() {
        QStringList cut;
        QSet<QString> known;
        for (QPushButton* button : window_->findChildren<QPushButton*>()) {
            if (!button->isVisible() || button->visibleRegion().isEmpty() || button->text().isEmpty() || !button->icon().isNull() ||
                button->metaObject()->className() == QByteArray("zokran::LineButton"))
                continue;
            const QString key = QString("%1 %2 %3").arg(button->text()).arg(button->width()).arg(button->isChecked());
            if (known.contains(key))
                continue;
            known << key;
            QPushButton twin(button->text(), button->parentWidget());
            twin.setProperty("role", button->property("role"));
            twin.setCheckable(button->isCheckable());
            twin.setFont(button->font());
            for (int state = 0; state < 8; ++state) {
                if ((state & 4) && !button->isCheckable())
                    continue;
                twin.setChecked(state & 4);
                twin.setAttribute(Qt::WA_UnderMouse, state & 1);
                const auto pictured = [&](int wide) {
                    twin.setFixedSize(wide, button->height());
                    twin.show();
                    if (state & 2)
                        twin.setFocus();
                    else
                        twin.clearFocus();
                    return inkOf(twin);
                };
                const int here = pictured(button->width()), free = pictured(button->width() + 60);
                if (free > here + 1)
                    cut << QString("%1 in state %2: %3 of %4").arg(button->text()).arg(state).arg(here).arg(free);
            }
        }
        return cut;
    }

private slots:
    void noButtonIsCutOffInAnyState() {
        openDemo();
        everyView([&](const QString& view) {
            const QStringList cut = cutOffInSomeState();
            QVERIFY2(cut.isEmpty(), qPrintable(view + ": " + cut.join("; ")));
        });
    }

    void everyStringOfTheSourcesIsGermanToo() {
        const Translation german("de");
        const auto strings = sourceStrings();
        QVERIFY2(strings.size() > 1300, qPrintable(QString::number(strings.size())));
        for (auto it = strings.begin(); it != strings.end(); ++it) {
            const QString said = german.translate("zokran", it.key().toUtf8().constData());
            QVERIFY2(!said.isEmpty() || it.key().isEmpty(), qPrintable(it.value() + ": " + it.key()));
            QCOMPARE(figuresOf(said), figuresOf(it.key()));
            QCOMPARE(said.count('&'), it.key().count('&'));
        }
    }

    void theBenchSpeaksGerman() {
        const EnglishAfterwards afterwards;
        reopenIn("de");
        openDemo();
        goToStep("check");
        QVERIFY2(anyLabelSays("Gesehen"), said());
        for (const char* english : {"turned to", "leans", "Seen:", "the head"})
            QVERIFY2(!anyLabelSays(english), said());
        QVERIFY(buttonSaying("Regal"));
        // Numbers as they are written there.
        QCOMPARE(QLocale().decimalPoint(), QString(","));
        QVERIFY2(anyLabelSays("als 0,83-mal so groß"), said());
        // At the usual size, and as small as the window becomes.
        for (const QSize& size : {window_->size(), QSize(1100, 700), QSize(1024, 640)}) {
            window_->resize(size);
            everyView([&](const QString& view) {
                const QStringList cut = cutOff();
                QVERIFY2(cut.isEmpty(), qPrintable(QString("%1, %2 wide: ").arg(view).arg(size.width()) + cut.join("; ")));
            });
        }
        window_->resize(1280, 800);
        press(Qt::Key_3, Qt::ControlModifier);
        QVERIFY2(anyLabelSays("von einem Lotsenkutter"), said());
    }

    void wordsAThirdLongerAreNotCutOff() {
        const EnglishAfterwards afterwards;
        reopenIn(stretchedLanguage);
        openDemo();
        QVERIFY(anyLabelSays("~"));
        everyView([&](const QString& view) {
            const QStringList cut = cutOff();
            QVERIFY2(cut.isEmpty(), qPrintable(view + ": " + cut.join("; ")));
        });
    }

    void typeGrowsWithTheDesktopsFontAndNothingIsCutOff() {
        const auto follow = [](int pixels) {
            QFont font("Open Sans");
            font.setPixelSize(pixels);
            Theme::followType(font);
            Theme::apply(*qApp, "light");
        };
        openDemo();
        const int usual = nextButton()->fontMetrics().height();
        window_.reset();
        const auto afterwards = qScopeGuard([&] { follow(10); });
        follow(19);
        openWindow();
        QVERIFY(nextButton()->fontMetrics().height() >= 1.25 * usual);
        window_->resize(1660, 1040); // what 1280 by 800 shows, that much larger
        window_->reopenLast();
        waitForPictures();
        everyView([&](const QString& view) {
            const QStringList cut = cutOff();
            QVERIFY2(cut.isEmpty(), qPrintable(view + ": " + cut.join("; ")));
        });
    }

    void rightToLeftTheBenchStillWorks() {
        const EnglishAfterwards afterwards;
        window_.reset();
        qApp->setLayoutDirection(Qt::RightToLeft);
        openWindow();
        openDemo();
        goToStep("measure");
        // The photograph stands on the other side, and a click still falls where it is seen.
        QVERIFY(seen()->mapTo(window_.get(), QPoint()).x() > drawn()->mapTo(window_.get(), QPoint()).x());
        clickOn(buttonSaying("Angle to level"));
        const PicturePoint a = *study().reference.seen(Mark::Chin) + PicturePoint(0, 60);
        click(seen(), spot(seen(), a));
        QCOMPARE(int(desk().selection.measuring.current().anchors.size()), 1);
        QVERIFY((desk().selection.measuring.current().anchors[0].at - a).norm() < 3);
    }

    void theMenuChangesTheLanguageOfANewWindow() {
        const EnglishAfterwards afterwards;
        window_.reset();
        logbook_.reset();
        {
            Launch launch(file("book").toStdString());
            launch.start();
            QVERIFY(launch.window());
            emit launch.window()->languageChosen("de");
            QTRY_VERIFY(launch.window() && launch.window()->findChild<QPushButton*>("next")->text().contains("Foto"));
        }
        logbook_ = std::make_unique<Logbook>(file("book").toStdString());
        openWindow();
    }

    void whatCanBeUsedHasANameForAScreenReader() {
        openDemo();
        everyView([&](const QString& view) {
            for (QWidget* w : window_->findChildren<QWidget*>()) {
                if (!w->isVisible() || w->focusPolicy() == Qt::NoFocus || !w->isEnabled())
                    continue;
                // Inner parts of Qt's own widgets speak through them.
                if (w->objectName().startsWith("qt_") || qobject_cast<QScrollArea*>(w) ||
                    qobject_cast<QScrollBar*>(w) || qobject_cast<QAbstractSpinBox*>(w->parentWidget()) ||
                    qobject_cast<QComboBox*>(w->parentWidget()) || qobject_cast<QAbstractScrollArea*>(w->parentWidget()))
                    continue;
                QAccessibleInterface* told = QAccessible::queryAccessibleInterface(w);
                QVERIFY(told);
                const QString name = told->text(QAccessible::Name);
                QVERIFY2(!name.trimmed().isEmpty(),
                         qPrintable(view + ": a " + w->metaObject()->className() + " has no name"));
            }
        });
    }

    void theTabKeyReachesEverythingAndIsSeen() {
        openDemo();
        goToStep("measure");
        QSet<QWidget*> reached;
        QWidget* first = nullptr;
        window_->workspace()->setFocus();
        for (int i = 0; i < 300; ++i) {
            QTest::keyClick(QApplication::focusWidget() ? QApplication::focusWidget() : window_.get(), Qt::Key_Tab);
            QWidget* now = QApplication::focusWidget();
            QVERIFY(now);
            if (now == first)
                break;
            if (!first)
                first = now;
            reached << now;
        }
        for (QPushButton* b : window_->findChildren<QPushButton*>())
            if (b->isVisible() && b->isEnabled())
                QVERIFY2(reached.contains(b), qPrintable("not reached by Tab: " + b->text()));
        QVERIFY(reached.contains(seen()) && reached.contains(drawn()));
        // Focus is seen: a button looks another way with it.
        QPushButton* button = buttonSaying("Angle to level");
        window_->workspace()->setFocus();
        const QImage without = button->grab().toImage();
        button->setFocus(Qt::TabFocusReason);
        QVERIFY(button->grab().toImage() != without);
    }

    void whatIsClickedIsLargeEnough() {
        openDemo();
        constexpr int least = 24; // CSS pixels: WCAG 2.2, success criterion 2.5.8
        everyView([&](const QString& view) {
            for (QAbstractButton* b : window_->findChildren<QAbstractButton*>())
                if (b->isVisible() && !b->visibleRegion().isEmpty() && !b->objectName().startsWith("qt_") &&
                    !qobject_cast<QLineEdit*>(b->parentWidget()))
                    QVERIFY2(b->width() >= least && b->height() >= least,
                             qPrintable(QString("%1: %2 is %3 by %4").arg(view, b->text()).arg(b->width()).arg(b->height())));
        });
    }

    void everyPageOfTheManualOpensAndItsLinksAndPicturesAreThere() {
        openDemo();
        goToStep("measure");
        press(Qt::Key_F1);
        auto* manual = window_->findChild<Manual*>();
        QVERIFY(manual && manual->isVisible());
        QCOMPARE(manual->page(), QString("measure"));
        auto* pages = manual->findChild<QListWidget*>();
        QVERIFY(pages->count() >= 12);
        auto* text = manual->findChild<ManualPage*>();
        for (int i = 0; i < pages->count(); ++i) {
            pages->setCurrentRow(i);
            QVERIFY2(text->toPlainText().size() > 300, qPrintable(pages->item(i)->text()));
            QFile source(text->source().toLocalFile());
            QVERIFY(source.open(QIODevice::ReadOnly));
            auto links = QRegularExpression(R"(\]\(([^)]+)\))").globalMatch(QString::fromUtf8(source.readAll()));
            while (links.hasNext()) {
                const QString to = links.next().captured(1);
                QVERIFY2(QFileInfo::exists(QFileInfo(source).dir().filePath(to)), qPrintable(source.fileName() + " " + to));
            }
            QVERIFY(text->document()->idealWidth() <= text->width());
            QVERIFY(!text->horizontalScrollBar()->isVisible());
            // Only headings are larger than the text.
            for (QTextBlock block = text->document()->begin(); block.isValid(); block = block.next())
                for (auto at = block.begin(); !at.atEnd(); ++at)
                    QVERIFY2(block.blockFormat().headingLevel() > 0 ||
                                 !at.fragment().charFormat().hasProperty(QTextFormat::FontSizeAdjustment),
                             qPrintable(block.text().left(60)));
        }
        manual->close();
        press(Qt::Key_4, Qt::ControlModifier);
        press(Qt::Key_F1);
        QCOMPARE(manual->page(), QString("practice"));
        const EnglishAfterwards afterwards;
        reopenIn("de");
        press(Qt::Key_F1);
        manual = window_->findChild<Manual*>();
        pages = manual->findChild<QListWidget*>();
        QCOMPARE(pages->item(0)->text(), QString("Handbuch zu Zokran"));
        for (int i = 0; i < pages->count(); ++i) {
            pages->setCurrentRow(i);
            const QUrl source = manual->findChild<ManualPage*>()->source();
            QVERIFY2(source.path().contains("/de/"), qPrintable(source.path()));
            QFile page(source.toLocalFile());
            QVERIFY(page.open(QIODevice::ReadOnly));
            auto links = QRegularExpression(R"(\]\(([^)]+)\))").globalMatch(QString::fromUtf8(page.readAll()));
            while (links.hasNext())
                QVERIFY(QFileInfo::exists(QFileInfo(page).dir().filePath(links.next().captured(1))));
        }
    }

    void theWalkStopsEverywhereAndIsLeftByKeys() {
        openDemo();
        window_->walk()->begin();
        QCOMPARE(stepId(), std::string("block-in"));
        std::set<std::string> seenSteps;
        for (int i = 0; i < Walk::stops(); ++i) {
            QVERIFY2(anyLabelSays(QString("%1 of %2.").arg(i + 1).arg(Walk::stops())), said());
            seenSteps.insert(stepId());
            auto* next = buttonSaying(i + 1 < Walk::stops() ? "Go on" : "Done", window_->walk());
            QVERIFY(next);
            next->setFocus();
            QTest::keyClick(next, Qt::Key_Space);
        }
        QVERIFY(!window_->walk()->isOn());
        QVERIFY(seenSteps.count("check") && seenSteps.count("guides") && seenSteps.count("measure"));
        window_->walk()->begin();
        clickOn(buttonSaying("Leave the walk"));
        QVERIFY(!window_->walk()->isVisible());
        // It ends with the learner's own photograph on the bench.
        window_->walk()->begin();
        QVERIFY(!buttonSaying("Open a photograph of yours"));
        while (window_->walk()->stop() + 1 < Walk::stops())
            clickOn(buttonSaying("Go on", window_->walk()));
        const QString own = file("own.png");
        QImage picture(300, 400, QImage::Format_RGB32);
        picture.fill(Qt::gray);
        QVERIFY(picture.save(own));
        chooseFile(own, [&] { clickOn(buttonSaying("Open a photograph of yours")); });
        QTRY_VERIFY(study().reference.width == 300);
        QVERIFY(!window_->walk()->isOn());
    }
};

std::unique_ptr<QObject> makeLanguageTest() {
    return std::make_unique<LanguageTest>();
}

} // namespace zokran::test

#include "test_language.moc"
