// What takes a while on the shelf: photographs and bundles taken in, bundles and contact sheets written, drawings compared.

#include "app/library/library.h"

#include "app/library/card_text.h"
#include "app/text/messages.h"
#include "core/practice/drawing.h"
#include "logbook/drawings.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QProgressBar>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>
#include <algorithm>
#include <map>

namespace zokran {

void Library::buildWork(QVBoxLayout* column) {
    column->addWidget(work_ = new QWidget);
    auto* row = new QHBoxLayout(work_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    row->addWidget(workWords_ = new QLabel);
    row->addWidget(workDone_ = new QProgressBar, 1);
    workDone_->setTextVisible(false);
    workDone_->setAccessibleName(tr("How much is done"));
    auto* stop = new QPushButton(tr("&Stop"));
    row->addWidget(stop);
    work_->hide();
    connectCarrying();
    connect(stop, &QPushButton::clicked, this, [this] {
        intake_.stop();
        sheet_.stop();
        carrying_.stop();
        work_->hide();
    });
    connect(&intake_, &PhotoIntake::changed, this, &Library::showIntake);
    connect(&intake_, &PhotoIntake::finished, this, [this] {
        work_->hide();
        refresh();
    });
    connect(&sheet_, &ContactSheet::progressed, this, [this](int percent) { workDone_->setValue(percent); });
    connect(&sheet_, &ContactSheet::written, this, [this](const QString& file) {
        work_->hide();
        count_->setText(tr("Saved: %1").arg(QFileInfo(file).fileName()));
    });
    connect(&sheet_, &ContactSheet::failed, this, [this](const QString& why) {
        work_->hide();
        emit document_.troubled(why);
    });
}

void Library::connectCarrying() {
    connect(&carrying_, &BundleTransfer::progressed, this, [this](int percent) { workDone_->setValue(percent); });
    connect(&carrying_, &BundleTransfer::ended, work_, &QWidget::hide);
    connect(&carrying_, &BundleTransfer::failed, &document_, &Document::troubled);
    connect(&carrying_, &BundleTransfer::written, this,
            [this](const QString& file) { count_->setText(tr("Saved: %1").arg(QFileInfo(file).fileName())); });
    connect(&carrying_, &BundleTransfer::taken, this, [this](const Imported& in) {
        refresh();
        QString told = tr("%n studies taken in; %1 were here already.", nullptr, static_cast<int>(in.taken.size())).arg(in.known);
        if (in.apart)
            told += " " + tr("%1 had been changed here: both are kept.").arg(in.apart);
        if (!in.leftOut.empty())
            told += " " + tr("%1 were left out. The first: %2").arg(in.leftOut.size()).arg(qt(in.leftOut[0]));
        emit document_.troubled(told);
        if (in.taken.size() == 1)
            emit chosen(in.taken[0]);
    });
}

void Library::showWork(const QString& words) {
    workWords_->setText(words);
    workDone_->setRange(0, 100);
    workDone_->setValue(0);
    work_->show();
}

void Library::takeBundle(const QString& file) {
    if (carrying_.isRunning())
        return;
    document_.saveNow();
    showWork(tr("Taking studies in…"));
    carrying_.take(file);
}

void Library::saveBundle(bool whole) {
    if (carrying_.isRunning() || (!whole && chosenIds().empty()))
        return;
    document_.saveNow();
    QSettings settings;
    const QString name = whole ? tr("logbook") : chosenIds().size() == 1 ? tr("study") : tr("studies");
    QString file = QFileDialog::getSaveFileName(
        this, whole ? tr("Back up the whole logbook") : tr("Save the chosen studies"),
        QString("%1/%2.zokran").arg(settings.value("folder").toString(), name), tr("Studies (*.zokran)"));
    if (file.isEmpty())
        return;
    if (QFileInfo(file).suffix().isEmpty())
        file += ".zokran";
    settings.setValue("folder", QFileInfo(file).absolutePath());
    showWork(tr("Writing studies…"));
    carrying_.write(whole ? std::vector<StudyId>() : chosenIds(), file);
}

void Library::showIntake() {
    work_->setVisible(intake_.isRunning());
    workWords_->setText(tr("Taking in %1 of %2…").arg(intake_.done() + 1).arg(intake_.all()));
    workDone_->setRange(0, intake_.all());
    workDone_->setValue(intake_.done());
}

void Library::saveContactSheet() {
    std::vector<StudyId> ids = chosenIds();
    std::vector<StudySummary> studies;
    for (int row = 0; row < list_->count(); ++row) {
        const StudyId id = list_->item(row)->data(idRole).toLongLong();
        // One alone is where the list stands, and not a choice: then all that are shown.
        if (ids.size() > 1 && std::find(ids.begin(), ids.end(), id) == ids.end())
            continue;
        if (const StudySummary* study = finder_.study(id))
            studies.push_back(*study);
    }
    if (studies.empty())
        return;
    QSettings settings;
    const QString file = QFileDialog::getSaveFileName(
        this, tr("Save the contact sheet"), settings.value("folder").toString() + "/heads.pdf",
        tr("Documents (*.pdf)"));
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    showWork(tr("Writing the contact sheet…"));
    sheet_.write(document_.logbook(), tr("%n heads", nullptr, static_cast<int>(studies.size())).toStdString(), studies, file);
}

void Library::tellCardsAnew() {
    std::map<StudyId, const StudySummary*> byId;
    for (const StudySummary* study : finder_.find({}))
        byId[study->id] = study;
    for (int row = 0; row < list_->count(); ++row) {
        QListWidgetItem& item = *list_->item(row);
        if (const auto found = byId.find(item.data(idRole).toLongLong()); found != byId.end())
            item.setText(cardText(*found->second));
    }
    // A card keeps the room of its earlier words otherwise.
    list_->doItemsLayout();
}

void Library::compareWhatIsNot() {
    const auto studies = finder_.find({});
    const auto waits = [](const StudySummary* s) { return s->marked && !s->drawn.empty() && s->figures.empty(); };
    if (isCompared_ || comparing_.isRunning() || document_.logbook().isReadOnly() ||
        std::none_of(studies.begin(), studies.end(), waits))
        return;
    comparing_.run(
        [folder = document_.logbook().folder()](const Background::Stop& stop) {
            return drawingsOf(Logbook(folder, Logbook::Access::ReadOnlyShared), [&](double) { return !stop; });
        },
        [this](const std::vector<LoggedDrawing>& drawings) {
            bool isAnyNew = false;
            document_.tryEdit([&] {
                for (const LoggedDrawing& logged : drawings)
                    if (logged.computedNow) {
                        document_.logbook().keepFigures(logged.study, logged.place, figuresText(logged.drawing));
                        isAnyNew = true;
                    }
            });
            // What cannot be compared is not tried again and again.
            isCompared_ = true;
            if (!isAnyNew)
                return;
            readStudies();
            tellCardsAnew();
        });
}

} // namespace zokran
