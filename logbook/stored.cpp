#include "logbook/stored.h"

#include "core/base/json_file.h"
#include "core/files/marks_file.h"
#include "core/files/measures_file.h"
#include "core/files/page_file.h"

#include <fmt/format.h>
#include <fmt/ranges.h>
#include <sstream>

namespace zokran {

namespace {

constexpr const char* inMessages = "the logbook";

} // namespace

std::string joined(const std::set<std::string>& items) {
    return fmt::format("{}", fmt::join(items, " "));
}

std::set<std::string> split(const std::string& text) {
    std::istringstream in(text);
    std::set<std::string> items;
    for (std::string item; in >> item;)
        items.insert(item);
    return items;
}

/// Marks of a sheet whose picture has not come yet are not written.
std::string storedMarks(const MarkSheet& sheet) {
    return sheet.width ? marksText(sheet) : "";
}
MarkSheet loadedMarks(const std::string& text) {
    return text.empty() ? MarkSheet{} : parseMarks(text, inMessages);
}

std::string storedPage(const Page& page) {
    return page == Page{} ? "" : pageText(page);
}
Page loadedPage(const std::string& text) {
    return text.empty() ? Page{} : parsePage(text, inMessages);
}

std::string storedSaid(const std::optional<std::vector<Part>>& said) {
    if (!said)
        return "";
    std::string text;
    for (Part part : *said)
        text += (text.empty() ? "" : " ") + std::string(idOf(part));
    return text.empty() ? "-" : text;
}
std::optional<std::vector<Part>> loadedSaid(const std::string& text) {
    if (text.empty())
        return std::nullopt;
    std::vector<Part> said;
    std::istringstream in(text);
    for (std::string id; in >> id;)
        if (const auto part = partNamed(id))
            said.push_back(*part);
    return said;
}

namespace {

constexpr std::pair<Measured, const char*> measuredWords[] = {
    {Measured::Unsaid, ""}, {Measured::Before, "before"}, {Measured::After, "after"}, {Measured::Never, "never"}};

} // namespace

std::string storedMeasured(Measured measured) {
    for (const auto& [known, word] : measuredWords)
        if (known == measured)
            return word;
    return "";
}
Measured loadedMeasured(const std::string& text) {
    for (const auto& [known, word] : measuredWords)
        if (word == text)
            return known;
    return Measured::Unsaid;
}

std::string storedTolerances(const Tolerances& t) {
    return t == Tolerances() ? "" : fmt::format("{} {} {}", t.place, t.size, t.angle.value);
}
Tolerances loadedTolerances(const std::string& text) {
    std::istringstream in(text);
    Tolerances t;
    const bool read = static_cast<bool>(in >> t.place >> t.size >> t.angle.value);
    const auto fits = [](double v) { return v >= leastTolerance && v <= mostTolerance; };
    return read && fits(t.place) && fits(t.size) && fits(t.angle.value) ? t : Tolerances();
}

/// The unit is kept with them.
constexpr const char* unitKind = "stick";
std::string storedMeasures(const Study& study) {
    if (study.measures.empty() && study.unit.empty())
        return "";
    std::vector<Measurement> all = study.measures;
    // Always there, last, so that reading back knows which it is; without ends for the usual unit.
    all.push_back({unitKind, study.unit, false});
    return measuresText(all);
}
void loadMeasures(const std::string& text, Study& study) {
    if (text.empty())
        return;
    study.measures = parseMeasures(text, inMessages);
    if (study.measures.empty())
        return;
    study.unit = study.measures.back().anchors;
    study.measures.pop_back();
    if (study.unit.size() != 2)
        study.unit.clear();
}

std::string storedPlacing(const std::optional<Placing>& p) {
    if (!p)
        return "";
    std::string text = fmt::format("{} {} {} {}", p->paper.width.value, p->paper.height.value,
                                   p->border.value, p->head.value);
    return p->at ? text + fmt::format(" {} {}", p->at->x(), p->at->y()) : text;
}
std::optional<Placing> loadedPlacing(const std::string& text) {
    std::istringstream in(text);
    Placing p;
    if (!(in >> p.paper.width.value >> p.paper.height.value >> p.border.value >> p.head.value) ||
        !isPossible(p))
        return std::nullopt;
    if (double x = 0, y = 0; in >> x >> y)
        p.at = PaperPoint(x, y);
    return p;
}

std::string storedLighting(const std::optional<Lighting>& l) {
    if (!l)
        return "";
    std::string text =
        fmt::format("{} {} {}", l->values, l->key.azimuth.value, l->key.elevation.value);
    return l->second ? text + fmt::format(" {} {} {}", l->second->from.azimuth.value,
                                          l->second->from.elevation.value, l->second->strength)
                     : text;
}
std::optional<Lighting> loadedLighting(const std::string& text) {
    std::istringstream in(text);
    Lighting l;
    if (!(in >> l.values >> l.key.azimuth.value >> l.key.elevation.value) || l.values < 2 ||
        l.values > 10)
        return std::nullopt;
    if (SecondLight s; in >> s.from.azimuth.value >> s.from.elevation.value >> s.strength)
        l.second = s;
    return l;
}

std::string storedFraming(const std::optional<Framing>& f) {
    return f ? fmt::format("{} {} {} {}", f->low.x(), f->low.y(), f->high.x(), f->high.y()) : "";
}
std::optional<Framing> loadedFraming(const std::string& text) {
    std::istringstream in(text);
    Framing f;
    if (!(in >> f.low.x() >> f.low.y() >> f.high.x() >> f.high.y()) || !f.low.allFinite() ||
        !f.high.allFinite() || (f.low.array() >= f.high.array()).any())
        return std::nullopt;
    return f;
}

} // namespace zokran
