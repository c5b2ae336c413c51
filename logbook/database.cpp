#include "logbook/database.h"

#include <fmt/format.h>
#include <sqlite3.h>

namespace zokran {

void Database::Close::operator()(sqlite3* db) const {
    sqlite3_close(db);
}

void Database::check(int result) const {
    if (result == SQLITE_OK)
        return;
    const std::string message =
        fmt::format("{}: {}", file_.string(), db_ ? sqlite3_errmsg(db_.get()) : "out of memory");
    if (result == SQLITE_CORRUPT || result == SQLITE_NOTADB)
        throw DamagedLogbook(message);
    throw StorageError(message);
}

Database::Database(const std::filesystem::path& file, Access access) : file_(file) {
    sqlite3* db = nullptr;
    int result = 0;
    if (access == Access::Write) {
        result = sqlite3_open(file.c_str(), &db);
    } else if (access == Access::ReadOnlyShared || access == Access::Salvage) {
        result = sqlite3_open_v2(file.c_str(), &db, SQLITE_OPEN_READONLY, nullptr);
    } else {
        // As an immutable file it needs no lock and no journal beside it. In a URI some letters
        // have a meaning of their own.
        std::string uri = "file:";
        for (const char c : file.string())
            if (c == '%' || c == '?' || c == '#')
                uri += fmt::format("%{:02x}", static_cast<unsigned char>(c));
            else
                uri += c;
        uri += "?immutable=1";
        result = sqlite3_open_v2(uri.c_str(), &db, SQLITE_OPEN_READONLY | SQLITE_OPEN_URI, nullptr);
    }
    db_.reset(db);
    check(result);
    sqlite3_busy_timeout(db, 2000);
}

Database::~Database() = default;

void Database::run(const std::string& sql) const {
    check(sqlite3_exec(db_.get(), sql.c_str(), nullptr, nullptr, nullptr));
}

void Database::foldJournalIn() const {
    run("PRAGMA wal_checkpoint(TRUNCATE)");
}

Database::Statement::Statement(const Database& database, const std::string& sql)
    : database_(database) {
    database_.check(sqlite3_prepare_v2(database_.db_.get(), sql.c_str(), -1, &statement_, nullptr));
}

Database::Statement::~Statement() {
    sqlite3_finalize(statement_);
}

Database::Statement& Database::Statement::bind(std::string_view text) {
    database_.check(sqlite3_bind_text(statement_, ++bound_, text.data(),
                                      static_cast<int>(text.size()), SQLITE_TRANSIENT));
    return *this;
}

Database::Statement& Database::Statement::bind(std::int64_t number) {
    database_.check(sqlite3_bind_int64(statement_, ++bound_, number));
    return *this;
}

Database::Statement& Database::Statement::bind(double number) {
    database_.check(sqlite3_bind_double(statement_, ++bound_, number));
    return *this;
}

bool Database::Statement::next() {
    const int result = sqlite3_step(statement_);
    if (result != SQLITE_ROW && result != SQLITE_DONE)
        database_.check(result);
    return result == SQLITE_ROW;
}

std::string Database::Statement::text(int column) const {
    const auto* t = reinterpret_cast<const char*>(sqlite3_column_text(statement_, column));
    return t ? t : "";
}

std::int64_t Database::Statement::integer(int column) const {
    return sqlite3_column_int64(statement_, column);
}

double Database::Statement::real(int column) const {
    return sqlite3_column_double(statement_, column);
}

Database::Transaction::Transaction(const Database& database)
    : database_(database), isNested_(!sqlite3_get_autocommit(database.db_.get())) {
    database_.run(isNested_ ? "SAVEPOINT part" : "BEGIN IMMEDIATE");
}

Database::Transaction::~Transaction() {
    if (open_)
        sqlite3_exec(database_.db_.get(), isNested_ ? "ROLLBACK TO part; RELEASE part" : "ROLLBACK", nullptr, nullptr,
                     nullptr);
}

void Database::Transaction::commit() {
    database_.run(isNested_ ? "RELEASE part" : "COMMIT");
    open_ = false;
}

} // namespace zokran
