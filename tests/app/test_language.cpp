// The window in other languages: every string of the sources has its German, nothing is cut off when all words grow
// by a third, and a right-to-left desktop does not break the bench. And what a screen reader is told.

#include "app/text/language.h"
#include "app/text/messages.h"
#include "app/window/launch.h"
#include "app/window/manual.h"
#include "app/window/walk.h"
#include "tests/app/window_test.h"

#include <QAccessible>
#include <QAbstractSpinBox>
#include <QComboBox>
#include <QDirIterator>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLineEdit>
#include <QProcess>
#include <QRegularExpression>
#include <QScopeGuard>
#include <QScrollBar>
#include <QSet>
#include <QTemporaryDir>
#include <QTextBlock>
#include <QXmlStreamReader>

namespace zokran::test {

namespace {

/// A sentence of a catalogue of Qt's (`.ts`), with its translations: two where it has a plural.
struct CatalogueEntry {
    QString context, source;
    QStringList translations;
    bool isUnfinished = false;
};

std::vector<CatalogueEntry> readCatalogue(const QString& path) {
    QFile file(path);
    std::vector<CatalogueEntry> all;
    if (!file.open(QIODevice::ReadOnly))
        return all;
    QXmlStreamReader xml(&file);
    QString context;
    while (!xml.atEnd()) {
        xml.readNext();
        if (!xml.isStartElement())
            continue;
        const auto name = xml.name();
        if (name == QLatin1String("name")) {
            context = xml.readElementText();
        } else if (name == QLatin1String("source")) {
            all.push_back({context, xml.readElementText(), {}});
        } else if (name == QLatin1String("translation")) {
            all.back().isUnfinished = xml.attributes().hasAttribute("type");
            while (!(xml.isEndElement() && xml.name() == QLatin1String("translation")) && !xml.atEnd()) {
                if (xml.isCharacters() && !xml.isWhitespace())
                    all.back().translations << xml.text().toString();
                xml.readNext();
            }
        }
    }
    return all;
}

/// The catalogue as it becomes when what the sources say now is taken in.
std::vector<CatalogueEntry> updatedCatalogue(const QString& name, const QStringList& options = {}) {
    const QTemporaryDir folder;
    const QString copy = folder.filePath(name);
    if (!QFile::copy(QString(ZOKRAN_SOURCE) + "/translations/" + name, copy))
        return {};
    QStringList command = QString(ZOKRAN_LUPDATE).split('|');
    const QString program = command.takeFirst();
    QProcess lupdate;
    lupdate.start(program, command + options + QStringList{"-ts", copy});
    return lupdate.waitForFinished() && lupdate.exitCode() == 0 ? readCatalogue(copy) : std::vector<CatalogueEntry>();
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
    /// What labels, buttons, lists and menus say, and what their tips and names for screen readers do.
    QStringList shownTexts() {
        QStringList all;
        for (QWidget* w : window_->findChildren<QWidget*>()) {
            if (!w->isVisible())
                continue;
            all << w->toolTip() << w->accessibleName() << w->accessibleDescription();
            for (const char* property : {"text", "title", "placeholderText", "currentText", "prefix", "suffix"})
                if (!qobject_cast<QLineEdit*>(w) || property == QLatin1String("placeholderText"))
                    all << w->property(property).toString();
            if (const auto* box = qobject_cast<QComboBox*>(w))
                for (int i = 0; i < box->count(); ++i)
                    all << box->itemText(i);
            for (const QAction* action : w->actions())
                all << action->text() << action->toolTip();
        }
        return all;
    }
    /// Whether words have no trace of the stretched language.
    static bool isPlainEnglish(QString words) {
        words.remove(QRegularExpression("<[^>]*>"));
        return words.contains(QRegularExpression("[a-z]*[aeiou][a-z]*[a-z]{2}")) &&
               !words.contains(QRegularExpression(QString::fromUtf8("[~áëîøüÅÉÖŠŦ]")));
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

    void everySentenceOfTheSourcesIsInTheCatalogues() {
        const Translation german("de"), english("en");
        const auto sentences = updatedCatalogue("zokran_de.ts");
        QVERIFY2(sentences.size() > 2000, qPrintable(QString::number(sentences.size())));
        for (const CatalogueEntry& e : sentences) {
            QVERIFY2(!e.isUnfinished && !e.translations.isEmpty(), qPrintable(e.context + ": " + e.source));
            for (const QString& said : e.translations) {
                QCOMPARE(figuresOf(said), figuresOf(e.source));
                QCOMPARE(said.count('&'), e.source.count('&'));
            }
            const int count = e.translations.size() > 1 ? 2 : -1;
            QCOMPARE(german.translate(e.context.toUtf8(), e.source.toUtf8(), nullptr, count), e.translations.back());
        }
        const auto plurals = updatedCatalogue("zokran_en.ts", {"-pluralonly"});
        QVERIFY(plurals.size() >= 10);
        for (const CatalogueEntry& e : plurals) {
            QVERIFY2(!e.isUnfinished && e.translations.size() == 2, qPrintable(e.source));
            QCOMPARE(english.translate(e.context.toUtf8(), e.source.toUtf8(), nullptr, 1), e.translations.front());
            QCOMPARE(e.translations.back(), e.source);
        }
    }

    void whatTheDataSayIsGermanToo() {
        const Translation german("de");
        const auto isKnown = [&](const QString& words) { return !german.translate("zokran", words.toUtf8()).isEmpty(); };
        for (const Sitter& sitter : sitters())
            QVERIFY2(isKnown(QString::fromStdString(sitter.about)), sitter.about.c_str());
        int schools = 0;
        QDirIterator files(QString(ZOKRAN_SOURCE) + "/data/canons", {"*.json"});
        while (files.hasNext()) {
            QFile file(files.next());
            QVERIFY(file.open(QIODevice::ReadOnly));
            const QJsonObject school = QJsonDocument::fromJson(file.readAll()).object();
            for (const char* said : {"name", "about"})
                QVERIFY2(isKnown(school[said].toString()), qPrintable(file.fileName() + ": " + school[said].toString()));
            ++schools;
        }
        QVERIFY(schools > 3);
    }

    void oneAndManyAreToldApart() {
        const EnglishAfterwards afterwards;
        const auto told = [](int count) { return tr("%n studies taken in; %1 were here already.", nullptr, count).arg(0); };
        speak(*qApp, "en");
        QCOMPARE(told(1), QString("1 study taken in; 0 were here already."));
        QCOMPARE(told(2), QString("2 studies taken in; 0 were here already."));
        speak(*qApp, "de");
        QCOMPARE(told(1), QString("1 Studie aufgenommen; 0 waren schon hier."));
        QCOMPARE(told(2), QString("2 Studien aufgenommen; 0 waren schon hier."));
    }

    void everySentenceOnEveryScreenIsTranslated() {
        const EnglishAfterwards afterwards;
        reopenIn(stretchedLanguage);
        openDemo();
        QStringList english, names; // those of sitters and days stay
        for (const Sitter& sitter : sitters())
            names << capital(QString::fromStdString(sitter.id));
        for (int day = 1; day <= 7; ++day)
            names << QLocale().dayName(day);
        everyView([&](const QString& view) {
            for (const QString& words : shownTexts())
                if (isPlainEnglish(words) && !names.contains(words))
                    english << view + ": " + words;
        });
        english.removeDuplicates();
        QVERIFY2(english.isEmpty(), qPrintable(english.join("\n")));
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
        QCOMPARE(int(session().selection.measuring.current().anchors.size()), 1);
        QVERIFY((session().selection.measuring.current().anchors[0].at - a).norm() < 3);
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
