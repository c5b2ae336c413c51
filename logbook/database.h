#pragma once

#include "core/base/errors.h"

#include <cstdint>
#include <filesystem>
#include <memory>
#include <string>
#include <string_view>

struct sqlite3;
struct sqlite3_stmt;

namespace zokran {

/// A logbook's file is damaged: some of it cannot be read, or all.
struct DamagedLogbook : StorageError {
    using StorageError::StorageError;
};

/// The logbook's file is not there, although pictures or backups beside its place say that there was one: this is no
/// new learner's folder.
struct MissingLogbook : StorageError {
    using StorageError::StorageError;
};

/// There is no study of this number.
struct MissingStudy : BadInput {
    using BadInput::BadInput;
};

/// One SQLite file. Every failure throws StorageError, or DamagedLogbook where the file itself is
/// at fault, naming the file and the cause.
class Database {
public:
    enum class Access {
        Write,   ///< made on first use
        ReadOnlyShared,  ///< nothing of it is changed, while another writes to it
        Salvage, ///< the same, of a logbook whose version may be an earlier one
        ReadOnly ///< nothing is written, not even beside the file; it may lie on a read-only disk
    };
    Database(const std::filesystem::path& file, Access access);
    ~Database();

    const std::filesystem::path& file() const { return file_; }
    void run(const std::string& sql) const;
    /// Brings what lies in the journal beside the file into the file, as far as nobody reads it meanwhile.
    void foldJournalIn() const;

    /// A prepared statement; text goes in and comes out as std::string.
    class Statement {
    public:
        Statement(const Database& database, const std::string& sql);
        ~Statement();
        Statement(const Statement&) = delete;
        Statement& operator=(const Statement&) = delete;

        Statement& bind(std::string_view text);
        Statement& bind(std::int64_t number);
        Statement& bind(double number);
        /// Moves to the next row; false when there is none.
        bool next();
        std::string text(int column) const;
        std::int64_t integer(int column) const;
        double real(int column) const;

    private:
        const Database& database_;
        sqlite3_stmt* statement_ = nullptr;
        int bound_ = 0;
    };

    /// Everything done while it lives is done as one, or not at all when `commit` is not reached. Within another it is
    /// a part of that one.
    class Transaction {
    public:
        explicit Transaction(const Database& database);
        ~Transaction();
        Transaction(const Transaction&) = delete;
        Transaction& operator=(const Transaction&) = delete;
        void commit();

    private:
        const Database& database_;
        bool isNested_;
        bool open_ = true;
    };

private:
    void check(int result) const;
    struct Close {
        void operator()(sqlite3* db) const;
    };
    std::filesystem::path file_;
    std::unique_ptr<sqlite3, Close> db_;
};

} // namespace zokran
