// What the documents name exists: every path of the project that stands in them, so that a source leads to its check.

#include <catch2/catch.hpp>
#include <filesystem>
#include <fstream>
#include <regex>
#include <set>
#include <sstream>

namespace fs = std::filesystem;

namespace {

const fs::path root = ZOKRAN_SOURCE;

std::string textOf(const fs::path& file) {
    std::ostringstream text;
    text << std::ifstream(file).rdbuf();
    return text.str();
}

/// The documents that name paths: the README, those of docs/ and those beside data.
std::vector<fs::path> documents() {
    std::vector<fs::path> all{root / "README.md"};
    for (const char* folder : {"docs", "data"})
        for (const auto& entry : fs::recursive_directory_iterator(root / folder))
            if (entry.path().extension() == ".md" && entry.path().string().find("/manual/") == std::string::npos)
                all.push_back(entry.path());
    return all;
}

/// What stands in code quotes and looks like a path from the project's root; patterns with a placeholder are none.
std::set<std::string> pathsIn(const std::string& text) {
    static const std::regex quoted("`([A-Za-z0-9_./-]+)`");
    static const std::set<std::string> folders{"app", "benchmarks", "cast", "cli",  "core",      "data",  "docs",
                                               "logbook", "packaging", "see",  "tests", "tools", "upload"};
    static const std::regex placeholder("ID|NAME|CODE");
    std::set<std::string> paths;
    for (std::sregex_iterator it(text.begin(), text.end(), quoted); it != std::sregex_iterator(); ++it) {
        const std::string path = (*it)[1];
        if (const auto slash = path.find('/'); slash != std::string::npos && folders.contains(path.substr(0, slash)) &&
                                               !std::regex_search(path, placeholder))
            paths.insert(path);
    }
    return paths;
}

} // namespace

TEST_CASE("Every path that a document names exists") {
    std::size_t count = 0;
    for (const fs::path& document : documents())
        for (const std::string& path : pathsIn(textOf(document))) {
            INFO(document.filename().string() << " names " << path);
            CHECK(fs::exists(root / path));
            ++count;
        }
    CHECK(count > 150);
}

TEST_CASE("Every picture that a document shows exists, and every picture of the views is shown in the README") {
    static const std::regex link(R"(\]\(([^)#:]+\.png)\))");
    for (const fs::path& document : documents()) {
        const std::string text = textOf(document);
        for (std::sregex_iterator it(text.begin(), text.end(), link); it != std::sregex_iterator(); ++it) {
            INFO(document.filename().string() << " shows " << (*it)[1]);
            CHECK(fs::exists(document.parent_path() / (*it)[1].str()));
        }
    }
    const std::string readme = textOf(root / "README.md");
    int pictures = 0;
    for (const auto& picture : fs::directory_iterator(root / "docs/screenshots")) {
        INFO(picture.path().filename().string());
        CHECK(readme.find(picture.path().filename().string()) != std::string::npos);
        ++pictures;
    }
    CHECK(pictures < 20);
}

TEST_CASE("Every page of the manual says which tests do what it says, and each of them exists") {
    std::string sources;
    for (const char* folder : {"tests/app", "tests/core", "tests/cast"})
        for (const auto& entry : fs::directory_iterator(root / folder))
            sources += textOf(entry.path());
    const std::string table = textOf(root / "docs/tested.md");
    for (const auto& page : fs::directory_iterator(root / "docs/manual"))
        if (page.path().extension() == ".md") {
            INFO(page.path().stem().string());
            CHECK(table.find("\n## " + page.path().stem().string() + "\n") != std::string::npos);
        }
    static const std::regex quoted("`([a-z][A-Za-z0-9]+)`");
    std::size_t count = 0;
    for (std::sregex_iterator it(table.begin(), table.end(), quoted); it != std::sregex_iterator(); ++it, ++count) {
        INFO((*it)[1]);
        CHECK(sources.find("void " + (*it)[1].str() + "()") != std::string::npos);
    }
    CHECK(count > 100);
}
