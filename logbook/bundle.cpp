#include "logbook/bundle.h"

#include "core/base/json_file.h"
#include "logbook/study_file.h"

#include <fmt/format.h>
#include <set>
#include <zip.h>

namespace zokran {

namespace {

constexpr const char* contents = "zokran-bundle.json";
constexpr const char* pictureFolder = "pictures/";

constexpr zip_uint64_t largestContents = 64u << 20, largestPicture = 256u << 20;
/// Nothing that a camera or a learner makes packs tighter than this; small entries may.
constexpr zip_uint64_t tightest = 500, smallEntry = 1u << 20;
constexpr zip_int64_t mostEntries = 1'000'000;

struct Discard {
    void operator()(zip_t* zip) const { zip_discard(zip); }
};
using Zip = std::unique_ptr<zip_t, Discard>;

std::string zipTrouble(int code) {
    zip_error_t error;
    zip_error_init_with_code(&error, code);
    const std::string words = zip_error_strerror(&error);
    zip_error_fini(&error);
    return words;
}

/// A picture's name that is a name and nothing else.
bool isPlainName(const std::string& name) {
    constexpr std::size_t longest = 200;
    if (name.empty() || name.size() > longest || name == "." || name == "..")
        return false;
    for (const char c : name)
        if (c == '/' || c == '\\' || static_cast<unsigned char>(c) < 32 || c == 127)
            return false;
    return true;
}

std::string bytesOf(zip_t* zip, const std::string& entry, zip_uint64_t largest) {
    zip_stat_t stat;
    zip_stat_init(&stat);
    if (zip_stat(zip, entry.c_str(), ZIP_FL_ENC_RAW, &stat) != 0)
        throw BadInput(fmt::format("\"{}\" is missing", entry));
    constexpr zip_uint64_t needed = ZIP_STAT_SIZE | ZIP_STAT_COMP_SIZE | ZIP_STAT_ENCRYPTION_METHOD;
    if ((stat.valid & needed) != needed || stat.encryption_method != ZIP_EM_NONE)
        throw BadInput(fmt::format("\"{}\" is encrypted, or without a size", entry));
    if (stat.size > largest)
        throw BadInput(fmt::format("\"{}\" is larger than {} MB", entry, largest >> 20));
    if (stat.size > smallEntry && stat.size / tightest > stat.comp_size)
        throw BadInput(fmt::format("\"{}\" is packed beyond belief", entry));
    std::unique_ptr<zip_file_t, decltype(&zip_fclose)> in(
        zip_fopen(zip, entry.c_str(), ZIP_FL_ENC_RAW), zip_fclose);
    if (!in)
        throw BadInput(fmt::format("\"{}\": {}", entry, zip_strerror(zip)));
    // Read to its end, whatever size it claims: the check sum is only then looked at.
    std::string bytes;
    char part[1 << 16];
    for (;;) {
        const zip_int64_t got = zip_fread(in.get(), part, sizeof part);
        if (got < 0)
            throw BadInput(fmt::format("\"{}\" is damaged", entry));
        if (got == 0)
            break;
        bytes.append(part, static_cast<std::size_t>(got));
        if (bytes.size() > largest)
            throw BadInput(fmt::format("\"{}\" is larger than {} MB", entry, largest >> 20));
    }
    return bytes;
}

/// An archive that may be a bundle; its contents once every entry's name was looked at.
Zip opened(const std::filesystem::path& file) {
    int code = 0;
    Zip zip(zip_open(file.c_str(), ZIP_RDONLY | ZIP_CHECKCONS, &code));
    if (!zip)
        throw BadInput(fmt::format("{}: this is not a bundle of studies ({})", file.string(), zipTrouble(code)));
    return zip;
}

nlohmann::json contentsOf(zip_t* zip) {
    const zip_int64_t entries = zip_get_num_entries(zip, 0);
    if (entries > mostEntries)
        throw BadInput(fmt::format("more than {} entries", mostEntries));
    std::set<std::string> seen;
    for (zip_int64_t i = 0; i < entries; ++i) {
        const char* name = zip_get_name(zip, static_cast<zip_uint64_t>(i), ZIP_FL_ENC_RAW);
        const std::string entry = name ? name : "";
        const bool fits = entry == contents || entry == pictureFolder ||
                          (entry.starts_with(pictureFolder) &&
                           isPlainName(entry.substr(std::strlen(pictureFolder))));
        if (!fits)
            throw BadInput("it holds an entry that no bundle holds");
        if (!seen.insert(entry).second)
            throw BadInput(fmt::format("it holds \"{}\" twice", entry));
    }
    return parseJson(bytesOf(zip, contents, largestContents), contents, "zokran-bundle");
}

/// Every picture a study speaks of, each to be renamed.
std::vector<std::string*> picturesOf(Study& study) {
    std::vector<std::string*> names{&study.referencePicture};
    for (Attempt& a : study.attempts)
        names.push_back(&a.picture);
    std::erase_if(names, [](const std::string* name) { return name->empty(); });
    return names;
}

/// The same study but for what its pictures are called in this logbook or that.
bool sayTheSame(Study a, Study b, const Logbook& logbook, zip_t* zip) {
    const auto namesA = picturesOf(a), namesB = picturesOf(b);
    if (namesA.size() != namesB.size())
        return false;
    for (std::size_t i = 0; i < namesA.size(); ++i) {
        zip_stat_t stat;
        zip_stat_init(&stat);
        std::error_code error;
        const auto size = std::filesystem::file_size(logbook.picturePath(*namesA[i]), error);
        if (error || zip_stat(zip, (pictureFolder + *namesB[i]).c_str(), ZIP_FL_ENC_RAW, &stat) != 0 ||
            stat.size != size)
            return false;
        *namesA[i] = *namesB[i] = "";
    }
    a.step = b.step; // where the learner was is no change
    a.current = b.current;
    return a == b;
}

/// A name for a study that two logbooks made different things of: the same whenever it is asked for.
std::string apartUid(const std::string& uid, const std::string& text) {
    std::uint64_t hash = 14695981039346656037u; // FNV-1a
    for (const char c : text)
        hash = (hash ^ static_cast<unsigned char>(c)) * 1099511628211u;
    return fmt::format("{}-{:016x}", uid.substr(0, 32), hash);
}

} // namespace

bool exportBundle(const Logbook& logbook, const std::vector<StudyId>& studies,
                  const std::filesystem::path& file, const GoesOn& goesOn) {
    nlohmann::ordered_json j;
    j["format"] = "zokran-bundle";
    j["version"] = 1;
    j["studies"] = nlohmann::ordered_json::array();
    std::set<std::string> pictures;
    for (StudyId id : studies) {
        StoredStudy stored = logbook.load(id);
        nlohmann::ordered_json one;
        one["uid"] = stored.uid;
        one["made"] = stored.made;
        one["put_away"] = logbook.isPutAway(id);
        one["study"] = nlohmann::ordered_json::parse(studyText(stored.study));
        j["studies"].push_back(std::move(one));
        for (const std::string* name : picturesOf(stored.study))
            pictures.insert(*name);
    }
    const std::string text = jsonText(j);
    int code = 0;
    Zip zip(zip_open(file.c_str(), ZIP_CREATE | ZIP_TRUNCATE, &code));
    if (!zip)
        throw StorageError(fmt::format("{}: {}", file.string(), zipTrouble(code)));
    const auto add = [&](const std::string& name, zip_source_t* source, bool packed) {
        const zip_int64_t at =
            source ? zip_file_add(zip.get(), name.c_str(), source, ZIP_FL_ENC_UTF_8) : -1;
        if (at < 0) {
            zip_source_free(source);
            throw StorageError(fmt::format("{}: {}", file.string(), zip_strerror(zip.get())));
        }
        // Photographs are packed already.
        if (!packed)
            zip_set_file_compression(zip.get(), static_cast<zip_uint64_t>(at), ZIP_CM_STORE, 0);
    };
    add(contents, zip_source_buffer(zip.get(), text.data(), text.size(), 0), true);
    for (const std::string& name : pictures) {
        std::error_code error;
        // One that is lost does not keep the rest from being kept safe.
        if (std::filesystem::is_regular_file(logbook.picturePath(name), error))
            add(pictureFolder + name,
                zip_source_file(zip.get(), logbook.picturePath(name).c_str(), 0, -1), false);
    }
    struct State {
        const GoesOn* goesOn;
        bool stopped = false;
    } state{&goesOn};
    if (goesOn) {
        zip_register_progress_callback_with_state(
            zip.get(), 0.01,
            [](zip_t*, double share, void* data) {
                auto* s = static_cast<State*>(data);
                s->stopped = s->stopped || !(*s->goesOn)(share);
            },
            nullptr, &state);
        zip_register_cancel_callback_with_state(
            zip.get(), [](zip_t*, void* data) { return static_cast<State*>(data)->stopped ? 1 : 0; },
            nullptr, &state);
    }
    if (zip_close(zip.get()) != 0) {
        if (state.stopped)
            return false;
        throw StorageError(fmt::format("{}: {}", file.string(), zip_strerror(zip.get())));
    }
    zip.release(); // closed
    return true;
}

Imported importBundle(Logbook& logbook, const std::filesystem::path& file, const GoesOn& goesOn) {
    const Zip zip = opened(file);
    Imported imported;
    try {
        const nlohmann::json j = contentsOf(zip.get());
        const nlohmann::json& studies = j.at("studies");
        for (std::size_t i = 0; i < studies.size(); ++i) {
            if (goesOn && !goesOn(static_cast<double>(i) / static_cast<double>(studies.size())))
                break;
            std::string title = fmt::format("study {}", i + 1);
            try {
                const nlohmann::json& one = studies[i];
                const std::string text = one.at("study").dump();
                Study study = parseStudy(text, title);
                title = study.title;
                std::string uid = one.value("uid", "");
                bool apart = false;
                if (const auto known = uid.empty() ? std::nullopt : logbook.studyWithUid(uid)) {
                    if (sayTheSame(logbook.load(*known).study, study, logbook, zip.get())) {
                        ++imported.known;
                        continue;
                    }
                    uid = apartUid(uid, text);
                    apart = true;
                    if (logbook.studyWithUid(uid)) {
                        ++imported.known; // taken in before, apart
                        continue;
                    }
                }
                // All its pictures are read before any is written.
                std::vector<std::pair<std::string*, std::string>> pictures;
                for (std::string* name : picturesOf(study)) {
                    if (!isPlainName(*name))
                        throw BadInput("a picture's name is none");
                    pictures.emplace_back(name, bytesOf(zip.get(), pictureFolder + *name, largestPicture));
                }
                for (auto& [name, bytes] : pictures)
                    *name = logbook.keepPictureBytes(*name, bytes);
                const StudyId id = logbook.add(study, one.value("made", ""), uid);
                if (one.value("put_away", false))
                    logbook.putAway(id, true);
                imported.taken.push_back(id);
                imported.apart += apart;
            } catch (const nlohmann::json::exception& e) {
                imported.leftOut.push_back(fmt::format("{}: {}", title, e.what()));
            } catch (const BadInput& e) {
                imported.leftOut.push_back(fmt::format("{}: {}", title, e.what()));
            }
        }
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    }
    return imported;
}

std::string firstPictureIn(const std::filesystem::path& file) {
    const Zip zip = opened(file);
    try {
        const nlohmann::json j = contentsOf(zip.get());
        if (j.at("studies").empty())
            return {};
        Study study = parseStudy(j["studies"][0].at("study").dump(), contents);
        const auto names = picturesOf(study);
        return names.empty() ? std::string()
                             : bytesOf(zip.get(), pictureFolder + *names.back(), largestPicture);
    } catch (const nlohmann::json::exception& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    }
}

} // namespace zokran
