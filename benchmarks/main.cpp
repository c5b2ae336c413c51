#include "app/document/marking.h"
#include "app/document/page_picture.h"
#include "app/document/picture_file.h"
#include "app/overlays/lines_overlay.h"
#include "app/overlays/marks_overlay.h"
#include "app/overlays/picture_overlay.h"
#include "app/library/demo.h"
#include "app/widgets/theme.h"
#include "app/window/workspace.h"
#include "app/window/launch.h"
#include "app/window/main_window.h"
#include "benchmarks/unseen_heads.h"
#include "cast/stand_in_camera.h"
#include "core/compare/compare.h"
#include "core/construction/forms.h"
#include "core/fit/fit.h"
#include "core/page/rectify.h"
#include "core/practice/progress.h"
#include "logbook/drawings.h"

#include <QApplication>
#include <QImage>
#include <QLineEdit>
#include <QPainter>
#include <QTemporaryDir>
#include <algorithm>
#include <benchmark/benchmark.h>
#include <chrono>
#include <fmt/format.h>
#include <map>
#include <opencv2/calib3d.hpp>
#include <sys/resource.h>

namespace {

using namespace zokran;
using namespace zokran::benchmarks;

/// Sixteen seen marks of an unseen head, as a learner would click them.
const Sitting& sixteenMarks() {
    static const Sitting sitting = [] {
        std::mt19937 random(7);
        View view = randomView(random);
        view.face(headToView(poseFromDegrees({25}, {-10}, {8})));
        Sitting s = sit(canonicalFace(), view, 0.01, random);
        int seen = 0;
        for (auto& m : s.marks.marks)
            if (m && m->usable() && ++seen > 16)
                m.reset();
        return s;
    }();
    return sitting;
}

const std::map<Mark, HeadPoint>& meanHead() {
    static const std::map<Mark, HeadPoint> mean = [] {
        std::map<Mark, HeadPoint> all;
        for (int i = 0; i < markCount; ++i)
            all[markAt(i)] = adultHeads().mean[markAt(i)];
        return all;
    }();
    return mean;
}

const Fit& fitted() {
    static const Fit fit = fitHead(sixteenMarks().marks);
    return fit;
}

void coldFit(benchmark::State& state) {
    FitOptions options;
    options.covariance = false;
    for (auto _ : state)
        benchmark::DoNotOptimize(fitHead(sixteenMarks().marks, options).view.scale);
}
void coldFitWithCovariance(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(fitHead(sixteenMarks().marks).view.scale);
}
void warmRefit(benchmark::State& state) {
    // A drag: one mark moves by a pixel, the last fit is at hand.
    MarkSheet sheet = sixteenMarks().marks;
    FitOptions options;
    options.covariance = false;
    Fit last = fitted();
    double step = 1;
    for (auto _ : state) {
        sheet.marks[Mark::Chin]->at->y() += step;
        step = -step;
        options.warmStart = &last;
        last = fitHead(sheet, options);
    }
}
void guides(benchmark::State& state) {
    const auto form = construct(*forms().front(), std::nullopt, fitted().head);
    for (auto _ : state)
        benchmark::DoNotOptimize(form->lines(fitted().view, Detail::Guides).size());
}
/// The skin bent to a sitter, which is done once a fit.
void bend(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(HeadSolid(fitted().head).normals().size());
}
void compare(benchmark::State& state) {
    std::mt19937 random(9);
    View straightened = sixteenMarks().truth;
    straightened.face(headToView(poseFromDegrees({15}, {-6}, {8})));
    const Sitting sketch = sit(canonicalFace(), straightened, 0.01, random);
    for (auto _ : state)
        benchmark::DoNotOptimize(
            compareSketch(sixteenMarks().marks, fitted(), sketch.marks).straightening);
}
/// One sheet of half a 1280 by 800 window with a photograph and every line on it.
void paint(benchmark::State& state) {
    QImage photo(1000, 1200, QImage::Format_RGB32);
    photo.fill(Qt::gray);
    Scene scene;
    scene.picture = photo;
    scene.extent = photo.size();
    scene.lay<PictureOverlay>(photo, std::make_shared<ScaledPicture>());
    scene.lay<LinesOverlay>(
        construct(*forms().front(), std::nullopt, fitted().head)
            ->lines(fitted().view, Detail::Guides));
    scene.lay<MarksOverlay>(MarksShown{sixteenMarks().marks.marks});
    QImage sheet(430, 640, QImage::Format_ARGB32_Premultiplied);
    for (auto _ : state) {
        QPainter painter(&sheet);
        paintScene({painter, sheet.rect(), {0.43, {0, 60}}, PaintStyle::screen(), {}, 1}, scene);
    }
}
/// A bust from its recipe to a photograph, and the quick look while it is turned.
void bustTaken(benchmark::State& state) {
    Shot shot;
    shot.size = 1600;
    for (auto _ : state)
        benchmark::DoNotOptimize(photograph(Bust(sitterNamed("halcyon")), shot).bgr.size());
}
void bustTurned(benchmark::State& state) {
    Shot shot;
    shot.size = 500;
    static const auto mesh = meshOf(Bust(sitterNamed("halcyon")), MeshGrain::Coarse);
    for (auto _ : state)
        benchmark::DoNotOptimize(photograph(*mesh, shot).bgr.size());
}
void solvePnPIterative(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(
            byPnP(sixteenMarks(), meanHead(), cv::SOLVEPNP_ITERATIVE, false).sum());
}
void solvePnPSqpnp(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(byPnP(sixteenMarks(), meanHead(), cv::SOLVEPNP_SQPNP).sum());
}

/// The demo's window as it stands at a step, its pictures decoded.
struct DemoWindow {
    QTemporaryDir folder;
    Logbook logbook;
    std::unique_ptr<MainWindow> window;

    explicit DemoWindow(const char* step) : logbook(folder.path().toStdString()) {
        fillWithDemo(logbook);
        Theme::apply(*qApp, "light");
        window = std::make_unique<MainWindow>(logbook);
        window->resize(1280, 800);
        window->show();
        window->reopenLast();
        window->session().document.goTo(step);
        while (window->session().pictures.decoding())
            QCoreApplication::processEvents();
    }
    static void letItPaint() {
        QCoreApplication::sendPostedEvents();
        QCoreApplication::processEvents();
    }
};

/// The whole of it in the real window at 1280 by 800: a mark is dragged by a pixel, what follows from it
/// is worked out, both sheets, readings and the panel are painted.
void draggedMark(benchmark::State& state, const char* step, Side side) {
    DemoWindow demo(step);
    StudySession& session = demo.window->session();
    double by = 1;
    std::vector<double> frames; // ms
    for (auto _ : state) {
        const auto begun = std::chrono::steady_clock::now();
        const PicturePoint at = *session.study().marks(side).seen(Mark::Chin);
        placeMark(session, side, Mark::Chin, at + PicturePoint(0, by), "drag");
        by = -by;
        DemoWindow::letItPaint();
        frames.push_back(
            std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - begun).count());
    }
    std::sort(frames.begin(), frames.end());
    if (!frames.empty()) {
        state.counters["median_ms"] = frames[frames.size() / 2];
        state.counters["p99_ms"] = frames[frames.size() * 99 / 100];
    }
}
/// Of the reference: the head is fitted and the sketch compared.
void draggedMarkInTheWindow(benchmark::State& state) {
    draggedMark(state, "block-in", Side::Reference);
}
/// Of the sketch: the check follows.
void draggedSketchMarkInTheWindow(benchmark::State& state) {
    draggedMark(state, "check", Side::Sketch);
}
/// The light's handle is dragged by a degree: form, places, panel and both sheets follow.
void lightTurnedInTheWindow(benchmark::State& state) {
    DemoWindow demo("light");
    double by = toRadians(Degrees{1}).value;
    for (auto _ : state) {
        demo.window->session().light.set("turn", "drag", [&](Lighting& l) { l.key.azimuth.value += by; });
        by = -by;
        DemoWindow::letItPaint();
    }
}

/// The demo's studies over and over, ten thousand in all, their drawings compared.
const std::string& tenThousandStudies() {
    static QTemporaryDir folder;
    static const std::string path = [] {
        const std::string at = folder.path().toStdString();
        {
            Logbook logbook(at);
            fillWithDemo(logbook);
            for (const LoggedDrawing& d : drawingsOf(logbook))
                logbook.keepFigures(d.study, d.place, figuresText(d.drawing));
        }
        const Database database(at + "/logbook.sqlite", Database::Access::Write);
        database.run(
            "BEGIN; CREATE TEMP TABLE n AS WITH RECURSIVE c(k) AS "
            "(SELECT 1 UNION ALL SELECT k + 1 FROM c WHERE k < 232) SELECT k FROM c;"
            "INSERT INTO study (id, title, sitter, notes, reference_picture, reference_marks) "
            "SELECT id + 1000 * k, title, sitter, notes, reference_picture, reference_marks FROM study, n;"
            "INSERT INTO attempt (study, place, picture, marks, drawn, said, figures) "
            "SELECT study + 1000 * k, place, picture, marks, drawn, said, figures FROM attempt, n; COMMIT;");
        return at;
    }();
    return path;
}
void shelfOfTenThousand(benchmark::State& state) {
    Logbook logbook(tenThousandStudies());
    MainWindow window(logbook);
    window.resize(1280, 800);
    window.show();
    for (auto _ : state) {
        window.goTo(MainWindow::Place::Workspace);
        window.goTo(MainWindow::Place::Library);
        DemoWindow::letItPaint();
    }
}
void foundInTenThousand(benchmark::State& state) {
    Logbook logbook(tenThousandStudies());
    MainWindow window(logbook);
    window.resize(1280, 800);
    window.show();
    window.goTo(MainWindow::Place::Library);
    QLineEdit* find = nullptr;
    for (QLineEdit* edit : window.findChildren<QLineEdit*>())
        if (edit->accessibleName() == "Find a study")
            find = edit;
    const char* words[] = {"k", "ki", "kit", "kitt"};
    std::size_t i = 0;
    for (auto _ : state) {
        find->setText(words[i++ % std::size(words)]);
        DemoWindow::letItPaint();
    }
}
void progressOfTenThousand(benchmark::State& state) {
    const Logbook logbook(tenThousandStudies(), Logbook::Access::ReadOnlyShared);
    for (auto _ : state) {
        std::vector<Drawing> drawings;
        for (LoggedDrawing& logged : drawingsOf(logbook))
            drawings.push_back(std::move(logged.drawing));
        benchmark::DoNotOptimize(progressOf(std::move(drawings)).drawings);
    }
}

/// A photograph of 24 megapixels of a page on a table: the page is looked for, and laid flat.
const QImage& pagePhotograph() {
    static const QImage photograph = [] {
        QImage image(4242, 5656, QImage::Format_RGB32);
        image.fill(QColor(96, 70, 48));
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setBrush(QColor(238, 234, 224));
        painter.setPen(Qt::NoPen);
        painter.drawPolygon(QPolygonF{{{310, 502}, {3674, 731}, {3208, 4617}, {577, 4785}}});
        painter.setPen(QPen(QColor(90, 90, 92), 14));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(QRectF(1100, 1500, 1500, 1900));
        return image;
    }();
    return photograph;
}
void pageFound(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(pageIn(pagePhotograph()).has_value());
}
void pageLaidFlat(benchmark::State& state) {
    const QImage& photograph = pagePhotograph();
    const auto page = pageIn(photograph);
    const PageRectification how{page->corners, paperNamed("a4"), photograph.width(), photograph.height(), true};
    for (auto _ : state)
        benchmark::DoNotOptimize(laidFlat(photograph, how).width());
}

/// From a folder with the demo's 43 studies to a window in which the last one lies, its pictures decoded and
/// painted.
void startToUsableWindow(benchmark::State& state) {
    QTemporaryDir folder;
    { Logbook logbook(folder.path().toStdString()); fillWithDemo(logbook); }
    Theme::apply(*qApp, "light");
    for (auto _ : state) {
        Launch launch(folder.path().toStdString());
        launch.start();
        while (launch.window()->session().pictures.decoding())
            QCoreApplication::processEvents();
        DemoWindow::letItPaint();
    }
}
/// A photograph of 24 megapixels, as a phone writes it, read upright.
void photographOf24Megapixels(benchmark::State& state) {
    QTemporaryDir folder;
    const QString file = folder.filePath("large.jpg");
    pagePhotograph().save(file, "JPG", 92);
    for (auto _ : state)
        benchmark::DoNotOptimize(readPicture(file).image.width());
}

BENCHMARK(startToUsableWindow)->Unit(benchmark::kMicrosecond);
BENCHMARK(photographOf24Megapixels)->Unit(benchmark::kMicrosecond);
BENCHMARK(draggedMarkInTheWindow)->Unit(benchmark::kMicrosecond);
BENCHMARK(draggedSketchMarkInTheWindow)->Unit(benchmark::kMicrosecond);
BENCHMARK(lightTurnedInTheWindow)->Unit(benchmark::kMicrosecond);
BENCHMARK(shelfOfTenThousand)->Unit(benchmark::kMicrosecond);
BENCHMARK(foundInTenThousand)->Unit(benchmark::kMicrosecond);
BENCHMARK(progressOfTenThousand)->Unit(benchmark::kMicrosecond);
BENCHMARK(pageFound)->Unit(benchmark::kMicrosecond);
BENCHMARK(pageLaidFlat)->Unit(benchmark::kMicrosecond);
BENCHMARK(coldFit)->Unit(benchmark::kMicrosecond);
BENCHMARK(coldFitWithCovariance)->Unit(benchmark::kMicrosecond);
BENCHMARK(warmRefit)->Unit(benchmark::kMicrosecond);
BENCHMARK(bend)->Unit(benchmark::kMicrosecond);
BENCHMARK(guides)->Unit(benchmark::kMicrosecond);
BENCHMARK(compare)->Unit(benchmark::kMicrosecond);
BENCHMARK(paint)->Unit(benchmark::kMicrosecond);
BENCHMARK(bustTaken)->Unit(benchmark::kMicrosecond);
BENCHMARK(bustTurned)->Unit(benchmark::kMicrosecond);
BENCHMARK(solvePnPIterative)->Unit(benchmark::kMicrosecond);
BENCHMARK(solvePnPSqpnp)->Unit(benchmark::kMicrosecond);

/// Prints as usual and remembers the times for the ratios.
class Remembering : public benchmark::ConsoleReporter {
public:
    std::map<std::string, double> microseconds;
    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs)
            microseconds[run.benchmark_name()] = run.GetAdjustedRealTime();
    }
};

void printRow(const char* name, const Errors& e, double share) {
    const double ours = quantile(e.zokran, share), mean = quantile(e.mean, share),
                 floor = quantile(e.floor, share);
    fmt::print("  {:<18} {:>8.2f} {:>12.2f} {:>8.2f} {:>10.2f} {:>9.2f}\n", name, ours, mean, floor,
               ours / mean, ours / floor);
}

void printAccuracy() {
    fmt::print(
        "\nScatter of the pose in degrees about its own mean offset, on heads the prior has not seen: marks\n"
        "shaken by 1 %, far marks hidden, turn +-65, tilt +-35, lean +-40, the lens not known.\n");
    fmt::print("  {:<18} {:>8} {:>12} {:>8} {:>10} {:>9}\n", "", "Zokran", "mean + PnP", "floor",
               "to mean", "to floor");
    auto print = [](const std::string& name, const Errors& e) {
        fmt::print("{}\n", name);
        printRow("median", e, 0.5);
        printRow("90th percentile", e, 0.9);
        printRow("worst", e, 1);
        fmt::print("  within 2 sigma     {:>7.1f} %\n", 100 * e.covered);
        fmt::print("  mean offset        {:>+7.1f} turn, {:+.1f} tilt, {:+.1f} lean\n", e.offset[0], e.offset[1],
                   e.offset[2]);
        fmt::print("  offset and all     {:>7.1f} median, {:.1f} 90th percentile\n", quantile(e.total, 0.5),
                   quantile(e.total, 0.9));
        fmt::print("  a region set aside {:>7} of {}\n", e.withoutRegion, e.total.size());
    };
    print("the canonical face, 1,000 pictures", readingErrors(canonicalFaceAlone(), 1000, 1));
    const std::vector<UnseenHead> heads = generatedHeads();
    Errors all;
    Shared shared;
    for (std::size_t i = 0; i < heads.size(); ++i)
        append(all, readingErrors(heads[i], 200, static_cast<unsigned>(10 + i)),
               1.0 / static_cast<double>(heads.size()));
    print("eight generated heads, 200 pictures of each", all);
    for (std::size_t i = 0; i < otherHeads().size(); ++i) {
        const Errors e = readingErrors(otherHeads()[i], 500, static_cast<unsigned>(40 + i));
        print(otherHeads()[i].name + ", 500 pictures", e);
    }
    print("thirty heads of another generator, 40 pictures of each", deformedHeadErrors(10, 40, 50));
    print("the stylised face, 500 pictures", readingErrors(stylisedFace(), 500, 7));

    fmt::print("\nThree photographs of one sitter sharing a shape, degrees:\n");
    fmt::print("  {:<34} {:>8} {:>8} {:>8} {:>9}\n", "", "alone", "shared", "floor", "to floor");
    auto three = [](const char* name, const Shared& s) {
        for (const auto& [what, share] : {std::pair{"median", 0.5}, {"90th percentile", 0.9}})
            fmt::print("  {:<18}{:<16} {:>8.2f} {:>8.2f} {:>8.2f} {:>9.2f}\n", name, what,
                       quantile(s.alone, share), quantile(s.together, share),
                       quantile(s.floor, share),
                       quantile(s.together, share) / quantile(s.floor, share));
    };
    three("canonical face", sharedErrors(canonicalFaceAlone(), 200, 3));
    for (std::size_t i = 0; i < heads.size(); ++i) {
        const Shared s = sharedErrors(heads[i], 30, static_cast<unsigned>(20 + i));
        for (auto list : {&Shared::alone, &Shared::together, &Shared::floor}) {
            (shared.*list).insert((shared.*list).end(), (s.*list).begin(), (s.*list).end());
            std::sort((shared.*list).begin(), (shared.*list).end());
        }
    }
    three("generated heads", shared);
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    benchmark::Initialize(&argc, argv);
    Remembering reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    auto& t = reporter.microseconds;
    if (t.contains("photographRead") && t.contains("facesOfPhotograph"))
        fmt::print("\nFaces of a 24-megapixel photograph found and marked, as a multiple of reading its file: {:.2f}\n",
                   t["facesOfPhotograph"] / t["photographRead"]);
    if (t.contains("solvePnPIterative") && t.contains("warmRefit")) {
        const double pnp = t["solvePnPIterative"];
        fmt::print("\nAs a multiple of solvePnP (iterative) on the same marks:\n");
        for (const char* name : {"coldFit", "coldFitWithCovariance", "warmRefit", "guides",
                                 "compare", "solvePnPSqpnp"})
            fmt::print("  {:<24} {:6.2f}\n", name, t[name] / pnp);
        fmt::print("\nA dragged mark costs {:.2f} ms in the real window; 60 frames a second leave "
                   "16.7.\n",
                   t["draggedMarkInTheWindow"] / 1000);
        fmt::print("Of ten thousand studies the shelf opens in {:.0f} ms, a letter typed finds in {:.0f} ms, "
                   "progress is told in {:.0f} ms.\n",
                   t["shelfOfTenThousand"] / 1000, t["foundInTenThousand"] / 1000,
                   t["progressOfTenThousand"] / 1000);
        fmt::print("The window is usable {:.2f} s after the start; a photograph of 24 megapixels is read in {:.2f} s.\n",
                   t["startToUsableWindow"] / 1e6, t["photographOf24Megapixels"] / 1e6);
        rusage used{};
        getrusage(RUSAGE_SELF, &used);
        fmt::print("At the most {:.0f} MB of memory were used, ten thousand studies and all.\n",
                   static_cast<double>(used.ru_maxrss) / 1024);
        fmt::print("The light turned by hand costs {:.2f} ms.\n", t["lightTurnedInTheWindow"] / 1000);
        fmt::print("A bust is shaped and photographed at 1600 px in {:.2f} s; turned, it is looked at "
                   "at 500 px in {:.0f} ms.\n",
                   t["bustTaken"] / 1e6, t["bustTurned"] / 1000);
    }
    if (t.empty() || t.contains("solvePnPIterative"))
        printAccuracy();
}
