#include "core/files/marks_file.h"

#include "core/base/json_file.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>

namespace zokran {

namespace {

double finiteNumber(const nlohmann::json& j, const char* key, const std::string& of) {
    if (!j.is_object() || !j.contains(key) || !j[key].is_number())
        throw BadInput(fmt::format("{} needs a number \"{}\"", of, key));
    const double value = j[key].get<double>();
    if (!std::isfinite(value))
        throw BadInput(fmt::format("{} has a \"{}\" that is not finite", of, key));
    return value;
}

/// A positive number, or nothing when the key is absent or null.
std::optional<Pixels> optionalLength(const nlohmann::json& j, const char* key,
                                     const std::string& of) {
    if (!j.is_object() || !j.contains(key) || j[key].is_null())
        return std::nullopt;
    const double value = finiteNumber(j, key, of);
    if (value <= 0)
        throw BadInput(fmt::format("{} needs a \"{}\" above zero", of, key));
    return Pixels{value};
}

/// True or false; false when the key is absent.
bool flag(const nlohmann::json& j, const char* key, const std::string& of) {
    const nlohmann::json value = j.value(key, nlohmann::json(false));
    if (!value.is_boolean())
        throw BadInput(fmt::format("{} has a \"{}\" that is neither true nor false", of, key));
    return value.get<bool>();
}

int side(const nlohmann::json& image, const char* key) {
    const double value = finiteNumber(image, key, "\"image\"");
    if (value < 1 || value > 1e5)
        throw BadInput(fmt::format("\"image\" needs a \"{}\" between 1 and 100000", key));
    return static_cast<int>(value);
}

DrawnLines lines(const nlohmann::json& j) {
    if (!j.is_object())
        throw BadInput("\"lines\" needs a name and points for each");
    DrawnLines all;
    for (const auto& [id, points] : j.items()) {
        const std::optional<DrawnLine> line = drawnLineNamed(id);
        if (!line || *line == DrawnLine::Shoulders)
            throw BadInput(fmt::format("there is no line named \"{}\"", id));
        const std::string of = fmt::format("the line \"{}\"", id);
        const PointCount count = pointsOf(*line);
        if (!points.is_array() || !count.allows(points.size()))
            throw BadInput(count.least == count.most
                               ? fmt::format("{} needs {} points", of, count.least)
                               : fmt::format("{} needs {} {} {} points", of, count.least,
                                             count.least + count.step == count.most ? "or" : "to", count.most));
        for (const auto& at : points)
            all[*line].emplace_back(finiteNumber(at, "x", of), finiteNumber(at, "y", of));
    }
    return all;
}

PlacedMark placedMark(const nlohmann::json& j, const std::string& id) {
    const std::string of = fmt::format("the mark \"{}\"", id);
    if (!j.is_object())
        throw BadInput(fmt::format("{} needs \"x\" and \"y\"", of));
    PlacedMark placed;
    placed.hidden = flag(j, "hidden", of);
    placed.suggested = flag(j, "suggested", of);
    placed.noise = optionalLength(j, "noise_px", of);
    const bool placeless = !j.contains("x") || j["x"].is_null();
    if (!(placed.hidden && placeless))
        placed.at = PicturePoint(finiteNumber(j, "x", of), finiteNumber(j, "y", of));
    return placed;
}

nlohmann::ordered_json written(const PlacedMark& placed) {
    nlohmann::ordered_json mark = {{"x", nullptr}, {"y", nullptr}, {"hidden", placed.hidden}};
    if (placed.at) {
        mark["x"] = placed.at->x();
        mark["y"] = placed.at->y();
    }
    if (placed.suggested)
        mark["suggested"] = true;
    if (placed.noise)
        mark["noise_px"] = placed.noise->value;
    return mark;
}

/// The marks of the body, which the program keeps as one line: the pit of the neck first.
constexpr std::string_view bodyMarks[] = {"neck_pit", "shoulder_r", "shoulder_l"};

/// The line through the body's marks that were placed, one for each of `bodyMarks`.
std::vector<PicturePoint> shoulders(const std::array<std::optional<PicturePoint>, 3>& placed) {
    const auto& [pit, right, left] = placed;
    if (!pit && !right && !left)
        return {};
    if (pit && right && left)
        return {*pit, *right, *left};
    if (!pit || right || left)
        throw BadInput("\"shoulder_l\" and \"shoulder_r\" are read together, and with \"neck_pit\"");
    return {*pit};
}

MarkSheet convert(const nlohmann::json& j) {
    MarkSheet sheet;
    const nlohmann::json image = j.value("image", nlohmann::json());
    sheet.width = side(image, "width");
    sheet.height = side(image, "height");
    sheet.focal = optionalLength(j.value("camera", nlohmann::json()), "focal_px", "\"camera\"");
    sheet.noise = optionalLength(j, "noise_px", "the file");
    sheet.smiling = flag(j, "smiling", "the file");
    if (j.contains("ball") && !j["ball"].is_null()) {
        BallCircle ball;
        ball.centre = {finiteNumber(j["ball"], "cx", "\"ball\""),
                       finiteNumber(j["ball"], "cy", "\"ball\"")};
        ball.radius = {finiteNumber(j["ball"], "r", "\"ball\"")};
        if (ball.radius <= Pixels{0})
            throw BadInput("\"ball\" needs an \"r\" above zero");
        sheet.ball = ball;
    }
    if (!j.contains("marks") || !j["marks"].is_object())
        throw BadInput("\"marks\" is missing");
    std::array<std::optional<PicturePoint>, std::size(bodyMarks)> body;
    for (const auto& [id, value] : j["marks"].items()) {
        const std::optional<Mark> mark = markNamed(id);
        const std::optional<ExpressionMark> expression = expressionMarkNamed(id);
        const auto ofBody = std::find(std::begin(bodyMarks), std::end(bodyMarks), id) - std::begin(bodyMarks);
        const bool isOfBody = ofBody < std::ssize(bodyMarks);
        if (!mark && !expression && !isOfBody)
            throw BadInput(fmt::format("there is no mark named \"{}\"", id));
        if (value.is_null())
            continue;
        const PlacedMark placed = placedMark(value, id);
        if (isOfBody)
            body[static_cast<std::size_t>(ofBody)] = placed.hidden ? std::nullopt : placed.at;
        else
            (mark ? sheet.marks[*mark] : sheet.expression[*expression]) = placed;
    }
    if (j.contains("lines") && !j["lines"].is_null())
        sheet.lines = lines(j["lines"]);
    sheet.lines[DrawnLine::Shoulders] = shoulders(body);
    return sheet;
}

} // namespace

MarkSheet readMarks(const std::filesystem::path& file) {
    return readJson(file, "zokran-marks", convert);
}

MarkSheet parseMarks(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-marks");
    try {
        return convert(j);
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    }
}

std::string marksText(const MarkSheet& sheet, const std::optional<Truth>& truth) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-marks";
    j["version"] = 1;
    j["image"] = {{"width", sheet.width}, {"height", sheet.height}};
    j["camera"]["focal_px"] = nullptr;
    if (sheet.focal)
        j["camera"]["focal_px"] = sheet.focal->value;
    j["ball"] = nullptr;
    if (sheet.ball)
        j["ball"] = {{"cx", sheet.ball->centre.x()}, {"cy", sheet.ball->centre.y()}, {"r", sheet.ball->radius}};
    j["noise_px"] = nullptr;
    if (sheet.noise)
        j["noise_px"] = sheet.noise->value;
    if (sheet.smiling)
        j["smiling"] = true;
    j["marks"] = nlohmann::ordered_json::object();
    for (int i = 0; i < markCount; ++i)
        if (const auto& placed = sheet.marks[markAt(i)])
            j["marks"][std::string(idOf(markAt(i)))] = written(*placed);
    for (int i = 0; i < expressionMarkCount; ++i)
        if (const auto& placed = sheet.expression[expressionMarkAt(i)])
            j["marks"][std::string(idOf(expressionMarkAt(i)))] = written(*placed);
    const auto& body = sheet.lines[DrawnLine::Shoulders];
    for (std::size_t i = 0; i < body.size(); ++i)
        j["marks"][std::string(bodyMarks[i])] = written(PlacedMark{body[i]});
    for (DrawnLine line : allDrawnLines)
        for (const PicturePoint& at : line == DrawnLine::Shoulders ? std::vector<PicturePoint>() : sheet.lines[line])
            j["lines"][std::string(idOf(line))].push_back({{"x", at.x()}, {"y", at.y()}});
    if (truth) {
        j["truth"] = {
            {"turn", inDegrees(truth->pose.turn)}, {"tilt", inDegrees(truth->pose.tilt)}, {"lean", inDegrees(truth->pose.lean)}};
        for (const auto& [error, amount] : truth->planted)
            j["truth"]["planted"][error] = amount;
    }
    return jsonText(j);
}

} // namespace zokran
