#include "app/window/sheet_caption.h"

#include "app/sheet/sheet_file.h"

#include <QApplication>
#include <QDrag>
#include <QMimeData>
#include <QMouseEvent>
#include <QUrl>

namespace zokran {

SheetCaption::SheetCaption(QWidget* parent) : QLabel(parent) {
    setToolTip(tr("Drag from here to take the sheet out as a picture"));
}

QMimeData* SheetCaption::carried() const {
    if (!sheet_ || sheet_->scene().overlays.empty())
        return nullptr;
    auto* taken = new QMimeData;
    taken->setImageData(sceneImage(sheet_->scene()));
    QList<QUrl> files;
    for (const char* name : {"sheet.png", "sheet.svg"}) {
        try {
            const QString file = folder_.filePath(name);
            saveScene(sheet_->scene(), file);
            files << QUrl::fromLocalFile(file);
        } catch (const std::exception&) {
            // Without room for files the picture goes along all the same.
        }
    }
    taken->setUrls(files);
    return taken;
}

void SheetCaption::mousePressEvent(QMouseEvent* event) {
    from_ = event->pos();
}

void SheetCaption::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton) ||
        (event->pos() - from_).manhattanLength() < QApplication::startDragDistance())
        return;
    if (QMimeData* taken = carried()) {
        auto* drag = new QDrag(this);
        drag->setMimeData(taken);
        drag->exec(Qt::CopyAction);
    }
}

} // namespace zokran
