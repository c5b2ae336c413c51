#include "app/print/contact_sheet.h"

#include "app/document/pictures.h"
#include "app/print/sheet_kind.h"
#include "app/text/messages.h"
#include "core/print/sheets/sheets.h"
#include "core/print/write.h"


namespace zokran {

void ContactSheet::stop() {
    work_.cancel();
}

void ContactSheet::write(const Logbook& logbook, const std::string& title,
                         const std::vector<StudySummary>& studies, const QString& file) {
    work_.run(
        [this, folder = logbook.folder(), mayWrite = !logbook.isReadOnly(), title, studies,
         file](const Background::Stop& stop) {
            constexpr QSize half(260, 320); // some 250 dots to the inch on a card
            std::vector<ContactHead> heads;
            for (const StudySummary& s : studies) {
                if (stop)
                    return file;
                ContactHead head;
                head.title = s.title;
                head.about = s.sitter + (s.sitter.empty() || s.drawn.empty() ? "" : ", ") + s.drawn.substr(0, 10);
                using Frame = std::optional<Framing>;
                for (const auto& [picture, name, frame] :
                     {std::tuple{&head.reference, s.referencePicture, s.frame}, {&head.sketch, s.sketchPicture, Frame()}})
                    if (const QImage small = smallPicture(folder, qt(name), frame, half, mayWrite); !small.isNull())
                        *picture = printed(small);
                heads.push_back(std::move(head));
                emit progressed(static_cast<int>(100 * heads.size() / studies.size()));
            }
            writeSheets(contactSheets(title, heads, paperNamed("a4"), learnersTranslator()), file.toStdString());
            return file;
        },
        [this](const QString& done) { emit written(done); }, [this](const QString& why) { emit failed(why); });
}

} // namespace zokran
