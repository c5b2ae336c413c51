#include "app/document/sitter_shape.h"

#include "core/files/marks_file.h"
#include "core/fit/fit.h"

namespace zokran {

SitterShape::SitterShape(Document& document, QObject* parent)
    : QObject(parent), document_(document) {
    connect(&document, &Document::changed, this, [this] {
        if (document_.study().sitter != sitter_ || document_.id() != study_)
            look();
    });
}

void SitterShape::look() {
    sitter_ = document_.study().sitter;
    study_ = document_.id();
    shape_ = {};
    photographs_ = 0;
    std::vector<std::pair<StudyId, std::string>> others, unknown;
    document_.tryEdit([&] {
        for (StudyId id : document_.logbook().studiesOf(sitter_))
            if (id != study_)
                others.emplace_back(id, document_.logbook().referenceMarks(id));
    });
    for (const auto& [id, marks] : others)
        if (const auto known = told_.find(id); known == told_.end() || known->second.marks != marks)
            unknown.emplace_back(id, marks);
    work_.cancel();
    if (unknown.empty())
        return gather(others);
    const auto learn = [unknown](const Background::Stop& stop) {
        std::map<StudyId, Told> found;
        for (const auto& [id, marks] : unknown) {
            if (stop)
                break;
            Told told{marks, {}};
            try {
                const MarkSheet sheet = parseMarks(marks, "the logbook");
                told.shape = shapeInformationOf(sheet, fitHead(sheet));
            } catch (const BadInput&) {
                // A study not marked yet says nothing of the sitter.
            }
            found[id] = std::move(told);
        }
        return found;
    };
    work_.run(learn, [this, others](const std::map<StudyId, Told>& found) {
        for (const auto& [id, told] : found)
            told_[id] = told;
        gather(others);
    });
}

void SitterShape::gather(const std::vector<std::pair<StudyId, std::string>>& others) {
    for (const auto& [id, marks] : others)
        if (const auto& shape = told_[id].shape) {
            shape_ += *shape;
            ++photographs_;
        }
    emit learnt();
}

} // namespace zokran
