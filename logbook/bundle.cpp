#include "logbook/bundle.h"

#include "core/base/atomic_file.h"
#include "core/base/json_file.h"
#include "logbook/study_file.h"

#include <algorithm>
#include <chrono>
#include <cstring>
#include <fmt/format.h>
#include <fstream>
#include <iterator>
#include <map>
#include <optional>
#include <set>
#include <zip.h>

namespace zokran {

namespace {

constexpr const char* contents = "zokran-bundle.json";
constexpr const char *pictureFolder = "pictures/", *studyFolder = "studies/";

/// Bytes. The contents of the first version hold every study.
constexpr zip_uint64_t largestContents = 256u << 20, largestStudy = 32u << 20, largestPicture = 256u << 20;
/// Nothing that a camera or a learner makes packs tighter than this; small entries may.
constexpr zip_uint64_t tightest = 500, smallEntry = 1u << 20;
constexpr zip_int64_t mostEntries = 8'000'000;
/// A batch of studies is written as one; the logbook is not held for longer than this, so that others can save.
constexpr std::chrono::milliseconds longestBatch{250};

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

/// "studies/0000001.json" for the first.
std::string studyEntry(std::size_t number) {
    return fmt::format("{}{:07}.json", studyFolder, number);
}

bool isStudyEntry(const std::string& entry) {
    return entry.starts_with(studyFolder) && entry.ends_with(".json") && isPlainName(entry.substr(std::strlen(studyFolder)));
}

/// The list of studies of the first version with each study as a string of JSON: as objects, thousands of them take
/// ten times their text in memory. What has no such list comes back as it is.
std::string withStudiesAsText(const std::string& text) {
    const std::size_t key = text.find("\"studies\"");
    const std::size_t list = key == std::string::npos ? key : text.find_first_not_of(" \t\r\n:", key + std::strlen("\"studies\""));
    if (list == std::string::npos || text[list] != '[')
        return text;
    nlohmann::json studies = nlohmann::json::array();
    bool isInString = false;
    int depth = 0;
    std::size_t from = 0, at = list;
    for (; at < text.size(); ++at) {
        const char c = text[at];
        if (isInString) {
            if (c == '\\')
                ++at;
            else if (c == '"')
                isInString = false;
        } else if (c == '"')
            isInString = true;
        else if (c == '{' || c == '[') {
            if (++depth == 2)
                from = at;
        } else if (c == '}' || c == ']') {
            if (--depth == 1)
                studies.push_back(text.substr(from, at + 1 - from));
            if (depth == 0)
                break;
        }
    }
    if (depth != 0)
        return text; // it is told that this is no JSON
    return text.substr(0, list) + studies.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace) + text.substr(at + 1);
}

nlohmann::json contentsOf(zip_t* zip) {
    const zip_int64_t entries = zip_get_num_entries(zip, 0);
    if (entries > mostEntries)
        throw BadInput(fmt::format("more than {} entries", mostEntries));
    std::set<std::string> seen;
    for (zip_int64_t i = 0; i < entries; ++i) {
        const char* name = zip_get_name(zip, static_cast<zip_uint64_t>(i), ZIP_FL_ENC_RAW);
        const std::string entry = name ? name : "";
        const bool fits = entry == contents || entry == pictureFolder || entry == studyFolder || isStudyEntry(entry) ||
                          (entry.starts_with(pictureFolder) &&
                           isPlainName(entry.substr(std::strlen(pictureFolder))));
        if (!fits)
            throw BadInput("it holds an entry that no bundle holds");
        if (!seen.insert(entry).second)
            throw BadInput(fmt::format("it holds \"{}\" twice", entry));
    }
    const std::string text = bytesOf(zip, contents, largestContents);
    return parseJson(withStudiesAsText(text), contents, "zokran-bundle", 2, largestContents);
}

/// The studies of either version, one after the other.
class Studies {
public:
    Studies(zip_t* zip, nlohmann::json about) : zip_(zip), about_(std::move(about)) {
        const nlohmann::json& studies = about_.at("studies");
        isList_ = studies.is_array();
        count_ = isList_ ? studies.size() : studies.get<std::size_t>();
        if (count_ > static_cast<std::size_t>(mostEntries))
            throw BadInput(fmt::format("more than {} studies", mostEntries));
    }
    std::size_t size() const { return count_; }
    nlohmann::json operator[](std::size_t i) const {
        if (isList_) {
            const std::string& text = about_["studies"][i].get_ref<const std::string&>();
            if (text.size() > largestStudy)
                throw BadInput(fmt::format("a study is larger than {} MB", largestStudy >> 20));
            return nlohmann::json::parse(text);
        }
        const std::string entry = studyEntry(i + 1);
        return parseJson(bytesOf(zip_, entry, largestStudy), entry, "zokran-bundled-study");
    }

private:
    zip_t* zip_;
    nlohmann::json about_;
    std::size_t count_ = 0;
    bool isList_ = false;
};

/// Bytes of all pictures in the archive, as far as it tells.
std::uintmax_t pictureBytes(zip_t* zip) {
    std::uintmax_t sum = 0;
    const zip_int64_t entries = zip_get_num_entries(zip, 0);
    for (zip_int64_t i = 0; i < entries; ++i) {
        zip_stat_t stat;
        zip_stat_init(&stat);
        if (zip_stat_index(zip, static_cast<zip_uint64_t>(i), ZIP_FL_ENC_RAW, &stat) == 0 && (stat.valid & ZIP_STAT_SIZE) &&
            stat.name && std::string_view(stat.name).starts_with(pictureFolder))
            sum += stat.size;
    }
    return sum;
}

/// Every picture a study speaks of, each to be renamed.
std::vector<std::string*> picturesOf(Study& study) {
    std::vector<std::string*> names{&study.referencePicture};
    for (Sketch& a : study.sketches)
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
    a.openedSteps = b.openedSteps;
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

namespace {

bool haveEqualBytes(const std::filesystem::path& a, const std::filesystem::path& b) {
    std::ifstream one(a, std::ios::binary), other(b, std::ios::binary);
    return one && other &&
           std::equal(std::istreambuf_iterator<char>(one), {}, std::istreambuf_iterator<char>(other), {});
}

/// What the pictures of a logbook are called in a bundle: names of ours, one for all that are equal.
class PictureEntries {
public:
    explicit PictureEntries(const Logbook& logbook) : logbook_(logbook) {}

    /// Empty for one that the logbook has lost.
    const std::string& of(const std::string& name) {
        const auto [known, isNew] = entries_.try_emplace(name);
        std::error_code error;
        const auto file = logbook_.picturePath(name);
        if (!isNew || !std::filesystem::is_regular_file(file, error))
            return known->second;
        std::vector<std::string>& alike = bySize_[std::filesystem::file_size(file, error)];
        for (const std::string& other : alike)
            if (haveEqualBytes(file, logbook_.picturePath(other)))
                return known->second = entries_.at(other);
        alike.push_back(name);
        constexpr std::size_t longestEnding = 6;
        std::string ending = plainFileName(std::filesystem::path(name).extension().string());
        if (ending.size() < 2 || ending.size() > longestEnding)
            ending.clear();
        firsts_.emplace_back(fmt::format("{:07}{}", firsts_.size() + 1, ending), file);
        return known->second = firsts_.back().first;
    }
    /// The entries to be written, and their files.
    const std::vector<std::pair<std::string, std::filesystem::path>>& written() const { return firsts_; }

private:
    const Logbook& logbook_;
    std::map<std::string, std::string> entries_; ///< by the name in the logbook
    std::map<std::uintmax_t, std::vector<std::string>> bySize_;
    std::vector<std::pair<std::string, std::filesystem::path>> firsts_;
};

/// The JSON of a study in a bundle.
std::string bundledStudy(StoredStudy stored, PictureEntries& pictures) {
    nlohmann::ordered_json j, names = nlohmann::ordered_json::object();
    for (std::string* name : picturesOf(stored.study))
        if (const std::string& entry = pictures.of(*name); !entry.empty()) {
            names[entry] = *name;
            *name = entry;
        }
    j["format"] = "zokran-bundled-study";
    j["version"] = 1;
    j["uid"] = stored.uid;
    j["made"] = stored.made;
    j["changed"] = stored.changed;
    j["looked_at"] = stored.lookedAt;
    j["put_away"] = stored.putAway;
    j["picture_names"] = names;
    j["study"] = studyJson(stored.study);
    return jsonText(j);
}

/// An entry that is made only while it is written: of a million studies one at a time is in memory.
struct StudySource {
    const Logbook& logbook;
    PictureEntries& pictures;
    StudyId id;
    std::string& trouble; ///< why it could not be made
    std::string text = {};
    std::size_t at = 0;
    zip_error_t error = {};

    static zip_int64_t run(void* state, void* data, zip_uint64_t length, zip_source_cmd_t command) {
        auto& self = *static_cast<StudySource*>(state);
        switch (command) {
        case ZIP_SOURCE_OPEN:
            try {
                self.text = bundledStudy(self.logbook.load(self.id), self.pictures);
                self.at = 0;
                return 0;
            } catch (const std::exception& e) {
                self.trouble = e.what();
                zip_error_set(&self.error, ZIP_ER_READ, 0);
                return -1;
            }
        case ZIP_SOURCE_READ: {
            const std::size_t count = std::min<std::size_t>(length, self.text.size() - self.at);
            std::memcpy(data, self.text.data() + self.at, count);
            self.at += count;
            return static_cast<zip_int64_t>(count);
        }
        case ZIP_SOURCE_CLOSE:
            std::string().swap(self.text);
            return 0;
        case ZIP_SOURCE_STAT:
            zip_stat_init(static_cast<zip_stat_t*>(data));
            return sizeof(zip_stat_t);
        case ZIP_SOURCE_ERROR:
            return zip_error_to_data(&self.error, data, length);
        case ZIP_SOURCE_FREE:
            delete &self;
            return 0;
        case ZIP_SOURCE_SUPPORTS:
            return zip_source_make_command_bitmap(ZIP_SOURCE_OPEN, ZIP_SOURCE_READ, ZIP_SOURCE_CLOSE, ZIP_SOURCE_STAT,
                                                  ZIP_SOURCE_ERROR, ZIP_SOURCE_FREE, ZIP_SOURCE_SUPPORTS, -1);
        default:
            zip_error_set(&self.error, ZIP_ER_OPNOTSUPP, 0);
            return -1;
        }
    }
};

} // namespace

bool exportBundle(const Logbook& logbook, const std::vector<StudyId>& studies, const std::filesystem::path& file,
                  const GoesOn& goesOn, std::vector<std::string>* lost) {
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
    nlohmann::ordered_json about;
    about["format"] = "zokran-bundle";
    about["version"] = 2;
    about["studies"] = studies.size();
    const std::string aboutText = jsonText(about);
    add(contents, zip_source_buffer(zip.get(), aboutText.data(), aboutText.size(), 0), true);
    PictureEntries pictures(logbook);
    std::string trouble;
    for (std::size_t i = 0; i < studies.size(); ++i) {
        // Finding equal pictures reads them; it is counted as a tenth of the work.
        constexpr double shareOfLooking = 0.1;
        if (goesOn && !goesOn(shareOfLooking * static_cast<double>(i) / static_cast<double>(studies.size())))
            return false;
        Study study = logbook.load(studies[i]).study;
        for (const std::string* name : picturesOf(study))
            // One that is lost does not keep the rest from being kept safe.
            if (pictures.of(*name).empty() && lost)
                lost->push_back(fmt::format("{}: {} is gone from the logbook", study.title, *name));
        auto source = std::make_unique<StudySource>(StudySource{logbook, pictures, studies[i], trouble});
        add(studyEntry(i + 1), zip_source_function(zip.get(), StudySource::run, source.release()), true);
    }
    for (const auto& [entry, picture] : pictures.written())
        add(pictureFolder + entry, zip_source_file(zip.get(), picture.c_str(), 0, -1), false);
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
        throw StorageError(
            fmt::format("{}: {}", file.string(), trouble.empty() ? zip_strerror(zip.get()) : trouble));
    }
    zip.release(); // closed
    return true;
}

namespace {

/// Takes studies in, in batches: a batch is on the disk as a whole.
class Import {
public:
    Import(Logbook& logbook, zip_t* zip, Imported& imported) : logbook_(logbook), zip_(zip), imported_(imported) {}
    ~Import() {
        // Of a batch that failed nothing speaks of its pictures.
        for (const std::string& name : inBatch_) {
            std::error_code ignored;
            std::filesystem::remove(logbook_.picturePath(name), ignored);
        }
    }
    Import(const Import&) = delete;
    Import& operator=(const Import&) = delete;

    void take(const nlohmann::json& one, std::string& title) {
        const std::string text = one.at("study").dump();
        StoredStudy stored;
        Study& study = stored.study;
        study = parseStudy(text, title);
        title = study.title;
        stored.uid = one.value("uid", "");
        bool apart = false;
        if (const auto known = stored.uid.empty() ? std::nullopt : logbook_.studyWithUid(stored.uid)) {
            if (sayTheSame(logbook_.load(*known).study, study, logbook_, zip_)) {
                ++imported_.known;
                return;
            }
            stored.uid = apartUid(stored.uid, text);
            apart = true;
            if (logbook_.studyWithUid(stored.uid)) {
                ++imported_.known; // taken in before, apart
                return;
            }
        }
        stored.made = one.value("made", "");
        stored.changed = one.value("changed", stored.made);
        stored.lookedAt = one.value("looked_at", stored.made);
        stored.putAway = one.value("put_away", false);
        // All its pictures are read before any is written.
        std::map<std::string, std::string> bytes;
        for (const std::string* name : picturesOf(study)) {
            if (!isPlainName(*name))
                throw BadInput("a picture's name is none");
            if (!kept_.contains(*name) && !bytes.contains(*name))
                bytes[*name] = bytesOf(zip_, pictureFolder + *name, largestPicture);
        }
        const nlohmann::json names = one.value("picture_names", nlohmann::json::object());
        if (!batch_) {
            batch_.emplace(logbook_);
            began_ = std::chrono::steady_clock::now();
        }
        for (std::string* name : picturesOf(study)) {
            if (!kept_.contains(*name)) {
                kept_[*name] = logbook_.keepPictureBytes(names.value(*name, *name), bytes.at(*name));
                inBatch_.push_back(kept_[*name]);
            }
            *name = kept_[*name];
        }
        imported_.taken.push_back(logbook_.addStored(stored));
        imported_.apart += apart;
        if (std::chrono::steady_clock::now() - began_ > longestBatch)
            commit();
    }

    void commit() {
        if (batch_)
            batch_->whole.commit();
        batch_.reset();
        inBatch_.clear();
    }

private:
    struct Batch {
        explicit Batch(const Logbook& logbook) : whole(logbook.transaction()) {}
        Database::Transaction whole;
    };
    Logbook& logbook_;
    zip_t* zip_;
    Imported& imported_;
    std::map<std::string, std::string> kept_; ///< what a picture of the bundle is called in the logbook
    std::vector<std::string> inBatch_;
    std::optional<Batch> batch_;
    std::chrono::steady_clock::time_point began_;
};

} // namespace

Imported importBundle(Logbook& logbook, const std::filesystem::path& file, const GoesOn& goesOn) {
    const Zip zip = opened(file);
    Imported imported;
    try {
        const Studies studies(zip.get(), contentsOf(zip.get()));
        std::error_code error;
        const auto room = std::filesystem::space(logbook.folder(), error).available;
        if (const std::uintmax_t needed = pictureBytes(zip.get()); !error && needed > room)
            throw StorageError(fmt::format("{}: its pictures take {} MB, and {} MB are free in {}", file.string(),
                                           needed >> 20, room >> 20, logbook.folder().string()));
        Import import(logbook, zip.get(), imported);
        for (std::size_t i = 0; i < studies.size(); ++i) {
            if (goesOn && !goesOn(static_cast<double>(i) / static_cast<double>(studies.size())))
                break;
            std::string title = fmt::format("study {}", i + 1);
            try {
                import.take(studies[i], title);
            } catch (const nlohmann::json::exception&) {
                imported.leftOut.push_back(fmt::format("{}: a part of it is missing or of another kind", title));
            } catch (const BadInput& e) {
                imported.leftOut.push_back(fmt::format("{}: {}", title, e.what()));
            }
        }
        import.commit();
    } catch (const nlohmann::json::exception&) {
        throw BadInput(fmt::format("{}: a part of it is missing or of another kind", file.string()));
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    }
    return imported;
}

std::string firstPictureIn(const std::filesystem::path& file) {
    const Zip zip = opened(file);
    try {
        const Studies studies(zip.get(), contentsOf(zip.get()));
        if (studies.size() == 0)
            return {};
        Study study = parseStudy(studies[0].at("study").dump(), contents);
        const auto names = picturesOf(study);
        return names.empty() ? std::string()
                             : bytesOf(zip.get(), pictureFolder + *names.back(), largestPicture);
    } catch (const nlohmann::json::exception&) {
        throw BadInput(fmt::format("{}: a part of it is missing or of another kind", file.string()));
    } catch (const BadInput& e) {
        throw BadInput(fmt::format("{}: {}", file.string(), e.what()));
    }
}

} // namespace zokran
