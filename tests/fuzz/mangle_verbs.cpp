// Runs every verb of the command line with options and files that are wrong.
//
//   mangle-verbs PROGRAM COUNT [SEED]
//
// Each run must end within twenty seconds of processor time and two gigabytes, with 0, or with 2 and one line on stderr.
// The first that does not ends it; its command line is told, and its files stay.

#include "tests/fuzz/mangling.h"

#include <algorithm>
#include <chrono>
#include <csignal>
#include <cstdio>
#include <cstdlib>
#include <fcntl.h>
#include <filesystem>
#include <fstream>
#include <iterator>
#include <map>
#include <sstream>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

namespace {

using Words = std::vector<std::string>;
constexpr rlim_t longestRun = 20;             ///< seconds of processor time: a busy machine may stall any program
constexpr unsigned longestWait = 240;         ///< seconds by the clock, after which it hangs
constexpr rlim_t mostMemory = 2ull << 30;     ///< bytes

/// Right command lines, of every verb, for the files that `prepare` makes.
constexpr const char* commands[] = {
    "cast --head meridian --size 96 --turn 30 --tilt -10 --lean 5 --lens 85 --distance 9 --light 30,40 --fill 0.4 --png o.png "
    "--marks o.json",
    "cast --size 96 --turn 20 --sketch-png o.png --sketch-marks o2.json --plant mouth_height=3 --hand bold --straighten 0.3 "
    "--growth 0.1 --sketch-size 0.6 --sketch-right 0.1 --sketch-down 0.1",
    "fit a.json b.json",
    "fit a.json",
    "guides fit.json --canon thirds --svg o.svg --push 1.5 --straights 8 --detail 2 --form egg",
    "canons",
    "forms",
    "sitter fit.json",
    "compare a.json sketch.json --mm-per-px 0.3 --hold eyes --tolerances 2,3,4",
    "measure a.json --ratio brow nose_base nose_base chin",
    "measure a.json --mirror inner_eye_r --fit fit.json --unit inner_eye_r outer_eye_r",
    "light head.png fit.json --azimuth 20 --elevation 30 --steps 5 --png o.png",
    "light --form egg --azimuth 20 --elevation 30 --steps 3 --png o.png",
    "plan --paper A4 --border 20 --head 180 --pose fit.json --at 100 140",
    "rectify head.png --paper A4 --corners 5,5,60,6,62,80,4,78 --png o.png",
    "scan head.png --into o-scans --paper A6 --dpi 150",
    "sheet guide fit.json --head 120 --border 20 --detail 2 --out o.pdf",
    "sheet grid head.png fit.json --paper A3 --out o.pdf",
    "sheet landmarks head.png fit.json --canon thirds --out o.svg",
    "sheet correction a.json sketch.json --picture head.png --mm-per-px 0.4 --out o.pdf",
    "sheet steps fit.json --form egg --out o.pdf",
    "sheet values --out o.pdf",
    "sheet planes fit.json --azimuth 30 --elevation 20 --values 3 --out o.svg",
    "tones head.png a.json s.png sketch.json --values 5",
    "sheet balls --seed 4 --paper letter --out o.pdf",
    "sheet materials --form box --out o.pdf",
    "suggest head.png --face 1",
    "suggest s.png --sketch --reference head.png --reference-marks a.json",
    "learn --studies 1 --days 2 --seed 3 --size 200 --out o-course",
    "progress book --csv o.csv",
    "progress book --words",
    "drill pose --seed 3 --level 2 --png o.png --answer-png o2.png",
    "drill angle --photo head.png --marks a.json --png o.png",
    "bundle export book all o.zokran",
    "bundle import book a.zokran",
    "export book",
    "marks a.json o.csv",
    "marks o-in.pts o.json --size 100 100",
    "solid fit.json --out o.obj",
    "thumbnail a.zokran o.png --size 128",
};

Words wordsOf(const std::string& line) {
    std::istringstream in(line);
    return {std::istream_iterator<std::string>(in), {}};
}

std::string contentOf(const std::filesystem::path& file) {
    std::ifstream in(file, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

struct Outcome {
    int code = 0; ///< of the exit; negative for a signal
    std::string errors;
    double seconds = 0;
};

Outcome run(const std::string& program, const Words& arguments) {
    const auto begun = std::chrono::steady_clock::now();
    const pid_t child = ::fork();
    if (child == 0) {
        const rlimit memory{mostMemory, mostMemory}, files{512 << 20, 512 << 20};
        ::setrlimit(RLIMIT_AS, &memory);
        ::setrlimit(RLIMIT_FSIZE, &files);
        const rlimit processor{longestRun, longestRun};
        ::setrlimit(RLIMIT_CPU, &processor);
        ::alarm(longestWait);
        const int nothing = ::open("/dev/null", O_RDWR), errors = ::open("errors", O_WRONLY | O_CREAT | O_TRUNC, 0644);
        ::dup2(nothing, 0);
        ::dup2(nothing, 1);
        ::dup2(errors, 2);
        std::vector<char*> argv{const_cast<char*>(program.c_str())};
        for (const std::string& word : arguments)
            argv.push_back(const_cast<char*>(word.c_str()));
        argv.push_back(nullptr);
        ::execv(program.c_str(), argv.data());
        ::_exit(99);
    }
    int status = 0;
    ::waitpid(child, &status, 0);
    return {WIFEXITED(status) ? WEXITSTATUS(status) : -WTERMSIG(status), contentOf("errors"),
            std::chrono::duration<double>(std::chrono::steady_clock::now() - begun).count()};
}

void write(const char* file, const std::string& bytes) {
    std::ofstream(file, std::ios::binary) << bytes;
}

/// Good files of every kind, by their names.
std::map<std::string, std::string> prepare(const std::string& program) {
    const std::string quiet = " >/dev/null 2>&1";
    for (const char* line : {"cast --head meridian --size 96 --turn 30 --png head.png --marks a.json",
                             "cast --head meridian --size 96 --turn -20 --tilt 10 --marks b.json",
                             "cast --head meridian --size 96 --turn 30 --sketch-png s.png --sketch-marks sketch.json"})
        if (std::system((program + " " + line + quiet).c_str()) != 0)
            std::printf("preparing failed: %s\n", line);
    if (std::system((program + " fit a.json > fit.json").c_str()) != 0)
        std::printf("preparing failed: fit\n");
    std::map<std::string, std::string> files;
    for (const char* file : {"head.png", "s.png", "a.json", "b.json", "sketch.json", "fit.json"})
        files[file] = contentOf(file);
    files["a.zokran"] = contentOf(ZOKRAN_CORPUS "/bundle/v2.zokran");
    files["book/logbook.sqlite"] = contentOf(ZOKRAN_TEST_DATA "/logbooks/version-1.sqlite");
    return files;
}

bool isNumber(const std::string& word) {
    char* end = nullptr;
    std::strtod(word.c_str(), &end);
    return !word.empty() && *end == 0;
}

/// One to three of its words changed.
void mangle(Words& words, std::mt19937& random) {
    const auto below = [&](std::size_t n) { return random() % n; };
    for (std::size_t round = 0, rounds = 1 + below(3); round < rounds; ++round) {
        const std::size_t at = 1 + below(words.size() - 1 + (words.size() == 1));
        if (at >= words.size())
            return;
        std::string& word = words[at];
        switch (below(6)) {
        case 0:
        case 1: { // a number replaced, also within a list or an assignment
            std::size_t digit = word.find_first_of("0123456789");
            if (isNumber(word))
                word = zokran::fuzz::stumble(random);
            else if (digit != std::string::npos && word.find('.') == std::string::npos)
                word.replace(digit, word.find_first_not_of("0123456789.-", digit) - digit, zokran::fuzz::stumble(random));
            break;
        }
        case 2:
            words.erase(words.begin() + static_cast<std::ptrdiff_t>(at));
            break;
        case 3:
            words.insert(words.begin() + static_cast<std::ptrdiff_t>(at), words[below(words.size())]);
            break;
        case 4:
            if (!word.starts_with("o") && !word.starts_with("-")) // never a file of somebody else's
                word = below(2) ? "nowhere/" + word : std::string(1 + below(300), 'x');
            break;
        default:
            std::swap(word, words[1 + below(words.size() - 1)]);
        }
        if (words.size() < 2)
            return;
    }
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) {
        std::fprintf(stderr, "mangle-verbs PROGRAM COUNT [SEED]\n");
        return 2;
    }
    const std::string program = std::filesystem::absolute(argv[1]).string();
    const int count = std::stoi(argv[2]);
    std::mt19937 random(argc > 3 ? static_cast<unsigned>(std::stoul(argv[3])) : 1);
    std::string folder = (std::filesystem::temp_directory_path() / "zokran-verbs-XXXXXX").string();
    if (!::mkdtemp(folder.data()) || ::chdir(folder.c_str()) != 0)
        return 2;
    ::setenv("QT_QPA_PLATFORM", "offscreen", 1);
    std::filesystem::create_directories("book");
    const auto files = prepare(program);
    std::vector<std::string> corpus;
    for (const auto& [name, bytes] : files)
        corpus.push_back(bytes);
    int refused = 0;
    double slowest = 0;
    std::string slowestLine;
    for (int i = 0; i < count; ++i) {
        const auto index = static_cast<std::size_t>(i);
        for (const auto& [name, bytes] : files)
            write(name.c_str(), bytes);
        for (const char* part : {"book/logbook.sqlite-wal", "book/logbook.sqlite-shm"})
            std::filesystem::remove(part);
        Words words = wordsOf(commands[index < std::size(commands) ? index : random() % std::size(commands)]);
        // The right ones first.
        if (index >= std::size(commands)) {
            if (random() % 2)
                mangle(words, random);
            else // or what one of its files holds
                for (const std::string& word : words)
                    if (const auto file = word == "book" ? files.find("book/logbook.sqlite") : files.find(word);
                        file != files.end() && random() % 2)
                        write(file->first.c_str(), zokran::fuzz::mangled(file->second, corpus, random));
        }
        const Outcome outcome = run(program, words);
        std::string line;
        for (const std::string& word : words)
            line += " " + word;
        if (outcome.seconds > slowest) {
            slowest = outcome.seconds;
            slowestLine = line;
        }
        const auto lines = std::count(outcome.errors.begin(), outcome.errors.end(), '\n');
        const bool isGood = outcome.code == 0 || (outcome.code == 2 && lines == 1);
        refused += outcome.code == 2;
        if (!isGood) {
            std::printf("%s:%s\n ended with %d, and said: %s\nin %s\n", argv[1], line.c_str(), outcome.code,
                        outcome.errors.substr(0, 600).c_str(), folder.c_str());
            return 1;
        }
    }
    std::printf("%d runs, %d refused; the slowest took %.1f s:%s\n", count, refused, slowest, slowestLine.c_str());
    ::chdir("/");
    std::filesystem::remove_all(folder);
    return 0;
}
