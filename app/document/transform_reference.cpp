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

void transformReference(StudySession& session, ReferenceTransform how) {
    const QString name = session.pictureName(Side::Reference);
    const QImage photograph = session.photograph(Side::Reference);
    if (photograph.isNull())
        return;
    if (!session.study().sketches.empty()) {
        emit session.document.troubled(tr("A sketch was drawn from this photograph as it lies. Begin a new "
                                          "study to draw it another way round."));
        return;
    }
    auto folder = std::make_shared<QTemporaryDir>();
    const QString file = folder->filePath(QFileInfo(name).completeBaseName().section('-', 1) +
                                          (how == ReferenceTransform::Mirrored ? "-mirrored" : "-turned") + ".jpg");
    const auto take = [=, &session, id = session.document.id()](const QImage& laid) {
        if (session.document.id() != id || session.pictureName(Side::Reference) != name)
            return; // the bench has moved on
        session.document.tryEdit([&] {
            if (laid.isNull())
                throw StorageError(tr("%1: the picture cannot be written").arg(folder->path()).toStdString());
            const std::string kept = session.document.logbook().keepPicture(file.toStdString());
            session.pictures.put(qt(kept), laid);
            session.document.edit(how == ReferenceTransform::Mirrored ? tr("Mirror the photograph") : tr("Turn the photograph"),
                                  {}, [&](Study& s) {
                                      s.referencePicture = kept;
                                      layMarksAnew(s, how);
                                  });
        });
    };
    session.background.run(
        [photograph, file, how, folder](const Background::Stop&) {
            constexpr int quality = 95;
            const QImage laid = how == ReferenceTransform::Mirrored ? photograph.mirrored(true, false)
                                                          : photograph.transformed(QTransform().rotate(90));
            return laid.save(file, "JPG", quality) ? laid : QImage();
        },
        take, [&session](const QString& why) { emit session.document.troubled(why); });
}

} // namespace zokran
