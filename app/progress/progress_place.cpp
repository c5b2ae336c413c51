#include "app/progress/progress_place.h"

#include "app/text/messages.h"
#include "app/widgets/line_button.h"
#include "app/widgets/theme.h"
#include "core/base/atomic_file.h"
#include "core/files/progress_file.h"
#include "core/messages/progress_messages.h"

#include <QBuffer>
#include <QFileDialog>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QSettings>
#include <QSvgGenerator>
#include <QVBoxLayout>
#include <algorithm>

namespace zokran {

namespace {

constexpr int wordsWidth = 340;

} // namespace

ProgressPlace::ProgressPlace(Document& document, QWidget* parent) : QWidget(parent), document_(document) {
    setObjectName("progress");
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 16, 16);
    row->setSpacing(24);
    auto* side = new QVBoxLayout;
    side->setSpacing(8);
    row->addLayout(side);
    auto* heading = new QLabel(tr("What your drawings say"));
    heading->setProperty(typeProperty, "strong");
    side->addWidget(heading);
    side->addWidget(first_ = new QLabel);
    first_->setWordWrap(true);
    first_->setFixedWidth(atType(wordsWidth));
    first_->setProperty(typeProperty, "heading");
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(atType(wordsWidth));
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(words_ = new QLabel);
    words_->setWordWrap(true);
    words_->setAlignment(Qt::AlignTop);
    words_->setTextInteractionFlags(Qt::TextSelectableByKeyboard | Qt::TextSelectableByMouse);
    side->addWidget(scroll, 1);
    side->addWidget(practise_ = new QPushButton);
    practise_->setProperty("role", "next");
    side->addWidget(pose_ = new QPushButton);
    side->addWidget(busy_ = new QProgressBar);
    busy_->setTextVisible(false);
    busy_->setAccessibleName(tr("Comparing drawings"));
    auto* main = new QVBoxLayout;
    main->setSpacing(8);
    row->addLayout(main, 1);
    auto* names = new QGridLayout;
    names->setSpacing(2);
    constexpr int toARow = 4;
    for (int i = 0; i < toARow; ++i)
        names->setColumnStretch(i, 1);
    main->addLayout(names);
    for (const ProgressChart* chart : progressCharts()) {
        auto* button = new LineButton(qt(learnersTranslator().say(chart->name)));
        button->setCheckable(true);
        const std::size_t index = charts_.size();
        names->addWidget(button, static_cast<int>(index) / toARow, static_cast<int>(index) % toARow);
        charts_.push_back(button);
        connect(button, &QPushButton::clicked, this, [this, index] {
            chose_ = true;
            showChart(index);
        });
    }
    main->addWidget(about_ = new QLabel);
    about_->setProperty(typeProperty, "caption");
    about_->setWordWrap(true);
    space_ = new QVBoxLayout;
    main->addLayout(space_, 1);
    auto* foot = new QHBoxLayout;
    main->addLayout(foot);
    foot->addStretch();
    foot->addWidget(save_ = new QPushButton(tr("&Save this chart, or the table…")));
    connect(save_, &QPushButton::clicked, this, &ProgressPlace::save);
    // Until the drawings are compared for the first time there is nothing to choose.
    first_->setText(tr("Your drawings are being compared…"));
    for (QPushButton* early : {practise_, pose_, save_})
        early->hide();
    for (QPushButton* chart : charts_)
        chart->setEnabled(false);
    connect(practise_, &QPushButton::clicked, this, [this] { emit drillWanted(qt(drill_)); });
    connect(pose_, &QPushButton::clicked, this, [this] { emit poseWanted(wantedPose_); });
}

void ProgressPlace::refresh() {
    working_ = true;
    busy_->setRange(0, 100);
    busy_->setValue(0);
    busy_->show();
    const auto read = [this, looksOnly = document_.logbook().isReadOnly(),
                       folder = document_.logbook().folder()](const Background::Stop& stop) {
        ProgressData data;
        data.folder = folder;
        const Logbook logbook(folder, looksOnly ? Logbook::Access::ReadOnly : Logbook::Access::ReadOnlyShared);
        int last = 0;
        data.photographs = drawingsOf(logbook, [&](double share) {
            if (const int percent = static_cast<int>(100 * share); percent > last) {
                last = percent;
                QMetaObject::invokeMethod(busy_, [this, percent] { busy_->setValue(percent); });
            }
            return !stop;
        });
        std::vector<Drawing> drawings;
        for (const LoggedDrawing& logged : data.photographs)
            drawings.push_back(logged.drawing);
        data.drawings = firstOfEachHead(data.photographs, [](const LoggedDrawing& d) { return d.drawing.head; });
        data.progress = progressOf(std::move(drawings));
        return data;
    };
    work_.run(
        read, [this](ProgressData data) { show(std::move(data)); },
        [this](const QString& why) {
            emit document_.troubled(why);
            show({});
        });
}

void ProgressPlace::show(ProgressData data) {
    working_ = false;
    busy_->hide();
    data_ = std::move(data);
    // What was worked out is kept, so that the next time is quick.
    if (!document_.logbook().isReadOnly())
        document_.tryEdit([&] {
            for (const LoggedDrawing& logged : data_.photographs)
                if (logged.computedNow)
                    document_.logbook().keepFigures(logged.study, logged.place,
                                                         figuresText(logged.drawing));
        });
    QStringList words;
    for (const std::string& sentence : progressWords(data_.progress, learnersTranslator()))
        words << qt(sentence);
    for (QWidget* ready : {static_cast<QWidget*>(practise_), static_cast<QWidget*>(save_)})
        ready->show();
    for (QPushButton* chart : charts_)
        chart->setEnabled(true);
    first_->setText(words.takeFirst());
    words_->setText(words.join("\n\n"));
    drill_ = data_.progress.straightening && data_.progress.straightening->slope.high < 1 ? "straight"
             : data_.progress.habits.empty()                                             ? "pose"
                                                : data_.progress.habits.front().habit->drill;
    practise_->setText(tr("Practise it: a drill of a minute"));
    const auto least = posesToDraw(data_.progress, 1);
    pose_->setVisible(!least.empty());
    if (!least.empty()) {
        const PoseCell& c = least.front();
        wantedPose_ = poseFromDegrees((c.turnLow + c.turnHigh) / 2, (c.tiltLow + c.tiltHigh) / 2, {0});
        pose_->setText(tr("A head %1").arg(qt(wordsFor(c, learnersTranslator()))));
        pose_->setToolTip(tr("Drawn least, or least well, so far; the cast room sets it up"));
    }
    // Of few drawings the poses say most: which to draw next. Else the chart is the one that shows what is said first.
    constexpr std::size_t few = 5;
    const auto& all = progressCharts();
    const ProgressChart* first = data_.drawings.size() < few   ? &posesChart
                                 : data_.progress.straightening ? &turnChart
                                                                : &biasChart;
    if (!chose_)
        shown_ = static_cast<std::size_t>(std::find(all.begin(), all.end(), first) - all.begin());
    showChart(shown_);
}

void ProgressPlace::showChart(std::size_t index) {
    shown_ = index;
    for (std::size_t i = 0; i < charts_.size(); ++i)
        charts_[i]->setChecked(i == index);
    const ProgressChart& chart = *progressCharts()[index];
    about_->setText(qt(learnersTranslator().say(chart.about)));
    delete chart_;
    chart_ = chart.make(data_, [this](StudyId study) { emit chosen(study); });
    chart_->setAccessibleName(qt(learnersTranslator().say(chart.name)));
    space_->addWidget(chart_, 1);
}

void ProgressPlace::save() {
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(
        this, tr("Save"),
        QString("%1/%2.png").arg(settings.value("folder").toString(), progressCharts()[shown_]->id),
        tr("Pictures (*.png);;Drawings (*.svg);;Tables (*.csv)"));
    if (file.isEmpty() || !chart_)
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    document_.tryEdit([&] {
        if (file.endsWith(".csv", Qt::CaseInsensitive)) {
            std::vector<Drawing> drawings;
            for (const LoggedDrawing& logged : data_.drawings)
                drawings.push_back(logged.drawing);
            writeAtomically(file.toStdString(), progressTable(drawings));
        } else if (file.endsWith(".svg", Qt::CaseInsensitive)) {
            writeAtomically(file.toStdString(), chartAsSvg().toStdString());
        } else {
            QBuffer picture;
            picture.open(QIODevice::WriteOnly);
            chart_->grab().save(&picture, "PNG");
            writeAtomically(file.toStdString(), picture.data().toStdString());
        }
    });
}

QByteArray ProgressPlace::chartAsSvg() const {
    QBuffer buffer;
    buffer.open(QIODevice::WriteOnly);
    QSvgGenerator svg;
    svg.setOutputDevice(&buffer);
    svg.setSize(chart_->size());
    svg.setViewBox(chart_->rect());
    svg.setTitle(qt(learnersTranslator().say(progressCharts()[shown_]->name)));
    // Painted to its end before the bytes are taken: the last of them are written when the painter goes.
    QPainter painter(&svg);
    chart_->render(&painter);
    painter.end();
    return buffer.data();
}

} // namespace zokran
