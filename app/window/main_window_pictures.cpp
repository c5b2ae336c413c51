// How pictures come to the bench: chosen, dropped, pasted, scanned, by telephone and by camera.

#include "app/camera/camera_dialog.h"
#include "app/cast_room/cast_room.h"
#include "app/document/picture_file.h"
#include "app/library/library.h"
#include "app/practice/drill_page.h"
#include "app/practice/practice.h"
#include "app/progress/progress_place.h"
#include "app/sheet/sheet_file.h"
#include "app/telephone/telephone_dialog.h"
#include "app/text/messages.h"
#include "app/widgets/theme.h"
#include "app/window/live_sitter_dialog.h"
#include "app/window/main_window.h"
#include "app/window/manual.h"
#include "app/window/message_bar.h"
#include "app/window/shortcut_dialog.h"
#include "app/window/walk.h"
#include "app/window/workspace.h"
#include "core/files/canon_file.h"
#include "core/print/write.h"

#include <QApplication>
#include <QClipboard>
#include <QCloseEvent>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QMenuBar>
#include <QMimeData>
#include <QPushButton>
#include <QRandomGenerator>
#include <QSettings>
#include <QShortcut>
#include <QStackedWidget>

namespace zokran {

void MainWindow::choosePicture(Side side) {
    if (side == Side::Sketch && !session_.document.isOpen())
        side = Side::Reference;
    // For this study, whatever lies on the bench when the dialog is closed.
    const std::optional<StudyId> forStudy = session_.document.id();
    QSettings settings;
    const QString file = QFileDialog::getOpenFileName(
        this, side == Side::Reference ? tr("A photograph of a head") : tr("A photograph of your sketch"),
        settings.value("folder").toString(), pictureFilter());
    if (file.isEmpty())
        return;
    settings.setValue("folder", QFileInfo(file).absolutePath());
    goTo(Place::Workspace);
    session_.takePicture(file, side, {}, forStudy);
}

void MainWindow::openFiles(const QStringList& files) {
    QStringList photographs;
    for (const QString& file : files) {
        if (QFileInfo(file).isDir()) {
            const QStringList inside = photographsIn(file);
            if (inside.isEmpty())
                tell(tr("%1: there are no photographs in this folder.").arg(file));
            photographs << inside;
        } else if (isBundle(file)) {
            goTo(Place::Library);
            library_->takeBundle(file);
        } else {
            photographs << file;
        }
    }
    if (photographs.size() == 1) {
        goTo(Place::Workspace);
        session_.takePicture(photographs.first(), Side::Reference);
    } else if (photographs.size() > 1) {
        goTo(Place::Library);
        session_.intake.take(photographs);
    }
    show();
    raise();
    activateWindow();
}

void MainWindow::takeFolder() {
    QSettings settings;
    const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder of photographs of heads"),
                                                             settings.value("folder").toString());
    if (folder.isEmpty())
        return;
    settings.setValue("folder", folder);
    const QStringList files = photographsIn(folder);
    goTo(Place::Library);
    if (files.isEmpty())
        emit session_.document.troubled(tr("%1: there are no photographs in this folder.").arg(folder));
    session_.intake.take(files);
}

void MainWindow::paste() {
    const QMimeData* copied = QApplication::clipboard()->mimeData();
    const Side side = session_.document.isOpen() && !session_.study().referencePicture.empty() ? Side::Sketch : Side::Reference;
    QString file = copied->urls().value(0).toLocalFile();
    if (file.isEmpty()) {
        const QImage image = qvariant_cast<QImage>(copied->imageData());
        file = pasted_.filePath(tr("pasted") + ".png");
        if (image.isNull() || !image.save(file)) {
            emit session_.document.troubled(tr("There is no picture on the clipboard."));
            return;
        }
    }
    goTo(Place::Workspace);
    session_.takePicture(file, side);
}

void MainWindow::watchScans(bool on) {
    QString folder;
    if (on)
        folder = QFileDialog::getExistingDirectory(this, tr("The folder your scanner writes to"),
                                                   QSettings().value("scans").toString());
    if (!folder.isEmpty())
        QSettings().setValue("scans", folder);
    else
        watching_->setChecked(false);
    scans_.watch(folder);
}

void MainWindow::openTelephone() {
    if (!TelephoneDialog::isAllowed())
        return tell(tr("You switched listening for a telephone off."), Action{tr("Allow it again"), [this] {
                                                                                  TelephoneDialog::allow(true);
                                                                                  openTelephone();
                                                                              }});
    showPictureDialog(telephone_);
}

void MainWindow::readLiveSitter() {
    if (!liveSitter_) {
        liveSitter_ = new LiveSitterDialog(this);
        connect(liveSitter_, &LiveSitterDialog::read, this,
                [this](const PhotoMarks& marks, const QString& sitter, const QString& readings) {
                    goTo(Place::Workspace);
                    session_.document.tryEdit([&] { session_.document.startFromReadings(marks, sitter, readings); });
                });
    }
    liveSitter_->show();
    liveSitter_->raise();
    liveSitter_->activateWindow();
}

void MainWindow::openCamera() {
    showPictureDialog(camera_);
}

template <class Sheet>
void MainWindow::showPictureDialog(QPointer<Sheet>& sheet) {
    if (!sheet) {
        sheet = new Sheet(session_.document, this);
        connect(sheet, &Sheet::arrived, this, [this](const QString& file, Side side) {
            goTo(Place::Workspace);
            session_.takePicture(file, side);
        });
    }
    sheet->show();
    sheet->raise();
    sheet->activateWindow();
}

} // namespace zokran
