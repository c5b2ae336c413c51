#include "core/head/population.h"

#include "core/base/data_folder.h"
#include "core/base/json_file.h"

namespace zokran {

namespace {

HeadMarks marksIn(const nlohmann::json& rows, double unit) {
    HeadMarks marks;
    for (int i = 0; i < markCount; ++i) {
        const auto at = rows.at(std::string(idOf(markAt(i)))).get<std::array<double, 3>>();
        marks[markAt(i)] = HeadPoint(at[0], at[1], at[2]) / unit;
    }
    return marks;
}

} // namespace

ShapePrior readPopulation(const std::filesystem::path& file) {
    return readJson(file, "zokran-population", [](const nlohmann::json& j) {
        const double unit = j.at("ball_radius").get<double>();
        if (!(unit > 0))
            throw BadInput("\"ball_radius\" must be above zero");
        ShapePrior prior;
        prior.mean = marksIn(j.at("mean"), unit);
        for (const auto& [id, rows] : j.at("directions").items())
            prior.directions.push_back({id, marksIn(rows, unit)});
        for (int i = 0; i < markCount; ++i) {
            double& own = prior.ownSpread[markAt(i)];
            own = j.at("own").at(std::string(idOf(markAt(i)))).get<double>() / unit;
            if (!(own > 0))
                throw BadInput("every spread of \"own\" must be above zero");
        }
        return prior;
    });
}

const ShapePrior& adultHeads() {
    static const ShapePrior prior = readPopulation(dataFolder() / "heads" / "population.json");
    return prior;
}

HeadMarks ShapePrior::head(const std::vector<double>& coefficients) const {
    HeadMarks h = mean;
    for (std::size_t k = 0; k < coefficients.size(); ++k)
        for (int i = 0; i < markCount; ++i)
            h[markAt(i)] += coefficients[k] * directions[k].displacement[markAt(i)];
    return h;
}

} // namespace zokran
