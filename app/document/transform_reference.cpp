#include "app/document/transform_reference.h"

#include "app/text/messages.h"

#include <QFileInfo>
#include <QTemporaryDir>
#include <QTransform>

namespace zokran {

namespace {

void layMarksAnew(Study& s, ReferenceTransform how) {
    const MarkSheet before = s.reference;
    s.reference = transformed(how, before);
    const auto place = [&](auto& at) { at = transformed(how, at, before.width, before.height); };
    const auto lay = [&](std::vector<Anchor>& anchors) {
        for (Anchor& a : anchors)
            if (!a.mark)
                place(a.at);
            else if (how == ReferenceTransform::Mirrored)
                a.mark = mirrored(*a.mark);
    };
    for (Measurement& m : s.measures)
        lay(m.anchors);
    lay(s.unit);
    if (s.framing) {
        Framing f;
        f.low = transformed(how, s.framing->low, before.width, before.height);
        f.high = transformed(how, s.framing->high, before.width, before.height);
        s.framing = within(f, s.reference.width, s.reference.height);
    }
    // Judged by eye on the photograph as it lay.
    s.guess.reset();
    s.lighting.reset();
}

} // namespace

void transformReference(Desk& desk, ReferenceTransform how) {
    const QString name = desk.pictureName(Side::Reference);
    const QImage photograph = desk.photograph(Side::Reference);
    if (photograph.isNull())
        return;
    if (!desk.study().sketches.empty()) {
        emit desk.document.troubled(tr("A sketch was drawn from this photograph as it lies. Begin a new "
                                       "study to draw it another way round."));
        return;
    }
    auto folder = std::make_shared<QTemporaryDir>();
    const QString file = folder->filePath(QFileInfo(name).completeBaseName().section('-', 1) +
                                          (how == ReferenceTransform::Mirrored ? "-mirrored" : "-turned") + ".jpg");
    const auto take = [=, &desk, id = desk.document.id()](const QImage& laid) {
        if (desk.document.id() != id || desk.pictureName(Side::Reference) != name)
            return; // the bench has moved on
        desk.document.tryEdit([&] {
            if (laid.isNull())
                throw StorageError(tr("%1: the picture cannot be written").arg(folder->path()).toStdString());
            const std::string kept = desk.document.logbook().keepPicture(file.toStdString());
            desk.pictures.put(qt(kept), laid);
            desk.document.edit(how == ReferenceTransform::Mirrored ? tr("Mirror the photograph")
                                                         : tr("Turn the photograph"),
                               {}, [&](Study& s) {
                                   s.referencePicture = kept;
                                   layMarksAnew(s, how);
                               });
        });
    };
    desk.background.run(
        [photograph, file, how, folder](const Background::Stop&) {
            constexpr int quality = 95;
            const QImage laid = how == ReferenceTransform::Mirrored ? photograph.mirrored(true, false)
                                                          : photograph.transformed(QTransform().rotate(90));
            return laid.save(file, "JPG", quality) ? laid : QImage();
        },
        take, [&desk](const QString& why) { emit desk.document.troubled(why); });
}

} // namespace zokran
