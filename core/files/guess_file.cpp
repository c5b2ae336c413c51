#include "core/files/guess_file.h"

#include "core/base/json_file.h"
#include "core/files/pose_json.h"

#include <cmath>

namespace zokran {

std::string guessText(const Guess& guess) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-guess";
    j["version"] = 1;
    j["pose"] = poseJson(guess.pose);
    j["ball"] = {{"cx", guess.ball.centre.x()}, {"cy", guess.ball.centre.y()}, {"r", guess.ball.radius}};
    j["side_plane"] = guess.sidePlane;
    j["chin"] = guess.chin;
    j["committed"] = guess.committed;
    return jsonText(j);
}

Guess parseGuess(const std::string& text, const std::string& name) {
    const nlohmann::json j = parseJson(text, name, "zokran-guess");
    try {
        auto number = [](const nlohmann::json& at, const char* key) {
            const double value = at.at(key).get<double>();
            if (!std::isfinite(value))
                throw BadInput(fmt::format("\"{}\" is not finite", key));
            return value;
        };
        const nlohmann::json &pose = j.at("pose"), &ball = j.at("ball");
        Guess guess;
        guess.pose =
            poseFromDegrees({number(pose, "turn")}, {number(pose, "tilt")}, {number(pose, "lean")});
        guess.ball = {{number(ball, "cx"), number(ball, "cy")}, {number(ball, "r")}};
        guess.sidePlane = {number(j, "side_plane")};
        guess.chin = {number(j, "chin")};
        guess.committed = j.at("committed").get<bool>();
        return withinReach(guess);
    } catch (const std::exception& e) {
        throw BadInput(fmt::format("{}: {}", name, e.what()));
    }
}

} // namespace zokran
