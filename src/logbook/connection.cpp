#include "logbook/connection.hpp"

#include <sqlite3.h>

namespace sobremesa::logbook {

units::Error book_error(const std::string& path, int code, const std::string& reason) {
    using units::ErrorCode;
    units::Error error;
    error.where.file = path;
    error.parameters = {{"reason", reason}};
    switch (code & 0xFF) {
    case SQLITE_FULL: error.code = ErrorCode::book_full; break;
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB: error.code = ErrorCode::book_damaged; break;
    case SQLITE_READONLY: error.code = ErrorCode::book_read_only; break;
    case SQLITE_BUSY:
    case SQLITE_LOCKED: error.code = ErrorCode::book_in_use; break;
    case SQLITE_CANTOPEN: error.code = ErrorCode::file_unreadable; break;
    default: error.code = ErrorCode::book_failed; break;
    }
    return error;
}

void Statement::Finalize::operator()(sqlite3_stmt* statement) const {
    sqlite3_finalize(statement);
}

Statement::Statement(sqlite3* database, const char* sql) {
    sqlite3_stmt* statement = nullptr;
    code_ = sqlite3_prepare_v2(database, sql, -1, &statement, nullptr);
    statement_.reset(statement);
}

Statement& Statement::bind(std::int64_t value) {
    sqlite3_bind_int64(statement_.get(), next_++, value);
    return *this;
}

Statement& Statement::bind(const std::string& text) {
    sqlite3_bind_text64(statement_.get(), next_++, text.data(), text.size(), SQLITE_TRANSIENT, SQLITE_UTF8);
    return *this;
}

Statement& Statement::bindBlob(std::string_view bytes) {
    sqlite3_bind_blob64(statement_.get(), next_++, bytes.data(), bytes.size(), SQLITE_TRANSIENT);
    return *this;
}

Statement& Statement::bindNull() {
    sqlite3_bind_null(statement_.get(), next_++);
    return *this;
}

bool Statement::step() {
    if (!statement_) return false;
    code_ = sqlite3_step(statement_.get());
    return code_ == SQLITE_ROW;
}

void Statement::reset() {
    if (statement_) sqlite3_reset(statement_.get());
    next_ = 1;
}

std::int64_t Statement::integer(int column) const {
    return sqlite3_column_int64(statement_.get(), column);
}

std::string Statement::text(int column) const {
    const auto* text = reinterpret_cast<const char*>(sqlite3_column_text(statement_.get(), column));
    return text ? std::string(text, std::size_t(sqlite3_column_bytes(statement_.get(), column))) : std::string();
}

std::string_view Statement::blob(int column) const {
    const auto* bytes = static_cast<const char*>(sqlite3_column_blob(statement_.get(), column));
    return {bytes, std::size_t(sqlite3_column_bytes(statement_.get(), column))};
}

void Connection::Close::operator()(sqlite3* database) const {
    sqlite3_close_v2(database);
}

units::Result<Connection> Connection::open(const std::string& path, Mode mode, const std::string& vfs) {
    constexpr int patience_ms = 2000;
    Connection connection;
    connection.path_ = path;
    int flags = mode == Mode::create ? SQLITE_OPEN_READWRITE | SQLITE_OPEN_CREATE : SQLITE_OPEN_READONLY;
    std::string name = path;
    if (mode == Mode::immutable) {
        flags |= SQLITE_OPEN_URI;
        // Only these three mean something in a file URI's path.
        std::string escaped;
        for (const char c : path) {
            if (c == '%')
                escaped += "%25";
            else if (c == '?')
                escaped += "%3f";
            else if (c == '#')
                escaped += "%23";
            else
                escaped += c;
        }
        name = "file:" + escaped + "?immutable=1";
    }
    sqlite3* database = nullptr;
    const int code = sqlite3_open_v2(name.c_str(), &database, flags, vfs.empty() ? nullptr : vfs.c_str());
    connection.database_.reset(database);
    if (code != SQLITE_OK) return tl::unexpected(book_error(path, code, sqlite3_errstr(code)));
    sqlite3_busy_timeout(database, patience_ms);
    return connection;
}

units::Error Connection::error() const {
    return book_error(path_, sqlite3_errcode(database_.get()), sqlite3_errmsg(database_.get()));
}

units::Result<void> Connection::run(const char* sql) {
    if (sqlite3_exec(database_.get(), sql, nullptr, nullptr, nullptr) != SQLITE_OK) return tl::unexpected(error());
    return {};
}

units::Result<void> Connection::run(Statement& statement) {
    while (statement.step()) {
    }
    if (statement.code() != SQLITE_DONE) return tl::unexpected(error());
    return {};
}

units::Result<std::int64_t> Connection::integer(const char* sql) {
    Statement statement = prepare(sql);
    if (statement.step()) return statement.integer(0);
    if (statement.code() != SQLITE_DONE) return tl::unexpected(error());
    return 0;
}

units::Result<std::string> Connection::text(const char* sql) {
    Statement statement = prepare(sql);
    if (statement.step()) return statement.text(0);
    if (statement.code() != SQLITE_DONE) return tl::unexpected(error());
    return std::string();
}

std::int64_t Connection::lastRow() const {
    return sqlite3_last_insert_rowid(database_.get());
}

} // namespace sobremesa::logbook
