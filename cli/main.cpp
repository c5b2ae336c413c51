#include "cli/verb.h"
#include "core/messages/trouble_messages.h"

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <fmt/format.h>

namespace zokran::cli {
namespace {
constexpr Verb* verbs[] = {ZOKRAN_VERBS};
} // namespace
} // namespace zokran::cli

namespace {

using namespace zokran;

/// Whatever goes wrong is one line.
int refuse(const std::string& why) {
    std::string line = why;
    std::replace(line.begin(), line.end(), '\n', ' ');
    fmt::print(stderr, "zokran-cli: {}\n", line);
    return 2;
}

/// No number that a verb takes (px, mm, degrees, shares, counts) has a sensible value beyond this.
constexpr double largestNumber = 1e6;

/// Throws BadInput where the word is a number that is not finite or beyond sense.
void checkNumber(const std::string& option, const std::string& word) {
    char* end = nullptr;
    const double value = std::strtod(word.c_str(), &end);
    if (!word.empty() && *end == 0 && !(std::abs(value) <= largestNumber))
        throw BadInput(fmt::format("{}: {} is no number that makes sense", option, word));
}

/// Every number given to an option of this command or of those below it; also those of lists ("30,20") and of
/// assignments ("mouth_height=3") within a word.
void checkNumbers(const CLI::App& command) {
    for (const CLI::Option* option : command.get_options()) {
        const std::string type = option->get_type_name();
        const bool isNumber = type.find("FLOAT") != std::string::npos;
        for (const std::string& given : option->results()) {
            // A word by itself may be a name: there are people called Nan.
            if (!isNumber && (option->get_positional() || given.find_first_of(",=") == std::string::npos))
                continue;
            std::size_t from = isNumber ? 0 : given.find('=') + 1;
            for (;;) {
                const std::size_t to = given.find(',', from);
                checkNumber(option->get_name(), given.substr(from, to - from));
                if (to == std::string::npos)
                    break;
                from = to + 1;
            }
        }
    }
    for (const CLI::App* below : command.get_subcommands())
        checkNumbers(*below);
}

} // namespace

int main(int argc, char** argv) {
    CLI::App app{
        "Zokran measures portrait drawings: it fits a rotated head construction to the marks "
        "of a photograph, projects guidelines, and says where a sketch's features landed "
        "wrong.\n\nAngles are in degrees against the line of sight to the head: turn + = nose to "
        "the viewer's right, tilt + = chin up, lean + = crown to the viewer's right."};
    app.require_subcommand(1);
    app.set_version_flag("--version", ZOKRAN_VERSION);
    app.footer("A first round:\n"
               "  zokran-cli cast --turn 35 --tilt 20 --png head.png --marks head.json\n"
               "  zokran-cli fit head.json > fit.json\n"
               "  zokran-cli guides fit.json --canon thirds --svg guides.svg\n"
               "  zokran-cli compare head.json sketch.json --mm-per-px 0.3");
    std::vector<std::pair<CLI::App*, std::function<void()>>> deeds;
    for (cli::Verb* verb : cli::verbs) {
        const auto act = verb(app);
        deeds.emplace_back(app.get_subcommands({}).back(), act);
    }
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        return e.get_exit_code() == 0 ? app.exit(e) : refuse(e.what());
    }
    try {
        checkNumbers(app);
        for (const auto& [command, act] : deeds)
            if (*command)
                act();
        return 0;
    } catch (const std::exception& e) {
        return refuse(wordsFor(e));
    }
}
